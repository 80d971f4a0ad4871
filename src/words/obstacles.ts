import type { Hurdle } from '@/core/search/ask';
import type { Hindrance, Relaxation } from '@/core/search/obstacles';

/** What is in the way, and what would be done to let go of it. */
const RELAXATION_TEXT: Readonly<
  Record<Relaxation, { readonly blames: string; readonly without: string }>
> = {
  budget: { blames: 'The budget is', without: 'without it' },
  scheme: { blames: 'The colours are', without: 'with colours left open' },
  must: {
    blames: 'The plants that must or must not be there are',
    without: 'without naming plants',
  },
  school: { blames: 'The way of composing is', without: 'with the way left open' },
  height: { blames: 'The height is', without: 'with the height left open' },
  company: {
    blames: 'What the plants should be like is',
    without: 'with plants of any company',
  },
  kitchen: { blames: 'Eating all of it is', without: 'with ornamental plants too' },
  reach: {
    blames: 'Reach of pets or children is',
    without: 'out of their reach (raise it, do not risk it)',
  },
  light: { blames: 'The light is', without: 'two hours more or less of sun' },
  wind: { blames: 'The wind is', without: 'in a corner out of the wind' },
  container: { blames: 'The size of the container is', without: 'in one a third bigger' },
  week: { blames: 'The planting week is', without: 'planted in the middle of May' },
};

/** Which wish is in the way, and what relaxing it would give: "The budget is in the way: without it, six plantings." */
export function obstacleText({ relaxed, proposals }: Hindrance): string {
  const gives = `${proposals >= 6 ? 'six or more' : proposals} ${proposals === 1 ? 'planting' : 'plantings'}`;
  const [first, second] = relaxed.map((one) => RELAXATION_TEXT[one]);
  if (!second) return `${first!.blames} in the way: ${first!.without} there would be ${gives}.`;
  return `No one wish alone would help. ${first!.without.charAt(0).toUpperCase()}${first!.without.slice(1)} and ${second.without} there would be ${gives}.`;
}

const HURDLE_TEXT: Readonly<Record<Hurdle, string>> = {
  never: 'your wish to leave them out',
  light: 'the light here',
  reach: 'harm to pets or children',
  cold: 'cold in those weeks',
  heat: 'heat in those weeks',
  thirst: 'drying out between waterings',
  wind: 'the wind here',
  shops: 'not being sold in the planting week',
  support: 'having nothing to climb',
  company: 'the company wished for',
  touch: 'thorns, or sap that burns, where hands go',
  season: 'nothing to show in those weeks',
  size: 'too tall for the container, or for your wish',
  depth: 'root balls deeper than the mix',
  kitchen: 'not for eating',
  scheme: 'the colour scheme',
};

/** "84 kinds by the light here, 20 by the colour scheme" */
export function ruledOutText(ruledOut: Readonly<Partial<Record<Hurdle, number>>>): string {
  return Object.entries(ruledOut)
    .sort(([, a], [, b]) => b - a)
    .slice(0, 3)
    .map(([hurdle, count]) => `${count} by ${HURDLE_TEXT[hurdle as Hurdle]}`)
    .join(', ');
}
