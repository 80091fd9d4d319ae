'use client';

import type { FindPageAnswer } from '@/core/api';
import Link from '@/ui/link';
import { Quiet } from '@/ui/controls';
import { about, countWords } from '../odds-words';
import { Ruled, SectionTitle } from '@/ui/layout';

/** What the nearest cases were, with counts and odds. */
export function CauseList({ causes }: { causes: FindPageAnswer['causes'] }) {
  return (
    <>
      <SectionTitle $margin="0 0 4px">What it was</SectionTitle>
      {causes.length === 0 && <Quiet>None of these cases has a cause yet.</Quiet>}
      <ul>
        {causes.slice(0, 10).map((c) => (
          <Ruled as="li" key={c.key} $pad="6px 0">
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
          </Ruled>
        ))}
      </ul>
    </>
  );
}
