export * from './review';
export * from './review-csv';
export * from './period';
