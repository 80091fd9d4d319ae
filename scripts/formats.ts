import { mkdirSync, writeFileSync } from 'node:fs';
import { caseFileSchema, openApi } from '../src/core/api';
import { shopFileSchema } from '../src/core/exchange';

/** Writes the open formats down from their schemas: `npm run formats`. */
mkdirSync('docs/formats', { recursive: true });
const put = (name: string, value: unknown) =>
  writeFileSync(`docs/formats/${name}`, `${JSON.stringify(value, null, 2)}\n`);
put('case-file.schema.json', caseFileSchema());
put('shop-line.schema.json', shopFileSchema());
put('openapi.json', openApi());
