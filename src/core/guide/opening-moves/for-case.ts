import type { CaseRecord } from '@/core/case';
import { baseCode, effectiveRoles, kindOf, meaningOf, type CodeKind } from '@/core/codes';
import { readEntry } from '@/core/readings';
import { openingFor } from '.';
import { circumstancesOf, type Opening } from './circumstances';

/**
 * How the trade goes about the codes to chase on a case, by their kind.
 *
 * @param record the case
 * @param own the shop's own words for codes
 * @returns one entry a kind, in the order of the codes: the codes, the advice and its tests
 */
export function openingsFor(
  record: Pick<CaseRecord, 'scan' | 'clear' | 'module' | 'code' | 'symptom' | 'role' | 'vehicle' | 'cause'>,
  own: Record<string, string>,
): ({ kind: CodeKind; codes: string[] } & Opening)[] {
  const roles = effectiveRoles(record);
  const byKind = new Map<CodeKind, { codes: Set<string>; texts: string[] }>();
  for (const c of record.code) {
    if (roles.get(c.code) !== 'chase') continue;
    const meaning = own[baseCode(c.code)] || meaningOf(c.code);
    const kind = kindOf(c.code, c.text || meaning);
    const mine = byKind.get(kind) ?? { codes: new Set(), texts: [] };
    byKind.set(kind, mine);
    // The dictionary names the part, where the tool's words may be in another language.
    if (!mine.codes.has(c.code)) mine.texts.push(meaning || c.text);
    mine.codes.add(c.code);
  }
  const volts = record.scan
    .map((s) => readEntry(s.battery, 'V'))
    .flatMap((e) => (e.kind === 'quantity' ? [e.quantity.value] : []));
  return [...byKind].map(([kind, { codes, texts }]) => ({
    kind,
    codes: [...codes],
    ...openingFor(
      kind,
      circumstancesOf(texts, record.vehicle, volts.length ? Math.max(...volts) : undefined),
    ),
  }));
}
