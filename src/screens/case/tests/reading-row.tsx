'use client';

import { Split, X } from 'lucide-react';
import styled from 'styled-components';
import type { RowOf } from '@/core/case';
import { displayWord } from '@/core/case/display-words';
import {
  changeBetween,
  comparable,
  readBoth,
  readLimit,
  readMany,
  type Judgement,
  type LimitReading,
} from '@/core/readings';
import { IconButton } from '@/ui/controls';
import { Inline } from '@/ui/layout';
import { VerdictShape } from '@/ui/marks';
import { LineField } from '../fields';
import { OfferButton } from '../guidance/offer';
import { Leaving, useNumbersOfShop } from '../../use-numbers';
import { useCase } from '../saving/store';
import { KnownGoodOffers } from './known-good';

const Line = styled.div`
  display: grid;
  grid-template-columns:
    minmax(150px, 1.7fr) minmax(84px, 0.7fr) 16px minmax(96px, 0.8fr) minmax(120px, 1.6fr)
    auto;
  gap: 2px 8px;
  align-items: center;
  /* On a narrow sheet the reason takes a line of its own under the cells. */
  @container sheet (max-width: 900px) {
    grid-template-columns: minmax(104px, 1.6fr) minmax(84px, 0.9fr) 16px minmax(92px, 1fr) auto;
    & > [role='status'] {
      grid-row: 2;
      grid-column: 1 / -1;
      padding-left: 8px;
    }
    & > [role='status']:empty {
      display: none;
    }
  }
`;
const Says = styled.span`
  font-size: 0.875rem;
  color: var(--ink-2);
`;
const Change = styled.b`
  display: block;
  font-weight: 600;
`;
const Under = styled.div`
  padding: 0 0 4px 8px;
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
`;

/** One reading against its limit, with what it was before; offers what helps: a unit, a split, a known-good. */
export function ReadingRow({
  reading: r,
  judged,
  accuracy,
  before,
  air,
  onEnter,
}: {
  reading: RowOf<'reading'>;
  judged: Judgement;
  accuracy: string;
  before: RowOf<'reading'> | undefined;
  /** Pa, where a barometer was read in the same test. */
  air: number | undefined;
  onEnter: () => void;
}) {
  const remove = useCase((s) => s.remove);
  const edit = useCase((s) => s.edit);
  const split = useSplit(r);
  const limit = readLimit(r.limit);
  const many = severalIn(r);
  const offers = offersFor(r, air);
  const of = (field: 'entered' | 'limit') => offers.flatMap((o) => (o.field === field ? [o.text] : []));
  const value = useNumbersOfShop(r.entered, of('entered'), (t) => edit('reading', r.id, 'entered', t));
  const bound = useNumbersOfShop(r.limit, of('limit'), (t) => edit('reading', r.id, 'limit', t));
  const change = before ? changeBetween(before.entered, r.entered, accuracy) : '';
  const ownLimit = !(limit.ok && limit.limit?.form === 'siblings');
  // What holds for all siblings is said once, under them.
  const reason = ownLimit || judged.verdict === 'fail' ? judged.because : '';
  const says = many ? manyWords(many) : reason || (limit.ok ? '' : limit.message);
  const b = { kind: 'reading', id: r.id, hideLabel: true } as const;
  return (
    <>
      <Line>
        <LineField
          {...b}
          field="label"
          label="Reading"
          placeholder="what is read"
          onEnter={many && r.entered === '' ? split : onEnter}
        />
        <Leaving onLeave={value.leave}>
          <LineField
            {...b}
            field="entered"
            label="Value"
            figure
            placeholder={wantedUnit(limit) || '3.72 V'}
            onEnter={() => {
              if (many) split();
              else onEnter();
            }}
          />
        </Leaving>
        <Inline as="span" $tight $nowrap>
          {!many && (judged.verdict || r.entered) && <VerdictShape verdict={judged.verdict} size={13} />}
          {judged.verdict && <span className="visually-hidden">{displayWord(judged.verdict)}</span>}
        </Inline>
        <Leaving onLeave={bound.leave}>
          <LineField {...b} field="limit" label="Limit" figure placeholder="no limit set" onEnter={onEnter} />
        </Leaving>
        <Says role="status">
          {says}
          {change && <Change>{change.charAt(0).toUpperCase() + change.slice(1)}.</Change>}
          {!change && before?.entered && <Change>Before: {before.entered}.</Change>}
        </Says>
        <IconButton
          aria-label={`Remove reading ${r.label}`}
          onPress={() => remove('reading', r.id, 'reading')}
        >
          <X aria-hidden="true" />
        </IconButton>
      </Line>
      {many && (
        <Under>
          <OfferButton onPress={split}>
            <Split aria-hidden="true" />{' '}
            {many.length === 1 ? `Take it as ${many[0]!.at}` : `Make ${many.length} readings of it`}
          </OfferButton>
        </Under>
      )}
      {!many && offers.length > 0 && (
        <Under>
          {offers.map(({ field, text, words }) => (
            <OfferButton
              key={text}
              onPress={() => {
                // What was said beside the figure goes on standing, as what was read.
                if (words && r.label === '') edit('reading', r.id, 'label', words);
                edit('reading', r.id, field, text);
              }}
            >
              {text === '' ? 'Remove the limit' : `Take ${text}`}
            </OfferButton>
          ))}
        </Under>
      )}
      <WrittenAs by={value} take={(t) => edit('reading', r.id, 'entered', t)} />
      <WrittenAs by={bound} take={(t) => edit('reading', r.id, 'limit', t)} />
      {!many && <KnownGoodOffers reading={r} />}
    </>
  );
}

