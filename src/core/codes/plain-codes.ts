/** Generic codes that stand alone or are counted by cylinder or bank. From memory, in our own words. */

const SINGLE = `
P0001 fuel volume regulator control circuit open
P0002 fuel volume regulator range or performance
P0003 fuel volume regulator control circuit low
P0004 fuel volume regulator control circuit high
P0005 fuel shut-off valve control circuit open
P0006 fuel shut-off valve control circuit low
P0007 fuel shut-off valve control circuit high
P0008 engine position system performance, bank 1
P0009 engine position system performance, bank 2
P0010 intake cam phaser solenoid circuit, bank 1
P0011 intake cam over-advanced or sluggish, bank 1
P0012 intake cam over-retarded, bank 1
P0013 exhaust cam phaser solenoid circuit, bank 1
P0014 exhaust cam over-advanced or sluggish, bank 1
P0015 exhaust cam over-retarded, bank 1
P0016 crank and intake cam correlation, bank 1
P0017 crank and exhaust cam correlation, bank 1
P0018 crank and intake cam correlation, bank 2
P0019 crank and exhaust cam correlation, bank 2
P0020 intake cam phaser solenoid circuit, bank 2
P0021 intake cam over-advanced or sluggish, bank 2
P0022 intake cam over-retarded, bank 2
P0023 exhaust cam phaser solenoid circuit, bank 2
P0024 exhaust cam over-advanced or sluggish, bank 2
P0025 exhaust cam over-retarded, bank 2
P0026 intake valve control performance, bank 1
P0027 exhaust valve control performance, bank 1
P0028 intake valve control performance, bank 2
P0029 exhaust valve control performance, bank 2
P0040 oxygen sensor signals swapped, sensor 1 of both banks
P0041 oxygen sensor signals swapped, sensor 2 of both banks
P0045 turbo boost control solenoid circuit open
P0046 turbo boost control range or performance
P0047 turbo boost control circuit low
P0048 turbo boost control circuit high
P0049 turbo over speed
P0053 oxygen sensor heater resistance, bank 1 sensor 1
P0054 oxygen sensor heater resistance, bank 1 sensor 2
P0059 oxygen sensor heater resistance, bank 2 sensor 1
P0060 oxygen sensor heater resistance, bank 2 sensor 2
P0087 fuel rail pressure too low
P0088 fuel rail pressure too high
P0093 fuel system large leak
P0094 fuel system small leak
P0125 coolant too cold for closed-loop control
P0126 coolant too cold for stable operation
P0127 intake air temperature too high
P0128 coolant below thermostat temperature
P0135 oxygen sensor heater circuit, bank 1 sensor 1
P0141 oxygen sensor heater circuit, bank 1 sensor 2
P0147 oxygen sensor heater circuit, bank 1 sensor 3
P0155 oxygen sensor heater circuit, bank 2 sensor 1
P0161 oxygen sensor heater circuit, bank 2 sensor 2
P0167 oxygen sensor heater circuit, bank 2 sensor 3
P0168 fuel temperature too high
P0169 wrong fuel composition
P0170 fuel trim out of limits, bank 1
P0171 mixture too lean, bank 1
P0172 mixture too rich, bank 1
P0173 fuel trim out of limits, bank 2
P0174 mixture too lean, bank 2
P0175 mixture too rich, bank 2
P0200 injector circuit
P0213 cold start injector 1 circuit
P0214 cold start injector 2 circuit
P0215 engine shut-off solenoid circuit
P0216 injection timing control circuit
P0217 engine too hot
P0218 transmission too hot
P0219 engine overspeed
P0230 fuel pump primary circuit
P0231 fuel pump secondary circuit low
P0232 fuel pump secondary circuit high
P0233 fuel pump secondary circuit intermittent
P0234 boost too high (overboost)
P0298 engine oil too hot
P0299 boost too low (underboost)
P0300 misfire, several cylinders or random
P0313 misfire with low fuel
P0314 misfire on one cylinder, cylinder not named
P0315 crank position variation not learned
P0316 misfire in the first 1000 revolutions
P0320 ignition speed input circuit
P0321 ignition speed input range or performance
P0322 ignition speed input no signal
P0323 ignition speed input circuit intermittent
P0324 knock control system error
P0350 ignition coil circuit, coil not named
P0370 high-resolution timing signal A circuit
P0380 glow plug circuit A
P0381 glow plug lamp circuit
P0382 glow plug circuit B
P0400 exhaust gas recirculation flow
P0401 exhaust gas recirculation flow insufficient
P0402 exhaust gas recirculation flow excessive
P0404 exhaust gas recirculation control range or performance
P0409 exhaust gas recirculation sensor A circuit
P0410 secondary air system
P0411 secondary air incorrect flow
P0418 secondary air relay A circuit
P0419 secondary air relay B circuit
P0420 catalyst efficiency below limit, bank 1
P0421 warm-up catalyst efficiency below limit, bank 1
P0422 main catalyst efficiency below limit, bank 1
P0426 catalyst temperature sensor range or performance, bank 1
P0430 catalyst efficiency below limit, bank 2
P0431 warm-up catalyst efficiency below limit, bank 2
P0432 main catalyst efficiency below limit, bank 2
P0440 fuel vapour system
P0441 fuel vapour system purge flow incorrect
P0442 fuel vapour system small leak
P0446 fuel vapour vent control circuit
P0455 fuel vapour system large leak
P0456 fuel vapour system very small leak
P0457 fuel vapour system leak, cap loose or off
P0458 purge valve circuit low
P0459 purge valve circuit high
P0483 cooling fan rationality
P0484 cooling fan circuit, too much current
P0485 cooling fan supply or ground circuit
P0491 secondary air insufficient flow, bank 1
P0492 secondary air insufficient flow, bank 2
P0495 fan speed too high
P0496 purge flow when none is asked for
P0497 purge flow too low
P0498 tank vent control circuit low
P0499 tank vent control circuit high
P0504 brake switch A and B correlation
P0505 idle control system
P0506 idle speed lower than expected
P0507 idle speed higher than expected
P0508 idle control circuit low
P0509 idle control circuit high
P0510 closed throttle switch circuit
P0511 idle control circuit
P0512 starter request circuit
P0513 wrong immobiliser key
P0524 engine oil pressure too low
P0532 refrigerant pressure sensor circuit low
P0534 refrigerant charge loss
P0560 system voltage
P0561 system voltage unstable
P0562 system voltage low
P0563 system voltage high
P0565 cruise control on signal
P0600 serial communication link
P0601 control module memory checksum
P0602 control module not programmed
P0603 control module keep-alive memory
P0604 control module random access memory
P0605 control module read-only memory
P0606 control module processor
P0607 control module performance
P0610 control module vehicle options not configured
P0611 injector control module performance
P0613 transmission control module processor
P0614 engine and transmission modules incompatible
P0616 starter relay circuit low
P0617 starter relay circuit high
P0630 VIN not programmed or mismatch
P0633 immobiliser key not programmed
P0635 power steering control circuit
P0638 throttle actuator range or performance, bank 1
P0645 compressor clutch relay circuit
P0646 compressor clutch relay circuit low
P0647 compressor clutch relay circuit high
P0654 engine speed output circuit
P0656 fuel level output circuit
P0660 intake manifold tuning valve circuit, bank 1
P0661 intake manifold tuning valve circuit low, bank 1
P0662 intake manifold tuning valve circuit high, bank 1
P0670 glow plug module circuit
P0683 glow plug module communication with engine module
P0684 glow plug module communication range or performance
P0700 transmission control system asks for the lamp
P0701 transmission control system range or performance
P0702 transmission control system electrical
P0703 brake switch B circuit
P0704 clutch switch circuit
P0711 transmission oil temperature sensor range or performance
P0730 incorrect gear ratio
P0731 gear 1 incorrect ratio
P0732 gear 2 incorrect ratio
P0733 gear 3 incorrect ratio
P0734 gear 4 incorrect ratio
P0735 gear 5 incorrect ratio
P0736 reverse incorrect ratio
P0729 gear 6 incorrect ratio
P0740 converter clutch circuit open
P0741 converter clutch stuck off or slipping
P0742 converter clutch stuck on
P0746 pressure control solenoid A stuck off
P0747 pressure control solenoid A stuck on
P0749 pressure control solenoid A intermittent
P0750 shift solenoid A
P0751 shift solenoid A stuck off
P0752 shift solenoid A stuck on
P0755 shift solenoid B
P0756 shift solenoid B stuck off
P0757 shift solenoid B stuck on
P0760 shift solenoid C
P0761 shift solenoid C stuck off
P0762 shift solenoid C stuck on
P0765 shift solenoid D
P0766 shift solenoid D stuck off
P0767 shift solenoid D stuck on
P0770 shift solenoid E
P0775 pressure control solenoid B
P0776 pressure control solenoid B stuck off
P0777 pressure control solenoid B stuck on
P0780 shift malfunction
P0781 shift 1–2
P0782 shift 2–3
P0783 shift 3–4
P0784 shift 4–5
P0785 shift timing solenoid
P0795 pressure control solenoid C
P0811 excessive clutch slip
P0850 park or neutral switch input circuit
P0868 transmission oil pressure low
P0882 transmission module power input low
P0883 transmission module power input high
P0894 transmission component slipping
P0A0F engine failed to start (hybrid)
P0A08 DC converter status
P0A0D high-voltage interlock circuit high
P0A1A generator control module
P0A1B drive motor A control module
P0A2F drive motor A too hot
P0A3F drive motor A position sensor circuit
P0A78 drive motor A inverter performance
P0A7A generator inverter performance
P0A7E hybrid battery too hot
P0A7F hybrid battery deterioration
P0A80 replace hybrid battery
P0A81 hybrid battery fan 1 circuit
P0A82 hybrid battery fan 1 range or performance
P0A93 inverter cooling performance
P0A94 DC converter performance
P0AA1 hybrid battery positive contactor stuck closed
P0AA4 hybrid battery negative contactor stuck closed
P0AA6 hybrid battery isolation fault
P0ABF hybrid battery current sensor circuit
P2002 particle filter efficiency below limit, bank 1
P2004 intake runner control stuck open, bank 1
P2006 intake runner control stuck closed, bank 1
P2008 intake runner control circuit open, bank 1
P2015 intake runner position sensor range or performance, bank 1
P2080 exhaust temperature sensor range or performance, bank 1 sensor 1
P2084 exhaust temperature sensor range or performance, bank 1 sensor 2
P2096 mixture after catalyst too lean, bank 1
P2097 mixture after catalyst too rich, bank 1
P2098 mixture after catalyst too lean, bank 2
P2099 mixture after catalyst too rich, bank 2
P2101 throttle motor range or performance
P2104 throttle control: forced idle
P2106 throttle control: limited power
P2107 throttle control module processor
P2110 throttle control: limited speed
P2111 throttle stuck open
P2112 throttle stuck closed
P2118 throttle motor current range or performance
P2119 throttle body range or performance
P2122 pedal position sensor D circuit low
P2135 throttle or pedal sensors A and B correlation
P2138 pedal sensors D and E correlation
P2159 vehicle speed sensor B range or performance
P2176 throttle control: idle position not learned
P2177 too lean off idle, bank 1
P2178 too rich off idle, bank 1
P2179 too lean off idle, bank 2
P2187 too lean at idle, bank 1
P2188 too rich at idle, bank 1
P2189 too lean at idle, bank 2
P2190 too rich at idle, bank 2
P2195 oxygen sensor signal stuck lean, bank 1 sensor 1
P2196 oxygen sensor signal stuck rich, bank 1 sensor 1
P2197 oxygen sensor signal stuck lean, bank 2 sensor 1
P2198 oxygen sensor signal stuck rich, bank 2 sensor 1
P2200 nitrogen oxide sensor circuit, bank 1
P2201 nitrogen oxide sensor range or performance, bank 1
P2202 nitrogen oxide sensor circuit low, bank 1
P2203 nitrogen oxide sensor circuit high, bank 1
P2237 oxygen sensor pumping current circuit open, bank 1 sensor 1
P2251 oxygen sensor reference ground circuit open, bank 1 sensor 1
P2261 turbo bypass valve mechanical
P2262 boost pressure not detected, mechanical
P2263 turbo boost system performance
P2270 oxygen sensor signal stuck lean, bank 1 sensor 2
P2271 oxygen sensor signal stuck rich, bank 1 sensor 2
P2279 intake air leak
P2290 injection pressure too low
P2291 injection pressure too low while cranking
P2293 fuel pressure regulator 2 performance
P2294 fuel pressure regulator 2 control circuit
P2299 brake and accelerator pedal implausible together
P2401 leak detection pump circuit low
P2402 leak detection pump circuit high
P2404 leak detection pump sense range or performance
P2413 exhaust gas recirculation system performance
P2422 vapour canister vent valve stuck closed
P2425 exhaust gas recirculation cooling valve circuit open
P2457 exhaust gas recirculation cooler performance
P2458 particle filter regeneration too long
P2459 particle filter regeneration too often
P2463 particle filter soot accumulation
P2503 charging system voltage low
P2504 charging system voltage high
P2505 engine module power input
P2509 engine module power input intermittent
P2510 engine module relay sense
P2610 engine off timer performance
P2646 rocker actuator stuck off, bank 1
P2647 rocker actuator stuck on, bank 1
U0001 high-speed data bus
U0002 high-speed data bus performance
U0010 medium-speed data bus
U0028 vehicle bus A
U0073 control module data bus A off
U0074 control module data bus B off
U0100 lost communication with engine module
U0101 lost communication with transmission module
U0103 lost communication with gear shift module
U0104 lost communication with cruise control module
U0105 lost communication with injector module
U0107 lost communication with throttle module
U0109 lost communication with fuel pump module
U0110 lost communication with drive motor module A
U0111 lost communication with battery energy module
U0114 lost communication with four-wheel drive module
U0115 lost communication with engine module B
U0121 lost communication with anti-lock brake module
U0122 lost communication with vehicle dynamics module
U0123 lost communication with yaw rate sensor
U0126 lost communication with steering angle sensor
U0127 lost communication with tyre pressure module
U0128 lost communication with parking brake module
U0129 lost communication with brake module
U0131 lost communication with power steering module
U0132 lost communication with ride level module
U0140 lost communication with body module
U0141 lost communication with body module A
U0142 lost communication with body module B
U0146 lost communication with gateway A
U0151 lost communication with restraints module
U0155 lost communication with instrument cluster
U0159 lost communication with parking assist module
U0164 lost communication with climate module
U0167 lost communication with immobiliser module
U0168 lost communication with vehicle security module
U0184 lost communication with radio
U0198 lost communication with telematics module
U0199 lost communication with driver door module
U0200 lost communication with passenger door module
U0208 lost communication with seat module A
U0212 lost communication with steering column module
U0235 lost communication with front distance sensor
U0293 lost communication with hybrid control module
U0300 internal module software incompatible
U0301 software incompatible with engine module
U0302 software incompatible with transmission module
U0401 invalid data received from engine module
U0402 invalid data received from transmission module
U0404 invalid data received from gear shift module
U0415 invalid data received from anti-lock brake module
U0416 invalid data received from vehicle dynamics module
U0418 invalid data received from brake module
U0420 invalid data received from power steering module
U0422 invalid data received from body module
U0423 invalid data received from instrument cluster
U0424 invalid data received from climate module
U0426 invalid data received from immobiliser module
U0428 invalid data received from steering angle sensor
U0429 invalid data received from steering column module
U0447 invalid data received from gateway A
U0452 invalid data received from restraints module
C0561 stability system disabled by missing information
B0001 driver front airbag deployment control
B0002 driver front airbag second stage
B0010 passenger front airbag deployment control
B0020 driver side airbag deployment control
B0028 passenger side airbag deployment control
B0051 driver seat side airbag deployment circuit
B0070 driver belt tensioner deployment control
B0072 passenger belt tensioner deployment control
B0081 passenger seat occupancy system
B0090 left front crash sensor
B0095 right front crash sensor
B0100 central crash sensor
`;

