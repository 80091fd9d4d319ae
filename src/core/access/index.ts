export * from './roles';
export * from './writes';
export * from './secrets';
