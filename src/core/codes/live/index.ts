export * from './names';
export * from './judge-live';
export * from './siblings';
export * from './live-fits';
export * from './mend-name';
