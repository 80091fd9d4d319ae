export { CHECKS } from './all';
export * from './contract';
export { ANY, MISSING, type ColumnInfo, type FieldInfo } from './fields';
export * from './judge';
export * from './run';
export * from './search';
