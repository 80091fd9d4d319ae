export * from './types';
export { readReport } from './read';
export { beginsWithTable } from './table';
