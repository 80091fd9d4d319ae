'use client';

import { Plus } from 'lucide-react';
import { nanoid } from 'nanoid';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import styled from 'styled-components';
import { roleName, ROLES } from '@/core/access/roles';
import { REGIONS } from '@/core/region';
import { Button, Choice, FieldLabel, Input, Quiet } from '@/ui/controls';
import { Inline } from '@/ui/layout';
import { LineInput } from '@/ui/line-input';
import { CallAgainForm, MoneyForm, type MoneyView } from './money-form';
import { ShopShelf } from './sections';

interface Period {
  days: number;
  distance: string;
}
interface PeriodsView {
  followUp: Period;
  comeback: Period;
}
interface Person {
  id: string;
  name: string;
  role: string;
  active: boolean;
}

const Page = styled.div`
  max-width: 760px;
  display: grid;
  gap: 14px;
  & h1 {
    font-size: 1.25rem;
  }
  & h2 {
    font-size: 0.9375rem;
    margin-top: 10px;
  }
`;
const Line = styled.li<{ $columns?: string }>`
  display: grid;
  grid-template-columns: ${({ $columns = '1fr 150px 130px' }) => $columns};
  gap: 12px;
  align-items: end;
  padding: 6px 0;
  border-top: 1px solid var(--rule);
`;
const ROLE_OPTIONS = ROLES.map((r) => ({ value: r, label: roleName(r).toLowerCase() }));

const PLACES = [
  { value: '', label: 'not said' },
  ...REGIONS.map((r) => ({ value: r.id as string, label: r.name })),
];
const NUMBERS = [
  { value: 'ask', label: 'either way: ask' },
  { value: '.', label: '1,500.5 (point for decimals)' },
  { value: ',', label: '1.500,5 (comma for decimals)' },
];

/** The shop's name, where it is, how it writes numbers, and the people who write in it. */
export function ShopScreen({
  name,
  people,
  periods,
  region,
  decimalSign,
  callAgain,
  money,
}: {
  name: string;
  people: Person[];
  periods: PeriodsView;
  region: string;
  decimalSign: string;
  callAgain: number;
  money: MoneyView;
}) {
  const router = useRouter();
  const [message, setMessage] = useState('');
  const [shop, setShop] = useState(name);
  const [added, setAdded] = useState('');
  const send = async (body: object, done: string) => {
    const [{ post }, { PeopleAnswer }] = await Promise.all([import('../send'), import('@/core/api/shop')]);
    const { answer, problem } = await post('/api/shop', body, PeopleAnswer);
    setMessage(problem || done);
    router.refresh();
    return answer !== undefined;
  };
  const add = async () => {
    if (added.trim() === '') return;
    const person = { id: nanoid(10), name: added.trim(), role: 'technician', active: true };
    if (await send({ do: 'person', person }, `${added.trim()} is here now.`)) setAdded('');
  };
  return (
    <ShopShelf>
      <Page>
        <h1>The shop</h1>
        <div>
          <FieldLabel htmlFor="shop-name">Name</FieldLabel>
          <Input
            id="shop-name"
            value={shop}
            maxLength={80}
            onChange={(e) => setShop(e.target.value)}
            onBlur={() => shop.trim() !== name && void send({ do: 'name', name: shop }, 'The name is kept.')}
          />
        </div>
        <div>
          <Choice
            label="Region"
            value={region}
            options={region === '' ? PLACES : PLACES.slice(1)}
            onChange={(v) => v !== '' && void send({ do: 'region', region: v }, 'The region is kept.')}
          />
          <Quiet>
            A number typed without a unit, such as an odometer or a coolant temperature, gets the unit that is
            usual here; the unit is written behind it, where you can change it. Any unit can be typed
            everywhere. What is on record keeps the unit it was typed with.
          </Quiet>
        </div>
        <div>
          <Choice
            label="Numbers are written"
            value={decimalSign === '' ? 'ask' : decimalSign}
            options={NUMBERS}
            onChange={(v) =>
              void send(
                { do: 'numbers', decimalSign: v === 'ask' ? '' : v },
                'How numbers are written is kept.',
              )
            }
          />
          <Quiet>
            Decides what 1,500 or 1.500 means where unit and limit do not. The reading is shown beside the
            number, and one press changes it.
          </Quiet>
        </div>
        <PeriodsForm start={periods} send={send} />
        <CallAgainForm start={callAgain} send={send} />
        <MoneyForm start={money} send={send} />
        <h2>People</h2>
        <Quiet>
          Who is signed in stands in the history of what is written. PINs are set under Access. Somebody who
          left is set to “gone”; their work stays under their name.
        </Quiet>
        <ul>
          {people.map((p) => (
            <PersonLine key={p.id + p.name + p.role + String(p.active)} person={p} send={send} />
          ))}
        </ul>
        <Inline $gap={10} $nowrap>
          <Input
            aria-label="Name of a new person"
            placeholder="Name of somebody new"
            value={added}
            maxLength={80}
            onChange={(e) => setAdded(e.target.value)}
            onKeyDown={(e) => e.key === 'Enter' && void add()}
          />
          <Button $kind="main" isDisabled={added.trim() === ''} onPress={() => void add()}>
            <Plus aria-hidden="true" /> Add
          </Button>
        </Inline>
        <p role="status">{message}</p>
      </Page>
    </ShopShelf>
  );
}

