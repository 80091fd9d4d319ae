/** What was read of one text, beside what it means. */
export interface Count {
  right: number;
  wrong: string[];
  unread: string[];
  /** What was not read and is asked instead. */
  asked?: string[];
}

/** The head of a table of readings; `of` is what was read, `asks` whether some of it is asked. */
export const readingHead = (of: string, asks = false): string[] => [
  `| ${of} | | right | wrong | unread |${asks ? ' of those asked | asked in vain |' : ''}`,
  `| --- | ---: | ---: | ---: | ---: |${asks ? ' ---: | ---: |' : ''}`,
];

/** A row of it: of all that was meant, how much was right, how much was read that was not meant, how much was not read. */
export function readingRow(name: string, all: readonly Count[]): string {
  const sum = (of: (j: Count) => number) => all.reduce((n, j) => n + of(j), 0);
  const meant = sum((j) => j.right + j.unread.length);
  const percent = (x: number) => `${((100 * x) / meant).toFixed(1)} %`;
  const asked = ({ asked = [], unread }: Count) => asked.filter((a) => unread.includes(a)).length;
  return `| ${[
    name,
    all.length,
    percent(sum((j) => j.right)),
    percent(sum((j) => j.wrong.length)),
    percent(sum((j) => j.unread.length)),
    ...(all.some((j) => j.asked)
      ? [percent(sum(asked)), percent(sum((j) => (j.asked?.length ?? 0) - asked(j)))]
      : []),
  ].join(' | ')} |`;
}
