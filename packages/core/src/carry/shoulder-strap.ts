import type { SizedBody } from '../bodies/body-kind.ts';
import type { ClosureInputs, ClosureKind, SolvedClosure } from '../closures/closure-kind.ts';
import { given, named, rounded } from '../derived/derived.ts';
import type { Params } from '../document/design-document.ts';
import { say } from '../errors/wording.ts';
import { lengthParam } from '../holders/params.ts';
import { contribution } from '../pieces/contribution.ts';
import { strip } from '../pieces/strip.ts';
import { hardwareOf } from '../shelves/hardware/hardware.ts';
import { strap } from '../sizing/strap.ts';
import type { Derived } from '../derived/derived.ts';

const params = { drop: { kind: 'length', title: 'Hangs down by', rule: 'shoulder.drop' } } as const;
const FLAT = given('flat on the shoulder', 80, { kind: 'standard', path: 'strap/grip', source: 'common practice' });
const LOOP = given('round each hook', 45, { kind: 'standard', path: 'strap/hook', source: 'common practice' });

/** Between the rings, as far as the body tells. */
function spreadOf({ closing, finished }: SizedBody): Derived {
  if (closing.kind === 'mouth') return closing.width;
  return finished.height ?? Object.values(finished)[0]!;
}

/** A strap that clips to ring tabs. */
export const shoulderStrap: ClosureKind = {
  title: 'Shoulder strap',
  params,
  rules: [],
  solve(design: Params, body: SizedBody, { rules, hardware, grid, id }: ClosureInputs): SolvedClosure {
    const wide = given('strap, wide', hardwareOf('webbing-25', hardware).diameter, {
      kind: 'hardware',
      path: 'hardware/webbing-25',
    });
    const seam = rules.length('seam.allowance');
    const solved = strap({
      method: 'webbing',
      finished: wide,
      seam,
      turnIn: seam,
      drop: lengthParam(design, 'drop', params.drop, rules, id),
      spread: spreadOf(body),
      grip: FLAT,
      embed: LOOP,
    });
    const length = rounded(named('strap, cut length', solved.cutLength), grid, 'up');
    const piece = `${id}/strap`;
    return {
      sizes: { strapLength: length },
      contribution: contribution({
        pieces: [
          strip({
            id: piece,
            name: 'Shoulder strap',
            cutFrom: 'webbing-25',
            length,
            width: wide,
            note: 'Seal the ends.',
          }),
        ],
        hardware: [
          { id: 'webbing-25', count: 1, length: length.value },
          { id: 'hook-25', count: 2 },
        ],
        operations: [
          {
            id: `${id}/strap`,
            phase: 'finish',
            needs: [],
            uses: [piece],
            seams: [],
            text: say`Fold each end of the strap round a hook, turn it under and stitch it with a box and a cross, twice. A strap round a child’s neck is a danger: leave it off for children.`,
          },
        ],
      }),
    };
  },
};
