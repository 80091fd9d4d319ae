import type { CauseCount, Chip, Correction, Only, Reason } from '@/core/precedent';

/** What the find page shows: how the line was read, cases, causes, facets, what else is known. */
export interface FoundView {
  chips: Chip[];
  cases: FoundCaseView[];
  causes: (CauseCount & { share: number | null })[];
  facets: { by: Only['by']; value: string; label: string; cases: number }[];
  matching: number;
  searched: number;
  beside: BesideView;
}

export interface FoundCaseView {
  id: string;
  number: number;
  vehicle: string;
  headline: string;
  causes: string[];
  grade: string;
  comebacks: number[];
  /** Whether one change alone stands between its failing and its passing test. */
  isolated: string;
  open: boolean;
  openedAt: string;
  conditions: string[];
  score: number;
  reasons: Reason[];
  lacks: string[];
}

export interface BesideView {
  build: string;
  bulletins: {
    id: string;
    number: string;
    title: string;
    body: string;
    issuedBy: string;
    because: string[];
  }[];
  procedures: { id: string; title: string; because: string[] }[];
  knownGood: { label: string; entered: string; conditions: string[]; build: string; from: string }[];
}

/** How a line is put, beside its words. */
export interface Put {
  corrections: Correction[];
  only: Only[];
}
