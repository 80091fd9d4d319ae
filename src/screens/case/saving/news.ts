import { NewsAnswer, withRows, type OpenCase } from '@/core/api';
import { sameValue, shareRows } from '@/core/case';
import { withVerdicts } from '@/core/checks';
import { shownRecord, type CaseCore } from './case-core';
import type { CaseState } from './case-state';

/** What comes from the server: of one's own changes, and of others'. */
export const news = ({ caseId, set, get }: CaseCore): Pick<CaseState, 'takeIn' | 'refresh'> => ({
  takeIn({ changed, around }) {
    set((s) => {
      if (changed.seq < s.open.record.case.seq) return {};
      // What did not change stays the same object: nothing is drawn anew for it.
      const laid = withVerdicts(withRows(s.open.record, changed));
      const now: OpenCase = {
        ...s.open,
        ...(around ?? {}),
        record: shareRows(s.open.record, laid),
      };
      // What was not removed because somebody wrote there is shown again, to be looked at.
      const standing = s.refused.filter((r) => r.code !== 'changed').map((r) => r.change);
      const changes = [...s.sending, ...standing, ...s.waiting];
      const busy = s.waiting.length + s.sending.length > 0;
      const unlessStuck = busy ? s.saveState : 'saved';
      return {
        open: now,
        record: shownRecord(now, changes, s.conflicts),
        saveState: s.refused.length || s.conflicts.length ? 'stuck' : unlessStuck,
      };
    });
  },

  async refresh() {
    const since = get().open.record.case.seq;
    const response = await fetch(`/api/cases/${caseId}?since=${since}`, { cache: 'no-store' });
    const alsoHere = (response.headers.get('vantle-also-here') ?? '').split(' ').filter(Boolean);
    if (!sameValue(alsoHere, get().alsoHere)) set({ alsoHere });
    if (response.status === 200) get().takeIn(NewsAnswer.parse(await response.json()));
  },
});
