import { useDraggable, useDroppable } from '@dnd-kit/core';
import { mainRoles, setStack, type DesignDocument, type Material } from '@zindle/core';
import { Move } from 'lucide-react';
import { Link, useParams } from 'react-router';
import { ThingShape } from '../../board/thing-shape.tsx';
import { idOfPlacing } from '../../derivations/placing.ts';
import { idOfStack } from '../../derivations/stack-drop.ts';
import { thingTint } from '../../derivations/tints.ts';
import { countWords, heightSeen, thingsToHold, type ThingToHold } from '../../derivations/things.ts';
import { useKinds } from '../../store/kinds-context.ts';
import { useDesign } from '../../store/design-context.ts';
import { offered, useShelves } from '../../store/shelves.ts';
import { Picker } from '../../ui/picker.tsx';
import { sayThickness, sizeWords } from '../../ui/size-words.ts';
import { useLength } from '../../ui/use-length.ts';
import type { WithSolution } from '../use-solved.ts';
import { usePlacing } from './placing/placing-context.ts';
import { takenBy } from './placing/taken-by.ts';
import { placeForHer } from './placing/place-for-her.ts';
import { SwatchStrip } from './swatch-strip.tsx';

/** What must be held, at one scale, and the cloth of each layer. Things are dragged from here to the board. */
export function Tray({ document }: WithSolution) {
  const { id = '' } = useParams();
  const kinds = useKinds();
  const edit = useDesign((state) => state.edit);
  const things = thingsToHold(document);
  const widest = Math.max(60, ...things.map(({ item }) => item?.length ?? 0));
  const homeless = things.filter(({ held }) => !held);
  return (
    <>
      <OutOfHolders />
      <h2 className="text-base">
        To hold <span className="font-sans text-xs font-semibold text-quiet">{countWords(document)}</span>
      </h2>
      {things.length === 0 && <p className="mt-2 text-quiet">Nothing yet.</p>}
      {homeless.length > 0 && (
        <div className="mt-1.5 rounded-lg bg-chalk-soft px-2.5 py-2 text-[13px]">
          <p className="font-semibold text-chalk-deep">
            {homeless.length === 1 ? 'One has no home yet' : `${homeless.length} have no home yet`}
          </p>
          <button
            type="button"
            className="mt-1 font-semibold text-weld underline underline-offset-4"
            onClick={() => placeForHer(document, homeless, edit, kinds)}
          >
            {homeless.length === 1 ? 'Place it for me' : 'Place all for me'}
          </button>
        </div>
      )}
      <ul className="mt-1">
        {things.map((thing) => (
          <TrayRow key={thing.line.id} thing={thing} document={document} scale={44 / widest} />
        ))}
      </ul>
      <Link to={`/d/${id}/hold`} className="mt-2 inline-block font-semibold text-weld underline underline-offset-4">
        {things.length === 0 ? 'Say what it must hold' : 'Change what it holds'}
      </Link>
      <h2 className="mt-6 text-base">Cloth</h2>
      {mainRoles.map((role) => (
        <ClothRow key={role} role={role} document={document} />
      ))}
      <SwatchStrip />
    </>
  );
}

/** While something is carried that has a place, dropping it on the tray takes it out. */
function OutOfHolders() {
  const { offers } = usePlacing();
  const { setNodeRef, isOver } = useDroppable({ id: 'tray/out' });
  if (!offers.some(({ side }) => side === 'out')) return null;
  return (
    // it lies over the list: what is dragged must not be moved by it
    <div className="sticky top-0 z-10 h-0">
      <p
        ref={setNodeRef}
        data-over={isOver}
        className={`rounded-lg border border-dashed border-chalk px-2.5 py-3 text-center text-[13px] shadow-lg ${isOver ? 'bg-chalk-soft font-semibold' : 'bg-sheet'}`}
      >
        Drop it here to take it out
      </p>
    </div>
  );
}

