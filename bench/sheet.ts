import { openLongTrace } from '../e2e/long-trace';
import { launchBrowser, serveDemoShop } from './demo-shop';

/**
 * Frames a second of the sheet of a trace of ten million samples while it is zoomed with the wheel, beside those of a
 * bare canvas of the same size with two lines on it, in the same browser.
 */
export async function sheet(folder: string): Promise<string> {
  const { server } = await serveDemoShop(folder, 'sheet');
  const browser = await launchBrowser();
  try {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    const made = await page.request.post(`${server.url}/api/cases`, {
      data: {},
      headers: { origin: server.url },
    });
    await page.goto(`${server.url}/cases/${((await made.json()) as { id: string }).id}`);
    await openLongTrace(page);
    await page.waitForTimeout(1500);
    const own = await page.evaluate(zoomed);
    const plain = await page.evaluate(bare);
    return [
      '| trace of ten million samples | frames a second |',
      '| --- | ---: |',
      `| zoomed with the wheel | ${own.toFixed(1)} |`,
      `| a bare canvas of that size, two lines of as many points as it has columns | ${plain.toFixed(1)} |`,
      `| ratio | ${(own / plain).toFixed(2)} |`,
    ].join('\n');
  } finally {
    await browser.close();
    await server.stop();
  }
}

/** Runs in the page: frames a second while the wheel turns. */
async function zoomed(): Promise<number> {
  const canvas = document.querySelector<HTMLCanvasElement>('[data-testid="trace"]')!;
  const box = canvas.getBoundingClientRect();
  const began = performance.now();
  for (let i = 0; i < 60; i++) {
    await new Promise(requestAnimationFrame);
    canvas.dispatchEvent(
      new WheelEvent('wheel', {
        deltaY: i < 40 ? -40 : 40,
        clientX: box.left + 500,
        clientY: box.top + 100,
        bubbles: true,
        cancelable: true,
      }),
    );
  }
  return 60_000 / (performance.now() - began);
}

/** Runs in the page: frames a second that the browser itself can give on this machine. */
async function bare(): Promise<number> {
  const trace = document.querySelector<HTMLCanvasElement>('[data-testid="trace"]')!;
  const canvas = document.createElement('canvas');
  canvas.width = trace.width;
  canvas.height = trace.height;
  canvas.style.cssText = 'position:fixed;inset:0;z-index:99';
  document.body.append(canvas);
  const g = canvas.getContext('2d')!;
  const began = performance.now();
  for (let i = 0; i < 60; i++) {
    await new Promise(requestAnimationFrame);
    g.clearRect(0, 0, canvas.width, canvas.height);
    g.beginPath();
    for (let x = 0; x < canvas.width; x++) {
      g.lineTo(x, 100 + 80 * Math.sin((x + i) / 9));
      g.lineTo(x, 140 + 80 * Math.sin((x + i) / 9));
    }
    g.stroke();
  }
  canvas.remove();
  return 60_000 / (performance.now() - began);
}
