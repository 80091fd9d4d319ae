export * from './answers';
export * from './open-api';
export * from './operations';
