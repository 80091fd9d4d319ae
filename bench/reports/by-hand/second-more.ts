import type { HandReport } from './kit';

/** The rest of the second set. */
export const SECOND_MORE: readonly HandReport[] = [
  {
    name: 'Portuguese',
    text: `Módulo do motor
P0135 Aquecedor do sensor de oxigénio - presente
P0171 Mistura pobre - memorizado
Módulo ABS
Sem avarias`,
    codes: `P0135 @ Módulo do motor|motor = active
      P0171 @ Módulo do motor|motor = stored`,
    modules: `Módulo do motor|motor
      Módulo ABS|ABS`,
  },
  {
    name: 'Polish',
    text: `Silnik
P0101 Przepływomierz - aktywny
P0401 Zbyt mały przepływ EGR - zapisany
ABS - brak błędów`,
    codes: `P0101 @ Silnik = active|none
      P0401 @ Silnik = stored|none`,
    modules: `Silnik
      ABS`,
  },
  {
    name: 'Swedish',
    text: `Motorstyrenhet
P0299 Lågt laddtryck, aktiv
P0234 Högt laddtryck, lagrad
Växellåda: inga felkoder`,
    codes: `P0299 @ Motorstyrenhet = active|none
      P0234 @ Motorstyrenhet = stored|none`,
    modules: `Motorstyrenhet
      Växellåda`,
  },
  {
    name: 'HTML from a web page',
    text: `<h3>Engine</h3><ul><li><b>P0302</b> Cylinder 2 misfire <i>stored</i></li><li><b>P0352</b> Ignition coil B <i>stored</i></li></ul><h3>Body</h3><p>No trouble codes</p>`,
    codes: `P0302 @ Engine = stored
      P0352 @ Engine = stored`,
    modules: `Engine
      Body`,
  },
  {
    name: 'wrapped in the middle of a status',
    text: `Steering column electronics
C1A04 Steering angle sensor, no basic setting          not
currently present
C1A10 Multifunction switch, implausible          currently
present`,
    codes: `C1A04 @ Steering column electronics = history|stored
      C1A10 @ Steering column electronics = active`,
    modules: `Steering column electronics`,
  },
  {
    name: 'hybrid, sub codes',
    text: `Hybrid control
P0A0F-238  Engine failed to start     Current
P0A93-346  Inverter cooling system    History
HV battery
P0A80-123  Replace hybrid battery pack   Current`,
    codes: `P0A0F-238|P0A0F @ Hybrid control = active
      P0A93-346|P0A93 @ Hybrid control = history
      P0A80-123|P0A80 @ HV battery = active`,
    modules: `Hybrid control
      HV battery`,
  },
  {
    name: 'what the customer printed at home',
    text: `My car report
Check engine light is ON
1 problem found
P0455 - Evaporative emission system leak detected (large leak)
Severity: moderate
Possible causes: loose filler cap, P0440 related hoses`,
    codes: `P0455 @ - = -`,
    modules: '',
  },
  {
    name: 'a fleet system, one line a vehicle event',
    text: `2026-04-02 06:14 | Engine | SPN 3251 FMI 0 | DPF differential pressure | Active
2026-04-02 06:14 | Engine | SPN 3719 FMI 16 | DPF soot load | Active
2026-03-29 17:50 | Brakes | SPN 792 FMI 5 | ABS modulator, left rear | Cleared`,
    codes: `SPN 3251 FMI 0 @ Engine = active
      SPN 3719 FMI 16 @ Engine = active
      ?SPN 792 FMI 5 @ Brakes = history|stored|none`,
    modules: `Engine
      ?Brakes`,
  },
  {
    name: 'modules in two columns of names and results',
    text: `Engine control ........ 1 DTC      Airbag ............. OK
Brake control ......... OK         Instrument ......... OK
P0504 Brake switch A/B correlation, engine control, current`,
    codes: `P0504 @ Engine control|engine control|- = active`,
    modules: `Engine control
      Airbag
      Brake control
      Instrument`,
  },
  {
    name: 'codes with their own number in brackets',
    text: `Gearbox electronics (EGS)
 P17F0 (0x4F8A): clutch A, slip too high        present
 P17F1 (0x4F8B): clutch B, slip too high        not present
Door module front left
 free of faults`,
    codes: `P17F0 @ Gearbox electronics (EGS)|Gearbox electronics|EGS = active
      P17F1 @ Gearbox electronics (EGS)|Gearbox electronics|EGS = history|stored`,
    modules: `Gearbox electronics (EGS)|Gearbox electronics|EGS
      Door module front left`,
  },
  {
    name: 'several reports of one code with kilometres',
    text: `P0380 Glow plug circuit A
 status: present
 first: 98,110 km
 last: 99,402 km
 counter: 14
P0671 Cylinder 1 glow plug
 status: stored
 first: 99,380 km
 counter: 2`,
    codes: `P0380 @ - = active
      P0671 @ - = stored`,
    modules: '',
  },
  {
    name: 'a clean vehicle',
    text: `Complete scan of 14 modules
All modules passed
No fault codes found`,
    codes: '',
    modules: '',
  },
  {
    name: 'nothing but a price',
    text: `Scan and diagnosis 89.00
Code read P0420 free of charge
Thank you for your visit`,
    codes: `?P0420 @ - = none`,
    modules: '',
  },
];
