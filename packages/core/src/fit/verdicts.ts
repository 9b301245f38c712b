import type { Finding, FindingCode } from '../errors/finding.ts';
import type { Clearance } from '../pieces/clearance.ts';
import type { FittedClearance } from './clearance.ts';

export const verdictIds = ['doesNotGoIn', 'lessThanEase', 'goesIn'] as const;
export type VerdictId = (typeof verdictIds)[number];

/** What the fitting says of one thing in one direction. All mm. */
export interface Verdict {
  holder: string;
  /** Of the room that it lies in: a holder may have several. */
  room: string;
  /** Id of its line of contents, and its name. */
  line: string;
  name: string;
  direction: Clearance['direction'];
  verdict: VerdictId;
  needs: number;
  has: number;
  left: number;
  /** Of a thing that gives, what is left of the room beside it as it comes. */
  leftAtRest?: number;
  ease: number;
}

/** Nobody cuts truer: what is short of the ease by less is as good as there (common practice). mm */
export const HAIR = 0.5;

/** Whether a thing goes in, pressed if it gives, and whether it has the ease that the maker asks for as it comes. */
export const verdictOn = ({
  clearance,
  atRest = clearance,
  ease,
}: Pick<FittedClearance, 'clearance' | 'atRest' | 'ease'>): VerdictId => {
  if (clearance.value < -1e-6) return 'doesNotGoIn';
  return atRest.value > ease - HAIR ? 'goesIn' : 'lessThanEase';
};

/** Findings that, as stops, say that a piece does not close over what it holds. */
const OPEN: readonly FindingCode[] = [
  'room.notClosed',
  'body.doesNotClose',
  'closure.doesNotReach',
  'closure.cordTight',
  'closure.drift',
  'closure.notForBody',
  'hardware.notClear',
  'hardware.covered',
];

/** Whether a piece closes: its fasteners meet and may be set, and nothing that it holds keeps it open. */
export const closes = (findings: readonly Finding[]): boolean =>
  !findings.some(({ code, severity }) => severity === 'stop' && OPEN.includes(code));

/** The fitting as a plain table: each thing, each direction. */
export const verdictsOf = (clearances: readonly FittedClearance[]): Verdict[] =>
  clearances.map((each) => ({
    holder: each.holder,
    room: each.room,
    line: each.line,
    name: each.name,
    direction: each.direction,
    verdict: verdictOn(each),
    needs: each.required.value,
    has: each.available.value,
    left: each.clearance.value,
    ...(each.atRest && { leftAtRest: each.atRest.value }),
    ease: each.ease,
  }));
