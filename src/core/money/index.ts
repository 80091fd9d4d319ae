export * from './price';
export * from './estimate';
