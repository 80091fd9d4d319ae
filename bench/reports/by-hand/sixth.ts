import type { HandReport } from './kit';

/** A sixth set, typed in three goes of twelve, each before the reader was asked and opened once it had answered: the first of them. */
export const SIXTH: readonly HandReport[] = [
  {
    name: 'overview, then details in English units',
    text: `VEHICLE HEALTH CHECK                                      Page 1 of 2
Licence: KX62 ABC   Mileage: 84,211 miles   Date 14/11/2026 09:12
--------------------------------------------------------------
SYSTEM                      STATUS            FAULTS
Engine management           FAULT             2
Transmission                OK                0
ABS/ESP                     FAULT             1
Airbag                      NO RESPONSE       -
Body control                OK                0
--------------------------------------------------------------
DETAILS
Engine management
  P0299:00  Turbocharger/supercharger underboost
            Test failed at time of request, confirmed DTC
            First occurrence 83,900 mi   Last 84,190 mi   Occurrences 14
  P2263:00  Turbo boost system performance
            Confirmed DTC
ABS/ESP
  C0040:64  RF wheel speed sensor - signal plausibility failure
            Pending`,
    codes: `P0299-00 @ Engine management = active|stored
      P2263-00 @ Engine management = stored
      C0040-64 @ ABS/ESP = pending`,
    modules: `Engine management
      Transmission
      ABS/ESP
      !Airbag
      Body control`,
  },
  {
    name: 'a message about a small tool',
    text: `hi mate, scanned it with my little dongle thing, it says
P0171 System too lean (bank 1)
P0300 random misfire
thats on the engine. abs shows nothing. airbag it couldnt connect to. Cleared both and p0300 came straight back
cheers`,
    codes: `P0171 @ -|engine = -
      P0300 @ -|engine = -|active`,
    modules: `?engine
      ?abs
      ?!airbag`,
  },
  {
    name: 'German, status and counters below, dashes between',
    text: `Steuergerät: 01-Motorelektronik
2 Fehlercodes gefunden:
P0401 - AGR-System: Durchsatz zu gering
  Sporadisch - Prioritaet: 2 - Zähler: 5 - Km-Stand: 143210
P2413 - AGR-System: Fehlfunktion
  Statisch
Steuergerät: 03-Bremsenelektronik
Kein Fehlercode gefunden.
Steuergerät: 15-Airbag
Keine Verbindung`,
    codes: `P0401 @ 01-Motorelektronik = intermittent
      P2413 @ 01-Motorelektronik = active`,
    modules: `01-Motorelektronik
      03-Bremsenelektronik
      !15-Airbag`,
  },
  {
    name: 'JSON with keys of its own',
    text: `{"vehicle":{"odo_km":120331},"ecus":[{"name":"ECM","dtcs":[{"id":"P0131","desc":"O2 sensor low voltage B1S1","state":"active"},{"id":"P0420","desc":"Catalyst efficiency","state":"memory"}]},{"name":"TCM","dtcs":[]},{"name":"BCM","error":"timeout"}]}`,
    codes: `P0131 @ ECM = active
      P0420 @ ECM = stored`,
    modules: `ECM
      TCM
      !BCM`,
  },
  {
    name: 'semicolons, German',
    text: `Code;Ecu;Beschreibung;Status;Haeufigkeit
P0234;Motor;Ladedruck zu hoch;aktiv;3
P0299;Motor;Ladedruck zu niedrig;gespeichert;1
;Getriebe;kein Fehler;;
;Airbag;nicht erreichbar;;`,
    codes: `P0234 @ Motor = active
      P0299 @ Motor = stored`,
    modules: `Motor
      Getriebe
      !Airbag`,
  },
  {
    name: 'generic tool, one line a list',
    text: `MIL: ON    DTC count: 3
Stored DTCs: P0133 P0171 P0174
Pending DTCs: P0171
Permanent DTCs: P0133
Freeze frame (P0171): RPM 756, ECT 88 C, LOAD 21.9 %, STFT1 +18.8 %, LTFT1 +14.1 %, VSS 0 km/h
Readiness: CAT incomplete, EVAP incomplete, O2S complete, EGR complete`,
    codes: `P0133 @ - = stored
      P0171 @ - = stored
      P0174 @ - = stored
      P0171 @ - = pending
      P0133 @ - = permanent`,
    modules: ``,
  },
  {
    name: 'heavy vehicle, the inactive ones under a word',
    text: `DIAGNOSTIC TROUBLE CODES
SPN   FMI  OC   Lamp   Description
3226  4    12   AWL    Aftertreatment 1 outlet NOx voltage below normal
5394  5    3    RSL    DEF dosing valve current below normal
SA: 0 (Engine #1)
Inactive
SPN   FMI  OC
110   16   1`,
    codes: `SPN 3226 FMI 4 @ -|Engine|Engine #1 = -
      SPN 5394 FMI 5 @ -|Engine|Engine #1 = -
      SPN 110 FMI 16 @ -|Engine|Engine #1 = history`,
    modules: `?Engine`,
  },
  {
    name: 'raw answers of the bus',
    text: `Read DTC by status mask FF  (UDS 19 02)
ECU 7E8 : 59 02 FF 01 71 00 2F 03 00 00 28
ECU 7E9 : 59 02 FF
ECU 7EA : no response`,
    codes: ``,
    modules: `?ECU 7E8
      ?ECU 7E9
      !ECU 7EA`,
  },
  {
    name: 'motorcycle, short codes under titles',
    text: `*** Motorcycle ***
Current malfunctions:
 - C12 Throttle position sensor
Past malfunctions:
 - C21 Engine temp sensor
 - C42 Speed sensor
ABS: b1 front wheel sensor`,
    codes: `C12 @ - = active
      C21 @ - = history
      C42 @ - = history`,
    modules: `?ABS`,
  },
  {
    name: 'overview with the codes between its rows',
    text: `Module Present? Codes
PCM yes 1
P0340 Camshaft Position Sensor "A" Circuit Bank 1 or Single Sensor   CMDTC
TCM yes 0
RCM yes 2
B0001 Driver Frontal Stage 1 Deployment Control   Open   Current
B0028 Right Side Airbag Deployment Control   History
IPC no -`,
    codes: `P0340 @ PCM = -|stored
      B0001 @ RCM = active
      B0028 @ RCM = history`,
    modules: `PCM
      TCM
      RCM`,
  },
  {
    name: 'live values and no code',
    text: `Engine
Live Data
Coolant temp  92 °C
Intake air temp  31 °C
MAF  4.1 g/s
STFT B1  +2.3 %
LTFT B1  +21.1 %
O2 B1S1  0.10 V
Fuel rail pressure  3.4 bar
DTC: none`,
    codes: ``,
    modules: `?Engine`,
    live: `Coolant temp = 92 °C
      Intake air temp = 31 °C
      MAF = 4.1 g/s
      STFT B1 = +2.3 %
      LTFT B1 = +21.1 %
      O2 B1S1 = 0.10 V
      Fuel rail pressure = 3.4 bar`,
  },
  {
    name: 'French, the standard code in brackets behind',
    text: `Rapport de diagnostic
Calculateur moteur : 2 défauts
  DF053 - Régulation pression rail (P0089)  Présent
  DF018 - Capteur débit air  Mémorisé
Calculateur ABS : aucun défaut
Airbag : pas de communication`,
    codes: `P0089|DF053 @ Calculateur moteur = active
      DF018 @ Calculateur moteur = stored`,
    modules: `Calculateur moteur
      Calculateur ABS
      !Airbag`,
  },
];
