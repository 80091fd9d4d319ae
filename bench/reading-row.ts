/** What was read of one text, beside what it means. */
export interface Count {
  right: number;
  wrong: string[];
  unread: string[];
}

/** The head of a table of readings; `of` is what was read. */
export const readingHead = (of: string): string[] => [
  `| ${of} | | right | wrong | unread |`,
  '| --- | ---: | ---: | ---: | ---: |',
];

/** A row of it: of all that was meant, how much was right, how much was read that was not meant, how much was not read. */
export function readingRow(name: string, all: readonly Count[]): string {
  const right = all.reduce((n, j) => n + j.right, 0);
  const wrong = all.reduce((n, j) => n + j.wrong.length, 0);
  const unread = all.reduce((n, j) => n + j.unread.length, 0);
  const percent = (x: number) => `${((100 * x) / (right + unread)).toFixed(1)} %`;
  return `| ${name} | ${all.length} | ${percent(right)} | ${percent(wrong)} | ${percent(unread)} |`;
}
