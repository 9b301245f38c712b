import { HELD, type HeldContents } from '../contents/held.ts';
import type { Finding } from '../errors/finding.ts';
import { mm, say } from '../errors/wording.ts';
import type { FittedClearance, Standing } from './clearance.ts';
import { HAIR } from './verdicts.ts';

/** Common practice: with no more to spare a mouth grips what is in it, and holds it. mm */
export const GRIPS = 1.5;
export const HOLDS = 6;
/** Common practice: of what stands out so much can be taken hold of, and so much be caught by a nail. mm */
export const GRIP = 10;
export const PEEK = 3;

/** Whether a thing in an open mouth stays in it when the piece is turned over. */
export const stayIds = ['grips', 'holds', 'loose'] as const;
export type Stays = (typeof stayIds)[number];
/** What there is to take it out by. */
export const outIds = ['grip', 'peek', 'hidden'] as const;
export type ComesOut = (typeof outIds)[number];

/** Nothing where the mouth is not meant to hold it. */
export function staysIn({ slack, shows, deep }: Standing): Stays | undefined {
  if (slack === undefined) return undefined;
  if (slack <= GRIPS) return 'grips';
  return slack <= HOLDS + HAIR && deep - shows >= HELD.value * deep - 1e-6 ? 'holds' : 'loose';
}

export const comesOut = ({ shows }: Standing): ComesOut =>
  shows >= GRIP - HAIR ? 'grip' : shows >= PEEK - HAIR ? 'peek' : 'hidden';

type Stood = FittedClearance & { standing: Standing };

/** What the fitting says of a thing in an open mouth. Lengths in mm. */
export interface OpenVerdict extends Pick<FittedClearance, 'holder' | 'room' | 'line' | 'name'> {
  /** How much of it stands out above the mouth; less than nothing if it lies below. */
  shows: number;
  comesOut: ComesOut;
  staysIn?: Stays;
}

/** The fitting as a plain table: each thing in a mouth that nothing closes over. */
export const openVerdicts = (clearances: readonly FittedClearance[]): OpenVerdict[] =>
  clearances.flatMap(({ holder, room, line, name, standing }) => {
    if (!standing) return [];
    const stays = staysIn(standing);
    const { shows } = standing;
    return [{ holder, room, line, name, shows, comesOut: comesOut(standing), ...(stays && { staysIn: stays }) }];
  });

/** Of open rooms: things that may drop out, that nobody can take hold of, or of which hardly anything shows. */
export function checkHeld(
  clearances: readonly FittedClearance[],
  contents: (line: string) => HeldContents | undefined,
): Finding[] {
  const key = ({ room, line }: FittedClearance) => `${room} ${line}`;
  // what does not go in is told as such
  const tight = new Set(clearances.filter(({ clearance }) => clearance.value < 0).map(key));
  const standing = clearances.filter((each): each is Stood => each.standing !== undefined && !tight.has(key(each)));
  return [
    ...grouped(standing, ({ room }) => room).flatMap(looseIn),
    ...grouped(standing, ({ holder }) => holder).flatMap(shownLess),
    ...standing.filter(({ line }) => contents(line)?.item.rigid).flatMap(hidden),
  ];
}

function grouped(all: readonly Stood[], by: (each: Stood) => string): (readonly Stood[])[] {
  const groups = new Map<string, Stood[]>();
  for (const each of all) groups.set(by(each), [...(groups.get(by(each)) ?? []), each]);
  return [...groups.values()];
}

const about = ({ holder, line }: Stood): string[] => [`holders/${holder}`, `contents/${line}`];

/** The least loose of them: it holds those that lie on it. */
function looseIn(things: readonly Stood[]): Finding[] {
  const [tightest] = [...things].sort((a, b) => (a.standing.slack ?? Infinity) - (b.standing.slack ?? Infinity));
  if (!tightest || staysIn(tightest.standing) !== 'loose') return [];
  const { name, holder, standing } = tightest;
  const { slack = 0 } = standing;
  const text = say`${name} may drop out of ${holder} when the piece is turned over: ${mm(slack)} to spare across, and a mouth holds what has up to ${mm(HOLDS)} and lies in it by half and a little more (common practice).`;
  return [{ code: 'held.loose', severity: 'note', about: about(tightest), numbers: { slack }, limit: HOLDS, text }];
}

/** What shows most of several decides: the pocket is cut for it. */
function shownLess(things: readonly Stood[]): Finding[] {
  const [most] = [...things].sort((a, b) => b.standing.shows - a.standing.shows);
  const { shows, wished } = most!.standing;
  if (wished <= 0 || shows >= wished / 2) return [];
  const text = say`${most!.name} is to stand ${mm(wished)} out of ${most!.holder}, and ${mm(Math.max(0, shows))} show: ease and rounding take the rest.`;
  return [{ code: 'held.showsLess', severity: 'watch', about: about(most!), numbers: { shows }, limit: wished, text }];
}

function hidden(thing: Stood): Finding[] {
  const { name, holder, standing } = thing;
  if (comesOut(standing) !== 'hidden' || staysIn(standing) !== 'grips') return [];
  const { shows } = standing;
  const text = say`${name} sits tight in ${holder}, and nothing of it stands out to take it by. Let ${mm(GRIP)} of it stand out, or sew a ribbon beneath it to pull it out by.`;
  return [{ code: 'held.hidden', severity: 'note', about: about(thing), numbers: { shows }, limit: GRIP, text }];
}
