import { limits, setOwnLayers, type Layer, type Piece } from '@zindle/core';
import { Plus, X } from 'lucide-react';
import { cutAlike, layersOf, ownOf } from '../../derivations/own-piece.ts';
import { useDesign } from '../../store/design-context.ts';
import { offered, useShelves } from '../../store/shelves.ts';
import { Picker } from '../../ui/picker.tsx';
import { CoverageChoice } from '../hold/cloth/coverage-choice.tsx';
import { roleWords } from '../hold/cloth/role-words.ts';
import type { WithSolution } from '../use-solved.ts';

/** The layers of the piece in hand: those of its role until others are chosen for this piece alone. */
export function PieceLayers({ document, solution, piece }: WithSolution & { piece: Piece }) {
  const edit = useDesign((state) => state.edit);
  const all = useShelves((state) => state.shelves.materials);
  const own = useShelves((state) => state.own);
  const alike = cutAlike(solution, piece).map(({ id }) => id);
  const layers = layersOf(piece);
  const chosen = ownOf(document, piece.id)?.layers !== undefined;
  const set = (next: Layer[] | undefined) => edit(setOwnLayers(alike, `the ${piece.name}`, next));
  const options = offered({ own, shelves: useShelves.getState().shelves }, 'materials').map(
    ({ id, name, tint, thickness }) => ({
      id,
      title: name,
      note: `${thickness.toFixed(2)} mm`,
      ...(tint && { tint }),
    }),
  );
  const nameOf = (id: string) => all.find((each) => each.id === id)?.name ?? id;
  const tintOf = (id: string) => all.find((each) => each.id === id)?.tint ?? '#fff';
  const role = roleWords[piece.role].title.toLowerCase();
  return (
    <section aria-label="Layers of this piece" className="mt-3 border-t border-hair pt-2.5">
      <h3 className="text-sm">Layers</h3>
      <p className="text-quiet">
        {chosen ? 'Chosen for this piece.' : `As those of ${role}; what you change here is for this piece alone.`}
      </p>
      <ol className="mt-1.5 space-y-2" aria-label="From the right side inwards">
        {layers.map((layer, index) => (
          <li key={index} className="flex items-center gap-2">
            <Picker
              label={`Layer ${index + 1}`}
              value={layer.material}
              options={options}
              onPick={(material) => set(layers.with(index, { ...layer, material }))}
              className="min-w-0 flex-1"
            />
            {piece.layers[index]?.held !== 'outer' && (
              <span className="text-xs text-quiet">{piece.layers[index]?.held}</span>
            )}
            {index > 0 && (
              <CoverageChoice
                label={`How far ${nameOf(layer.material)} goes`}
                value={layer.coverage}
                tint={tintOf(layer.material)}
                onCoverage={(coverage) => set(layers.with(index, { ...layer, coverage }))}
              />
            )}
            {index > 0 && (
              <button
                type="button"
                aria-label={`Take ${nameOf(layer.material)} off`}
                title="Take it off"
                className="rounded p-1.5 hover:bg-white"
                onClick={() => set(layers.toSpliced(index, 1))}
              >
                <X size={15} aria-hidden="true" />
              </button>
            )}
          </li>
        ))}
      </ol>
      <div className="mt-2 flex items-center justify-between gap-3">
        {layers.length < limits.layers && (
          <button
            type="button"
            className="button min-h-8 px-2.5 text-[13px]"
            onClick={() => set([...layers, { material: stiffest(all) ?? layers[0]!.material, coverage: 'trimmed' }])}
          >
            <Plus size={14} aria-hidden="true" /> Add a layer
          </button>
        )}
        {chosen && (
          <button
            type="button"
            className="text-[13px] font-semibold text-weld underline underline-offset-4"
            onClick={() => set(undefined)}
          >
            Layers of {role} again
          </button>
        )}
      </div>
    </section>
  );
}

/** What is added first: something that stiffens, as that is what single pieces get most often. */
const stiffest = (all: ReturnType<typeof useShelves.getState>['shelves']['materials']): string | undefined =>
  all.find(({ use }) => use === 'interfacing')?.id;
