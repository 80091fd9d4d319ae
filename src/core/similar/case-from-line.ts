import type { Op } from '@/core/case';
import { readCode } from '@/core/codes';
import type { Chip } from './query';
import { criteriaOf } from './criteria';

/** What a new case is begun with. */
export interface NewCase {
  caseId: string;
  vehicle: { id: string; revision: number };
  at: string;
  newId: () => string;
}

/**
 * What a search line says, as the rows of a new case: the vehicle, codes as a scan typed by hand, symptoms with their
 * circumstances. Guessed words and what is no evidence (grades, people, dates) stay out.
 *
 * @param chips the line as it was read
 * @param into the case that was just opened
 * @returns operations that belong together; none for a line that says nothing of a case
 */
export function caseFromLine(chips: readonly Chip[], into: NewCase): Op[] {
  const sure = chips.filter((c) => !c.guess);
  const { vehicle, codes, symptoms, conditions } = criteriaOf([...sure]);
  const ops: Op[] = [];
  const add = (kind: Op['kind'], row: Record<string, unknown>) => {
    const id = into.newId();
    ops.push({ op: 'add', kind, id, row });
    return id;
  };
  if (vehicle) {
    const set = Object.fromEntries(
      Object.entries({
        make: vehicle.make,
        model: vehicle.model,
        engine: vehicle.engine,
        year: vehicle.year,
        fuel: vehicle.fuel,
        kind: vehicle.kind,
      }).filter(([, value]) => value !== '' && value !== null),
    );
    const was = Object.fromEntries(Object.keys(set).map((k) => [k, k === 'year' ? null : '']));
    ops.push({ op: 'set', kind: 'vehicle', id: into.vehicle.id, revision: into.vehicle.revision, set, was });
  }
  const known = codes.filter((c) => readCode(c.code));
  if (known.length > 0) {
    const scanId = add('scan', { at: into.at, phase: 'first', text: known.map((c) => c.code).join('\n') });
    known.forEach((c, position) => add('code', { scanId, code: c.code, position }));
  }
  symptoms.forEach((concept, position) => {
    const chip = sure.find((c) => c.kind === 'symptom' && c.value === concept);
    add('symptom', { concept, words: chip?.words ?? '', conditions, position });
  });
  return ops;
}
