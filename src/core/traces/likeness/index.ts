export { differencesOf, type Difference } from './differences';
export { distanceOf } from './distance';
export { fingerprintOf, type Fingerprint } from './fingerprint';
export { ALIKE, closeness, nearestPrints } from './nearest';
export { FINGERPRINT_VERSION, packFingerprint, unpackFingerprint } from './packed';
export { bestPlace, stretchIn, type Stretch } from './stretch';
