import type { Finding } from '../errors/finding.ts';
import { mm, say } from '../errors/wording.ts';
import type { CutParts } from './cut-parts.ts';
import { fastenerAt, SET_TO, type SetFastener } from './fastener.ts';
import type { Fitting } from './fitting.ts';
import { fitMeetings, type FittedMeeting } from './meetings.ts';

/** Leaves whose fastener does not come to lie on its mate, full or empty. */
export const checkMeetings = (fitting: Fitting, parts: CutParts): Finding[] =>
  fitMeetings(fitting.meetings, parts).flatMap((fitted) => {
    const { piece, mark } = fitted.meeting.cap;
    const set = fastenerAt(fitting, parts, piece, mark);
    return set ? told(fitted, set) : [];
  });

function told(fitted: FittedMeeting, { name, driftTolerated, radius }: SetFastener): Finding[] {
  const forgives = Math.max(driftTolerated, SET_TO);
  const { meeting, upright, full, empty, beneath, aside, fromFold } = fitted;
  const base = { about: [meeting.id, `pieces/${meeting.mate.piece}`] };
  if (!beneath) {
    const text = say`The mate of the fastener (${name}) is set on a leaf that does not lie beneath the edge when it is closed. Set it on the leaf that the edge comes to lie on.`;
    return [{ ...base, code: 'hardware.covered', severity: 'stop', numbers: {}, text }];
  }
  const apart = ({ cap, mate }: FittedMeeting['full']) => Math.hypot(cap.value - mate.value, aside);
  const short = apart(upright);
  if (short > forgives) {
    const text = say`Closed, the fastener (${name}) and its mate lie ${mm(short)} apart. Let go the sizes of the leaves, or set one of them where the other comes to lie.`;
    return [{ ...base, code: 'closure.doesNotReach', severity: 'stop', numbers: { short }, limit: forgives, text }];
  }
  const [loaded, drift] = [apart(full), apart(empty)];
  if (Math.max(loaded, drift) <= forgives) return [];
  const numbers = { full: loaded, drift };
  const slides = empty.cap.value - upright.cap.value;
  if (empty.cap.value - empty.mate.value > fromFold - radius + 1e-9) {
    const text = say`Empty, its stiff spine leans over and the edge slides ${mm(slides)} sideways, past the fold of the leaf that it lies on: its fastener (${name}) has nothing beneath it. Take stuff for shell and lining that can be creased, or let less lie in it.`;
    return [{ ...base, code: 'closure.drift', severity: 'stop', numbers, limit: forgives, text }];
  }
  const text = say`Its stiff spines lean over by different amounts: the fastener (${name}) and its mate lie up to ${mm(loaded)} apart when it is full and ${mm(drift)} when it is empty, and it forgives ${mm(forgives)}. Take stuff for shell and lining that can be creased.`;
  return [{ ...base, code: 'closure.drift', severity: 'watch', numbers, limit: forgives, text }];
}
