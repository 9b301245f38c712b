import {
  changeContents,
  changeItem,
  duplicateContents,
  limits,
  removeContents,
  traitAdvice,
  type ContentsLine,
  type DesignDocument,
  type Item,
  type LineChange,
  waysToStand,
} from '@zindle/core';
import { useState } from 'react';
import { toast } from 'sonner';
import { api } from '../../api/client.ts';
import type { Solved } from '../../derivations/solution.ts';
import { askedSides, measuredSide, type Side } from '../../derivations/thing-sides.ts';
import { itemOf } from '../../derivations/things.ts';
import { useDesign } from '../../store/design-context.ts';
import { useShelves } from '../../store/shelves.ts';
import { Choice } from '../../ui/choice.tsx';
import { CountField } from '../../ui/count-field.tsx';
import { LengthField } from '../../ui/length-field.tsx';
import { NameField } from '../../ui/name-field.tsx';
import { NumberField } from '../../ui/number-field.tsx';
import { Signal } from '../../ui/signal.tsx';
import { useLength, type SayLength } from '../../ui/use-length.ts';
import { LayDialog } from './lay-dialog.tsx';
import { LineQuestions } from './line-questions.tsx';
import { OtherWays } from './other-ways.tsx';

interface Props {
  document: DesignDocument;
  line: ContentsLine;
  solved: Solved;
}

/** The thing in hand: its measures, how many, how it goes in, what it is like, and what follows from it. */
export function ThingInspector({ document, line, solved }: Props) {
  const edit = useDesign((state) => state.edit);
  const items = useShelves((state) => state.shelves.items);
  const item = itemOf(document, line);
  const name = line.name ?? item?.name ?? line.item;
  const change = (what: LineChange) => edit(changeContents(line.id, what, items));
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
              onCount={(count) => change({ count, perHolder: Math.min(line.perHolder, count) })}
            />
            <CountField
              label="Together in one pocket"
              value={line.perHolder}
              least={1}
              most={line.count}
              onCount={(perHolder) => change({ perHolder })}
            />
            <Choice
              label="It goes in"
              value={line.orientation}
              choices={waysToStand}
              onChoice={(orientation) => change({ orientation })}
            />
          </div>
          <LineQuestions document={document} line={line} item={item} />
          <WhatFollows document={document} line={line} item={item} solved={solved} name={name} />
        </>
      ) : (
        <p className="mt-2 text-chalk-deep">This thing is not on the shelves any more. Take it out and add it again.</p>
      )}
      <div className="mt-5 flex flex-wrap gap-2">
        {item && <KeepOnShelf item={item} name={name} />}
        <button type="button" className="button" onClick={() => edit(duplicateContents([line.id], items))}>
          Duplicate
        </button>
        <button type="button" className="button" onClick={() => edit(removeContents(line.id, name))}>
          Take it out
        </button>
      </div>
    </>
  );
}

function Measures({ line, item }: { line: ContentsLine; item: Item }) {
  const edit = useDesign((state) => state.edit);
  const [laid, lay] = useState(false);
  const set = (next: Item) => edit(changeItem(line, next, `own-${line.id}`));
  return (
    <>
      {(Object.entries(askedSides(item)) as [Side, string][]).map(([side, name]) => (
        <LengthField
          key={side}
          label={name}
          value={item[side]}
          {...limits.size}
          onLength={(mm) => set(measuredSide(item, side, mm))}
        />
      ))}
      <NumberField
        label="Mass"
        unit="g"
        value={item.mass ?? 0}
        least={0}
        most={100_000}
        onNumber={(mass) => set({ ...item, mass })}
      />
      <button type="button" className="button" onClick={() => lay(true)}>
        Lay it on the screen
      </button>
      {laid && <LayDialog item={item} onSize={set} onClose={() => lay(false)} />}
    </>
  );
}

/** Puts a copy of a thing that was measured here on the maker's own shelf. */
function KeepOnShelf({ item, name }: { item: Item; name: string }) {
  const take = useShelves((state) => state.take);
  if (item.source !== 'yours') return null;
  async function keep() {
    try {
      const stored = await api.createEntry('items', { ...item, id: undefined, name });
      take('items', stored);
      toast(`“${name}” stands on your shelf of things.`);
    } catch (error) {
      toast.error(error instanceof Error ? error.message : String(error));
    }
  }
  return (
    <button type="button" className="button" onClick={() => void keep()}>
      Keep on my shelf
    </button>
  );
}

type Across = Extract<Solved, { ok: true }>['solution']['holders'][number]['clearances'][number];

/** What it asks for between the stitches and gets; a thing that gives asks for less when it is pressed. */
function easeOf({ required, available, clearance, atRest }: Across, length: SayLength): string {
  const gets = length(available.value, true);
  if (!atRest)
    return `it asks for ${length(required.value)} between the stitches and gets ${gets}, so ${length(clearance.value)} of ease.`;
  const left = atRest.value;
  const asItComes = left < 0 ? `it takes ${length(-left)} more` : `${length(left)} of ease are left`;
  return `pressed it asks for ${length(required.value)} between the stitches and gets ${gets}; as it comes ${asItComes}.`;
}

/** How much of it can be taken hold of in an open mouth. */
const standsIn = ({ shows }: { shows: number }, length: (mm: number) => string): string =>
  shows > 0 ? `${length(shows)} of it stand out above the mouth.` : `It lies ${length(-shows)} below the mouth.`;

interface FollowsProps extends Props {
  item: Item;
  name: string;
}

function WhatFollows({ document, line, item, solved, name }: FollowsProps) {
  const length = useLength();
  const { materials, hardware } = useShelves((state) => state.shelves);
  if (!solved.ok) return null;
  const { holders, hardware: needs } = solved.solution;
  const homes = holders.filter(({ clearances }) => clearances.some((each) => each.line === line.id));
  const magnets = needs.some(({ id }) => hardware.find((each) => each.id === id)?.kind === 'magnet');
  const advice = traitAdvice(item, document, { materials, magnets });
  return (
    <section className="mt-4 rounded-xl bg-cloth px-3.5 py-3" aria-label="What follows">
      <h3 className="text-base">What follows</h3>
      {homes.length === 0 && <p className="mt-1">No holder of this piece suits {name}: it has no home yet.</p>}
      {homes.map((holder) => {
        const across = holder.clearances.find((each) => each.line === line.id && each.direction === 'across')!;
        const standing = holder.clearances.find((each) => each.line === line.id && each.standing)?.standing;
        return (
          <p key={holder.id} className="mt-1 leading-snug">
            {holder.title} {holder.id}: {easeOf(across, length)}
            {standing && ` ${standsIn(standing, length)}`}
          </p>
        );
      })}
      {advice.map(({ trait, text, met }) => (
        <p key={trait} className="mt-1 flex gap-2 leading-snug">
          <Signal of={met === undefined ? 'note' : met ? 'fine' : 'watch'} />
          {text}
        </p>
      ))}
    </section>
  );
}
