import { z } from 'zod';
import { Refusal } from '@/core/checks/contract';
import type { Channel } from '../../channel';
import { mayAgree } from '../../channel-kind';
import { defineAnalysis, type TraceFinding, type TraceResult } from '../../contract';
import { number, pick } from '../../settings';
import { median, noiseOf } from '../../signal';
import { figure, fixed, listed, moment } from '../../words';
import { agreementOf, aligned, oddOne, type Agreement } from './apart';
import { delaysOf, laidTogether } from './delay';
import { alongPipe } from './pipe';
import { noneMoves, stillOnes, stillWords, type Still } from './still';
import { verdictOf } from '../verdict-of';

/** Delays looked for: seconds at the most, and share of the recording. */
const MOST_DELAY = 120;
const DELAY_SHARE = 0.25;
/** Seconds that no one speaks of. */
const LEAST_DELAY = 0.05;

/** Quantities that are held against each other at rest, as after a night. */
const AT_REST = /^(°?[CFK]|(k|h|M)?Pa|m?bar|psi|inHg|kelvin)$/i;

/** Values that agree at rest, and are not all nothing. */
const atRest = (channels: readonly Channel[], rows: readonly Float32Array[]): boolean =>
  channels.every((c) => AT_REST.test(c.unit)) &&
  rows.some((r) => Math.abs(median(r)) > 5 * Math.max(noiseOf(r), 1e-9));

/** Where nothing moves, nothing shows that one would follow the others. */
const standingFindings = (channels: readonly Channel[], rows: readonly Float32Array[]): TraceResult => ({
  findings: channels.map((c, i) => ({
    verdict: 'unsure',
    because: `${c.name} stands at ${figure(median(rows[i]!), c.unit)}, and none of the others moves: whether they agree is not told. Record them while they move.`,
    about: c.name,
    figure: figure(median(rows[i]!), c.unit),
  })),
  marks: [],
});

const stillFinding = (c: Channel, still: Still, all: readonly Channel[]): TraceFinding => ({
  verdict: all.length > 2 && mayAgree(all) ? 'fail' : 'unsure',
  because: stillWords(c.name, still, {
    unit: c.unit,
    count: all.length,
    alike: mayAgree(all),
  }),
  about: c.name,
  figure: figure(still.at, c.unit),
  place: { channel: c.name, from: c.start, to: c.start + c.samples.length * c.interval },
  reading: { label: `moves with the others, ${c.name}`, entered: 'no', limit: 'yes' },
});

/** The longest run of samples without a value. */
function longestGap(row: Float32Array): { from: number; length: number } {
  let best = { from: 0, length: 0 };
  let run = 0;
  row.forEach((v, i) => {
    run = v === v ? 0 : run + 1;
    if (run > best.length) best = { from: i - run + 1, length: run };
  });
  return best;
}

/** Of two channels neither is the late one: only what lies between them is told. */
function delayBetween(list: readonly Agreement[], behind: readonly number[], step: number): TraceFinding {
  const seconds = (behind[1]! - behind[0]!) * step;
  const [first, second] = seconds > 0 ? [list[0]!, list[1]!] : [list[1]!, list[0]!];
  const said = fixed(Math.abs(seconds), 's', 1);
  return {
    verdict: '',
    because: `${second.name} comes ${said} after ${first.name}; they are held against each other with that taken out.`,
    about: 'delay',
    figure: said,
    reading: { label: `${second.name} after ${first.name}`, entered: said, limit: '' },
  };
}

