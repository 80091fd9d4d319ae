'use client';

import { CopyPlus, Plus } from 'lucide-react';
import { useState } from 'react';
import type { RowOf } from '@/core/case';
import { Button } from '@/ui/controls';
import { Inline } from '@/ui/layout';
import { focusNext } from '../fields';
import { AddFiles } from '../files';
import { OfferButton } from '../guidance/offer';
import { useCase } from '../saving/store';
import { Bearings, BearingsInWords } from './bearings';
import { Details, DetailsInWords } from './details';

/** What can be added to a test; the seldom ones, and its details to write in, behind "More". */
export function TestTools({
  test,
  conditions,
  onReading,
  onRepeat,
  onSetup,
  onWatch,
}: {
  test: RowOf<'test'>;
  /** How many it has. */
  conditions: number;
  onReading: () => void;
  onRepeat: (() => void) | undefined;
  onSetup: (() => void) | undefined;
  onWatch: (() => void) | undefined;
}) {
  const add = useCase((s) => s.add);
  const [more, setMore] = useState(false);
  return (
    <>
      <Inline $gap={4} $align="center">
        <Button $kind="quiet" onPress={onReading}>
          <Plus aria-hidden="true" /> Reading
        </Button>
        <AddFiles testId={test.id} what={test.question || 'this test'} />
        <Button
          $kind="quiet"
          aria-expanded={more}
          aria-label={
            more ? 'Less' : 'More: condition, set-up check, where, source, suspects, verdict by hand'
          }
          onPress={() => setMore(!more)}
        >
          {more ? 'Less' : 'More …'}
        </Button>
        {onRepeat && (
          <OfferButton onPress={onRepeat}>
            <CopyPlus aria-hidden="true" /> Repeat after the repair
          </OfferButton>
        )}
      </Inline>
      {more ? (
        <>
          <Inline $gap={4} $align="center">
            <Button
              $kind="quiet"
              onPress={() => focusNext(`${add('condition', { testId: test.id, position: conditions })}:what`)}
            >
              <Plus aria-hidden="true" /> Condition
            </Button>
            {onSetup && (
              <Button
                $kind="quiet"
                onPress={() => {
                  onSetup();
                  focusNext(`${test.id}:setup`);
                }}
              >
                <Plus aria-hidden="true" /> Set-up check
              </Button>
            )}
            {onWatch && (
              <Button $kind="quiet" onPress={onWatch}>
                Intermittent
              </Button>
            )}
          </Inline>
          <Details test={test} />
          <Bearings testId={test.id} />
        </>
      ) : (
        <>
          <DetailsInWords test={test} />
          <BearingsInWords testId={test.id} />
        </>
      )}
    </>
  );
}
