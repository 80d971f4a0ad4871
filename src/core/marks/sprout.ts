import { fromLab, toLab, type Oklch } from '../colour/oklch';
import { squareTo, unit, type Vec3 } from '../geometry/vec3';
import type { PlantKind } from '../plants/kind';
import { hash01, hashSigned } from '../random/hash';
import { mix } from '../units/units';
import type { Bar } from './support';
import type { Vessel } from './vessel';
import { UNLIT, type FlowerStyle, type LeafMark, type LeafStyle, type Mark } from './mark';

/** One plant about to be drawn: its record, its size this week, where it stands, and the vessel around it. */
export interface Sprout {
  readonly kind: PlantKind;
  readonly plant: number;
  readonly seed: number;
  readonly base: Vec3;
  readonly heightCm: number;
  readonly radiusCm: number;
  readonly trailCm: number;
  /** Share of full size, and of its best flowering and fruiting. */
  readonly share: number;
  readonly bloom: number;
  readonly fruit: number;
  /** Level unit vector away from the vessel's middle, and how near the rim, 0–1: plants lean outward. */
  readonly outward: Vec3;
  readonly rimShare: number;
  readonly vessel: Vessel;
  /** Legs of a support within its reach. */
  readonly legs: readonly Bar[] | null;
}

export const GOLDEN_RAD = Math.PI * (3 - Math.sqrt(5));

/** Purposes for the hash, so that no two decisions share a number. */
export const WHY = {
  azimuth: 1,
  reach: 2,
  size: 3,
  tilt: 4,
  jitter: 5,
  pick: 6,
  noiseX: 7,
  noiseY: 8,
  noiseZ: 9,
  petal: 10,
  age: 11,
} as const;

const SERE: Oklch = [0.72, 0.11, 96];

/** Two thirds of the way to straw. */
function yellowed(main: Oklch): Oklch {
  const [from, to] = [toLab(main), toLab(SERE)];
  return fromLab([mix(from[0], to[0], 0.66), mix(from[1], to[1], 0.66), mix(from[2], to[2], 0.66)]);
}

/** The marks of one plant as they are made, with the facts every mark repeats. */
export class Sheaf {
  readonly marks: Mark[] = [];
  readonly leaf: LeafStyle;
  /** Leaves about to be dropped: yellowed, their patterns gone. */
  readonly aged: LeafStyle;
  readonly flower: FlowerStyle | null;

  constructor(readonly sprout: Sprout) {
    const { foliage, bloom } = sprout.kind;
    this.leaf = {
      shape: foliage.shape,
      main: foliage.main,
      second: foliage.second,
      vein: foliage.vein,
      under: foliage.under,
      stem: foliage.stem,
      pattern: foliage.pattern,
      surface: foliage.surface,
    };
    this.aged = {
      ...this.leaf,
      main: yellowed(foliage.main),
      second: null,
      under: null,
      vein: null,
      pattern: 'plain',
    };
    this.flower = bloom
      ? { form: bloom.form, main: bloom.main, eye: bloom.eye, second: bloom.second }
      : null;
  }

  env(p: Vec3): Vec3 {
    const { base, heightCm, radiusCm } = this.sprout;
    const r = Math.max(2, radiusCm);
    return unit([
      (p[0] - base[0]) / r,
      ((p[1] - base[1]) / Math.max(2, heightCm)) * 1.1 - 0.35,
      (p[2] - base[2]) / r,
    ]);
  }

  random(stem: number, node: number, why: number): number {
    return hash01(this.sprout.seed, stem, node, why);
  }

  signed(stem: number, node: number, why: number): number {
    return hashSigned(this.sprout.seed, stem, node, why);
  }

  noise(stem: number, node: number, scale: number): Vec3 {
    return [
      this.signed(stem, node, WHY.noiseX) * scale,
      this.signed(stem, node, WHY.noiseY) * scale,
      this.signed(stem, node, WHY.noiseZ) * scale,
    ];
  }

  addLeaf(
    at: Vec3,
    u: Vec3,
    n: Vec3,
    lengthCm: number,
    more: {
      readonly widthCm: number;
      readonly bend: number;
      readonly fold: number;
      readonly jitter: number;
      readonly stalkFrom?: Vec3 | null;
      readonly style?: LeafStyle;
      readonly env?: Vec3;
    },
  ): void {
    const along = unit(u);
    const mark: LeafMark = {
      kind: 'leaf',
      plant: this.sprout.plant,
      p: at,
      env: more.env ?? this.env(at),
      jitter: more.jitter,
      ao: UNLIT,
      sun: UNLIT,
      style: more.style ?? this.leaf,
      u: along,
      n: squareTo(n, along),
      lengthCm,
      widthCm: more.widthCm,
      bendRad: more.bend,
      foldRad: more.fold,
      stalkFrom: more.stalkFrom ?? null,
    };
    this.marks.push(mark);
  }

  addStem(from: Vec3, to: Vec3, widthCm: number, colour: Oklch, jitter = 0): void {
    const p: Vec3 = [(from[0] + to[0]) / 2, (from[1] + to[1]) / 2, (from[2] + to[2]) / 2];
    this.marks.push({
      kind: 'stem',
      plant: this.sprout.plant,
      p: from,
      to,
      env: this.env(p),
      jitter,
      ao: UNLIT,
      sun: UNLIT,
      widthCm,
      colour,
    });
  }

  addFlower(
    at: Vec3,
    axis: Vec3,
    radiusCm: number,
    open: number,
    seedKey: number,
    jitter: number,
  ): void {
    if (!this.flower) return;
    this.marks.push({
      kind: 'flower',
      plant: this.sprout.plant,
      p: at,
      env: this.env(at),
      jitter,
      ao: UNLIT,
      sun: UNLIT,
      style: this.flower,
      axis: unit(axis),
      radiusCm,
      seed: (this.sprout.seed ^ Math.imul(seedKey + 1, 0x9e3779b1)) >>> 0,
      open,
    });
  }

  addFruit(
    at: Vec3,
    { radiusCm, longCm }: { readonly radiusCm: number; readonly longCm: number },
    colour: Oklch,
    jitter: number,
  ): void {
    this.marks.push({
      kind: 'fruit',
      plant: this.sprout.plant,
      p: at,
      env: this.env(at),
      jitter,
      ao: UNLIT,
      sun: UNLIT,
      radiusCm,
      longCm,
      colour,
    });
  }
}
