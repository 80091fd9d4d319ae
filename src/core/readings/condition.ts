import type { Condition } from '@/core/case';
import { readLimit } from './limit';
import { judgeReading } from './verdict';

const phrase =
  /(?:(above|over|at least|min\.?|≥|>=|>)|(below|under|at most|max\.?|≤|<=|<)|between)\s*([+\-−–]?[\d.,]+.*)$/i;
/** "at 200 mbar: within 4 mbar" is a target; "within" alone may speak of a difference and judges nothing. */
const around = /\bat\s+([+\-−–]?[\d.,]+\s*[^\s\d.,;:]*)[^\d]*\bwithin\s+([\d.,]+\s*[^\s\d.,;:]*)/i;
/** The number with its unit alone, of "at most 0.1 bar apart". */
const amount = /^[+\-−–]?[\d.,]+\s*[^\s\d.,;]*/;

/**
 * Whether a condition was met, by its own reading where it has one: "oil above 85 °C" read at
 * 78 °C was not, whatever was ticked.
 *
 * @param condition what it asks in words, what a person ticked, its reading as typed
 * @returns met or not or unknown, and the sentence when the reading decides
 */
export function judgeCondition(condition: Pick<Condition, 'what' | 'met' | 'reading'>): {
  met: '' | 'yes' | 'no';
  because: string;
} {
  const { what, met, reading } = condition;
  if (reading.trim() !== '') {
    const wanted = limitsIn(what.trim()).find((w) => readLimit(w).ok);
    if (wanted !== undefined) {
      const j = judgeReading(reading, wanted);
      if (j.verdict === 'pass') return { met: met === 'no' ? 'no' : 'yes', because: j.because };
      if (j.verdict === 'fail') return { met: 'no', because: j.because };
      if (j.verdict === 'unsure') return { met, because: j.because };
    }
  }
  return { met, because: '' };
}

/** What a condition's words ask for, as limits, the fullest reading of them first. */
function limitsIn(what: string): string[] {
  const target = around.exec(what);
  if (target) return [`${target[1]} ± ${target[2]}`];
  const m = phrase.exec(what);
  if (!m) return [];
  const oneSided = m[2] ? '≤ ' : 'between ';
  const how = m[1] ? '≥ ' : oneSided;
  const whole = m[3]!.replace(/[.;]\s*$/, '');
  return [whole, amount.exec(whole)?.[0] ?? ''].map((w) => how + w);
}
