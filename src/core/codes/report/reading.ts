import type { CodeStatus } from '@/core/case';
import { foldModule } from '../modules';
import type { ReportHints } from './hints';
import { emptyReport, type Became, type ScanReport } from './types';

/** A fault while its lines are still being gathered. */
export interface Entry {
  code: string;
  /** All words beside the code, over several lines where it was wrapped. */
  body: string;
  statuses: CodeStatus[];
  module: number | null;
  /** Its wording and status were told apart by columns or labels already. */
  settled: boolean;
  /** Its status stood before the code, so that nothing says where its wording ends. */
  statusFirst: boolean;
  /** When and how often it was seen. */
  details: string[];
  /** Status said by the heading over it. */
  group: CodeStatus[];
  lines: number[];
}

/** What is gathered while a report is read from top to bottom. */
export class Reading {
  constructor(readonly hints?: ReportHints) {}

  readonly out: ScanReport = emptyReport();
  readonly entries: Entry[] = [];
  module: number | null = null;
  /** Which list the lines stand in. */
  list: '' | 'live' | 'freeze' | 'readiness' | 'silent' | 'cleared' = '';
  /** The line of the last cleared code. */
  clearedAt = 0;
  /** Some fault had its status on a line of its own below it. */
  statusBelow = false;
  /** A title above says that faults follow. */
  faultsFollow = false;
  /** Status said by the heading over the faults. */
  group: CodeStatus[] = [];
  /** How far the open module's heading is from the left, and that of the line at hand. */
  indentOfModule = 0;
  indent = 0;
  /** How far the last fault's line is from the left. */
  indentOfFault = 0;
  /** The line of the last live value. */
  liveAt = 0;
  /** The lines are blink codes or other short ones, under their title. */
  short = false;
  /** The module whose faults are listed under titles of their own: "stored", "pending". */
  grouped: number | null = null;
  /** The wording that stands above a code alone in its line. */
  above = '';
  /** Whether the names under "no response:" have bullets, and the line of the last one. */
  bullets: boolean | undefined = undefined;
  silentFrom = 0;
  /** The fault whose freeze frame is being read, where the report names it. */
  freezeFor: number | undefined = undefined;
  broken = false;
  whole = false;
  noneSaid = false;
  /** Modules of which an outcome stands: codes, or that there are none. */
  readonly settled = new Set<number>();
  private readonly marked = new Map<number, ScanReport['lines']>();

  /** Notes what a line became; one line can be a module and its first fault. */
  mark(n: number, became: Became, row?: number): void {
    const there = this.marked.get(n) ?? [];
    if (there.some((m) => m.became === became && m.row === row)) return;
    // What only says that the line belongs to something adds nothing to what it is.
    if (there.length > 0 && row === undefined) return;
    if (became === 'code' && there.some((m) => m.became !== 'module' && m.became !== 'code')) return;
    this.marked.set(n, [...there, row === undefined ? { n, became } : { n, became, row }]);
  }

  /** Whether a line was handed back as not understood. */
  wasUnread(n: number): boolean {
    return this.marked.get(n)?.some((m) => m.became === 'unread') ?? false;
  }

  /** Goes on under a module; one that is there already by that name is that one. */
  under(name: string, answered: boolean, n: number): void {
    const clean = tidyName(name);
    const known = this.out.modules.findIndex((m) => foldModule(m.name) === foldModule(clean));
    this.module = known >= 0 ? known : this.out.modules.push({ name: clean, answered }) - 1;
    if (!answered) this.out.modules[this.module]!.answered = false;
    this.indentOfModule = this.indent;
    if (this.grouped !== this.module) {
      if (this.grouped !== null) this.group = [];
      this.grouped = null;
    }
    // What was cleared stays cleared under every module, until another title.
    if (this.list !== 'cleared') this.list = '';
    this.mark(n, 'module', this.module);
  }

  /** Whether a title over faults belongs to the open module: none of its faults has come yet, or they come in groups. */
  groupsUnderModule(): boolean {
    const { module } = this;
    if (module === null) return false;
    return this.grouped === module || (!this.settled.has(module) && this.out.modules[module]!.answered);
  }

  fault(code: string, body: string, n: number): Entry {
    if (this.above !== '') body = `${this.above}  ${body}`;
    this.above = '';
    const entry: Entry = {
      code,
      body,
      statuses: [],
      module: this.module,
      settled: false,
      statusFirst: false,
      group: this.group,
      details: [],
      lines: [n],
    };
    this.indentOfFault = this.indent;
    this.mark(n, 'code', this.entries.push(entry) - 1);
    if (this.module !== null) this.settled.add(this.module);
    if (this.list !== 'freeze') this.list = '';
    return entry;
  }

  unread(n: number, raw: string): void {
    this.mark(n, 'unread');
    if (this.out.leftover.length < 5000) this.out.leftover.push(raw.slice(0, 2000));
  }

  finish(): ScanReport {
    const { out } = this;
    out.lines = [...this.marked.values()].flat().sort((a, b) => a.n - b.n);
    if (this.whole && !this.broken && (out.codes.length > 0 || this.noneSaid || this.settled.size > 0))
      out.scope = 'vehicle';
    else if (out.codes.length === 0 && out.modules.length === 0 && out.live.length === 0 && !this.noneSaid)
      out.scope = 'nothing';
    return out;
  }
}

/** A module's name without what a tool draws around it. */
export function tidyName(text: string): string {
  return text
    .trim()
    .replace(/^(?:[=#*>•·|_\s]|-(?=[\s-]))+|(?:[=#*|_\s:]|\s-|\.{2,})+$/gu, '')
    .replace(/^\[([^[\]]*)\]$/u, '$1')
    .replace(/^(?:\d{1,2}[.)]|\[\d{1,2}\]|(?:ecu|module|unit)\s+\d{1,2}\s?\/\s?\d{1,2})\s+/iu, '')
    .replace(/^(?:scanned|scan|found|codes?|dtcs?)\s*:\s+/iu, '')
    .replace(/(?:\s+\d{1,2}\s+(?:pend|conf|perm|hist|curr|act)\b)+$/iu, '')
    .replace(/\s+/gu, ' ')
    .trim()
    .slice(0, 200);
}
