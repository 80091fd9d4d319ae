export * from './nearness';
export * from './vin';
