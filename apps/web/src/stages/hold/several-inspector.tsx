import {
  changeContents,
  duplicateContents,
  removeAll,
  shareHolder,
  type DesignDocument,
  type Reach,
} from '@zindle/core';
import { itemOf } from '../../derivations/things.ts';
import { useDesign } from '../../store/design-context.ts';
import { useShelves } from '../../store/shelves.ts';
import { Choice } from '../../ui/choice.tsx';
import { reachChoices } from './line-questions.tsx';

/** Several things at once: let them share, put them in order, double them or take them out. */
export function SeveralInspector({ document, marked }: { document: DesignDocument; marked: readonly string[] }) {
  const edit = useDesign((state) => state.edit);
  const items = useShelves((state) => state.shelves.items);
  const lines = document.contents.filter(({ id }) => marked.includes(id));
  const groups = new Set(lines.map(({ group }) => group));
  const together = groups.size === 1 && lines[0]?.group !== undefined;
  const reaches = new Set(lines.map(({ reach = 'sometimes' }) => reach));
  const grams = lines.reduce((sum, line) => sum + (itemOf(document, line)?.mass ?? 0) * line.count, 0);
  return (
    <>
      <h2 className="text-lg">{lines.length} things marked</h2>
      <p className="text-quiet">
        {lines.map((line) => line.name ?? itemOf(document, line)?.name ?? line.item).join(', ')}
        {grams > 0 && ` · ${grams} g`}
      </p>
      <div className="mt-4 space-y-3">
        <Choice<Reach | ''>
          label="Reached for"
          value={reaches.size === 1 ? [...reaches][0]! : ''}
          choices={reachChoices}
          onChoice={(reach) =>
            reach && edit(changeContents(marked, { reach }, items, 'Change how often they are reached for'))
          }
        />
        <div className="flex flex-wrap gap-2">
          {together ? (
            <button
              type="button"
              className="button"
              onClick={() => edit(changeContents(marked, { group: undefined }, items, 'Let them go their own ways'))}
            >
              Each a place of its own
            </button>
          ) : (
            <button type="button" className="button" onClick={() => edit(shareHolder(marked, items))}>
              Let them share a place
            </button>
          )}
          <button type="button" className="button" onClick={() => edit(duplicateContents(marked, items))}>
            Duplicate them
          </button>
          <button type="button" className="button" onClick={() => edit(removeAll(marked))}>
            Take them out
          </button>
        </div>
        <p className="text-xs text-quiet">Ctrl+A marks everything, Esc nothing; Ctrl+D doubles, Del takes out.</p>
      </div>
    </>
  );
}
