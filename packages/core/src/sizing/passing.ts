/** Common practice: so much more than what passes, mm. */
export const PASS_EASE = 5;

/** The gap that lets a stiff sheet through, narrow end first: half of the way round it, and a little. mm
 * @param wide its second side
 * @param thick its stiff layers
 * @param rolls rolled up, it passes at half its width */
export const gapFor = ({ wide, thick, rolls }: { wide: number; thick: number; rolls: boolean }): number =>
  PASS_EASE + (rolls ? wide / 2 + (Math.PI * thick) / 2 : wide + thick);
