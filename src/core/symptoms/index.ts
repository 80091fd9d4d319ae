export * from './names';
export * from './conditions';
export * from './read';
export * from './vocabulary';
export * from './by-clause';
export { isDevice, nearWord } from './words';
export { canBeMet } from './phrases';
