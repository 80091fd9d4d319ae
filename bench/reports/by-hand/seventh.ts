import type { HandReport } from './kit';

/** A seventh set, typed before the fifth was opened; opened once the eighth was typed. */
export const SEVENTH: readonly HandReport[] = [
  {
    name: 'modules as questions and answers',
    text: `Engine? 1 code
 P0128 thermostat below regulating temperature (history)
Gearbox? none
ABS? none
Airbag? would not connect`,
    codes: `P0128 @ Engine = history`,
    modules: `Engine
      Gearbox
      ABS
      !Airbag`,
  },
  {
    name: 'status in capitals before a bar',
    text: `ACTIVE | ECM | P0201 | Injector circuit cyl 1
ACTIVE | ECM | P0204 | Injector circuit cyl 4
STORED | ICL | U0155 | Lost communication with instrument cluster`,
    codes: `P0201 @ ECM = active
      P0204 @ ECM = active
      U0155 @ ICL = stored`,
    modules: `ECM
      ICL`,
  },
  {
    name: 'before and after in one paste',
    text: `Before clearing:
ECM: P0299 active, P0045 stored
TCM: OK`,
    codes: `P0299 @ ECM = active
      P0045 @ ECM = stored`,
    modules: `ECM
      TCM`,
  },
  {
    name: 'module, then indented codes with dates',
    text: `Brake control (address 0x28)
    C0031-11  Left front wheel speed sensor   Confirmed   2026-10-02  84,120 km
    C0034-11  Right front wheel speed sensor  Pending     2026-10-09  84,466 km
Parking brake (address 0x2B)
    -- no entries --
Steering (address 0x30)
    -- not reachable --`,
    codes: `C0031-11 @ Brake control|Brake control (address 0x28) = stored|active
      C0034-11 @ Brake control|Brake control (address 0x28) = pending`,
    modules: `Brake control|Brake control (address 0x28)
      Parking brake|Parking brake (address 0x2B)
      !Steering|Steering (address 0x30)`,
  },
  {
    name: 'a technician dictates',
    text: `engine has p0335 current and p0340 history, trans is clean, body has b1000, abs no comms`,
    codes: `P0335 @ engine = active
      P0340 @ engine = history
      B1000 @ body = -`,
    modules: `engine
      trans
      body
      !abs`,
  },
  {
    name: 'two columns of a tablet tool',
    text: `System                      Result
Engine control              2 faults
Transmission control        Pass
Anti-lock brakes            1 fault
Supplemental restraint      No communication
--- Engine control ---
P0101   Mass air flow performance      Current
P0113   Intake air temperature high    Current
--- Anti-lock brakes ---
C0045   Left rear sensor signal        History`,
    codes: `P0101 @ Engine control = active
      P0113 @ Engine control = active
      C0045 @ Anti-lock brakes = history`,
    modules: `Engine control
      Transmission control
      Anti-lock brakes
      !Supplemental restraint`,
  },
  {
    name: 'Dutch, sentence case',
    text: `Motorregeling: 1 storing
P0401 EGR debiet onvoldoende (opgeslagen, niet aanwezig)
ABS: geen storingen
Airbag: reageert niet`,
    codes: `P0401 @ Motorregeling = stored|history`,
    modules: `Motorregeling
      ABS
      !Airbag`,
  },
  {
    name: 'Spanish, with the count behind',
    text: `Unidad motor - 2 averías
P0380 Circuito de bujías de precalentamiento - presente
P0489 Control EGR circuito bajo - memorizada
Unidad ABS - sin averías
Unidad airbag - sin comunicación`,
    codes: `P0380 @ Unidad motor|motor = active
      P0489 @ Unidad motor|motor = stored`,
    modules: `Unidad motor|motor
      Unidad ABS|ABS
      !Unidad airbag|airbag`,
  },
  {
    name: 'status bytes behind each code',
    text: `ECU: PCM
0x0100-00 status 0x2F
P0100-00 MAF circuit (0x2F)
P0110-00 IAT circuit (0x08)
ECU: TCU
no DTC`,
    codes: `?P0100-00 @ PCM = active|stored|pending
      P0100-00 @ PCM = active|stored|pending
      P0110-00 @ PCM = stored|history|-`,
    modules: `PCM
      TCU`,
  },
  {
    name: 'a truck, source addresses in front',
    text: `SA 0   Engine       SPN 102 FMI 2   OC 9   Boost pressure erratic          ACTIVE
SA 0   Engine       SPN 27 FMI 4    OC 1   EGR valve position low          INACTIVE
SA 11  Brakes       SPN 789 FMI 7   OC 3   Wheel sensor axle 1 left        ACTIVE
SA 3   Transmission no active faults`,
    codes: `SPN 102 FMI 2 @ Engine|SA 0 Engine = active
      SPN 27 FMI 4 @ Engine|SA 0 Engine = history
      SPN 789 FMI 7 @ Brakes|SA 11 Brakes = active`,
    modules: `Engine|SA 0 Engine
      Brakes|SA 11 Brakes
      Transmission|SA 3 Transmission`,
  },
  {
    name: 'values in a table with limits',
    text: `Parameter            Value     Min    Max
Battery voltage      13.9 V    13.2   15.0
Coolant temperature  64 °C     80     105
Fuel trim long B1    +14 %     -10    +10`,
    codes: '',
    modules: '',
    live: `Battery voltage = 13.9 V
      Coolant temperature = 64 °C
      Fuel trim long B1 = +14 %`,
  },
  {
    name: 'nothing but a remark',
    text: `Scanned all modules, no codes anywhere, P0420 was there last year but never came back`,
    codes: '',
    modules: '',
  },
];
