/** Something that can be done from the palette. */
export interface Command {
  readonly id: string;
  readonly name: string;
  /** Where it belongs: "This plant", "Look". */
  readonly group: string;
  /** Keys that do the same, as the key map tells them. */
  readonly keys?: string;
  readonly run: () => void;
}

/** A line of the key map that is not a command: keys on a plant of the stencil. */
export interface KeyLine {
  readonly group: string;
  readonly keys: string;
  readonly does: string;
}

interface Offer {
  readonly commands: readonly Command[];
  readonly keys: readonly KeyLine[];
}

const offers = new Map<string, Offer>();
const listeners = new Set<() => void>();
let whole: Offer = { commands: [], keys: [] };

/** Says what a room offers, in the place of what it offered before; `null` when it closes. */
export function offer(room: string, what: Offer | null): void {
  if (what) offers.set(room, what);
  else offers.delete(room);
  whole = {
    commands: [...offers.values()].flatMap(({ commands }) => commands),
    keys: [...offers.values()].flatMap(({ keys }) => keys),
  };
  for (const listener of listeners) listener();
}

/** All that can be done now. The same object until something changes. */
export function offered(): Offer {
  return whole;
}

export function onOffers(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}
