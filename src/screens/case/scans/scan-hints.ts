import { useEffect, useState } from 'react';
import type { ReportHints } from '@/core/codes';
import type { ScanReadingState } from './scan-edits';

/** What is kept for reports of this kind; begins the reading with it, keeps more, or forgets it. */
export function useKeptHints(
  kind: string,
  state: ScanReadingState,
): { kept: ReportHints | undefined; keep: () => void; forget: () => void } {
  const [all, setAll] = useState<ReportHints[]>([]);
  useEffect(() => {
    void asked().then((hints) => hints && setAll(hints));
  }, []);
  const change = (body: object) => void asked(body).then((hints) => hints && setAll(hints));
  const kept = kind === '' ? undefined : all.find((h) => h.kind === kind);
  const { begin } = state;
  useEffect(() => {
    begin(kept);
    // Another kind of report begins anew; what is put right meanwhile must not be taken back.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [kept, kind]);
  return {
    kept,
    keep: () => change({ do: 'keep', hints: { ...state.hints, kind } }),
    forget: () => change({ do: 'forget', kind }),
  };
}

async function asked(body?: object): Promise<ReportHints[] | undefined> {
  const [{ ask, post }, { ScanHintsAnswer }] = await Promise.all([
    import('../../send'),
    import('@/core/api/scan-reading'),
  ]);
  const { answer } = body
    ? await post('/api/scan-hints', body, ScanHintsAnswer)
    : await ask('/api/scan-hints', ScanHintsAnswer);
  return answer?.hints;
}
