import type { Role } from '@/core/access/roles';

/** What the page of access shows. Moments are ISO 8601. */
export interface AccessView {
  people: {
    id: string;
    name: string;
    role: Role;
    active: boolean;
    pin: boolean;
    passphrase: boolean;
    locked: boolean;
  }[];
  devices: { id: string; name: string; idleMinutes: number; admittedAt: string; by: string }[];
  sessions: { id: string; who: string; where: string; since: string }[];
  tokens: {
    id: string;
    name: string;
    begins: string;
    scope: string;
    expiresAt: string;
    usedAt: string | null;
  }[];
  log: LogEntry[];
}
export interface LogEntry {
  seq: number;
  at: string;
  who: string;
  kind: string;
  about: string;
  says: Record<string, unknown>;
}