/** When the shop asks whether it held, and within what the same trouble counts as come back. */
function PeriodsForm({
  start,
  send,
}: {
  start: PeriodsView;
  send: (body: object, done: string) => Promise<boolean>;
}) {
  const [draft, setDraft] = useState({
    followUp: { days: String(start.followUp.days), distance: start.followUp.distance },
    comeback: { days: String(start.comeback.days), distance: start.comeback.distance },
  });
  const keep = () =>
    void send(
      {
        do: 'periods',
        periods: {
          followUp: { ...draft.followUp, days: Number(draft.followUp.days) },
          comeback: { ...draft.comeback, days: Number(draft.comeback.days) },
        },
      },
      'The periods are kept.',
    );
  const field = (of: keyof typeof draft, key: 'days' | 'distance', label: string, placeholder: string) => (
    <LineInput
      label={label}
      figure
      most={40}
      placeholder={placeholder}
      value={draft[of][key]}
      onChange={(v) => setDraft({ ...draft, [of]: { ...draft[of], [key]: v } })}
      onEnter={keep}
    />
  );
  return (
    <>
      <h2>Did it stay fixed?</h2>
      <Quiet>
        A closed repair is asked about after the first period, whichever of the two comes first. The same
        vehicle with the same code, circuit or symptom within the second is proposed as a comeback.
      </Quiet>
      <Line as="div" $columns="1fr 1fr 1fr 1fr auto">
        {field('followUp', 'days', 'Ask after days', '30')}
        {field('followUp', 'distance', 'or distance', '1 000 km')}
        {field('comeback', 'days', 'Comeback within days', '180')}
        {field('comeback', 'distance', 'and distance', '10 000 km')}
        <Button onPress={keep}>Keep</Button>
      </Line>
    </>
  );
}

function PersonLine({
  person,
  send,
}: {
  person: Person;
  send: (body: object, done: string) => Promise<boolean>;
}) {
  const [name, setName] = useState(person.name);
  const keep = (over: Partial<Person>) =>
    void send({ do: 'person', person: { ...person, name, ...over } }, 'Kept.');
  return (
    <Line>
      <Input
        aria-label={`Name of ${person.name}`}
        value={name}
        maxLength={80}
        onChange={(e) => setName(e.target.value)}
        onBlur={() => name.trim() !== person.name && keep({})}
      />
      <Choice
        label={`Work of ${person.name}`}
        hideLabel
        value={person.role}
        options={ROLE_OPTIONS}
        onChange={(role) => keep({ role })}
      />
      <Choice
        label={`Is ${person.name} here`}
        hideLabel
        value={person.active ? 'here' : 'gone'}
        options={['here', 'gone']}
        onChange={(v) => keep({ active: v === 'here' })}
      />
    </Line>
  );
}
