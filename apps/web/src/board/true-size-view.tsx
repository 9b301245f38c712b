import { useState } from 'react';
import { useTrueSize } from '../store/true-size.ts';
import { TrueSizeDialog } from './true-size-dialog.tsx';

/** Lets a board be looked at in true size: the scale while it is, and the buttons for it. The screen is measured first. */
export function useTrueSizeView(): { fixed: number | undefined; buttons: React.ReactNode } {
  const pxPerMm = useTrueSize((state) => state.pxPerMm);
  const [wanted, want] = useState(false);
  const [measuring, measure] = useState(false);
  const fixed = wanted ? pxPerMm : undefined;
  const buttons = (
    <>
      <button
        type="button"
        className="button bg-sheet"
        aria-pressed={fixed !== undefined}
        onClick={() => (pxPerMm ? want(!wanted) : measure(true))}
      >
        {fixed ? 'Fit the table' : 'True size'}
      </button>
      {fixed && (
        <button type="button" className="button bg-sheet" onClick={() => measure(true)}>
          Measure the screen
        </button>
      )}
      <TrueSizeDialog
        open={measuring}
        onClose={() => measure(false)}
        onMeasured={() => {
          measure(false);
          want(true);
        }}
      />
    </>
  );
  return { fixed, buttons };
}
