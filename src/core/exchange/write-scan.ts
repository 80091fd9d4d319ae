import type { CaseRecord } from '@/core/case';
import { BASE, filled, some } from './filled';

/** A scan with what stands on the case of it, whatever its text would be read as today. */
export function scanOf(record: CaseRecord, s: CaseRecord['scan'][number]) {
  const mine = <T extends { scanId: string }>(rows: readonly T[]) => rows.filter((r) => r.scanId === s.id);
  const modules = mine(record.module);
  const moduleAt = new Map(modules.map((m, i) => [m.id, i + 1]));
  return {
    ...filled(s, [...BASE, 'leftover']),
    at: s.at,
    text: s.text,
    // Said even where empty: what a person left empty is not read from the text again.
    tool: s.tool,
    battery: s.battery,
    key: s.key,
    engine: s.engine,
    scope: s.scope,
    read: {
      modules: some(
        modules.map((m) => ({ name: m.name, answered: m.answered, ...(m.read ? {} : { read: false }) })),
      ),
      codes: some(
        mine(record.code).map((c) => ({
          ...filled(c, [...BASE, 'scanId', 'moduleId']),
          code: c.code,
          module: c.moduleId ? moduleAt.get(c.moduleId) : undefined,
          freeze: some(
            record.freeze.filter((f) => f.codeId === c.id).map((f) => ({ name: f.name, entered: f.entered })),
          ),
        })),
      ),
      live: some(
        mine(record.live).map((l) => ({
          name: l.name,
          entered: l.entered,
          ...(l.limit ? { limit: l.limit } : {}),
        })),
      ),
      monitors: some(mine(record.monitor).map((m) => ({ name: m.name, state: m.state }))),
      leftover: some(s.leftover),
    },
  };
}
