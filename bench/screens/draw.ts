import { chromium, type Page } from 'playwright';
import sharp from 'sharp';
import { grayOf, type Gray } from '@/core/pictures';
import { pick, random } from '@/sim/random';
import { CHROMIUM } from '../../scripts/lib.mjs';

/** A screen of a made-up tool: what stands on it and how it is drawn. */
export interface Screen {
  name: string;
  codes: string[];
  html: string;
}

/** Codes with wordings in a tool's own words; near the dictionary's, never taken from it. */
const CODES: [string, string][] = [
  ['P0171', 'System too lean, bank 1'],
  ['P0174', 'System too lean, bank 2'],
  ['P0300', 'Random misfire detected'],
  ['P0302', 'Cylinder 2 misfire detected'],
  ['P0128', 'Coolant thermostat, temperature below regulation'],
  ['P0420', 'Catalyst efficiency below threshold, bank 1'],
  ['P0455', 'Evaporative system leak detected, large'],
  ['P0562', 'System voltage low'],
  ['P0113', 'Intake air temperature sensor circuit high'],
  ['P0335', 'Crankshaft position sensor circuit'],
  ['P0016', 'Crankshaft camshaft correlation, bank 1'],
  ['P0299', 'Turbocharger underboost'],
  ['P0401', 'Exhaust gas recirculation flow insufficient'],
  ['P2002', 'Particulate filter efficiency below threshold'],
  ['P0087', 'Fuel rail pressure too low'],
  ['P0A80', 'Replace hybrid battery pack'],
  ['P0506', 'Idle speed lower than expected'],
  ['P0700', 'Transmission control system, lamp request'],
  ['P0741', 'Torque converter clutch stuck off'],
  ['C0035', 'Left front wheel speed sensor'],
  ['U0100', 'Lost communication with engine control module'],
  ['U0121', 'Lost communication with anti-lock brake module'],
  ['B1318', 'Battery voltage low'],
  ['P1B4D', 'Charge flap not locked'],
];
const STYLES = {
  light: 'background:#fff;color:#111;font:18px sans-serif',
  dark: 'background:#10151d;color:#dfe7ee;font:18px sans-serif',
  small: 'background:#f3f5f7;color:#222;font:12px sans-serif',
  'dark small': 'background:#001a12;color:#9fe8c0;font:13px monospace',
  'two columns': 'background:#fff;color:#123;font:15px sans-serif',
} as const;
const STATUSES = ['Stored', 'Pending', 'Current', 'History'];

/** A screen by its number: five ways to draw, four to seven codes each. */
export function screenOf(n: number): Screen {
  const r = random(n * 97 + 5);
  const names = Object.keys(STYLES) as (keyof typeof STYLES)[];
  const style = names[n % names.length]!;
  const rows = [...CODES].sort(() => r() - 0.5).slice(0, 4 + Math.floor(r() * 4));
  const lines = rows.map(([code, text]) => {
    const status = pick(r, STATUSES);
    return style === 'two columns'
      ? `<div style="width:46%;display:inline-block;vertical-align:top;margin:6px 1%"><b>${code}</b><br>${text}<br>${status}</div>`
      : `<tr><td><b>${code}</b></td><td>${text}</td><td>${status}</td></tr>`;
  });
  const body = style === 'two columns' ? lines.join('') : `<table cellpadding="7">${lines.join('')}</table>`;
  return {
    name: `${style} ${n}`,
    codes: rows.map(([code]) => code),
    html: `<body style="margin:0;padding:22px;${STYLES[style]}"><div style="background:#2a4d7a;color:#fff;padding:8px;margin:-22px -22px 14px">Fault memory &nbsp; ${rows.length} faults</div>${body}</body>`,
  };
}

/** A picture of a page; where two browsers share a busy processor the first try may come to nothing. */
const photographed = (page: Page): Promise<Buffer> => page.screenshot().catch(() => page.screenshot());

/** Draws screens as pictures. */
export async function drawScreens(screens: readonly Screen[]): Promise<Gray[]> {
  const browser = await chromium.launch({ executablePath: CHROMIUM(), args: ['--no-sandbox'] });
  try {
    const page = await browser.newPage({ viewport: { width: 900, height: 560 } });
    const out: Gray[] = [];
    for (const screen of screens) {
      await page.setContent(screen.html);
      const { data, info } = await sharp(await photographed(page))
        .ensureAlpha()
        .raw()
        .toBuffer({ resolveWithObject: true });
      out.push(grayOf(data, info.width, info.height));
    }
    return out;
  } finally {
    await browser.close();
  }
}
