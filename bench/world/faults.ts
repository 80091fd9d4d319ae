/**
 * Causes of the made-up world. Invented, for measuring search and guide only; no row says how often
 * anything happens on real vehicles.
 *
 * part, failure | how common | p(etrol), d(iesel) or a(ny) | symptom:chance … | code:chance … |
 * circumstance:chance … | test:chance of failing, @value it then reads …
 */
const TABLE = `
intake boot, cracked | 9 | p | rough-idle:.7 hesitation:.4 whistle:.35 engine-lamp:.6 hunting-idle:.25 stall:.2 | P0171:.85 P0174:.25 P0101:.2 P0300:.2 | idle:.4 cold-start:.2 | smoke:.95 trim-rpm:.1 maf:.7@2.6
vacuum hose, split | 8 | p | rough-idle:.6 hunting-idle:.5 whistle:.5 high-idle:.4 engine-lamp:.5 | P0171:.8 P0174:.2 P0507:.35 | idle:.5 | smoke:.95 trim-rpm:.1 maf:.2
fuel pump, weak | 7 | p | no-power:.6 hesitation:.6 hard-start:.45 stall:.3 engine-lamp:.5 jerking:.3 | P0171:.6 P0087:.5 P0174:.2 P0300:.2 | load:.5 acceleration:.45 hot:.3 | fuel-pressure:.95@2.4 trim-rpm:.9@21
air flow meter, dirty | 7 | a | hesitation:.55 no-power:.5 engine-lamp:.55 fuel-use:.3 jerking:.3 | P0171:.45 P0101:.55 P0102:.15 | acceleration:.4 | maf:.95@2.2 trim-rpm:.6@14
fuel pressure regulator, stuck | 3 | p | fuel-use:.5 black-smoke:.4 hard-start:.45 fuel-smell:.4 rough-idle:.35 engine-lamp:.4 | P0172:.75 P0300:.2 | hot:.35 | fuel-pressure:.95@5.4 trim-rpm:.3@-12
purge valve, stuck open | 5 | p | hard-start:.5 rough-idle:.4 fuel-smell:.35 engine-lamp:.5 evap-smell:.15 stall:.2 | P0172:.4 P0496:.45 P0441:.3 | hot:.3 idle:.3 | purge:.95 evap-hold:.5
tank cap, leaking | 6 | p | evap-smell:.6 engine-lamp:.75 fuel-smell:.3 | P0455:.6 P0456:.3 P0442:.3 | | evap-hold:.9 purge:.05
vent valve, stuck closed | 3 | p | evap-smell:.35 engine-lamp:.6 fuel-smell:.15 stall:.1 | P0446:.65 P0441:.2 | | evap-hold:.5 purge:.1
ignition coil, breaks down | 10 | p | misfire:.8 rough-idle:.5 lamp-flashes:.5 jerking:.45 no-power:.3 engine-lamp:.4 | P0301:.35 P0302:.3 P0303:.3 P0304:.2 P0300:.25 P0351:.15 | load:.4 acceleration:.35 rain:.25 | coil-swap:.95 plug:.25 compression:.03
spark plugs, worn | 8 | p | misfire:.65 rough-idle:.4 hard-start:.3 fuel-use:.25 lamp-flashes:.25 hesitation:.3 engine-lamp:.4 | P0300:.6 P0301:.2 P0302:.2 P0303:.2 | acceleration:.4 cold-start:.25 | plug:.95@1.3 coil-swap:.1
injector, leaking | 4 | p | hard-start:.6 black-smoke:.3 fuel-smell:.3 rough-idle:.5 misfire:.35 engine-lamp:.4 | P0172:.4 P0302:.25 P0301:.25 P0304:.2 | hot:.5 standing:.2 | balance:.85@26 fuel-pressure:.3@3.3 injector-swap:.7
injector, clogged | 5 | p | misfire:.55 rough-idle:.55 hesitation:.4 no-power:.25 engine-lamp:.45 | P0171:.35 P0303:.3 P0304:.3 P0301:.2 P0300:.2 | cold-start:.25 | balance:.95@21 injector-swap:.85 coil-swap:.03
exhaust valve, burnt | 3 | p | misfire:.7 rough-idle:.7 no-power:.4 backfire:.2 engine-lamp:.4 | P0304:.35 P0301:.3 P0302:.2 P0300:.25 | idle:.4 | compression:.97@6 rel-compression:.95@30 leakage:.95@60 coil-swap:.02
head gasket, leaking | 5 | a | coolant-loss:.75 overheat:.55 white-smoke:.5 coolant-pressure:.6 misfire:.2 no-heat:.3 rough-idle:.2 | P0301:.15 P0302:.15 P0217:.2 P0300:.1 | cold-start:.3 load:.3 | block-test:.93 pressure-test:.5@0.25 leakage:.6@35 compression:.35@8.5
thermostat, stuck open | 8 | a | runs-cold:.8 no-heat:.5 fuel-use:.35 engine-lamp:.5 | P0128:.85 | high-speed:.2 | thermostat:.95@64 coolant-temp:.05
thermostat, stuck closed | 3 | a | overheat:.9 coolant-loss:.35 coolant-pressure:.2 no-heat:.15 | P0217:.5 | load:.3 | thermostat:.85@104 fan:.05 block-test:.05
water pump, slipping | 3 | a | overheat:.7 no-heat:.35 coolant-loss:.4 engine-noise:.25 | P0217:.35 | load:.3 high-speed:.2 | pressure-test:.45@0.3 fan:.03 thermostat:.1
cooling fan motor, seized | 4 | a | overheat:.75 ac-warm:.35 coolant-loss:.15 | P0480:.45 P0217:.25 | idle:.6 | fan:.95 feed:.05
coolant temperature sensor, drifts | 4 | a | hard-start:.5 fan-always:.35 fuel-use:.4 black-smoke:.25 engine-lamp:.5 rough-idle:.2 | P0116:.4 P0117:.15 P0118:.2 P0125:.2 | cold-start:.5 | coolant-temp:.95@30 fan:.05
radiator hose, split | 3 | a | coolant-loss:.85 overheat:.4 | P0217:.1 | | pressure-test:.97@0.6 block-test:.03
turbo, worn | 4 | a | no-power:.7 blue-smoke:.45 whistle:.5 oil-use:.4 limp:.35 engine-lamp:.4 | P0299:.7 P0234:.05 | load:.4 acceleration:.3 | boost:.9@0.5 actuator:.1 smoke:.15
boost hose, split | 8 | a | no-power:.75 whistle:.55 black-smoke:.4 limp:.45 engine-lamp:.4 | P0299:.75 P0101:.2 P2263:.2 | load:.45 acceleration:.4 | boost:.93@0.6 smoke:.92 actuator:.05
boost actuator, sticking | 6 | a | no-power:.6 limp:.6 jerking:.2 engine-lamp:.5 | P0299:.5 P0234:.4 P2563:.3 | acceleration:.4 high-speed:.25 | boost:.8@0.7 actuator:.95 smoke:.05
boost control valve, sticking | 4 | a | no-power:.5 limp:.45 hesitation:.3 engine-lamp:.5 | P0299:.35 P0234:.35 P0243:.3 P0045:.2 | acceleration:.4 | boost:.75@0.8 actuator:.2 feed:.1
recirculation valve, stuck open | 8 | a | rough-idle:.55 no-power:.4 black-smoke:.4 stall:.35 hesitation:.3 engine-lamp:.5 | P0401:.3 P0402:.35 P0404:.3 P0101:.15 | idle:.4 cold-start:.2 | egr:.95@1.3 maf:.5@2.5
recirculation cooler, leaking | 3 | d | coolant-loss:.75 white-smoke:.5 overheat:.25 no-heat:.15 | P0401:.15 P0217:.1 | | pressure-test:.8@0.35 block-test:.15 egr:.1
particle filter, blocked | 7 | d | no-power:.6 limp:.55 regen-often:.7 fuel-use:.25 engine-lamp:.4 | P2463:.55 P242F:.35 P2002:.25 P0299:.2 P0101:.15 | load:.4 high-speed:.2 | dpf:.95@140 back-pressure:.9@38 boost:.5@0.8
filter pressure sensor, drifts | 4 | d | regen-often:.6 limp:.35 engine-lamp:.55 | P2453:.5 P2463:.35 P2452:.3 | | dpf:.8@70 back-pressure:.03 ref-5v:.05
exhaust temperature sensor, open | 4 | d | regen-often:.45 limp:.25 engine-lamp:.65 | P0545:.3 P2031:.35 P0546:.25 | | egt:.95@60 ref-5v:.05
catalyst, worn | 5 | p | engine-lamp:.85 fuel-use:.2 no-power:.15 | P0420:.9 P0430:.15 | | cat:.95@.6 lambda:.1 exhaust-leak:.08 back-pressure:.1
catalyst, blocked | 3 | p | no-power:.85 overheat:.15 stall:.25 exhaust-noise:.1 engine-lamp:.4 | P0420:.35 P0101:.2 P0299:.1 | load:.45 high-speed:.35 | back-pressure:.97@45 cat:.4@.4 boost:.3@0.8
oxygen sensor, slow | 6 | p | fuel-use:.5 engine-lamp:.8 rough-idle:.2 hesitation:.2 | P0133:.6 P0171:.15 P0172:.15 P0130:.3 | | lambda:.95@.15 exhaust-leak:.08 cat:.1
exhaust manifold, cracked | 3 | a | exhaust-noise:.85 engine-noise:.3 engine-lamp:.35 no-power:.15 | P0171:.35 P0420:.2 P0133:.15 | cold-start:.5 acceleration:.3 | exhaust-leak:.95 smoke:.1 lambda:.15
crankshaft sensor, fails when hot | 5 | a | stall:.7 no-start:.55 hard-start:.3 instruments-dead:.15 jerking:.2 engine-lamp:.3 | P0335:.7 P0339:.25 | hot:.65 | cam-crank:.2 feed:.05 ref-5v:.1
camshaft sensor, dropping out | 4 | a | hard-start:.6 stall:.35 no-power:.25 limp:.25 engine-lamp:.55 | P0340:.7 P0341:.25 P0016:.1 | hot:.25 | cam-crank:.35@6 ref-5v:.1 feed:.1
timing chain, stretched | 4 | a | engine-noise:.75 rough-idle:.4 hard-start:.3 no-power:.25 engine-lamp:.5 | P0016:.75 P0017:.25 P0011:.25 P0300:.1 | cold-start:.5 | cam-crank:.97@14 chain-slack:.9 oil-pressure:.1
cam adjuster, sticking | 4 | p | rough-idle:.45 engine-noise:.45 no-power:.3 stall:.2 engine-lamp:.55 | P0011:.6 P0014:.3 P0016:.25 | cold-start:.4 | cam-crank:.55@9 chain-slack:.05 oil-pressure:.1
oil pump pick-up, blocked | 2 | a | oil-pressure-low:.85 engine-noise:.6 | P0521:.3 P0011:.15 P0524:.35 | hot:.5 idle:.45 | oil-pressure:.97@0.4 cam-crank:.1
oil pressure switch, leaking | 3 | a | oil-pressure-low:.8 | P0521:.4 P0522:.2 | | oil-pressure:.03
knock sensor, cracked | 2 | p | no-power:.45 knock:.3 fuel-use:.25 engine-lamp:.7 | P0325:.75 P0327:.25 | load:.3 | knock-sensor:.95
crankcase valve, torn | 5 | p | whistle:.6 rough-idle:.5 oil-use:.5 blue-smoke:.3 hunting-idle:.25 engine-lamp:.4 | P0171:.55 P0507:.2 P0174:.15 | idle:.35 | pcv:.95@9 smoke:.45 trim-rpm:.1
piston rings, worn | 3 | a | oil-use:.9 blue-smoke:.7 misfire:.2 no-power:.25 | P0300:.15 P0420:.15 | | leakage:.9@40 compression:.6@8.5 pcv:.5@6
throttle body, dirty | 6 | p | rough-idle:.4 stall:.5 hunting-idle:.4 hesitation:.3 high-idle:.15 engine-lamp:.35 | P0507:.15 P0505:.3 P2111:.15 P0121:.15 | idle:.45 | throttle:.7@6 smoke:.03
throttle motor, worn | 3 | a | limp:.7 no-power:.4 hesitation:.3 engine-lamp:.6 | P2111:.4 P2135:.35 P0121:.3 P2101:.25 | | throttle:.95@14 ref-5v:.1
pedal sensor, worn track | 3 | a | limp:.6 hesitation:.5 jerking:.3 engine-lamp:.5 | P2138:.7 P2122:.25 P0121:.05 | | throttle:.3@5 ref-5v:.15
five volt circuit, shorted by a sensor | 3 | a | no-start:.45 limp:.4 stall:.3 engine-lamp:.6 instruments-dead:.15 | P0642:.5 P0651:.25 P0335:.15 P2135:.25 P0193:.2 | rain:.2 | ref-5v:.96@1.4 feed:.1
battery, worn | 9 | a | slow-crank:.8 no-crank:.4 lights-flicker:.2 battery-drain:.4 | P0562:.4 U0100:.15 B1325:.2 | cold-start:.4 standing:.4 | crank-voltage:.95@7.8 charging:.05 rest-current:.05
alternator, failed | 6 | a | no-charge:.85 battery-drain:.35 lights-flicker:.4 instruments-dead:.2 slow-crank:.3 | P0562:.55 P0620:.3 P0622:.2 U0100:.1 | | charging:.97@12.2 crank-voltage:.4@9.4
alternator diode, leaking | 2 | a | battery-drain:.85 no-charge:.25 slow-crank:.35 | P0562:.25 | standing:.55 | rest-current:.95@600 charging:.4@13.4
interior module, does not sleep | 4 | a | battery-drain:.9 slow-crank:.3 | P0562:.2 U0140:.2 B1325:.2 | standing:.6 | rest-current:.96@850 charging:.02
ground strap, corroded | 5 | a | slow-crank:.55 no-crank:.35 lights-flicker:.5 instruments-dead:.35 no-charge:.2 | P0562:.3 U0100:.25 U0121:.15 | rain:.3 | drop-ground:.96@1.7 crank-voltage:.5@9.6 charging:.15
starter motor, worn | 6 | a | no-crank:.7 slow-crank:.4 | P0615:.1 P0562:.1 | hot:.35 | crank-voltage:.15@9.2 start-signal:.03 feed:.05 drop-ground:.05
start relay, burnt contact | 4 | a | no-crank:.9 | P0615:.35 | | start-signal:.3 feed:.9@2
range switch, out of adjustment | 3 | a | no-crank:.75 harsh-shift:.2 no-shift:.2 | P0705:.6 P0706:.25 | | start-signal:.93 feed:.05
bus wiring, chafed | 3 | a | no-communication:.7 instruments-dead:.45 no-start:.3 limp:.2 | U0100:.6 U0121:.35 U0140:.3 U0001:.4 | rain:.3 | bus:.93@40 feed:.05
module connector, water inside | 3 | a | no-communication:.5 instruments-dead:.4 battery-drain:.25 no-start:.25 | U0140:.35 U0100:.3 B1325:.25 U0155:.2 | rain:.65 | feed:.5@6 bus:.35@90 rest-current:.3@300
wheel speed sensor, corroded | 7 | a | brake-warning:.9 abs-false:.4 instruments-dead:.1 | C0035:.4 C0040:.3 C0050:.2 C1225:.05 | | wheel-speed:.95@20 feed:.03 bearing:.05
wheel bearing, worn | 6 | a | wheel-noise:.9 brake-warning:.3 abs-false:.25 | C0035:.15 C0040:.15 | high-speed:.4 | bearing:.96 wheel-speed:.4@6
tone ring, cracked | 3 | a | abs-false:.8 brake-warning:.6 | C0035:.3 C0040:.3 C0050:.1 | | wheel-speed:.8@9 bearing:.05
steering motor, worn | 3 | a | steer-heavy:.9 | C1511:.55 U0131:.2 P0562:.1 | | steer-current:.93@8 feed:.1 drop-ground:.05
air spring, leaking | 4 | a | ride-height:.95 | C1A20:.5 C1A30:.2 | standing:.5 | ride:.9@55 air-leak:.95
height sensor, seized | 3 | a | ride-height:.85 | C1A30:.65 | | ride:.85@35 air-leak:.03 ref-5v:.05
refrigerant, lost through a leak | 6 | a | ac-warm:.95 | B1479:.3 P0532:.25 | | ac-pressure:.95@4 ac-clutch:.6
compressor clutch coil, open | 3 | a | ac-warm:.95 | P0645:.4 | | ac-clutch:.96 ac-pressure:.4@9 feed:.03
shift solenoid, open | 4 | a | no-shift:.7 harsh-shift:.4 limp:.4 | P0750:.35 P0755:.35 P0973:.25 P0700:.4 | | solenoid:.95@0 trans-pressure:.15@5 fluid:.05
valve body, worn | 3 | a | harsh-shift:.7 slipping:.5 no-shift:.2 | P0741:.2 P0730:.35 P0776:.3 P0700:.3 | hot:.5 | trans-pressure:.8@3.6 solenoid:.05 fluid:.2
converter clutch, worn | 3 | a | tcc-shudder:.85 slipping:.3 | P0741:.65 P0740:.2 | hot:.3 | trans-pressure:.15@5 fluid:.35
transmission fluid, low by a leak | 4 | a | slipping:.7 harsh-shift:.4 no-shift:.15 | P0730:.3 P0868:.3 P0700:.2 | cold-start:.3 | fluid:.96 trans-pressure:.55@4
glow plugs, burnt out | 5 | d | hard-start:.75 white-smoke:.5 glow-lamp:.55 rough-idle:.4 | P0380:.5 P0670:.3 P0671:.3 | cold-start:.75 | glow:.96@3 hp-pump:.03
high-pressure pump, worn | 4 | d | no-start:.5 hard-start:.6 stall:.3 no-power:.4 limp:.3 | P0087:.7 P0093:.2 P0191:.1 | hot:.3 load:.3 | hp-pump:.94@95 return:.1@16 fuel-pressure:.05
injector, returns too much | 5 | d | hard-start:.7 rough-idle:.5 no-start:.3 white-smoke:.25 knock:.2 | P0087:.4 P0201:.1 P0301:.2 P0303:.2 | hot:.4 | return:.95@60 hp-pump:.6@140 rel-compression:.05
rail pressure sensor, drifts | 3 | d | stall:.4 hard-start:.35 limp:.45 no-power:.3 engine-lamp:.4 | P0191:.5 P0193:.3 P0087:.25 | | hp-pump:.4@180 ref-5v:.1 return:.03
urea injector, crystallised | 4 | d | adblue-warning:.85 engine-lamp:.5 | P20EE:.6 P249C:.2 P207F:.15 | | nox:.95@50 urea:.05
urea solution, diluted | 2 | d | adblue-warning:.85 engine-lamp:.4 | P207F:.65 P20EE:.4 | | urea:.97@22 nox:.85@60
NOx sensor, drifts | 5 | d | adblue-warning:.7 engine-lamp:.6 | P2200:.35 P20EE:.35 P2201:.3 U029D:.2 | cold-start:.2 | nox:.6@70 urea:.02
`;

