export { CHECKS } from './all';
export * from './contract';
export * from './judge';
export * from './lay-over';
export * from './rows';
export * from './run';
export * from './search';
