import { describe, expect, it } from 'vitest';
import { madeAt } from './made';

const NOW = '2026-03-20T12:00:00Z';

describe('when a report was made', () => {
  it.each([
    ['2026-03-14 at 09:42', '2026-03-14T09:42:00.000Z'],
    ['14.03.2026 um 09:42', '2026-03-14T09:42:00.000Z'],
    ['2026-03-14 09:42', '2026-03-14T09:42:00.000Z'],
    ['14.03.2026 09:42:30', '2026-03-14T09:42:30.000Z'],
    ['14/03/26, 9:42 pm', '2026-03-14T21:42:00.000Z'],
    ['03/14/2026 12:05 am', '2026-03-14T00:05:00.000Z'],
    ['14.03.2026', '2026-03-14T12:00:00.000Z'],
  ])('%s is %s', (said, at) => expect(madeAt(said, NOW, 0)).toBe(at));
  it.each(['03/04/2026', '2026-03-21 09:00', '31.02.2026', '14.03.1998', 'yesterday', ''])(
    '%s tells nothing',
    (said) => expect(madeAt(said, NOW, 0)).toBeUndefined(),
  );
  it('takes the shop’s own time', () => {
    // Central Europe in winter: 60 minutes ahead of UTC.
    expect(madeAt('14.03.2026 09:42', NOW, -60)).toBe('2026-03-14T08:42:00.000Z');
  });
});
