import { expect, it } from 'vitest';
import { CHECKS, type Typed } from './index';
import { turningPoints } from './test-turning-points';

it('turn where the table says: no limit of a check moves unseen', async () => {
  const parts = CHECKS.map((c) => `## ${c.id}\n${turningPoints(c.id, c.example as Typed).join('\n')}\n`);
  await expect(parts.join('\n')).toMatchFileSnapshot('./turning-points.txt');
}, 240_000);
