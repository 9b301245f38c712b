import type { DesignDocument } from '../document/design-document.ts';
import type { Finding } from '../errors/finding.ts';
import { say } from '../errors/wording.ts';
import type { Kinds } from '../kinds/kind-set.ts';
import type { HardwareNeed } from '../pieces/contribution.ts';
import type { Shelves } from '../shelves/shelves.ts';
import type { Resolved } from './resolve.ts';
import { kindOf } from '../document/kind-of.ts';

/** Common practice: from here on the ends of a strap want more than two rows of stitching. g */
const HEAVY = 5_000;
/** A weight that is often named as the most for one person to lift; local rules for lifting go before. g */
const TOO_HEAVY = 25_000;
/** Common practice: lifted with a jerk it pulls so many times as hard. */
const SHOCK = 3;

/** What the things in it do to the piece, and it to them: their weight on what it is carried by, magnets beside what minds them.
 * @param hardware that is set in it */
export function checkCarried(
  document: DesignDocument,
  hardware: readonly HardwareNeed[],
  { items }: Pick<Resolved, 'items'>,
  { hardware: onShelf }: Pick<Shelves, 'hardware'>,
  kinds: Kinds,
): Finding[] {
  const things = document.contents.flatMap((line) => {
    const item = items.get(line.item);
    return item ? [{ id: line.id, name: line.name ?? item.name, count: line.count, item }] : [];
  });
  const mass = things.reduce((total, { item, count }) => total + (item.mass ?? 0) * count, 0);
  const carried = (document.parts ?? []).filter(({ kind }) => kindOf(kinds.parts, kind)?.carries);
  const magnet = hardware.find(({ id }) => onShelf.find((entry) => entry.id === id)?.kind === 'magnet');
  return [...heavy(mass, carried), ...(magnet ? things.filter(({ item }) => item.magnetSensitive).map(beside) : [])];
}

function heavy(mass: number, carried: readonly { id: string }[]): Finding[] {
  if (mass < HEAVY || (carried.length === 0 && mass < TOO_HEAVY)) return [];
  const kilos = (grams: number) => (grams / 1000).toFixed(1);
  const about = carried.length > 0 ? carried.map(({ id }) => `parts/${id}`) : ['contents'];
  const base = { about, numbers: { mass }, limit: HEAVY };
  if (mass >= TOO_HEAVY)
    return [
      {
        ...base,
        code: 'load.tooHeavy',
        severity: 'stop',
        limit: TOO_HEAVY,
        text: say`What goes in weighs ${kilos(mass)} kg: more than one person should lift (${kilos(TOO_HEAVY)} kg is often named as the most; the rules for lifting where you are go before). Make it for less, or share it between two.`,
      },
    ];
  const text = say`What goes in weighs ${kilos(mass)} kg; lifted with a jerk it pulls like ${kilos(SHOCK * mass)}. Sew each end that it hangs on with a box and a cross, through a second layer of cloth inside, and try it with the weight before you trust it.`;
  return [{ ...base, code: 'load.heavy', severity: 'watch', text }];
}

const beside = ({ id, name }: { id: string; name: string }): Finding => ({
  code: 'magnet.near',
  severity: 'watch',
  about: ['closure', `contents/${id}`],
  numbers: {},
  text: say`${name} minds magnets, and one is set in this piece. Close it with a snap, a tie or hook-and-loop, or carry it elsewhere.`,
});
