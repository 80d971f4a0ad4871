/** A room that is open. */
export interface Room {
  readonly href: string;
  readonly name: string;
}

/** The rooms, in the order in which the work goes. */
export const ROOMS: readonly Room[] = [
  { href: '/', name: 'Yard' },
  { href: '/spot', name: 'Spot' },
  { href: '/shelf', name: 'Shelf' },
  { href: '/bench', name: 'Bench' },
  { href: '/plants', name: 'Plant book' },
  { href: '/trolley', name: 'Trolley' },
  { href: '/potting', name: 'Potting day' },
  { href: '/rounds', name: 'Rounds' },
  { href: '/diary', name: 'Diary' },
  { href: '/shed', name: 'Shed' },
];

/** The room that an address belongs to. */
export function roomOf(path: string): string {
  if (path === '/start') return '/bench';
  return path === '/terrace' ? '/' : path;
}
