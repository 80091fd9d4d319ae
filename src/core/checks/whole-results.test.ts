import { describe, expect, it } from 'vitest';
import { CHECKS } from './index';
import { wholeResults } from './test-whole-results';

describe('what each check says of its example and of variants of it', () => {
  it.each(CHECKS.map((c) => c.id))(
    '%s',
    (id) => {
      expect(`\n${wholeResults(id).join('\n')}\n`).toMatchSnapshot();
    },
    60_000,
  );
});
