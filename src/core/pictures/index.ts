export * from './gray';
export * from './prepare';
export * from './letters';
export * from './screen-text';
