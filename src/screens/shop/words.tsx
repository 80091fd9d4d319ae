'use client';

import { Plus, X } from 'lucide-react';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import styled from 'styled-components';
import { CONDITIONS, conditionLabel } from '@/core/symptoms/conditions';
import { SYMPTOM_NAMES, symptomById } from '@/core/symptoms/names';
import { Button, Choice, Empty, FieldLabel, IconButton, Input, Quiet } from '@/ui/controls';
import { Inline, PageTitle, Text } from '@/ui/layout';
import { ShopShelf } from './sections';

interface Taught {
  id: string;
  of: string;
  concept: string;
  words: string;
}
interface Unknown {
  word: string;
  cases: number;
  guess: { id: string; label: string } | null;
}

const Columns = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 8px 40px;
  @media (max-width: 800px) {
    grid-template-columns: minmax(0, 1fr);
  }
  & h2 {
    font-size: 0.9375rem;
    margin: 14px 0 4px;
  }
`;
const Teach = styled.form`
  display: grid;
  grid-template-columns: 1.3fr 0.8fr 1.4fr auto;
  gap: 12px;
  align-items: end;
  padding: 12px 14px;
  background: var(--sheet);
  box-shadow: var(--shadow);
  @media (max-width: 800px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;
const Row = styled.li`
  display: flex;
  gap: 10px;
  align-items: center;
  padding: 4px 0;
  border-top: 1px solid var(--rule);
  & > :last-child {
    margin-left: auto;
  }
`;

const KINDS = [
  { value: 'symptom', label: 'a symptom' },
  { value: 'condition', label: 'a circumstance' },
  { value: 'vehicle', label: 'a vehicle' },
];
/** The shop's own words: what they mean, and those that keep being used and nobody taught yet. */
export function WordsScreen({
  taught: first,
  unknown: firstUnknown,
  vehicles,
  word,
}: {
  taught: Taught[];
  unknown: Unknown[];
  vehicles: { value: string; label: string }[];
  word: string;
}) {
  const router = useRouter();
  const [taught, setTaught] = useState(first);
  const [unknown, setUnknown] = useState(firstUnknown);
  const [words, setWords] = useState(word);
  const [of, setOf] = useState('symptom');
  const [concept, setConcept] = useState('');
  const [message, setMessage] = useState('');
  const concepts = of === 'symptom' ? SYMPTOM_NAMES : CONDITIONS;
  const options =
    of === 'vehicle' ? vehicles : concepts.map((c) => ({ value: c.id as string, label: c.label }));
  const send = async (body: object, done: (understood: number) => string) => {
    const [{ post }, { WordsAnswer }] = await Promise.all([import('../send'), import('@/core/api/shop')]);
    const { answer, problem } = await post('/api/words', body, WordsAnswer);
    if (!answer) {
      setMessage(problem);
      return;
    }
    setTaught(answer.taught);
    setUnknown(answer.unknown);
    setMessage(done(answer.understood));
    router.refresh();
  };
  const teach = async () => {
    await send({ do: 'teach', words, of, concept }, (n) =>
      n > 0
        ? `“${words}” is known now; ${n} symptom${n === 1 ? '' : 's'} on past cases say so too.`
        : `“${words}” is known now.`,
    );
    setWords('');
    setConcept('');
  };
  const take = (u: Unknown) => {
    setWords(u.word);
    setOf('symptom');
    setConcept(u.guess?.id ?? '');
  };
  return (
    <ShopShelf>
      <PageTitle>Words of the shop</PageTitle>
      <Text $tone="ink-2" $measure={66} $margin="4px 0 12px">
        {SYMPTOM_NAMES.length} symptoms are known in more than eight thousand ways of saying them. Other words
        people here use are added once and found from then on, on past cases too.
      </Text>
      <Teach
        onSubmit={(e) => {
          e.preventDefault();
          void teach();
        }}
      >
        <div>
          <FieldLabel htmlFor="word">Word or phrase</FieldLabel>
          <Input
            id="word"
            value={words}
            maxLength={80}
            placeholder="as people here say it"
            onChange={(e) => setWords(e.target.value)}
          />
        </div>
        <Choice
          label="is"
          value={of}
          options={KINDS}
          onChange={(v) => {
            setOf(v);
            setConcept('');
          }}
        />
        <Choice
          label="meaning"
          value={concept}
          options={[{ value: '', label: '' }, ...options]}
          onChange={setConcept}
        />
        <Button type="submit" $kind="main" isDisabled={words.trim().length < 2 || concept === ''}>
          <Plus aria-hidden="true" /> Teach
        </Button>
      </Teach>
      <Text role="status" $room={24} $pad="6px 0 0">
        {message}
      </Text>
      <Columns>
        <section>
          <h2>Used often, not known yet</h2>
          {unknown.length === 0 ? (
            <Empty>No unknown word is used on two or more cases. Such words will be offered here.</Empty>
          ) : (
            <ul>
              {unknown.map((u) => (
                <Row key={u.word}>
                  <b>{u.word}</b>
                  <Quiet>
                    on {u.cases} cases{u.guess && `, perhaps ${u.guess.label}`}
                  </Quiet>
                  <Inline as="span" $gap={4} $nowrap>
                    <Button onPress={() => take(u)}>Teach …</Button>
                    <Button
                      $kind="quiet"
                      onPress={() =>
                        void send(
                          { do: 'teach', words: u.word, of: 'ignore', concept: '' },
                          () => `“${u.word}” is not offered any more.`,
                        )
                      }
                    >
                      Ignore
                    </Button>
                  </Inline>
                </Row>
              ))}
            </ul>
          )}
        </section>
        <section>
          <h2>Added here</h2>
          {taught.length === 0 && <Empty>Nothing yet.</Empty>}
          <ul>
            {taught.map((t) => (
              <Row key={t.id}>
                <b>{t.words}</b> <Quiet>{meaning(t)}</Quiet>
                <IconButton
                  aria-label={`Forget ${t.words}`}
                  onPress={() => void send({ do: 'forget', id: t.id }, () => `“${t.words}” is forgotten.`)}
                >
                  <X aria-hidden="true" />
                </IconButton>
              </Row>
            ))}
          </ul>
        </section>
      </Columns>
    </ShopShelf>
  );
}

function meaning(t: Taught): string {
  if (t.of === 'ignore') return 'passed over';
  if (t.of === 'vehicle') return t.concept.split('/').filter(Boolean).join(' ');
  return t.of === 'condition' ? conditionLabel(t.concept) : (symptomById(t.concept)?.label ?? t.concept);
}
