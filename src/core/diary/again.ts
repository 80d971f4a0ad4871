import type { Planting } from '../plantings/planting';

/** The same planting to be made once more: as it was planned, at its time of the year, in the same container, without the care that was planned for that year. */
export function again(planting: Planting, id: string): Planting {
  const { follows: _follows, madeIn: _made, whatIf: _whatIf, trial: _trial, ...same } = planting;
  return {
    ...same,
    id,
    name: `${planting.name}, again`.slice(0, 80),
    care: { ...planting.care, trims: [] },
    places: planting.places.map(({ locked: _locked, ...place }) => place),
    demo: false,
  };
}
