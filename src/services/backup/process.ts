import { spawn } from 'node:child_process';
import path from 'node:path';
import { Problem } from '@/core/problem';
import { sweepIncoming } from '@/store/files';
import { log } from '../running/log';
import { backupIsDue } from './schedule';

/** Backups run in a process of their own, so that copying a large shop holds nobody up. */

/**
 * Backs up into the shop's folder.
 *
 * @throws Problem with what the command said
 */
export function backUpBeside(passphrase?: string): Promise<void> {
  const root = process.cwd();
  const command = [
    path.join(/* turbopackIgnore: true */ root, 'node_modules/tsx/dist/cli.mjs'),
    path.join(/* turbopackIgnore: true */ root, 'scripts/backup.ts'),
  ];
  return new Promise((resolve, reject) => {
    const child = spawn(process.execPath, command, {
      cwd: root,
      stdio: ['ignore', 'ignore', 'pipe'],
      env: { ...process.env, VANTLE_LOG: 'silent', VANTLE_BACKUP_PASSPHRASE: passphrase ?? '' },
    });
    let said = '';
    child.stderr.on('data', (d) => (said = `${said}${String(d)}`.slice(-2000)));
    child.once('error', reject);
    child.once('close', (code) =>
      code === 0 ? resolve() : reject(new Problem(said.trim() || 'The backup did not go well.', 'disk')),
    );
  });
}

const EVERY_MS = 10 * 60_000;
const shared = globalThis as typeof globalThis & { vantleBackups?: ReturnType<typeof setInterval> };

/** Looks every ten minutes whether the daily backup is due, and sweeps up after uploads that were cut off. */
export function scheduleBackups(): void {
  shared.vantleBackups ??= setInterval(() => {
    void (async () => {
      await sweepIncoming();
      if (await backupIsDue()) await backUpBeside();
    })().catch((e: unknown) => log.error({ err: e instanceof Error ? e.name : '' }, 'daily backup failed'));
  }, EVERY_MS);
  shared.vantleBackups.unref();
}
