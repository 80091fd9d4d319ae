import type { RowOf } from '@/core/case';
import type { InScan } from '@/core/codes';
import { Quiet } from '@/ui/controls';

/** What a scan says of a code that is not in it. */
export const NOT_THERE: Partial<Record<InScan, [mark: string, says: string]>> = {
  absent: ['·', 'not there: its module was read'],
  'not read': ['n/r', 'not read: this scan did not read its module'],
  'not told': ['?', 'not told: this scan does not say what it read'],
};

/** Stood in that scan: full when stored or active, a ring when only pending; else whether it could have been seen. */
export function Dot({ code, state }: { code: RowOf<'code'> | undefined; state: InScan | undefined }) {
  if (!code) {
    const [mark, says] = NOT_THERE[state ?? 'not told'] ?? ['?', 'not told'];
    return (
      <Quiet role="img" aria-label={says} title={says} $size={mark === '·' ? undefined : 'tiny'}>
        {mark}
      </Quiet>
    );
  }
  const words = code.statuses.join(', ') || 'there';
  const pending =
    code.statuses.length > 0 &&
    code.statuses.every((s) => s === 'pending' || s === 'history' || s === 'not run');
  return (
    <svg width="12" height="12" viewBox="0 0 12 12" role="img" aria-label={words}>
      <title>{words}</title>
      <circle
        cx="6"
        cy="6"
        r="4.5"
        fill={pending ? 'none' : 'var(--ink-2)'}
        stroke="var(--ink-2)"
        strokeWidth="1.5"
      />
    </svg>
  );
}
