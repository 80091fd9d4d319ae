import type { HandReport } from './kit';

/** An eighth set, typed before the seventh was opened for the last time. */
export const EIGHTH: readonly HandReport[] = [
  {
    name: 'ticks and crosses',
    text: `✓ Engine control
✗ Transmission control
   P0741 Torque converter clutch stuck off · confirmed
✓ Brakes
✗ Cluster
   U0140 Lost communication with body module · history
? Radio (no answer)`,
    codes: `P0741 @ Transmission control = stored|active
      U0140 @ Cluster = history`,
    modules: `?Engine control
      Transmission control
      ?Brakes
      Cluster
      ?!Radio`,
  },
  {
    name: 'an e-mail with a quoted report',
    text: `> Engine: 2 faults
> P0016 Camshaft/crankshaft correlation, stored
> P0341 Camshaft sensor range, stored
> ABS: no faults
Could you have a look on Friday? It starts badly. Jo`,
    codes: `P0016 @ Engine = stored
      P0341 @ Engine = stored`,
    modules: `Engine
      ABS`,
  },
  {
    name: 'counts of stored and pending in heads',
    text: `ECM (stored: 1, pending: 1)
  P0455  stored   EVAP large leak
  P0456  pending  EVAP small leak
TCM (stored: 0, pending: 0)
BCM (stored: 0, pending: 0)`,
    codes: `P0455 @ ECM = stored
      P0456 @ ECM = pending`,
    modules: `ECM
      TCM
      BCM`,
  },
  {
    name: 'YAML',
    text: `vehicle: van
modules:
  - name: Engine
    faults:
      - code: P2015
        text: Intake flap position range
        status: active
      - code: P0638
        text: Throttle actuator range
        status: stored
  - name: Gearbox
    faults: []
  - name: Airbag
    error: no response`,
    codes: `P2015 @ Engine = active
      P0638 @ Engine = stored`,
    modules: `Engine
      ?Gearbox
      ?!Airbag`,
  },
  {
    name: 'French, full sentences',
    text: `Calculateur d'injection : 1 défaut présent, 1 défaut mémorisé
 - P0192 capteur pression rail, court-circuit à la masse (présent)
 - P0380 circuit de préchauffage (mémorisé)
Calculateur ABS : pas de défaut
Calculateur habitacle : ne répond pas`,
    codes: `P0192 @ Calculateur d'injection = active
      P0380 @ Calculateur d'injection = stored`,
    modules: `Calculateur d'injection
      Calculateur ABS
      !Calculateur habitacle`,
  },
  {
    name: 'OCR of a small screen',
    text: `PCM
PO42O CAT EFF BELOW THRESH B1
STATUS CONFIRMED
P0 442 EVAP SMALL LEAK
STATUS PENDING`,
    codes: `P0420 @ PCM = stored|active
      P0442 @ PCM = pending`,
    modules: `PCM`,
  },
  {
    name: 'the same fault in two modules',
    text: `Module: Engine
U0129 Lost communication with brake control module | Status: Active | Count: 4
Module: Gateway
U0129 Lost communication with brake control module | Status: Active | Count: 6
Module: Brakes
Result: no communication`,
    codes: `U0129 @ Engine = active
      U0129 @ Gateway = active`,
    modules: `Engine
      Gateway
      !Brakes`,
  },
  {
    name: 'a motorcycle, blinked',
    text: `Blink codes read at the instrument:
12 - crank sensor
24 - side stand switch
Stored, not active.`,
    codes: `12 @ - = -|stored|history
      24 @ - = -|stored|history`,
    modules: '',
  },
  {
    name: 'machine with hours',
    text: `Controller: Hydraulics
E0231  Boom pressure sensor voltage above normal   Active   3 occ.  first 2210.4 h  last 2231.0 h
E0118  Joystick signal invalid                     Stored   1 occ.  first 1998.7 h  last 1998.7 h
Controller: Engine
No diagnostic trouble codes`,
    codes: `E0231 @ Hydraulics = active
      E0118 @ Hydraulics = stored`,
    modules: `Hydraulics
      Engine`,
  },
  {
    name: 'modules in brackets behind the codes',
    text: `P0087 (ECM) low rail pressure - current
C1A60 (ADAS) radar blocked - past
B2AAA (BCM) key battery low - past`,
    codes: `P0087 @ ECM = active
      C1A60 @ ADAS = history
      B2AAA @ BCM = history`,
    modules: `ECM
      ADAS
      BCM`,
  },
  {
    name: 'what came back after the road test',
    text: `After road test 12 km:
Engine - P0101 came back, pending
Rest of modules: no codes`,
    codes: `P0101 @ Engine = pending`,
    modules: `Engine`,
  },
  {
    name: 'German note',
    text: `MSG: P0299 sporadisch, P0045 statisch
GSG: kein Eintrag
ABS: nicht erreichbar`,
    codes: `P0299 @ MSG = intermittent
      P0045 @ MSG = active`,
    modules: `MSG
      GSG
      !ABS`,
  },
  {
    name: 'values with their codes',
    text: `P0171 Bank 1 lean (confirmed)
  LTFT B1 +22.7 %, STFT B1 +8.6 %, MAF 3.2 g/s at idle
P0174 Bank 2 lean (confirmed)`,
    codes: `P0171 @ - = stored|active
      P0174 @ - = stored|active`,
    modules: '',
  },
  {
    name: 'CSV without heads',
    text: `Engine;P0403;EGR control circuit;stored
Engine;P0404;EGR range;active
Airbag;;;no response
ABS;;;no faults`,
    codes: `P0403 @ Engine = stored
      P0404 @ Engine = active`,
    modules: `Engine
      !Airbag
      ABS`,
  },
];
