import { render } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { checkOf, runCheck, type CircuitDrawing, type Typed } from '@/core/checks';
import { CircuitDiagram } from './circuit-diagram';

const drawn = (typed?: Typed): HTMLElement => {
  const check = checkOf('switched-feed')!;
  const result = typed && runCheck(check, typed);
  const drawing = (result?.state === 'done' ? result.drawing : check.outline?.()) as CircuitDrawing;
  return render(<CircuitDiagram drawing={drawing} />).container;
};
const texts = (at: ParentNode) =>
  [...at.querySelectorAll('text')].map((t) => t.textContent?.replaceAll('\u00a0', ' '));
const note = 'a fault that goes with the readings would lie here';

describe('a drawn circuit', () => {
  it('shows each place with what a good circuit reads there, before anything was measured', () => {
    const svg = drawn();
    expect(texts(svg).join(' ')).toContain(
      'Feed at the part switched off good: 0.0 V switched on good: 12.3 V',
    );
    expect(svg.querySelectorAll('.halo')).toHaveLength(0);
    expect(svg.textContent).not.toContain(note);
  });

  it('shows what was found in place of it, and beside a wrong reading the good one', () => {
    const svg = drawn({ supply: '12.5 V', feed_on: '12.3 V', return_on: '7.1 V' });
    expect(texts(svg)).toContain('12.30 V');
    expect(texts(svg).join(' ')).toContain('switched on 7.10 V good: 0.0 V');
    expect(texts(svg).join(' ')).not.toContain('12.30 V good');
  });

  it('puts one halo on the ground wire when that alone explains it, and says what a halo is', () => {
    const svg = drawn({ supply: '12.5 V', feed_on: '12.3 V', return_on: '7.1 V' });
    expect(svg.querySelectorAll('.halo')).toHaveLength(1);
    expect(svg.textContent).toContain(note);
    expect(texts(svg)).not.toContain('measure next');
  });

  it('marks where to measure next while more than one fault is left', () => {
    const svg = drawn({ supply: '12.5 V', feed_on: '0 V' });
    expect(texts(svg).filter((t) => t === 'measure next')).toHaveLength(1);
    expect(svg.querySelectorAll('.probe.next')).toHaveLength(1);
    expect(svg.querySelectorAll('.halo').length).toBeGreaterThan(1);
  });
});
