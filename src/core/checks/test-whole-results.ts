import { checkOf, formOf, runCheck, type CheckResult, type Typed } from './index';
import { spotsOf, written } from './test-turning-points';

/**
 * What every check says, whole: its example and variants of it, each with all findings, figures and sentences, and the
 * drawing of the first. Kept as a table (`__snapshots__/whole-results.test.ts.snap`), read and held against the formulas
 * when it was drawn up; no sentence, figure or drawing changes unseen.
 */

/** The figures of a drawing, to four places. */
const short = (_: string, v: unknown): unknown => (typeof v === 'number' ? Number(v.toPrecision(4)) : v);

/** A result in one line: what each finding is about, its verdict, figure, sentence and what it says of causes. */
export function resultLine(result: CheckResult): string {
  if (result.state === 'waiting') return `waits for ${result.missing.join(', ')}`;
  if (result.state === 'refused') return `refused: ${result.problems.map((p) => p.message).join(' ')}`;
  return result.findings
    .map((f) => {
      const speaks = (f.speaks ?? []).map((s) => JSON.stringify(s)).join('');
      return [f.about && `${f.about}:`, f.verdict || 'told', f.figure && `[${f.figure}]`, f.because, speaks]
        .filter(Boolean)
        .join(' ');
    })
    .join(' | ');
}

/** The example of a check moved: each number halved, raised by half and reversed, each choice changed, each field left out or filled in. */
export function variantsOf(id: string): { name: string; typed: Typed }[] {
  const check = checkOf(id)!;
  const example = check.example as Typed;
  const out: { name: string; typed: Typed }[] = [{ name: 'example', typed: example }];
  for (const spot of spotsOf(example))
    for (const by of [0.5, 1.5, -1, 0]) {
      const value = spot.value * by;
      out.push({
        name: `${spot.name} ${written(value, spot.unit)}`,
        typed: spot.put(written(value, spot.unit)),
      });
    }
  for (const { name, info } of formOf(check)) {
    const entry = example[name];
    if (info.kind === 'choice')
      for (const option of info.options)
        if (option !== (entry ?? info.options[0]))
          out.push({ name: `${name} ${option}`, typed: { ...example, [name]: option } });
    if (Array.isArray(entry)) {
      out.push({ name: `${name} without its last row`, typed: { ...example, [name]: entry.slice(0, -1) } });
      out.push({ name: `${name} the other way round`, typed: { ...example, [name]: entry.toReversed() } });
      out.push({ name: `${name} its first row alone`, typed: { ...example, [name]: entry.slice(0, 1) } });
    } else if (entry !== undefined && entry !== '')
      out.push({ name: `${name} left out`, typed: { ...example, [name]: '' } });
    else if (info.kind === 'quantity')
      for (const text of [`1 ${info.unit}`, `20 ${info.unit}`, '5 %'])
        out.push({ name: `${name} ${text}`, typed: { ...example, [name]: text } });
  }
  return out;
}

/**
 * @param id of the check
 * @returns a line for each variant that says something else than the one before, and the drawing of the example
 */
export function wholeResults(id: string): string[] {
  const check = checkOf(id)!;
  const lines: string[] = [];
  const seen = new Set<string>();
  for (const { name, typed } of variantsOf(id)) {
    const said = resultLine(runCheck(check, typed));
    if (seen.has(said)) continue;
    seen.add(said);
    lines.push(`${name} → ${said}`);
  }
  const result = runCheck(check, check.example as Typed);
  if (result.state === 'done' && result.drawing) lines.push(`drawn ${JSON.stringify(result.drawing, short)}`);
  return lines;
}
