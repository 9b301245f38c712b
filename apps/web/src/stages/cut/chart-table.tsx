import { cuttingChart, formatCut, gridLabel, hashOf, nameOn, type ChartRow, type Derived } from '@zindle/core';
import { useDesign } from '../../store/design-context.ts';
import { useShelves } from '../../store/shelves.ts';
import { donenessOf } from '../../derivations/steps.ts';
import { useTicks, type Tickable } from '../../store/ticks.ts';
import { Measure } from '../../ui/measure.tsx';
import { useUnit } from '../../ui/use-length.ts';
import type { WithSolution } from '../use-solved.ts';

interface Props extends WithSolution {
  chosen: string | undefined;
  onChoose(id: string): void;
}

/** Another size or another count is another piece to cut. */
const tickable = (row: ChartRow): Tickable => ({
  id: `cut/${keyOf(row)}`,
  hash: hashOf([row.count, row.cutWidth.value.toFixed(2), row.cutHeight.value.toFixed(2)].join(' ')),
});
const keyOf = ({ piece, material }: ChartRow): string => `${piece} ${material}`;

/** The cutting chart by material, with a box to tick for each piece that is cut. */
export function ChartTable({ document, solution, chosen, onChoose }: Props) {
  const shelves = useShelves((state) => state.shelves);
  const rows = cuttingChart(solution.pieces, nameOn(shelves), document.ruler);
  const { done, change } = useTicks(document.id);
  const stateOf = (row: ChartRow) => donenessOf(tickable(row), done);
  const materials = [...new Set(rows.map(({ material }) => material))];
  const count = rows.filter((row) => stateOf(row) === 'done').length;
  return (
    <section aria-label="Cutting chart" className="mt-6">
      <h2 className="flex items-baseline justify-between text-lg">
        Cutting chart
        <span className="font-sans text-xs font-normal text-quiet">
          {count} of {rows.length} cut
        </span>
      </h2>
      <table className="mt-1 w-full text-[13px]">
        <thead className="sr-only">
          <tr>
            <th>Cut</th>
            <th>Letter</th>
            <th>Piece</th>
            <th>Times</th>
            <th>Width</th>
            <th>Height</th>
          </tr>
        </thead>
        {materials.map((material) => (
          <tbody key={material}>
            <tr>
              <th colSpan={6} scope="rowgroup" className="border-b border-ink pt-3 pb-1 text-left font-semibold">
                {material}
              </th>
            </tr>
            {rows
              .filter((row) => row.material === material)
              .map((row) => (
                <tr
                  key={keyOf(row)}
                  className={`border-b border-hair/70 ${row.piece === chosen ? 'bg-chalk-soft' : ''}`}
                >
                  <td className="w-7 py-1.5">
                    <input
                      type="checkbox"
                      className="size-4 accent-weld"
                      aria-label={`${row.letter} ${row.name} is cut`}
                      checked={stateOf(row) === 'done'}
                      onChange={({ target }) => change([tickable(row)], target.checked)}
                    />
                  </td>
                  <td className="w-6 font-head font-bold">{row.letter}</td>
                  <td>
                    <button type="button" className="text-left hover:underline" onClick={() => onChoose(row.piece)}>
                      {row.name}
                    </button>
                    {row.trim && (
                      <span className="block text-xs text-quiet">
                        Trim later to <Measure mm={row.trim.width.value} cut /> ×{' '}
                        <Measure mm={row.trim.height.value} cut />
                      </span>
                    )}
                    {stateOf(row) === 'changed' && (
                      <span className="block text-xs text-wax-deep">Cut before it changed: measure it.</span>
                    )}
                    {row.note && <span className="block text-xs text-quiet">{row.note}</span>}
                  </td>
                  <td className="w-8 text-right text-quiet">×{row.count}</td>
                  <td className="w-16 text-right font-medium">
                    <Cut path={`pieces/${row.piece}/cutWidth`} size={row.cutWidth} of={row.name} />
                  </td>
                  <td className="w-16 text-right font-medium">
                    <Cut path={`pieces/${row.piece}/cutHeight`} size={row.cutHeight} of={row.name} />
                  </td>
                </tr>
              ))}
          </tbody>
        ))}
      </table>
      <p className="mt-3 text-xs text-quiet">
        Cut sizes, allowances included
        {document.ruler
          ? `, what is straight on a ruler read to ${gridLabel(document.ruler)}: what that adds is ease, and the printed pieces are without it`
          : document.unit === 'in' && ', to the nearest 1/32 in: the printed pieces are exact'}
        ; the grain runs along the height. Rotary cutters and knives: close the blade each time you lay it down, cut
        away from your hand, and keep it where no child finds it.
      </p>
    </section>
  );
}

/** A size as cut: it opens the sum behind it. */
function Cut({ path, size, of }: { path: string; size: Derived; of: string }) {
  const explain = useDesign((state) => state.explain);
  const chosen = useDesign((state) => state.explained?.path === path);
  const unit = useUnit();
  return (
    <button
      type="button"
      className={`underline decoration-dotted underline-offset-4 ${chosen ? 'text-chalk-deep' : ''}`}
      aria-label={`${of}, ${size.label} ${formatCut(size.value, unit)}: explain`}
      aria-pressed={chosen}
      onClick={() => explain({ path, into: [] })}
    >
      <Measure mm={size.value} cut />
    </button>
  );
}
