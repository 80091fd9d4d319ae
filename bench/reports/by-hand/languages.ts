import type { HandReport } from './kit';

/** Reports in other languages and a second-language English: typed by hand, before the reader was asked. */
export const LANGUAGES: readonly HandReport[] = [
  {
    name: 'German, entries counted',
    text: `Steuergerät: Motorelektronik
Fehlerspeicher: 2 Einträge
P0401 AGR-Durchfluss zu gering - aktuell vorhanden
P2002 Partikelfilter Wirkungsgrad - nicht aktuell vorhanden, gespeichert
Steuergerät: Bremsen
Fehlerspeicher: 0 Einträge
Steuergerät: Anhänger
Steuergerät antwortet nicht`,
    codes: `P0401 @ Motorelektronik = active
      P2002 @ Motorelektronik = stored|history`,
    modules: `Motorelektronik
      Bremsen
      !Anhänger`,
  },
  {
    name: 'French, present and stored in sections',
    text: `Calculateur moteur
Défauts présents (1)
P0380 Circuit de préchauffage
Défauts mémorisés (2)
P0236 Capteur de pression de suralimentation
P2263 Suralimentation, performance
Calculateur ABS
Aucun défaut`,
    codes: `P0380 @ Calculateur moteur|moteur = active
      P0236 @ Calculateur moteur|moteur = stored|history
      P2263 @ Calculateur moteur|moteur = stored|history`,
    modules: `Calculateur moteur|moteur
      Calculateur ABS|ABS`,
  },
  {
    name: 'Italian',
    text: `Centralina motore: 2 errori
 P0089 Regolatore pressione carburante, prestazioni   attivo
 P0251 Pompa di iniezione, circuito                   memorizzato
Centralina airbag: nessun errore
Centralina clima: nessuna risposta`,
    codes: `P0089 @ Centralina motore|motore = active
      P0251 @ Centralina motore|motore = stored`,
    modules: `Centralina motore|motore
      Centralina airbag|airbag
      !Centralina clima|clima`,
  },
  {
    name: 'Dutch',
    text: `Motor
P0299 Turbodruk te laag - actief
P0101 Luchtmassameter - opgeslagen
Versnellingsbak
Geen storingen
Stuurbekrachtiging
Geen communicatie`,
    codes: `P0299 @ Motor = active
      P0101 @ Motor = stored`,
    modules: `Motor
      Versnellingsbak
      !Stuurbekrachtiging`,
  },
  {
    name: 'Spanish, semicolons',
    text: `Módulo;Código;Descripción;Estado
Motor;P0335;Sensor de posición del cigüeñal;actual
Motor;P0016;Correlación cigüeñal-árbol de levas;intermitente
ABS;;;sin códigos`,
    codes: `P0335 @ Motor = active
      P0016 @ Motor = intermittent`,
    modules: `Motor
      ABS`,
  },
  {
    name: 'a German’s English',
    text: `Engine control unit - 2 errors in memory
P0073 Outside temperature sensor, interruption - error actual present
P0597 Thermostat heating - error not actual, is saved
Brake electronic - no error saved
Parking aid - control unit gives no answer`,
    codes: `P0073 @ Engine control unit = active
      P0597 @ Engine control unit = stored|history`,
    modules: `Engine control unit
      Brake electronic
      !Parking aid`,
  },
  {
    name: 'German, sporadic and static',
    text: `01 Motor
  P2015 Saugrohrklappe, Potentiometer   sporadisch   Häufigkeit 4   bei 98.221 km
03 Bremsen
  C1041 Drehzahlfühler hinten links     statisch     Häufigkeit 1   bei 101.003 km
08 Klima
  kein Fehler`,
    codes: `P2015 @ 01 Motor|Motor = intermittent
      C1041 @ 03 Bremsen|Bremsen = active`,
    modules: `01 Motor|Motor
      03 Bremsen|Bremsen
      08 Klima|Klima`,
  },
  {
    name: 'French with a table copied loose',
    text: `Code\tLibellé\tÉtat\tOccurrences
P0544\tSonde température échappement\tPermanent\t12
P1435\tVanne de dosage\tFugitif\t2`,
    codes: `P0544 @ - = active|permanent
      P1435 @ - = intermittent`,
    modules: '',
  },
];
