import type * as z from 'zod';
import { mixFloorCm, mixHeightCm, type Container } from './container';
import { crossesItself } from './outline';
import { polygonAreaCm2, reachOf } from './section';
import { insideDepthCm, formOf, insideVolumeL, type Shape } from './shape';

type Context = z.core.$RefinementCtx;

/** Do the measures of a shape go together? What does not is told by its field. */
export function shapeRules(shape: Shape, context: Context): void {
  const fault = (path: PropertyKey | PropertyKey[], message: string) =>
    context.addIssue({ code: 'custom', path: Array.isArray(path) ? path : [path], message });
  // A measure that cannot be is told by itself; what follows from it would only be noise.
  if (
    Object.values(shape).some((value) => typeof value === 'number' && !(value >= 1 && value <= 400))
  )
    return;
  switch (shape.kind) {
    case 'round':
    case 'square':
      if (shape.baseCm > shape.topCm * 1.6)
        fault(
          'baseCm',
          `Inner base width must be at most 1.6 times the top (${shape.topCm} cm); got ${shape.baseCm}.`,
        );
      return;
    case 'saddle':
    case 'box':
      if (shape.baseLengthCm > shape.lengthCm)
        fault(
          'baseLengthCm',
          `Inner base length must not pass the top length (${shape.lengthCm} cm); got ${shape.baseLengthCm}.`,
        );
      if (shape.baseWidthCm > shape.widthCm)
        fault(
          'baseWidthCm',
          `Inner base width must not pass the top width (${shape.widthCm} cm); got ${shape.baseWidthCm}.`,
        );
      if (shape.kind === 'box') return;
      if (shape.slotWidthCm > shape.baseWidthCm - 4)
        fault(
          'slotWidthCm',
          `The slot must leave 2 cm or more on either side of it in a base ${shape.baseWidthCm} cm wide; got ${shape.slotWidthCm}.`,
        );
      if (shape.slotHeightCm > shape.depthCm - 3)
        fault(
          'slotHeightCm',
          `The slot must end 3 cm or more below the rim (depth ${shape.depthCm} cm); got ${shape.slotHeightCm}.`,
        );
      return;
    case 'barrel':
      if (shape.baseCm > shape.topCm)
        fault(
          'baseCm',
          `A half barrel is no wider at the base than at the top (${shape.topCm} cm); got ${shape.baseCm}.`,
        );
      return;
    case 'bowl':
    case 'basket':
      if (shape.depthCm > shape.topCm / 2 + 1e-9)
        fault(
          'depthCm',
          `A ${shape.kind === 'bowl' ? 'bowl' : 'bowl-shaped basket'} is at most half as deep as wide (${shape.topCm / 2} cm); got ${shape.depthCm}.`,
        );
      return;
    case 'urn':
      // Too short a list is told by itself.
      if (shape.profile.length < 2) return;
      if (shape.profile[0]!.heightCm !== 0)
        fault(
          ['profile', 0, 'heightCm'],
          `The first width is that of the base, at height 0; got ${shape.profile[0]!.heightCm}.`,
        );
      shape.profile.forEach(({ heightCm, widthCm }, i) => {
        if (i > 0 && heightCm <= shape.profile[i - 1]!.heightCm)
          fault(
            ['profile', i, 'heightCm'],
            `Heights must rise (the one below is ${shape.profile[i - 1]!.heightCm} cm); got ${heightCm}.`,
          );
        const neck = Math.min(...shape.profile.slice(i).map((point) => point.widthCm));
        if (widthCm > neck * 2.5)
          fault(
            ['profile', i, 'widthCm'],
            `Inner width must be at most 2.5 times the neck above it (${neck} cm), or nothing can be planted; got ${widthCm}.`,
          );
      });
      if (shape.profile[shape.profile.length - 1]!.heightCm < 5)
        fault(
          ['profile', shape.profile.length - 1, 'heightCm'],
          `Inner depth must be 5–200 cm; got ${shape.profile[shape.profile.length - 1]!.heightCm}.`,
        );
      return;
    case 'tiered':
      shape.tiers.forEach((tier, i) => {
        if (tier.baseCm > tier.topCm * 1.6)
          fault(
            ['tiers', i, 'baseCm'],
            `Inner base width must be at most 1.6 times the top (${tier.topCm} cm); got ${tier.baseCm}.`,
          );
        const below = shape.tiers[i - 1];
        if (below && tier.topCm > below.topCm - 4)
          fault(
            ['tiers', i, 'topCm'],
            `A tier must be 4 cm or more narrower than the one below it (${below.topCm} cm), or its rim cannot be planted; got ${tier.topCm}.`,
          );
        if (below && tier.baseCm > below.topCm - 6)
          fault(
            ['tiers', i, 'baseCm'],
            `A tier must leave a rim to plant in the one below it (${below.topCm} cm); got ${tier.baseCm}.`,
          );
      });
      return;
    case 'bag':
      if (shape.depthCm > shape.widthCm)
        fault(
          'depthCm',
          `A bag laid flat is at most as deep as wide (${shape.widthCm} cm); got ${shape.depthCm}.`,
        );
      return;
    case 'outline': {
      const crossing = crossesItself(shape.points);
      if (crossing)
        fault(
          'points',
          `The outline must not cross itself; its sides ${crossing[0] + 1} and ${crossing[1] + 1} do.`,
        );
      else if (polygonAreaCm2(shape.points) < 50)
        fault(
          'points',
          `The outline must hold 50 cm² or more; got ${polygonAreaCm2(shape.points).toFixed(0)}.`,
        );
      const rim = shape.shares[shape.shares.length - 1] ?? 1;
      if (rim !== 1)
        fault(
          ['shares', shape.shares.length - 1],
          `The depth profile must end with 1, the outline itself; got ${rim}.`,
        );
      return;
    }
  }
}

