import { inPieces, withoutLongRuns } from '@/core/text/long-runs';

/** One line of a report, with what can be seen of it alone. */
export interface Line {
  /** From 1, as the text has it. */
  n: number;
  raw: string;
  /** Without blanks and bullets around it, no-break spaces made blanks. */
  text: string;
  indent: number;
  /** By tabs, pipes, semicolons, dotted leaders or runs of blanks; one cell where there are none. */
  cells: string[];
}

/** Longer lines are read in pieces: a report whose line breaks were lost, or no report at all. */
const LONGEST_LINE = 1500;
/** Rules, and rows of a table in which every cell is empty. */
const RULE = /^[-=_*#~.\s|+;,─│┌┐└┘├┤┬┴┼═║]*$/u;

/**
 * Takes a text apart into its lines; rules and empty lines are left out, but counted.
 *
 * @param text the whole report
 * @returns lines in order
 */
export function linesOf(text: string): Line[] {
  return text.split(/\r\n|\r|\n/u).flatMap((whole, i) =>
    inPieces(whole, LONGEST_LINE).flatMap((raw): Line[] => {
      const line = raw.replace(/[\u00a0\u2007\u202f]/g, ' ').replace(/[\f\u200b\ufeff]/g, '');
      if (RULE.test(line)) return [];
      const cells = cellsOf(line);
      const text = withoutLongRuns(line)
        .trim()
        .replace(/^[│║|]\s*|\s*[│║|]$/gu, '')
        .replace(
          /^(?:[-–•*·▪►>✓✔✗✘☑☒☐●○■□◆⚠]+|[?!](?=\s+\p{L})|\(\d{1,3}\)|\[\s*[-–x✓✗]?\s*\](?=\s))\s+(?=\S)/u,
          '',
        );
      return [{ n: i + 1, raw, text, indent: line.length - line.trimStart().length, cells }];
    }),
  );
}

/** The cells of a line. */
export function cellsOf(line: string): string[] {
  const body = withoutLongRuns(line.trim());
  const by = separatorOf(body);
  const cells = (by.source.includes('s{2') ? body : withoutLongRuns(line)).split(by).map((c) => c.trim());
  if (cells.length > 1 && cells[0] === '' && by.source.includes('|')) cells.shift();
  if (cells.length > 1 && cells.at(-1) === '' && by.source.includes('|')) cells.pop();
  return cells;
}

function separatorOf(body: string): RegExp {
  if (body.includes('\t')) return /\t/u;
  if (/[|│║]/u.test(body)) return /[|│║]/u;
  return (body.match(/;/g)?.length ?? 0) >= 2 ? /;/u : /\s{2,}|\s?\.{3,}\s?/u;
}

/** The cells of one line of a CSV; quotes may hold the separator, doubled quotes stand for one. */
export function quotedCells(line: string, separator: string): string[] {
  const out = [''];
  let quoted = false;
  for (let i = 0; i < line.length; i++) {
    const ch = line[i]!;
    if (ch === '"') {
      if (quoted && line[i + 1] === '"') out[out.length - 1] += line[++i]!;
      else quoted = !quoted;
    } else if (ch === separator && !quoted) out.push('');
    else out[out.length - 1] += ch;
  }
  return out.map((c) => c.trim());
}
