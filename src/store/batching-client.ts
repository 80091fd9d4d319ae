import {
  LibsqlError,
  type Client,
  type InArgs,
  type InStatement,
  type ResultSet,
  type Transaction,
  type TransactionMode,
} from '@libsql/client';

/**
 * For a database server some milliseconds away: reads that are asked for at the same time go out as one request, and
 * what a transaction writes goes with its next read or with its end. What is asked for stays the same.
 */

type Statement = { sql: string; args: InArgs };
const statementOf = (given: InStatement, args?: InArgs): Statement =>
  typeof given === 'string' ? { sql: given, args: args ?? [] } : { sql: given.sql, args: given.args ?? [] };

/** Something is waited for: rows that are read, or what a write returns. */
const asksForRows = (sql: string): boolean =>
  /^\s*(select|with|pragma|explain)\b/i.test(sql) || /\breturning\b/i.test(sql);
const isRead = (sql: string): boolean =>
  /^\s*(select|with)\b/i.test(sql) && !/\b(insert|update|delete)\b/i.test(sql);

/** A write whose answer nobody looks at has gone into the next request. */
const NOTHING: ResultSet = {
  columns: [],
  columnTypes: [],
  rows: [],
  rowsAffected: 0,
  lastInsertRowid: undefined,
  toJSON: () => ({}),
};

/** What was written earlier failed when it was sent: the transaction is done again, one statement at a time. */
export class DeferredWriteFailed extends Error {}

/**
 * A statement that the database refused, a constraint for instance. Whatever else goes wrong on the way (no connection,
 * another writer) says nothing of what was asked, and a COMMIT may have gone through: nothing is done again by itself.
 */
const isRefusal = (e: unknown): boolean =>
  e instanceof LibsqlError && e.code.startsWith('SQLITE_') && !e.code.startsWith('SQLITE_BUSY');

interface Waiting {
  statement: Statement;
  done?: (result: ResultSet) => void;
  fail?: (e: unknown) => void;
}

/** Collects statements until what is asked for at the same time has been asked. */
class Batch {
  private waiting: Waiting[] = [];
  private timer: NodeJS.Immediate | undefined;

  /**
   * @param send sends statements as one request
   * @param alone asks for one by itself, where they fail together; nobody's question fails for another's
   */
  constructor(
    private readonly send: (statements: Statement[]) => Promise<ResultSet[]>,
    private readonly alone?: (statement: Statement) => Promise<ResultSet>,
  ) {}

  ask(statement: Statement): Promise<ResultSet> {
    return new Promise((done, fail) => {
      this.waiting.push({ statement, done, fail });
      this.timer ??= setImmediate(() => void this.flush());
    });
  }

  /** Goes with whatever goes next. */
  put(statement: Statement): void {
    this.waiting.push({ statement });
  }

  /** What waits, to be sent by whoever takes it. */
  take(): Waiting[] {
    clearImmediate(this.timer);
    this.timer = undefined;
    const all = this.waiting;
    this.waiting = [];
    return all;
  }

  async flush(): Promise<void> {
    const all = this.take();
    if (all.length === 0) return;
    try {
      const results = await this.send(all.map((w) => w.statement));
      all.forEach((w, i) => w.done?.(results[i]!));
    } catch (e) {
      const { alone } = this;
      if (all.length > 1 && alone) for (const w of all) alone(w.statement).then(w.done, w.fail);
      else for (const w of all) w.fail?.(e);
    }
  }
}

/** A copy nearby that answers reads, and is told of what was written. */
export interface NearbyCopy {
  /** Undefined where it cannot answer. */
  read(statements: Statement[]): Promise<ResultSet[] | undefined>;
  wrote(): void;
}

/**
 * A client whose reads and transactions take as few round trips as what they ask for allows.
 *
 * @param client of a database server
 * @param careful true while a transaction is done again whose writes failed late
 * @param nearby answers what is read outside of a transaction, where there is one
 */
export function batchingClient(client: Client, careful: () => boolean, nearby?: NearbyCopy): Client {
  const reads = new Batch(
    async (statements) => {
      const near = await nearby?.read(statements);
      if (near) return near;
      if (statements.length === 1) return [await client.execute(statements[0]!)];
      return client.batch(statements, 'read');
    },
    (statement) => client.execute(statement),
  );
  // Also where the answer was lost: it may have been written.
  const told = <T>(written: Promise<T>): Promise<T> => written.finally(() => nearby?.wrote());
  const own: Partial<Client> = {
    execute: (given: InStatement | string, args?: InArgs) => {
      const statement = statementOf(given, args);
      return isRead(statement.sql) ? reads.ask(statement) : told(client.execute(statement));
    },
    batch: (statements, mode) => told(client.batch(statements, mode)),
    migrate: (statements) => told(client.migrate(statements)),
    executeMultiple: (sql) => told(client.executeMultiple(sql)),
    transaction: async (mode: TransactionMode = 'write') => {
      const transaction = await client.transaction(mode);
      const batched = careful() ? transaction : batchedTransaction(transaction);
      return nearby ? tellingOfCommit(batched, told) : batched;
    },
  };
  return new Proxy(client, {
    get(of, name) {
      const value = (name in own ? own[name as keyof Client] : Reflect.get(of, name, of)) as unknown;
      return typeof value === 'function' && !(name in own) ? (value.bind(of) as unknown) : value;
    },
  });
}

function tellingOfCommit(
  transaction: Transaction,
  told: <T>(written: Promise<T>) => Promise<T>,
): Transaction {
  return new Proxy(transaction, {
    get(of, name) {
      if (name === 'commit') return () => told(of.commit());
      const value = Reflect.get(of, name, of) as unknown;
      return typeof value === 'function' ? (value.bind(of) as unknown) : value;
    },
  });
}

function batchedTransaction(transaction: Transaction): Transaction {
  let late: unknown;
  const batch = new Batch(async (statements) => {
    if (late) throw late;
    try {
      return await transaction.batch(statements);
    } catch (e) {
      // Which statement failed is not told apart from what was asked for now.
      late =
        statements.length > 1 && isRefusal(e)
          ? new DeferredWriteFailed('a batched statement failed', { cause: e })
          : e;
      throw late;
    }
  });
  const own: Partial<Transaction> = {
    execute: async (given: InStatement) => {
      if (late) throw late;
      const statement = statementOf(given);
      if (asksForRows(statement.sql)) return batch.ask(statement);
      batch.put(statement);
      return NOTHING;
    },
    batch: (given) => Promise.all(given.map((one) => batch.ask(statementOf(one as InStatement)))),
    commit: async () => {
      if (late) throw late;
      const left = batch.take().map((w) => w.statement);
      if (left.length === 0) return transaction.commit();
      try {
        await transaction.batch([...left, 'COMMIT']);
      } catch (e) {
        throw isRefusal(e) ? new DeferredWriteFailed('a batched statement failed', { cause: e }) : e;
      } finally {
        transaction.close();
      }
    },
    rollback: async () => {
      batch.take();
      await transaction.rollback();
    },
  };
  return new Proxy(transaction, {
    get(of, name) {
      const value = (name in own ? own[name as keyof Transaction] : Reflect.get(of, name, of)) as unknown;
      return typeof value === 'function' && !(name in own) ? (value.bind(of) as unknown) : value;
    },
  });
}
