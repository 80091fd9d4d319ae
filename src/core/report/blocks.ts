import type { Money } from '@/core/money';

/**
 * A report as data: one source for the page, the PDF and the Markdown. What a report says is in
 * `customer.ts` and `technician.ts`; how it looks is up to whoever draws the blocks.
 */
export type Block =
  | { kind: 'heading'; text: string }
  | { kind: 'text'; text: string; quote?: boolean }
  /** Label and value, one line each. */
  | { kind: 'facts'; rows: [string, string][] }
  | { kind: 'table'; head: string[]; rows: string[][] }
  | { kind: 'list'; items: string[] }
  | { kind: 'photos'; photos: { hash: string; name: string }[] };

export interface Report {
  title: string;
  /** Under the title: vehicle, case, date. */
  subtitle: string;
  blocks: Block[];
  /** At the foot of every page. */
  foot: string;
}

/** What a report needs to know beyond the case. */
export interface ReportContext {
  shop: string;
  /** A person's name by id; empty for nobody. */
  person: (id: string | null) => string;
  /** Name of a part or a kind of failure by id; empty when unknown. */
  catalogueName: (id: string | null) => string;
  symptomLabel: (concept: string) => string;
  conditionLabel: (id: string) => string;
  /** A moment as a day, and with its time, in the reader's own way. */
  day: (iso: string | null) => string;
  dayTime: (iso: string | null) => string;
  /** Numbers of later cases in which this one came back. */
  comebacks: number[];
  /** The shop's currency and rate for an hour. */
  money: Money;
}

/** Blocks without the empty ones; a heading with nothing under it goes too. */
export function tidy(blocks: readonly Block[]): Block[] {
  const filled = blocks.filter((b) => {
    switch (b.kind) {
      case 'heading':
      case 'text':
        return b.text.trim() !== '';
      case 'facts':
      case 'table':
        return b.rows.length > 0;
      case 'list':
        return b.items.length > 0;
      case 'photos':
        return b.photos.length > 0;
    }
  });
  return filled.filter((b, i) => b.kind !== 'heading' || (filled[i + 1]?.kind ?? 'heading') !== 'heading');
}

/** Rows of facts without those that have no value. */
export const facts = (...rows: [string, string | null | undefined][]): Block => ({
  kind: 'facts',
  rows: rows.flatMap(([label, value]): [string, string][] => (value?.trim() ? [[label, value.trim()]] : [])),
});
/**
 * A heading of a report.
 *
 * @param text its words
 * @returns the block
 */
export const heading = (text: string): Block => ({ kind: 'heading', text });
/**
 * A paragraph of a report.
 *
 * @param words its words
 * @returns the block
 */
export const text = (words: string): Block => ({ kind: 'text', text: words });
