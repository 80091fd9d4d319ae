import type { Conflict, OpenCase } from '@/core/api';
import type { CaseRecord, Kind, Op } from '@/core/case';
import type { Outgoing } from './flush';

export interface CaseState extends Outgoing {
  open: OpenCase;
  /** The record as shown: the server's, with everything not saved yet laid over it. */
  record: CaseRecord;
  /** The browser has no room to keep what was not sent yet: it is lost if the page is left before it was. */
  noRoom: boolean;
  /** Ids of others who have the case open now. */
  alsoHere: string[];
  /** What was removed last here, for the offer to undo it. */
  removed: string;
  edit: (kind: Kind, id: string, field: string, value: unknown) => void;
  add: (kind: Kind, row: Record<string, unknown>, id?: string) => string;
  /** Several operations that happen together or not at all. */
  together: (ops: Op[]) => void;
  remove: (kind: Kind, id: string, label: string) => void;
  /** Several rows at once, to be put back at once. */
  removeAll: (rows: { kind: Kind; id: string }[], label: string) => void;
  settle: (conflict: Conflict, value: unknown) => void;
  /** Lets theirs stand and adds one's own as a row of its own beside it. */
  besideTheirs: (conflict: Conflict) => void;
  dropRefused: (changeId: string) => void;
  /** Sends a removal again that was held back because somebody wrote there. */
  removeAnyway: (changeId: string) => void;
  /** Sends what waits, and resolves once everything is on the server or has to wait for it. */
  flush: () => Promise<void>;
  noticedRemoval: () => void;
  /** Asks the server for what is new, at once. */
  refresh: () => Promise<void>;
  start: () => () => void;
}
