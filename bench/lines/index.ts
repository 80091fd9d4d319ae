import { Catalogue, starterItems } from '@/core/cause';
import { readQuery, type Chip, type KnownWords } from '@/core/similar';
import { readingHead, readingRow, type Count } from '../reading-row';
import { LINES } from './lines';
import { LINES_AT_THE_TABLET } from './lines-at-the-tablet';
import { LINES_BETWEEN_JOBS } from './lines-between-jobs';
import { LINES_OF_A_WEEK } from './lines-of-a-week';
import { LINES_OF_THE_BENCH } from './lines-of-the-bench';

/** The shop the lines are typed in. */
const KNOWN: KnownWords = {
  makes: ['Korrim', 'Albera', 'Brannock'],
  models: ['Tessa', 'Shire 16', 'Vanto-X', 'Duro 250'],
  engines: ['T20D', '1.6 petrol', '2.3 diesel'],
  vins: ['ZZAX4Q77310000123'],
  readings: new Set([
    'batteri',
    'battery',
    'charg',
    'rail',
    'pressur',
    'trim',
    'coolant',
    'temp',
    'air',
    'intak',
  ]),
  people: [
    { id: 'mara', name: 'Mara Voss' },
    { id: 'jost', name: 'Jost Fenn' },
  ],
  nicknames: [{ words: 'the bus', vehicle: 'Brannock/Shire 16/2.3 diesel' }],
  today: '2026-05-20',
};
const CATALOGUE = new Catalogue(starterItems());

const SHORT: Record<string, string> = {
  make: 'mk',
  model: 'md',
  engine: 'en',
  year: 'y',
  fuel: 'fuel',
  'kind of vehicle': 'kind',
  'engine build': 'eng',
  code: 'c',
  'code family': 'cf',
  symptom: 's',
  condition: 't',
  'cause part': 'p',
  failure: 'f',
  reading: 'r',
  person: 'who',
  date: 'date',
  grade: 'g',
  state: 'st',
  number: 'n',
  like: 'like',
  vin: 'vin',
  vehicle: 'vehicle',
};

/** A chip as the labels name it; words that were not understood claim nothing. */
function named(chip: Chip): string[] {
  const short = SHORT[chip.kind];
  if (!short) return [];
  const byLabel = ['p', 'f', 'vehicle', 'r', 'who', 'date'].includes(short);
  return [`${short}:${byLabel ? chip.label : chip.value}`.toLowerCase()];
}

/** A reading or a VIN is met by what it begins with, everything else by the whole. */
const meets = (label: string, got: string) =>
  got === label || (/^(?:r|vin):/.test(label) && got.startsWith(label));

/** The one who labels calls a part by any of its names, the shop's list by one: an air-flow meter is an air flow meter. */
function alsoCalled(label: string): string[] {
  const [kind = '', name = ''] = [label.slice(0, 2), label.slice(2)];
  const item =
    kind === 'p:' || kind === 'f:' ? CATALOGUE.find(kind === 'p:' ? 'part' : 'failure', name) : undefined;
  return item ? [label, `${kind}${item.name}`.toLowerCase()] : [label];
}

/** What a line was read as, beside what it means. */
export function judgeLine(row: string): Count {
  const [line = '', meant = ''] = row.split(' | ');
  const wanted = meant
    .split(/ (?=(?:[a-z]+):)/)
    .filter(Boolean)
    .map((one) => {
      const [first = '', ...others] = one.toLowerCase().split(/\/(?=[a-z]*:?)/);
      const kind = first.slice(0, first.indexOf(':') + 1);
      return [first, ...others.map((o) => (/^[a-z]+:/.test(o) ? o : kind + o))].flatMap(alsoCalled);
    });
  const chips = readQuery(line, KNOWN, CATALOGUE);
  // A guess is shown as a question, and counts as one.
  const read = chips.filter((c) => !c.guess).flatMap(named);
  const asked = chips.filter((c) => c.guess).flatMap(named);
  const unread = wanted.filter((any) => !any.some((l) => read.some((r) => meets(l, r))));
  return {
    right: wanted.length - unread.length,
    wrong: read.filter((r) => !wanted.flat().some((l) => meets(l, r))),
    unread: unread.map((any) => any.join('/')),
    asked: [
      ...unread.flatMap((any) => (any.some((l) => asked.some((r) => meets(l, r))) ? [any.join('/')] : [])),
      ...asked.filter((r) => !wanted.flat().some((l) => meets(l, r))),
    ],
  };
}

const half = (rest: number) =>
  [LINES, LINES_OF_THE_BENCH, LINES_OF_A_WEEK, LINES_BETWEEN_JOBS, LINES_AT_THE_TABLET].map((l) =>
    l.filter((_, i) => i % 2 === rest),
  );
export const LOOKED_AT = half(0).flat();
export const HELD_OUT = half(1).flat();

const rowOf = (name: string, lines: readonly string[]): string => readingRow(name, lines.map(judgeLine));

/** Lines of the search field read into chips, of all that was meant. */
export function lines(): string {
  return [
    ...readingHead('Lines', true),
    rowOf('looked at while mending: the first set', half(0)[0]!),
    rowOf('looked at while mending: at the bench', half(0)[1]!),
    rowOf('looked at while mending: of a week', half(0)[2]!),
    rowOf('looked at while mending: between jobs', half(0)[3]!),
    rowOf('looked at while mending: at the tablet', half(0)[4]!),
    rowOf('looked at while mending: all', LOOKED_AT),
    rowOf('not looked at: the first set', half(1)[0]!),
    rowOf('not looked at: at the bench', half(1)[1]!),
    rowOf('not looked at: of a week', half(1)[2]!),
    rowOf('not looked at: between jobs', half(1)[3]!),
    rowOf('not looked at: at the tablet', half(1)[4]!),
    rowOf('not looked at: all', HELD_OUT),
  ].join('\n');
}
