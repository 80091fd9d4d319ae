import type { CodeStatus } from '@/core/case';
import type { Recurrence } from './recurrence';
import type { CodeKind } from './kind';

export type CodeRole = 'chase' | 'knock-on' | 'aside' | 'leftover';
/** What is proposed: a role, or that nothing on the case sorts it yet. */
export type ProposedRole = CodeRole | 'unsorted';

/** One code with everything the rules look at. */
export interface CodeFacts {
  code: string;
  base: string;
  /** The tool's wording, else the dictionary's. */
  text: string;
  kind: CodeKind;
  course: Recurrence;
  /** Why it has that course, for a reason that names it. */
  courseBecause?: string;
  /** Whether a repair of unknown time may have taken it away. */
  repairNotTold?: boolean;
  /** All statuses it had in any scan; none where the tool gave none. */
  statuses: CodeStatus[];
  /** Controllers that reported it. */
  modules: string[];
}

/** The scans of a case as the rules see them. */
export interface TriageFacts {
  codes: CodeFacts[];
  /** Controllers that did not answer in some scan. */
  silent: string[];
  /** Lowest battery voltage of the scans in volts, where known. */
  battery: number | null;
  /** Areas of the vehicle the complaint is about, as the symptom vocabulary groups them. */
  areas: string[];
  /** What happened before it came in: kinds of `earlier` rows. */
  events?: string[];
  /** The complaint comes and goes. */
  intermittent?: boolean;
  /** Words of the complaint: the customer's, and those of the symptoms. */
  said?: string;
}

export interface Proposal {
  role: ProposedRole;
  /** The rule's name, for whoever wants to know which one spoke. */
  rule: string;
  because: string;
}

/** A rule of the trade: when it speaks, what role it gives, and why. Rules are data; see `triage-rules.ts`. */
export interface TriageRule {
  name: string;
  /** Rules with more say go first. */
  say: number;
  speak: (code: CodeFacts, all: TriageFacts) => { role: ProposedRole; because: string } | undefined;
}
