'use client';

import { useRouter } from 'next/navigation';
import { useState, useSyncExternalStore } from 'react';
import {
  Cell,
  Checkbox,
  Collection,
  Column,
  ResizableTableContainer,
  Row,
  Table,
  TableBody,
  TableHeader,
  TableLayout,
  TableLoadMoreItem,
  Virtualizer,
  type Selection,
} from 'react-aria-components';
import styled from 'styled-components';
import type { CaseListAnswer } from '@/core/api';
import { GRADES, type CaseListColumn, type CaseListQuery } from '@/core/case';
import { displayWord } from '@/core/case/display-words';
import { Choice, Quiet } from '@/ui/controls';
import { LineInput } from '@/ui/line-input';
import { COLUMNS } from './columns';
import { ExportLinks } from './export-links';
import { addressOf, useCaseList } from './use-case-list';
import { ListTable } from './table-style';
import { HELP_CASES } from '../help-texts';
import { Help, Titled } from '@/ui/help';

const Page = styled.main`
  padding: 18px 20px 24px;
  max-width: 1680px;
  margin: 0 auto;
  & h1 {
    font-size: 1.25rem;
  }
  /* There is room for the name of the vehicle only. */
  @media (max-width: 1000px) {
    & .plate {
      display: none;
    }
  }
`;
const Filters = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 6px 14px;
  align-items: end;
  margin: 8px 0;
  & > * {
    min-width: 130px;
  }
  & > :first-child {
    flex: 1 1 260px;
  }
`;
const Actions = styled.p`
  display: flex;
  flex-wrap: wrap;
  gap: 6px 14px;
  align-items: center;
  min-height: 44px;
  & > a {
    margin: 0;
  }
`;

const NARROW = '(max-width: 1000px)';
const subscribe = (changed: () => void) => {
  const query = window.matchMedia(NARROW);
  query.addEventListener('change', changed);
  return () => query.removeEventListener('change', changed);
};
/** Whether there is room for the main columns only. */
const useNarrow = () =>
  useSyncExternalStore(
    subscribe,
    () => window.matchMedia(NARROW).matches,
    () => false,
  );

/** All cases of the shop: filtered, sorted, read as they are scrolled, and exported. */
export function CaseListScreen({
  query,
  first,
  people,
}: {
  query: CaseListQuery;
  first: CaseListAnswer;
  people: { id: string; name: string }[];
}) {
  const router = useRouter();
  const narrow = useNarrow();
  const { from: _from, most: _most, ...start } = query;
  const { choice, rows, total, busy, problem, choose, more } = useCaseList(start, first);
  const [selected, setSelected] = useState<Selection>(new Set());
  const columns = COLUMNS.filter((c) => !(narrow && c.wide));
  const filter = (change: Parameters<typeof choose>[0]) => {
    setSelected(new Set());
    choose(change);
  };
  return (
    <Page>
      <Titled>
        <h1>All cases</h1>
        <Help on="All cases" text={HELP_CASES} />
      </Titled>
      <Filters role="search" aria-label="Filter the list">
        <LineInput
          label="Vehicle, plate, customer or order number"
          value={choice.words}
          most={200}
          placeholder="Tessa 2018"
          onChange={(words) => filter({ words })}
        />
        <Choice
          label="Status"
          value={choice.state}
          empty="open and closed"
          options={['', { value: 'open', label: 'open' }, { value: 'closed', label: 'closed' }]}
          onChange={(state) => filter({ state: state as CaseListQuery['state'] })}
        />
        <Choice
          label="Proof"
          value={choice.grade}
          empty="any"
          options={GRADES.map((g) => ({ value: g, label: displayWord(g) }))}
          onChange={(grade) => filter({ grade: grade as CaseListQuery['grade'] })}
        />
        <Choice
          label="Lead"
          value={choice.lead}
          empty="anybody"
          options={['', ...people.map((p) => ({ value: p.id, label: p.name }))]}
          onChange={(lead) => filter({ lead })}
        />
      </Filters>
      <Actions>
        <span role="status">
          {problem || `${total.toLocaleString('en')} ${total === 1 ? 'case' : 'cases'}`}
        </span>
        <ExportLinks choice={addressOf(choice)} rows={rows} selected={selected} total={total} />
      </Actions>
      <Virtualizer
        layout={TableLayout}
        layoutOptions={{ rowHeight: 46, headingHeight: 36, loaderHeight: 40 }}
      >
        <ListTable>
          <ResizableTableContainer>
            <Table
              aria-label="All cases"
              selectionMode="multiple"
              selectedKeys={selected}
              onSelectionChange={setSelected}
              sortDescriptor={{
                column: choice.sort,
                direction: choice.order === 'up' ? 'ascending' : 'descending',
              }}
              onSortChange={(s) =>
                choose({
                  sort: s.column as CaseListColumn,
                  order: s.direction === 'ascending' ? 'up' : 'down',
                })
              }
              onRowAction={(id) => router.push(`/cases/${rows.find((r) => r.id === id)?.number}`)}
            >
              <TableHeader>
                <Column width={44} minWidth={44}>
                  <Tick />
                </Column>
                {columns.map((c) => (
                  <Column
                    key={c.id}
                    id={c.id}
                    width={c.width}
                    minWidth={c.minWidth}
                    isRowHeader={c.id === 'number'}
                    allowsSorting={c.id !== 'cause'}
                  >
                    {({ sortDirection }) => (
                      <>
                        {c.title}
                        {sortDirection && (
                          <span aria-hidden="true">&nbsp;{sortDirection === 'ascending' ? '▲' : '▼'}</span>
                        )}
                      </>
                    )}
                  </Column>
                ))}
              </TableHeader>
              <TableBody renderEmptyState={() => <Quiet>No case matches these filters.</Quiet>}>
                <Collection items={rows} dependencies={[narrow]}>
                  {(row) => (
                    <Row id={row.id}>
                      <Cell>
                        <Tick />
                      </Cell>
                      {columns.map((c) => (
                        <Cell key={c.id}>{c.show(row)}</Cell>
                      ))}
                    </Row>
                  )}
                </Collection>
                <TableLoadMoreItem isLoading={busy} onLoadMore={more}>
                  <Quiet>Loading …</Quiet>
                </TableLoadMoreItem>
              </TableBody>
            </Table>
          </ResizableTableContainer>
        </ListTable>
      </Virtualizer>
    </Page>
  );
}

/** A box to tick, for a row or for all of them. */
const Tick = () => (
  <Checkbox slot="selection">
    <span aria-hidden="true" className="box" />
  </Checkbox>
);
