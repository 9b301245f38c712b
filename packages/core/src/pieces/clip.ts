/** Common practice: an allowance is clipped so often along a curve, mm. */
export const CLIP = 6;
