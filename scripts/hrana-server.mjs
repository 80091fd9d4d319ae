// A small server of the open Hrana protocol (version 2 over HTTP, JSON) over a local file: for tests of shops that share
// one database server. Streams that hold a transaction have a connection of their own; writers wait for each other.
import { randomUUID } from 'node:crypto';
import { existsSync, readFileSync } from 'node:fs';
import http from 'node:http';
import { fileURLToPath } from 'node:url';
import Database from 'libsql';

const BUSY_MS = 8000;
const fromHrana = (v) =>
  v.type === 'null'
    ? null
    : v.type === 'integer'
      ? BigInt(v.value)
      : v.type === 'blob'
        ? Buffer.from(v.base64, 'base64')
        : v.value;
const toHrana = (v) =>
  v === null
    ? { type: 'null' }
    : typeof v === 'bigint'
      ? { type: 'integer', value: String(v) }
      : typeof v === 'number'
        ? { type: 'float', value: v }
        : typeof v === 'string'
          ? { type: 'text', value: v }
          : { type: 'blob', base64: Buffer.from(v).toString('base64') };

/** Statements as they were prepared on each connection; a long one takes milliseconds. */
const prepared = new WeakMap();
function prepare(db, sql) {
  const own = prepared.get(db) ?? new Map();
  prepared.set(db, own);
  const known = own.get(sql);
  if (known) return known;
  if (own.size > 300) own.clear();
  const statement = db.prepare(sql);
  statement.safeIntegers(true);
  own.set(sql, statement);
  return statement;
}

function execute(db, { sql, args = [], named_args: named = [] }) {
  const statement = prepare(db, sql);
  const given = named.length
    ? Object.fromEntries(named.map(({ name, value }) => [name.replace(/^[:@$]/, ''), fromHrana(value)]))
    : args.map(fromHrana);
  if (statement.reader) {
    const cols = statement.columns().map((c) => ({ name: c.name, decltype: c.type ?? null }));
    const rows = statement.raw().all(given);
    return {
      cols,
      rows: rows.map((row) => cols.map((_, i) => toHrana(row[i] ?? null))),
      affected_row_count: 0,
      last_insert_rowid: null,
    };
  }
  const { changes, lastInsertRowid } = statement.run(given);
  return { cols: [], rows: [], affected_row_count: changes, last_insert_rowid: String(lastInsertRowid) };
}

const errorOf = (e) => ({ message: String(e?.message ?? e), code: e?.code ?? 'SQLITE_ERROR' });

function batch(db, { steps }) {
  const results = [];
  const errors = [];
  const holds = (c) =>
    !c ||
    (c.type === 'ok'
      ? results[c.step] !== null && errors[c.step] === null
      : c.type === 'error'
        ? errors[c.step] !== null
        : c.type === 'not'
          ? !holds(c.cond)
          : c.type === 'and'
            ? c.conds.every(holds)
            : c.type === 'or'
              ? c.conds.some(holds)
              : !db.inTransaction);
  for (const { condition, stmt } of steps) {
    let result = null;
    let error = null;
    if (holds(condition)) {
      try {
        result = execute(db, stmt);
      } catch (e) {
        // Another writer is at work, and nothing of this was done: the whole of it is asked for again.
        if (results.length === 0 && String(e?.code).startsWith('SQLITE_BUSY')) throw e;
        error = errorOf(e);
      }
    }
    results.push(result);
    errors.push(error);
  }
  return { step_results: results, step_errors: errors };
}

/** Tries again without holding up the others while another stream writes. */
async function patiently(stream, work) {
  for (const until = Date.now() + BUSY_MS; ;) {
    try {
      return work(stream.db);
    } catch (e) {
      if (!String(e?.code).startsWith('SQLITE_BUSY') || Date.now() > until) throw e;
      // SQLite leaves a statement that was told to wait under way, and nothing is committed beside it.
      stream.renew();
      await new Promise((r) => setTimeout(r, 1));
    }
  }
}

const FRAME = 24 + 4096;
const WAL_HEADER = 32;

/**
 * What is asked of a server by copies that follow it: which generation of its log it is at, the file as that began, and
 * frames of the log. The log is never folded back while this server runs, so there is one generation.
 */
function followed(file, url) {
  if (url === '/info') return { status: 200, body: JSON.stringify({ current_generation: 1 }) };
  if (url === '/export/1') return { status: 200, body: readFileSync(file) };
  const [, from, until] = /^\/sync\/1\/(\d+)\/(\d+)$/.exec(url) ?? [];
  if (from === undefined) return undefined;
  const wal = existsSync(`${file}-wal`) ? readFileSync(`${file}-wal`) : Buffer.alloc(0);
  const at = (n) => WAL_HEADER + (n - 1) * FRAME;
  // A frame that ends a transaction says how many pages the file then has.
  let last = Math.max(0, Math.floor((wal.length - WAL_HEADER) / FRAME));
  while (last > 0 && wal.readUInt32BE(at(last) + 4) === 0) last--;
  if (Number(from) > last) return { status: 400, body: JSON.stringify({ generation: 1 }) };
  return { status: 200, body: wal.subarray(at(Number(from)), at(Math.min(last, Number(until) - 1) + 1)) };
}

