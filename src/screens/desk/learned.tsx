'use client';

import Link from '@/ui/link';
import { Figure, Quiet } from '@/ui/controls';
import { experienceAddress } from '../experience/links';
import { Small } from './desk';

export interface LearnedView {
  causes: { number: number; vehicle: string; name: string; key: string }[];
  forks: { number: number; question: string; told: string; from: string; fromNumber: number }[];
  odds: { cases: number; met: number; first: number; firstThree: number };
}

/** A quiet strip: causes met for the first time, tests that told, and how the odds held. */
export function LearnedStrip({ learned }: { learned: LearnedView }) {
  const { causes, forks, odds } = learned;
  if (odds.cases === 0) return null;
  return (
    <section aria-label="Recently learned">
      <h2>Recently learned</h2>
      <ul>
        {causes.map((c) => (
          <Small key={c.key}>
            New here: <Link href={experienceAddress('cause', c.key)}>{c.name}</Link>
            <br />
            <Quiet>
              case <Link href={`/cases/${c.number}`}>{c.number}</Link>, {c.vehicle}
            </Quiet>
          </Small>
        ))}
        {forks.map((f) => (
          <Small key={`${f.number}-${f.fromNumber}`}>
            Deciding test “{f.question}”: {f.told}, not {f.from}
            <br />
            <Quiet>
              <Link href={`/compare?a=${f.number}&b=${f.fromNumber}`}>
                cases {f.number} and {f.fromNumber} side by side
              </Link>
            </Quiet>
          </Small>
        ))}
        <Small>
          {odds.met === 0 ? (
            <>
              The last <Figure>{odds.cases}</Figure> proven cases were all of causes not met before.
            </>
          ) : (
            <>
              <Figure>{odds.met}</Figure> of the last <Figure>{odds.cases}</Figure> proven cases had been met
              before; the cause stood first in <Figure>{odds.first}</Figure> of them before any test.
            </>
          )}
          <br />
          <Link href="/experience/odds">How the odds turned out</Link>
        </Small>
      </ul>
    </section>
  );
}
