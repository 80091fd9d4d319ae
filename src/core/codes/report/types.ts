import type { CodeStatus } from '@/core/case';

/** What a line of a report became. */
export type Became =
  | 'module'
  | 'code'
  | 'status'
  | 'text'
  | 'detail'
  | 'live value'
  | 'freeze frame'
  | 'monitor'
  | 'vehicle'
  | 'heading'
  | 'scope'
  | 'unread';

/** A scan report, understood line by line. */
export interface ScanReport {
  /** `read` is off where the tool broke off before it had read the module. */
  modules: { name: string; answered: boolean; read?: boolean }[];
  /** What the report itself says it read: the whole vehicle, or nothing. */
  scope: '' | 'vehicle' | 'nothing';
  codes: {
    code: string;
    text: string;
    statuses: CodeStatus[];
    module: number | null;
    /** When and how often it was seen, as the tool says it. */
    detail?: string;
  }[];
  freeze: { code: number; name: string; entered: string }[];
  /** Values the vehicle reported at that moment. */
  live: { name: string; entered: string }[];
  monitors: { name: string; state: 'complete' | 'incomplete' | 'not supported' }[];
  battery: string;
  odometer: string;
  tool: string;
  key: '' | 'off' | 'on';
  engine: '' | 'off' | 'running';
  /** When the report says it was made, as it says it; empty when it does not. */
  made: string;
  /** What each line became, and which row of its kind: a line that is a module and a fault stands twice. */
  lines: { n: number; became: Became; row?: number }[];
  /** Lines that said nothing understood here; kept, never dropped. */
  leftover: string[];
}

/** A report in which nothing has been read yet. */
export function emptyReport(): ScanReport {
  return {
    modules: [],
    scope: '',
    codes: [],
    freeze: [],
    live: [],
    monitors: [],
    battery: '',
    odometer: '',
    tool: '',
    key: '',
    engine: '',
    made: '',
    lines: [],
    leftover: [],
  };
}
