export * from './access';
export * from './argument';
export * from './cases';
export * from './evidence';
export * from './shop';
