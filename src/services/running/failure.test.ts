import { describe, expect, it } from 'vitest';
import { Problem } from '@/core/problem';
import { StoreUnreachable } from '@/store/content';
import { failureOf } from './failure';

const sqlite = (code: string) =>
  new Error('Failed query', { cause: Object.assign(new Error('x'), { code }) });

describe('a failure is told as what it means', () => {
  it.each([
    [new Problem('Give a name.', 'invalid'), 'invalid', /^Give a name\.$/],
    [new Error('outer', { cause: new Problem('Reload.', 'changed') }), 'changed', /Reload/],
    [new StoreUnreachable('no answer'), 'busy', /store of the shop’s files .* try again/],
    [sqlite('SQLITE_BUSY'), 'busy', /will be sent again/],
    [sqlite('SQLITE_LOCKED_SHAREDCACHE'), 'busy', /will be sent again/],
    [sqlite('SQLITE_CONSTRAINT_FOREIGNKEY'), 'gone', /not there any more/],
    [sqlite('SQLITE_FULL'), 'disk', /Free some space/],
    [Object.assign(new Error('x'), { code: 'ENOSPC' }), 'disk', /Free some space/],
    [sqlite('SQLITE_CORRUPT'), 'internal', /nobody expected/],
  ])('%s: %s', (error, code, says) => {
    const failed = failureOf(error);
    expect(failed?.code).toBe(code);
    expect(failed?.error).toMatch(says);
  });

  it('and what nobody expected is nothing to tell', () => {
    expect(failureOf(new TypeError('x is not a function'))).toBeUndefined();
    expect(failureOf('a text')).toBeUndefined();
  });
});
