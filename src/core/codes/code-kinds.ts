/** What sort of fault a code speaks of; it decides which test is worth doing. */
export const CODE_KINDS = [
  'circuit',
  'circuit open',
  'circuit low',
  'circuit high',
  'range or performance',
  'intermittent',
  'mechanical limit',
  'misfire',
  'mixture',
  'leak or flow',
  'efficiency',
  'communication',
  'data invalid',
  'configuration',
  'internal failure',
  'voltage',
  'unknown',
] as const;
export type CodeKind = (typeof CODE_KINDS)[number];
