import type { Module, Scan } from '@/core/case';
import { homeOf, moduleKind, sameModule } from './modules';

/** What a scan read: only of that can it say that a code is not there. */
export interface Coverage {
  scanId: string;
  /** Whether it is known what was read. A bare list of codes does not tell. */
  told: boolean;
  /** The whole vehicle was read, but for the modules that did not answer. */
  whole: boolean;
  /** Modules that were read, by name. */
  read: string[];
  /** Modules that did not answer, or that the tool lost. */
  notRead: string[];
  /** The sentence for the screen. */
  because: string;
}

type ScanFacts = Pick<Scan, 'id'> & Partial<Pick<Scan, 'scope' | 'text' | 'leftover'>>;
type ModuleFacts = Pick<Module, 'scanId' | 'name' | 'answered'> & Partial<Pick<Module, 'read'>>;

/**
 * What a scan read, from what a person or the report said, else from the modules that stand in it.
 *
 * @param scan the scan
 * @param modules modules of all scans of the case
 * @param codes codes of all scans of the case
 * @param live live values of all scans of the case
 * @returns its coverage; a report that could not be read covers nothing, one of a single module covers that one
 */
export function coverageOf(
  scan: ScanFacts,
  modules: readonly ModuleFacts[],
  codes: readonly { scanId: string }[],
  live: readonly { scanId: string }[] = [],
): Coverage {
  const mine = modules.filter((m) => m.scanId === scan.id);
  const wasRead = (m: ModuleFacts) => m.answered && m.read !== false;
  const read = mine.filter(wasRead).map((m) => m.name);
  const notRead = mine.filter((m) => !wasRead(m)).map((m) => m.name);
  const base = { scanId: scan.id, read, notRead };
  const but = notRead.length ? ` but for ${notRead.join(', ')}` : '';
  if (scan.scope === 'nothing')
    return { ...base, told: true, whole: false, read: [], because: 'It read nothing.' };
  if (scan.scope === 'vehicle')
    return { ...base, told: true, whole: true, because: `It read the whole vehicle${but}.` };
  if (read.length > 0) return { ...base, told: true, whole: false, because: `It read ${read.join(', ')}.` };
  const listed = codes.some((c) => c.scanId === scan.id);
  if (notRead.length > 0 && !listed)
    return {
      ...base,
      told: true,
      whole: false,
      because: `Nothing in it was read${but ? `:${but.slice(8)} did not answer` : ''}.`,
    };
  if (!listed && live.some((l) => l.scanId === scan.id))
    return {
      ...base,
      told: true,
      whole: false,
      because:
        'It holds live values and no list of codes. If codes were read and there were none, say of what.',
    };
  // A report without a code, a module or a sentence that was understood is one that could not be read.
  if (!listed && ((scan.text ?? '').trim() === '' || (scan.leftover ?? []).length > 0))
    return { ...base, told: true, whole: false, because: 'Nothing in it could be read.' };
  return {
    ...base,
    told: false,
    whole: false,
    because: 'It does not say which modules were read. Say so: the whole vehicle, or these modules.',
  };
}

/**
 * Whether a scan read the module that stores a code.
 *
 * @param coverage of the scan
 * @param module its name; empty where no scan said which one stores the code
 * @param base the code without failure type, which then tells the module where a standard does
 */
export function covers(coverage: Coverage, module: string, base: string): 'yes' | 'no' | 'not told' {
  if (module !== '') {
    if (sameModule(module, coverage.read) !== undefined) return 'yes';
    if (sameModule(module, coverage.notRead) !== undefined) return 'no';
    if (coverage.whole) return 'yes';
    if (coverage.told) return 'no';
    return 'not told';
  }
  if (!coverage.told) return 'not told';
  if (coverage.whole) {
    if (coverage.notRead.length === 0) return 'yes';
    if (ownModule(coverage.notRead, base)) return 'no';
    return 'yes';
  }
  if (coverage.read.length === 0) return 'no';
  return ownModule(coverage.read, base) ? 'yes' : 'not told';
}

/** Whether the module that by the standard stores a code is among these. */
const ownModule = (names: readonly string[], base: string): boolean => {
  const home = homeOf(base);
  return home !== '' && names.some((n) => moduleKind(n) === home);
};
