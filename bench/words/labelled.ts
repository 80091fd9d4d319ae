/** A sentence with the symptoms meant, those denied, and those that may be read and need not be. */
export interface Labelled {
  text: string;
  symptoms: string[];
  denied: string[];
  optional: string[];
}

/** Rows of `sentence | a, -denied, ?optional`; what stands behind a second bar is for the reader. */
export const labelled = (table: string): Labelled[] =>
  table
    .trim()
    .split('\n')
    .map((row) => {
      const [text = '', symptoms = ''] = row.split('|').map((c) => c.trim());
      const all = symptoms
        .split(',')
        .map((s) => s.trim())
        .filter(Boolean);
      const marked = (mark: string) => all.filter((s) => s.startsWith(mark)).map((s) => s.slice(1));
      return {
        text,
        symptoms: all.filter((s) => !/^[-?]/.test(s)),
        denied: marked('-'),
        optional: marked('?'),
      };
    });
