import { inverse, Matrix } from 'ml-matrix';
import { remeasured, type Solid } from './solid.ts';
import { ringArea } from './ring-area.ts';
import { lengthOf, plus, unit, type Vector } from './vector.ts';

/** Keeps a corner of one flat face where it is, along the face. */
const ALONG = 1e-9;

/** The surface of a solid whose layers have a thickness: every face moved out of the middle of its layers, to its right side.
 * Its corners come to where the moved faces meet.
 * @param by how far a face of a piece is moved, mm; negative inwards. Half of its thickness is its outside */
export function moveFaces(solid: Solid, by: (piece: string) => number): Solid {
  const pulls = solid.corners.map((): { normal: Vector; by: number }[] => []);
  for (const { corners, piece } of solid.faces) {
    const area = ringArea(corners.map((corner) => solid.corners[corner]!));
    if (lengthOf(area) < 1e-9) continue;
    const normal = unit(area);
    for (const corner of corners) pulls[corner]!.push({ normal, by: by(piece) });
  }
  const corners = solid.corners.map((corner, index) => plus(corner, shiftOf(pulls[index]!)));
  return remeasured({ ...solid, corners });
}

/** The shift that moves a corner out of each of its faces as far as the face asks, or as nearly as can be. */
function shiftOf(pulls: readonly { normal: Vector; by: number }[]): Vector {
  const square = Matrix.eye(3).mul(ALONG);
  const right = Matrix.zeros(3, 1);
  for (const { normal, by } of pulls) {
    const row = Matrix.rowVector([...normal]);
    square.add(row.transpose().mmul(row));
    right.add(row.transpose().mul(by));
  }
  const [x, y, z] = inverse(square).mmul(right).to1DArray();
  return [x!, y!, z!];
}
