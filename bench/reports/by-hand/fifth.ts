import type { HandReport } from './kit';

/** A fifth set, typed before the fourth was opened; opened once the eighth was typed. */
export const FIFTH: readonly HandReport[] = [
  {
    name: 'a line a fault, module in front with a dash',
    text: `Engine - P0106 - MAP sensor range - Confirmed
Engine - P2227 - Barometric pressure range - Pending
Transmission - P0711 - Fluid temperature sensor - Confirmed`,
    codes: `P0106 @ Engine = stored|active
      P2227 @ Engine = pending
      P0711 @ Transmission = stored|active`,
    modules: `Engine
      Transmission`,
  },
  {
    name: 'two lines a fault, code below with status',
    text: `Tyre pressure control
Sensor rear left, no signal
C1504, status: stored
Sensor spare wheel, battery low
C1510, status: active`,
    codes: `C1504 @ Tyre pressure control = stored
      C1510 @ Tyre pressure control = active`,
    modules: `Tyre pressure control`,
  },
  {
    name: 'list of modules with codes in one line each',
    text: `Modules with faults:
Engine (P0302, P0352)
Body (B1342)
Modules without faults: ABS, Airbag, Cluster
Modules that did not answer: Radio`,
    codes: `P0302 @ Engine = -
      P0352 @ Engine = -
      B1342 @ Body = -`,
    modules: `Engine
      Body
      ABS
      Airbag
      Cluster
      !Radio`,
  },
  {
    name: 'a forum post',
    text: `Hi all, my van shows P2463 and P2458, both permanent. Regen does not start. Soot 132 %.`,
    codes: `P2463 @ - = permanent
      P2458 @ - = permanent`,
    modules: '',
  },
  {
    name: 'heads in capitals with units below them',
    text: `MODULE        DTC       STATUS    KM
ECM           P0234     ACT       88120
ECM           P0299     HIST      87004
ABS           -         -         -
DDM           B1310     ACT       88119`,
    codes: `P0234 @ ECM = active
      P0299 @ ECM = history
      B1310 @ DDM = active`,
    modules: `ECM
      ?ABS
      DDM`,
  },
  {
    name: 'German, older vehicle without codes',
    text: `Motorsteuergerät
Lambdasonde: Signal unplausibel (gespeichert)
Leerlaufsteller: Unterbrechung (vorhanden)
Wegfahrsperre
kein Fehler gespeichert`,
    codes: `Lambdasonde: Signal unplausibel|Lambdasonde Signal unplausibel @ Motorsteuergerät = stored
      Leerlaufsteller: Unterbrechung|Leerlaufsteller Unterbrechung @ Motorsteuergerät = active`,
    modules: `Motorsteuergerät
      Wegfahrsperre`,
  },
  {
    name: 'freeze frame as a table beside the code',
    text: `P0128 Coolant thermostat   Confirmed
Freeze frame data
Parameter            Value
Engine speed         1480 rpm
Coolant              61 °C
Vehicle speed        72 km/h`,
    codes: `P0128 @ - = stored|active`,
    modules: '',
    freeze: 3,
  },
  {
    name: 'web page copied: menu words around it',
    text: `Home  Scan  Live data  Settings
Last scan: today 09:14
Engine   1 fault
P0135 O2 heater B1S1 circuit
Active
Brakes   0 faults
Share  Print  Clear codes`,
    codes: `P0135 @ Engine = active`,
    modules: `Engine
      Brakes`,
  },
  {
    name: 'module name over two lines',
    text: `Electronic brake
control module
C0045 Left rear wheel speed sensor   Current
Body control module
No DTCs`,
    codes: `C0045 @ Electronic brake control module|control module = active`,
    modules: `Electronic brake control module|control module
      Body control module`,
  },
  {
    name: 'codes with a star for the one that lit the lamp',
    text: `Powertrain
*P0301  Misfire cylinder 1   Stored
 P0302  Misfire cylinder 2   Pending
* = requested the lamp`,
    codes: `P0301 @ Powertrain = stored
      P0302 @ Powertrain = pending`,
    modules: `Powertrain`,
  },
  {
    name: 'values of injectors and nothing else',
    text: `Injector quantity correction
Cylinder 1   +0.4 mg/st
Cylinder 2   -0.2 mg/st
Cylinder 3   +3.1 mg/st
Cylinder 4   -0.6 mg/st`,
    codes: '',
    modules: '',
    live: `Cylinder 1 = +0.4 mg/st
      Cylinder 2 = -0.2 mg/st
      Cylinder 3 = +3.1 mg/st
      Cylinder 4 = -0.6 mg/st`,
  },
  {
    name: 'lost connection and what was tried',
    text: `Engine: P0606 internal processor (stored)
Transmission: no response (tried 3 times)
Body: no response (tried 3 times)
Battery 11.1 V during scan`,
    codes: `P0606 @ Engine = stored`,
    modules: `Engine
      !Transmission
      !Body`,
  },
  {
    name: 'Spanish, words behind the module',
    text: `Unidad de motor: 1 avería
P0016 - Correlación cigüeñal / árbol de levas - Almacenada
Unidad de ABS: sin averías
Unidad de clima: no responde`,
    codes: `P0016 @ Unidad de motor|motor = stored`,
    modules: `Unidad de motor|motor
      Unidad de ABS|ABS
      !Unidad de clima|clima`,
  },
  {
    name: 'odometer and date behind each',
    text: `Steering
C1290 Torque sensor 2, signal   Stored   2026-05-30   61,204 mi
C1277 Battery voltage low       Stored   2026-05-02   60,931 mi`,
    codes: `C1290 @ Steering = stored
      C1277 @ Steering = stored`,
    modules: `Steering`,
  },
];
