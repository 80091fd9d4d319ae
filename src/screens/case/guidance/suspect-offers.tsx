'use client';

import { Plus } from 'lucide-react';
import { causeName, suggestSuspects } from '@/core/cause';
import { practiceSuspects } from '@/core/guide/practice-suspects';
import { Quiet, SentenceButton } from '@/ui/controls';
import { Cell, Inline } from '@/ui/layout';
import { useCatalogue } from '../conclusion/parts';
import { useMeanings } from '../scans/meanings';
import { useCase, useRecord } from '../saving/store';
import { useGuide, usePrecedents } from './similar-cases';

const MOST_OFFERS = 6;

/** Who else belongs on the list: the codes' own parts, what was just fitted, what it was in near cases, what practice knows. */
export function SuspectOffers() {
  const record = useRecord();
  const add = useCase((s) => s.add);
  const { catalogue } = useCatalogue();
  const { own } = useMeanings();
  const near = usePrecedents().causes;
  const guide = useGuide();
  if (record.case.closedAt !== null || record.cause.length > 0) return null;
  const from = suggestSuspects(record, catalogue, own);
  const onList = new Set(record.suspect.map((s) => catalogue.resolve(s.partId)?.id));
  const precedents = near.flatMap((c) => {
    const [partId = '', failureId = ''] = c.key.split('/');
    const part = catalogue.resolve(partId || null);
    if (!part || onList.has(part.id)) return [];
    return [
      {
        origin: 'precedent' as const,
        partId: part.id,
        failureId: failureId || null,
        words: '',
        why: `As in ${c.numbers.length === 1 ? 'case' : 'cases'} ${c.numbers.slice(0, 3).join(', ')}`,
      },
    ];
  });
  const shops = [
    ...precedents,
    ...from.filter((o) => !precedents.some((p) => p.partId === o.partId && o.partId)),
  ];
  const offers = [...shops, ...practiceSuspects(guide, [...shops, ...record.suspect], catalogue)];
  if (offers.length === 0) return null;
  return (
    <Cell $pad="0 8px 6px">
      <Quiet as="p">Suggested suspects:</Quiet>
      <Inline as="ul" $gap="4px 8px" aria-label="Suspects offered">
        {offers.slice(0, MOST_OFFERS).map((o) => {
          const name = causeName(catalogue, o);
          return (
            <li key={o.origin + name}>
              <SentenceButton onPress={() => add('suspect', { ...o, position: record.suspect.length })}>
                <Plus aria-hidden="true" /> {name} <Quiet>{o.why}</Quiet>
              </SentenceButton>
            </li>
          );
        })}
      </Inline>
    </Cell>
  );
}
