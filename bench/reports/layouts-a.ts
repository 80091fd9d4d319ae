import { pick } from '@/sim/random';
import { byUnit, dots, faultLines, pad, says, truthOf, valueLines, type Layout } from './kit';

/** Lists under headings, and tables. Tools, names and layouts are made up. */
export const LAYOUTS_A: readonly Layout[] = [
  {
    name: 'heading, indented list, status in brackets',
    print: (c, r) => ({
      text: byUnit(c, {
        codes: (u) => [u.name, ...faultLines(u, (f) => `  ${f.code}  ${f.text}  (${f.word})`)],
        clean: (u) => [`${u.name}: ${pick(r, says(c).none)}`],
        silent: (u) => [`${u.name}: ${pick(r, says(c).silent)}`],
      }).join('\n'),
      truth: truthOf(c),
    }),
  },
  {
    name: 'heading with a count after a dash',
    print: (c, r) => ({
      text: byUnit(c, {
        codes: (u) => [
          `${u.name} - ${says(c).count(u.faults.length)}`,
          ...faultLines(u, (f) => `${f.code} - ${f.text} - ${f.word}`),
        ],
        clean: (u) => [`${u.name} - ${pick(r, says(c).none)}`],
        silent: (u) => [`${u.name} - ${pick(r, says(c).silent)}`],
      }).join('\n'),
      truth: truthOf(c),
    }),
  },
  {
    name: 'pipes without a heading line',
    print: (c) => ({
      text: c.units
        .flatMap((u) => faultLines(u, (f) => `${u.name} | ${f.code} | ${f.text} | ${f.word}`))
        .join('\n'),
      truth: truthOf(c, { clean: false, silent: false }),
    }),
  },
  {
    name: 'box table with heads, one for the vehicle',
    print: (c) => {
      const rule =
        '+----------+------------------------------------------------------------------+----------------------+';
      return {
        text: [
          says(c).report,
          rule,
          `| ${pad(says(c).code, 8)} | ${pad(says(c).text, 64)} | ${pad(says(c).status, 20)} |`,
          rule,
          ...c.units.flatMap((u) =>
            faultLines(u, (f) => `| ${pad(f.code, 8)} | ${pad(f.text, 64)} | ${pad(f.word, 20)} |`),
          ),
          rule,
        ].join('\n'),
        truth: truthOf(c, { modules: false }),
      };
    },
  },
  {
    name: 'comma CSV with quoted wording',
    print: (c) => ({
      text: [
        `${says(c).module},${says(c).code},${says(c).text},${says(c).status},Count`,
        ...c.units.flatMap((u) =>
          u.state === 'clean'
            ? [`${u.name},,${says(c).none[0]},,`]
            : u.state === 'silent'
              ? [`${u.name},,${says(c).silent[0]},,`]
              : faultLines(u, (f) => `${u.name},${f.code},"${f.text}",${f.word},${f.count}`),
        ),
      ].join('\n'),
      truth: truthOf(c),
    }),
  },
  {
    name: 'semicolons, status before the wording',
    print: (c) => ({
      text: [
        `${says(c).code};${says(c).status};${says(c).text};${says(c).module}`,
        ...c.units.flatMap((u) => faultLines(u, (f) => `${f.code};${f.word};${f.text};${u.name}`)),
      ].join('\n'),
      truth: truthOf(c, { clean: false, silent: false }),
    }),
  },
  {
    name: 'tab-separated from a spreadsheet, module only in its first row',
    print: (c) => ({
      text: [
        [says(c).module, says(c).code, says(c).text, says(c).status].join('\t'),
        ...c.units.flatMap((u) =>
          faultLines(u, (f, i) => [i === 0 ? u.name : '', f.code, f.text, f.word].join('\t')),
        ),
      ].join('\n'),
      truth: truthOf(c, { clean: false, silent: false }),
    }),
  },
  {
    name: 'fixed columns, module code status wording',
    print: (c) => ({
      text: [
        pad(says(c).module, 34) + pad(says(c).code, 11) + pad(says(c).status, 34) + says(c).text,
        ...c.units.flatMap((u) =>
          faultLines(u, (f) => pad(u.name, 34) + pad(f.code, 11) + pad(f.word, 34) + f.text),
        ),
      ].join('\n'),
      truth: truthOf(c, { clean: false, silent: false }),
    }),
  },
  {
    name: 'dotted leaders with counts, codes below',
    print: (c, r) => ({
      text: byUnit(c, {
        codes: (u) => [
          `${dots(u.name, 44)} ${u.faults.length}`,
          ...faultLines(u, (f) => `   ${f.code}  ${dots(f.text, 70)} ${f.word}   x${f.count}`),
        ],
        clean: (u) => [`${dots(u.name, 44)} 0`],
        silent: (u) => [`${dots(u.name, 44)} ${pick(r, says(c).silent)}`],
      }).join('\n'),
      truth: truthOf(c),
    }),
  },
  {
    name: 'numbered list with total and end',
    languages: ['en'],
    print: (c) => {
      let n = 0;
      const total = c.units.reduce((s, u) => s + u.faults.length, 0);
      return {
        text: [
          `${total} trouble codes in ${c.units.length} systems`,
          ...byUnit(c, {
            codes: (u) => [u.name, ...faultLines(u, (f) => ` ${(n += 1)}) ${f.code} ${f.text} (${f.word})`)],
          }),
          'End of list',
        ].join('\n'),
        truth: truthOf(c, { clean: false, silent: false }),
      };
    },
  },
  {
    name: 'status on a line of its own with a label',
    print: (c) => ({
      text: byUnit(c, {
        codes: (u) => [
          `[${u.name.replace(/[[\]]/g, '')}]`,
          ...faultLines(u, (f) => [`${f.code} ${f.text}`, `   ${says(c).status}: ${f.word}`]),
        ],
        clean: (u) => [`[${u.name.replace(/[[\]]/g, '')}]`, `   ${says(c).none[0]}`],
        silent: (u) => [`[${u.name.replace(/[[\]]/g, '')}]`, `   ${says(c).silent[0]}`],
      }).join('\n'),
      truth: truthOf(c),
    }),
  },
  {
    name: 'label and value, each field on a line',
    print: (c) => ({
      text: c.units
        .flatMap((u) =>
          faultLines(u, (f) => [
            `${says(c).module}: ${u.name}`,
            `${says(c).code}: ${f.code}`,
            `${says(c).text}: ${f.text}`,
            `${says(c).status}: ${f.word}`,
            '',
          ]),
        )
        .join('\n'),
      truth: truthOf(c, { clean: false, silent: false }),
    }),
  },
  {
    name: 'label over value, from a phone',
    languages: ['en', 'de'],
    print: (c) => ({
      text: c.units
        .flatMap((u) =>
          faultLines(u, (f) => [
            ...[says(c).module, u.name, says(c).code, f.code, says(c).text, f.text, says(c).status, f.word],
          ]),
        )
        .join('\n'),
      truth: truthOf(c, { clean: false, silent: false }),
    }),
  },
  {
    name: 'wording wrapped over two lines, status on a third',
    print: (c) => ({
      text: byUnit(c, {
        codes: (u) => [
          u.name,
          ...faultLines(u, (f) => {
            const at = f.text.indexOf(' ', Math.floor(f.text.length / 2));
            return at < 0
              ? [`${f.code} ${f.text}`, f.word]
              : [`${f.code} ${f.text.slice(0, at)}`, f.text.slice(at + 1), f.word];
          }),
        ],
      }).join('\n'),
      truth: truthOf(c, { clean: false, silent: false }),
    }),
  },
  {
    name: 'grouped by kind of code, no modules',
    languages: ['en'],
    print: (c) => {
      const all = c.units.flatMap((u) => u.faults).filter((f) => /^P/.test(f.code));
      const kinds = [
        ['Confirmed codes', 'stored'],
        ['Pending codes', 'pending'],
        ['Permanent codes', 'permanent'],
      ] as const;
      const of = (i: number) => all.filter((_, k) => k % 3 === i);
      return {
        text: kinds
          .map(
            ([head], i) =>
              `${head}: ${
                of(i)
                  .map((f) => f.code)
                  .join(', ') || 'none'
              }`,
          )
          .join('\n'),
        truth: {
          codes: kinds.flatMap(([, status], i) =>
            of(i).map((f) => ({
              code: f.code,
              module: null,
              statuses: [status === 'stored' ? 'stored|active' : status],
              text: null,
            })),
          ),
          modules: [],
          live: [],
        },
      };
    },
  },
  {
    name: 'a line a module, codes one after the other',
    print: (c) => ({
      text: byUnit(c, {
        codes: (u) => [`${u.name}: ${u.faults.map((f) => f.code).join(', ')}`],
        clean: (u) => [`${u.name}: ${says(c).none[0]}`],
        silent: (u) => [`${u.name}: ${says(c).silent[0]}`],
      }).join('\n'),
      truth: truthOf(c, { status: false, text: false }),
    }),
  },
  {
    name: 'page footers within a module',
    languages: ['en', 'de'],
    print: (c) => {
      const lines = byUnit(c, {
        codes: (u) => [u.name, ...faultLines(u, (f) => `${pad(f.code, 10)}${pad(f.text, 68)}${f.word}`)],
        clean: (u) => [u.name, says(c).none[3] ?? says(c).none[0]!],
      });
      const half = Math.ceil(lines.length / 2);
      const page = (n: number) => (c.language === 'de' ? `Seite ${n} von 2` : `Page ${n} of 2`);
      return {
        text: [
          `${pad(says(c).report, 60)}${page(1)}`,
          ...lines.slice(0, half),
          `-- ${page(1)} -- ${c.date} --`,
          '\f',
          ...lines.slice(half),
          `-- ${page(2)} --`,
        ].join('\n'),
        truth: truthOf(c, { silent: false }),
      };
    },
  },
  {
    name: 'head of the report, then modules with counts in brackets',
    print: (c, r) => ({
      text: [
        `${says(c).report} ${c.date}`,
        c.vehicle,
        `VIN: ${c.vin}`,
        ...byUnit(c, {
          codes: (u) => [
            `${u.name} (${u.faults.length})`,
            ...faultLines(u, (f) => `  • ${f.code}: ${f.text} [${f.word}]`),
          ],
          clean: (u) => [`${u.name} (0)`],
          silent: (u) => [`${u.name} (${pick(r, says(c).silent)})`],
        }),
      ].join('\n'),
      truth: truthOf(c),
    }),
  },
  {
    name: 'live values before the codes',
    languages: ['en', 'de', 'fr'],
    print: (c) => ({
      text: [
        ...valueLines(c, (v) => `${v.name}: ${v.value} ${v.unit}`),
        '',
        ...byUnit(c, {
          codes: (u) => [u.name, ...faultLines(u, (f) => `${f.code}  ${f.text}  ${f.word}`)],
        }),
      ].join('\n'),
      truth: truthOf(c, { clean: false, silent: false, live: true }),
    }),
  },
  {
    name: 'live values after the codes, under a heading',
    languages: ['en', 'de'],
    print: (c) => ({
      text: [
        ...byUnit(c, {
          codes: (u) => [u.name, ...faultLines(u, (f) => `${f.code}  ${f.text}  ${f.word}`)],
        }),
        c.language === 'de' ? 'Messwerte' : 'Live data',
        ...valueLines(c, (v) => `${pad(v.name, 36)}${v.value} ${v.unit}`),
      ].join('\n'),
      truth: truthOf(c, { clean: false, silent: false, live: true }),
    }),
  },
  {
    name: 'tab-separated values, value and unit apart',
    print: (c) => ({
      text: valueLines(c, (v) => `${v.name}\t${v.value}\t${v.unit}`).join('\n'),
      truth: truthOf({ ...c, units: [] }, { live: true }),
    }),
  },
];
