import { z } from 'zod';
import type { FindingRow } from '@/core/case';
import { distanceTo } from '@/core/readings';
import type { TraceFinding } from './contract';

/** How an analysis was run: channels by their names, settings, the stretch. Kept with its test as JSON. */
export const Ran = z.object({
  /** Names of channels by role. */
  roles: z.record(z.string(), z.array(z.string())).default({}),
  settings: z.record(z.string(), z.union([z.string(), z.number()])).default({}),
  /** Seconds; missing for the whole trace. */
  from: z.number().optional(),
  to: z.number().optional(),
});
export type Ran = z.infer<typeof Ran>;

/** The run in a text, or an empty one when it cannot be read. */
export function readRan(text: string): Ran {
  try {
    return Ran.parse(text === '' ? {} : JSON.parse(text));
  } catch {
    return Ran.parse({});
  }
}

const MOST = 400;

/**
 * What an analysis found as rows of a case: whole, as it was found, with the figure, its limit and how far it is
 * from it.
 *
 * @param findings in the order of the analysis
 * @returns fields of `finding` rows, without owner and id
 */
export function findingRows(
  findings: readonly TraceFinding[],
): Omit<FindingRow, 'id' | 'caseId' | 'revision' | 'testId'>[] {
  return findings.map((f, position) => ({
    position,
    about: (f.about ?? f.reading?.label ?? '').slice(0, MOST),
    verdict: f.verdict,
    because: f.because.slice(0, 20_000),
    figure: (f.figure ?? f.reading?.entered ?? '').slice(0, MOST),
    limit: (f.reading?.limit ?? '').slice(0, MOST),
    distance: f.reading ? distanceTo(f.reading.entered, f.reading.limit) : '',
    place: f.place ? JSON.stringify(f.place).slice(0, MOST) : '',
    speaks: f.speaks ?? [],
  }));
}

const Place = z.object({ channel: z.string(), from: z.number(), to: z.number() });

/** Where in its trace a finding lies; undefined when it says nothing of that. */
export function placeOf(finding: Pick<FindingRow, 'place'>): z.infer<typeof Place> | undefined {
  if (finding.place === '') return undefined;
  try {
    return Place.parse(JSON.parse(finding.place));
  } catch {
    return undefined;
  }
}
