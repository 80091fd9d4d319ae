export { CHECKS } from './all';
export * from './contract';
export { ANY, MISSING, type ColumnInfo, type FieldInfo, type Given } from './fields';
export * from './judge';
export * from './lay-over';
export * from './rows';
export * from './run';
export * from './search';
