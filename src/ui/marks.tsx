import styled from 'styled-components';

/**
 * Shapes for verdicts and proof grades, so that they can be told apart without colour: pass is a
 * full disc, fail a full square on its tip, unsure half a disc, void an empty dashed ring. A grade is
 * a stack of one to four bars.
 */

const Word = styled.span<{ $tone: string }>`
  display: inline-flex;
  align-items: center;
  gap: 5px;
  font-weight: 650;
  white-space: nowrap;
  color: ${({ $tone }) => `var(--${$tone})`};
  & svg {
    flex: none;
  }
`;

type VerdictWord = '' | 'pass' | 'fail' | 'unsure' | 'void';

export function VerdictShape({ verdict, size = 14 }: { verdict: VerdictWord; size?: number }) {
  const tone = verdict === '' ? 'var(--rule-2)' : `var(--${verdict})`;
  return (
    <svg width={size} height={size} viewBox="0 0 16 16" aria-hidden="true">
      {verdict === 'pass' && <circle cx="8" cy="8" r="6.5" fill={tone} />}
      {verdict === 'fail' && <path d="M8 .6 15.4 8 8 15.4.6 8Z" fill={tone} />}
      {verdict === 'unsure' && (
        <>
          <circle cx="8" cy="8" r="6" fill="none" stroke={tone} strokeWidth="1.6" />
          <path d="M8 2a6 6 0 0 1 0 12Z" fill={tone} />
        </>
      )}
      {verdict === 'void' && (
        <circle cx="8" cy="8" r="6" fill="none" stroke={tone} strokeWidth="1.8" strokeDasharray="3 2.2" />
      )}
      {verdict === '' && <path d="M3 8h10" stroke={tone} strokeWidth="1.6" />}
    </svg>
  );
}

/** A verdict as shape and word. */
export function VerdictMark({ verdict, small }: { verdict: VerdictWord; small?: boolean }) {
  return (
    <Word $tone={verdict === '' ? 'ink-3' : verdict} style={small ? { fontSize: '0.8125rem' } : undefined}>
      <VerdictShape verdict={verdict} size={small ? 12 : 15} />
      {verdict === '' ? 'no verdict yet' : verdict}
    </Word>
  );
}

const STEPS: Record<string, number> = { claimed: 1, checked: 2, proven: 3, held: 4 };

/** A proof grade as bars and word; a comeback is said beside it. */
export function GradeMark({ grade, cameBack }: { grade: string; cameBack?: boolean }) {
  const n = STEPS[grade] ?? 0;
  return (
    <Word
      $tone={cameBack ? 'fail' : n >= 3 ? 'pass' : n === 0 ? 'ink-3' : 'ink-2'}
      style={{ fontSize: '0.8125rem' }}
    >
      <svg width="14" height="14" viewBox="0 0 14 14" aria-hidden="true">
        {[0, 1, 2, 3].map((i) => (
          <rect
            key={i}
            x="1"
            width="12"
            height="2.4"
            y={10.6 - i * 3.2}
            rx="0.6"
            fill={i < n ? 'currentColor' : 'none'}
            stroke="currentColor"
            strokeWidth={i < n ? 0 : 0.7}
            opacity={i < n ? 1 : 0.55}
          />
        ))}
      </svg>
      {grade === '' ? 'no proof yet' : grade}
      {cameBack ? ', came back' : ''}
    </Word>
  );
}
