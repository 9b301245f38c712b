import { onWall } from '../closures/overlap.ts';
import { limited } from '../pieces/limited.ts';
import type { SizedBody } from '../bodies/body-kind.ts';
import type { ClosureInputs, ClosureKind, SolvedClosure } from '../closures/closure-kind.ts';
import { minus, rounded, sum, times } from '../derived/derived.ts';
import type { Params } from '../document/design-document.ts';
import { CoreError } from '../errors/core-error.ts';
import { lengthParam } from '../holders/params.ts';
import { contribution } from '../pieces/contribution.ts';
import { patch } from '../pieces/patch.ts';
import { faceLine, wholeEdge, type Seam } from '../pieces/seam.ts';
import { seamAllowance, trimHeight } from '../shelves/rules/common-rules.ts';

const params = { height: { kind: 'length', title: 'Band, high', rule: trimHeight } } as const;

/** A band of the pocket cloth round the outside of a round mouth, its upper edge in the mouth seam. */
export const trimBand: ClosureKind = {
  title: 'Trim band round the mouth',
  on: 'mouth',
  params,
  rules: [],
  solve(design: Params, { closing, finished }: SizedBody, { rules, grid, id }: ClosureInputs): SolvedClosure {
    if (closing.kind !== 'mouth' || !closing.round)
      throw new CoreError('part.notForBody', 'a trim band goes round a round mouth', id);
    const seam = rules.length(seamAllowance);
    const asked = lengthParam(design, 'height', params.height, rules, id);
    const wall = closing.band
      ? sum('wall below its band', [finished.height!, minus(closing.band.high)])
      : finished.height;
    const high = rounded(onWall(asked, wall), grid, 'down');
    const round = sum('round the mouth', [times(2, closing.width)]);
    const [rim] = closing.rim;
    const piece = `${id}/band`;
    const { front, back } = closing;
    const within = closing.lined ? { within: 'body/mouth' } : {};
    const joins: Seam[] = [
      { id: `${piece}#side`, kind: 'sewn', a: wholeEdge(piece, 'right'), b: wholeEdge(piece, 'left', true) },
      {
        id: `${piece}#lower`,
        kind: 'stitchedOn',
        a: wholeEdge(piece, 'bottom'),
        b: faceLine(front.piece, `${id}-band`),
      },
      {
        id: `${piece}#upper`,
        kind: 'caught',
        ...within,
        a: wholeEdge(piece, 'top'),
        b: wholeEdge(rim!.piece, rim!.edge),
      },
    ];
    return {
      sizes: { bandHeight: high, bandLength: round },
      contribution: contribution({
        pieces: [patch({ id: piece, name: 'Trim band', role: 'pocket', width: round, height: high, seam })],
        hostEdits: [
          {
            piece: front.piece,
            lines: [
              {
                id: `${id}-band`,
                from: front.at(0, high.value),
                to: back.at(closing.width.value, high.value),
                label: 'lower edge of the trim band',
              },
            ],
          },
        ],
        joins,
        findings: limited('The trim band goes down', asked, high, id),
        operations: [
          {
            id: `${id}/band`,
            phase: 'closures',
            // the ring goes round a wall that is a ring itself
            needs: ['body/shell'],
            title: 'Sew the trim band on',
            actions: [
              { verb: 'sew', seams: [`${piece}#side`] },
              { verb: 'turnIn', pieces: [piece], edges: ['bottom'] },
              {
                verb: 'edgestitch',
                seams: [`${piece}#lower`],
                aside: { distance: high.value, of: 'mouth' },
                oneLayer: true,
              },
              { verb: 'baste', seams: [`${piece}#upper`], facing: 'wrongToRight' },
            ],
          },
        ],
      }),
    };
  },
};
