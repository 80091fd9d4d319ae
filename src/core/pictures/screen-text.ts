import { looksLikeCode, mendCode, SURE_ENOUGH, type CodeReading } from '../codes';
import type { Figures } from './figures';
import type { OcrLine, OcrWord, Place } from './ocr';
import { furtherValues, mayBeValue, valueRow, wordsOfValue } from './value-row';

/** The text of a screen, line by line, and how sure each line is. */
export interface ScreenText {
  text: string;
  /** 0 to 1 for each line of the text; under 0.8 a person has to look. */
  sure: number[];
}

/** Looks closer at a place of the picture than a reading of the whole does. */
export interface Closer {
  /** Reads a line again, in other ways: several readings of it. */
  readAgain: (line: Place) => Promise<OcrLine[]>;
  /** What the shapes of a number show. */
  figuresAt: (number: Place) => Figures | undefined;
}

/** A code, or a word. */
const WORDS = /^[PCBU]\d|\p{L}{4}|\d{2}.*\p{L}{2}/u;
/** Lines less sure than this are no letters but what a picture has besides. */
const LEAST = 0.6;
/** A letter or two alone less sure than this are no text. */
const SPECK = 0.8;

/**
 * The text of a screen from two readings of its picture. Columns of faults beside each other are taken apart; each
 * code is read again by itself, and grammar, dictionary and wording decide what its letters were.
 *
 * @param passes lines of each reading, both of pictures of one size
 * @param closer looks at a place again
 * @param progress told the share that is done, 0 to 1
 * @returns the lines from top to bottom, column by column
 */
export async function screenText(
  passes: readonly (readonly OcrLine[])[],
  closer: Closer,
  progress: (share: number) => void = () => undefined,
): Promise<ScreenText> {
  const columns = apart(passes.map((lines) => lines.map(withoutNoise).filter((l) => l.length > 0)));
  const out: ScreenText = { text: '', sure: [] };
  const texts: string[] = [];
  for (const [c, column] of columns.entries()) {
    const rows = together(column).flatMap(valuesApart);
    for (const [i, row] of rows.entries()) {
      progress((c + i / rows.length) / columns.length);
      const { text, sure } = await readRow(row, rows.slice(i + 1, i + 3), closer);
      if (text === '' || (sure < LEAST && !/^[PCBU]\d/.test(text))) continue;
      // A speck read as a letter or two, and not for sure.
      if (sure < SPECK && (text.match(/[\p{L}\p{N}]/gu)?.length ?? 0) < 3) continue;
      texts.push(text);
      out.sure.push(sure);
    }
  }
  // Fur, leaves and scratches are read as a letter here and there; a text has words.
  return texts.some((t) => WORDS.test(t)) ? { ...out, text: texts.join('\n') } : { text: '', sure: [] };
}

/** Signs without a letter or a figure in them, and what was hardly read. */
const withoutNoise = (line: OcrLine): OcrLine =>
  line.filter((w) => /[\p{L}\p{N}]/u.test(w.text) && (w.confidence >= 25 || looksLikeCode(w.text)));

/** Where several lines have a second code far to the right, what stands from there on is a column of its own. */
function apart(passes: readonly (readonly OcrLine[])[]): (readonly OcrLine[])[][] {
  const seconds = passes.flatMap((lines) =>
    lines.flatMap((l) => {
      const codes = l.filter((w) => looksLikeCode(w.text));
      return codes.length >= 2 ? [codes[1]!.left] : [];
    }),
  );
  if (seconds.length < 2) return [passes.map((p) => [...p])];
  const cut = Math.min(...seconds) - 12;
  const side = (keep: (w: OcrWord) => boolean) =>
    passes.map((lines) => lines.map((l) => l.filter(keep)).filter((l) => l.length > 0));
  return [side((w) => w.left < cut), side((w) => w.left >= cut)];
}

/** Lines of the readings that are the same line of the picture, from top to bottom. */
function together(passes: readonly (readonly OcrLine[])[]): OcrLine[][] {
  const rows: { lines: OcrLine[]; pass: Set<number> }[] = [];
  passes.forEach((lines, p) => {
    for (const line of lines) {
      const middle = line.reduce((s, w) => s + (w.top + w.bottom) / 2, 0) / line.length;
      const row = rows.find(
        (r) =>
          !r.pass.has(p) &&
          r.lines.some(
            (l) => middle > Math.min(...l.map((w) => w.top)) && middle < Math.max(...l.map((w) => w.bottom)),
          ),
      );
      if (row) {
        row.lines.push(line);
        row.pass.add(p);
      } else rows.push({ lines: [line], pass: new Set([p]) });
    }
  });
  const top = (r: { lines: OcrLine[] }) => r.lines[0]!.reduce((s, w) => s + w.top, 0) / r.lines[0]!.length;
  return rows.sort((a, b) => top(a) - top(b)).map((r) => r.lines);
}

