import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { thingsToHold, whyHomeless } from '../../derivations/things.ts';
import { useDesign } from '../../store/design-context.ts';
import { useSolved } from '../use-solved.ts';
import { AddThings } from './add-things.tsx';
import { ThingInspector } from './thing-inspector.tsx';
import { ThingsTable } from './things-table.tsx';

/** What must it hold? Everything on the table at one scale. */
export function HoldStage() {
  const { document, solved } = useSolved();
  const selection = useDesign((state) => state.selection);
  const [first] = document.contents;
  const line = document.contents.find(({ id }) => selection === `contents/${id}`) ?? first;
  const [invited, invite] = useState(0);
  return (
    <div className="grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)_310px] grid-rows-[auto_minmax(0,1fr)_auto]">
      <AddThings document={document} invited={invited} />
      <aside
        aria-label="The thing in hand"
        className="row-span-3 overflow-y-auto border-l border-hair bg-sheet p-3.5"
        tabIndex={0}
      >
        {line ? (
          <ThingInspector key={line.id} document={document} line={line} solved={solved} />
        ) : (
          <p className="text-quiet">Add a thing, and its measures stand here.</p>
        )}
      </aside>
      <main className="relative min-h-0 min-w-0">
        <ThingsTable document={document} chosen={line?.id} onInvite={() => invite((count) => count + 1)} />
      </main>
      <Homes />
    </div>
  );
}

/** Where everything goes, in a line, and the next move. */
function Homes() {
  const { id = '' } = useParams();
  const { document } = useSolved();
  const things = thingsToHold(document);
  const homeless = things.filter(({ held }) => !held);
  if (things.length === 0) return null;
  return (
    <section
      aria-label="Where everything goes"
      className="flex items-center gap-4 border-t border-ink bg-white px-4 py-2.5"
    >
      <p className="min-w-0 flex-1">
        {homeless.length === 0 ? (
          <>
            <b className="font-semibold text-weld">Everything has a place: </b>
            {things.map(({ name, places }) => `${name} in ${places.join(', ')}`).join(' · ')}
          </>
        ) : (
          <>
            <b className="font-semibold text-chalk-deep">No home yet: </b>
            {homeless.map(({ name, item }) => `${name}. ${item ? whyHomeless(item, document) : ''}`).join(' ')}
          </>
        )}
      </p>
      <Link to={`/d/${id}/shape`} className="button button-main shrink-0">
        See it drawn
      </Link>
    </section>
  );
}
