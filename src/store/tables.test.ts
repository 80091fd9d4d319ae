import { getTableColumns } from 'drizzle-orm';
import { describe, expect, it } from 'vitest';
import { KIND_NAMES, KINDS } from '@/core/case';
import { TABLES } from './tables';

describe('tables', () => {
  it.each(KIND_NAMES)('%s has the columns its shape asks for, no more and no fewer', (kind) => {
    expect(Object.keys(getTableColumns(TABLES[kind])).sort()).toEqual(Object.keys(KINDS[kind].shape).sort());
  });
});
