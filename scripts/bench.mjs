// npm run bench: measures side by side in one run and writes docs/bench.md.
import { ensureBuilt, ensureInstalled, run, TSX } from './lib.mjs';

ensureInstalled();
if ((await ensureBuilt()).code !== 0) process.exit(1);
process.exit(run(process.execPath, [TSX(), 'bench/run.ts', ...process.argv.slice(2)]).code);
