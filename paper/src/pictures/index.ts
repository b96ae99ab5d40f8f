export * from './drawPicture';
export * from './pictureConfiguration';
export * from './registerCharts';