export interface Fault {
  part: string;
  failure: string;
  weight: number;
  fuel: 'p' | 'd' | 'a';
  symptoms: Record<string, number>;
  codes: Record<string, number>;
  when: Record<string, number>;
  tests: Record<string, { fails: number; reads?: number }>;
}

const chances = (text: string): Record<string, number> =>
  Object.fromEntries(
    text
      .split(' ')
      .filter(Boolean)
      .map((x) => {
        const [name, p] = x.split(':');
        return [name!, Number(p)] as const;
      })
      .filter(([, p]) => p > 0),
  );

export const FAULTS: readonly Fault[] = TABLE.trim()
  .split('\n')
  .map((row) => {
    const [name, weight, fuel, symptoms, codes, when, tests] = row.split('|').map((x) => x.trim());
    const [part, ...failure] = name!.split(', ');
    return {
      part: part!,
      failure: failure.join(', '),
      weight: Number(weight),
      fuel: fuel as Fault['fuel'],
      symptoms: chances(symptoms!),
      codes: chances(codes!),
      when: chances(when!),
      tests: Object.fromEntries(
        tests!.split(' ').map((x) => {
          const [id, rest] = x.split(':');
          const [fails, reads] = rest!.split('@');
          return [id!, { fails: Number(fails), ...(reads === undefined ? {} : { reads: Number(reads) }) }];
        }),
      ),
    };
  });
