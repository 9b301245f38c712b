import { Popover, PopoverButton, PopoverPanel } from '@headlessui/react';
import { Layers, Minus, Plus } from 'lucide-react';
import { useState } from 'react';
import type { Board } from '@zindle/core';
import { layerNames, type LayerName, type Shown } from '../../../board/drawing-kit.ts';
import { TrueSizeDialog } from '../../../board/true-size-dialog.tsx';
import type { BoardCamera } from '../../../board/use-camera.ts';
import { useTrueSize } from '../../../store/true-size.ts';
import type { WithSolution } from '../../use-solved.ts';
import { PictureOut } from './picture-out.tsx';

const STEP = 1.25;

interface Props extends WithSolution {
  board: Board;
  camera: BoardCamera;
  show: Shown;
  onShow(show: Shown): void;
}

/** How the board is looked at: larger, smaller, fitted, in true size, and what of it is shown. */
export function BoardTools({ camera, show, onShow, ...drawn }: Props) {
  const pxPerMm = useTrueSize((state) => state.pxPerMm);
  const [measuring, measure] = useState(false);
  return (
    <div className="absolute right-3 bottom-3 z-10 flex flex-wrap justify-end gap-1.5">
      <div className="flex">
        <button
          type="button"
          className="button rounded-r-none px-2.5"
          aria-label="Smaller"
          onClick={() => camera.zoom(1 / STEP)}
        >
          <Minus size={15} aria-hidden="true" />
        </button>
        <button
          type="button"
          className="button -ml-px rounded-l-none px-2.5"
          aria-label="Larger"
          onClick={() => camera.zoom(STEP)}
        >
          <Plus size={15} aria-hidden="true" />
        </button>
      </div>
      <button type="button" className="button" onClick={camera.fit}>
        Fit
      </button>
      <button
        type="button"
        className="button"
        aria-pressed={camera.trueSize}
        onClick={() => (pxPerMm === undefined ? measure(true) : camera.trueSize ? camera.fit() : camera.toTrueSize())}
      >
        True size
      </button>
      {camera.trueSize && (
        <button type="button" className="button" onClick={() => measure(true)}>
          Measure the screen
        </button>
      )}
      <Popover>
        <PopoverButton className="button" aria-label="What is shown">
          <Layers size={15} aria-hidden="true" /> Shown
        </PopoverButton>
        <PopoverPanel
          anchor={{ to: 'top end', gap: 6 }}
          className="z-30 w-48 rounded-lg border border-ink bg-sheet p-2 shadow-lg"
        >
          {(Object.keys(layerNames) as LayerName[]).map((name) => (
            <label key={name} className="flex items-center gap-2 rounded px-2 py-1.5 hover:bg-cloth">
              <input
                type="checkbox"
                className="size-4 accent-weld"
                checked={show[name]}
                onChange={() => onShow({ ...show, [name]: !show[name] })}
              />
              {layerNames[name]}
            </label>
          ))}
        </PopoverPanel>
      </Popover>
      <PictureOut {...drawn} show={show} />
      <TrueSizeDialog
        open={measuring}
        onClose={() => measure(false)}
        onMeasured={() => {
          measure(false);
          camera.toTrueSize();
        }}
      />
    </div>
  );
}
