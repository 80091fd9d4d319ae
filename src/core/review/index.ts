export * from './review';
export * from './review-csv';
