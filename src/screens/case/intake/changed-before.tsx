'use client';

import { Plus } from 'lucide-react';
import { useMemo } from 'react';
import { changedInVain } from '@/core/cause/changed-before';
import { Inline, Text } from '@/ui/layout';
import { useCatalogue } from '../conclusion/parts';
import { OfferButton } from '../guidance/offer';
import { useCase } from '../saving/store';

/** Parts that the customer's words say were changed and did not help: on the record with one press, never by itself. */
export function ChangedBefore({ said }: { said: string }) {
  const { catalogue } = useCatalogue();
  const earlier = useCase((s) => s.record.earlier);
  const add = useCase((s) => s.add);
  const found = useMemo(() => changedInVain(said, catalogue), [said, catalogue]);
  const known = (id: string) => earlier.some((e) => catalogue.find('part', e.part)?.id === id);
  const offered = found.filter((c) => !known(c.part.id));
  if (offered.length === 0) return null;
  return (
    <Inline $gap={6} $align="center" $indent role="group" aria-label="Changed before">
      <Text as="span" $tone="ink-3" $size="small">
        Changed before, no help:
      </Text>
      {offered.map(({ part, words }, i) => (
        <OfferButton
          key={part.id}
          onPress={() =>
            add('earlier', {
              kind: 'repair',
              what: words.slice(0, 200),
              part: part.name,
              changed: 'no change',
              position: earlier.length + i,
            })
          }
        >
          <Plus aria-hidden="true" /> {part.name}
        </OfferButton>
      ))}
    </Inline>
  );
}
