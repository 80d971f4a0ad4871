import type { Shape } from '@/core/containers/shape';

/** One measure of a shape: which field, what it is called. */
export interface SizeField {
  readonly field: string;
  readonly name: string;
}

/** The single measures of each kind, in the order in which a tape takes them. Lists (urn, tiers, outline) have tables of their own. */
export const MEASURES: Readonly<Record<Shape['kind'], readonly SizeField[]>> = {
  round: [
    { field: 'topCm', name: 'Width at top' },
    { field: 'baseCm', name: 'Width at base' },
    { field: 'depthCm', name: 'Depth' },
  ],
  square: [
    { field: 'topCm', name: 'Side at top' },
    { field: 'baseCm', name: 'Side at base' },
    { field: 'depthCm', name: 'Depth' },
  ],
  barrel: [
    { field: 'topCm', name: 'Width at top' },
    { field: 'baseCm', name: 'Width at base' },
    { field: 'depthCm', name: 'Depth' },
  ],
  cylinder: [
    { field: 'topCm', name: 'Width' },
    { field: 'depthCm', name: 'Depth' },
  ],
  bowl: [
    { field: 'topCm', name: 'Width at top' },
    { field: 'depthCm', name: 'Depth in the middle' },
  ],
  basket: [
    { field: 'topCm', name: 'Width at top' },
    { field: 'depthCm', name: 'Depth in the middle' },
  ],
  cone: [
    { field: 'topCm', name: 'Width at top' },
    { field: 'depthCm', name: 'Depth to the point' },
  ],
  box: [
    { field: 'lengthCm', name: 'Length at top' },
    { field: 'widthCm', name: 'Width at top' },
    { field: 'depthCm', name: 'Depth' },
    { field: 'baseLengthCm', name: 'Length at base' },
    { field: 'baseWidthCm', name: 'Width at base' },
  ],
  saddle: [
    { field: 'lengthCm', name: 'Length at top' },
    { field: 'widthCm', name: 'Width at top' },
    { field: 'depthCm', name: 'Depth' },
    { field: 'baseLengthCm', name: 'Length at base' },
    { field: 'baseWidthCm', name: 'Width at base' },
    { field: 'slotWidthCm', name: 'Slot, width' },
    { field: 'slotHeightCm', name: 'Slot, height' },
  ],
  wall: [
    { field: 'widthCm', name: 'Width at top' },
    { field: 'projectionCm', name: 'Out from the wall' },
    { field: 'depthCm', name: 'Depth' },
  ],
  bag: [
    { field: 'lengthCm', name: 'Length' },
    { field: 'widthCm', name: 'Width' },
    { field: 'depthCm', name: 'Depth when full' },
  ],
  outline: [{ field: 'depthCm', name: 'Depth' }],
  urn: [],
  tiered: [],
};

/** The heading of a measure for the undo list. */
export function changeName(name: string): string {
  return `Changed ${name.toLowerCase()}`;
}
