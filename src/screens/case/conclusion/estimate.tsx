'use client';

import { beyondLimit, estimate, inAll, toCome, writePrice } from '@/core/money';
import { Figure, Quiet, Tag } from '@/ui/controls';
import { Text } from '@/ui/layout';
import { useCase, useRecord } from '../saving/store';

/** What the case costs so far and in all, what has no price, and whether it goes beyond the customer's limit. */
export function CaseEstimate() {
  const record = useRecord();
  const money = useCase((s) => s.open.money);
  const all = estimate(record, money, inAll);
  const open = estimate(record, money, toCome);
  const beyond = beyondLimit(record, money);
  if (all.sum === 0) return null;
  const say = (x: number) => <Figure>{writePrice(x, money.currency)}</Figure>;
  return (
    <Text role="status" aria-label="Estimate" $indent>
      Estimate: {say(all.sum)}{' '}
      <Quiet>
        (work {say(all.labour)}, parts {say(all.parts)}
        {open.sum > 0 && open.sum !== all.sum && <>; still to come {say(open.sum)}</>})
        {all.without.length > 0 && ` without ${all.without.join(', ')}: no price yet`}
      </Quiet>{' '}
      {beyond && (
        <Tag $tone="unsure">above the customer’s limit of {writePrice(beyond.limit, money.currency)}</Tag>
      )}
    </Text>
  );
}
