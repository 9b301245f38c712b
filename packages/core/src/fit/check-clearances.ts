import type { Finding } from '../errors/finding.ts';
import { listed } from '../errors/listed.ts';
import { mm, say } from '../errors/wording.ts';
import type { FittedClearance } from './clearance.ts';
import { verdictOn } from './verdicts.ts';

export const ways = {
  across: 'across',
  thick: 'from front to back',
  deep: 'in depth',
  through: 'in the opening',
} as const;

/** Things that do not go in, and those that do but have less than the ease asked for. What lies in one room is told at once. */
export function checkClearances(clearances: readonly FittedClearance[]): Finding[] {
  const kinds = new Map<string, [FittedClearance, ...FittedClearance[]]>();
  for (const each of clearances) {
    const { room, direction, required, available, atRest } = each;
    const key = `${room} ${direction} ${required.value} ${available.value} ${atRest?.value}`;
    const others = kinds.get(key);
    if (others) others.push(each);
    else kinds.set(key, [each]);
  }
  return [...kinds.values()].flatMap((alike): Finding[] => {
    const [{ holder, direction, clearance, atRest, ease }] = alike;
    const lines = [...new Map(alike.map(({ line, name }) => [line, name]))];
    const names = listed(lines.map(([, name]) => name));
    const about = [`holders/${holder}`, ...lines.map(([line]) => `contents/${line}`)];
    const left = (clearance.value < 0 ? clearance : (atRest ?? clearance)).value;
    const numbers = { clearance: left };
    const verdict = verdictOn(alike[0]);
    if (verdict === 'goesIn') return [];
    if (verdict === 'doesNotGoIn') {
      const text = say`${names} ${lines.length > 1 ? 'do' : 'does'} not go into ${holder}: ${mm(-left)} are missing ${ways[direction]}.`;
      return [{ code: 'clearance.tooTight', severity: 'stop', about, numbers, limit: 0, text }];
    }
    const text =
      left < 0
        ? say`${names} ${lines.length > 1 ? 'go' : 'goes'} into ${holder} only pressed: as ${lines.length > 1 ? 'they come' : 'it comes'} ${mm(-left)} are missing ${ways[direction]}, and you ask for ${mm(ease)} to spare.`
        : say`${names} ${lines.length > 1 ? 'have' : 'has'} ${mm(left)} to spare ${ways[direction]} in ${holder}${atRest ? (lines.length > 1 ? ' as they come' : ' as it comes') : ''}, less than the ${mm(ease)} that you ask for.`;
    return [{ code: 'clearance.lessThanEase', severity: 'watch', about, numbers, limit: ease, text }];
  });
}
