import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { requests } from './requests';
import { triage } from './triage';

/** Every benchmark: its title and what it measures. A new one is one line here and one file. */
const BENCHES: { title: string; about: string; run: (folder: string) => Promise<string> }[] = [
  {
    title: 'Requests',
    about:
      'One change saved and one case opened through HTTP on the production build with the demo shop, beside a bare insert and read on the same disk in the same run.',
    run: requests,
  },
  {
    title: 'Code triage',
    about:
      'Roles proposed by the rules against scans labelled by hand before the rules were run over them (`src/core/codes/triage-scans.ts`). Some rules were mended after the first run, which agreed in 164 of 171 codes; the labels were not touched.',
    run: triage,
  },
];

const folder = mkdtempSync(path.join(os.tmpdir(), 'vantle-bench-'));
const out: string[] = [
  '# Benchmarks',
  '',
  'Written by `npm run bench`. Ratios count; the times are one machine’s.',
  '',
];
try {
  for (const bench of BENCHES) {
    console.log(`${bench.title} …`);
    const result = await bench.run(folder);
    console.log(`${result}\n`);
    out.push(`## ${bench.title}`, '', bench.about, '', result, '');
  }
  writeFileSync('docs/bench.md', out.join('\n'));
  console.log('Written to docs/bench.md.');
} finally {
  rmSync(folder, { recursive: true, force: true });
}
