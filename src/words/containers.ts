import type { Container } from '@/core/containers/container';
import type { FINISHES, POT_PATTERNS } from '@/core/containers/looks';
import type { MaterialId } from '@/core/containers/materials';
import type { MixId } from '@/core/containers/mixes';
import type { PartWeight } from '@/core/containers/weight';
import type { Shape } from '@/core/containers/shape';
import { insideDepthCm, formOf } from '@/core/containers/shape';
import { spanOf } from '@/core/containers/section';
import { lengthFigure, type Units } from './format';

/** What gardeners call each shape. */
export const SHAPE_NAMES: Readonly<Record<Shape['kind'], string>> = {
  round: 'Round pot',
  cylinder: 'Straight round pot',
  bowl: 'Bowl',
  urn: 'Urn',
  square: 'Square pot',
  box: 'Box or trough',
  saddle: 'Railing box',
  barrel: 'Half barrel',
  wall: 'Wall basket',
  basket: 'Hanging basket',
  cone: 'Cone basket',
  tiered: 'Tiered pots',
  bag: 'Growing bag',
  outline: 'Odd one',
};

/** Materials by name. */
export const MATERIAL_NAMES: Readonly<Record<MaterialId, string>> = {
  terracotta: 'terracotta',
  glazed: 'glazed clay',
  plastic: 'plastic',
  fibreglass: 'fibreglass',
  concrete: 'concrete',
  'fibre clay': 'fibre clay',
  stone: 'stone',
  metal: 'zinc',
  aluminium: 'aluminium',
  steel: 'steel',
  softwood: 'softwood',
  oak: 'oak',
  fabric: 'fabric',
  coir: 'wire and coir',
};

/** Its outer measures, widest first: "80 × 20 × 18". Round ones by width and depth. */
export function sizeText(shape: Shape, unit: Units['length']): string {
  const form = formOf(shape);
  const spans = form.levelsCm.map((z) => spanOf(form.sectionAt(z)));
  const across = Math.max(...spans.map(({ leftCm, rightCm }) => rightCm - leftCm));
  const deep = Math.max(...spans.map(({ backCm, frontCm }) => frontCm - backCm));
  const figures =
    form.sectionAt(form.depthCm).kind === 'disc'
      ? [across, insideDepthCm(shape)]
      : [across, deep, insideDepthCm(shape)];
  return figures.map((cm) => lengthFigure(cm, unit)).join(' × ');
}

export const FINISH_NAMES: Readonly<Record<(typeof FINISHES)[number], string>> = {
  matt: 'matt',
  glossy: 'glossy',
  rough: 'rough',
  weathered: 'weathered',
};
export const PATTERN_NAMES: Readonly<Record<(typeof POT_PATTERNS)[number], string>> = {
  plain: 'plain',
  bands: 'bands',
  ribs: 'ribs',
  lattice: 'lattice',
  speckle: 'speckles',
};
export const FOOT_NAMES: Readonly<Record<Container['foot'], string>> = {
  none: 'nothing',
  mesh: 'a piece of mesh',
  coarse: 'a coarse layer',
  crocks: 'crocks',
};
export const MIX_NAMES: Readonly<Record<MixId, string>> = {
  'peat-free': 'peat-free',
  'peat-based': 'peat-based',
  'loam-based': 'loam-based',
  gritty: 'gritty, for succulents',
  acid: 'acid',
  basket: 'light, for baskets',
  aquatic: 'aquatic',
};
export const PART_NAMES: Readonly<Record<PartWeight['part'], string>> = {
  walls: 'walls',
  mix: 'mix and root balls',
  'coarse layer': 'coarse layer',
  dressing: 'dressing',
  reservoir: 'water store',
  plants: 'plants',
};
