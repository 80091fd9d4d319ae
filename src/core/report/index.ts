export * from './blocks';
export { customerReport } from './customer';
export * from './markdown';
export { technicianReport } from './technician';
