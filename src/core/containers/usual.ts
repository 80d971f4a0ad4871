import { clamp } from '../units/units';
import type { Oklch } from '../colour/oklch';
import { usualHeadspaceCm, type Container } from './container';
import type { MaterialId } from './materials';
import { reachOf } from './section';
import { isHung, rimSection, type Shape } from './shape';

/** Usual colours of materials, for a container that is not described further. */
export const MATERIAL_COLOURS: Readonly<Record<MaterialId, Oklch>> = {
  terracotta: [0.6, 0.105, 42],
  glazed: [0.42, 0.07, 245],
  plastic: [0.36, 0.006, 250],
  fibreglass: [0.5, 0.01, 250],
  concrete: [0.68, 0.008, 90],
  'fibre clay': [0.52, 0.02, 60],
  stone: [0.66, 0.018, 85],
  metal: [0.62, 0.012, 230],
  aluminium: [0.72, 0.006, 240],
  steel: [0.48, 0.06, 48],
  softwood: [0.4, 0.035, 165],
  oak: [0.54, 0.035, 75],
  fabric: [0.33, 0.012, 130],
  coir: [0.47, 0.06, 60],
};

/** Drain holes as usual: one for every 25 cm of length in long ones, three in wide ones; lined wire has none. */
export function usualDrainHoles(shape: Shape): number {
  if (isHung(shape)) return 0;
  const { acrossCm, deepCm } = reachOf(rimSection(shape));
  const long = 2 * Math.max(acrossCm, deepCm);
  return long > 3.2 * Math.min(acrossCm, deepCm)
    ? clamp(Math.round(long / 25), 2, 16)
    : long > 35
      ? 3
      : 1;
}

/** A container of a shape and material with what is usual for the rest: headspace, holes, mix, colour. */
export function usualContainer(name: string, shape: Shape, material: MaterialId): Container {
  return {
    name,
    shape,
    material,
    colour: MATERIAL_COLOURS[material],
    drainHoles: usualDrainHoles(shape),
    headspaceCm: usualHeadspaceCm(shape),
    mix: 'peat-free',
    ownMix: null,
    wallCm: null,
    linerCm: 0,
    feetCm: 0,
    reservoirL: 0,
    foot: 'none',
    footCm: 0,
    dressingCm: 0,
    sideHoles: [],
    pouredL: null,
    volumeFrom: 'shape',
    weighedKg: null,
    frostProof: null,
    finish: material === 'glazed' ? 'glossy' : 'matt',
    pattern: 'plain',
    secondColour: null,
    style: [],
  };
}
