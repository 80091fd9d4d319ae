import { meaningOf } from '@/core/codes';
import type { LineReader } from './contract';

interface Family {
  id: string;
  label: string;
  /** How it is said. */
  said: RegExp;
  /** Which codes belong to it, by their meaning. */
  means: RegExp;
}

/** Words of the trade for a group of codes. Common practice, no source. */
const FAMILIES: readonly Family[] = [
  {
    id: 'lean',
    label: 'lean codes',
    // Not "leans to one side".
    said: /(?<= )(?:(?:runs|running|too|system|mixture) )?lean(?: (?:codes?|mixture|condition))?(?= )(?! (?:burn|angle|to|left|right|over|on) )/gi,
    means: /\blean\b/i,
  },
  {
    id: 'rich',
    label: 'rich codes',
    said: /(?<= )(?:(?:runs|running|too|system|mixture) )?rich(?: (?:codes?|mixture|condition))?(?= )(?! (?:smell|exhaust))/gi,
    means: /\brich\b/i,
  },
  {
    id: 'evap',
    label: 'fuel vapour codes',
    said: /(?<= )(?:evap|fuel vapou?r|evaporative)(?: (?:system|emissions?|codes?|leak))*(?= )(?! (?:pressure|purge|canister|vent|pump|hose|line))/gi,
    means: /evaporative|fuel vapou?r|purge|vent (?:valve|control)/i,
  },
  {
    id: 'scr',
    label: 'exhaust after-treatment codes',
    said: /(?<= )scr(?: (?:efficiency|system|codes?))?(?= )(?! catalyst)/gi,
    means: /reductant|urea|nitrogen oxide|NOx/i,
  },
];

/** A group of codes by the word the trade has for it. */
export const readCodeFamilies: LineReader = (text) => {
  for (const f of FAMILIES)
    text.takeAll(f.said, () => ({ kind: 'code family', label: f.label, value: f.id }));
};

/** What a family is called: `familyLabel('lean')` is "lean codes". */
export const familyLabel = (id: string): string => FAMILIES.find((f) => f.id === id)?.label ?? id;

/**
 * Whether a code belongs to a family, by what it means.
 *
 * @example inFamily('lean', 'P0171') // true
 */
export const inFamily = (id: string, code: string): boolean =>
  FAMILIES.find((f) => f.id === id)?.means.test(meaningOf(code)) ?? false;
