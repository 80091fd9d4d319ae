export * from './gray';
export * from './prepare';
export * from './letters';
export * from './screen-text';
export * from './figures';
export * from './mend-number';
export * from './value-row';
export * from './ocr';
