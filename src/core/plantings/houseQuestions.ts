/**
 * What good gardeners do differently, answered once for the whole house. The first answer of each is ours;
 * `words/house.ts` tells why.
 */
export const HOUSE_QUESTIONS = {
  counts: ['by school', 'odd', 'pairs'],
  neighbours: ['by scheme', 'apart', 'may touch'],
  roots: ['loosen when circling', 'always loosen', 'leave alone'],
  drainage: ['mesh', 'coarse layer'],
  mix: ['fresh in small, top third in large', 'always fresh', 'always top third'],
  feed: ['slow-release and liquid', 'slow-release only', 'organic pellets'],
  headspace: ['usual', 'shallow', 'deep'],
  fullness: ['by target', 'packed', 'spaced'],
  sun: ['plain', 'british', 'american', 'kitchen'],
  lead: ['by view', 'centre', 'back', 'a third over'],
  pinch: ['by plant', 'often', 'let it trail'],
} as const;

export type HouseQuestion = keyof typeof HOUSE_QUESTIONS;
export type HouseAnswer<Q extends HouseQuestion> = (typeof HOUSE_QUESTIONS)[Q][number];
