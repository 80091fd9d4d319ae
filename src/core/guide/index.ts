export * from './opening-moves';
export * from './procedures';
