import { Choice, Quiet } from '@/ui/controls';
import { Inline } from '@/ui/layout';
import { FigureField, numberOr } from './figure-field';
import { useSheet, useTrace } from './open-trace';

const NO_CRANK = { channel: '', cylinder: 1, every: 720 as const, advance: 0 };

/** Where the crank stands: the trigger, its cylinder, and the order in which the cylinders fire. */
export function CrankFields({ order }: { order: string }) {
  const { sheet, write } = useSheet();
  const channels = useTrace((s) => s.loaded.channels);
  const cycles = useTrace((s) => s.cycles);
  const crank = sheet.crank ?? NO_CRANK;
  const found = cycles.length > 1 ? `${cycles.length - 1} cycles` : 'No trigger stands out of this channel.';
  return (
    <Inline $gap="4px 14px" $align="end" $whole>
      <Choice
        label="Trigger channel"
        value={crank.channel}
        options={[{ value: '', label: 'none' }, ...channels.map((c) => c.name)]}
        onChange={(v) => write({ crank: v === '' ? null : { ...crank, channel: v } })}
      />
      <FigureField
        id="crank-cylinder"
        label="Its cylinder"
        width={90}
        mode="numeric"
        value={String(crank.cylinder)}
        onType={(text) =>
          write({ crank: { ...crank, cylinder: Math.max(1, Math.round(numberOr(text, 1))) } })
        }
      />
      <Choice
        label="It comes every"
        value={String(crank.every)}
        options={[
          { value: '720', label: '720° (once a cycle)' },
          { value: '360', label: '360° (every turn)' },
        ]}
        onChange={(v) => write({ crank: { ...crank, every: v === '360' ? 360 : 720 } })}
      />
      <FigureField
        id="crank-advance"
        label="Before TDC by, °"
        width={120}
        mode="decimal"
        value={String(crank.advance)}
        onType={(text) => write({ crank: { ...crank, advance: numberOr(text, 0) } })}
      />
      <FigureField
        id="crank-order"
        label="Firing order"
        width={170}
        placeholder={order || '1-3-4-2'}
        value={sheet.order}
        onType={(text) => write({ order: text })}
      />
      <FigureField
        id="crank-angles"
        label="Angles, if it fires unevenly"
        width={230}
        placeholder="0 90 240 330 480 570"
        value={sheet.angles}
        onType={(text) => write({ angles: text })}
      />
      <Quiet>{sheet.crank === null ? '' : found}</Quiet>
    </Inline>
  );
}
