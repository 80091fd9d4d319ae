import { circuitOf } from './dictionary';
import type { CodeFacts, TriageFacts, TriageRule } from './triage-types';

/** The rules of triage, each with a name, its say and its reason. Common practice, no source. */

const CIRCUIT_KINDS = new Set(['circuit', 'circuit open', 'circuit low', 'circuit high']);
const isCircuit = (c: CodeFacts) => CIRCUIT_KINDS.has(c.kind);
const has = (all: TriageFacts, pattern: RegExp, except?: CodeFacts) =>
  all.codes.find((c) => c !== except && pattern.test(c.base));
const back = (c: CodeFacts) => c.course.startsWith('returned') || c.course === 'intermittent';
const live = (c: CodeFacts) => c.statuses.some((s) => s === 'active' || s === 'permanent') || back(c);
/** Seen not to be there now: away after a clear without a repair, or listed by the tool as past only. */
const stale = (c: CodeFacts) =>
  c.course === 'did not return' ||
  (!live(c) && c.statuses.length > 0 && c.statuses.every((s) => s === 'history' || s === 'not run'));
const cylinderOf = (c: CodeFacts) => /cylinder (\d+)/i.exec(c.text)?.[1];

/** A 12 V system that is charged reads at least this, in volts, one of 24 V twice as much. Common practice, no source. */
const CHARGING = 13.2;
/** No 12 V system that is in order reads more, no 24 V system that starts reads less. */
const OF_24_VOLTS = 17;
/** Below this a battery at rest is nearly empty. Common practice, no source. */
const LOW = 11.9;
const cells = (volts: number) => (volts > OF_24_VOLTS ? 2 : 1);
const isLow = (volts: number) => volts < cells(volts) * LOW;
const isCharging = (volts: number) => volts >= cells(volts) * CHARGING;

/** Words that name the module a network code is about, with the words that module is called by. */
const TARGETS: readonly [RegExp, RegExp][] = [
  [/U0(100|401|105)/, /engine|ecm|pcm|motor/i],
  [/U0(101|402|103|404)/, /transmission|gearbox|tcm|tcu|getriebe/i],
  [/U0(121|415|122|416|129|418)/, /abs|brake|esp|stability|dynamics/i],
  [/U0(126|428|212|429)/, /steering angle|column/i],
  [/U0(131|420)/, /power steering|eps|steering/i],
  [/U0(140|141|142|422)/, /body|bcm/i],
  [/U0(146|447)/, /gateway/i],
  [/U0(151|452)/, /airbag|restraint|srs/i],
  [/U0(155|423)/, /cluster|instrument|ipc/i],
  [/U0(164|424)/, /climate|hvac|air condition/i],
  [/U0(167|426|168)/, /immobili|security/i],
  [/U0(184)/, /radio|audio/i],
  [/U0(109)/, /fuel pump/i],
  [/U0(110|111|293)/, /hybrid|battery|inverter|drive motor/i],
  [/U0(235)/, /radar|distance/i],
];
const targetOf = (c: CodeFacts) => TARGETS.find(([code]) => code.test(c.base))?.[1];

/** Which codes belong to which area of a complaint; an area that is not listed takes any code. */
const AREA_CODES: Record<string, RegExp> = {
  starting: /^(P0(?![ABC])|P1|P2|P3|U|B2799)/,
  running: /^(P0(?![789ABC])|P1|P2|P3|U01|U04)/,
  smoke: /^(P0(?![789ABC])|P1|P2)/,
  emissions: /^(P0(?![789ABC])|P1|P2)/,
  cooling: /^(P00|P01|P02|P04|P05|P06|P1|P2|P34)/,
  transmission: /^(P07|P08|P09|P1|P26|P27|P28|U01|U04)/,
  brakes: /^(C|U01|U04|P057|P050)/,
  chassis: /^(C|U01|U04)/,
  comfort: /^(B|U|C|P053|P064)/,
  hybrid: /^(P0[ABC]|P1|P3|U0)/,
};
/** Seen to be of the complaint's area; an area whose codes nobody listed says nothing. */
const ofComplaint = (c: CodeFacts, all: TriageFacts) =>
  all.areas.some((a) => AREA_CODES[a]?.test(c.base) ?? false);
const inside = (c: CodeFacts, all: TriageFacts) =>
  all.areas.length === 0 ||
  !/^[PCBU]\d/.test(c.base) ||
  all.areas.some((a) => AREA_CODES[a]?.test(c.base) ?? true);

