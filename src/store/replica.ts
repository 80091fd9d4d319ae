import { spawn, type ChildProcess } from 'node:child_process';
import path from 'node:path';
import { createClient, type Client, type InStatement, type ResultSet } from '@libsql/client';

/** Reads see what others wrote by then at the latest. */
const MOST_BEHIND_MS = 1000;
/** After so long the database server itself is asked. */
const PATIENCE_MS = 2000;
/** A copy that could not be kept is tried again after so long. */
const AGAIN_AFTER_MS = 5000;

type Answer = { ready: true } | { asked: number; ok: boolean; because?: string };

/**
 * A copy of the database server's data on this machine's disk, for reads outside of transactions. Before a read it is
 * brought up to date where this server has written since, or where it is older than a second: what has been read or
 * written is never read older. Where that fails, whoever asks is sent to the server.
 */
export class Replica {
  private keeper: ChildProcess | undefined;
  private reader: Client | undefined;
  private ready: Promise<boolean> | undefined;
  private brokenAt = -Infinity;
  private waiting = new Map<number, (ok: boolean) => void>();
  private asked = 0;
  /** A sync that began at `from` is the newest that ended well. */
  private freshFrom = -Infinity;
  private wroteAt = -Infinity;
  private syncing: { from: number; done: Promise<boolean> } | undefined;

  /**
   * @param file of the copy; it and its folder are made where missing
   * @param now milliseconds of a clock that never goes back
   */
  constructor(
    private readonly file: string,
    private readonly now: () => number = () => performance.now(),
  ) {}

  /** To be said once something was written on the server. */
  wrote(): void {
    this.wroteAt = this.now();
  }

  /** Answers from the copy; undefined where it cannot be brought up to date. */
  async read(statements: readonly InStatement[]): Promise<ResultSet[] | undefined> {
    if (!(await this.isFresh())) return undefined;
    try {
      return await this.reader!.batch([...statements], 'read');
    } catch {
      // What is wrong with the question is for the server to say.
      return undefined;
    }
  }

  close(): void {
    this.keeper?.removeAllListeners();
    this.keeper?.kill();
    this.reader?.close();
    this.keeper = this.reader = this.ready = undefined;
    for (const done of this.waiting.values()) done(false);
    this.waiting.clear();
  }

  private async isFresh(): Promise<boolean> {
    if (!(await this.isReady())) return false;
    const least = Math.max(this.wroteAt, this.now() - MOST_BEHIND_MS);
    if (this.freshFrom >= least) return true;
    // One that began before what is asked for was written does not tell.
    if (this.syncing && this.syncing.from <= least) await this.syncing.done;
    this.syncing ??= this.sync();
    return this.syncing.done;
  }

  private sync(): { from: number; done: Promise<boolean> } {
    const from = this.now();
    const number = ++this.asked;
    const done = new Promise<boolean>((resolve) => {
      const late = setTimeout(() => resolve(false), PATIENCE_MS);
      this.waiting.set(number, (ok) => {
        clearTimeout(late);
        resolve(ok);
      });
      this.keeper!.send(number, (e) => e && this.waiting.get(number)?.(false));
    }).then((ok) => {
      this.waiting.delete(number);
      this.syncing = undefined;
      if (ok) this.freshFrom = Math.max(this.freshFrom, from);
      else this.fail();
      return ok;
    });
    return { from, done };
  }

  private async isReady(): Promise<boolean> {
    if (!this.ready) {
      if (this.now() - this.brokenAt < AGAIN_AFTER_MS) return false;
      this.ready = this.begin();
    }
    // A first copy of a large shop takes its time; until then the server is asked.
    return Promise.race([
      this.ready,
      new Promise<boolean>((r) => setTimeout(() => r(false), PATIENCE_MS).unref()),
    ]);
  }

  private begin(): Promise<boolean> {
    const script = path.join(process.cwd(), 'scripts', 'keep-replica.mjs');
    const keeper = (this.keeper = spawn(process.execPath, [script, this.file], {
      stdio: ['ignore', 'ignore', 'inherit', 'ipc'],
    }));
    // It goes when this process goes, and does not hold it up.
    keeper.unref();
    keeper.channel?.unref();
    return new Promise((resolve) => {
      keeper.on('message', (answer: Answer) => {
        if ('ready' in answer) resolve(this.opens());
        else this.waiting.get(answer.asked)?.(answer.ok);
      });
      const gone = () => {
        if (this.keeper === keeper) this.fail();
        resolve(false);
      };
      keeper.once('exit', gone);
      keeper.once('error', gone);
    });
  }

  /** Opens the copy for reading; one whose folder has gone meanwhile is no copy. */
  private opens(): boolean {
    try {
      this.reader = createClient({ url: `file:${path.resolve(this.file)}` });
      return true;
    } catch {
      this.fail();
      return false;
    }
  }

  private fail(): void {
    this.brokenAt = this.now();
    this.freshFrom = -Infinity;
    this.close();
  }
}
