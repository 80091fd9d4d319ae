import { describe, expect, it } from 'vitest';
import { isSilence, withoutSupply } from './no-supply';
import { readFaults } from './read-faults';
import { allTradeFaults } from './shop';

const CLUSTER =
  'instrument cluster, internal fault | | 4 | instruments-dead:.85 | U0155:.4 B1234:.2 | | module-fed:.08 code-back:.6 | data bus';

describe('a module that is not fed', () => {
  it('shows what its own failure shows, is missed more often, and is found at its supply', () => {
    const [fault, ...more] = withoutSupply(readFaults(CLUSTER));
    expect(more).toEqual([]);
    expect(fault).toMatchObject({ part: 'instrument cluster', failure: 'no supply', weight: 6 });
    expect(fault!.signs).toEqual([{ symptom: 'instruments-dead', chance: 0.85, when: [] }]);
    expect([...fault!.codes]).toEqual([['U0155', 0.8]]);
    expect(fault!.tests.get('module-fed')).toBe(0.95);
  });
  it.each([
    ['another failure', CLUSTER.replace('internal fault', 'water inside')],
    ['a module of which no silence is told', CLUSTER.replace('U0155:.4', 'P0601:.4')],
  ])('not for %s', (_, table) => {
    expect(withoutSupply(readFaults(table))).toEqual([]);
  });
  it('a code of silence is told from one of data or of the bus', () => {
    expect(['U0100', 'U0155', 'U0121'].map(isSilence)).toEqual([true, true, true]);
    expect(['U0001', 'U0073', 'U0415', 'P0601', 'U9999'].map(isSilence)).toEqual([
      false,
      false,
      false,
      false,
      false,
    ]);
  });
  it('the engine control module and the brake unit have it', () => {
    const names = allTradeFaults().map((f) => `${f.part}, ${f.failure}`);
    expect(names).toContain('engine control module, no supply');
    expect(names).toContain('hydraulic control unit, no supply');
  });
});
