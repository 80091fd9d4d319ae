import { AsyncLocalStorage } from 'node:async_hooks';

/**
 * Saves that wait for each other go into the database together (group commit): on a database server some milliseconds
 * away ten of them take one transaction, not ten. Each is acknowledged when that transaction is, and each is taken
 * back by itself where it is refused.
 */

/** One save that waits for its turn. */
interface Waiting {
  /** What it writes: two of one key do not share a transaction. */
  key: string;
  ahead: (tx: never) => Promise<unknown>;
  work: (tx: never, read: never) => Promise<unknown>;
  /** Runs something with the caller's own context: who is signed in. */
  inContext: <R>(run: () => R) => R;
  done: (result: never) => void;
  fail: (e: unknown) => void;
}

/** How one save in a group went. */
export type Outcome = { ok: true; result: unknown } | { ok: false; error: unknown };

/** One save of a group, as the one who runs the group sees it. */
export interface Member<Tx> {
  key: string;
  /** Reads what the save is known to need, before any of the group writes. */
  ahead: (tx: Tx) => Promise<unknown>;
  /** Writes, given what was read ahead. */
  work: (tx: Tx, read: unknown) => Promise<unknown>;
  inContext: <R>(run: () => R) => R;
}

/** At most so many go together: what they write travels as one request. */
const MOST = 24;

/**
 * Gathers saves while others are under way.
 *
 * @param exclusive runs something when no other writer of this process is at work
 * @param run runs the members of one group in one transaction; how each went, in order. What it throws fails them all
 */
export class GroupCommit<Tx> {
  private waiting: Waiting[] = [];
  private called = false;

  constructor(
    private readonly exclusive: (work: () => Promise<void>) => Promise<void>,
    private readonly run: (members: Member<Tx>[]) => Promise<Outcome[]>,
  ) {}

  /**
   * @param key of what is written
   * @param ahead reads what is known to be needed
   * @param work writes
   * @returns what `work` gives, once it is in the database for good
   */
  save<Read, Result>(
    key: string,
    ahead: (tx: Tx) => Promise<Read>,
    work: (tx: Tx, read: Read) => Promise<Result>,
  ): Promise<Result> {
    return new Promise<Result>((done, fail) => {
      this.waiting.push({ key, ahead, work, inContext: AsyncLocalStorage.snapshot(), done, fail });
      this.call();
    });
  }

  private call(): void {
    if (this.called || this.waiting.length === 0) return;
    this.called = true;
    void this.exclusive(() => this.next());
  }

  private async next(): Promise<void> {
    // Those who were told together that they are saved come again together.
    await new Promise((r) => setImmediate(r));
    this.called = false;
    const group = this.take();
    // Those left wait behind whoever else waits to write.
    this.call();
    if (group.length === 0) return;
    try {
      const outcomes = await this.run(group as unknown as Member<Tx>[]);
      group.forEach((member, i) => {
        const outcome = outcomes[i]!;
        if (outcome.ok) member.done(outcome.result as never);
        else member.fail(outcome.error);
      });
    } catch (e) {
      for (const member of group) member.fail(e);
    }
  }

  /** The next group: in the order in which they came, one of each key. */
  private take(): Waiting[] {
    const group: Waiting[] = [];
    const later: Waiting[] = [];
    const keys = new Set<string>();
    for (const one of this.waiting) {
      if (group.length === MOST || keys.has(one.key)) later.push(one);
      else group.push(one);
      keys.add(one.key);
    }
    this.waiting = later;
    return group;
  }
}
