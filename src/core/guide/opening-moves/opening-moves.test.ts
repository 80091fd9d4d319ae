import { describe, expect, it } from 'vitest';
import { KINDS } from '@/core/case';
import { CODE_KINDS, kindOf, meaningOf } from '@/core/codes';
import { readLimit } from '@/core/readings';
import { circumstancesOf, openingFor, type Circumstances } from '.';

const PLAIN = circumstancesOf([]);
const EVERY: Partial<Circumstances>[] = [
  {},
  { wiring: 'two-wire sensor' },
  { wiring: 'supplied sensor' },
  { wiring: 'oxygen sensor' },
  { wiring: 'actuator' },
  { wiring: 'actuator', volts24: true, throttle: true },
  { diesel: true },
  { volts24: true },
  { rich: true },
  { fuelVapour: true },
];

describe('opening moves (common practice, no source)', () => {
  it.each(CODE_KINDS.flatMap((k) => EVERY.map((c) => [k, c] as const)))(
    '"%s" with %j has a word of advice and moves whose limits can be read',
    (kind, more) => {
      const { says, moves } = openingFor(kind, { ...PLAIN, ...more });
      expect(says.length).toBeGreaterThan(30);
      expect(moves.length).toBeGreaterThan(0);
      expect(new Set(moves.map((m) => m.question)).size).toBe(moves.length);
      for (const move of moves) {
        expect(move.question).toMatch(/\?$/);
        expect(move.minutes).toBeGreaterThan(0);
        for (const r of move.readings)
          expect(readLimit(r.limit ?? '').ok, `${move.question} ${r.limit}`).toBe(true);
        const fits = KINDS.test.safeParse({
          id: 't',
          caseId: 'k',
          at: '2026-01-01T00:00:00Z',
          question: move.question,
          setup: move.setup ?? '',
          caution: move.caution ?? '',
        });
        expect(fits.success).toBe(true);
        // Ohms are measured with the power off, and of a wire with both ends unplugged.
        if (move.readings.some((r) => /Ω/.test(r.limit ?? '')))
          expect((move.conditions ?? []).join(), move.question).toMatch(/power off|battery off/);
        if (move.readings.some((r) => /wire end to end/.test(r.label)))
          expect(move.conditions!.join()).toMatch(/both ends unplugged/);
      }
    },
  );

  const of = (code: string, vehicle: Parameters<typeof circumstancesOf>[1] = {}, battery?: number) => {
    const text = meaningOf(code);
    return openingFor(kindOf(code, text), circumstancesOf([text], vehicle, battery));
  };
  const words = (o: ReturnType<typeof of>) => JSON.stringify(o);

  it('circuit high on a pulled-up signal looks for the open wire first', () => {
    expect(of('P0118').says).toMatch(/open wire.*usual cause/);
    expect(of('P0118').moves[0]!.question).toMatch(/connector/);
    expect(words(of('P0118'))).toMatch(/bridged/);
    expect(of('P0108').says).toMatch(/ground is missing/);
  });
  it('does not ask 5 V of a 12 V part, nor bridge it', () => {
    for (const code of ['P0443', 'P0201', 'P0480', 'P0036', 'P2088', 'P0449', 'P0753', 'P0031']) {
      expect(words(of(code)), code).not.toMatch(/4\.8|bridged/);
      expect(words(of(code)), code).toMatch(/≥ 11\.5 V/);
    }
    // Pulled up, or giving its own voltage: no supply of 5 V to measure plugged in.
    for (const code of ['P0115', 'P0130', 'P0110', 'P0150'])
      expect(words(of(code)), code).not.toMatch(/4\.8–5\.2/);
    expect(words(of('P0107'))).toMatch(/4\.8–5\.2 V/);
  });
  it('does not swap coils on a diesel', () => {
    expect(words(of('P0301', { fuel: 'Diesel' }))).not.toMatch(/follow the coil/);
    expect(words(of('P0301', { fuel: 'petrol' }))).toMatch(/follow the coil/);
  });
  it('rich has moves of its own', () => {
    expect(of('P0172').moves[0]!.question).toMatch(/too high/);
    expect(of('P0171').says).toMatch(/Trim at idle/);
    expect(circumstancesOf(['too rich', 'too lean']).rich).toBe(false);
  });
  it('doubles what is asked of a 24 V system', () => {
    expect(words(of('P0562', {}, 24.3))).toMatch(/≥ 24\.8 V.*≥ 19\.2 V.*26\.4–30\.4 V/);
    expect(words(of('P0562', {}, 12.3))).toMatch(/≥ 12\.4 V.*13\.2–15\.2 V/);
    expect(words(of('P0443', { kind: '24 V vehicle' }))).toMatch(/≥ 23 V/);
  });
  it('says of 60 Ω that it holds for high-speed CAN alone', () => {
    expect(words(of('U0121'))).toMatch(/high-speed CAN bus: others have no 60 Ω/);
  });
  it('warns of moving throttles, and of smoke in fuel vapour', () => {
    expect(of('P2101').moves.some((m) => /fingers/.test(m.caution ?? ''))).toBe(true);
    expect(of('P0122').moves.every((m) => /fingers/.test(m.caution ?? ''))).toBe(true);
    expect(words(of('P0442'))).toMatch(/nitrogen or carbon dioxide.*never shop air/);
    expect(words(of('P0411'))).not.toMatch(/nitrogen/);
  });
  it('keeps to what holds for all where several codes of a kind differ', () => {
    const mixed = circumstancesOf([meaningOf('P0118'), meaningOf('P0458')]);
    expect(mixed.wiring).toBe('not known');
    expect(words(openingFor('circuit high', mixed))).not.toMatch(/bridged|4\.8/);
  });
});
