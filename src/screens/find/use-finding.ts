import type { FindPageAnswer } from '@/core/api';
import { useRouter } from 'next/navigation';
import { useRef, useState } from 'react';
import type { Chip, Correction, FacetFilter } from '@/core/similar';
import type { Refinement } from './types';

/** Cases shown at first, and at most. */
const PAGE = 30;
export const MOST = 500;

const addressOf = (line: string, put: Refinement, inHand: string): string => {
  const query = new URLSearchParams({ q: line });
  if (put.corrections.length || put.only.length || put.sort === 'newest')
    query.set('put', JSON.stringify(put));
  if (inHand) query.set('with', inHand);
  return `?${query}`;
};

/**
 * What is asked of the shop's cases, and what it found.
 *
 * @param given the line and what was found for it when the page was made; the case in hand stays in its address
 */
export function useFinding(given: { line: string; put: Refinement; found: FindPageAnswer; inHand: string }) {
  const router = useRouter();
  const [line, setLine] = useState(given.line);
  const [put, setPut] = useState(given.put);
  const [found, setFound] = useState(given.found);
  const [problem, setProblem] = useState('');
  const turn = useRef(0);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);

  const ask = async (text: string, how: Refinement, limit: number, mine: number) => {
    const { findByLine } = await import('./server');
    const { answer, problem: refused, code } = await findByLine(`${addressOf(text, how, '')}&limit=${limit}`);
    // A slower, older answer must not cover a newer one.
    if (mine !== turn.current) return;
    if (!answer)
      return setProblem(
        code === 'offline' ? 'No connection to the shop’s server; these are the last results.' : refused,
      );
    setFound(answer);
    setProblem('');
    router.replace(`/find${addressOf(text, how, given.inHand)}`, { scroll: false });
  };
  const askFor = (text: string, how: Refinement = put, soon = 160, limit = PAGE) => {
    setLine(text);
    setPut(how);
    clearTimeout(timer.current);
    const mine = ++turn.current;
    timer.current = setTimeout(() => void ask(text, how, limit, mine), soon);
  };
  const refine = (change: Partial<Refinement>, text = line) => askFor(text, { ...put, ...change }, 0);
  const correctionsBut = (words: string) => put.corrections.filter((c) => c.words !== words);
  return {
    line,
    put,
    found,
    problem,
    type: (text: string) => askFor(text),
    takeOff: (chip: Chip) => refine({ corrections: correctionsBut(chip.words) }, without(line, chip.words)),
    correct: (c: Correction) => refine({ corrections: [...correctionsBut(c.words), c] }),
    uncorrect: (words: string) => refine({ corrections: correctionsBut(words) }),
    narrow: (only: FacetFilter) => refine({ only: [...put.only, only] }),
    widen: (o: FacetFilter) => refine({ only: put.only.filter((x) => x.by !== o.by || x.value !== o.value) }),
    sortBy: (sort: Refinement['sort']) => refine({ sort }),
    more: () => askFor(line, put, 0, Math.min(MOST, found.cases.length + 2 * PAGE)),
  };
}
export type Finding = ReturnType<typeof useFinding>;

/** What a corrected word taught the shop, until it is taken back. */
export function useLearned(finding: Finding) {
  const [learned, setLearned] = useState<(Correction & { id: string }) | null>(null);
  const learn = async (c: Correction) => {
    const { teach } = await import('./server');
    const { id } = await teach(c);
    if (id) setLearned({ ...c, id });
  };
  return {
    learned,
    correct(c: Correction) {
      const was = finding.found.chips.find((x) => x.words === c.words);
      const unknown = was?.kind === 'text' || was?.guess;
      if (unknown && (c.kind === 'symptom' || c.kind === 'condition')) void learn(c);
      finding.correct(c);
    },
    async unlearn(c: Correction & { id: string }) {
      const { forget } = await import('./server');
      await forget(c.id);
      setLearned(null);
      finding.uncorrect(c.words);
    },
  };
}

/** A line without some of its words, wherever they stand. */
function without(line: string, taken: string): string {
  let rest = ` ${line} `;
  const whole = rest.toLowerCase().indexOf(` ${taken.toLowerCase()} `);
  if (whole >= 0) rest = rest.slice(0, whole + 1) + rest.slice(whole + taken.length + 1);
  else
    for (const w of taken.split(' '))
      rest = rest.replace(
        new RegExp(`(?<=[\\s,;])${w.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')}(?=[\\s,;.!?])`, 'i'),
        '',
      );
  return rest.replace(/\s+/g, ' ').trim();
}
