'use client';

import { useState } from 'react';
import styled from 'styled-components';
import { Button, Quiet } from '@/ui/controls';
import { LineInput } from '@/ui/line-input';

export interface MoneyView {
  currency: string;
  hourRate: number | null;
}
type Send = (body: object, done: string) => Promise<boolean>;

const Line = styled.div<{ $columns?: string }>`
  display: grid;
  grid-template-columns: ${({ $columns = '1fr 1fr auto' }) => $columns};
  gap: 12px;
  align-items: end;
  max-width: 420px;
`;

/** When a customer who was not reached is asked again. */
export function CallAgainForm({ start, send }: { start: number; send: Send }) {
  const [days, setDays] = useState(String(start));
  const keep = () => void send({ do: 'call again', days: Number(days) }, 'Kept.');
  return (
    <Line $columns="1fr auto">
      <LineInput
        label="Not reached: ask again after days"
        figure
        most={4}
        value={days}
        onChange={setDays}
        onEnter={keep}
      />
      <Button onPress={keep}>Keep</Button>
    </Line>
  );
}

/** The currency of prices, and what an hour of work costs. */
export function MoneyForm({ start, send }: { start: MoneyView; send: Send }) {
  const [currency, setCurrency] = useState(start.currency);
  const [rate, setRate] = useState(start.hourRate === null ? '' : String(start.hourRate));
  const keep = () =>
    void send(
      {
        do: 'money',
        money: { currency, hourRate: rate.trim() === '' ? null : Number(rate.replace(',', '.')) },
      },
      'Currency and rate are kept.',
    );
  return (
    <>
      <h2>Estimates</h2>
      <Quiet>
        Hours and parts of a repair add up to an estimate on the case and on the customer’s report. Without a
        rate, hours are not priced.
      </Quiet>
      <Line>
        <LineInput label="Currency" most={3} placeholder="EUR" value={currency} onChange={setCurrency} />
        <LineInput
          label="An hour of work"
          figure
          most={10}
          placeholder="90"
          value={rate}
          onChange={setRate}
          onEnter={keep}
        />
        <Button onPress={keep}>Keep</Button>
      </Line>
    </>
  );
}
