export * from './what-was-done';
export * from './fields';
export * from './columns';
export * from './dates';
export * from './jobs';
export * from './vehicle-words';
export * from './read-job';
export * from './settings';
