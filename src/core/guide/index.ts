export * from './opening-moves';
export * from './procedures';
export * from './put-test';
export * from './fork';
