import { FieldLabel, Input } from '@/ui/controls';
import { Cell } from '@/ui/layout';

/** A number as typed, with a comma or a point; something else where it is none. */
export const numberOr = (text: string, otherwise: number): number => {
  const n = Number(text.replace(',', '.'));
  return text.trim() === '' || Number.isNaN(n) ? otherwise : n;
};

/** One figure of the sheet's settings. */
export function FigureField({
  id,
  label,
  width,
  value,
  onType,
  mode,
  placeholder,
}: {
  id: string;
  label: string;
  width: number;
  value: string;
  onType: (text: string) => void;
  mode?: 'numeric' | 'decimal';
  placeholder?: string;
}) {
  return (
    <Cell $width={width}>
      <FieldLabel htmlFor={id}>{label}</FieldLabel>
      <Input
        id={id}
        $figure
        inputMode={mode}
        placeholder={placeholder}
        value={value}
        onChange={(e) => onType(e.target.value)}
      />
    </Cell>
  );
}
