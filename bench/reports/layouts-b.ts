import { pick } from '@/sim/random';
import { ACCEPTED } from './content';
import { byUnit, dots, faultLines, pad, says, truthOf, valueLines, type Layout } from './kit';

/** More layouts: what tools add around a code, and what they leave out. Made up as well. */
export const LAYOUTS_B: readonly Layout[] = [
  {
    name: 'status with a count behind it',
    languages: ['en'],
    print: (c, r) => ({
      text: byUnit(c, {
        codes: (u) => [
          `${u.name} ${u.faults.length} code${u.faults.length === 1 ? '' : 's'}`,
          ...faultLines(u, (f) => [`${f.code} ${f.text}`, `Status: ${f.word}   Count: ${f.count}`]),
        ],
        clean: (u) => [`${u.name}: ${pick(r, says(c).none)}`],
        silent: (u) => [`${u.name}: ${pick(r, says(c).silent)}`],
      }).join('\n'),
      truth: truthOf(c),
    }),
  },
  {
    name: 'first and last seen under each code',
    languages: ['en'],
    print: (c) => ({
      text: byUnit(c, {
        codes: (u) => [
          `== ${u.name} ==`,
          ...faultLines(u, (f) => [
            `${f.code}  ${f.text}  ${f.word}`,
            `    First seen: ${f.odometer} km   Last seen: ${f.odometer + 412} km   Occurrences: ${f.count}`,
          ]),
        ],
        clean: (u) => [`== ${u.name} ==`, 'No fault codes stored'],
      }).join('\n'),
      truth: truthOf(c, { silent: false }),
    }),
  },
  {
    name: 'maker’s number first, the standard code after it',
    languages: ['en', 'de'],
    print: (c, r) => ({
      text: byUnit(c, {
        codes: (u) => [
          u.name,
          ...faultLines(u, (f) => [
            `${10_000 + Math.floor(r() * 9000)} - ${f.text}`,
            `      ${f.code} - ${f.word}`,
          ]),
        ],
        clean: (u) => [u.name, `  ${says(c).none[0]}`],
      }).join('\n'),
      truth: truthOf(c, { silent: false, text: false }),
    }),
  },
  {
    name: 'maker’s hexadecimal numbers alone',
    languages: ['en', 'de'],
    print: (c, r) => {
      const number = new Map(
        c.units.flatMap((u) =>
          u.faults.map(
            (f) =>
              [
                f,
                `${pick(r, ['80', '48', 'D3', 'E0'])}${Math.floor(4096 + r() * 61_000)
                  .toString(16)
                  .toUpperCase()}`,
              ] as const,
          ),
        ),
      );
      const truth = truthOf(c);
      let n = 0;
      const flat = c.units.flatMap((u) => u.faults);
      return {
        text: byUnit(c, {
          codes: (u) => [
            u.name,
            ...faultLines(u, (f) => `  ${number.get(f)}  ${pad(f.text, 64)} (${f.word})`),
          ],
          clean: (u) => [`${u.name}: ${says(c).none[0]}`],
          silent: (u) => [`${u.name}: ${says(c).silent[0]}`],
        }).join('\n'),
        truth: { ...truth, codes: truth.codes.map((x) => ({ ...x, code: number.get(flat[n++]!)! })) },
      };
    },
  },
  {
    name: 'spaced and dashed codes',
    print: (c, r) => ({
      text: byUnit(c, {
        codes: (u) => [
          u.name,
          ...faultLines(u, (f) => {
            const way = r();
            const code =
              way < 0.4
                ? `${f.code[0]} ${f.code.slice(1)}`
                : way < 0.7
                  ? `${f.code.slice(0, 2)}-${f.code.slice(2)}`
                  : f.code.toLowerCase();
            return `${code}  ${f.text}  ${f.word}`;
          }),
        ],
      }).join('\n'),
      truth: truthOf(c, { clean: false, silent: false }),
    }),
  },
  {
    name: 'faults in words, without codes',
    languages: ['en'],
    print: (c) => {
      const faults = [
        ['Side stand switch', 'stored'],
        ['Throttle position sensor', 'active'],
        ['Fall detection sensor', 'history'],
        ['Exhaust valve actuator', 'stored'],
      ] as const;
      const mine = faults.slice(0, 2 + (c.units.length % 3));
      return {
        text: ['Stored faults', ...mine.map(([text, status]) => `${text} – ${status}`)].join('\n'),
        truth: {
          codes: mine.map(([text, status]) => ({
            code: text,
            module: null,
            statuses: [ACCEPTED[status]],
            text: null,
          })),
          modules: [],
          live: [],
        },
      };
    },
  },
  {
    name: 'codes mentioned in sentences and footers are not stored',
    languages: ['en'],
    print: (c) => ({
      text: [
        ...byUnit(c, {
          codes: (u) => [u.name, ...faultLines(u, (f) => `${f.code}  ${f.text}  ${f.word}`)],
          clean: (u) => [`${u.name}: no fault codes`],
        }),
        '',
        'Bulletin 24-117: engines with P0341 and rough idle, see the notes',
        'If P0011 returns after the update, replace the cam actuator.',
        'Customer asks about a P0128 he read somewhere.',
      ].join('\n'),
      truth: truthOf(c, { silent: false }),
    }),
  },
  {
    name: 'two languages at once',
    languages: ['de'],
    print: (c) => ({
      text: [
        'Fahrzeugbericht / Vehicle report',
        ...byUnit(c, {
          codes: (u) => [
            `${u.name}: ${u.faults.length} Fehler / fault${u.faults.length === 1 ? '' : 's'}`,
            ...faultLines(u, (f) => `${f.code} ${f.text}   ${f.word}`),
          ],
          clean: (u) => [`${u.name}: keine Fehler / no faults`],
          silent: (u) => [`${u.name}: keine Antwort / no response`],
        }),
      ].join('\n'),
      truth: truthOf(c),
    }),
  },
  {
    name: 'list of modules with a mark, then the codes of each',
    languages: ['en'],
    print: (c, r) => ({
      text: [
        'Systems',
        ...c.units.map(
          (u) =>
            `${dots(u.name, 40)} ${u.state === 'codes' ? `${u.faults.length} codes` : u.state === 'clean' ? pick(r, ['pass', 'OK', 'no codes']) : 'no response'}`,
        ),
        '',
        'Codes',
        ...byUnit(c, {
          codes: (u) => [u.name, ...faultLines(u, (f) => ` ${f.code} ${f.text} / ${f.word}`)],
        }),
      ].join('\n'),
      truth: truthOf(c),
    }),
  },
  {
    name: 'XML-like attributes',
    languages: ['en', 'de'],
    print: (c) => ({
      text: c.units
        .flatMap((u) =>
          faultLines(
            u,
            (f) =>
              `module="${u.name}" code="${f.code}" text="${f.text.replaceAll('"', '')}" status="${f.word}"`,
          ),
        )
        .join('\n'),
      truth: truthOf(c, { clean: false, silent: false }),
    }),
  },
  {
    name: 'code last in the line',
    print: (c) => ({
      text: byUnit(c, {
        codes: (u) => [`# ${u.name}`, ...faultLines(u, (f) => `${pad(f.text, 70)}${f.code}`)],
        clean: (u) => [`# ${u.name}`, says(c).none[0]!],
      }).join('\n'),
      truth: truthOf(c, { silent: false, status: false }),
    }),
  },
  {
    name: 'status first',
    print: (c) => ({
      text: byUnit(c, {
        codes: (u) => [`${u.name}:`, ...faultLines(u, (f) => `[${f.word}] ${f.code} ${f.text}`)],
        clean: (u) => [`${u.name}: ${says(c).none[0]}`],
        silent: (u) => [`${u.name}: ${says(c).silent[0]}`],
      }).join('\n'),
      truth: truthOf(c),
    }),
  },
  {
    name: 'key and value of the vehicle around it',
    print: (c) => ({
      text: [
        `Vehicle: ${c.vehicle}`,
        `VIN: ${c.vin}`,
        `Odometer: ${c.odometer}`,
        `Battery: ${c.battery}`,
        `Date: ${c.date}`,
        `Technician: R. Haller`,
        ...byUnit(c, {
          codes: (u) => [
            `${says(c).module}: ${u.name}`,
            ...faultLines(u, (f) => `- ${f.code}: ${f.text} (${f.word})`),
          ],
          clean: (u) => [`${says(c).module}: ${u.name}`, `- ${says(c).none[0]}`],
          silent: (u) => [`${says(c).module}: ${u.name}`, `- ${says(c).silent[0]}`],
        }),
        'Signature: ____________',
      ].join('\n'),
      truth: truthOf(c),
    }),
  },
  {
    name: 'status byte and hexadecimal beside the code',
    languages: ['en'],
    print: (c) => {
      const byte = {
        active: '2F',
        stored: '28',
        pending: '24',
        permanent: '28',
        intermittent: '28',
        history: '28',
        'not run': '50',
      };
      const truth = truthOf(c);
      return {
        text: byUnit(c, {
          codes: (u) => [
            u.name,
            ...faultLines(u, (f) => `  ${pad(f.code, 10)} 0x${byte[f.status]}  ${pad(f.word, 32)} ${f.text}`),
          ],
          clean: (u) => [u.name, '  no DTCs'],
          silent: (u) => [u.name, '  no response'],
        }).join('\n'),
        truth,
      };
    },
  },
  {
    name: 'columns without heads, counts and dates among them',
    print: (c, r) => ({
      text: byUnit(c, {
        codes: (u) => [
          u.name,
          ...faultLines(
            u,
            (f) =>
              `${pad(f.code, 10)}${pad(String(f.count), 5)}${pad(`${1 + Math.floor(r() * 27)}.02.2026`, 13)}${pad(f.word, 34)}${f.text}`,
          ),
        ],
        clean: (u) => [u.name, says(c).none[0]!],
      }).join('\n'),
      truth: truthOf(c, { silent: false }),
    }),
  },
  {
    name: 'module at the end of each line',
    print: (c) => ({
      text: c.units
        .flatMap((u) => faultLines(u, (f) => `${f.code}\t${f.text}\t${f.word}\t${u.name}`))
        .join('\n'),
      truth: truthOf(c, { clean: false, silent: false }),
    }),
  },
  {
    name: 'freeze frame said, live values said',
    languages: ['en'],
    print: (c) => ({
      text: [
        ...byUnit(c, {
          codes: (u) => [u.name, ...faultLines(u, (f) => [`${f.code} ${f.text} (${f.word})`])],
        }),
        'Current data',
        ...valueLines(c, (v) => `  ${v.name} = ${v.value} ${v.unit}`),
      ].join('\n'),
      truth: truthOf(c, { clean: false, silent: false, live: true }),
    }),
  },
  {
    name: 'values in a table with heads',
    languages: ['en', 'de'],
    print: (c) => ({
      text: [
        c.language === 'de' ? 'Messwert;Wert;Einheit' : 'Name;Value;Unit',
        ...valueLines(c, (v) => `${v.name};${v.value};${v.unit}`),
      ].join('\n'),
      truth: truthOf({ ...c, units: [] }, { live: true }),
    }),
  },
  {
    name: 'upper case throughout',
    print: (c) => ({
      text: byUnit(c, {
        codes: (u) => [u.name, ...faultLines(u, (f) => `${f.code} ${f.text} ... ${f.word}`)],
        clean: (u) => [u.name, says(c).none[0]!],
        silent: (u) => [u.name, says(c).silent[0]!],
      })
        .join('\n')
        .toUpperCase(),
      truth: truthOf(c),
    }),
  },
  {
    name: 'truck: suspect parameter and failure mode numbers',
    languages: ['en', 'de'],
    print: (c, r) => {
      const truth = truthOf(c);
      const numbers = c.units
        .flatMap((u) => u.faults)
        .map(() => [90 + Math.floor(r() * 5000), Math.floor(r() * 20)] as const);
      let n = 0;
      let k = 0;
      return {
        text: byUnit(c, {
          codes: (u) => [
            u.name,
            ...faultLines(u, (f) => `SPN ${numbers[n]![0]} FMI ${numbers[n++]![1]}  ${f.text}  ${f.word}`),
          ],
          clean: (u) => [`${u.name}: ${says(c).none[0]}`],
        }).join('\n'),
        truth: {
          ...truth,
          modules: truth.modules.filter((m) => m.answered),
          codes: truth.codes.map((x) => ({ ...x, code: `SPN ${numbers[k]![0]} FMI ${numbers[k++]![1]}` })),
        },
      };
    },
  },
  {
    name: 'headings alone, silent ones listed at the end',
    languages: ['en', 'de'],
    print: (c) => ({
      text: [
        ...byUnit(c, {
          codes: (u) => [u.name, ...faultLines(u, (f) => `${f.code} ${f.text}, ${f.word}`)],
        }),
        ...(c.units.some((u) => u.state === 'silent')
          ? [
              c.language === 'de' ? 'Keine Antwort:' : 'No response:',
              ...c.units.filter((u) => u.state === 'silent').map((u) => `- ${u.name}`),
            ]
          : []),
      ].join('\n'),
      truth: truthOf(c, { clean: false }),
    }),
  },
];
