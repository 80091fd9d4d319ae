import { baseCode, effectiveRoles } from '@/core/codes';
import { useRecord } from '../saving/store';

/** The codes to chase on this case; all of its codes while no one has a role. */
export function useChasedCodes(): string[] {
  const record = useRecord();
  const roles = effectiveRoles(record);
  const all = [...new Set(record.code.map((c) => c.code))];
  const chased = all.filter((c) => roles.get(c) === 'chase');
  return [...new Set((chased.length ? chased : all).map(baseCode))];
}