export const agreement = defineAnalysis({
  id: 'agreement',
  title: 'Channels that should agree',
  question: 'Which of these sensors says something else than the others, and when?',
  explains:
    'Wheel speeds going straight, temperatures after a night, two tracks of a pedal: each channel is held against the middle of the others, moment by moment. One that is apart longer than the others is the odd one; between two only that they differ can be said. One that comes later is first laid on the others; one that stays where it is while the others move is named. Along a pipe each change must come after the one ahead of it. A channel that is far noisier than the others is jagged, as with a damaged tone ring.',
  source:
    'Odd one out against the median of its siblings: common practice, no source. Slopes after Theil 1950 and Sen 1968.',
  engine: 'none',
  roles: [{ id: 'signals', name: 'Channels that should agree', many: true, guess: /./ }],
  settings: z.object({
    as: pick({
      label: 'They should',
      options: ['say the same', 'go in proportion', 'follow each other along a pipe'],
    }),
    tolerance: number({ label: 'May differ by', unit: 'in their unit', is: 0, min: 0, max: 1e6 }),
    share: number({ label: 'or by', unit: '%', is: 5, min: 0, max: 100 }),
    late: number({
      label: 'One may come later than the others by',
      unit: 's',
      is: 2,
      min: 0,
      max: 600,
    }),
    lasting: number({ label: 'For longer than', unit: 'ms', is: 500, min: 0, max: 600_000 }),
    jagged: number({ label: 'Jagged from so many times the noise of the others', is: 4, min: 1.5, max: 100 }),
  }),
  run(given, settings) {
    const channels = given.channels.signals ?? [];
    if (channels.length < 2)
      throw new Refusal('At least two channels are wanted; three or more, to name the odd one out.');
    const unit = channels[0]!.unit;
    const sameUnit = channels.every((c) => c.unit === unit);
    const all = aligned(channels);
    const step = all.times[1]! - all.times[0]!;
    const most = Math.min(MOST_DELAY, DELAY_SHARE * step * all.times.length);
    const still = sameUnit ? stillOnes(all.rows) : all.rows.map(() => undefined);
    // At rest values can be the same; that they go together shows only where they go.
    if (noneMoves(all.rows) && !(settings.as === 'say the same' && atRest(channels, all.rows)))
      return standingFindings(channels, all.rows);
    if (settings.as === 'follow each other along a pipe')
      return {
        findings: alongPipe(
          channels.map((c) => c.name),
          all.rows,
          { step, most, still, unit },
        ),
        marks: [],
      };
    const moving = channels.flatMap((c, i) => (still[i] ? [] : [{ c, row: all.rows[i]! }]));
    const stays = channels.flatMap((c, i) => (still[i] ? [stillFinding(c, still[i], channels)] : []));
    if (moving.length < 2) return { findings: stays, marks: [] };
    const delays = delaysOf(
      moving.map((m) => m.row),
      most / step,
    );
    const middle = moving.length > 2 ? median(delays.map((d) => (d.seen ? d.samples : 0))) : 0;
    const behind = delays.map((d) => {
      const by = (d.seen ? d.samples : 0) - middle;
      return Math.abs(by) * step > Math.max(0.5 * step, LEAST_DELAY) ? by : 0;
    });
    const together = laidTogether(
      moving.map((m) => m.row),
      behind,
    );
    const list = agreementOf(
      moving.map((m) => m.c),
      {
        times: all.times.slice(together.first, together.first + together.rows[0]!.length),
        rows: together.rows,
      },
      {
        tolerance: settings.tolerance,
        share: settings.share / 100,
        lasting: settings.lasting / 1000,
        proportional: settings.as === 'go in proportion',
      },
    );
    const odd = oddOne(list);
    const lates = behind.filter((by) => Math.abs(by * step) > settings.late).length;
    const findings = list.map((a, k): TraceFinding => {
      const late = behind[k]! * step;
      // Several that come after each other lie along something; none of them is the one that is late.
      const inRow = lates > 1 && Math.abs(late) > settings.late;
      const tooLate = list.length > 2 && lates === 1 && Math.abs(late) > settings.late;
      const first = a.apart[0];
      const jagged = list.length > 2 && a.jagged > settings.jagged;
      // While it has no value it was not held against anything.
      const gap = longestGap(moving[k]!.row);
      const open = gap.length * step >= settings.lasting / 1000;
      // Each that is apart from the odd one lies apart only through it.
      const agrees = !open && !inRow && (a.apart.length === 0 || odd !== undefined);
      const verdict = verdictOf(a === odd || jagged || tooLate, agrees);
      return {
        verdict,
        because: [
          first && (a === odd || !odd)
            ? `${a.name} leaves ${list.length > 2 ? 'the others' : 'the other'} ${a.apart.length === 1 ? 'once' : `${a.apart.length} times`}, first at ${moment(first.from)} by ${figure(first.by, unit)}.`
            : `${a.name} goes with the others.`,
          open
            ? `It has no value from ${moment(all.times[gap.from]!)} for ${fixed(gap.length * step, 's', 1)}; what it did then is not told.`
            : '',
          late !== 0 && list.length > 2
            ? `It comes ${fixed(Math.abs(late), 's', 1)} ${late > 0 ? 'later' : 'earlier'} than the others, which is taken out${tooLate ? '; that is too late' : ''}.`
            : '',
          inRow && list.length > 2
            ? 'They come one after another, as along a pipe: hold them against each other so to tell.'
            : '',
          jagged ? `It is jagged: ${figure(a.jagged, '')} times the noise of the others.` : '',
          first && !odd && list.length === 2 ? 'With two channels it cannot be said which is wrong.' : '',
        ]
          .filter(Boolean)
          .join(' '),
        about: a.name,
        figure: figure(first && a === odd ? first.by : a.bias, unit),
        ...(first ? { place: { channel: a.name, from: first.from, to: first.to } } : {}),
        reading: {
          label: `stretches apart, ${a.name}`,
          entered: String(a === odd || !odd ? a.apart.length : 0),
          limit: 'max 0',
        },
      };
    });
    if (list.length === 2 && behind.some((b) => b !== 0)) findings.push(delayBetween(list, behind, step));
    if (!odd && list.length > 2 && list.filter((a) => a.apart.length > 0).length > 1)
      findings.push({
        verdict: 'unsure',
        because: `${listed(list.filter((a) => a.apart.length > 0).map((a) => a.name))} part, and none of them alone: it cannot be said which is wrong.`,
        about: 'the group',
      });
    return {
      findings: [...findings, ...stays],
      marks: (odd ? [odd] : list).flatMap((a) =>
        a.apart
          .slice(0, 100)
          .map((x) => ({ at: x.from, channel: a.name, words: 'apart', verdict: 'fail' as const })),
      ),
    };
  },
});
