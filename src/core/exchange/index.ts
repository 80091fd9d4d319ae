export * from './case-file';
export * from './read-case-file';
export * from './without-place';
