import { describe, expect, it } from 'vitest';
import { keepBoth } from '@/core/case';
import { searchChecks } from '@/core/checks';
import { liveName, readCode, readFrameLog, readScan } from '@/core/codes';
import { readCaseNumbers } from '@/core/exchange/case-numbers';
import * as records from '@/core/exchange/old-records';
import { readTextTable } from '@/core/exchange/table-files';
import { readPrice } from '@/core/money';
import { judgeReading, pastedLine, readEntry, readLimit, readMany, uncertainty } from '@/core/readings';
import { Catalogue, starterItems } from '@/core/cause';
import { changedInVain } from '@/core/cause/changed-before';
import { SHIPPED, symptomsByClause } from '@/core/symptoms';
import { previewFile } from '@/core/traces/files';
import { plateThatTells, readBanks, readFiringOrder, readVin, vinsIn } from '@/core/vehicle';
import { inPieces, withoutLongRuns } from './long-runs';
import fc from 'fast-check';
import { fromXml } from '@/core/codes/report/objects';

/** What reads text from outside, with the longest text that can reach it. */
const LIST = new Catalogue(starterItems());
const PARSERS: readonly [name: string, most: number, read: (text: string) => unknown][] = [
  ['scan report', 1 << 15, (t) => readScan(t)],
  ['scan report as XML', 1 << 17, (t) => fromXml(`<r>${t}</r>`)],
  ['frame log', 1 << 20, (t) => readFrameLog(t)],
  ['table', 1 << 19, (t) => readTextTable(t)],
  ['recording', 1 << 19, (t) => previewFile(new TextEncoder().encode(t), 'a.csv', t.length)],
  ['complaint', 20_000, (t) => SHIPPED.read(t)],
  ['complaint by clause', 20_000, (t) => symptomsByClause(SHIPPED, t)],
  ['parts changed before', 20_000, (t) => changedInVain(`${t} replaced the coil ${t} no change`, LIST)],
  ['pasted values', 20_000, (t) => pastedLine(t)],
  ['VINs in a text', 20_000, (t) => vinsIn(t)],
  ['numbers of cases', 4000, (t) => readCaseNumbers(t)],
  ['two versions', 20_000, (t) => keepBoth('case', 'said', t, `${t} more`)],
  ['code', 400, (t) => readCode(t)],
  ['entry', 400, (t) => readEntry(t)],
  ['limit', 400, (t) => readLimit(t)],
  ['values', 400, (t) => readMany(t)],
  ['limit of a reading', 400, (t) => judgeReading('1.2 V', t)],
  ['accuracy', 400, (t) => uncertainty(t, { value: 1, unit: 'V' }, 1)],
  ['price', 400, (t) => readPrice(t, 'EUR')],
  ['VIN', 400, (t) => readVin(t)],
  ['firing order', 400, (t) => readFiringOrder(t, 4)],
  ['banks', 400, (t) => readBanks(t, 4)],
  ['plate', 400, (t) => plateThatTells(t)],
  ['live value', 400, (t) => liveName(t)],
  ['search for a check', 400, (t) => searchChecks(t)],
  ['day', 400, (t) => records.readDay(t, undefined)],
  ['head of a column', 400, (t) => records.fieldsOfHead(t)],
  ['vehicle in a cell', 400, (t) => records.readVehicleWords(t, ['Haldric'])],
];

/** What makes patterns run away: long runs, and pieces that nearly match again and again. */
const PIECES = [
  ...[' ', '.', ',', '1', 'a', '(', '"', ':', '-', '\t', '\n'],
  // Words that mean something, again and again: each is held against all the others.
  ...['the wiper stalls and it dies ', 'horn dead, ', 'it stalls no '],
  ...[
    'P0171 ',
    'replaced ',
    'still no ',
    'P0171\n',
    'no ',
    'and ',
    'status: ',
    '1 V, ',
    'a  b  c\n',
    '<td>',
    '{"',
  ],
];

/** Seconds of the processor, not of the clock: other work on the machine must not count. */
const seconds = (read: (text: string) => unknown, text: string): number => {
  const from = process.cpuUsage();
  try {
    read(text);
  } catch {
    // A refusal is an answer.
  }
  const { user, system } = process.cpuUsage(from);
  return (user + system) / 1e6;
};

/** Twice 2.5: the text is four times as long. What takes the square of its length grows sixteenfold, however often. */
const MOST_GROWTH = 6.25;

describe('reading text of any kind takes time that grows with its length', () => {
  it.each(PARSERS)('%s', (_, most, read) => {
    for (const piece of PIECES) {
      const long = piece.repeat(Math.ceil(most / piece.length)).slice(0, most - 2) + '!x';
      const quarter = long.slice(0, most / 4 - 2) + '!x';
      const whole = seconds(read, long);
      if (whole < 0.15) continue;
      // Measured again where another process may have been in the way.
      const growth = (all: number) => all / Math.max(0.004, seconds(read, quarter));
      let grown = growth(whole);
      for (let again = 0; again < 5 && grown >= MOST_GROWTH; again++)
        grown = Math.min(grown, growth(seconds(read, long)));
      expect(grown, `${JSON.stringify(piece)}: ${whole.toFixed(2)} s for ${most} characters`).toBeLessThan(
        MOST_GROWTH,
      );
      expect(whole).toBeLessThan(8);
    }
  });

  it('a report of a megabyte, doubled', () => {
    for (const piece of [' ', 'status: stored, ']) {
      const of = (n: number) => seconds((t) => readScan(t), piece.repeat(n / piece.length));
      const growth = () => of(1 << 20) / Math.max(0.01, of(1 << 19));
      let grown = growth();
      for (let again = 0; again < 3 && grown >= 2.5; again++) grown = Math.min(grown, growth());
      expect(grown, piece).toBeLessThan(2.5);
    }
  });
});

describe('runs', () => {
  it('are shortened, and nothing else is changed', () => {
    expect(withoutLongRuns(`P0171${' '.repeat(800)}lean`)).toBe(`P0171${' '.repeat(24)}lean`);
    expect(withoutLongRuns('....'.repeat(300))).toBe('.'.repeat(24));
    expect(withoutLongRuns('too lean  (bank 1) . . . . . . . . . . stored')).toBe(
      'too lean  (bank 1) . . . . . . . . . . stored',
    );
  });

  it('pieces are what the line was, and no longer than asked', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 300 }), fc.integer({ min: 1, max: 40 }), (line, most) => {
        const pieces = inPieces(line, most);
        expect(pieces.join('')).toBe(line);
        expect(Math.max(...pieces.map((p) => p.length))).toBeLessThanOrEqual(most);
      }),
    );
  });
});