/** Says how a number was written for the shop, and writes it the other way. */
function WrittenAs({ by, take }: { by: { said: string; other: string }; take: (text: string) => void }) {
  if (by.said === '') return null;
  return (
    <Under role="status">
      <Says>{by.said}</Says>
      <OfferButton onPress={() => take(by.other)}>Take {by.other}</OfferButton>
    </Under>
  );
}

/** The unit a limit speaks of, empty when of none. */
function wantedUnit(read: LimitReading): string {
  if (!read.ok || !read.limit || read.limit.form === 'states') return '';
  return (read.limit.form === 'siblings' ? read.limit.tolerance?.unit : read.limit.unit) ?? '';
}

/** How value or limit were likely meant, where they cannot be read as typed or can be read in two ways. */
function offersFor(
  r: Pick<RowOf<'reading'>, 'entered' | 'limit'>,
  air: number | undefined,
): { field: 'entered' | 'limit'; text: string; words?: string }[] {
  const [limit, entry] = readBoth(r.entered, r.limit, air);
  if (!limit.ok) return (limit.offers ?? []).map((text) => ({ field: 'limit', text }));
  // Words with a limit in them, beside a figure: one of the two was meant otherwise.
  if (limit.offers && (entry.kind === 'quantity' || (entry.kind === 'state' && entry.figure)))
    return limit.offers.map((text) => ({ field: 'limit', text }));
  if (entry.kind === 'state' && entry.figure && wantedUnit(limit) !== '')
    return [{ field: 'entered', text: entry.figure, words: entry.beside }];
  // A limit that a new row took over from the one above, and that is of another kind than what is read here.
  if (entry.kind === 'quantity' && entry.quantity.unit !== '') {
    const of = wantedUnit(limit);
    return of !== '' && !comparable(of, entry.quantity.unit) ? [{ field: 'limit', text: '' }] : [];
  }
  if (entry.kind !== 'problem') return [];
  return [entry.offer, entry.or].flatMap((text) => (text === undefined ? [] : [{ field: 'entered', text }]));
}

/** Several readings typed at once, into the value or, while that is empty, into the name. */
const manyWords = (many: readonly { at: string }[]): string =>
  many.length === 1 ? `Enter takes it as ${many[0]!.at}.` : `Enter makes ${many.length} readings of it.`;

const severalIn = (r: Pick<RowOf<'reading'>, 'entered' | 'label'>) =>
  readMany(r.entered) ?? (r.entered.trim() === '' ? readMany(r.label) : undefined);

/** Makes several readings of `1:0.9 2:0.4 3:0.9`, held against each other when no limit was given. */
function useSplit(r: RowOf<'reading'>) {
  const add = useCase((s) => s.add);
  const edit = useCase((s) => s.edit);
  return () => {
    const rows = severalIn(r);
    if (!rows) return;
    const limit = r.limit === '' && rows.length > 1 ? 'siblings' : r.limit;
    const label = r.entered.trim() === '' ? '' : r.label;
    const name = (at: string, i: number) => `${label} ${at || i + 1}`.trim();
    rows.forEach((row, i) => {
      if (i === 0) {
        edit('reading', r.id, 'label', name(row.at, i));
        edit('reading', r.id, 'entered', row.entered);
        edit('reading', r.id, 'limit', limit);
      } else {
        const position = r.position + i / (rows.length + 1);
        add('reading', { testId: r.testId, label: name(row.at, i), entered: row.entered, limit, position });
      }
    });
  };
}
