export * from './catalogue';
export * from './cover';
export * from './grade';
export * from './starter';
export * from './comeback';
export * from './isolation';
export * from './proof-plan';
export * from './suggest';
