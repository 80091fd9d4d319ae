export * from './edges';
export * from './filter';
export * from './levels';
export * from './robust';
