import { z } from 'zod';
import { defineCheck, Refusal, type Finding } from '../contract';
import { choice, optional, quantity, type Read } from '../fields';

const SCALES = ['percent', 'block 0–255'] as const;

/**
 * Fuel correction of the older block scale in percent: 128 is 0, above adds fuel. The step is that
 * of SAE J1979 PID 06–09: (A − 128) · 100 / 128.
 *
 * @param block 0–255
 * @example blockToPercent(160) // 25
 */
export function blockToPercent(block: number): number {
  return ((block - 128) * 100) / 128;
}

const trim = (title: string) => ({ title, unit: '%', min: -100, max: 255 });
const sign = (v: number) => `${v > 0 ? '+' : ''}${v.toFixed(1).replace('-', '−')} %`;

export default defineCheck({
  id: 'fuel-trim',
  title: 'Fuel trims together',
  question: 'How much fuel is really being added or taken away, and when?',
  explains:
    'Short and long term add up. Up to ± 10 % is normal wear and weather, beyond ± 15 % a fault. Lean at idle and better at speed points to air past the meter; lean at speed and good at idle to fuel that does not arrive.',
  have: ['fuel trims', 'scan tool', 'older block values'],
  codes: ['P0170-P0175', 'P2187-P2192', 'P2177-P2180', 'P0507'],
  source: 'Scale: SAE J1979 / ISO 15031-5, PID 06–09. Limits ± 10 and ± 15 %: common practice, no source.',
  needs: ['engine warm, closed loop', 'purge valve shut'],
  minutes: 8,
  input: z.object({
    scale: choice({ given: true, title: 'Scale', options: SCALES }),
    short: quantity(trim('Short term, idle')),
    long: quantity(trim('Long term, idle')),
    shortFast: optional(trim('Short term, 2500 rpm')),
    longFast: optional(trim('Long term, 2500 rpm')),
    short2: optional(trim('Bank 2 short term, idle')),
    long2: optional(trim('Bank 2 long term, idle')),
  }),
  example: {
    scale: 'percent',
    short: '5 %',
    long: '21 %',
    shortFast: '1 %',
    longFast: '4 %',
    short2: '2 %',
    long2: '3 %',
  },
  run(i) {
    const value = (r: Read | undefined) => {
      if (r === undefined || i.scale === 'percent') return r?.value;
      const inPercent = blockToPercent(r.value);
      // No engine runs with so much taken away: a trim of 5 is one in percent.
      if (inPercent < -60)
        throw new Refusal(
          `${r.value} on the block scale would be ${sign(inPercent)}: if these are percent, choose that scale.`,
          'scale',
        );
      return inPercent;
    };
    const findings: Finding[] = [];
    const judge = (about: string, short?: number, long?: number) => {
      if (short === undefined || long === undefined) return undefined;
      const total = short + long;
      const onlyIdle = about === 'Idle' && !i.longFast;
      findings.push({ about, figure: sign(total), ...trimFinding(total, long, onlyIdle) });
      return total;
    };
    const idle = judge('Idle', value(i.short), value(i.long))!;
    const fast = judge('2500 rpm', value(i.shortFast), value(i.longFast));
    const second = judge('Bank 2, idle', value(i.short2), value(i.long2));
    // Rich in the other place is another story, which neither of these two tells.
    if (fast !== undefined && idle > 10 && fast < idle / 2 && fast >= -10)
      findings.push({
        verdict: '',
        because:
          'Lean at idle and much less so at speed: air that nobody meters (hose, boot, gasket), whose share shrinks as flow grows.',
      });
    if (fast !== undefined && fast > 10 && idle < fast / 2 && idle >= -10)
      findings.push({
        verdict: '',
        because: 'Lean under flow, not at idle: fuel supply or an air meter that reads low.',
      });
    if (second !== undefined && Math.abs(idle - second) > 10)
      findings.push({
        verdict: '',
        because:
          'One bank only: look for what belongs to that bank (its sensor, its gasket, exhaust leak), not for what both share.',
      });
    return findings;
  },
});

/** Both trims together; a long term at its stop says that it would go further. */
function trimFinding(total: number, long: number, onlyIdle: boolean): Finding {
  const size = Math.abs(total);
  const says = `${sign(total)} together`;
  if (size <= 10 + 1e-9)
    return {
      verdict: 'pass',
      because: `${says}, inside ± 10 %.${onlyIdle ? ' Only at idle: fuel that does not arrive under flow shows at speed.' : ''}`,
    };
  const way = total > 0 ? 'fuel is added: lean' : 'fuel is taken away: rich';
  if (size <= 15 + 1e-9)
    return {
      verdict: 'unsure',
      because: `${says}; ${way}, between 10 and 15 % where some engines live and others are ill.`,
    };
  const pegged = Math.abs(long) >= 25 ? ' The long term has gone about as far as it can.' : '';
  return { verdict: 'fail', because: `${says}; ${way}.${pegged}` };
}
