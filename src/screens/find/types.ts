import type { Correction, Only } from '@/core/precedent';

/** How a line is put, beside its words. */
export interface Put {
  corrections: Correction[];
  only: Only[];
}
