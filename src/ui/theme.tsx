'use client';

import { createGlobalStyle } from 'styled-components';

/**
 * Colours, type and measures. Warm paper, one deep plum accent; verdict colours chosen to stay apart
 * for the colour-blind (teal against vermilion, ochre between), each always with a word and a shape.
 */
const light = `
  --ground: #f4f0e8; --sheet: #fdfbf6; --raised: #ffffff; --sunk: #ebe5d9;
  --ink: #27221c; --ink-2: #5b5348; --ink-3: #665d50; --rule: #dcd4c5; --rule-2: #c9bfad;
  --accent: #5c2751; --accent-2: #7c3f70; --accent-soft: #efe3ea; --on-accent: #fffaf5;
  --pass: #0f6672; --pass-soft: #dceeee; --fail: #a93614; --fail-soft: #f9e3d9;
  --unsure: #7a5a00; --unsure-soft: #f6ebc8; --void: #655d52; --void-soft: #e8e2d6;
  --shadow: 0 1px 2px rgb(60 45 25 / 10%), 0 4px 14px rgb(60 45 25 / 7%);
  --line-1: #5c2751; --line-2: #0f6672; --line-3: #8a6200; --line-4: #a93614; --line-5: #3f5f8a; --line-6: #55701c; --line-7: #a8447c; --line-8: #6b4a2f;
  color-scheme: light;
`;
const dark = `
  --ground: #1b1815; --sheet: #242019; --raised: #2d2820; --sunk: #161310;
  --ink: #f0e9dc; --ink-2: #c4baa8; --ink-3: #a2988a; --rule: #3d362c; --rule-2: #53493b;
  --accent: #d9a1c9; --accent-2: #e7bcda; --accent-soft: #40293a; --on-accent: #2a1424;
  --pass: #6cc5cf; --pass-soft: #173a3e; --fail: #f39a77; --fail-soft: #4a2417;
  --unsure: #e2bf5a; --unsure-soft: #40340f; --void: #b3a999; --void-soft: #37312a;
  --shadow: 0 1px 2px rgb(0 0 0 / 40%), 0 4px 14px rgb(0 0 0 / 30%);
  --line-1: #d9a1c9; --line-2: #6cc5cf; --line-3: #e2bf5a; --line-4: #f39a77; --line-5: #9dbbe6; --line-6: #b4cf74; --line-7: #f0a3cd; --line-8: #cfae92;
  color-scheme: dark;
`;

export const GlobalStyle = createGlobalStyle`
  :root { ${light}
    --sans: 'Work Sans Zero', 'Atkinson Hyperlegible Next Variable', system-ui, sans-serif;
    --mono: 'Atkinson Hyperlegible Mono Variable', ui-monospace, monospace;
    --radius: 5px; --gap: 12px;
  }
  @media (prefers-color-scheme: dark) { :root:not([data-theme='light']) { ${dark} } }
  :root[data-theme='dark'] { ${dark} }
  *, *::before, *::after { box-sizing: border-box; }
  html { scroll-padding-top: 116px; }
  body { margin: 0; background: var(--ground); color: var(--ink); font: 400 0.9375rem/1.42 var(--sans); -webkit-text-size-adjust: 100%; }
  h1, h2, h3, h4, p, ul, ol, dl, dd, fieldset, legend { margin: 0; padding: 0; border: 0; }
  ul, ol { list-style: none; }
  a { color: var(--accent); text-decoration-thickness: 1px; text-underline-offset: 2px; }
  progress { accent-color: var(--accent); }
  button, input, select, textarea { font: inherit; color: inherit; }
  /* Heard, and done as soon as the page can: see early-press.ts. */
  [data-waiting] { outline: 2px dashed currentColor; outline-offset: -4px; }
  :focus-visible { outline: 2px solid var(--accent); outline-offset: 1px; }
  ::selection { background: var(--accent-soft); }
  .visually-hidden { position: absolute; width: 1px; height: 1px; overflow: hidden; clip-path: inset(50%); white-space: nowrap; }
  /* What a link led to, for a moment. */
  :target { animation: found 2.4s ease-out; }
  @keyframes found { from, 40% { background: var(--accent-soft); } }
  @media (prefers-reduced-motion: reduce) { :target { animation: none; outline: 2px solid var(--accent); } }
  @media print {
    :root, :root[data-theme] { ${light} }
    body { background: #fff; font-size: 10pt; }
    button, [data-offer], input:placeholder-shown, textarea:placeholder-shown { display: none !important; }
    [data-selected], [aria-pressed='true'] { print-color-adjust: exact; -webkit-print-color-adjust: exact; }
    h1, h2, h3 { break-after: avoid; }
    * { content-visibility: visible !important; box-shadow: none !important; }
  }
`;
