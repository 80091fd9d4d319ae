'use client';

import type { EntryUse } from '@/core/api';
import Link from '@/ui/link';
import { useEffect, useState } from 'react';
import type { CatalogueItem } from '@/core/case';
import { Button, Choice, Input, Quiet } from '@/ui/controls';
import { Inline, Rule, Stack } from '@/ui/layout';

export type Item = CatalogueItem & { used: number };
const SHOWN = 12;

/** One entry: its name, what it is also called, what it means the same as; each asks with what it changes. */
export function Entry({
  item,
  items,
  send,
  onChoose,
}: {
  item: Item;
  items: Item[];
  send: (body: object, done: string) => Promise<void>;
  onChoose: (id: string) => void;
}) {
  const [name, setName] = useState(item.name);
  const [system, setSystem] = useState(item.system);
  const [synonyms, setSynonyms] = useState(item.synonyms.join('; '));
  const [into, setInto] = useState('');
  const [asking, setAsking] = useState<'' | 'rename' | 'merge'>('');
  const use = useUse(item);
  const systems = [...new Set(items.filter((i) => i.kind === 'part').map((i) => i.system))].sort();
  const others = items.filter((i) => i.kind === item.kind && !i.mergedInto && i.id !== item.id);
  const intoName = others.find((o) => o.id === into)?.name ?? '';
  const list = synonyms
    .split(';')
    .map((s) => s.trim())
    .filter(Boolean);
  const renames = name.trim() !== '' && name.trim() !== item.name;
  const stands = use !== undefined && use.cases.length > 0;
  const keep = () => {
    setAsking('');
    const own = item.kind === 'part' ? { system } : {};
    void send(
      {
        do: 'change',
        id: item.id,
        name,
        ...own,
        synonyms: list,
        fresh: false,
        was: { name: item.name, system: item.system, synonyms: item.synonyms },
      },
      renames ? `Called “${name.trim()}” now.` : 'Kept.',
    );
  };
  const merge = () => {
    setAsking('');
    void send({ do: 'merge', id: item.id, into }, `Merged; past causes count under ${intoName} now.`).then(
      () => onChoose(into),
    );
  };
  return (
    <>
      <strong>{item.name}</strong>
      <Stands use={use} used={item.used} />
      {use?.undo && (
        <Button onPress={() => void send({ do: 'undo', id: item.id }, 'Undone.')}>
          Undo: let it {use.undo}
        </Button>
      )}
      <label>
        Name
        <Input value={name} onChange={(e) => setName(e.target.value)} />
      </label>
      {item.kind === 'part' && (
        <Choice label="System" value={system} options={systems} onChange={setSystem} />
      )}
      <label>
        Also called (with ; between)
        <Input value={synonyms} onChange={(e) => setSynonyms(e.target.value)} />
      </label>
      {asking === 'rename' ? (
        <Sure
          says={`${inCases(use)} will say “${name.trim()}” instead of “${item.name}”.`}
          act="Rename"
          onAct={keep}
          onCancel={() => setAsking('')}
        />
      ) : (
        <Button $kind="main" onPress={() => (renames && stands ? setAsking('rename') : keep())}>
          Keep
        </Button>
      )}
      <Rule />
      <Choice
        label="Means the same as"
        value={into}
        options={[{ value: '', label: '' }, ...others.map((o) => ({ value: o.id, label: o.name }))]}
        empty="choose …"
        onChange={setInto}
      />
      {asking === 'merge' ? (
        <Sure
          says={`${inCases(use)} will count under “${intoName}” and be called so.`}
          act="Merge"
          onAct={merge}
          onCancel={() => setAsking('')}
        />
      ) : (
        <Button isDisabled={into === ''} onPress={() => setAsking('merge')}>
          Merge into it
        </Button>
      )}
      {use?.merged.map((m) => (
        <span key={m.id}>
          <Quiet>“{m.name}” was merged into it.</Quiet>{' '}
          <Button
            $kind="quiet"
            onPress={() => void send({ do: 'undo', id: m.id }, `“${m.name}” stands for itself again.`)}
          >
            Undo the merge
          </Button>
        </span>
      ))}
    </>
  );
}

/** Where an entry stands; asked anew when it changed. */
function useUse(item: Item): EntryUse | undefined {
  const [use, setUse] = useState<EntryUse>();
  const { id, name, synonyms, mergedInto } = item;
  const state = `${name} ${synonyms.length} ${mergedInto ?? ''}`;
  useEffect(() => {
    let gone = false;
    void Promise.all([import('../send'), import('@/core/api/shop')])
      .then(([{ ask }, { EntryUse }]) => ask(`/api/catalogue?use=${encodeURIComponent(id)}`, EntryUse))
      .then(({ answer }) => !gone && setUse(answer));
    return () => {
      gone = true;
    };
  }, [id, state]);
  return use;
}

const count = (n: number, one: string) => `${n} ${one}${n === 1 ? '' : 's'}`;
/** "12 causes and 3 suspects in 9 cases". */
function inCases(use: EntryUse | undefined): string {
  if (!use || use.cases.length === 0) return 'No case so far; later ones';
  const what = [use.causes && count(use.causes, 'cause'), use.suspects && count(use.suspects, 'suspect')];
  return `${what.filter(Boolean).join(' and ')} in ${count(use.cases.length, 'case')}`;
}

function Stands({ use, used }: { use: EntryUse | undefined; used: number }) {
  if (!use) return <Quiet>stands in {count(used, 'cause')}</Quiet>;
  if (use.cases.length === 0) return <Quiet>used in no case</Quiet>;
  return (
    <Quiet>
      {inCases(use)}:{' '}
      {use.cases.slice(-SHOWN).map((n, i) => (
        <span key={n}>
          {i > 0 && ', '}
          <Link href={`/cases/${n}`}>{n}</Link>
        </span>
      ))}
      {use.cases.length > SHOWN && ' …'}
    </Quiet>
  );
}

function Sure({
  says,
  act,
  onAct,
  onCancel,
}: {
  says: string;
  act: string;
  onAct: () => void;
  onCancel: () => void;
}) {
  return (
    <Stack role="alertdialog" aria-label={`${act}?`} $gap={6}>
      <span>{says} The change is in the history of each case and can be undone.</span>
      <Inline $gap={8} $nowrap>
        <Button $kind="main" onPress={onAct} autoFocus>
          {act}
        </Button>
        <Button $kind="quiet" onPress={onCancel}>
          Cancel
        </Button>
      </Inline>
    </Stack>
  );
}
