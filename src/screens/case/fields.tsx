'use client';

import type { Conflict } from '@/core/api';
import { useId, useState, type KeyboardEvent } from 'react';
import styled from 'styled-components';
import { checkFields, rowOf, type Kind } from '@/core/case';
import { Choice, FieldLabel, Input, TextArea } from '@/ui/controls';
import { pasteFigures } from '../paste-figures';
import { Text, space, type Space } from '@/ui/layout';
import { ClashNote } from './clash-note';
import { useCase } from './saving/store';

/** Fields bound to one field of one row of the open case. Each saves by itself. */

export interface Bound {
  kind: Kind;
  id: string;
  field: string;
  label: string;
  hideLabel?: boolean;
  placeholder?: string;
}

const Holder = styled.div<{ $clash?: boolean }>`
  min-width: 0;
  ${({ $clash }) => $clash && 'outline: 2px solid var(--unsure); outline-offset: 3px; border-radius: 3px;'}
`;

/** The value of a field as shown, and how to write it. */
export function useField(
  kind: Kind,
  id: string,
  field: string,
): [unknown, (value: unknown) => void, Conflict | undefined] {
  const value = useCase((s) => (rowOf(s.record, kind, id) as Record<string, unknown> | undefined)?.[field]);
  const clash = useCase((s) => s.conflicts.find((c) => c.kind === kind && c.id === id && c.field === field));
  const edit = useCase((s) => s.edit);
  return [value, (v) => edit(kind, id, field, v), clash];
}

export function LineField({
  kind,
  id,
  field,
  label,
  hideLabel,
  placeholder,
  figure,
  onEnter,
  autoFocus,
  list,
}: Bound & { figure?: boolean; onEnter?: () => void; autoFocus?: boolean; list?: string }) {
  const [value, edit, clash] = useField(kind, id, field);
  const inputId = useId();
  return (
    <Holder $clash={!!clash}>
      <FieldLabel htmlFor={inputId} className={hideLabel ? 'visually-hidden' : undefined}>
        {label}
      </FieldLabel>
      <Input
        id={inputId}
        $figure={figure}
        value={String(value ?? '')}
        maxLength={400}
        placeholder={placeholder}
        autoComplete="off"
        spellCheck={!figure}
        list={list}
        data-cell={`${id}:${field}`}
        autoFocus={autoFocus}
        onChange={(e) => edit(e.target.value)}
        onPaste={figure ? (e) => pasteFigures(e, edit) : undefined}
        onKeyDown={(e) => enter(e, onEnter)}
      />
      {clash && <ClashNote clash={clash} />}
    </Holder>
  );
}

/** Running text that grows with its words; `most` is how many characters its row takes. */
export function ProseField({
  kind,
  id,
  field,
  label,
  hideLabel,
  placeholder,
  most = 20_000,
}: Bound & { most?: number }) {
  const [value, edit, clash] = useField(kind, id, field);
  const inputId = useId();
  return (
    <Holder $clash={!!clash}>
      <FieldLabel htmlFor={inputId} className={hideLabel ? 'visually-hidden' : undefined}>
        {label}
      </FieldLabel>
      <TextArea
        id={inputId}
        rows={1}
        data-cell={`${id}:${field}`}
        maxLength={most}
        value={String(value ?? '')}
        placeholder={placeholder}
        onChange={(e) => edit(e.target.value)}
      />
      {clash && <ClashNote clash={clash} />}
    </Holder>
  );
}

export function ChoiceField({
  kind,
  id,
  field,
  label,
  hideLabel,
  options,
  empty,
}: Bound & { options: readonly (string | { value: string; label: string })[]; empty?: string }) {
  const [value, edit, clash] = useField(kind, id, field);
  return (
    <Holder $clash={!!clash}>
      <Choice
        label={label}
        hideLabel={hideLabel}
        value={String(value ?? '')}
        options={options}
        empty={empty}
        // The name of another row is there or not: no text is none.
        onChange={(v) => edit(v === '' && field.endsWith('Id') ? null : v)}
      />
      {clash && <ClashNote clash={clash} />}
    </Holder>
  );
}

/** A number that may be absent, such as a model year. What is no valid number yet stays in the field and says so. */
export function NumberField({ kind, id, field, label, hideLabel, placeholder }: Bound) {
  const [value, edit, clash] = useField(kind, id, field);
  const inputId = useId();
  const written = value === null || value === undefined ? '' : String(value);
  const [text, setText] = useState(written);
  const [known, setKnown] = useState(written);
  const [problem, setProblem] = useState('');
  if (written !== known) {
    setKnown(written);
    if (Number(text.replace(',', '.')) !== value) setText(written);
  }
  const type = (typed: string) => {
    setText(typed);
    const clean = typed.trim().replace(',', '.');
    const number = clean === '' ? null : Number(clean);
    try {
      checkFields(kind, { [field]: number });
      setProblem('');
      edit(number);
    } catch {
      setProblem('not a valid number here');
    }
  };
  return (
    <Holder $clash={!!clash}>
      <FieldLabel htmlFor={inputId} className={hideLabel ? 'visually-hidden' : undefined}>
        {label}
      </FieldLabel>
      <Input
        id={inputId}
        $figure
        inputMode="decimal"
        value={text}
        placeholder={placeholder}
        aria-invalid={problem !== ''}
        onChange={(e) => type(e.target.value)}
      />
      {problem && text.trim().length > 3 && (
        <Text as="span" $tone="fail" $size="small">
          {problem}
        </Text>
      )}
      {clash && <ClashNote clash={clash} />}
    </Holder>
  );
}

function enter(e: KeyboardEvent, onEnter: (() => void) | undefined) {
  if (e.key !== 'Enter' || e.nativeEvent.isComposing || !onEnter) return;
  e.preventDefault();
  onEnter();
}

const WAITED_FOR_MS = 3000;
let latest = '';

/**
 * Puts the cursor into a cell that is about to appear, by its `data-cell` name. What does not appear soon is not
 * waited for, nor while somebody has begun to write elsewhere: it would take the cursor from them.
 */
export function focusNext(cell: string): void {
  latest = cell;
  const before = document.activeElement;
  const until = performance.now() + WAITED_FOR_MS;
  const look = () => {
    const now = document.activeElement;
    const writesElsewhere = now !== before && now?.matches('input, textarea, select');
    if (latest !== cell || writesElsewhere) return;
    const found = document.querySelector<HTMLElement>(`[data-cell="${CSS.escape(cell)}"]`);
    if (found) found.focus();
    else if (performance.now() < until) requestAnimationFrame(look);
  };
  requestAnimationFrame(look);
}

export const Row = styled.div<Space & { $columns: string; $align?: 'center' }>`
  display: grid;
  grid-template-columns: ${({ $columns }) => $columns};
  gap: 4px 10px;
  align-items: ${({ $align = 'start' }) => $align};
  ${space}
  @media (max-width: 620px) {
    grid-template-columns: 1fr 1fr;
  }
`;

export const Sub = styled.h3`
  font-size: 0.8125rem;
  font-weight: 680;
  color: var(--ink-2);
  margin: 16px 0 4px;
  display: flex;
  align-items: center;
  gap: 8px;
`;

/** A time in UTC that sorts after everything on the case, for a new scan, clear or test. */
export const nowIso = (): string => new Date().toISOString();
