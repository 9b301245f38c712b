import { limits, type Item } from '@zindle/core';
import { useState } from 'react';
import { ThingShape } from '../../board/thing-shape.tsx';
import { TrueSizeDialog } from '../../board/true-size-dialog.tsx';
import { askedSides, measuredSide, type Side } from '../../derivations/thing-sides.ts';
import { useTrueSize } from '../../store/true-size.ts';
import { Choice } from '../../ui/choice.tsx';
import { SheetDialog } from '../../ui/sheet-dialog.tsx';
import { LengthField } from '../../ui/length-field.tsx';

type Look = 'above' | 'side' | 'end';
const looks: { id: Look; title: string }[] = [
  { id: 'above', title: 'from above' },
  { id: 'side', title: 'from the side' },
  { id: 'end', title: 'from its end' },
];
/** The two sides that are seen. */
const seen: Record<Look, [Side, Side]> = {
  above: ['length', 'width'],
  side: ['length', 'thickness'],
  end: ['width', 'thickness'],
};

interface Props {
  item: Item;
  onSize(item: Item): void;
  onClose(): void;
}

/** A thing drawn in true size, to lay the real one on it; the screen is measured first. */
export function LayDialog({ item, onSize, onClose }: Props) {
  const scale = useTrueSize((state) => state.pxPerMm);
  const [look, setLook] = useState<Look>('above');
  if (scale === undefined) return <TrueSizeDialog open onClose={onClose} onMeasured={() => undefined} />;
  const [across, up] = seen[look];
  const [width, height] = [item[across] * scale, item[up] * scale];
  const round = item.shape === 'cylinder' && look === 'end';
  return (
    <SheetDialog
      title="Lay it on its drawing"
      about="If the drawing shows round it, or is hidden by more than a pencil line, correct its size here."
      width={Math.max(560, Math.min(1100, width + 80))}
      onClose={onClose}
      leave={false}
      main={{ title: 'It fits', onPress: onClose }}
    >
      <div className="flex flex-wrap items-end gap-x-6 gap-y-2">
        <Choice<Look> label="Seen" hideLabel value={look} choices={looks} onChoice={setLook} />
        {[...new Set([across, up])].map((side) => {
          const title = askedSides(item)[side];
          return title === undefined ? null : (
            <LengthField
              key={side}
              label={title}
              value={item[side]}
              {...limits.size}
              onLength={(mm) => onSize(measuredSide(item, side, mm))}
            />
          );
        })}
      </div>
      <div
        className="mt-4 max-w-[86vw] overflow-auto rounded-lg border border-hair bg-white p-4"
        tabIndex={0}
        role="group"
        aria-label="The thing in true size"
      >
        <svg
          width={width + 4}
          height={height + 4}
          role="img"
          aria-label={`${item.name}, ${width.toFixed(0)} by ${height.toFixed(0)} pixels`}
        >
          {look === 'above' ? (
            <ThingShape item={item} x={2} y={2} scale={scale} tint="#E7D9B5" />
          ) : (
            <rect
              x="2"
              y="2"
              width={width}
              height={height}
              rx={round ? width / 2 : (item.edgeRadius ?? 0) * scale}
              fill="#E7D9B5"
              stroke="#1F2B44"
            />
          )}
        </svg>
      </div>
    </SheetDialog>
  );
}
