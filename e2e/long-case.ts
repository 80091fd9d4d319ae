/** A case as full as they come: 20 scans, 40 codes, 60 tests, and names that go on and on. */

const LONG =
  'Auxiliary-transmission-oil-cooler-bypass-thermostat-housing with the integrated return line non-return valve';
const at = (minute: number) => new Date(Date.UTC(2026, 8, 1, 8, minute)).toISOString();

export function longCase(number: number) {
  const codes = Array.from(
    { length: 40 },
    (_, i) => `${'PBCU'[i % 4]}${i % 4 === 0 ? '0' : '1'}${100 + i * 3}`,
  );
  return {
    format: 'vantle-case/1',
    id: `very-long-${number}`,
    openedAt: at(0),
    vehicle: {
      make: 'Bartholomäus & Söhne Nutzfahrzeugwerke Aktiengesellschaft',
      model: 'Transcontinental Long-Wheelbase Crew-Cab Chassis',
      year: 2019,
      engine: '12.8 litre in-line six diesel with two-stage turbocharging, DTX-6-128-EVO',
      plate: 'LANGER-KENNZEICHEN-4711',
    },
    customer:
      'Freiherr Maximilian-Alexander von und zu Hohenlohe-Waldburg-Schillingsfürst, workshop of the carrier',
    odometer: '1 284 300 km',
    said: `${'It does it when it is hot, and when it is cold, and on the long hill behind the depot. '.repeat(12)}\nDonaudampfschifffahrtselektrizitätenhauptbetriebswerkbauunterbeamtengesellschaft`,
    seen: 'Shakes at idle when warm, engine lamp on. '.repeat(10),
    reproduced: 'sometimes',
    symptoms: ['rough idle when warm', 'engine light on', 'loss of power under load', LONG].map((words) => ({
      words,
    })),
    scans: Array.from({ length: 20 }, (_, s) => ({
      at: at(10 + s * 60),
      phase: s === 0 ? 'first' : 'after clear',
      text: `Engine control module with a name that nobody can read\n${codes
        .filter((_, i) => (i + s) % 3 !== 0)
        .map((c, i) => `${c} ${i % 5 === 0 ? LONG : 'Signal implausible'} stored`)
        .join('\n')}\nABS: no response`,
    })),
    clears: Array.from({ length: 6 }, (_, i) => ({ at: at(15 + i * 180) })),
    tests: Array.from({ length: 60 }, (_, t) => ({
      ref: `t${t}`,
      at: at(20 + t * 20),
      question:
        t % 10 === 3
          ? `Does the ${LONG} let anything through when it should not, hot and cold?`
          : `Is part ${t + 1} within its limits?`,
      readings: Array.from({ length: 1 + (t % 4) }, (_, r) => ({
        label: r === 1 ? `${LONG} ${r}` : `reading ${r + 1}`,
        entered: `${(3 + ((t * 7 + r * 3) % 10) / 10).toFixed(1)} V`,
        limit: '3.0–3.6 V',
      })),
    })),
    suspects: Array.from({ length: 12 }, (_, i) => ({ words: `${LONG} ${i}` })),
  };
}
