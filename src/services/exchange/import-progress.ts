import { noProgress, type Progress } from './import';

/** How far imports have come, by the name their browser gave them; kept while the server runs. */
const shared = globalThis as typeof globalThis & { vantleImports?: Map<string, Progress> };
const KEPT = 20;

/** Begins an import; one with a name can be asked for. */
export function beginImport(name: string): Progress {
  const progress = noProgress();
  if (name === '') return progress;
  const imports = (shared.vantleImports ??= new Map());
  imports.set(name, progress);
  for (const old of imports.keys()) if (imports.size > KEPT) imports.delete(old);
  return progress;
}

export const importProgress = (name: string): Progress | undefined => shared.vantleImports?.get(name);
