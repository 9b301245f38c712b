/** How far out the control points of a cubic curve lie whose middle is so far from both its ends: a handle that stands up.
 * @param height mm
 * @returns mm; the middle of a cubic curve lies three quarters as far out as its control points (Bernstein) */
export const archControl = (height: number): number => height / 0.75;
