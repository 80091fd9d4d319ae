'use client';

import styled, { css } from 'styled-components';

/** How things stand beside and below each other, and how text is weighed. A number is in pixels. */

/** Room around and within; every part of this file and the small parts of `controls` take it. */
export interface Space {
  /** As CSS writes it: `'8px 0'`. */
  $pad?: string;
  $margin?: string;
  /** In line with what is written in the fields above and below. */
  $indent?: boolean;
}

export const space = css<Space>`
  ${({ $pad }) => $pad && `padding: ${$pad};`}
  ${({ $margin }) => $margin && `margin: ${$margin};`}
  ${({ $indent }) => $indent && 'padding-left: 8px;'}
`;

interface InRow {
  $width?: number | string;
  $height?: number;
  $max?: number;
  $min?: number;
  /** Takes what the others leave. */
  $grow?: boolean;
  /** A line of its own in a row that wraps. */
  $whole?: boolean;
  /** At the far end of its row. */
  $push?: boolean;
}

const inRow = css<InRow>`
  ${({ $width }) => $width !== undefined && `width: ${typeof $width === 'number' ? `${$width}px` : $width};`}
  ${({ $height }) => $height !== undefined && `height: ${$height}px;`}
  ${({ $max }) => $max !== undefined && `max-width: ${$max}px;`}
  ${({ $min }) => $min !== undefined && `min-width: ${$min}px;`}
  ${({ $grow }) => $grow && 'flex: 1;'}
  ${({ $whole }) => $whole && 'flex-basis: 100%;'}
  ${({ $push }) => $push && 'margin-left: auto;'}
`;

const gap = ({ $gap }: { $gap?: number | string }) =>
  $gap !== undefined && `gap: ${typeof $gap === 'number' ? `${$gap}px` : $gap};`;

interface InlineProps extends Space, InRow {
  $gap?: number | string;
  $align?: 'center' | 'start' | 'end';
  $justify?: 'center' | 'space-between';
  $nowrap?: boolean;
  /** The least height, for what fingers press. */
  $room?: number;
  /** As wide as what is in it. */
  $tight?: boolean;
}

/** Side by side, on more lines where there is no room. */
export const Inline = styled.div<InlineProps>`
  display: ${({ $tight }) => ($tight ? 'inline-flex' : 'flex')};
  ${gap}
  ${({ $align }) => $align && `align-items: ${$align};`}
  ${({ $justify }) => $justify && `justify-content: ${$justify};`}
  ${({ $nowrap }) => !$nowrap && 'flex-wrap: wrap;'}
  ${({ $room }) => $room && `min-height: ${$room}px;`}
  ${inRow}
  ${space}
`;

/** One below the other. */
export const Stack = styled.div<Space & { $gap?: number | string }>`
  display: grid;
  ${gap}
  ${space}
`;

/** A place in a row: how wide, and whether it takes what is left. */
export const Cell = styled.div<Space & InRow>`
  ${inRow}
  ${space}
`;

export type Tone = 'ink-2' | 'ink-3' | 'accent' | 'fail' | 'unsure' | 'pass';

export interface TextProps extends Space, InRow {
  $tone?: Tone;
  $size?: 'tiny' | 'small' | 'note' | 'large' | 'title';
  $weight?: number;
  $mono?: boolean;
  $sans?: boolean;
  $block?: boolean;
  /** `nowrap`, or the line breaks of who wrote it. */
  $lines?: 'nowrap' | 'pre-wrap' | 'pre-line';
  /** The longest line, in characters. */
  $measure?: number;
  /** Keeps its room while it is empty, so that nothing jumps when it speaks. */
  $room?: number;
}

const SIZES = {
  tiny: '0.75rem',
  small: '0.8125rem',
  note: '0.875rem',
  large: '1.0625rem',
  title: '1.25rem',
} as const;

export const text = css<TextProps>`
  ${({ $tone }) => $tone && `color: var(--${$tone});`}
  ${({ $size }) => $size && `font-size: ${SIZES[$size]};`}
  ${({ $weight }) => $weight && `font-weight: ${$weight};`}
  ${({ $mono }) => $mono && 'font-family: var(--mono);'}
  ${({ $sans }) => $sans && 'font-family: var(--sans);'}
  ${({ $block }) => $block && 'display: block;'}
  ${({ $lines }) => $lines && `white-space: ${$lines};`}
  ${({ $measure }) => $measure && `max-width: ${$measure}ch;`}
  ${({ $room }) => $room && `min-height: ${$room}px;`}
  ${inRow}
  ${space}
`;

/** Words with a weight of their own. */
export const Text = styled.p<TextProps>`
  ${text}
`;

/** What went wrong, said where it did, and read out. */
export const Problem = styled.p.attrs({ role: 'alert' })<InRow & Space>`
  color: var(--fail);
  ${inRow}
  ${space}
`;

/** A sentence in a coloured field: something to see to before going on. */
export const Notice = styled.div<Space & { $tone: 'unsure' | 'fail' }>`
  padding: 8px 12px;
  border-radius: 3px;
  background: var(--${({ $tone }) => $tone}-soft);
  ${({ $tone }) => $tone === 'fail' && 'color: var(--fail);'}
  ${space}
`;

/** The heading of a page. */
export const PageTitle = styled.h1<Space>`
  font-size: 1.25rem;
  ${space}
`;

/** The heading of a part of a page. */
export const SectionTitle = styled.h2<Space>`
  font-size: 1rem;
  ${space}
`;

/** Set off from what stands above it by a line. */
export const Ruled = styled.div<Space>`
  border-top: 1px solid var(--rule);
  ${space}
`;

/** A line between two parts. */
export const Rule = styled.hr`
  width: 100%;
  border: 0;
  border-top: 1px solid var(--rule);
`;

/** A list with points. */
export const Points = styled.ul`
  padding-left: 18px;
  list-style: disc;
`;

/** A page of a few sentences. */
export const NarrowPage = styled.main`
  max-width: 560px;
  margin: 12vh auto;
  padding: 24px;
`;
