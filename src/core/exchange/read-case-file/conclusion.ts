import { Problem } from '@/core/problem';
import { readCode } from '@/core/codes';
import type { CaseFile } from '../case-file';
import type { RowMaker } from './row-maker';

/** Causes with what they explain, repairs with their parts, the proof, and what came after. */
export function takeConclusion(file: CaseFile, make: RowMaker): void {
  (file.causes ?? []).forEach((c, i) => takeCause(c, make, i));
  (file.repairs ?? []).forEach((r, i) => takeRepair(r, make, i));
  (file.proof ?? []).forEach((p, i) => takeProof(p, make, i));
  (file.followUps ?? []).forEach(({ by, ...f }, i) =>
    make.add('followUp', { ...f, byId: make.into.person(by) }, i),
  );
  const earlier = [...(file.comebackOf ? [file.comebackOf] : []), ...(file.comebacksOf ?? [])];
  earlier.forEach((c, i) => {
    const ofCaseId = make.into.earlierCase(c);
    if (!ofCaseId)
      throw new Problem(`It names case ${c.number ?? c.id} as the earlier one, which is not here.`);
    make.add('comeback', { ofCaseId, state: c.state, why: c.why }, i);
  });
}

function takeCause(cause: NonNullable<CaseFile['causes']>[number], make: RowMaker, position: number): void {
  const { explains, ...fields } = cause;
  const partId = make.entry('part', cause.part);
  const failureId = make.entry('failure', cause.failure);
  const causeId = make.add('cause', { ...fields, partId, failureId }, position);
  make.name('cause', cause.ref ?? String(position + 1), causeId);
  const say = (of: 'code' | 'symptom' | 'test', what: string | null) =>
    make.add('explains', { causeId, of, what });
  for (const code of explains?.codes ?? []) say('code', readCode(code)?.code ?? code);
  for (const n of explains?.symptoms ?? []) {
    const id = make.symptoms[n - 1];
    if (!id) throw new Problem(`A cause explains symptom ${n}, but the file has ${make.symptoms.length}.`);
    say('symptom', id);
  }
  for (const t of explains?.tests ?? []) say('test', make.find('test', t));
}

function takeRepair(
  repair: NonNullable<CaseFile['repairs']>[number],
  make: RowMaker,
  position: number,
): void {
  const { parts, cause, by, answeredBy, ...fields } = repair;
  // A file that names no cause means its first one; an empty name means none.
  const causeId = cause === undefined ? make.firstNamed('cause') : make.find('cause', cause);
  const people = { byId: make.into.person(by), answeredById: make.into.person(answeredBy) };
  const repairId = make.add('repair', { ...fields, causeId, ...people }, position);
  (parts ?? []).forEach(({ ref, ...p }, n) =>
    make.name('part', ref || undefined, make.add('part', { ...p, repairId }, n)),
  );
}

function takeProof(proof: NonNullable<CaseFile['proof']>[number], make: RowMaker, position: number): void {
  const { test, scan, by, ...fields } = proof;
  const scanId = scan === undefined ? null : make.scans[scan - 1];
  if (scanId === undefined)
    throw new Problem(`A step of the proof names scan ${scan}, but the file has ${make.scans.length}.`);
  make.add(
    'proof',
    { ...fields, testId: make.find('test', test), scanId, byId: make.into.person(by) },
    position,
  );
}
