import type { Kind, Op } from '@/core/case';
import type { Action } from './roles';

/** Which right a write to a case needs, by the kind of row and its fields. */

/** Rows of the complaint and of the customer's side of it. */
const TAKEN_IN: ReadonlySet<Kind> = new Set<Kind>([
  'vehicle',
  'case',
  'symptom',
  'earlier',
  'followUp',
  'comeback',
]);
/** Fields of a case that only who signs off writes. */
const SIGNED_OFF = new Set(['closedAt', 'unexplained', 'lesson']);
/** Fields of a repair that are the customer's answer, which the desk takes. */
const ANSWER = new Set(['authorisation', 'askedAt', 'answeredAt', 'answeredById', 'declinedMeans']);
/** What shows a photo of the vehicle or a document, before anything is tested. */
const isOfTheCase = (row: Record<string, unknown>): boolean => !row.testId && !row.partId && !row.scanId;

/** The fields that an operation writes. */
function fieldsOf(op: Op): string[] {
  if (op.op === 'remove') return [];
  return Object.keys(op.op === 'set' ? op.set : op.row);
}

/**
 * The right that an operation on a case needs.
 *
 * @param op as it is sent
 * @param row the row as it stands, where it is there already
 * @example actionOf({ op: 'remove', kind: 'cause', id: 'c1' }, { state: 'suspected' }) // 'diagnose'
 * @example actionOf({ op: 'remove', kind: 'cause', id: 'c1' }, { state: 'diagnosed' }) // 'sign off'
 */
export function actionOf(op: Op, row?: Record<string, unknown>): Action {
  const fields = fieldsOf(op);
  if (op.kind === 'cause') return causeAction(op, row);
  if (op.kind === 'case' && op.op === 'set' && fields.some((f) => SIGNED_OFF.has(f))) return 'sign off';
  if (op.kind === 'repair' && op.op === 'set' && fields.every((f) => ANSWER.has(f))) return 'take in';
  if (op.kind === 'attachment' && isOfTheCase(op.op === 'add' ? op.row : (row ?? {}))) return 'take in';
  return TAKEN_IN.has(op.kind) ? 'take in' : 'diagnose';
}

/**
 * To name the cause is the lead's: a technician proposes one (`suspected`). What becomes of a named one, declined,
 * waiting for a part, repaired, follows from the repair.
 */
function causeAction(op: Op, row?: Record<string, unknown>): Action {
  const proposed = row?.state === 'suspected';
  if (op.op === 'remove') return proposed ? 'diagnose' : 'sign off';
  if (op.op === 'add') return op.row.state === 'suspected' ? 'diagnose' : 'sign off';
  const fields = Object.keys(op.set);
  if (fields.includes('state') && (proposed || op.set.state === 'suspected')) return 'sign off';
  if (fields.some((f) => f === 'partId' || f === 'failureId') && !proposed) return 'sign off';
  return fields.every((f) => f === 'state') ? 'take in' : 'diagnose';
}