/** Codes counted by cylinder: first code, step, count, wording with # for the cylinder. */
const COUNTED: readonly [string, number, number, string][] = [
  ['P0201', 1, 12, 'injector circuit, cylinder #'],
  ['P0261', 3, 12, 'injector circuit low, cylinder #'],
  ['P0262', 3, 12, 'injector circuit high, cylinder #'],
  ['P0263', 3, 12, 'contribution or balance, cylinder #'],
  ['P0301', 1, 12, 'misfire, cylinder #'],
  ['P0351', 1, 12, 'ignition coil circuit, cylinder #'],
  ['P0671', 1, 12, 'glow plug circuit, cylinder #'],
  ['P2300', 3, 8, 'ignition coil circuit low, cylinder #'],
  ['P2301', 3, 8, 'ignition coil circuit high, cylinder #'],
];

export const PLAIN_CODES: readonly { code: string; says: string }[] = [
  ...SINGLE.trim()
    .split('\n')
    .map((row) => ({ code: row.slice(0, 5), says: row.slice(6).trim() })),
  ...COUNTED.flatMap(([first, step, count, says]) =>
    Array.from({ length: count }, (_, i) => ({
      // The standard counts these in hexadecimal places: after 9 comes A.
      code:
        'P' +
        (parseInt(first.slice(1), 16) + carry(first, i * step)).toString(16).toUpperCase().padStart(4, '0'),
      says: says.replace('#', String(i + 1)),
    })),
  ),
];

/** Older decades count on in tens (P0309, P0310), so the hexadecimal letters are stepped over. */
function carry(first: string, steps: number): number {
  const units = parseInt(first[4]!, 10) + steps;
  const tens = parseInt(first[3]!, 10) * 10 + units;
  const wanted = parseInt(`${first[1]}${first[2]}00`, 16) + Math.floor(tens / 10) * 16 + (tens % 10);
  return wanted - parseInt(first.slice(1), 16);
}
