export * from './code';
export * from './course';
export * from './report';
