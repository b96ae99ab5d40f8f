export * from './armStyle';
export * from './colours';
