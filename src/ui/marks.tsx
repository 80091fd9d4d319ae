import { displayWord } from '@/core/case/display-words';
import styled from 'styled-components';

/**
 * Shapes for verdicts and proof grades, so that they can be told apart without colour: pass is a
 * tick in a full square, fail a cross in a square on its tip, unsure a question mark, not valid a stroke through an
 * empty square. A grade is a row of four cells, as many filled as it has steps.
 */

const Word = styled.span<{ $tone: string; $small?: boolean }>`
  display: inline-flex;
  align-items: center;
  gap: 5px;
  font-weight: 650;
  white-space: nowrap;
  ${({ $small }) => $small && 'font-size: 0.8125rem;'}
  color: ${({ $tone }) => `var(--${$tone})`};
  & svg {
    flex: none;
  }
`;

type VerdictWord = '' | 'pass' | 'fail' | 'unsure' | 'void';

const EMPTY_SQUARE = { x: 1.8, y: 1.8, width: 12.4, height: 12.4, rx: 3, fill: 'none', strokeWidth: 1.5 };

export function VerdictShape({ verdict, size = 14 }: { verdict: VerdictWord; size?: number }) {
  const tone = verdict === '' ? 'var(--rule-2)' : `var(--${verdict})`;
  return (
    <svg width={size} height={size} viewBox="0 0 16 16" aria-hidden="true">
      {verdict === 'pass' && (
        <>
          <rect x="1" y="1" width="14" height="14" rx="3" fill={tone} />
          <path d="M4 8.4 6.8 11.2 12 5.2" fill="none" stroke="var(--sheet)" strokeWidth="2.2" />
        </>
      )}
      {verdict === 'fail' && (
        <>
          <path d="M8 0 16 8 8 16 0 8Z" fill={tone} />
          <path d="M5.4 5.4l5.2 5.2m0-5.2-5.2 5.2" stroke="var(--sheet)" strokeWidth="2" />
        </>
      )}
      {verdict === 'unsure' && (
        <>
          <rect {...EMPTY_SQUARE} stroke={tone} />
          <path
            d="M5.8 6.2c0-3 4.4-3 4.4-.1 0 1.7-2.2 1.8-2.2 3.2M8 11.2v1.4"
            fill="none"
            stroke={tone}
            strokeWidth="1.6"
          />
        </>
      )}
      {verdict === 'void' && (
        <>
          <rect {...EMPTY_SQUARE} stroke={tone} />
          <path d="M3.2 12.8 12.8 3.2" stroke={tone} strokeWidth="1.6" />
        </>
      )}
      {verdict === '' && <path d="M3 8h10" stroke={tone} strokeWidth="1.6" />}
    </svg>
  );
}

/** A verdict as shape and word. */
export function VerdictMark({ verdict, small }: { verdict: VerdictWord; small?: boolean }) {
  return (
    <Word $tone={verdict === '' ? 'ink-3' : verdict} $small={small}>
      <VerdictShape verdict={verdict} size={small ? 12 : 15} />
      {verdict === '' ? 'no verdict yet' : displayWord(verdict)}
    </Word>
  );
}

const STEPS: Record<string, number> = { claimed: 1, checked: 2, proven: 3, held: 4 };

function toneOf(steps: number, cameBack: boolean | undefined): string {
  if (cameBack) return 'fail';
  if (steps >= 3) return 'pass';
  return steps === 0 ? 'ink-3' : 'ink-2';
}

/** A proof grade as cells and word; a comeback is said beside it. */
export function GradeMark({ grade, cameBack }: { grade: string; cameBack?: boolean }) {
  const n = STEPS[grade] ?? 0;
  return (
    <Word $tone={toneOf(n, cameBack)} $small>
      <svg width="26" height="8" viewBox="0 0 26 8" aria-hidden="true">
        {[0, 1, 2, 3].map((i) => (
          <rect
            key={i}
            x={i * 6.6 + 0.4}
            y="1"
            width="5.2"
            height="6"
            rx="1"
            fill={i < n ? 'currentColor' : 'none'}
            stroke="currentColor"
            strokeWidth="0.8"
            opacity={i < n ? 1 : 0.6}
          />
        ))}
      </svg>
      {grade === '' ? 'no proof yet' : displayWord(grade)}
      {cameBack ? ', came back' : ''}
    </Word>
  );
}
