import { useId, useState } from 'react';
import { SheetDialog } from '../ui/sheet-dialog.tsx';
import { CARD, SCALES, useTrueSize } from '../store/true-size.ts';

interface Props {
  open: boolean;
  onClose(): void;
  /** Called when the screen is measured. */
  onMeasured(): void;
}

/** Holds a bank card to the screen: where the drawn one is as large, the screen is measured. */
export function TrueSizeDialog({ open, onClose, onMeasured }: Props) {
  const known = useTrueSize((state) => state.pxPerMm);
  const calibrate = useTrueSize((state) => state.calibrate);
  const [scale, setScale] = useState(known ?? SCALES.usual);
  const id = useId();
  if (!open) return null;
  return (
    <SheetDialog
      title="How large is a millimetre on this screen?"
      about="Hold any bank card to the drawn one, its left edge and its top on the corner, and move the slider until both are equally large. It is kept for this device."
      width={Math.max(620, CARD.width * scale + 50)}
      onClose={onClose}
      main={{
        title: 'They are equal',
        onPress: () => {
          calibrate(scale);
          onMeasured();
        },
      }}
    >
      <svg
        className="mt-4"
        width={CARD.width * scale + 4}
        height={CARD.height * scale + 4}
        role="img"
        aria-label={`A card, ${(CARD.width * scale).toFixed(0)} pixels wide`}
      >
        <rect
          x="2"
          y="2"
          width={CARD.width * scale}
          height={CARD.height * scale}
          rx={CARD.radius * scale}
          fill="#FFFFFF"
          stroke="#1F2B44"
          strokeWidth="1.4"
        />
        <path d="M2 40V2H40" fill="none" stroke="#C8452F" strokeWidth="3" />
      </svg>
      <label htmlFor={id} className="mt-4 block">
        Width of the drawn card
      </label>
      <input
        id={id}
        type="range"
        className="mt-1 w-full accent-ink"
        min={SCALES.least}
        max={SCALES.most}
        step={0.01}
        value={scale}
        onChange={(event) => setScale(Number(event.target.value))}
      />
    </SheetDialog>
  );
}
