import type { Correction, FacetFilter } from '@/core/similar';

/** How a line is put, beside its words. */
export interface Refinement {
  corrections: Correction[];
  only: FacetFilter[];
  sort: 'nearest' | 'newest';
}
