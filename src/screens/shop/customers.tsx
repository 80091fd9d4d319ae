'use client';

import Link from '@/ui/link';
import { useState } from 'react';
import styled from 'styled-components';
import { z } from 'zod';
import { Button, Figure, Quiet } from '@/ui/controls';
import { day } from '@/ui/dates';
import { Field } from '../access/parts';
import { ask, post } from '../send';
import { ShopShelf } from './sections';

const Kept = z.object({
  cases: z.array(
    z.object({
      number: z.number(),
      openedAt: z.string(),
      customer: z.string(),
      phone: z.string(),
      plate: z.string(),
      vin: z.string(),
      files: z.number(),
    }),
  ),
});
type Kept = z.infer<typeof Kept>;

const Section = styled.section`
  max-width: 780px;
  display: grid;
  gap: 10px;
  & h1 {
    font-size: 1.25rem;
  }
  & p {
    color: var(--ink-2);
    max-width: 66ch;
  }
  & form {
    display: flex;
    flex-wrap: wrap;
    gap: 10px 14px;
    align-items: end;
  }
  & li {
    padding: 8px 0;
    border-top: 1px solid var(--rule);
  }
`;

const Erased = z.object({ erased: z.number(), ambiguous: z.array(z.string()) });

const whatWasErased = ({ erased, ambiguous }: z.infer<typeof Erased>): string =>
  [
    `Erased from ${erased === 1 ? 'one case' : `${erased} cases`} and their history.`,
    ambiguous.length > 0 &&
      `${ambiguous.map((w) => `“${w}”`).join(' and ')} is also a word of the trade: it went with the whole name and after Mr or Mrs, and stays where it stands alone. Read those cases once.`,
  ]
    .filter(Boolean)
    .join(' ');

/** What is kept on a customer: shown, given to them, erased at their wish. */
export function CustomersScreen() {
  const [name, setName] = useState('');
  const [kept, setKept] = useState<Kept>();
  const [message, setMessage] = useState('');
  const look = async (of: string) => {
    const { answer, problem } = await ask(`/api/customers?name=${encodeURIComponent(of)}`, Kept);
    setKept(answer);
    setName(of);
    setMessage(problem);
  };
  return (
    <ShopShelf>
      <Section>
        <h1>What is kept on a customer</h1>
        <form
          onSubmit={(e) => {
            e.preventDefault();
            void look(String(new FormData(e.currentTarget).get('name') ?? '').trim());
          }}
        >
          <Field label="Name of the customer, as it stands on their cases" name="name" required />
          <Button type="submit">Show</Button>
        </form>
        {kept && kept.cases.length === 0 && !message && (
          <Quiet>Nothing is kept on a customer of this name.</Quiet>
        )}
        {kept && kept.cases.length > 0 && (
          <>
            <ul aria-label="What is kept">
              {kept.cases.map((c) => (
                <li key={c.number}>
                  <Link href={`/cases/${c.number}`}>
                    case <Figure>{c.number}</Figure>
                  </Link>{' '}
                  {[
                    day(c.openedAt),
                    c.customer,
                    c.phone,
                    c.plate && `plate ${c.plate}`,
                    c.vin && `VIN ${c.vin}`,
                    c.files > 0 && `${c.files} photos and files`,
                  ]
                    .filter(Boolean)
                    .join(' · ')}
                </li>
              ))}
            </ul>
            <a href={`/api/customers?as=file&name=${encodeURIComponent(name)}`}>
              Download all of it for the customer
            </a>
            <form
              onSubmit={(e) => {
                e.preventDefault();
                const sure = String(new FormData(e.currentTarget).get('sure') ?? '');
                void post('/api/customers', { name, sure }, Erased).then(async ({ answer, problem }) => {
                  if (answer) await look(name);
                  setMessage(answer ? whatWasErased(answer) : problem);
                });
              }}
            >
              <Field label="To erase it, write the name once more" name="sure" autoComplete="off" required />
              <Button type="submit">Erase</Button>
            </form>
            <p>
              Name, telephone, plate and order number go, in the cases, in what was said there and in their
              history. What was found and repaired stays. So do VINs, photos and recordings, and backups made
              before.
            </p>
          </>
        )}
        <p role="status">{message}</p>
      </Section>
    </ShopShelf>
  );
}
