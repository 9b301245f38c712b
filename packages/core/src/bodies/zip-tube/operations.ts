import { mm, say } from '../../errors/wording.ts';
import type { OperationDraft } from '../../pieces/contribution.ts';
import type { Seam } from '../../pieces/seam.ts';
import type { BodyInputs } from '../body-kind.ts';
import type { ZipTube } from './params.ts';
import { tubePieces } from './seams.ts';
import { topstitchInset, zipSeam } from '../../shelves/rules/common-rules.ts';

interface Seams {
  zip: Seam[];
  ends: Seam[];
  corners: Seam[];
}
const ids = (seams: Seam[]): string[] => seams.map(({ id }) => id);

/** The order in which a zipped tube is sewn: zipper, ends, corners, turned through the lining. */
export function zipTubeOperations(detail: ZipTube, seams: Seams, { rules }: BodyInputs): OperationDraft[] {
  const uses = [...tubePieces];
  const zip: OperationDraft = {
    id: 'body/zip',
    phase: 'layers',
    needs: ['closure/zipper'],
    uses,
    seams: ids(seams.zip),
    text: say`One edge of the shell, the zipper and one lining right sides together, the zipper face down on the shell, middles meeting: sew ${mm(rules.length(zipSeam).value)} from the edge of the tape. The lining ends sooner at both ends. The same with the other edge: the shell is now a tube. Topstitch beside the zipper ${mm(rules.length(topstitchInset).value)} from the edge.`,
  };
  const ends: OperationDraft = {
    id: 'body/join',
    phase: 'join',
    needs: ['body/zip'],
    uses,
    seams: ids(seams.ends),
    text: say`Open the zipper halfway, or it cannot be turned. Turn the tube wrong side out with the zipper in its middle; sew both ends of the shell, over the zipper twice. Sew both ends of the lining, zipper allowances pushed away from it, and its bottom, leaving the gap open.`,
  };
  const corners: OperationDraft = {
    id: 'body/corners',
    phase: 'join',
    needs: ['body/join'],
    uses,
    seams: ids(seams.corners),
    text:
      detail.corners === 'cut'
        ? say`Open each of the four corners of the shell, and of the lining: the end seam comes to lie on the fold. Sew across.`
        : say`Open each of the four corners of the shell, and of the lining, on its marks: the end seam comes to lie on the fold. Sew across on the line, try the largest thing, then trim.`,
  };
  return [
    zip,
    ends,
    ...(detail.form === 'boxed' ? [corners] : []),
    {
      id: 'body/turn',
      phase: 'turn',
      needs: detail.form === 'boxed' ? ['body/join', 'body/corners'] : ['body/join'],
      uses,
      seams: [],
      text: say`Turn through the gap in the lining and through the zipper, push the corners out, close the gap, push the lining in. Try everything in it.`,
    },
  ];
}
