export { CHECKS } from './all';
export * from './contract';
export * from './judge';
export * from './optimistic-update';
export * from './rows';
export * from './run';
export * from './search';
