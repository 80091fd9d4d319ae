export * from './catalogue';
export * from './cover';
export * from './grade';
export * from './starter';
