'use client';

import dynamic from 'next/dynamic';
import type { KeyboardEvent } from 'react';
import styled from 'styled-components';
import {
  formOf,
  runCheck,
  typedOf,
  withBefore,
  type Check,
  type CheckResult,
  type InputFacts,
  type Typed,
} from '@/core/checks';
import { Quiet } from '@/ui/controls';
import { VerdictMark } from '@/ui/marks';
import { Field, Problems } from './check-fields';
import type { Entries } from './entries';

/** The charts are heavy; a screen without a drawing does not load them. */
const CheckDrawing = dynamic(() => import('@/ui/drawing'), { ssr: false });

const Fields = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(168px, 1fr));
  gap: 8px 14px;
  align-items: start;
`;
const Findings = styled.ul`
  display: grid;
  gap: 5px;
  margin-top: 10px;
  & li {
    display: grid;
    grid-template-columns: 76px 1fr;
    gap: 8px;
    align-items: baseline;
  }
`;

/** The form of a check, made from its schema, with what it finds below. */
export function CheckForm({
  check,
  entries,
  earlier = [],
}: {
  check: Check;
  entries: Entries;
  /** For a repeat, what was typed the first time. */
  earlier?: readonly InputFacts[];
}) {
  const result = runCheck(check, typedOf(check, entries.rows), typedOf(check, earlier));
  const problems = result.state === 'refused' ? result.problems : [];
  return (
    <div onKeyDown={toNextField}>
      <Fields>
        {formOf(check).map((f) => (
          <Field
            key={f.name}
            field={f}
            entries={entries}
            problems={problems.filter((p) => p.field === f.name)}
          />
        ))}
      </Fields>
      <Problems of={problems.filter((p) => p.field === '')} />
      <Result check={check} result={withEarlier(check, result, typedOf(check, earlier))} />
    </div>
  );
}

/** For a repeat, its drawing beside that of the first run. */
function withEarlier(check: Check, result: CheckResult, earlier: Typed): CheckResult {
  if (result.state !== 'done' || !result.drawing || Object.keys(earlier).length === 0) return result;
  const first = runCheck(check, earlier);
  return {
    ...result,
    drawing: withBefore(result.drawing, first.state === 'done' ? first.drawing : undefined),
  };
}

/** Enter goes on to the next field of the form. */
function toNextField(e: KeyboardEvent<HTMLDivElement>) {
  if (e.key !== 'Enter' || e.defaultPrevented || e.nativeEvent.isComposing) return;
  if (!(e.target instanceof HTMLInputElement)) return;
  const fields = [...e.currentTarget.querySelectorAll<HTMLElement>('input, select')];
  const next = fields[fields.indexOf(e.target) + 1];
  if (!next) return;
  e.preventDefault();
  next.focus();
}

/** What a check found, in words and as a picture. */
function Result({ check, result }: { check: Check; result: CheckResult }) {
  if (result.state === 'waiting') {
    const outline = check.outline?.();
    return (
      <>
        <Quiet as="p" $pad="8px 0 0">
          Still to fill in: {result.missing.join(', ')}.
        </Quiet>
        {outline && <CheckDrawing drawing={outline} />}
      </>
    );
  }
  if (result.state === 'refused') return null;
  return (
    <div role="status">
      <Findings aria-label="Findings">
        {result.findings.map((f, i) => (
          <li key={i}>
            <span>{f.verdict === '' ? <Quiet>note</Quiet> : <VerdictMark verdict={f.verdict} small />}</span>
            <span>
              {f.about && <b>{f.about}: </b>}
              {f.because}
            </span>
          </li>
        ))}
      </Findings>
      {result.drawing && <CheckDrawing drawing={result.drawing} />}
    </div>
  );
}
