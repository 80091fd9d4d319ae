export * from './opening-moves';
