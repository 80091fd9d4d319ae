import { describe, expect, it } from 'vitest';
import { looksLikeCode, mendCode } from './mend-code';

const read = (texts: string[], wording = '', confidence = 85) =>
  mendCode(
    texts.map((text) => ({ text, confidence })),
    wording,
  );

describe('a code read of a photo', () => {
  it.each([
    [['P0171', 'P0171', 'P0171'], 'System too lean, bank 1', 'P0171'],
    [['PO171', 'P0171', 'P0I71'], 'System too lean, bank 1', 'P0171'],
    [['POABO', 'P0A80', 'P0AB0'], 'Replace hybrid battery', 'P0A80'],
    [['uo121', 'U0121', 'U0121'], 'Lost communication with anti-lock brake module', 'U0121'],
    [['P0128', 'PO128', 'P0128'], 'Coolant thermostat below regulating temperature', 'P0128'],
    // An eight that some took for a B and some for an S: the wording stands whole beside it.
    [['POABO', 'POASO', 'POABO', 'POASO', 'POASO'], 'Replace hybrid battery pack Current', 'P0A80'],
    // A maker's own code without a wording in any list, read alike every time.
    [['P1B4D', 'P1B4D', 'P1B4D', 'P1B4D'], 'Charge flap not locked', 'P1B4D'],
    // A figure cannot begin a code.
    [['B1318', '81318', 'B1318', '81318'], 'Battery voltage low', 'B1318'],
    // An eight that every reading takes for a nought: the wording is that of P0087.
    [['P0007', 'P0007', 'P0007'], 'Fuel rail pressure too low', 'P0087'],
  ])('%j beside "%s" is %s', (texts, wording, code) => {
    const mended = read(texts, wording)!;
    expect(mended.code).toBe(code);
    expect(mended.sure).toBeGreaterThanOrEqual(0.8);
  });
  it.each([
    // Another bank than the wording says, another circuit, readings that differ, one reading alone.
    [['P0174', 'P0174', 'P0174', 'P0174'], 'System too lean, bank 1'],
    [['P0335', 'P0336', 'P0338'], ''],
    // Every reading takes a five for an eight, and the wording is rather that of the five.
    [['P0338', 'P0338', 'P0338', 'P0338'], 'Crankshaft position sensor circuit'],
    [['P1B40'], 'Charge flap not locked'],
    // No wording bears it out, and one reading of five says another.
    [['P184D', 'P184D', 'P184D', 'P184D', 'P1B4D'], 'Charge flap not locked'],
    // Most agree on another code than the one whose wording stands there.
    [['P0AB0', 'P0AB0', 'P0AB0', 'P0AB0'], 'Replace hybrid battery pack'],
  ])('%j beside "%s" is asked', (texts, wording) => {
    expect(read(texts, wording)!.sure).toBeLessThan(0.8);
  });
  it('makes no code of words', () => {
    for (const word of ['Stored', 'BOOST', 'COOLS', 'bank', '12345', 'PUMPE', 'P12'])
      expect(looksLikeCode(word)).toBe(false);
  });
});
