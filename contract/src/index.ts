export * from './account';
export * from './change';
export * from './experiment';
export * from './messages';
export * from './news';
export * from './observation';
export * from './records';
