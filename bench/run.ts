import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { ablations } from './ablations';
import { bySize } from './by-size';
import { felt } from './felt';
import { sheet } from './sheet';
import { firstDay } from './first-day';
import { quality } from './quality';
import { records } from './records';
import { recordings } from './recordings';
import { reports } from './reports';
import { requests } from './requests';
import { scale } from './scale';
import { screens } from './screens';
import { fuzz } from './fuzz';
import { likeness } from './likeness';
import { traces } from './traces';
import { triage } from './triage';
import { weights } from './weights';
import { lines } from './lines';
import { words } from './words';
import { writers } from './writers';

/** Every benchmark: its title and what it measures. A new one is one line here and one file. */
const BENCHES: {
  name: string;
  title: string;
  about: string;
  run: (folder: string) => Promise<string>;
  /** Only run when asked for by name. */
  asked?: boolean;
}[] = [
  {
    name: 'requests',
    title: 'Requests',
    about:
      'One change saved and one case opened through HTTP on the production build with the demo shop, beside a bare insert and read on the same disk in the same run.',
    run: requests,
  },
  {
    name: 'fuzz',
    title: 'Drawn requests',
    about:
      'Requests drawn over all routes and pages, with a lead’s rights: hostile names, numbers, encodings and bodies (`e2e/drawn-requests.ts`). A test sends 5,000 of them in every run.',
    run: fuzz,
    asked: true,
  },
  {
    name: 'writers',
    title: 'Several writers on a database server',
    about:
      'Writers on cases of their own, one change after the other, through one Vantle server, on the small database server of the tests (`scripts/hrana-server.mjs`) in a process of its own.',
    run: writers,
  },
  {
    name: 'felt',
    title: 'Speed as felt',
    about:
      'Each main view of the production build with the demo shop, in a fresh browser, as it is and with the processor made four times slower: JavaScript sent, first content painted, when a press is answered, and how long a letter typed into the customer’s words takes to stand there. The budgets per view stand in `e2e/main-views.ts` and are kept by a test. The last view is a case of 60 tests, 40 codes and 20 scans.',
    run: felt,
  },
  {
    name: 'sheet',
    title: 'A long trace on its sheet',
    about:
      'Frames a second while ten million samples are zoomed with the wheel, beside a bare canvas in the same browser in the same run.',
    run: sheet,
  },
  {
    name: 'recordings',
    title: 'Recordings made by hand',
    about:
      'Recordings as tools write them (`bench/recordings`), computed by another route than those of the generators, in layouts of their own: what has to be said of each and what must not be. No analysis is chosen and no channel is named; they are given in as `POST /api/v1/traces/analyse` gets them. First readings: of the half that was looked at 16 right, 1 wrong, 2 not told; of the other 14, 4 and 0; of twelve made after the first half was mended 8, 3 and 1. All were opened then; none is untouched now, and all are tests. (The labels first forbade to call the sound cylinders and injectors sound beside the weak one; that was wrong of the labels.)',
    run: () => Promise.resolve(recordings()),
  },
  {
    name: 'triage',
    title: 'Code triage',
    about:
      'Roles proposed by the rules against scans labelled by hand before the rules were run over them (`src/core/codes/triage-scans.ts`). Some rules were mended after the first run, which agreed in 164 of 171 codes; the labels were not touched.',
    run: triage,
  },
  {
    name: 'reports',
    title: 'Reading of scan reports',
    about:
      'A generator (`bench/reports`) prints what a vehicle holds in made-up layouts and six languages, clean and spoiled: wrapped lines, lost columns, letters for noughts, footers. The generator was written before the reader. The first group of layouts was looked at while the reader was written; the second, unlooked at, gave codes 95.5 / 4.5 / 0.0, modules 90.8 / 3.9 / 5.3, statuses 100 / 0 / 0 clean, and was opened afterwards; the third was written after that and gave codes 45.9 / 18.0 / 36.2, modules 39.9 / 16.9 / 43.1 before its kinds (HTML, JSON, codes in brackets, numbered sections) were mended. The generator flatters: reports typed by hand in nine goes, each before the reader was asked, gave at first codes 64 / 15 / 21, 75 / 5 / 20, 83 / 10 / 7, 83 / 7 / 10 and 88 / 0 / 12, the reader being mended on the sets before; and where each was chosen to be unlike all before, 73 / 16 / 11, 52 / 0 / 48, 58 / 16 / 26 and 71 / 10 / 19. What is unlike all that was seen is read so still; all sets are open by now. The reader before gave codes 45 / 25 / 30 on the first group. Seeds differ from those that were looked at.',
    run: reports,
  },
  {
    name: 'records',
    title: 'Old records',
    about:
      'Sixteen layouts of tables of past jobs (`bench/records`) and a hundred sentences of what was done, written before the reader with their truth; every second one of either was not looked at while it was mended. First run on those: part 78 / 10 / 12, failure 76 / 4 / 20, deed 90 / 6 / 4. Sixty more sentences were written after it to find kinds of mistakes; fifty from overseas later still (first run: part 48 / 20 / 32 looked at, 76 / 8 / 16 not; the list then got some four hundred more names of parts). Layouts, sentences and reader are by the same hands, so that the columns flatter; a part is proposed, shown before it is taken in, and left out where several could be meant.',
    run: records,
  },
  {
    name: 'screens',
    title: 'Photos of a tool’s screen',
    about:
      'Thirty screens in five styles (light, dark, small, dark and small, two columns), drawn and then photographed by a simulation: from the side, turned, out of focus, a lamp’s glare, moiré, noise, JPEG. A code counts as right only where it is said for sure; what is doubtful is shown to be looked at. The reader was mended on thirty other screens; before the enlargement, the sharpening and the reading of whole lines again it gave 85.2 / 0.0 / 13.1 on these.',
    run: screens,
  },
  {
    name: 'quality',
    title: 'Search and guide on worlds whose truth is known',
    about:
      'A generator (`bench/world`) makes cases of 75 made-up causes with everything that spoils records: noise codes, symptoms nobody noticed, causes wrongly named. Questions are worded in sentences that stand on no case. The vocabulary was written before the generator and not changed for it; reading itself (clauses, word order, guesses) was mended while looking at wordings that the figures below do not use. The ceiling is Bayes’ rule with the generator’s own probabilities. Weights were chosen on other worlds and other wordings (`npm run bench -- weights`).',
    run: quality,
  },
  {
    name: 'by-size',
    title: 'Search and guide by how a shop records and how much it has',
    about:
      'The same kind of worlds: one scan a case; codes cleared, read again, and read after the repair, with codes that other modules pass on, second faults and body work; and the same without a scan after the repair. Parts and failures stand in the starter list where that has them. Before general practice stood behind the counts, and before tests were judged by a mixture of rates, the same worlds gave with the careful shop: 30 cases 0.249, 17 %, 24 %, 1.398, 1 %; 150 cases 0.523, 44 %, 60 %, 0.821, 16 %; 800 cases 0.704, 71 %, 86 %, 0.412, 54 %.',
    run: bySize,
  },
  {
    name: 'ablations',
    title: 'What each part is worth',
    about:
      'Worlds that no weight was chosen on, recorded by a careful shop, asked about in words that none was chosen on either; each time a part of what search and guide go by is taken away.',
    run: ablations,
  },
  {
    name: 'first-day',
    title: 'The first day',
    about:
      'Troubles as they come through the door (`bench/first-day`), put to a shop without a case: whether the cause stands among the first five and a fitting test among the first three. Written before the tables of the trade, every second one not looked at while those were mended; both are by the same hand, which flatters.',
    run: async () => firstDay(),
  },
  {
    name: 'words',
    title: 'Sentences read into symptoms',
    about:
      'Sentences in American, British and second-language English, job cards, messages, long tales and tales without any complaint (`bench/words`): 1,502, each set written in one go before anything was mended for it, every second sentence not looked at since; the half that is looked at is also learned from (`npm run symptoms`). The last set was written after that, is not looked at as a whole, and nothing is fitted to it. Where no phrase says anything, all words together tell a symptom from a share of 0.6 on and with five known words; a phrase among many other words needs a fifth of the share. “Handed over” gave at its first reading 74.5 / 7.8 / 25.5, not looked at 75.5 / 1.9 / 24.5. The same hand wrote sentences and vocabulary, which flatters. Before phrases were weighed against the rest of their sentence: long tales 59.1 right / 16.1 wrong / 40.9 unread not looked at, by telephone 51.8 / 10.7 / 48.2, all but these 89.9 / 5.3 / 10.1. In per cent of the symptoms meant; wrong is what was read and not meant; what is not read may be asked, with a press to take it. Circumstances (when it happens) and how often had never been measured: on the first reading of their sets, of those meant 70 right / 59 wrong not looked at, and 50 / 44 for how often. The rules for how often were written by whoever had just written both halves of its set, so that its figures flatter.',
    run: async () => words(),
  },
  {
    name: 'lines',
    title: 'Lines of the search field',
    about:
      'Lines as they are typed into the search field (`bench/lines`): vehicle, fuel, engine, years, codes and groups of them, parts, failures, symptoms, readings, people, times, numbers of cases: 536, each set labelled before the reader was taught any of what is new in it; every second line was not looked at since. The first set before: 73.0 / 23.0 / 27.0 and 70.3 / 24.1 / 29.7; the second: 76.5 / 11.1 / 23.5 and 85.2 / 6.8 / 14.8; the third: 75.4 / 20.0 / 24.6 and 75.4 / 15.4 / 24.6, in part for names that the list of parts has otherwise; the fourth 55.4 / 24.6 / 44.6 and 58.1 / 12.9 / 41.9, again in part for such names (ten of them stand in the labels of both halves now). Guesses counted as read then, and count as asked now. In per cent of what was meant; wrong is what a chip says and the line does not.',
    run: async () => lines(),
  },
  {
    name: 'scale',
    title: 'A hundred thousand cases',
    about:
      'Cases of one such world, taken in through `POST /api/v1/import` of the production build, then asked about. FTS5 holds the same text and is asked in the same run.',
    run: scale,
  },
  {
    name: 'likeness',
    title: 'Traces like this one',
    about:
      'Recordings of the simulated scope, every kind with every fault, louder, shifted and slower than those they are compared with; four of each in the library, four new ones of each asked about.',
    run: likeness,
  },
  {
    name: 'traces',
    title: 'Analyses of traces',
    about:
      'A generator for each analysis (`bench/traces`), separate from the simulated scope that ships, makes recordings whose truth is known; the analyses were mended on other seeds. Noise is white with a hum in half of them; converters have 8 to 16 bits. Unsure is honest, wrong is not.',
    run: traces,
  },
  {
    name: 'weights',
    title: 'Choosing weights',
    about: 'One weight after the other, on worlds 1 to 3.',
    run: weights,
    asked: true,
  },
];

const wanted = process.argv.slice(2);
const chosen = BENCHES.filter((b) => (wanted.length ? wanted.includes(b.name) : !b.asked));
const folder = mkdtempSync(path.join(os.tmpdir(), 'vantle-bench-'));
const out: string[] = [
  '# Benchmarks',
  '',
  'Written by `npm run bench`. Ratios count; the times are one machine’s.',
  '',
];
try {
  for (const bench of chosen) {
    console.log(`${bench.title} …`);
    const result = await bench.run(folder);
    console.log(`${result}\n`);
    out.push(`## ${bench.title}`, '', bench.about, '', result, '');
  }
  if (wanted.length === 0) {
    writeFileSync('docs/bench.md', out.join('\n'));
    console.log('Written to docs/bench.md.');
  }
} finally {
  rmSync(folder, { recursive: true, force: true });
}
