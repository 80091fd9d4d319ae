'use client';

import { readPrice } from '@/core/money';
import { FieldLabel, Quiet } from '@/ui/controls';
import { Text } from '@/ui/layout';
import { LineField, Row } from '../fields';
import { MomentField } from '../moment';
import { useCase } from '../saving/store';

/** Whose vehicle it is, how to reach them, what they were promised and what may be spent. */
export function CustomerFields({ caseId }: { caseId: string }) {
  const limit = useCase((s) => s.record.case.spendingLimit);
  const currency = useCase((s) => s.open.money.currency);
  const b = { kind: 'case', id: caseId } as const;
  return (
    <>
      <Row $columns="1.1fr 1.1fr 0.9fr 1.1fr 0.7fr" $margin="4px 0 0">
        <LineField {...b} field="customer" label="Customer" />
        <LineField {...b} field="phone" label="Telephone" figure />
        <LineField {...b} field="orderNumber" label="Order number" figure />
        <div>
          <FieldLabel as="span">Promised for</FieldLabel>
          <Text as="span" $block $lines="nowrap" $pad="5px 8px">
            <MomentField {...b} field="promisedAt" label="Promised for" empty="no date" clearable planned />
          </Text>
        </div>
        <LineField {...b} field="spendingLimit" label="May be spent" figure placeholder="300" />
      </Row>
      {limit.trim() !== '' && readPrice(limit, currency) === undefined && (
        <Quiet $indent>
          “{limit}” is no single amount in {currency}, so the estimate is not held against it.
        </Quiet>
      )}
    </>
  );
}
