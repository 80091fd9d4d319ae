/** Name of the draft that says which case is guided on this device, and which of its steps were skipped. */
export const FIRST_CASE_DRAFT = 'first-case';
/** Set before the case is there: the next empty one that opens is guided. */
export const GUIDE_NEXT = 'next';
