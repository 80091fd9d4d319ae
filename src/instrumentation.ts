/** Runs once when the server starts: the search index is drawn up while nobody waits for it. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== 'nodejs') return;
  const { warmUp } = await import('./services/find/warm-up');
  warmUp();
  const { scheduleBackups } = await import('./services/backup/process');
  scheduleBackups();
}
