/** Does this browser have workers, and canvases that they can draw on? Without, the page itself works, more slowly. */
export const CAN_HIRE = {
  get thinkers(): boolean {
    return typeof Worker !== 'undefined';
  },
  get drawers(): boolean {
    return typeof Worker !== 'undefined' && typeof OffscreenCanvas !== 'undefined';
  },
};
