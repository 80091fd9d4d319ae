import { pick } from '@/sim/random';
import { ACCEPTED } from './content';
import { byUnit, faultLines, pad, says, truthOf, valueLines, type Layout } from './kit';

/** Written after the reader had been mended on the others; their first figures stand in the README of the bench. */
export const LAYOUTS_C: readonly Layout[] = [
  {
    name: 'HTML table off the clipboard',
    print: (c) => ({
      text: `<html><body><table><tr><th>${says(c).module}</th><th>${says(c).code}</th><th>${says(c).text}</th><th>${says(c).status}</th></tr>${c.units
        .flatMap((u) =>
          faultLines(
            u,
            (f) => `<tr><td>${u.name}</td><td><b>${f.code}</b></td><td>${f.text}</td><td>${f.word}</td></tr>`,
          ),
        )
        .join('\n')}</table></body></html>`,
      truth: truthOf(c, { clean: false, silent: false }),
    }),
  },
  {
    name: 'Markdown table',
    print: (c) => ({
      text: [
        `| ${says(c).module} | ${says(c).code} | ${says(c).text} | ${says(c).status} |`,
        '|---|---|---|---|',
        ...c.units.flatMap((u) => faultLines(u, (f) => `| ${u.name} | ${f.code} | ${f.text} | ${f.word} |`)),
      ].join('\n'),
      truth: truthOf(c, { clean: false, silent: false }),
    }),
  },
  {
    name: 'quoted in a mail',
    languages: ['en'],
    print: (c, r) => ({
      text: [
        'Hi, this is what it shows:',
        ...byUnit(c, {
          codes: (u) => [`> ${u.name}`, ...faultLines(u, (f) => `>   ${f.code}  ${f.text}  ${f.word}`)],
          clean: (u) => [`> ${u.name}: ${pick(r, says(c).none)}`],
        }),
        'Thanks, call me when you know more.',
      ].join('\n'),
      truth: truthOf(c, { silent: false }),
    }),
  },
  {
    name: 'JSON lines',
    languages: ['en'],
    print: (c) => ({
      text: c.units
        .flatMap((u) =>
          faultLines(u, (f) =>
            JSON.stringify({ module: u.name, code: f.code, description: f.text, status: f.word }),
          ),
        )
        .join('\n'),
      truth: truthOf(c, { clean: false, silent: false }),
    }),
  },
  {
    name: 'code in brackets behind the wording',
    print: (c) => ({
      text: byUnit(c, {
        codes: (u) => [`${u.name}:`, ...faultLines(u, (f) => `- ${f.text} (${f.code}), ${f.word}`)],
        clean: (u) => [`${u.name}: ${says(c).none[0]}`],
      }).join('\n'),
      truth: truthOf(c, { silent: false }),
    }),
  },
  {
    name: 'sections with numbers',
    print: (c) => ({
      text: c.units
        .flatMap((u, i) =>
          u.state === 'codes'
            ? [
                `${i + 1}. ${u.name}`,
                ...faultLines(u, (f, k) => `${i + 1}.${k + 1} ${f.code} ${f.text} – ${f.word}`),
              ]
            : u.state === 'clean'
              ? [`${i + 1}. ${u.name} – ${says(c).none[0]}`]
              : [`${i + 1}. ${u.name} – ${says(c).silent[0]}`],
        )
        .join('\n'),
      truth: truthOf(c),
    }),
  },
  {
    name: 'status first in its own column, upper case',
    print: (c) => ({
      text: byUnit(c, {
        codes: (u) => [
          `--- ${u.name} ---`,
          ...faultLines(u, (f) => `${pad(f.word.toUpperCase(), 36)}${pad(f.code, 10)}${f.text}`),
        ],
        clean: (u) => [`--- ${u.name} ---`, says(c).none[0]!],
      }).join('\n'),
      truth: truthOf(c, { silent: false }),
    }),
  },
  {
    name: 'faults in words, German',
    languages: ['de'],
    print: () => {
      const faults = [
        ['Seitenständerschalter', 'gespeichert', 'stored'],
        ['Drosselklappensensor', 'aktiv', 'active'],
        ['Neigungssensor', 'nicht vorhanden', 'history'],
      ] as const;
      return {
        text: ['Fehlerspeicher', ...faults.map(([text, word]) => `${text}: ${word}`)].join('\n'),
        truth: {
          codes: faults.map(([text, , m]) => ({
            code: text,
            module: null,
            statuses: [ACCEPTED[m]],
            text: null,
          })),
          modules: [],
          live: [],
        },
      };
    },
  },
  {
    name: 'codes of a module in brackets, all in a sentence',
    languages: ['en'],
    print: (c) => ({
      text: c.units
        .filter((u) => u.state === 'codes')
        .map((u) => `${u.name} (${u.faults.map((f) => f.code).join(', ')})`)
        .join('\n'),
      truth: truthOf(c, { clean: false, silent: false, status: false, text: false }),
    }),
  },
  {
    name: 'two statuses on a line, summary and lamp around them',
    languages: ['en'],
    print: (c) => {
      const truth = truthOf(c, { silent: false });
      const total = c.units.reduce((s, u) => s + u.faults.length, 0);
      return {
        text: [
          `Total faults: ${total}`,
          'MIL: on',
          ...byUnit(c, {
            codes: (u) => [
              `ECU: ${u.name}`,
              ...faultLines(u, (f) => [`  ${f.code}`, `    ${f.text}`, `    ${f.word}, ${f.word}`]),
            ],
            clean: (u) => [`ECU: ${u.name}`, '  no faults'],
          }),
        ].join('\n'),
        truth,
      };
    },
  },
  {
    name: 'snapshot of values with range and a moment',
    languages: ['en'],
    print: (c) => ({
      text: [
        'Measured values at idle, hot',
        ...valueLines(c, (v) => `${v.name};${v.value};${v.unit};0.0 … 9999.0`),
      ].join('\n'),
      truth: truthOf({ ...c, units: [] }, { live: true }),
    }),
  },
  {
    name: 'codes with the wording in quotes and the ECU behind at',
    languages: ['en'],
    print: (c) => ({
      text: c.units
        .flatMap((u) => faultLines(u, (f) => `${f.code} "${f.text}" [${u.name}] ${f.word}`))
        .join('\n'),
      truth: truthOf(c, { clean: false, silent: false }),
    }),
  },
];
