export * from './opening-moves';
export * from './procedures';
export * from './put-test';
export * from './fork';
export * from './attributes';
export * from './odds';
