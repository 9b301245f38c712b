import type { Item } from '@zindle/core';
import { useState } from 'react';
import { ThingShape } from '../../board/thing-shape.tsx';
import { LengthField } from '../../ui/length-field.tsx';
import { useLength } from '../../ui/use-length.ts';

/** An outline with the two sizes of its smallest box, mm. */
export interface Outlined {
  outline: [number, number][];
  length: number;
  width: number;
}

/** The outline as it was understood, with what it does not tell: its name and its thickness. */
export function useOutlineThing(outlined: Outlined | undefined): { item: Item | undefined; fields: React.ReactNode } {
  const say = useLength();
  const [name, setName] = useState('');
  const [thickness, setThickness] = useState(5);
  if (!outlined) return { item: undefined, fields: null };
  const { outline, length, width } = outlined;
  const drawn: Item = {
    id: 'new',
    name: name.trim() || 'Traced thing',
    shape: 'outline',
    length,
    width,
    thickness,
    outline,
    source: 'yours',
  };
  const scale = Math.min(220 / length, 150 / width);
  const fields = (
    <div className="mt-3 flex flex-wrap items-start gap-5">
      <div className="rounded-lg border border-hair bg-white p-3">
        <svg width={length * scale + 4} height={width * scale + 4} role="img" aria-label="The outline as it was read">
          <ThingShape item={drawn} x={2} y={2} scale={scale} tint="#E7D9B5" />
        </svg>
        <p className="mt-1 text-center text-[13px]">
          {say(length)} × {say(width, true)}
        </p>
      </div>
      <div className="w-56 space-y-2.5">
        <label className="block">
          Its name
          <input
            className="field mt-1 min-h-9 w-full"
            value={name}
            maxLength={80}
            placeholder="Steel caliper"
            onChange={(event) => setName(event.target.value)}
          />
        </label>
        <LengthField label="Thickness" value={thickness} least={0.01} most={2000} onLength={setThickness} />
      </div>
    </div>
  );
  return { item: drawn, fields };
}
