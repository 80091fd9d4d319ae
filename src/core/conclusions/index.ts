export * from './conclude';
