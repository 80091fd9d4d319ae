export * from './names';
export * from './judge-live';
export * from './siblings';
