'use client';

import styled from 'styled-components';
import { settingsOf, type Roles, type Setting, type TraceAnalysis } from '@/core/traces';
import { Choice, FieldLabel, Input } from '@/ui/controls';
import { useTrace } from './open-trace';

const Setting = styled.div<{ $wide: boolean }>`
  ${({ $wide }) => $wide && 'grid-column: 1 / -1;'}
`;

const Grid = styled.div`
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 6px 12px;
  & fieldset {
    grid-column: 1 / -1;
    display: flex;
    flex-wrap: wrap;
    gap: 2px 14px;
  }
  & legend {
    font-size: 0.75rem;
    font-weight: 600;
    color: var(--ink-3);
    padding-left: 8px;
  }
  & fieldset label {
    display: flex;
    gap: 6px;
    align-items: center;
    min-height: 30px;
    padding-left: 8px;
  }
`;

/** Which channels an analysis takes, and what it is told. */
export function AnalysisForm({
  analysis,
  roles,
  onRoles,
  valueOf,
  onValue,
}: {
  analysis: TraceAnalysis;
  roles: Roles;
  onRoles: (roles: Roles) => void;
  valueOf: (f: Setting) => string;
  onValue: (name: string, value: string) => void;
}) {
  const loaded = useTrace((s) => s.loaded);
  return (
    <Grid>
      {analysis.roles.map((r) =>
        r.many ? (
          <fieldset key={r.id}>
            <legend>{r.name}</legend>
            {loaded.channels.map((c, i) => (
              <label key={c.name}>
                <input
                  type="checkbox"
                  checked={roles[r.id]?.includes(i) ?? false}
                  onChange={(e) =>
                    onRoles({
                      ...roles,
                      [r.id]: e.target.checked
                        ? [...(roles[r.id] ?? []), i].sort((a, b) => a - b)
                        : (roles[r.id] ?? []).filter((x) => x !== i),
                    })
                  }
                />
                {c.name}
              </label>
            ))}
          </fieldset>
        ) : (
          <Choice
            key={r.id}
            label={r.name}
            value={roles[r.id]?.[0] === undefined ? '' : String(roles[r.id]![0])}
            options={[
              ...(r.optional ? [{ value: '', label: 'none' }] : []),
              ...loaded.channels.map((c, i) => ({ value: String(i), label: c.name })),
            ]}
            onChange={(v) => onRoles({ ...roles, [r.id]: v === '' ? [] : [Number(v)] })}
          />
        ),
      )}
      {settingsOf(analysis.settings).map((f) =>
        f.kind === 'pick' ? (
          <Choice
            key={f.name}
            label={f.label}
            value={valueOf(f)}
            options={f.options ?? []}
            onChange={(v) => onValue(f.name, v)}
          />
        ) : (
          <Setting key={f.name} $wide={f.kind === 'text'}>
            <FieldLabel htmlFor={`set-${f.name}`}>
              {f.label}
              {f.unit ? `, ${f.unit}` : ''}
            </FieldLabel>
            <Input
              id={`set-${f.name}`}
              $figure={f.kind === 'number'}
              inputMode={f.kind === 'number' ? 'decimal' : 'text'}
              placeholder={f.hint}
              value={valueOf(f)}
              onChange={(e) => onValue(f.name, e.target.value)}
            />
          </Setting>
        ),
      )}
    </Grid>
  );
}
