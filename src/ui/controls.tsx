'use client';

import { useId, type ReactNode } from 'react';
import { Button as AriaButton, Label, Radio, RadioGroup } from 'react-aria-components';
import styled, { css } from 'styled-components';
import { space, text, type Space, type TextProps } from './layout';

/** Buttons, fields and choices. Fields look like writing on paper until they are touched. */

const targets = css`
  min-height: 32px;
  @media (pointer: coarse) {
    min-height: 44px;
  }
`;

export const Button = styled(AriaButton)<Space & { $kind?: 'main' | 'plain' | 'quiet'; $centred?: boolean }>`
  ${targets}
  display: inline-flex;
  align-items: center;
  gap: 6px;
  padding: 0 12px;
  border-radius: var(--radius);
  border: 1px solid var(--rule-2);
  background: var(--raised);
  cursor: pointer;
  white-space: nowrap;
  font-weight: 550;
  ${({ $kind }) =>
    $kind === 'main' &&
    css`
      background: var(--accent);
      border-color: var(--accent);
      color: var(--on-accent);
    `}
  ${({ $kind }) =>
    $kind === 'quiet' &&
    css`
      background: transparent;
      border-color: transparent;
      color: var(--ink-2);
      padding: 0 8px;
    `}
  ${({ $centred }) => $centred && 'justify-content: center;'}
  ${space}
  &[data-hovered] {
    border-color: var(--accent);
  }
  &[data-disabled] {
    opacity: 0.5;
    cursor: default;
  }
  & svg {
    width: 16px;
    height: 16px;
    flex: none;
  }
`;

/** A button that says a whole sentence, over as many lines as it takes. */
export const SentenceButton = styled(Button)`
  display: block;
  padding: 6px 12px;
  text-align: left;
  white-space: normal;
  & svg {
    vertical-align: -3px;
  }
`;

export const IconButton = styled(Button).attrs({ $kind: 'quiet', $pad: '0 6px' })`
  min-width: 32px;
  justify-content: center;
  @media (pointer: coarse) {
    min-width: 44px;
  }
`;

const writing = css`
  ${targets}
  width: 100%;
  padding: 4px 7px;
  border: 1px solid transparent;
  border-bottom-color: var(--rule);
  border-radius: 3px 3px 0 0;
  background: transparent;
  &:hover {
    border-bottom-color: var(--accent-2);
  }
  &:focus {
    outline: none;
    border-color: var(--accent);
    border-radius: 3px;
    background: var(--raised);
    box-shadow: 0 0 0 1px var(--accent);
  }
  &::placeholder {
    color: var(--ink-3);
    font-style: italic;
    opacity: 1;
  }
`;

export const Input = styled.input<{ $figure?: boolean; $width?: number }>`
  ${writing}
  ${({ $width }) => $width !== undefined && `width: ${$width}px;`}
  ${({ $figure }) => $figure && 'font-family: var(--mono); font-variant-numeric: tabular-nums; font-size: 0.9rem;'}
`;

export const TextArea = styled.textarea`
  ${writing}
  field-sizing: content;
  min-height: 34px;
  resize: none;
  display: block;
`;

const SelectBox = styled.select`
  ${writing}
  padding-right: 2px;
  cursor: pointer;
  & option {
    background: var(--raised);
    color: var(--ink);
  }
`;

export const FieldLabel = styled.label`
  display: block;
  font-size: 0.75rem;
  font-weight: 600;
  letter-spacing: 0.01em;
  color: var(--ink-3);
  padding-left: 8px;
`;

export interface ChoiceProps {
  label: string;
  hideLabel?: boolean;
  value: string;
  options: readonly (string | { value: string; label: string })[];
  /** What the empty option says. */
  empty?: string;
  onChange: (value: string) => void;
  className?: string;
}

