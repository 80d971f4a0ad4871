/** Room for the upright ruler at the side of a yard or a terrace, px. */
export const SIDE_RULER_PX = 36;
