export * from './apply';
export * from './argument';
export * from './catalogue-item';
export * from './change';
export * from './complaint';
export * from './evidence';
export * from './kinds';
export * from './procedure';
