'use client';

import { EXPECTATION_SOURCES, VERDICTS, WHERE_KINDS, type RowOf } from '@/core/case';
import { uncertainty } from '@/core/readings';
import { Stack, Text } from '@/ui/layout';
import { ChoiceField, LineField, NumberField, ProseField, Row } from '../fields';

const WHERE_HINT: Record<string, string> = {
  part: 'fuel pump',
  circuit: 'relay 87 to pump',
  cylinder: '3',
  corner: 'FL',
  bank: '2',
  pin: 'connector X14 pin 12',
};

/** Where, what was expected and by whom, with what it was measured, and a person's own verdict. */
export function Details({ test }: { test: RowOf<'test'> }) {
  const b = { kind: 'test', id: test.id } as const;
  const accuracy = test.accuracy.trim() === '' ? 0 : uncertainty(test.accuracy, { value: 1, unit: 'V' }, 2);
  const wrong =
    typeof accuracy === 'number' || /unit|compared/.test(accuracy.problem) ? '' : accuracy.problem;
  return (
    <Stack $gap={6} $pad="4px 0">
      <Row $columns="0.7fr 1.5fr 1.6fr 0.6fr">
        <ChoiceField {...b} field="whereKind" label="Where" options={WHERE_KINDS} empty="which kind" />
        <LineField
          {...b}
          field="where"
          label="Which"
          placeholder={WHERE_HINT[test.whereKind] ?? 'cylinder 3, pin 12 …'}
        />
        <LineField {...b} field="caution" label="Take care" placeholder="fuel, hot, pressure, high voltage" />
        <NumberField {...b} field="minutes" label="Minutes" />
      </Row>
      <Row $columns="1.7fr 1fr 1fr 1.1fr">
        <LineField {...b} field="expectation" label="Expected" />
        <ChoiceField {...b} field="expectationSource" label="Says who" options={EXPECTATION_SOURCES} />
        <LineField {...b} field="instrument" label="Measured with" placeholder="shop multimeter" />
        <LineField {...b} field="accuracy" label="Accurate to" figure placeholder="± (0.5 % + 2 digits)" />
      </Row>
      {wrong && (
        <Text role="alert" $tone="unsure" $size="small" $indent>
          {wrong}
        </Text>
      )}
      <ProseField {...b} field="note" label="Note" />
      <Row $columns="0.7fr 2fr">
        <ChoiceField {...b} field="overrule" label="Verdict by hand" options={VERDICTS} empty="computed" />
        <LineField {...b} field="overruleWhy" label="Why by hand" />
      </Row>
    </Stack>
  );
}

/** The same in a line, while it is not being written. */
export function DetailsInWords({ test }: { test: RowOf<'test'> }) {
  const expected = test.expectation || test.expectationSource;
  const words = [
    test.where && `At ${test.whereKind === '' ? '' : `${test.whereKind} `}${test.where}.`,
    expected &&
      `Expected: ${[test.expectation, test.expectation && test.expectationSource ? `(${test.expectationSource})` : test.expectationSource].filter(Boolean).join(' ')}.`,
    test.instrument && `With ${test.instrument}${test.accuracy ? `, good to ${test.accuracy}` : ''}.`,
    !test.instrument && test.accuracy && `Instrument good to ${test.accuracy}.`,
    test.minutes !== null && `${test.minutes} min.`,
    test.note,
  ].filter(Boolean);
  if (words.length === 0) return null;
  return (
    <Text $tone="ink-2" $size="note" $indent>
      {words.join(' ')}
    </Text>
  );
}
