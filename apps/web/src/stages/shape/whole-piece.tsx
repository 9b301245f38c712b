import {
  addPart,
  changeForm,
  gridIds,
  gridLabel,
  removePart,
  setClosure,
  rulerIds,
  setGrid,
  setRuler,
  type GridId,
} from '@zindle/core';
import { Trash2 } from 'lucide-react';
import { Link, useParams } from 'react-router';
import { toast } from 'sonner';
import { useKinds } from '../../store/kinds-context.ts';
import { useDesign } from '../../store/design-context.ts';
import { shelvesNow } from '../../store/shelves.ts';
import { Picker } from '../../ui/picker.tsx';
import { withUsualChoices } from '../../store/usual-choices.ts';
import type { WithSolution } from '../use-solved.ts';

/** What is decided for the piece as a whole: its form, how it closes, what is set on it, how sizes are rounded. */
export function WholePiece({ document }: WithSolution) {
  const { id = '' } = useParams();
  const edit = useDesign((state) => state.edit);
  const select = useDesign((state) => state.select);
  const kinds = useKinds();
  const family = kinds.bodies[document.body.kind];
  const closures = (family?.closures ?? []).map((each) => ({
    id: each,
    title: kinds.closures[each]?.title ?? each,
  }));
  function toForm(kind: string) {
    const change = changeForm(document, { kind }, shelvesNow().items, withUsualChoices(kinds));
    edit(change.edit);
    select('body');
    if (change.notes.length > 0) toast(change.notes.join(' '), { duration: 12_000 });
  }
  return (
    <>
      <div>
        <div className="mb-1 flex justify-between">
          <span aria-hidden="true">Form</span>
          <Link to={`/d/${id}/choose`} className="text-xs font-semibold text-weld underline underline-offset-4">
            compare forms
          </Link>
        </div>
        <Picker
          label="Form"
          value={document.body.kind}
          options={Object.entries(kinds.bodies).map(([kind, { title, about }]) => ({
            id: kind,
            title,
            note: about,
          }))}
          onPick={toForm}
        />
      </div>
      <div>
        <div className="mb-1 flex justify-between">
          <span aria-hidden="true">Closes with</span>
          {document.closure.kind !== 'none' && <SizesLink path="closure" />}
        </div>
        <Picker
          label="Closes with"
          value={document.closure.kind}
          options={closures}
          onPick={(kind) => edit(setClosure(kind, closures.find((each) => each.id === kind)!.title))}
        />
      </div>
      <PartList document={document} />
      <div className="flex items-center justify-between gap-3">
        <span aria-hidden="true">Sizes rounded to</span>
        <Picker
          label="Sizes rounded to"
          className="w-32"
          value={document.grid}
          options={gridIds.map((grid) => ({ id: grid, title: gridLabel(grid) }))}
          onPick={(grid) => edit(setGrid(grid as GridId))}
        />
      </div>
      <div className="flex items-center justify-between gap-3">
        <span aria-hidden="true">Cut by</span>
        <Picker
          label="Cut by"
          className="w-32"
          value={document.ruler ?? PATTERN}
          options={[
            { id: PATTERN, title: 'the pattern' },
            ...rulerIds.map((ruler) => ({ id: ruler, title: `ruler, ${gridLabel(ruler)}` })),
          ]}
          onPick={(id) => edit(setRuler(rulerIds.find((ruler) => ruler === id)))}
        />
      </div>
    </>
  );
}

const PATTERN = 'pattern';

const SizesLink = ({ path }: { path: string }) => {
  const select = useDesign((state) => state.select);
  return (
    <button
      type="button"
      className="text-xs font-semibold text-weld underline underline-offset-4"
      onClick={() => select(path)}
    >
      its sizes
    </button>
  );
};

const CHOOSE = 'choose';

/** Handles, straps, bases and the like. */
function PartList({ document }: Pick<WithSolution, 'document'>) {
  const edit = useDesign((state) => state.edit);
  const kinds = useKinds();
  const possible = kinds.bodies[document.body.kind]?.parts ?? [];
  const titleOf = (kind: string) => kinds.parts[kind]?.title ?? kind;
  const { parts = [] } = document;
  if (possible.length === 0 && parts.length === 0) return null;
  return (
    <section aria-label="Set on it">
      <span aria-hidden="true">Set on it</span>
      {parts.length > 0 && (
        <ul className="mb-1.5 rounded-lg border border-hair bg-white">
          {parts.map(({ id, kind }) => (
            <li key={id} className="flex items-center gap-2 px-2.5 py-1 not-last:border-b not-last:border-hair/70">
              <span className="flex-1">{titleOf(kind)}</span>
              <SizesLink path={`parts/${id}`} />
              <button
                type="button"
                className="rounded p-1.5 text-quiet hover:bg-cloth hover:text-ink"
                aria-label={`Take ${titleOf(kind).toLowerCase()} away`}
                onClick={() => edit(removePart(id, titleOf(kind)))}
              >
                <Trash2 size={14} aria-hidden="true" />
              </button>
            </li>
          ))}
        </ul>
      )}
      {possible.length > 0 && (
        <Picker
          label="Add to it"
          value={CHOOSE}
          options={[
            { id: CHOOSE, title: 'Add handles, straps, inserts …' },
            ...possible.map((kind) => ({ id: kind, title: titleOf(kind) })),
          ]}
          onPick={(kind) => kind !== CHOOSE && edit(addPart(kind, titleOf(kind)))}
        />
      )}
    </section>
  );
}

/** What can be done with a part. */
export function PartTools({ id, title }: { id: string; title: string }) {
  const edit = useDesign((state) => state.edit);
  const select = useDesign((state) => state.select);
  return (
    <button
      type="button"
      className="button"
      onClick={() => {
        edit(removePart(id, title));
        select('body');
      }}
    >
      <Trash2 size={14} aria-hidden="true" /> Take it away
    </button>
  );
}
