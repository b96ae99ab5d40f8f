export * from './entryOf';
export * from './itemAt';
export * from './tupleOf';
