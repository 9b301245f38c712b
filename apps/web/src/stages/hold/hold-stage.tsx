import { useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { duplicateContents, removeAll, removeContents } from '@zindle/core';
import { Link, useParams } from 'react-router';
import { thingsToHold, whyHomeless } from '../../derivations/things.ts';
import { useDesign } from '../../store/design-context.ts';
import { shelvesNow } from '../../store/shelves.ts';
import { EVERYWHERE } from '../../ui/keys.ts';
import { PartOfDesign } from '../part-of-design.tsx';
import { useSolved } from '../use-solved.ts';
import { AddThings } from './add-things.tsx';
import { SeveralInspector } from './several-inspector.tsx';
import { ThingInspector } from './thing-inspector.tsx';
import { ThingsTable } from './things-table.tsx';

/** What must it hold? Everything on the table at one scale. */
export function HoldStage() {
  const { document, solved } = useSolved();
  const { line, marked, marking, setMarking, choose } = useMarks();
  const [invited, invite] = useState(0);
  return (
    <div className="grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)_310px] grid-rows-[auto_minmax(0,1fr)_auto]">
      <AddThings document={document} invited={invited} />
      <aside
        aria-label="The thing in hand"
        className="row-span-3 overflow-y-auto border-l border-hair bg-sheet p-3.5"
        tabIndex={0}
      >
        <PartOfDesign part="panel">
          {marked.length > 1 ? (
            <SeveralInspector document={document} marked={marked} />
          ) : line ? (
            <ThingInspector key={line.id} document={document} line={line} solved={solved} />
          ) : (
            <p className="text-quiet">Add a thing, and its measures stand here.</p>
          )}
        </PartOfDesign>
      </aside>
      <main className="relative min-h-0 min-w-0">
        <PartOfDesign part="drawing of the things">
          <ThingsTable
            document={document}
            chosen={line?.id}
            marked={marked}
            marking={marking}
            onMarking={setMarking}
            onChoose={choose}
            onInvite={() => invite((count) => count + 1)}
          />
        </PartOfDesign>
      </main>
      <PartOfDesign part="line below">
        <Homes />
      </PartOfDesign>
    </div>
  );
}

/** The thing in hand, and those that are marked together with it. */
function useMarks() {
  const document = useDesign((state) => state.document);
  const selection = useDesign((state) => state.selection);
  const select = useDesign((state) => state.select);
  const edit = useDesign((state) => state.edit);
  const [more, setMore] = useState<readonly string[]>([]);
  const [marking, setMarking] = useState(false);
  const { contents } = document;
  const line = contents.find(({ id }) => selection === `contents/${id}`) ?? contents[0];
  const marked = more.filter((id) => contents.some((each) => each.id === id));

  function choose(id: string, several: boolean) {
    select(`contents/${id}`);
    if (!several) return setMore([]);
    // the one that was in hand is marked too
    const from = marked.length === 0 && line && !marking ? [line.id] : marked;
    setMore(from.includes(id) ? from.filter((each) => each !== id) : [...from, id]);
  }
  const inHand = marked.length > 1 ? marked : line ? [line.id] : [];
  useHotkeys(
    'delete, backspace',
    () => {
      const name = line?.name ?? line?.item ?? '';
      if (inHand.length > 0) edit(inHand.length > 1 ? removeAll(inHand) : removeContents(inHand[0]!, name));
    },
    EVERYWHERE,
  );
  useHotkeys(
    'mod+d',
    (event) => {
      event.preventDefault();
      if (inHand.length > 0) edit(duplicateContents(inHand, shelvesNow().items));
    },
    EVERYWHERE,
  );
  useHotkeys(
    'mod+a',
    (event) => {
      event.preventDefault();
      setMore(contents.map(({ id }) => id));
    },
    EVERYWHERE,
  );
  useHotkeys('escape', () => setMore([]), EVERYWHERE);
  return {
    line,
    marked,
    marking,
    setMarking: (on: boolean) => {
      setMarking(on);
      setMore([]);
    },
    choose,
  };
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
      <Link to={`/d/${id}/choose`} className="button shrink-0">
        Compare forms
      </Link>
      <Link to={`/d/${id}/shape`} className="button button-main shrink-0">
        See it drawn
      </Link>
    </section>
  );
}
