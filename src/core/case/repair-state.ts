import { doneRepairs } from './done';
import type { CaseRecord } from './kinds';
import { setFields, type Op } from './change';
import type { CAUSE_STATES } from './argument';
import type { Wait } from './complaint';

export const REPAIR_STATES = [
  'planned',
  'asked',
  'authorised',
  'waiting for a part',
  'done',
  'declined',
  'put off',
] as const;
export type RepairState = (typeof REPAIR_STATES)[number];

type Facts = Pick<CaseRecord, 'repair' | 'cause' | 'part'> & Parameters<typeof doneRepairs>[0];
type Part = CaseRecord['part'][number];

/** Parts of a repair that are ordered and not here yet. */
export const partsAwaited = (record: Pick<CaseRecord, 'part'>, repairId: string): Part[] =>
  record.part.filter((p) => p.repairId === repairId && p.orderedAt !== null && p.arrivedAt === null);

/** Parts of a repair that nobody has ordered, and that are not here. */
const partsToOrder = (record: Pick<CaseRecord, 'part'>, repairId: string): Part[] =>
  record.part.filter((p) => p.repairId === repairId && p.orderedAt === null && p.arrivedAt === null);

/**
 * Where each repair of a case stands, from what is written: never from what a form had preselected.
 *
 * @param record repairs with their parts, causes and scans
 * @returns by the repair's id; a customer's no comes first, then what was done, an open question, a part that is on order
 */
export function repairStates(record: Facts): Map<string, RepairState> {
  const done = new Set(doneRepairs(record).map((r) => r.id));
  const stateOf = (r: CaseRecord['repair'][number]): RepairState => {
    if (r.authorisation === 'declined' || r.authorisation === 'put off') return r.authorisation;
    if (done.has(r.id)) return 'done';
    if (r.authorisation === 'asked') return 'asked';
    if (partsAwaited(record, r.id).length > 0) return 'waiting for a part';
    return r.authorisation === 'authorised' ? 'authorised' : 'planned';
  };
  return new Map(record.repair.map((r) => [r.id, stateOf(r)]));
}

/**
 * What a case waits for by what is written of its repairs.
 *
 * @param record the case
 * @returns a wait; '' where every repair was declined and nobody is waited for; undefined where the repairs do not
 * tell, so that only a person can say
 */
export function impliedWait(record: Facts & Pick<CaseRecord, 'case'>): Wait | undefined {
  if (record.case.closedAt !== null) return '';
  const states = [...repairStates(record).values()];
  const waits: [RepairState, Wait][] = [
    ['asked', 'authorisation'],
    ['waiting for a part', 'part'],
    ['authorised', 'repair'],
  ];
  const next = waits.find(([state]) => states.includes(state));
  if (next) return next[1];
  if (record.cause.some((c) => c.state === 'part on order')) return 'part';
  if (states.length === 0 || states.includes('planned')) return undefined;
  // A confirmed cause that nobody planned a repair for is not told of.
  const untold = record.cause.some(
    (c) => c.state === 'diagnosed' && !record.repair.some((r) => r.causeId === c.id),
  );
  if (untold) return undefined;
  return states.includes('done') ? 'proof' : '';
}

export const REPAIR_ACTS = ['ask', 'authorise', 'decline', 'put off', 'order', 'arrived', 'done'] as const;
export type RepairAct = (typeof REPAIR_ACTS)[number];

/** Which acts lead on from where a repair stands, the most usual first. */
const NEXT: Record<RepairState, readonly RepairAct[]> = {
  planned: ['ask', 'done', 'authorise', 'order', 'decline'],
  asked: ['authorise', 'decline', 'put off'],
  authorised: ['done', 'order', 'decline'],
  'waiting for a part': ['arrived', 'decline'],
  done: [],
  declined: ['authorise'],
  'put off': ['authorise', 'decline'],
};

/** The acts that can follow; ordering and arriving need a part that stands on the repair. */
export function nextActs(record: Facts, repairId: string): RepairAct[] {
  const state = repairStates(record).get(repairId);
  if (state === undefined) return [];
  const toOrder = partsToOrder(record, repairId).length > 0;
  const causeId = record.repair.find((r) => r.id === repairId)?.causeId;
  // What a technician proposed is repaired once the lead has named it the cause.
  const proposed = record.cause.find((c) => c.id === causeId)?.state === 'suspected';
  return NEXT[state].filter((act) => (act !== 'order' || toOrder) && !(act === 'done' && proposed));
}

/** How the cause of a repair stands after an act; left as it is where nothing is said. */
const CAUSE_AFTER: Partial<Record<RepairAct, (typeof CAUSE_STATES)[number]>> = {
  authorise: 'diagnosed',
  decline: 'declined',
  order: 'part on order',
  arrived: 'diagnosed',
  done: 'repaired',
};

/**
 * The writes of one act on a repair: the answer or the part, its time, who did it, and how the cause stands then.
 *
 * @param record the case
 * @param repairId which repair
 * @param act what happened
 * @param by the person here, or null
 * @param at now, ISO 8601
 * @returns operations that belong together; none where the repair is not there
 */
export function repairAct(
  record: Facts,
  repairId: string,
  act: RepairAct,
  by: string | null,
  at: string,
): Op[] {
  const repair = record.repair.find((r) => r.id === repairId);
  if (!repair) return [];
  const answer = { answeredAt: at, answeredById: by };
  const own: Record<RepairAct, Record<string, unknown>> = {
    ask: { authorisation: 'asked', askedAt: at },
    authorise: { authorisation: 'authorised', ...answer },
    decline: { authorisation: 'declined', at: null, ...answer },
    'put off': { authorisation: 'put off', at: null, ...answer },
    order: {},
    arrived: {},
    // It is credited to who did it, not to who planned it.
    done: { at: repair.at ?? at, byId: by ?? repair.byId },
  };
  const toOrder = act === 'order' ? partsToOrder(record, repairId) : [];
  const toArrive = act === 'arrived' || act === 'done' ? partsAwaited(record, repairId) : [];
  const ofParts = [
    ...toOrder.map((p) => [p, { orderedAt: at }] as const),
    ...toArrive.map((p) => [p, { arrivedAt: at }] as const),
  ];
  const cause = record.cause.find((c) => c.id === repair.causeId);
  // Whether it is the cause at all is for the lead to say.
  const stands = cause?.state === 'suspected' ? undefined : CAUSE_AFTER[act];
  // Another repair of the same cause that was done, or goes on, keeps it from being declined as a whole.
  const others = [...repairStates(record)].filter(
    ([id, state]) =>
      id !== repairId &&
      record.repair.some((r) => r.id === id && r.causeId === cause?.id) &&
      state !== 'declined' &&
      state !== 'put off',
  );
  const causeStays =
    stands === undefined ||
    (cause?.state === 'repaired' && act !== 'decline') ||
    (act === 'decline' && others.length > 0);
  return [
    ...setFields('repair', repair, own[act]),
    ...ofParts.flatMap(([p, set]) => setFields('part', p, set)),
    ...(cause && !causeStays ? setFields('cause', cause, { state: stands }) : []),
  ];
}