/** One of a short list. */
export function Choice({ label, hideLabel, value, options, empty = '—', onChange, className }: ChoiceProps) {
  const id = useId();
  return (
    <div className={className}>
      <FieldLabel htmlFor={id} className={hideLabel ? 'visually-hidden' : undefined}>
        {label}
      </FieldLabel>
      <SelectBox id={id} value={value} onChange={(e) => onChange(e.target.value)}>
        {options.map((o) => {
          const option = typeof o === 'string' ? { value: o, label: o } : o;
          return (
            <option key={option.value} value={option.value}>
              {option.label === '' ? empty : option.label}
            </option>
          );
        })}
      </SelectBox>
    </div>
  );
}

const Group = styled(RadioGroup)`
  display: inline-flex;
  align-items: center;
`;
const Segment = styled(Radio)`
  min-height: 26px;
  white-space: nowrap;
  display: inline-flex;
  align-items: center;
  padding: 0 8px;
  font-size: 0.8125rem;
  cursor: pointer;
  color: var(--ink-2);
  border: 1px solid var(--rule-2);
  margin-left: -1px;
  background: var(--sheet);
  &:first-of-type {
    border-radius: 13px 0 0 13px;
    margin-left: 0;
  }
  &:last-of-type {
    border-radius: 0 13px 13px 0;
  }
  &[data-suggested] {
    color: var(--ink);
    border: 1px dashed var(--ink-2);
    z-index: 1;
  }
  /* A state, not a thing to press: filled buttons are for what to do. */
  &[data-selected] {
    background: var(--sunk);
    border-color: var(--ink-2);
    box-shadow: inset 0 0 0 1px var(--ink-2);
    color: var(--ink);
    font-weight: 680;
    z-index: 1;
  }
  &[data-focus-visible] {
    outline: 2px solid var(--accent);
    outline-offset: 2px;
    z-index: 1;
  }
  @media (pointer: coarse) {
    min-height: 44px;
    padding: 0 12px;
  }
`;

/** One of a few, all in sight. Choosing the chosen one again takes it back. */
export function Segments({
  label,
  value,
  options,
  suggested,
  onChange,
}: {
  label: string;
  value: string;
  options: readonly { value: string; label: string }[];
  /** The one proposed while none is chosen; shown, not chosen. */
  suggested?: string;
  onChange: (value: string) => void;
}) {
  return (
    <Group value={value} onChange={onChange} orientation="horizontal">
      <Label className="visually-hidden">{label}</Label>
      {options.map((o) => (
        <Segment
          key={o.value}
          value={o.value}
          data-suggested={(value === '' && o.value === suggested) || undefined}
          onClick={() => value === o.value && onChange('')}
        >
          {o.label}
        </Segment>
      ))}
    </Group>
  );
}

/** A small fact in a frame. */
export const Tag = styled.span<
  Space & { $tone?: 'plain' | 'accent' | 'fail' | 'unsure' | 'pass'; $wraps?: boolean }
>`
  display: inline-flex;
  align-items: center;
  gap: 4px;
  padding: 1px 8px;
  border-radius: 10px;
  font-size: 0.8125rem;
  white-space: ${({ $wraps }) => ($wraps ? 'normal' : 'nowrap')};
  ${space}
  color: ${({ $tone }) => ($tone && $tone !== 'plain' ? `var(--${$tone})` : 'var(--ink-2)')};
  background: ${({ $tone }) => ($tone && $tone !== 'plain' ? `var(--${$tone}-soft)` : 'var(--sunk)')};
`;

export const Figure = styled.span<TextProps>`
  font-family: var(--mono);
  font-variant-numeric: tabular-nums;
  font-size: 0.9em;
  ${text}
`;

export const Quiet = styled.span<TextProps>`
  color: var(--ink-3);
  font-size: 0.8125rem;
  ${text}
`;

const EmptyBox = styled.div`
  padding: 14px 16px;
  color: var(--ink-2);
  border: 1px dashed var(--rule-2);
  border-radius: var(--radius);
`;

/** What stands where there is nothing yet: what it is for and what to do. */
export function Empty({ children }: { children: ReactNode }) {
  return <EmptyBox>{children}</EmptyBox>;
}
