'use client';

import { nanoid } from 'nanoid';
import { useState } from 'react';
import type { Op, RowOf } from '@/core/case';
import { coverageOf } from '@/core/codes';
import { Button, Choice, Input, Quiet, Tag } from '@/ui/controls';
import { Inline } from '@/ui/layout';
import { OfferButton } from '../guidance/offer';
import { useCase } from '../saving/store';

const SCOPES = [
  { value: '', label: 'as its modules say' },
  { value: 'vehicle', label: 'the whole vehicle' },
  { value: 'nothing', label: 'nothing' },
];

/** What a scan read. Only of that can it say that a code is not there; what the report leaves open is asked. */
export function ScanCoverage({ scan }: { scan: RowOf<'scan'> }) {
  const modules = useCase((s) => s.record.module);
  const codes = useCase((s) => s.record.code);
  const live = useCase((s) => s.record.live);
  const edit = useCase((s) => s.edit);
  const together = useCase((s) => s.together);
  const [names, setNames] = useState('');
  const [changing, setChanging] = useState(false);
  const coverage = coverageOf(scan, modules, codes, live);
  const setScope = (scope: string) => {
    edit('scan', scan.id, 'scope', scope);
    setChanging(false);
  };
  const theseModules = () => {
    const list = names
      .split(/[,;]/)
      .map((n) => n.trim())
      .filter(Boolean);
    if (list.length === 0) return;
    const position = modules.filter((m) => m.scanId === scan.id).length;
    const added = list.map((name, i) => ({ id: nanoid(14), name, position: position + i }));
    const loose = codes.filter((c) => c.scanId === scan.id && c.moduleId === null);
    const [only] = added;
    together([
      ...added.map(({ id, ...row }): Op => ({
        op: 'add',
        kind: 'module',
        id,
        row: { ...row, scanId: scan.id },
      })),
      // Of a single module, all of its codes are.
      ...(added.length === 1 && only
        ? loose.map((c): Op => ({
            op: 'set',
            kind: 'code',
            id: c.id,
            revision: c.revision,
            set: { moduleId: only.id },
            was: { moduleId: null },
          }))
        : []),
      ...(scan.scope === ''
        ? []
        : [
            {
              op: 'set' as const,
              kind: 'scan' as const,
              id: scan.id,
              revision: scan.revision,
              set: { scope: '' },
              was: { scope: scan.scope },
            },
          ]),
    ]);
    setNames('');
    setChanging(false);
  };
  const which = (
    <Inline as="span" $tight $gap={6} $align="center">
      <Input
        aria-label="These modules were read"
        value={names}
        placeholder="these modules: Engine, ABS"
        $width={220}
        onChange={(e) => setNames(e.target.value)}
        onKeyDown={(e) => e.key === 'Enter' && theseModules()}
      />
      <Button $kind="quiet" isDisabled={names.trim() === ''} onPress={theseModules}>
        These
      </Button>
    </Inline>
  );
  if (!coverage.told)
    return (
      <Inline role="group" aria-label="What did it read?" $gap={8} $align="center" $whole>
        <Tag $tone="unsure" $wraps>
          What did it read? Until this is answered, no code counts as gone.
        </Tag>
        <OfferButton onPress={() => setScope('vehicle')}>The whole vehicle</OfferButton>
        {which}
      </Inline>
    );
  return (
    <Inline $gap={8} $align="center" $whole>
      <Quiet>{coverage.because}</Quiet>
      {changing ? (
        <>
          <Choice
            label="It read"
            value={scan.scope === 'modules' ? '' : scan.scope}
            options={SCOPES}
            onChange={setScope}
          />
          {which}
        </>
      ) : (
        <Button $kind="quiet" onPress={() => setChanging(true)}>
          Correct
        </Button>
      )}
    </Inline>
  );
}
