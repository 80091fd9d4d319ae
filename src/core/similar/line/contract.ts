import type { Catalogue } from '@/core/cause';
import type { Chip, KnownWords } from '../chips';

/** A search line while it is read: chips so far, and what no reader has taken yet. */
export class LineText {
  readonly chips: Chip[] = [];
  /** Parts that were named within the words of a symptom. */
  readonly within: Chip[] = [];
  /** What is left, words between single spaces; a comma stands where something was taken out. */
  rest: string;

  /** @param line as typed */
  constructor(readonly line: string) {
    this.rest = ` ${line
      .normalize('NFKC')
      .replace(/[’`´]/g, "'")
      .replace(/[,;]+(?!\d)/g, ' , ')
      .replace(/[?!]+(?= |$)/g, ' , ')
      .replace(/\s+/g, ' ')} `;
  }

  /** The words left, in order. */
  words(): string[] {
    return this.rest.split(/[\s,]+/).filter(Boolean);
  }

  /** Takes words out of the rest and puts a chip for them; words that are not there any more do nothing. */
  take(words: string, chip: Omit<Chip, 'words'>, wall = false): boolean {
    const at = this.rest.indexOf(` ${words} `);
    if (at < 0) return false;
    this.chips.push({ ...chip, words });
    this.rest = `${this.rest.slice(0, at)} ${wall ? ', ' : ''} ${this.rest.slice(at + words.length + 2)}`;
    return true;
  }

  /** Takes every place that a pattern meets and that `chip` makes something of; the pattern meets whole words. */
  takeAll(pattern: RegExp, chip: (m: RegExpMatchArray) => Omit<Chip, 'words'> | undefined): void {
    for (const m of [...this.rest.matchAll(pattern)]) {
      const found = chip(m);
      if (found) this.take(m[0].trim(), found);
    }
  }
}

/**
 * Reads one kind of thing out of a line. Readers run one after another, each on what those before it left: what is
 * read by its shape before what is read by its words. A new kind of chip is one new reader.
 */
export type LineReader = (text: LineText, known: KnownWords, catalogue: Catalogue) => void;