export const RULES: readonly TriageRule[] = [
  {
    name: 'gone after the clear',
    say: 100,
    speak: (c) =>
      c.course === 'did not return'
        ? { role: 'leftover', because: c.courseBecause || 'Cleared without a repair, and it did not return.' }
        : undefined,
  },
  {
    name: 'module’s own word',
    say: 96,
    speak(c, all) {
      if (c.kind !== 'communication' && c.kind !== 'data invalid') return undefined;
      const target = targetOf(c);
      const own =
        target &&
        all.codes.find(
          (x) =>
            x !== c &&
            !x.base.startsWith('U') &&
            !stale(x) &&
            x.modules.some((m) => target.test(m)) &&
            x.kind !== 'communication',
        );
      return own
        ? { role: 'knock-on', because: `Speaks of a module that has a fault of its own: ${own.code}.` }
        : undefined;
    },
  },
  {
    name: 'silent module',
    say: 94,
    speak(c, all) {
      const target = targetOf(c);
      const silent = target && all.silent.find((m) => target.test(m));
      if (!silent) return undefined;
      if (c.kind === 'data invalid')
        return { role: 'knock-on', because: `${silent} does not answer, so its data is missing.` };
      return {
        role: 'chase',
        because: `Points at ${silent}, which does not answer: feed, ground and bus there first.`,
      };
    },
  },
  {
    name: 'voltage event',
    say: 92,
    speak(c, all) {
      const voltage = all.codes.find((x) => x.kind === 'voltage');
      const low = all.battery !== null && isLow(all.battery);
      if (c.kind === 'voltage') {
        if (live(c))
          return {
            role: 'chase',
            because: 'The supply is wrong now; nothing else can be believed until it is right.',
          };
        if (low) return { role: 'chase', because: `Battery at ${all.battery} V.` };
        if (stale(c))
          return { role: 'leftover', because: 'A voltage event that the tool lists as past only.' };
        // Only a voltage read while it charges says that the supply is right.
        return all.battery !== null && isCharging(all.battery)
          ? {
              role: 'leftover',
              because: `A past voltage event: it charged at ${all.battery} V in the scans.`,
            }
          : {
              role: 'unsorted',
              because:
                'A voltage event; whether it is over is not told. The battery voltage with the engine running would tell.',
            };
      }
      const dead = all.codes.filter((x) => !live(x) && x.statuses.length > 0);
      const modules = new Set(all.codes.flatMap((x) => x.modules));
      const scattered = all.codes.length >= 4 && dead.length === all.codes.length && modules.size >= 3;
      return (voltage || low) && scattered && !inComplaintAlone(c, all)
        ? {
            role: 'leftover',
            because: 'Stored codes scattered over unrelated modules and none active: one voltage event.',
          }
        : undefined;
    },
  },
  {
    name: 'shared supply',
    say: 90,
    speak(c, all) {
      const supply = has(all, /^P06(41|42|43|51|52|53|97|98|99)$/);
      const sensors = all.codes.filter(
        (x) =>
          (x.kind === 'circuit low' || x.kind === 'circuit open') &&
          /sensor/i.test(x.text) &&
          !/heater|supply/i.test(x.text),
      );
      if (supply === c && sensors.length > 0)
        return { role: 'chase', because: `${sensors.length} sensors on this supply read low.` };
      if (supply && supply !== c && sensors.includes(c))
        return { role: 'knock-on', because: `Reads low because its supply does: ${supply.code}.` };
      return undefined;
    },
  },
  {
    name: 'past and not active',
    say: 88,
    speak(c, all) {
      if (!stale(c) || !all.codes.some((x) => !stale(x))) return undefined;
      // A fault that comes and goes is in the history most of the time.
      return all.intermittent && ofComplaint(c, all)
        ? {
            role: 'unsorted',
            because: 'Only in the history, but the complaint comes and goes and is of its area.',
          }
        : { role: 'leftover', because: 'The tool lists it as past only, while others stand now.' };
    },
  },
  {
    name: 'circuit before range',
    say: 84,
    speak(c, all) {
      if (c.kind !== 'range or performance' && c.kind !== 'intermittent') return undefined;
      const circuit = circuitOf(c.base);
      const first =
        circuit &&
        all.codes.find((x) => x !== c && isCircuit(x) && circuit.codes.includes(x.base) && !stale(x));
      return first
        ? {
            role: 'knock-on',
            because: `A value cannot be judged while its circuit is faulty: ${first.code} first.`,
          }
        : undefined;
    },
  },
  {
    name: 'correlation needs both signals',
    say: 82,
    speak(c, all) {
      if (!/correlation/i.test(c.text)) return undefined;
      const about = /cam|crank/i.test(c.text) ? /cam|crank/i : /throttle|pedal/i;
      const signal = all.codes.find(
        (x) =>
          x !== c &&
          isCircuit(x) &&
          about.test(x.text) &&
          !/solenoid|phaser|motor/i.test(x.text) &&
          !stale(x),
      );
      return signal
        ? { role: 'knock-on', because: `Compares two signals of which one is faulty: ${signal.code}.` }
        : undefined;
    },
  },
  {
    name: 'coil or injector before misfire',
    say: 80,
    speak(c, all) {
      if (c.kind !== 'misfire') return undefined;
      const cylinder = cylinderOf(c);
      const part = all.codes.find(
        (x) =>
          isCircuit(x) &&
          /injector|ignition coil/i.test(x.text) &&
          !stale(x) &&
          (cylinder === undefined || cylinderOf(x) === cylinder),
      );
      return part
        ? { role: 'knock-on', because: `Its own coil or injector has a circuit fault: ${part.code}.` }
        : undefined;
    },
  },
  {
    name: 'named cylinder before random',
    say: 78,
    speak(c, all) {
      if (!/^P03(00|14)$/.test(c.base)) return undefined;
      const named = all.codes.filter((x) => /^P03(0[1-9]|1[0-2])$/.test(x.base) && !stale(x));
      return named.length > 0 && named.length <= 2
        ? { role: 'knock-on', because: `The cylinder is named: ${named.map((n) => n.code).join(', ')}.` }
        : undefined;
    },
  },
  {
    name: 'mixture or air before misfire',
    say: 76,
    speak(c, all) {
      if (c.base !== 'P0300' && c.base !== 'P0316') return undefined;
      const why = all.codes.find(
        (x) => (x.kind === 'mixture' || /^P0(08[78]|10[0-4])$/.test(x.base)) && !stale(x),
      );
      return why
        ? { role: 'knock-on', because: `Misfires on no particular cylinder follow from ${why.code}.` }
        : undefined;
    },
  },
  {
    name: 'catalyst after misfire or mixture',
    say: 74,
    speak(c, all) {
      if (!/^P0(42|43)\d$/.test(c.base)) return undefined;
      const why = all.codes.find(
        (x) =>
          (x.kind === 'misfire' ||
            x.kind === 'mixture' ||
            (isCircuit(x) && /oxygen sensor|air-fuel/i.test(x.text))) &&
          !stale(x),
      );
      return why
        ? { role: 'knock-on', because: `No catalyst can be judged while ${why.code} stands.` }
        : undefined;
    },
  },
  {
    name: 'breathing',
    say: 72,
    speak(c, all) {
      const follows: readonly [RegExp, RegExp, string][] = [
        // effect, cause, why
        [
          /^P0(17[1-5]|300)$|^P21(7|8)\d$/,
          /^P0(10[0-4]|08[79]|13[0-4]|15[0-4])$/,
          'the mixture follows from air or fuel that is measured or delivered wrongly',
        ],
        [
          /^P050[67]$/,
          /^P0(17[14]|12[0-4]|638)$|^P2279$|^P21(01|19|35)$/,
          'idle speed follows from air that nobody measured',
        ],
        [
          /^P0(10[01]|40[01]|068|069)$|^P24(63|58|59)$|^P2002$/,
          /^P0(299|234)$|^P226[23]$/,
          'air and soot follow from missing boost',
        ],
        [
          /^P0(299|234)$|^P2263$/,
          /^P0(045|046|047|048|24[3-6]|23[5-8])$|^P256[2-6]$|^P0033$/,
          'boost follows from its control or its sensor',
        ],
        [
          /^P24(63|58|59)$|^P2002$/,
          /^P245[2-6]$|^P0(40[1-9]|54[4-9])$|^P203[1-6]$/,
          'soot is reckoned from a value that is wrong, or burnt off too seldom',
        ],
        [/^P0172$|^P0175$/, /^P0(44[13]|458|459|496)$/, 'vapour makes the mixture rich'],
        [
          /^P0101$|^P0106$|^P0068$/,
          /^P0(121|122|123|12[0-4]|40[24])$|^P2(101|119)$/,
          'air is compared with a throttle that is not where it says',
        ],
        [
          /^P0(087|191)$|^P229[0-9]$/,
          /^P0(00[1-4]|090|091|092|23[0-3]|627|628|629|19[023])$/,
          'fuel pressure follows from its supply, its valve or its sensor',
        ],
        [/^P0128$/, /^P011[5-9]$/, 'warm-up is judged by a sensor that is faulty'],
        [/^P0(70[0-2])$/, /^P0(7(?!0[0-2])|8)\d\d$/, 'only asks for the lamp on behalf of the other'],
        [
          /^P07(3[0-6]|29|4[01])$|^P0894$/,
          /^P0(74[5-9]|75\d|76\d|77\d|71[5-8]|72[0-3]|868)$/,
          'ratio or slip follows from a solenoid or speed sensor',
        ],
        [
          /^P2(104|106|110|107|118)$/,
          /^P2(1[0-3]\d|100|101|102|103)$|^P012\d$|^P022\d$/,
          'the throttle went into its fallback because of the other',
        ],
        [/^P0A(7F|80|7E)$/, /^P0A(81|82|93)$/, 'the battery is hot or spread because its cooling is missing'],
        [/^P0(A93|A78|A3F)$/, /^P0A0[89D]$/, 'follows from the supply of the drive'],
        [
          /^C05\d\d$|^C1\d\d\d$/,
          /^C00(35|36|40|41|45|46|50|51)$/,
          'the stability system switches off without that wheel speed',
        ],
        [/^P050[0-3]$/, /^C00(35|40|45|50)$|^U0121$/, 'vehicle speed comes from the wheels'],
        [
          /^P0(446|44[0-2]|455|456|457)$/,
          /^P0(447|448|449|498|499|443|458|459)$/,
          'a leak test needs valves that can be driven',
        ],
        [
          /^P0(16|17|18|19)$|^P00(11|12|14|15|21|22|24|25)$/,
          /^P00(10|13|20|23)$|^P20(88|89|9\d)$/,
          'the cam cannot go where it is sent while its solenoid circuit is faulty',
        ],
      ];
      for (const [effect, cause, why] of follows) {
        if (!effect.test(c.base)) continue;
        const first = all.codes.find(
          (x) =>
            x !== c &&
            cause.test(x.base) &&
            !effect.test(x.base) &&
            !stale(x) &&
            x.course !== 'did not return',
        );
        if (first) return { role: 'knock-on', because: `Behind ${first.code}: ${why}.` };
      }
      return undefined;
    },
  },
  {
    name: 'invalid data of an unnamed sender',
    say: 70,
    speak(c, all) {
      if (c.kind !== 'data invalid' || targetOf(c)) return undefined;
      return all.codes.some((x) => x !== c && !x.base.startsWith('U') && !stale(x))
        ? {
            role: 'unsorted',
            because:
              'It passes on what another module sends, and does not name which; settle the others first.',
          }
        : undefined;
    },
  },
  {
    name: 'immobiliser tells the engine',
    say: 69,
    speak(c, all) {
      if (!/immobili/i.test(c.text) || !/^P/.test(c.base)) return undefined;
      const own = all.codes.find(
        (x) => x !== c && /^B/.test(x.base) && /immobili|antenna|key|transponder/i.test(x.text),
      );
      return own
        ? { role: 'knock-on', because: `The engine module only repeats what it is not told: ${own.code}.` }
        : undefined;
    },
  },
  {
    name: 'not this complaint',
    say: 60,
    speak: (c, all) =>
      inside(c, all)
        ? undefined
        : {
            role: 'aside',
            because: `Nothing of the complaint (${all.areas.join(', ')}) hangs on it; real, but another matter.`,
          },
  },
  {
    name: 'of the complaint',
    say: 10,
    speak(c, all) {
      if (!ofComplaint(c, all)) return undefined;
      const alike = all.codes.filter((x) => !stale(x) && ofComplaint(x, all));
      if (alike.length > 3 && !back(c)) return undefined;
      const returns = c.course === 'intermittent' ? 'comes and goes' : c.course;
      return {
        role: 'chase',
        because: `It ${back(c) ? returns : 'stands'}, is of the complaint’s area (${all.areas.join(', ')}), and nothing else on the case explains it.`,
      };
    },
  },
];

/** The only live-looking code of the complaint's own area is not swept away with the others. */
function inComplaintAlone(c: CodeFacts, all: TriageFacts): boolean {
  if (all.areas.length === 0 || !inside(c, all)) return false;
  return (
    !stale(c) && all.codes.filter((x) => inside(x, all) && !stale(x) && x.kind !== 'voltage').length === 1
  );
}
