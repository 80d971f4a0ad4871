/** Weeks after planting that the Yard shows when it is entered: most of what is planted in spring is full then. */
export const YARD_WEEKS = 9;
