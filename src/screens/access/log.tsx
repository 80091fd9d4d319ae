import styled from 'styled-components';
import { dayTime } from '@/ui/dates';
import type { LogEntry } from './view';

const Table = styled.table`
  width: 100%;
  border-collapse: collapse;
  & td {
    padding: 6px 10px 6px 0;
    border-top: 1px solid var(--rule);
    vertical-align: top;
  }
  & td:first-child {
    white-space: nowrap;
    color: var(--ink-2);
  }
`;

const TITLES: Record<string, string> = {
  owner: 'Owner made',
  'sign-in': 'Signed in',
  'sign-out': 'Signed out',
  'failed sign-in': 'Failed sign-in',
  secret: 'PIN or passphrase',
  device: 'Device',
  session: 'Session ended',
  token: 'Token',
  export: 'Data exported',
  backup: 'Backup',
  customer: 'Customer’s data',
};

/** Sign-ins, failed tries, devices, tokens and data that left the shop, the newest first. */
export function AccessLog({ entries }: { entries: readonly LogEntry[] }) {
  return (
    <Table>
      <tbody>
        {entries.map((e) => (
          <tr key={e.seq}>
            <td>{dayTime(e.at)}</td>
            <td>{TITLES[e.kind] ?? e.kind}</td>
            <td>{[e.who, e.about !== e.who && e.about].filter(Boolean).join(' → ') || 'nobody signed in'}</td>
            <td>
              {Object.entries(e.says)
                .filter(([, v]) => v !== '')
                .map(([k, v]) => (v === true ? k : `${k}: ${String(v)}`))
                .join(', ')}
            </td>
          </tr>
        ))}
      </tbody>
    </Table>
  );
}
