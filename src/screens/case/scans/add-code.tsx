'use client';

import { useId, useRef, useState } from 'react';
import styled from 'styled-components';
import { CODE_STATUSES, type CodeStatus, type RowOf } from '@/core/case';
import { typedCodes } from '@/core/codes';
import { Button, Choice, Input } from '@/ui/controls';
import { useCase } from '../saving/store';

const Cells = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  align-items: center;
  padding: 4px 0;
  & > input {
    width: 150px;
  }
`;
const STATUSES = [{ value: '', label: 'no status' }, ...CODE_STATUSES.map((s) => ({ value: s, label: s }))];

/** More codes in a scan, by hand: one or several, or a fault in words, with module and status; Enter adds it and begins the next. */
export function AddCode({ scan, onClose }: { scan: RowOf<'scan'>; onClose: () => void }) {
  const modules = useCase((s) => s.record.module).filter((m) => m.scanId === scan.id);
  const codes = useCase((s) => s.record.code).filter((c) => c.scanId === scan.id);
  const add = useCase((s) => s.add);
  const [entered, setEntered] = useState('');
  const [module, setModule] = useState('');
  const [status, setStatus] = useState<CodeStatus | ''>('');
  const first = useRef<HTMLInputElement>(null);
  const list = useId();
  const put = () => {
    const said = entered.trim();
    if (said === '') return;
    const name = module.trim();
    const there = modules.find((m) => m.name.toLowerCase() === name.toLowerCase());
    const moduleId =
      name === ''
        ? null
        : (there?.id ?? add('module', { scanId: scan.id, name, answered: true, position: modules.length }));
    typedCodes(said).forEach(({ code, text, statuses }, i) =>
      add('code', {
        scanId: scan.id,
        moduleId,
        code,
        text,
        statuses: status === '' ? statuses : [status],
        position: codes.length + i,
      }),
    );
    setEntered('');
    first.current?.focus();
  };
  const keys = (e: { key: string; preventDefault: () => void }) => {
    if (e.key === 'Enter') {
      e.preventDefault();
      put();
    } else if (e.key === 'Escape') onClose();
  };
  return (
    <Cells>
      <Input
        ref={first}
        autoFocus
        $figure
        aria-label="Code or fault in words"
        placeholder="P0171, or in words"
        value={entered}
        maxLength={200}
        onChange={(e) => setEntered(e.target.value)}
        onKeyDown={keys}
      />
      <Input
        aria-label="Module of the code"
        placeholder="module"
        list={list}
        value={module}
        maxLength={200}
        onChange={(e) => setModule(e.target.value)}
        onKeyDown={keys}
      />
      <datalist id={list}>
        {modules.map((m) => (
          <option key={m.id} value={m.name} />
        ))}
      </datalist>
      <Choice
        label="Status of the code"
        hideLabel
        value={status}
        options={STATUSES}
        onChange={(v) => setStatus(v as CodeStatus | '')}
      />
      <Button $kind="main" isDisabled={entered.trim() === ''} onPress={put}>
        Add
      </Button>
      <Button $kind="quiet" onPress={onClose}>
        Close
      </Button>
    </Cells>
  );
}
