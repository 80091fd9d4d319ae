import type { Grade } from '@/core/case';

/** One thing that a higher grade still asks for. */
export interface Missing {
  /** The grade that it stands in the way of. */
  for: Grade;
  of: 'repair' | 'cause' | 'time' | 'clear' | 'scan' | 'code' | 'test' | 'conditions' | 'follow-up';
  say: string;
  /** The failing test that it is about. */
  testId?: string;
  /** The codes that it is about. */
  codes?: string[];
}
