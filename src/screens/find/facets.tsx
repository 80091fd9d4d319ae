'use client';

import styled from 'styled-components';
import type { FindPageAnswer } from '@/core/api';
import type { FacetFilter } from '@/core/similar';
import type { Refinement } from './types';

const Facets = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 2px 18px;
  padding: 4px 0 8px;
  font-size: 0.8125rem;
  & > span {
    display: inline-flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0 2px;
    color: var(--ink-3);
  }
  & button {
    min-height: 28px;
    padding: 0 6px;
    border: 0;
    border-radius: 4px;
    background: none;
    color: var(--ink-2);
    cursor: pointer;
    text-decoration: underline dotted var(--rule-2);
    text-underline-offset: 3px;
  }
  & button:hover {
    background: var(--sunk);
  }
  & button[aria-pressed='true'] {
    color: var(--ink);
    font-weight: 650;
    text-decoration: none;
  }
  @media (pointer: coarse) {
    & button {
      min-height: 44px;
    }
  }
`;
const FACET_WORD: Record<FacetFilter['by'], string> = {
  grade: 'proof',
  state: 'case',
  make: 'make',
  condition: 'when',
  year: 'opened',
};

const SORTS = [
  { by: 'nearest', label: 'nearness' },
  { by: 'newest', label: 'date opened' },
] as const;

/** What the results can be narrowed to, with how many there are of each, and how they are sorted. */
export function FacetRow({
  facets,
  only,
  onNarrow,
  sort,
  onSort,
}: {
  facets: FindPageAnswer['facets'];
  only: FacetFilter[];
  onNarrow: (only: FacetFilter) => void;
  sort: Refinement['sort'];
  onSort: (sort: Refinement['sort']) => void;
}) {
  const groups = (['grade', 'state', 'condition', 'make'] as const).map((by) => ({
    by,
    // One that all have, or that is chosen already, narrows nothing.
    list: facets
      .filter((f) => f.by === by && !only.some((o) => o.by === by))
      .sort((a, b) => b.cases - a.cases)
      .slice(0, 6),
  }));
  return (
    <Facets aria-label="Narrow and sort">
      {groups.map(
        ({ by, list }) =>
          list.length > 1 && (
            <span key={by}>
              {FACET_WORD[by]}
              {list.map((f) => (
                <button key={f.value} type="button" onClick={() => onNarrow({ by, value: f.value })}>
                  {f.label} {f.cases}
                </button>
              ))}
            </span>
          ),
      )}
      <span role="group" aria-label="Sorted by">
        sorted by
        {SORTS.map(({ by, label }) => (
          <button key={by} type="button" aria-pressed={by === sort} onClick={() => onSort(by)}>
            {label}
          </button>
        ))}
      </span>
    </Facets>
  );
}
