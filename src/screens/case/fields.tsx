'use client';

import type { Conflict } from '@/core/api';
import { useId, useState, type KeyboardEvent, type ReactNode } from 'react';
import styled from 'styled-components';
import { checkFields, keepBoth, rowOf, type Kind } from '@/core/case';
import { Button, Choice, FieldLabel, Input, TextArea } from '@/ui/controls';
import { pasteFigures } from '../paste-figures';
import { dayTime } from '@/ui/dates';
import { useCase } from './saving/store';
import { HELP, type HelpOn } from '../help-texts';
import { Help } from '@/ui/help';
import { Inline, Text, space, type Space } from '@/ui/layout';

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

const Clash = styled.div`
  margin-top: 6px;
  padding: 8px 10px;
  background: var(--unsure-soft);
  border-radius: var(--radius);
  & blockquote {
    margin: 2px 0 6px;
    padding-left: 8px;
    border-left: 3px solid var(--unsure);
    white-space: pre-wrap;
  }
  & div {
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
  }
`;

/** Both versions of a field that two people wrote, for one of them to settle. */
function ClashNote({ clash }: { clash: Conflict }) {
  const settle = useCase((s) => s.settle);
  const text = (v: unknown) => (Array.isArray(v) ? v.join(', ') : String(v ?? '')) || '(empty)';
  const both = keepBoth(clash.kind, clash.field, clash.theirs, clash.mine);
  const beside = useCase((s) => s.besideTheirs);
  if (clash.removed) {
    return (
      <Clash role="alert">
        Somebody else removed this while you were typing: <blockquote>{text(clash.mine)}</blockquote>
        <div>
          <Button onPress={() => settle(clash, clash.theirs)}>Discard mine</Button>
        </div>
      </Clash>
    );
  }
  return (
    <Clash role="alert">
      {clash.by || 'Somebody else'} wrote here{clash.at ? ` (${dayTime(clash.at)})` : ''} while you did:
      <blockquote>{text(clash.theirs)}</blockquote>
      Yours:
      <blockquote>{text(clash.mine)}</blockquote>
      <div>
        <Button onPress={() => settle(clash, clash.mine)}>Keep mine</Button>
        <Button onPress={() => settle(clash, clash.theirs)}>Take theirs</Button>
        {both && (
          <Button onPress={() => (both.way === 'text' ? settle(clash, both.text) : beside(clash))}>
            {both.way === 'text' ? 'Keep both' : 'Keep both, as two readings'}
          </Button>
        )}
      </div>
    </Clash>
  );
}

/** Conflicts on rows that are no longer on the screen, so that nobody's words vanish with them. */
export function LostClashes() {
  const conflicts = useCase((s) => s.conflicts);
  const record = useCase((s) => s.record);
  const lost = conflicts.filter((c) => c.removed || !rowOf(record, c.kind, c.id));
  if (lost.length === 0) return null;
  return (
    <>
      {lost.map((c) => (
        <ClashNote key={c.id + c.field} clash={c} />
      ))}
    </>
  );
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

const PartBox = styled.section`
  padding: 14px 20px 20px;
  border-top: 1px solid var(--rule);
  scroll-margin-top: 116px;
  &:first-of-type {
    border-top: 0;
  }
  & > header {
    display: flex;
    align-items: baseline;
    gap: 12px;
    flex-wrap: wrap;
    margin-bottom: 8px;
  }
  & h2 {
    font-size: 1.1875rem;
    font-weight: 720;
    letter-spacing: -0.01em;
    & a {
      color: inherit;
      text-decoration: none;
    }
  }
  @media (max-width: 620px) {
    padding: 12px;
  }
`;

/** One of the five parts of the sheet. */
export function CasePart({
  id,
  title,
  lead,
  actions,
  children,
}: {
  id: string;
  title: string;
  lead?: string;
  actions?: ReactNode;
  children: ReactNode;
}) {
  return (
    <PartBox id={id} aria-labelledby={`${id}-title`}>
      <header>
        <h2 id={`${id}-title`}>
          <a href={`#${id}`}>{title}</a>
        </h2>
        {id in HELP && <Help on={title} text={HELP[id as HelpOn]} />}
        {lead && (
          <Text as="span" $tone="ink-3" $size="note">
            {lead}
          </Text>
        )}
        <Inline as="span" $gap={6} $push>
          {actions}
        </Inline>
      </header>
      {children}
    </PartBox>
  );
}

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
