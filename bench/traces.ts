import { performance } from 'node:perf_hooks';
import { ANALYSES, Pyramid, type Channel } from '@/core/traces';
import { formatOf, previewFile } from '@/core/traces/files';
import { MAKERS, nameOf, tally } from './traces/index';
import { judgeLogger, loggerFile, LOGGER_STYLES } from './traces/logger-files';
import { random } from '@/sim/random';

/** Signal-to-noise ratios in decibels. */
const RATIOS = [40, 30, 20, 10];
const EACH = 200;
/** Seeds that no analysis was mended on. */
const FIRST_SEED = 2_000_000;
/** Samples that speed is measured over. */
const DENSE = 1_000_000;

/** Every analysis on recordings whose truth is known, and how fast samples pass through it. */
export async function traces(): Promise<string> {
  const lines = [
    `${EACH} recordings of each kind at each ratio of signal to noise. Right, wrong, and not told.`,
    '',
    `| analysis | ${RATIOS.map((r) => `${r} dB`).join(' | ')} |`,
    `| --- |${RATIOS.map(() => ' ---: |').join('')}`,
  ];
  let worst = { right: 100, wrong: 0 };
  for (const maker of MAKERS) {
    const cells = RATIOS.map((snr) => {
      const t = tally(maker, snr, EACH, FIRST_SEED);
      const share = (n: number) => (100 * n) / EACH;
      if (snr === 20)
        worst = {
          right: Math.min(worst.right, share(t.right)),
          wrong: Math.max(worst.wrong, share(t.wrong)),
        };
      return `${share(t.right)} % · ${share(t.wrong)} % · ${share(t.unsure)} %`;
    });
    lines.push(
      `| ${ANALYSES.find((a) => a.id === maker.analysis)!.title}${maker.name ? `: ${maker.name}` : ''} | ${cells.join(' | ')} |`,
    );
  }
  lines.push('', `At 20 dB the least right is ${worst.right} %, the most wrong ${worst.wrong} %.`, '');
  lines.push(
    'What varies:',
    '',
    ...MAKERS.map((m) => `- ${nameOf(m)}: ${m.about}.`),
    '',
    ...loggers(),
    '',
    ...throughput(),
  );
  return lines.join('\n');
}

/** Files of loggers, as each style writes them, and how fast they are read beside a bare pass over the bytes. */
function loggers(): string[] {
  const lines = [
    'Recordings as loggers write them, 60 of each style: right, wrong, not read.',
    '',
    '| style | |',
    '|---|---|',
  ];
  for (const style of LOGGER_STYLES) {
    const judged = Array.from({ length: 60 }, (_, i) =>
      judgeLogger(loggerFile(random(FIRST_SEED + i), style)),
    );
    const n = (what: string) => judged.filter((j) => j === what).length;
    lines.push(`| ${style} | ${n('right')} · ${n('wrong')} · ${n('unsure')} |`);
  }
  const rows = Array.from(
    { length: 400_000 },
    (_, i) => `${(i / 1e4).toFixed(4)},${Math.sin(i / 90).toFixed(4)},${(12 + Math.sin(i / 900)).toFixed(3)}`,
  );
  const bytes = new TextEncoder().encode(`Time (s),a (V),b (A)\n${rows.join('\n')}\n`);
  const { readAs } = previewFile(bytes.subarray(0, 65_536), 'log.csv', bytes.length);
  const read = rate(bytes.length, () => {
    const reader = formatOf('csv').reader(readAs);
    reader.push(bytes);
    return reader.end();
  });
  const bare = rate(bytes.length, () => bytes.reduce((sum, b) => (sum + b) | 0, 0));
  lines.push(
    '',
    `The reader of tables takes ${(bare / read).toFixed(1)} times as long as a bare pass over the bytes (${read.toFixed(0)} MB a second).`,
  );
  return lines;
}

/** Samples a second through each analysis, beside a bare walk for lowest and highest over the same arrays. */
function throughput(): string[] {
  const lines = [
    `Samples a second, beside a bare walk for the lowest and highest over the same arrays in the same run. Recordings are made as dense as an instrument samples: ${DENSE / 1e6} million samples and more.`,
    '',
    '| | million samples a second | of the bare walk |',
    '| --- | ---: | ---: |',
  ];
  for (const maker of MAKERS) {
    const analysis = ANALYSES.find((a) => a.id === maker.analysis)!;
    const trial = dense(maker.make(random(FIRST_SEED), 30));
    const channels = Object.values(trial.given.channels).flat();
    const samples = channels.reduce((sum, c) => sum + c.samples.length, 0);
    const settings = analysis.settings.parse(trial.settings);
    const own = rate(samples, () => analysis.run(trial.given, settings));
    const bare = rate(samples, () => channels.map((c) => bareWalk(c.samples)));
    lines.push(`| ${maker.analysis} | ${own.toFixed(1)} | 1/${(bare / own).toFixed(0)} |`);
  }
  const long = Float32Array.from({ length: 10_000_000 }, (_, i) => Math.sin(i / 300));
  const build = rate(long.length, () => new Pyramid(long));
  const pyramid = new Pyramid(long);
  const bare = rate(long.length, () => bareWalk(long));
  const view = rate(1, () => pyramid.columns(0, long.length, 1280)) * 1e6;
  lines.push(
    `| building the levels for drawing | ${build.toFixed(1)} | 1/${(bare / build).toFixed(1)} |`,
    '',
    `Drawing columns of all 10 million samples at 1280 pixels: ${view.toFixed(0)} views a second.`,
  );
  return lines;
}

/** The same recording sampled so many times as fast. */
function dense(trial: ReturnType<(typeof MAKERS)[number]['make']>) {
  const all = Object.values(trial.given.channels).flat();
  const times = Math.ceil(DENSE / all.reduce((sum, c) => sum + c.samples.length, 0));
  const denser = (c: Channel): Channel => ({
    ...c,
    interval: c.interval / times,
    samples: Float32Array.from({ length: c.samples.length * times }, (_, i) => {
      const k = Math.floor(i / times);
      const next = c.samples[Math.min(k + 1, c.samples.length - 1)]!;
      return c.samples[k]! + (next - c.samples[k]!) * ((i % times) / times);
    }),
  });
  const channels = Object.fromEntries(
    Object.entries(trial.given.channels).map(([role, list]) => [role, list.map(denser)]),
  );
  return { ...trial, given: { ...trial.given, channels } };
}

function bareWalk(s: Float32Array): [number, number] {
  let low = Infinity;
  let high = -Infinity;
  for (let i = 0; i < s.length; i++) {
    const v = s[i]!;
    if (v < low) low = v;
    if (v > high) high = v;
  }
  return [low, high];
}

/** Million samples a second, over at least 0.3 s. */
function rate(samples: number, run: () => unknown): number {
  run();
  const began = performance.now();
  let rounds = 0;
  while (performance.now() - began < 300) {
    run();
    rounds++;
  }
  return (samples * rounds) / (performance.now() - began) / 1000;
}
