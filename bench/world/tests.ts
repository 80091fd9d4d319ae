/** Tests of the made-up world: question | minutes | reading | unit | value when good | its spread | value when bad. */
const TABLE = `
smoke | Does smoke come out of the intake? | 20 | | | | |
fuel-pressure | Is the fuel pressure in limits at idle? | 15 | rail pressure | bar | 4.0 | 0.15 | 2.9
trim-rpm | Does the trim fall when revs rise? | 6 | trim at 2500 rpm | % | 3 | 4 | 18
maf | Does the air flow meet the engine's pumping? | 8 | air flow at idle | g/s | 3.4 | 0.2 | 2.3
compression | Is the compression even? | 30 | lowest cylinder | bar | 12.5 | 0.7 | 7.5
rel-compression | Do the starter current humps match? | 6 | hump spread | % | 4 | 2 | 22
leakage | Does the cylinder hold air? | 25 | leakage | % | 12 | 4 | 45
coil-swap | Does the misfire follow the coil? | 10 | | | | |
plug | Are the spark plugs sound? | 15 | gap | mm | 0.8 | 0.06 | 1.4
injector-swap | Does the fault follow the injector? | 35 | | | | |
balance | Do the injectors drop the rail evenly? | 20 | odd drop | % | 4 | 2 | 24
boost | Does boost follow its target? | 12 | boost at full load | bar | 1.15 | 0.06 | 0.55
actuator | Does the boost actuator move and hold? | 8 | | | | |
egr | Does the recirculation valve close fully? | 12 | rest position | V | 0.8 | 0.05 | 1.3
back-pressure | Is the exhaust free? | 10 | back pressure at 2500 rpm | kPa | 6 | 2 | 34
dpf | Is the filter differential pressure in limits? | 8 | differential pressure | mbar | 35 | 8 | 120
nox | Is NOx conversion above 85 percent? | 15 | conversion | % | 92 | 3 | 45
urea | Is the urea solution in range? | 5 | concentration | % | 32.5 | 0.3 | 24
egt | Do the exhaust temperature sensors agree cold? | 6 | largest difference | K | 3 | 1.5 | 40
coolant-temp | Does coolant temperature agree with ambient after the night? | 5 | difference | K | 2 | 1 | 28
thermostat | Does the thermostat hold until its opening temperature? | 25 | temperature at rest | °C | 89 | 2 | 66
pressure-test | Does the cooling system hold pressure? | 20 | pressure lost in 10 min | bar | 0.02 | 0.02 | 0.4
block-test | Is there combustion gas in the coolant? | 15 | | | | |
fan | Does the fan run when commanded? | 8 | | | | |
rest-current | Is the current at rest in limits? | 45 | current after 40 min | mA | 22 | 6 | 480
charging | Is the charging voltage in limits? | 4 | voltage running | V | 14.2 | 0.15 | 12.4
crank-voltage | Does the battery hold while cranking? | 4 | lowest voltage | V | 10.6 | 0.4 | 8.1
drop-ground | Is the voltage drop on the ground side in limits? | 10 | drop | V | 0.08 | 0.04 | 1.6
feed | Does the feed reach the part? | 12 | feed | V | 12.3 | 0.2 | 4.1
start-signal | Does the start request reach the relay? | 10 | | | | |
bus | Is the bus resistance sixty ohms? | 6 | resistance | Ω | 60 | 1.2 | 118
wheel-speed | Do all wheel speeds agree? | 8 | odd one out | % | 0.5 | 0.3 | 14
ref-5v | Is the five volt supply sound? | 8 | supply | V | 5.0 | 0.03 | 1.2
cam-crank | Do cam and crank agree? | 20 | offset | ° | 2 | 1.5 | 16
oil-pressure | Is mechanical oil pressure in limits? | 25 | pressure at idle | bar | 1.6 | 0.2 | 0.5
trans-pressure | Is the line pressure in limits? | 30 | line pressure | bar | 6.2 | 0.4 | 3.1
solenoid | Is the solenoid resistance in limits? | 10 | resistance | Ω | 12 | 0.6 | 0
fluid | Is the transmission fluid level and colour right? | 12 | | | | |
ac-pressure | Are refrigerant pressures in limits? | 10 | high side | bar | 14 | 1 | 5.5
ac-clutch | Does the compressor clutch engage? | 5 | | | | |
ride | Is each corner at its height? | 10 | largest deviation | mm | 4 | 3 | 45
air-leak | Does the air spring hold overnight? | 30 | | | | |
steer-current | Does the steering motor draw its current? | 12 | current at lock | A | 48 | 5 | 9
evap-hold | Does the tank system hold vacuum? | 25 | | | | |
purge | Does the purge valve close? | 6 | | | | |
lambda | Does the oxygen sensor answer? | 8 | swing | V | 0.7 | 0.08 | 0.12
cat | Does the catalyst store oxygen? | 10 | rear swing | V | 0.08 | 0.04 | 0.6
glow | Do the glow plugs draw current? | 8 | current | A | 16 | 1.5 | 2
hp-pump | Does rail pressure build while cranking? | 8 | pressure cranking | bar | 280 | 25 | 90
return | Is injector return even? | 25 | largest return | ml | 12 | 3 | 55
bearing | Is a wheel bearing loud or loose? | 15 | | | | |
throttle | Does the throttle follow its command? | 6 | error | % | 1 | 0.5 | 12
knock-sensor | Does the knock sensor answer a tap? | 5 | | | | |
exhaust-leak | Does the exhaust leak ahead of the sensor? | 12 | | | | |
chain-slack | Is the chain tensioner extended? | 20 | | | | |
pcv | Is crankcase vacuum in limits? | 6 | vacuum | kPa | 2.5 | 0.6 | 9
`;

export interface WorldTest {
  id: string;
  question: string;
  minutes: number;
  reading?: { label: string; unit: string; good: number; spread: number; bad: number };
}

export const WORLD_TESTS: readonly WorldTest[] = TABLE.trim()
  .split('\n')
  .map((row) => {
    const [id, question, minutes, label, unit, good, spread, bad] = row.split('|').map((x) => x.trim());
    return {
      id: id!,
      question: question!,
      minutes: Number(minutes),
      ...(label
        ? {
            reading: {
              label,
              unit: unit!,
              good: Number(good),
              spread: Number(spread),
              bad: Number(bad),
            },
          }
        : {}),
    };
  });
