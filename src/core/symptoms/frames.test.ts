import { describe, expect, it } from 'vitest';
import { DOING } from './doing';
import { symptomById } from './names';
import { readSentence } from './read';
import { THINGS } from './things';

const read = (text: string) => readSentence(text).symptoms.flatMap((s) => (s.negated ? [] : [s.id]));

describe('a thing and what it does, in any words of either', () => {
  // Sentence | what it says. Common practice, no source.
  const SAID = `
the passenger mirror won't fold in | mirrors
radio dies after a minute | radio-display
my wiper blade stops halfway across | wipers
the sliding roof does not shut | sunroof
both fog lights are out | lights-out
the third brake light does not come on | brake-lights
left indicator flashes twice as fast | indicators
courtesy light won't go off | interior-light
a usb port is dead | power-socket
the tank gauge reads empty | fuel-gauge
speed gauge swings up and down | speed-signal
preset stations are lost every night | memory-lost
the caravan lights flicker | trailer
fuel flap won't open | fuel-flap
the relay chatters all day | relay-chatter
battery is bloated and leaks acid | battery-hot
howling from the alternator belt | belt-squeal
a humming fuel pump | pump-noise
whirring from the starter | starter-grind
tickover swings up and down | hunting-idle
tickover much too high | high-idle
accelerator cable sticks | throttle-sticks
oil smells of petrol | oil-level-rise
level in the expansion tank drops | coolant-loss
milky emulsion in the oil filler | oil-cap-sludge
antifreeze drips on the floor | coolant-leak
the radiator hose is rock hard | coolant-pressure
cabin fan only works on three | blower
ac compressor rattles | ac-noise
the climate control cuts in and out | ac-cycles
vents smell of mould | ac-smell
the automatic slips going uphill | slipping
automatic kicks when it changes down | harsh-shift
third gear crunches | hard-gear
shift lever is stuck | shifter-locked
the clutch smells | clutch-smell
power take off will not engage | pto
parking brake will not release | parking-brake
the rear wheel locks at a touch of the pedal | wheel-locks
air tanks lose pressure | air-brake
shock absorber is wet with oil | damper-leak
fork seal weeps | fork-leak
rear tyres are worn on the inside | tyre-wear
handlebars wobble | weave
the boom sinks by itself | hydraulics
door trim buzzes | rattle-body
the lane keeping is unavailable | camera-sensor
fan behind the rear seat howls | hv-battery-fan
charging plug is stuck | plug-stuck
tortoise light came on | ev-limit
water gets into the exhaust, the silencer rattles | exhaust-noise
exhaust gas comes into the cab | exhaust-fumes
preheat light flashes | glow-lamp
malfunction lamp lit | engine-lamp
mice have chewed the loom | rodents
`
    .trim()
    .split('\n')
    .map((r) => r.split('|').map((c) => c.trim()));

  it.each(SAID)('%s: %s', (text, symptom) => {
    expect(read(text!)).toContain(symptom);
  });

  it('says one thing of a whole list', () => {
    expect(read('wipers, horn and indicators all dead').sort()).toEqual(['horn', 'indicators', 'wipers']);
  });

  it('takes what hangs on another thing for no subject', () => {
    expect(read('the compressor for the air suspension never stops')).toEqual(['air-compressor-runs']);
  });

  it('lets the thing answer for what is said of it, not the engine', () => {
    expect(read("the driver's seat won't go back")).toEqual(['seat-adjust']);
    expect(read('one wheel nut is missing')).toEqual([]);
    expect(read('steering angle sensor drifts')).toEqual([]);
    expect(read('my phone battery was dead')).toEqual([]);
  });

  it('keeps a denial between a thing and what it does', () => {
    expect(readSentence('the brakes do not squeal').symptoms).toMatchObject([{ negated: true }]);
    expect(read('the horn does not work')).toEqual(['horn']);
  });

  it('a word nobody knows behind a symptom takes nothing from it', () => {
    expect(read('shakes at idle chunters')).toEqual(['rough-idle']);
  });

  it('reads what stands behind an "and" as well', () => {
    expect(read('hesitates and backfires on acceleration').sort()).toEqual(['backfire', 'hesitation']);
  });

  it('knows every symptom and every way of doing that its tables name', () => {
    const ways = new Set(
      DOING.trim()
        .split('\n')
        .map((r) => r.split('|')[0]!.trim()),
    );
    const wrong = THINGS.trim()
      .split('\n')
      .flatMap((r) => (r.split('|')[1] ?? '').split(';'))
      .filter((p) => p.trim() !== '')
      .flatMap((p) => {
        const [how = '', id = ''] = p.split(':').map((x) => x.trim());
        const unknown = how.split(' ').filter((h) => !['any', 'no'].includes(h) && !ways.has(h));
        return [
          ...unknown.map((h) => `no way of doing: ${h}`),
          ...(symptomById(id) ? [] : [`no symptom: ${id}`]),
        ];
      });
    expect(wrong).toEqual([]);
  });
});
