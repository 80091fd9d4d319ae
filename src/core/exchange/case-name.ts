/** How a case is named in a sentence. */
export const caseName = (number: number): string => `Case ${number}`;
