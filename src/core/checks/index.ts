export { CHECKS } from './all';
export type * from './circuit-drawing';
export * from './contract';
export * from './judge';
export * from './optimistic-update';
export * from './reading-bars';
export * from './rows';
export * from './run';
export * from './search';
