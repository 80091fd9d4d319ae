export * from './types';
export { readReport } from './read';
export { beginsWithTable } from './table';
export { foldLine, kindOfReport, labelBy, ReportHints, statusWordOf } from './hints';
export { linesOf } from './split';
export { LABELS, type Label } from './labels';
export { plainText } from './unmark';
export { madeAt } from './made';
export { findCodes } from './place';
