export * from './channel';
export * from './contract';
export * from './crank';
export * from './decimate';
export * from './engine';
export * from './ran';
export * from './settings';
export * from './sheet';
export { ANALYSES } from './analyses';
