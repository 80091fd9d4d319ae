export * from './regions';
