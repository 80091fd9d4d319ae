import type { HandReport } from './kit';

/** A ninth set, typed after the eighth was opened and mended for. */
export const NINTH: readonly HandReport[] = [
  {
    name: 'two lines of a chat',
    text: `engine P0011 P0014 both active
rest of the car clean`,
    codes: `P0011 @ engine = active
      P0014 @ engine = active`,
    modules: `engine`,
  },
  {
    name: 'heads between rules, status first',
    text: `=================================
 ENGINE CONTROL UNIT
=================================
 [A] P0089  Fuel pressure regulator performance
 [S] P0335  Crankshaft sensor circuit
=================================
 BRAKE CONTROL UNIT
=================================
 no faults
 [A] = active   [S] = stored`,
    codes: `P0089 @ ENGINE CONTROL UNIT = active
      P0335 @ ENGINE CONTROL UNIT = stored`,
    modules: `ENGINE CONTROL UNIT
      BRAKE CONTROL UNIT`,
  },
  {
    name: 'numbers of the maker in front of each',
    text: `Motor
4563 P0299 Ladedruckregelung: Regelgrenze unterschritten - gespeichert
4571 P0234 Ladedruckregelung: Regelgrenze überschritten - aktiv
Getriebe
keine Fehler gespeichert`,
    codes: `P0299|4563 @ Motor = stored
      P0234|4571 @ Motor = active`,
    modules: `Motor
      Getriebe`,
  },
  {
    name: 'a table with the status in two columns',
    text: `DTC      Description                    Present  Stored
P0113    Intake air temperature high    Yes      Yes
P0483    Fan performance                No       Yes`,
    codes: `P0113 @ - = active|stored
      P0483 @ - = stored|history|-`,
    modules: '',
  },
  {
    name: 'a report that was cut in the middle',
    text: `and 2 more)
Transmission
 P0868 Line pressure low, confirmed
Body
 B1601 Key not programmed, conf`,
    codes: `P0868 @ Transmission = stored|active
      B1601 @ Body = stored|active|-`,
    modules: `Transmission
      Body`,
  },
  {
    name: 'Polish',
    text: `Silnik: 1 błąd
P0234 Turbosprężarka, nadmierne doładowanie
ABS: brak błędów`,
    codes: `P0234 @ Silnik|- = -`,
    modules: `?Silnik
      ?ABS`,
  },
  {
    name: 'XML attributes over lines',
    text: `<scan>
 <ecu name="Engine">
  <fault code="P0409" state="active">EGR sensor A circuit</fault>
  <fault code="P0402" state="stored">EGR flow excessive</fault>
 </ecu>
 <ecu name="Airbag" answered="no"/>
</scan>`,
    codes: `P0409 @ Engine = active
      P0402 @ Engine = stored`,
    modules: `Engine
      ?!Airbag`,
  },
  {
    name: 'occurrence counters in a column without a head',
    text: `BCM
B10FF-31   Courtesy lamp output, no signal     7x   active
B1235-87   Rain sensor, missing message        1x   stored
PSM
no response`,
    codes: `B10FF-31 @ BCM = active
      B1235-87 @ BCM = stored`,
    modules: `BCM
      !PSM`,
  },
  {
    name: 'what the dealer printed',
    text: `Repair order 55123   Advisor: T. Olm   Technician: 14
Concern: stalls
Scanned: PCM - P0191, P0087 stored. TCM - pass. ABS - pass. Others pass.`,
    codes: `P0191 @ PCM = stored
      P0087 @ PCM = stored`,
    modules: `PCM
      TCM
      ABS`,
  },
  {
    name: 'freeze frame below each code',
    text: `P0302 Cylinder 2 misfire (stored)
 Freeze frame
  Engine speed    1420 rpm
  Load            61 %
  Coolant         88 °C
P0300 Random misfire (pending)`,
    codes: `P0302 @ - = stored
      P0300 @ - = pending`,
    modules: '',
    freeze: 3,
  },
  {
    name: 'electric car',
    text: `Battery management: P0AA6 isolation fault, current
On-board charger: P0D21 input voltage, history
Inverter: ok
Vehicle control: ok
DC-DC: not reached`,
    codes: `P0AA6 @ Battery management = active
      P0D21 @ On-board charger = history`,
    modules: `Battery management
      On-board charger
      Inverter
      Vehicle control
      !DC-DC`,
  },
  {
    name: 'monitors and a clean bill',
    text: `MIL off, no stored or pending codes.
Catalyst monitor: complete
EVAP monitor: incomplete`,
    codes: '',
    modules: '',
  },
];
