import { hash32 } from '../random/hash';
import type { PlantKind } from './kind';
import { once } from '../work/once';

/** A number from what a kind is like, not from what it is called: ties are broken by it, so that another name or order changes no answer. */
export const printOf = once((kind: PlantKind): number => {
  const { heightCm, spreadCm, trailCm, foliage, bloom, weeksToFill, vigour, sold, light } = kind;
  const facts = [
    ...heightCm,
    ...spreadCm,
    ...(trailCm ?? [0, 0]),
    ...foliage.main,
    foliage.lengthCm,
    ...(bloom ? [...bloom.main, bloom.sizeCm, ...bloom.weeks, bloom.cover] : [0]),
    weeksToFill,
    vigour,
    ...light.hours,
    ...sold.map(({ price }) => price),
  ];
  return facts.reduce<number>((h, fact) => hash32(h, Math.round(fact * 1000)), 17);
});
