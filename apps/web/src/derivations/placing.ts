import {
  builtInKinds,
  capital,
  leaveOut,
  lower,
  moveHolder,
  placesFor,
  putThings,
  removeHolder,
  spotsFor,
  type Board,
  type Box,
  type DesignDocument,
  type Edit,
  type Kinds,
  type Shelves,
  type Spot,
  type Trial,
} from '@zindle/core';
import { useEffect, useState } from 'react';
import type { Placing } from '../store/design-store.ts';
import type { TrialDone, TrialTask } from '../workers/trial-worker.ts';
import { itemOf } from './things.ts';
import { once } from './once.ts';

/** A place that is offered for what is in hand. */
export interface Offer {
  id: string;
  face: string;
  /** The holder that it goes into, or the one that it would lie beside; nothing for an empty face. */
  holder: string | undefined;
  side: 'into' | NonNullable<Spot['beside']>['side'] | 'face' | 'out';
  title: string;
  where: string;
  /** Why it suits; empty for a holder that is moved. */
  why: string;
  edit: Edit;
}

/** Every place for what is in hand, the best first. */
export function offersFor(
  document: DesignDocument,
  placing: Placing | undefined,
  kinds: Kinds = builtInKinds,
): Offer[] {
  if (!placing) return [];
  if (placing.kind === 'holder')
    return [...spotOffers(document, placing.holder, kinds), outOf(document, placing.holder, kinds)];
  const line = document.contents.find(({ id }) => id === placing.line);
  const item = line && itemOf(document, line);
  if (!line || !item) return [];
  const name = line.name ?? item.name;
  const held = document.holders.some(({ contents }) => contents.some((entry) => entry.line === line.id));
  const places = placesFor(document, item, line.id, kinds).map(({ id, place, face, title, where, why }): Offer => {
    const beside = 'into' in place ? undefined : place.beside;
    return {
      id,
      face,
      holder: 'into' in place ? place.into : beside?.holder,
      side: 'into' in place ? 'into' : (beside?.side ?? 'face'),
      title: 'into' in place ? title : `New ${lower(title)}`,
      where,
      why,
      edit: putThings(line, name, place),
    };
  });
  return held ? [...places, { ...out, edit: leaveOut(line.id, name) }] : places;
}

/** Back to the tray. */
const out = {
  id: 'out',
  face: '',
  holder: undefined,
  side: 'out',
  title: 'Out, back to the tray',
  where: 'it has no home then',
  why: '',
} as const;

function outOf(document: DesignDocument, id: string, kinds: Kinds): Offer {
  const kind = document.holders.find((holder) => holder.id === id)?.kind ?? '';
  const title = kinds.holders[kind]?.title.toLowerCase() ?? 'holder';
  return { ...out, where: 'what it holds has no home then', edit: removeHolder(id, title) };
}

function spotOffers(document: DesignDocument, holder: string, kinds: Kinds): Offer[] {
  return spotsFor(document, holder, kinds).map(({ id, spot, face, where }): Offer => ({
    id,
    face,
    holder: spot.beside?.holder,
    side: spot.beside?.side ?? 'face',
    title: capital(where),
    where,
    why: '',
    edit: moveHolder(holder, 'holder', spot),
  }));
}

/** What is dragged, as an id. */
export const idOfPlacing = (placing: Placing): string =>
  placing.kind === 'line' ? `line/${placing.line}` : `holder/${placing.holder}`;

/** The other way. */
export function placingOf(id: string): Placing | undefined {
  const [kind, name = ''] = id.split('/');
  if (kind === 'line') return { kind, line: name };
  return kind === 'holder' ? { kind, holder: name } : undefined;
}

/** How much of a holder at its edge stands for “beside it”. */
const EDGE = 0.22;

/** Where an offer lies on a board, mm; nothing if its face is not on it. */
export function offerBox(
  { face, holder, side }: Offer,
  { rooms, holders }: Pick<Board, 'rooms' | 'holders'>,
): Box | undefined {
  if (side === 'face') return rooms.find((room) => room.face === face);
  const box = holders.find(({ id }) => id === holder);
  if (!box) return undefined;
  const { x0, x1, y0, y1 } = box;
  const [wide, high] = [(x1 - x0) * EDGE, (y1 - y0) * EDGE];
  const parts: Record<Exclude<Offer['side'], 'out'>, Box> = {
    face: box,
    into: { x0: x0 + wide, x1: x1 - wide, y0: y0 + high, y1: y1 - high },
    left: { x0, x1: x0 + wide, y0: y0 + high, y1: y1 - high },
    right: { x0: x1 - wide, x1, y0: y0 + high, y1: y1 - high },
    top: { x0, x1, y0: y1 - high, y1 },
    bottom: { x0, x1, y0, y1: y0 + high },
  };
  return side === 'out' ? undefined : parts[side];
}

const trialWorker = once(() => new Worker(new URL('../workers/trial-worker.ts', import.meta.url), { type: 'module' }));
let tasks = 0;

/** What each place would do, as it is tried by a worker; more come in while it works. */
export function useTrials(
  document: DesignDocument,
  placing: Placing | undefined,
  shelves: Shelves,
): ReadonlyMap<string, Trial> {
  const [done, setDone] = useState<{ of: Placing | undefined; trials: ReadonlyMap<string, Trial> }>({
    of: undefined,
    trials: new Map(),
  });
  useEffect(() => {
    if (!placing) return;
    const worker = trialWorker();
    tasks += 1;
    const task = tasks;
    const take = ({ data }: MessageEvent<TrialDone>) => {
      if (data.task !== task) return;
      setDone((before) => ({
        of: placing,
        trials: new Map(before.of === placing ? before.trials : []).set(data.place, data.trial),
      }));
    };
    worker.addEventListener('message', take);
    worker.postMessage({ task, document, shelves, what: placing } satisfies TrialTask);
    return () => worker.removeEventListener('message', take);
  }, [document, placing, shelves]);
  return done.of === placing ? done.trials : none;
}

const none: ReadonlyMap<string, Trial> = new Map();
