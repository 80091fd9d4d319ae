export * from './conclude';
export * from './judge-case';
