import { usualHeadspaceCm, type Container } from '../containers/container';
import type { MaterialId } from '../containers/materials';
import type { Shape } from '../containers/shape';
import type { Oklch } from '../colour/oklch';

/** Usual colours of materials, for a container that is not described further. */
export const MATERIAL_COLOURS: Readonly<Record<MaterialId, Oklch>> = {
  terracotta: [0.6, 0.105, 42],
  glazed: [0.42, 0.07, 245],
  plastic: [0.36, 0.006, 250],
  fibreglass: [0.5, 0.01, 250],
  concrete: [0.68, 0.008, 90],
  stone: [0.66, 0.018, 85],
  metal: [0.62, 0.012, 230],
  softwood: [0.4, 0.035, 165],
  oak: [0.54, 0.035, 75],
  coir: [0.47, 0.06, 60],
};

/** A container of a shape and material with what is usual for the rest: headspace, holes, mix, colour. */
export function usualContainer(name: string, shape: Shape, material: MaterialId): Container {
  const long = shape.kind === 'box' ? shape.lengthCm : shape.topCm;
  return {
    name,
    shape,
    material,
    colour: MATERIAL_COLOURS[material],
    drainHoles: shape.kind === 'basket' ? 0 : shape.kind === 'box' ? Math.max(2, Math.round(long / 25)) : long > 35 ? 3 : 1,
    headspaceCm: usualHeadspaceCm(shape),
    mix: 'peat-free',
  };
}