/**
 * @param file of the database
 * @param delayMs so long each round trip takes
 * @param port 0: any that is free
 * @returns its address, how many requests came in, and a way to stop it
 */
export async function startHrana(file, { delayMs = 0, port = 0 } = {}) {
  const streams = new Map();
  const counted = { trips: 0, syncs: 0 };
  const connect = () => {
    const db = new Database(file, { timeout: 0 });
    db.prepare('PRAGMA journal_mode = WAL').raw().all();
    db.exec('PRAGMA foreign_keys = ON');
    db.prepare('PRAGMA wal_autocheckpoint = 0').raw().all();
    return db;
  };
  // The log is folded back when the last connection goes: this one stays.
  const keeper = connect();
  const open = () => ({
    db: connect(),
    stored: new Map(),
    renew() {
      if (this.db.inTransaction) return;
      this.db.close();
      this.db = connect();
    },
  });
  const idle = [];

  async function answer(stream, request) {
    const sqlOf = (r) => r.sql ?? stream.stored.get(r.sql_id);
    const withSql = (stmt) => ({ ...stmt, sql: sqlOf(stmt) });
    switch (request.type) {
      case 'execute':
        return { result: await patiently(stream, (db) => execute(db, withSql(request.stmt))) };
      case 'batch': {
        const steps = request.batch.steps.map((s) => ({ ...s, stmt: withSql(s.stmt) }));
        return { result: await patiently(stream, (db) => batch(db, { steps })) };
      }
      case 'sequence':
        await patiently(stream, (db) => db.exec(sqlOf(request)));
        return {};
      case 'store_sql':
        stream.stored.set(request.sql_id, request.sql);
        return {};
      case 'close_sql':
        stream.stored.delete(request.sql_id);
        return {};
      case 'get_autocommit':
        return { is_autocommit: !stream.db.inTransaction };
      case 'close':
        return {};
      default:
        throw new Error(`unknown request ${request.type}`);
    }
  }

  async function pipeline({ baton, requests }) {
    const stream = baton ? streams.get(baton) : (idle.pop() ?? open());
    if (!stream) return { status: 400, body: { message: 'unknown baton' } };
    if (baton) streams.delete(baton);
    const results = [];
    let closed = false;
    for (const request of requests) {
      closed ||= request.type === 'close';
      try {
        results.push({ type: 'ok', response: { type: request.type, ...(await answer(stream, request)) } });
      } catch (e) {
        results.push({ type: 'error', error: errorOf(e) });
      }
    }
    let next = null;
    if (closed) {
      if (stream.db.inTransaction) stream.db.exec('ROLLBACK');
      stream.stored.clear();
      idle.push(stream);
    } else {
      next = randomUUID();
      streams.set(next, stream);
    }
    return { status: 200, body: { baton: next, base_url: null, results } };
  }

  const server = http.createServer((request, response) => {
    const end = (status, body) => {
      response.writeHead(status, { 'content-type': 'application/json' });
      response.end(JSON.stringify(body));
    };
    if (request.method === 'GET') {
      const asked = followed(file, request.url);
      if (!asked) return end(request.url === '/v2' ? 200 : 404, {});
      counted.syncs++;
      response.writeHead(asked.status);
      return response.end(asked.body);
    }
    if (request.url !== '/v2/pipeline') return end(404, { message: 'not here' });
    const parts = [];
    request.on('data', (part) => parts.push(part));
    request.on('end', async () => {
      counted.trips++;
      if (delayMs) await new Promise((r) => setTimeout(r, delayMs));
      try {
        const { status, body } = await pipeline(JSON.parse(Buffer.concat(parts).toString('utf8')));
        end(status, body);
      } catch (e) {
        end(500, errorOf(e));
      }
    });
  });
  await new Promise((done) => server.listen(port, '127.0.0.1', done));
  const stop = async () => {
    server.closeAllConnections();
    await new Promise((done) => server.close(done));
    for (const { db } of [...streams.values(), ...idle]) db.close();
    keeper.close();
  };
  return { url: `http://127.0.0.1:${server.address().port}`, counted, stop };
}

// Started by itself: file and delay in milliseconds; tells its parent the address.
if (process.argv[1] === fileURLToPath(import.meta.url)) {
  const { url } = await startHrana(process.argv[2], { delayMs: Number(process.argv[3] ?? 0) });
  process.on('SIGTERM', () => process.exit(0));
  if (process.send) process.send(url);
  else console.log(url);
}
