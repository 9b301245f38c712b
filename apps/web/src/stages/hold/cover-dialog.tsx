import { fitsCover, type Item, type LengthRule } from '@zindle/core';
import { useState } from 'react';
import { useHouseRules } from '../../store/kinds-context.ts';
import { LengthField } from '../../ui/length-field.tsx';
import { SheetDialog } from '../../ui/sheet-dialog.tsx';
import { useLength } from '../../ui/use-length.ts';
import type { ElsewhereProps } from './elsewhere-props.ts';
import { useAddThing } from './use-add-lines.ts';

/** What a pouch that is there already holds, read backwards from its flat sizes. */
export function CoverDialog({ onClose }: ElsewhereProps) {
  const length = useLength();
  const addThing = useAddThing();
  const [name, setName] = useState('');
  const [cover, setCover] = useState({ width: 100, depth: 150, walls: 2, thickness: 10, ease: 3 });
  const read = fitsCover(cover);
  const field = (key: keyof typeof cover, label: string, least: number, most: number, hint: string) => (
    <LengthField
      label={label}
      value={cover[key]}
      least={least}
      most={most}
      hint={hint}
      onLength={(mm) => setCover((before) => ({ ...before, [key]: mm }))}
    />
  );
  const ease = useHouseRules()['ease.pocket.across'] as LengthRule;
  function add() {
    if (!read.ok) return;
    const [a, b] = [read.mm, cover.depth];
    const item: Item = {
      id: 'new',
      name: name.trim() || 'What fits the cover',
      shape: 'box',
      length: Math.max(a, b),
      width: Math.min(a, b),
      thickness: cover.thickness,
      source: 'yours',
    };
    addThing(item);
    onClose();
  }
  return (
    <SheetDialog
      title="Measure a cover you have"
      about="Lay the empty pouch flat and measure inside its seams. The largest thing that goes in follows, with the ease you want."
      onClose={onClose}
      main={{ title: 'Add it', disabled: !read.ok, onPress: add }}
    >
      <div className="flex gap-6">
        <div className="w-72 space-y-2.5">
          {field('width', 'Flat width, seam to seam', 5, 2000, 'Inside, the pouch pressed flat.')}
          {field('depth', 'Depth, mouth to bottom', 5, 2000, 'Inside.')}
          {field('walls', 'Both walls together', 0, 100, 'The empty pouch pressed flat: front and back.')}
          {field('thickness', 'Thickness of the thing', 0.01, 1000, 'How thick what goes in is.')}
          {field('ease', 'Ease', ease.least, ease.most, ease.why)}
          <label className="flex items-center justify-between gap-3">
            Its name
            <input
              className="field min-w-0 flex-1"
              value={name}
              maxLength={80}
              placeholder="What fits the cover"
              onChange={(event) => setName(event.target.value)}
            />
          </label>
        </div>
        <div className="flex-1 rounded-xl bg-cloth px-4 py-3" role="status">
          {read.ok ? (
            <>
              <p className="text-quiet">It takes a thing of</p>
              <p className="font-head text-xl">
                {length(cover.depth)} × {length(read.mm)} × {length(cover.thickness, true)}
              </p>
              <p className="mt-2 text-[13px]">
                {length(cover.width)} flat − {length(cover.thickness)} thick − {length((Math.PI / 4) * cover.walls)} for
                the cloth going round it − {length(cover.ease)} ease = {length(read.mm, true)}
              </p>
            </>
          ) : (
            <p className="text-chalk-deep">{read.message}</p>
          )}
        </div>
      </div>
    </SheetDialog>
  );
}
