import { describe, expect, it } from 'vitest';
import { followCodes, unrecordedClears } from './course';

const scan = (
  id: string,
  at: string,
  phase: 'first' | 'after clear' | 'after road test' | 'after key cycle' = 'first',
) => ({ id, at, phase });
const code = (scanId: string, c: string) => ({ scanId, code: c, text: '' });

describe('course of codes over scans (common practice, no source)', () => {
  const scans = [scan('a', '1'), scan('b', '3', 'after clear'), scan('c', '4', 'after road test')];
  const clears = [{ id: 'x', at: '2' }];
  const of = (codes: ReturnType<typeof code>[]) =>
    Object.fromEntries(followCodes(scans, codes, clears).map((c) => [c.code, c.course]));

  it('tells the five courses apart', () => {
    expect(
      of([
        code('a', 'P1'),
        code('b', 'P1'),
        code('a', 'P2'),
        code('c', 'P2'),
        code('a', 'P3'),
        code('b', 'P4'),
        code('c', 'P5'),
      ]),
    ).toEqual({
      P1: 'came straight back',
      P2: 'came back on the road',
      P3: 'did not return',
      P4: 'new',
      P5: 'new',
    });
  });

  it('says when nothing is known yet', () => {
    expect(followCodes(scans, [code('a', 'P1')], [])[0]?.course).toBe('no clear yet');
    expect(followCodes([scan('a', '1')], [code('a', 'P1')], [{ at: '2' }])[0]?.course).toBe(
      'not scanned since',
    );
  });

  it('does not call a code gone whose test has not run since', () => {
    const listed = [code('a', 'P1'), { ...code('c', 'P1'), statuses: ['not run' as const] }];
    expect(followCodes(scans, listed, clears)[0]?.course).toBe('still not run');
    expect(
      followCodes(scans, [code('a', 'P1'), { ...code('b', 'P1'), statuses: ['not run' as const] }], clears)[0]
        ?.course,
    ).toBe('did not return');
  });

  it('does not depend on the order in which scans are given', () => {
    const codes = [code('a', 'P1'), code('c', 'P1')];
    expect(followCodes([...scans].reverse(), codes, clears)).toEqual(followCodes(scans, codes, clears));
  });

  it('flags a clear with no scan before it, and a second one straight after', () => {
    expect(unrecordedClears([{ at: '3' }], [{ id: 'x', at: '2' }])).toEqual(['x']);
    expect(
      unrecordedClears(
        [{ at: '1' }],
        [
          { id: 'x', at: '2' },
          { id: 'y', at: '4' },
        ],
      ),
    ).toEqual(['y']);
    expect(
      unrecordedClears(
        [{ at: '1' }, { at: '3' }],
        [
          { id: 'x', at: '2' },
          { id: 'y', at: '4' },
        ],
      ),
    ).toEqual([]);
  });
});
