export * from './names';
export * from './judge-live';