/** Does a container go together with its shape? Asked only of a shape that does itself. */
export function containerRules(container: Container, context: Context): void {
  const fault = (path: PropertyKey | PropertyKey[], message: string) =>
    context.addIssue({ code: 'custom', path: Array.isArray(path) ? path : [path], message });
  const depthCm = insideDepthCm(container.shape);
  if (container.headspaceCm > depthCm / 2)
    return fault(
      'headspaceCm',
      `Headspace must leave at least half the depth (${depthCm} cm) for mix; got ${container.headspaceCm}.`,
    );
  const { acrossCm, deepCm } = reachOf(formOf(container.shape).sectionAt(depthCm));
  const narrow = 2 * Math.min(acrossCm, deepCm);
  if (container.wallCm !== null && container.wallCm > narrow / 2)
    fault(
      'wallCm',
      `Wall must be thinner than half the container's inside (${(narrow / 2).toFixed(1)} cm); got ${container.wallCm}.`,
    );
  if (container.linerCm > narrow / 6)
    return fault(
      'linerCm',
      `Liner must leave two thirds of the inside (${narrow.toFixed(1)} cm wide); got ${container.linerCm}.`,
    );
  const whole = insideVolumeL(container);
  if (container.reservoirL > whole * 0.6)
    return fault(
      'reservoirL',
      `Reservoir must leave room for mix: at most 60% of the ${whole.toFixed(1)} L inside; got ${container.reservoirL}.`,
    );
  if (container.foot === 'coarse' || container.foot === 'crocks') {
    if (mixHeightCm(container) - mixFloorCm(container) < 3)
      fault(
        'footCm',
        `The coarse layer must leave 3 cm or more of mix (depth ${depthCm} cm); got ${container.footCm}.`,
      );
  }
  container.sideHoles.forEach(({ heightCm }, i) => {
    if (heightCm > depthCm - 2)
      fault(
        ['sideHoles', i, 'heightCm'],
        `Side holes must lie 2 cm or more below the rim (depth ${depthCm} cm); got ${heightCm}.`,
      );
  });
  if (container.volumeFrom === 'poured' && container.pouredL === null)
    return fault('pouredL', 'Litres poured must be told before they are used.');
  if (
    container.pouredL !== null &&
    (container.pouredL > whole * 4 || container.pouredL < whole / 4)
  )
    fault(
      'pouredL',
      `Litres poured must be within four times of what the shape holds (${whole.toFixed(1)} L): measure again; got ${container.pouredL}.`,
    );
}
