export * from './case-file';
export * from './read-case-file';
export * from './without-place';
export * from './assemble';
export * from './write-case-file';
export * from './tables';
export * from './bulletin-file';
export * from './shop-file';