function TrayRow({ thing, document, scale }: { thing: ThingToHold; document: DesignDocument; scale: number }) {
  const length = useLength();
  const select = useDesign((state) => state.select);
  const place = useDesign((state) => state.place);
  const { line, item, name, places, held } = thing;
  const holder = document.holders.find(({ contents }) => contents.some((entry) => entry.line === line.id));
  const { listeners, setNodeRef, isDragging } = useDraggable({ id: idOfPlacing({ kind: 'line', line: line.id }) });
  return (
    <li className={`stitched flex items-center ${isDragging ? 'opacity-45' : ''}`}>
      <button
        ref={setNodeRef}
        type="button"
        {...takenBy(listeners)}
        className="flex min-w-0 flex-1 cursor-grab items-center gap-2.5 rounded py-2 text-left hover:bg-cloth"
        onClick={() => select(holder ? `holders/${holder.id}` : `contents/${line.id}`)}
      >
        <svg width="46" height="34" aria-hidden="true" className="shrink-0">
          {item && (
            <ThingShape
              item={item}
              x={1}
              y={Math.max(1, 17 - (heightSeen(item) * scale) / 2)}
              scale={scale}
              tint={thingTint(document, line.id)}
            />
          )}
        </svg>
        <span className="min-w-0 flex-1">
          <span className="block truncate font-medium">
            {name}
            {line.count > 1 && ` ×${line.count}`}
          </span>
          {item && <span className="block text-xs text-quiet">{sizeWords(item, length)}</span>}
        </span>
      </button>
      <span className="flex shrink-0 flex-col items-end">
        <Place places={places} held={held} />
        <button
          type="button"
          className="rounded p-1.5 text-quiet hover:bg-cloth hover:text-ink"
          aria-label={`Put ${name} somewhere`}
          title="Put it somewhere"
          onClick={() => place({ kind: 'line', line: line.id })}
        >
          <Move size={14} aria-hidden="true" />
        </button>
      </span>
    </li>
  );
}

function Place({ places, held }: { places: string[]; held: boolean }) {
  if (!held)
    return <span className="rounded bg-chalk-soft px-1.5 py-0.5 text-xs font-semibold text-chalk-deep">no home</span>;
  const text = places.length > 2 ? `${places[0]} +${places.length - 1}` : places.join(' ');
  return (
    <span title={places.join(', ')} className="rounded bg-weld-soft px-1.5 py-0.5 text-xs font-semibold text-weld">
      {text}
    </span>
  );
}

type MainRole = (typeof mainRoles)[number];
const roleTitles: Record<MainRole, string> = { exterior: 'Shell', lining: 'Lining', pocket: 'Pockets' };
const uses: Record<MainRole, string[]> = {
  exterior: ['shell', 'lining'],
  lining: ['lining', 'shell'],
  pocket: ['lining', 'shell'],
};
const NONE = 'none';

function ClothRow({ role, document }: { role: MainRole; document: DesignDocument }) {
  const length = useLength();
  const edit = useDesign((state) => state.edit);
  const [cloth, ...others] = document.stacks[role];
  const stiffener = others[0]?.material ?? NONE;
  const own = useShelves((state) => state.own);
  const shelves = useShelves((state) => state.shelves);
  const materials = offered({ own, shelves }, 'materials');
  const option = ({ id, name, thickness, tint }: Material) => ({
    id,
    title: name,
    note: `${thickness.toFixed(2)} mm thick`,
    tint,
  });
  const cloths = uses[role].flatMap((use) => materials.filter((material) => material.use === use)).map(option);
  const stiffeners = materials.filter(({ use }) => use === 'interfacing' || use === 'padding').map(option);
  const thickness = document.stacks[role].reduce(
    (sum, { material }) => sum + (shelves.materials.find(({ id }) => id === material)?.thickness ?? 0),
    0,
  );
  const { setNodeRef, isOver } = useDroppable({ id: idOfStack(role) });
  return (
    <div ref={setNodeRef} className={`mt-2 rounded-lg ${isOver ? 'outline-2 outline-weld' : ''}`}>
      <div className="mb-1 flex justify-between">
        <span className="font-medium">{roleTitles[role]}</span>
        <span className="text-xs text-quiet">{sayThickness(thickness, length)}</span>
      </div>
      <Picker
        label={`${roleTitles[role]} cloth`}
        value={cloth?.material ?? ''}
        options={cloths}
        onPick={(material) => edit(setStack(role, [{ material, coverage: 'full' }, ...others]))}
      />
      {role === 'exterior' && (
        <div className="mt-1">
          <Picker
            label={`${roleTitles[role]} inner layer`}
            value={stiffener}
            options={[{ id: NONE, title: 'no inner layer' }, ...stiffeners]}
            onPick={(material) =>
              edit(
                setStack(role, [
                  ...(cloth ? [cloth] : []),
                  ...(material === NONE ? [] : [{ material, coverage: 'trimmed' as const }]),
                ]),
              )
            }
          />
        </div>
      )}
    </div>
  );
}
