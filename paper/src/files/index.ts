export * from './html';
export * from './Materials';
export * from './pdf';
export * from './sheets';
export * from './word';
