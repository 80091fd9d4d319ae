/**
 * Runs of codes that belong to one circuit: in the standard's numbering a part's faults follow one
 * another (circuit, range or performance, low, high, intermittent). One line a run:
 * first code | part | one letter a code, in order.
 *
 * C circuit, R range or performance, L circuit low, H circuit high, I intermittent, O circuit open,
 * S slow response, N no activity, - skips a number. SAE J2012 / ISO 15031-6 numbering, from memory,
 * in our own words.
 */
const RUNS = `
P0030 | oxygen sensor heater, bank 1 sensor 1 | CLH
P0036 | oxygen sensor heater, bank 1 sensor 2 | CLH
P0042 | oxygen sensor heater, bank 1 sensor 3 | CLH
P0050 | oxygen sensor heater, bank 2 sensor 1 | CLH
P0056 | oxygen sensor heater, bank 2 sensor 2 | CLH
P0062 | oxygen sensor heater, bank 2 sensor 3 | CLH
P0033 | turbo bypass valve control | CLH
P0065 | air-assisted injector control | RLH
P0068 | manifold pressure against throttle and air flow | R
P0069 | manifold pressure against barometer | R
P0070 | outside air temperature sensor | CRLHI
P0075 | intake valve solenoid, bank 1 | CLH
P0078 | exhaust valve solenoid, bank 1 | CLH
P0081 | intake valve solenoid, bank 2 | CLH
P0084 | exhaust valve solenoid, bank 2 | CLH
P0089 | fuel pressure regulator 1 | R
P0090 | fuel metering solenoid | CLH
P0095 | intake air temperature sensor 2 | CRLHI
P0100 | air-flow meter A | CRLHI
P0105 | manifold pressure sensor | CRLHI
P0110 | intake air temperature sensor 1 | CRLHI
P0115 | coolant temperature sensor 1 | CRLHI
P0120 | throttle or pedal position sensor A | CRLHI
P0130 | oxygen sensor, bank 1 sensor 1 | CLHSN
P0136 | oxygen sensor, bank 1 sensor 2 | CLHSN
P0142 | oxygen sensor, bank 1 sensor 3 | CLHSN
P0150 | oxygen sensor, bank 2 sensor 1 | CLHSN
P0156 | oxygen sensor, bank 2 sensor 2 | CLHSN
P0162 | oxygen sensor, bank 2 sensor 3 | CLHSN
P0176 | fuel composition sensor | CRLH
P0180 | fuel temperature sensor A | CRLHI
P0185 | fuel temperature sensor B | CRLHI
P0190 | fuel rail pressure sensor | CRLHI
P0195 | engine oil temperature sensor | CRLHI
P0220 | throttle or pedal position sensor B | CRLHI
P0225 | throttle or pedal position sensor C | CRLHI
P0235 | boost sensor A | CRLH
P0239 | boost sensor B | CRLH
P0243 | wastegate solenoid A | CRLH
P0247 | wastegate solenoid B | CRLH
P0251 | injection pump metering A | CRLHI
P0256 | injection pump metering B | CRLHI
P0325 | knock sensor 1, bank 1 | CRLHI
P0330 | knock sensor 2, bank 2 | CRLHI
P0335 | crankshaft sensor A | CRLHI
P0340 | camshaft sensor A, bank 1 | CRLHI
P0345 | camshaft sensor A, bank 2 | CRLHI
P0365 | camshaft sensor B, bank 1 | CRLHI
P0385 | crankshaft sensor B | CRLHI
P0390 | camshaft sensor B, bank 2 | CRLHI
P0403 | exhaust gas recirculation control | C
P0405 | exhaust gas recirculation sensor A | LH
P0407 | exhaust gas recirculation sensor B | LH
P0412 | secondary air valve A | COL
P0415 | secondary air valve B | COL
P0443 | purge valve control | CROLH
P0447 | tank vent control | OH
P0450 | tank pressure sensor | CRLHI
P0460 | fuel level sensor A | CRLHI
P0470 | exhaust pressure sensor | CRLHI
P0475 | exhaust pressure control valve | CRLHI
P0480 | cooling fan 1 control | C
P0481 | cooling fan 2 control | C
P0482 | cooling fan 3 control | C
P0500 | vehicle speed sensor A | CRLI
P0515 | battery temperature sensor | CRLH
P0520 | engine oil pressure sensor | CRLH
P0530 | refrigerant pressure sensor A | CRLH
P0540 | intake heater A | CLH
P0544 | exhaust temperature sensor, bank 1 sensor 1 | CLH
P0547 | exhaust temperature sensor, bank 2 sensor 1 | CLH
P0550 | power steering pressure sensor | CRLHI
P0571 | brake switch A | CLH
P0575 | cruise control input | CR
P0580 | cruise control multi-function input A | LH
P0597 | thermostat heater control | OLH
P0615 | starter relay | CLH
P0620 | alternator control | C
P0622 | alternator field control | C
P0625 | alternator field terminal | LH
P0627 | fuel pump A control | OLH
P0641 | sensor supply A | OLH
P0650 | engine lamp control | C
P0651 | sensor supply B | OLH
P0657 | actuator supply A | OLH
P0685 | main relay control | OLH
P0691 | cooling fan 1 control | LH
P0693 | cooling fan 2 control | LH
P0697 | sensor supply C | OLH
P0705 | transmission range sensor A | CRLHI
P0710 | transmission oil temperature sensor A | CRLHI
P0715 | turbine or input speed sensor A | CRNI
P0720 | output speed sensor | CRNI
P0725 | engine speed input | CRNI
P0742 | converter clutch | -CI
P0745 | pressure control solenoid A | CR
P0748 | pressure control solenoid A, electrical | C
P0753 | shift solenoid A, electrical | CI
P0758 | shift solenoid B, electrical | CI
P0763 | shift solenoid C, electrical | CI
P0768 | shift solenoid D, electrical | CI
P0773 | shift solenoid E, electrical | CI
P0778 | pressure control solenoid B, electrical | CI
P0798 | pressure control solenoid C, electrical | CI
P0840 | transmission oil pressure sensor A | CRLHI
P0845 | transmission oil pressure sensor B | CRLHI
P2031 | exhaust temperature sensor, bank 1 sensor 2 | CLH
P2034 | exhaust temperature sensor, bank 2 sensor 2 | CLH
P2043 | reductant temperature sensor | RLHI
P2047 | reductant injector, bank 1 unit 1 | OLH
P2067 | fuel level sensor B | LH
P2070 | intake tuning valve | -C
P2088 | intake camshaft solenoid, bank 1 | LH
P2090 | exhaust camshaft solenoid, bank 1 | LH
P2092 | intake camshaft solenoid, bank 2 | LH
P2094 | exhaust camshaft solenoid, bank 2 | LH
P2100 | throttle motor | ORLH
P2120 | pedal position sensor D | CRLHI
P2125 | pedal position sensor E | CRLHI
P2130 | throttle or pedal position sensor F | CRLHI
P2146 | injector supply A | OLH
P2149 | injector supply B | OLH
P2226 | barometric sensor A | CRLHI
P2452 | particle filter difference pressure sensor A | CRLHI
P2470 | exhaust temperature sensor, bank 1 sensor 4 | CLH
P2562 | turbo actuator position sensor | CRLHI
C0035 | left front wheel speed sensor | CR
C0040 | right front wheel speed sensor | CR
C0045 | left rear wheel speed sensor | CR
C0050 | right rear wheel speed sensor | CR
`;

const SAYS: Record<string, string> = {
  C: 'circuit',
  R: 'range or performance',
  L: 'circuit low',
  H: 'circuit high',
  I: 'circuit intermittent',
  O: 'circuit open',
  S: 'slow response',
  N: 'no activity',
};

/** A run: its codes in order, and the part they all speak of. */
export interface CodeRun {
  part: string;
  codes: { code: string; says: string }[];
}

/** All runs of the standard's numbering that the dictionary knows. */
export const CODE_RUNS: readonly CodeRun[] = RUNS.trim()
  .split('\n')
  .map((row) => {
    const [first, part, letters] = row.split('|').map((p) => p.trim());
    const start = parseInt(first!.slice(1), 16);
    const codes = [...letters!.replace(/ /g, '-')].flatMap((letter, i) =>
      letter === '-'
        ? []
        : [
            {
              code: first![0]! + (start + i).toString(16).toUpperCase().padStart(4, '0'),
              says: SAYS[letter]!,
            },
          ],
    );
    return { part: part!, codes };
  });
