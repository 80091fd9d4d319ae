'use client';

import type { FindPageAnswer } from '@/core/api';
import Link from '@/ui/link';
import { Quiet } from '@/ui/controls';
import { about, countWords } from '../odds-words';

/** What the nearest cases were, with counts and odds. */
export function CauseList({ causes }: { causes: FindPageAnswer['causes'] }) {
  return (
    <>
      <h2 style={{ fontSize: '0.9375rem', marginBottom: 4 }}>What it was</h2>
      {causes.length === 0 && <Quiet>None of these cases has a cause yet.</Quiet>}
      <ul>
        {causes.slice(0, 10).map((c) => (
          <li key={c.key} style={{ padding: '6px 0', borderTop: '1px solid var(--rule)' }}>
            <Link href={`/experience/cause/${c.key.split('/').map(encodeURIComponent).join('/')}`}>
              {c.name}
            </Link>
            <br />
            <Quiet>
              {countWords(c.cases, c.byGrade)}
              {c.cameBack > 0 && `, ${c.cameBack} came back`} · nearest{' '}
              <Link href={`/cases/${c.numbers[0]}`}>case {c.numbers[0]}</Link>
              {c.share !== null && ` · ${about(c.share)} among all causes`}
            </Quiet>
          </li>
        ))}
      </ul>
    </>
  );
}
