/** The Yard's columns: its ground, and what wants a look. */
export const YARD_COLUMNS = 'gap-6 wide:grid wide:grid-cols-[minmax(0,1fr)_324px]';
