import {
  changeContents,
  changeItem,
  limits,
  removeContents,
  type ContentsLine,
  type DesignDocument,
  type Item,
} from '@zindle/core';
import { itemOf } from '../../derivations/things.ts';
import type { Solved } from '../../derivations/solution.ts';
import { useDesign } from '../../store/design-context.ts';
import { useShelves } from '../../store/shelves.ts';
import { Choice } from '../../ui/choice.tsx';
import { CountField } from '../../ui/count-field.tsx';
import { LengthField } from '../../ui/length-field.tsx';
import { NameField } from '../../ui/name-field.tsx';
import { useLength } from '../../ui/use-length.ts';
import { OtherWays } from './other-ways.tsx';

type Side = 'length' | 'width' | 'thickness';
const sides: Record<Side, string> = { length: 'Length', width: 'Width', thickness: 'Thickness' };

interface Props {
  document: DesignDocument;
  line: ContentsLine;
  solved: Solved;
}

/** The thing in hand: its measures, how many, how it goes in, and what follows from it. */
export function ThingInspector({ document, line, solved }: Props) {
  const edit = useDesign((state) => state.edit);
  const items = useShelves((state) => state.shelves.items);
  const item = itemOf(document, line);
  const name = line.name ?? item?.name ?? line.item;
  const change = (what: Partial<Omit<ContentsLine, 'id' | 'item'>>, gesture?: string) =>
    edit(changeContents(line.id, what, items), gesture);
  return (
    <>
      <h2 className="sr-only">{name}</h2>
      <NameField
        label="Name of the thing"
        value={name}
        onName={(next) => change({ name: next })}
        className="-ml-2 text-lg"
      />
      {item ? (
        <>
          <p className="text-xs text-quiet">{item.source === 'yours' ? 'measured by you' : item.source}</p>
          <div className="mt-3 space-y-2.5">
            <Measures line={line} item={item} />
            <OtherWays line={line} item={item} />
            <CountField
              label="How many"
              value={line.count}
              {...limits.count}
              onCount={(count) => change({ count, perHolder: Math.min(line.perHolder, count) }, `count-${line.id}`)}
            />
            <CountField
              label="Together in one pocket"
              value={line.perHolder}
              least={1}
              most={line.count}
              onCount={(perHolder) => change({ perHolder }, `together-${line.id}`)}
            />
            <Choice
              label="It goes in"
              value={line.orientation}
              choices={[
                { id: 'lying', title: 'lying', why: 'Its long side runs across the pocket.' },
                { id: 'upright', title: 'upright', why: 'Its long side goes down into the pocket.' },
              ]}
              onChoice={(orientation) => change({ orientation })}
            />
          </div>
          <WhatFollows line={line} solved={solved} name={name} />
        </>
      ) : (
        <p className="mt-2 text-chalk-deep">This thing is not on the shelves any more. Take it out and add it again.</p>
      )}
      <button type="button" className="button mt-5" onClick={() => edit(removeContents(line.id, name))}>
        Take it out
      </button>
    </>
  );
}

/** What is asked of a thing: of a rod its diameter once. */
function asked({ shape }: Item): Partial<Record<Side, string>> {
  if (shape === 'cylinder') return { length: 'Length', width: 'Diameter' };
  return shape === 'disc' || shape === 'ball' ? { length: 'Diameter', thickness: 'Height' } : sides;
}

/** The thing with one side measured anew; what is round has it twice. */
function measured(item: Item, side: Side, mm: number): Item {
  if (item.shape === 'cylinder')
    return { ...item, ...(side === 'length' ? { length: mm } : { width: mm, thickness: mm }) };
  const round = item.shape === 'disc' || item.shape === 'ball';
  const next = { ...item, [side]: mm, ...(round && side === 'length' && { width: mm }) };
  return { ...next, length: Math.max(next.length, next.width), width: Math.min(next.length, next.width) };
}

function Measures({ line, item }: { line: ContentsLine; item: Item }) {
  const edit = useDesign((state) => state.edit);
  return (Object.entries(asked(item)) as [Side, string][]).map(([side, name]) => (
    <LengthField
      key={side}
      label={name}
      value={item[side]}
      {...limits.size}
      onLength={(mm, gesture) => edit(changeItem(line, measured(item, side, mm), `own-${line.id}`), gesture)}
    />
  ));
}

function WhatFollows({ line, solved, name }: { line: ContentsLine; solved: Solved; name: string }) {
  const length = useLength();
  if (!solved.ok) return null;
  const homes = solved.solution.holders.filter(({ clearances }) => clearances.some((each) => each.line === line.id));
  return (
    <section className="mt-4 rounded-xl bg-cloth px-3.5 py-3" aria-label="What follows">
      <h3 className="text-base">What follows</h3>
      {homes.length === 0 && <p className="mt-1">No holder of this piece suits {name}: it has no home yet.</p>}
      {homes.map((holder) => {
        const across = holder.clearances.find((each) => each.line === line.id && each.direction === 'across')!;
        return (
          <p key={holder.id} className="mt-1 leading-snug">
            {holder.title} {holder.id}: it asks for {length(across.required.value)} between the stitches and gets{' '}
            {length(across.available.value, true)}, so {length(across.clearance.value)} of ease.
          </p>
        );
      })}
    </section>
  );
}
