import { z } from 'zod';
import { searchChain, type ChainNode, type ChainState } from '@/core/readings';
import { defineCheck, type Drawing, type Finding } from '../contract';
import { table, type TableRow } from '../fields';

const FOUND = ['not probed', 'good', 'bad'] as const;
const columns = {
  place: { given: true, title: 'Place', words: true },
  found: { title: 'Found', options: FOUND },
  minutes: { given: true, title: 'To reach', unit: 'min', above: 0, max: 600, optional: true },
  likely: { given: true, title: 'How likely before it', unit: '', above: 0, max: 100, optional: true },
} as const;

const nodesOf = (rows: TableRow<typeof columns>[]): ChainNode[] =>
  rows.map((r) => ({
    name: r.place,
    found: r.found === 'not probed' ? '' : r.found,
    minutes: r.minutes?.value ?? 5,
    likely: r.likely?.value ?? 1,
  }));

export default defineCheck({
  id: 'chain-search',
  title: 'A chain: where between good and bad',
  question: 'Where along the path is it lost, and where to probe next?',
  explains:
    'Power, fuse, relay, wire, part: good at one place and bad at the next puts the fault between them. The next place to probe is the one with the fewest expected minutes until it is found, weighing how likely each stretch is and how hard each place is to reach. The last place counts as bad: that is the complaint.',
  have: ['multimeter', 'wiring diagram', 'no power', 'no signal'],
  codes: ['P0230', 'P0480', 'P0562', 'P0627', 'P0685', 'U0100-U0199'],
  source:
    'Optimal binary search with a cost per probe, after Knuth 1971. 5 min and equal likelihood where nothing is given.',
  minutes: 15,
  input: z.object({
    path: table({
      title: 'The path from its source',
      help: 'one row per place that can be probed, in order',
      columns,
      least: 2,
    }),
  }),
  example: {
    path: [
      { place: 'battery', found: 'good', minutes: '1', likely: '1' },
      { place: 'fuse F14', found: '', minutes: '2', likely: '3' },
      { place: 'relay 87', found: '', minutes: '4', likely: '4' },
      { place: 'connector under the seat', found: '', minutes: '20', likely: '2' },
      { place: 'pump plug', found: 'bad', minutes: '10', likely: '2' },
    ],
  },
  run(i) {
    return [found(searchChain(nodesOf(i.path)))];
  },
  draw(i): Drawing {
    const nodes = nodesOf(i.path);
    const s = searchChain(nodes);
    return {
      kind: 'table',
      head: ['Place', 'Found', ''],
      rows: nodes.map((n) => ({
        cells: [n.name, n.found, mark(s, n.name)],
        verdict: VERDICTS[n.found] ?? '',
      })),
    };
  },
});

/** Where the fault lies, or which place to probe next. */
function found(s: ChainState): Finding {
  if (s.state === 'contradiction')
    return {
      verdict: 'unsure',
      because: `Bad at ${s.bad}, yet good further on at ${s.good}: one of the two readings is wrong, or the path is drawn wrong.`,
    };
  if (s.state === 'whole')
    return {
      verdict: 'pass',
      because: `Good as far as ${s.at}, the end of the path. If it fails only at times, it is good now and no more.`,
    };
  if (s.state === 'found')
    return {
      verdict: 'fail',
      because: s.before
        ? `It lies between ${s.before} (good) and ${s.at} (bad).`
        : `It lies before ${s.at}: already the first place is bad.`,
      figure: s.at,
    };
  const against =
    s.inOrder > s.best + 0.5
      ? `, against ${s.inOrder.toFixed(0)} min going along in order`
      : ', and no order is quicker';
  return {
    verdict: '',
    figure: s.next,
    because: `Between ${s.from || 'the source'} and ${s.to}. Probe ${s.next} next: ${s.best.toFixed(0)} min expected to the end${against}.`,
  };
}

/** What the search says of one place of the path. */
function mark(s: ChainState, place: string): string {
  if (s.state === 'open' && place === s.next) return 'probe next';
  if (s.state === 'found' && place === s.at) return 'lost before here';
  return '';
}
const VERDICTS: Record<string, Finding['verdict']> = { good: 'pass', bad: 'fail' };
