export * from './edges';
export * from './filter';
export * from './levels';
export * from './robust';
export * from './train';
export * from './walk';
