export * from './layout';
export * from './nearness';
export * from './vin';
export * from './vin-patterns';
export * from './vin-in-text';
export * from './recognise';
