export * from './entry';
export * from './limit';
export * from './test-verdict';
export * from './units';
export * from './verdict';
