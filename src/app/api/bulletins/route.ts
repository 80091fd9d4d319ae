import { z } from 'zod';
import { loadBulletins, loadShippedBulletins, removeBulletin, shelf } from '@/services/shop/bulletins';
import { answer, personHere, readBody } from '../answer';

const BulletinRequest = z.discriminatedUnion('do', [
  z.object({ do: z.literal('load'), file: z.unknown() }),
  z.object({ do: z.literal('shipped') }),
  z.object({ do: z.literal('remove'), id: z.string().min(1).max(40) }),
]);

export function POST(request: Request) {
  return answer(request, 'keep lists', async () => {
    const body = await readBody(request, BulletinRequest);
    const who = personHere();
    const done =
      body.do === 'remove'
        ? await removeBulletin(body.id, who).then(() => ({ added: 0, replaced: 0 }))
        : await (body.do === 'load' ? loadBulletins(body.file, who) : loadShippedBulletins(who));
    return { ...done, shelf: await shelf() };
  });
}
