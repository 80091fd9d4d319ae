import type { Around, CaseInShort } from '@/core/api';
import type { CaseRecord } from '@/core/case';
import { Catalogue, matchComeback, type ComebackFacts, type Period } from '@/core/cause';
import { odometerHere, type Region } from '@/core/region';
import { DIGEST_VERSION, digestOf, weighedCodes, type CaseDigest } from '@/core/similar';
import { symptomById } from '@/core/symptoms';
import { db } from '@/store/database';
import { freshBodies } from '@/store/digests';
import { loadCase, loadCases } from '@/store/rows';
import { listCatalogue } from '@/store/catalogue';
import { confirmedComebacks, numberOfCase } from '@/store/shop';
import { casesOfVehicle } from '@/store/vehicles';
import { recogniseVehicle } from '../shop/recognise';
import { money, periods, region } from '../shop/shop';

/** What the rest of the shop says of a case: other cases of its vehicle, comebacks. Reads digests, writes nothing. */
export const aroundCase = async (caseId: string): Promise<Around> => (await caseWithAround(caseId)).around;

/** A case with what the rest of the shop says of it; no record where there is no such case. */
export async function caseWithAround(
  caseId: string,
): Promise<{ record: CaseRecord | undefined; around: Around }> {
  const [record, { followUp, comeback }, rate, comebacks, here] = await Promise.all([
    loadCase(db(), caseId),
    periods(),
    money(),
    confirmedComebacks(db()),
    region(),
  ]);
  if (!record) {
    const nothing = { sameVehicle: [], cameBackAs: [], comebackOf: [], comebackOffers: [], twin: null };
    return { record, around: { ...nothing, followUp, money: rate } };
  }
  const { customer, phone } = record.case;
  const [own, known, comebackOf] = await Promise.all([
    casesOfVehicle(db(), record.vehicle.id),
    recogniseVehicle(db(), { ...record.vehicle, customer, phone }, record.vehicle.id),
    Promise.all(
      record.comeback.map(async (c) => ({
        caseId: c.ofCaseId,
        state: c.state,
        number: (await numberOfCase(db(), c.ofCaseId)) ?? 0,
      })),
    ),
  ]);
  // What was here before is offered whichever way the vehicle was recognised.
  const alike = known.filter((k) => k.sure !== 'perhaps');
  const [same, others] = await Promise.all([
    digestsOf(own.filter((c) => c !== caseId)),
    digestsOf(alike.flatMap((k) => k.caseIds)),
  ]);
  const earlier = [...same, ...others];
  return {
    record,
    around: {
      sameVehicle: inShort(same),
      cameBackAs: comebacks.get(caseId) ?? [],
      comebackOf,
      comebackOffers: comebackOffers(record, earlier, comeback, here),
      twin: twinOf(record, earlier),
      followUp,
      money: rate,
    },
  };
}

/** Digests of some cases: as they are kept, or drawn up here where the kept one is older than its case. */
export async function digestsOf(ids: string[]): Promise<CaseDigest[]> {
  const bodies = await freshBodies(db(), DIGEST_VERSION, ids);
  const missing = ids.filter((id) => !bodies.has(id));
  const drawn = missing.length ? await loadCases(db(), missing) : [];
  const catalogue = drawn.length ? new Catalogue(await listCatalogue(db())) : undefined;
  return [
    ...[...bodies.values()].map((b) => JSON.parse(b) as CaseDigest),
    ...drawn.map((r) => digestOf(r, catalogue!)),
  ];
}

/** Cases in short, newest first. */
export function inShort(digests: readonly CaseDigest[]): CaseInShort[] {
  return digests
    .map(({ id, number, openedAt, headline, grade, open }) => ({
      id,
      number,
      openedAt,
      headline,
      grade,
      open,
    }))
    .sort((a, b) => b.openedAt.localeCompare(a.openedAt));
}

const AN_HOUR = 3_600_000;

/** A case opened within the hour before for the same vehicle, as long as nobody said that this is another matter. */
function twinOf(record: CaseRecord, others: readonly CaseDigest[]): Around['twin'] {
  const now = Date.parse(record.case.openedAt);
  const decided = new Set(record.comeback.map((c) => c.ofCaseId));
  const twin = others.find((o) => {
    const before = now - Date.parse(o.openedAt);
    return o.open && before >= 0 && before <= AN_HOUR && !decided.has(o.id);
  });
  return twin && record.case.closedAt === null
    ? {
        caseId: twin.id,
        number: twin.number,
        minutes: Math.round((now - Date.parse(twin.openedAt)) / 60_000),
      }
    : null;
}

const COUNTS = 0.5;
const counting = (codes: CaseDigest['codes']) => codes.filter((c) => c.weight >= COUNTS).map((c) => c.code);

/** What of a past case is held against another to tell a comeback: chased codes, symptoms, dates, odometer. */
const ofDigest = (d: CaseDigest, here: Region | undefined): ComebackFacts => ({
  number: d.number,
  openedAt: d.openedAt,
  closedAt: d.closedAt,
  odometer: odometerHere(d.odometer, here),
  codes: counting(d.codes),
  symptoms: d.symptoms,
  repaired: d.repaired,
});

function comebackOffers(
  record: CaseRecord,
  earlier: readonly CaseDigest[],
  period: Period,
  here: Region | undefined,
): Around['comebackOffers'] {
  const decided = new Set(record.comeback.map((c) => c.ofCaseId));
  const now: ComebackFacts = {
    number: record.case.number,
    openedAt: record.case.openedAt,
    closedAt: record.case.closedAt,
    odometer: odometerHere(record.case.odometer, here),
    codes: counting(weighedCodes(record)),
    symptoms: record.symptom
      .filter((s) => s.concept !== '' && s.reproduced !== 'no')
      .map((s) => ({ id: s.concept, label: symptomById(s.concept)?.label ?? s.words })),
    repaired: false,
  };
  return earlier.flatMap((e) => {
    if (decided.has(e.id)) return [];
    const match = matchComeback(now, ofDigest(e, here), period);
    return match ? [{ ...match, caseId: e.id }] : [];
  });
}