/** A row that holds several values beside each other, as a row for each. */
function valuesApart(row: OcrLine[]): OcrLine[][] {
  const cuts = row.map(furtherValues).sort((a, b) => b.length - a.length)[0]!;
  if (cuts.length === 0) return [row];
  const edges = [-Infinity, ...cuts.map((x) => x - 3), Infinity];
  return edges
    .slice(1)
    .map((to, i) =>
      row.map((l) => l.filter((w) => w.left >= edges[i]! && w.left < to)).filter((l) => l.length > 0),
    );
}

const confidenceOf = (line: OcrLine): number =>
  line.reduce((s, w) => s + w.confidence * w.text.length, 0) /
  Math.max(
    1,
    line.reduce((s, w) => s + w.text.length, 0),
  );

/** Words with the blanks that stand between them: columns stay columns. */
function textOf(line: OcrLine): string {
  const height = Math.max(...line.map((w) => w.bottom - w.top), 1);
  const gap = (w: OcrWord, before: OcrWord) => (w.left - before.right > 1.1 * height ? '   ' : ' ');
  return line.map((w, i) => (i === 0 ? '' : gap(w, line[i - 1]!)) + w.text).join('');
}

/** A code with some of the words behind it. */
function around(code: OcrWord, row: readonly OcrLine[]): Place {
  const words = row.find((l) => l.includes(code)) ?? [code];
  const far = code.right + 14 * (code.bottom - code.top);
  const behind = words.filter((w) => w.left >= code.left && w.right <= far);
  return {
    left: code.left,
    right: Math.max(code.right, ...behind.map((w) => w.right)),
    top: Math.min(...behind.map((w) => w.top), code.top),
    bottom: Math.max(...behind.map((w) => w.bottom), code.bottom),
  };
}

const boxOf = (words: readonly Place[]): Place => ({
  left: Math.min(...words.map((w) => w.left)),
  right: Math.max(...words.map((w) => w.right)),
  top: Math.min(...words.map((w) => w.top)),
  bottom: Math.max(...words.map((w) => w.bottom)),
});

async function readRow(
  row: readonly OcrLine[],
  below: readonly OcrLine[][],
  { readAgain, figuresAt }: Closer,
): Promise<{ text: string; sure: number }> {
  const best = [...row].sort((a, b) => confidenceOf(b) - confidenceOf(a))[0]!;
  const sure = Math.max(0, Math.min(1, confidenceOf(best) / 100));
  const place = row.flatMap((l) => l.filter((w) => looksLikeCode(w.text)).slice(0, 1))[0];
  if (!place && mayBeValue(row)) {
    const value = valueRow(row, figuresAt);
    if (value && value.sure >= SURE_ENOUGH) return value;
    const again = await readAgain(boxOf(row.flatMap(wordsOfValue)));
    return valueRow([...row, ...again], figuresAt) ?? { text: textOf(best), sure: Math.min(sure, 0.6) };
  }
  if (!place) return { text: textOf(best), sure };
  const readings: CodeReading[] = [
    ...row.flatMap((l) =>
      l
        .filter((w) => looksLikeCode(w.text))
        .slice(0, 1)
        .map((w) => ({ text: w.text, confidence: w.confidence })),
    ),
    // The reader knows a letter by its neighbours: a code alone is read far worse than its line. Of its words, the
    // one that stands where the code stands.
    ...(await readAgain(around(place, row))).flatMap((l) => {
      const at = (place.left + place.right) / 2;
      const word = l.find((w) => w.left <= at && at <= w.right);
      return word ? [{ text: word.text, confidence: word.confidence }] : [];
    }),
  ];
  // The wording may stand below its code.
  const beside = row.map((l) => textOf(l.filter((w) => !looksLikeCode(w.text))));
  const worded = beside.some((t) => (t.match(/\p{L}{4,}/gu)?.length ?? 0) >= 1);
  const context = worded
    ? beside
    : below.flatMap((r) => (r.some((l) => l.some((w) => looksLikeCode(w.text))) ? [] : r.map(textOf)));
  const mended = mendCode(readings, context.join(' '));
  const own = best.find((w) => looksLikeCode(w.text)) ?? undefined;
  const rest = own ? best.filter((w) => w !== own && (w.left > own.left || w.confidence > 60)) : best;
  const words = rest.length ? textOf(rest) : '';
  if (!mended) return { text: textOf(best), sure: Math.min(sure, 0.6) };
  return { text: `${mended.code}   ${words}`.trim(), sure: mended.sure };
}
