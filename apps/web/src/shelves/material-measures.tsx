import { leatherThickness, oneOfStack, type Material, type ShelfEntry } from '@zindle/core';
import { useState } from 'react';
import { CountField } from '../ui/count-field.tsx';
import { LengthField } from '../ui/length-field.tsx';
import { NumberField } from '../ui/number-field.tsx';

const OUNCE = 25.4 / 64;

/** For cloth that is too thin for a ruler: ten layers divided by ten; and leather by the ounce. */
export function MaterialMeasures({ entry, onChange }: { entry: ShelfEntry; onChange(entry: ShelfEntry): void }) {
  const material = entry as unknown as Material;
  const [count, setCount] = useState(10);
  const take = (measured: ReturnType<typeof oneOfStack>) => {
    if (measured.ok) onChange({ ...entry, thickness: measured.mm } as ShelfEntry);
  };
  return (
    <details className="rounded-lg border border-hair px-3 py-2">
      <summary className="cursor-pointer">Measure its thickness</summary>
      <div className="mt-2 space-y-2.5">
        <CountField label="Layers on each other" value={count} least={2} most={100} onCount={setCount} />
        <LengthField
          label="Thickness of them all"
          value={count * material.thickness}
          least={0.05}
          most={100 * count}
          onLength={(total) => take(oneOfStack(total, count))}
        />
        <NumberField
          label="Leather by the ounce"
          value={Math.round((material.thickness / OUNCE) * 10) / 10}
          least={0.5}
          most={40}
          unit="oz"
          onNumber={(ounces) => take(leatherThickness(ounces))}
        />
      </div>
    </details>
  );
}
