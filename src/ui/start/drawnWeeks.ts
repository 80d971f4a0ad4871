/** Weeks after planting in which proposals are drawn. */
export const DRAWN_WEEKS = 10;
