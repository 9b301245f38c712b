import type { HeldContents } from '../contents/held.ts';
import type { Finding } from '../errors/finding.ts';
import { mm, say } from '../errors/wording.ts';
import type { Room, Stood } from '../pieces/room.ts';
import { thingOf } from './things.ts';

/** Common practice: what stands on each other higher than so many times its foot leans and topples. */
const STEADY = 2;

type Contents = (line: string) => HeldContents | undefined;

/** Rigid things that stand on each other too high for their foot. */
export function checkStands(rooms: readonly Room[], contents: Contents): Finding[] {
  return rooms.flatMap(({ id, stands }): Finding[] => {
    if (!stands || 'packed' in stands) return [];
    const [, holder = id] = id.split('/');
    if ('above' in stands) return leaning(holder, stands.above, contents);
    // a front and a back keep from leaning that way
    return stands.beside.flat().flatMap((stood) => leaning(holder, [stood], contents, true));
  });
}

function leaning(holder: string, tower: readonly Stood[], contents: Contents, between = false): Finding[] {
  const standing = tower.flatMap((stood) => {
    const held = contents(stood.line);
    return held?.item.rigid ? [{ stood, held }] : [];
  });
  if (standing.reduce((count, { stood: { above = 1 } }) => count + above, 0) < 2) return [];
  const rigid = standing.map(({ stood, held }) => thingOf(stood, held));
  const high = rigid.reduce((sum, { deep }) => sum + deep.value, 0);
  const foot = Math.min(
    ...rigid.map(({ across, thick }) => (between ? across.value : Math.min(across.value, thick.value))),
  );
  if (high <= STEADY * foot + 1e-9) return [];
  const lines = [...new Set(rigid.map(({ line }) => line))];
  const names = [...new Set(rigid.map(({ name }) => name))].join(' and ');
  const text = say`${names} stand on each other ${mm(high)} high, on a foot of ${mm(foot)}: higher than twice their foot, rigid things lean and topple (common practice). Let them stand beside each other, or compare forms.`;
  return [
    {
      code: 'stands.tower',
      severity: 'watch',
      about: [`holders/${holder}`, ...lines.map((line) => `contents/${line}`)],
      numbers: { high, foot },
      limit: STEADY * foot,
      text,
    },
  ];
}
