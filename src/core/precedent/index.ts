export * from './nearness';
export * from './profile';
export * from './query';
export * from './search';
export * from './trouble';
