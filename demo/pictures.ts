import sharp from 'sharp';

/** Drawn stand-ins for what a technician would photograph, and a logger's file. */

const paper = (width: number, height: number, body: string) =>
  `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${width} ${height}" width="${width}" height="${height}">${body}</svg>`;

const boot = paper(
  960,
  720,
  `<defs><linearGradient id="g" x2="0" y2="1"><stop stop-color="#4a4a4c"/><stop offset="1" stop-color="#1d1d1f"/></linearGradient></defs>
  <rect width="960" height="720" fill="#7d776d"/><rect y="520" width="960" height="200" fill="#5c564d"/>
  <g stroke="#111" stroke-width="3">${Array.from({ length: 9 }, (_, i) => `<rect x="${150 + i * 72}" y="${200 - (i % 2) * 24}" width="76" height="${300 + (i % 2) * 48}" rx="30" fill="url(#g)"/>`).join('')}</g>
  <path d="M474 190 q-14 60 8 118 t-6 96" fill="none" stroke="#e9e2d2" stroke-width="7"/>
  <path d="M474 190 q-14 60 8 118 t-6 96" fill="none" stroke="#000" stroke-width="2"/>`,
);

const digits = (text: string) =>
  paper(
    900,
    600,
    `<rect width="900" height="600" fill="#3a3733"/><rect x="210" y="40" width="480" height="520" rx="36" fill="#b4592a"/>
  <rect x="250" y="80" width="400" height="180" rx="12" fill="#c3cbb6"/>
  <text x="450" y="196" font-family="monospace" font-size="78" text-anchor="middle" fill="#20261c">${text}</text>
  <circle cx="450" cy="400" r="92" fill="#26221e"/><rect x="442" y="316" width="16" height="70" fill="#e8e2d4"/>`,
  );

const log = () => {
  const rows = ['time s;exhaust flow m3/h;differential pressure mbar;coolant °C'];
  for (let i = 0; i <= 120; i++) {
    const flow = 60 + 250 * (i / 120) ** 1.3;
    const pressure = 0.0033 * flow ** 2 + 0.3 * flow + 28 + 3 * Math.sin(i * 1.7);
    rows.push([i, flow.toFixed(1), pressure.toFixed(1), (84 + i / 30).toFixed(1)].join(';'));
  }
  return new TextEncoder().encode(rows.join('\n'));
};

const jpeg = async (svg: string) => new Uint8Array(await sharp(Buffer.from(svg)).jpeg().toBuffer());

/** Files of the demo cases, with the question of the test they belong to. */
export async function demoFiles() {
  return [
    { caseNumber: 34, name: 'intake boot from below.jpg', content: await jpeg(boot) },
    {
      caseNumber: 34,
      test: 'Does the fuel supply hold up?',
      name: 'gauge at full load.jpg',
      content: await jpeg(digits('3.1 bar')),
    },
    {
      caseNumber: 41,
      test: 'Is the filter blocked, or does its sensor lie?',
      name: 'run uphill.csv',
      content: log(),
    },
  ];
}
