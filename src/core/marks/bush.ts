import { add, level, unit, type Vec3 } from '../geometry/vec3';
import { clamp, mix } from '../units/units';
import { addFlowers, addFruits, type BlossomAt } from './blossom';
import { OUTLINES } from './outline';
import { GOLDEN_RAD, WHY, type Sheaf } from './sprout';

interface BushForm {
  /** 0 flat-topped, 1 a dome reaching the soil at its sides. */
  readonly dome: number;
  /** Share of each stem without leaves, from the base. */
  readonly bare: number;
  /** Most leaf marks for a full-grown plant. */
  readonly mostLeaves: number;
  /** How far leaves follow their stem upward. */
  readonly rise: number;
}

const FORMS: Readonly<Record<string, BushForm>> = {
  mound: { dome: 0.68, bare: 0.1, mostLeaves: 230, rise: 0.35 },
  upright: { dome: 0.5, bare: 0.08, mostLeaves: 210, rise: 0.5 },
  spike: { dome: 0.4, bare: 0.04, mostLeaves: 170, rise: 0.7 },
  cloud: { dome: 0.55, bare: 0.06, mostLeaves: 210, rise: 0.6 },
  /** Succulent shrubs: leaves toward the ends of a few stout branches. */
  stout: { dome: 0.5, bare: 0.36, mostLeaves: 190, rise: 0.75 },
};
/** Branches of a stout shrub, and how thick the lowest are, of its height. Tuned by eye. */
const STOUT_STEMS = 13;
const STOUT = 0.06;

/** Of the lowest third of a full-grown plant's leaves, the share that has yellowed. Tuned by eye: seen when looked for. */
const AGES_BELOW = 0.34;
const MOST_AGED = 0.16;

/**
 * Bushy plants of every sort: stems leave the soil, reach out and then up, leaves gather toward the tips.
 * The control point is 66 % of the way out and only 42 % of the way up: the other order gives bare legs.
 */
export function growBush(sheaf: Sheaf): void {
  const { sprout } = sheaf;
  const { kind } = sprout;
  const stout = kind.habit === 'upright' && kind.foliage.surface === 'fleshy';
  const form = FORMS[stout ? 'stout' : kind.habit] ?? FORMS.mound!;
  const spiked = kind.bloom?.form === 'spike' || kind.bloom?.form === 'plume';
  const stalked =
    kind.bloom &&
    (kind.bloom.form === 'cluster' || kind.bloom.form === 'globe') &&
    sprout.bloom > 0.05;
  // Flower spikes and stalked heads make up part of the height told by the record.
  const flowerTop = spiked
    ? Math.min(sprout.heightCm * 0.42, kind.bloom!.sizeCm * 0.9)
    : stalked
      ? Math.min(sprout.heightCm * 0.28, kind.bloom!.sizeCm * 0.9)
      : 0;
  const leafyHeight = Math.max(2, sprout.heightCm - flowerTop);
  // Needles are drawn by the sprig: one mark for a feathered shoot tip.
  const needled = kind.foliage.shape === 'needle';
  const style = needled ? { ...sheaf.leaf, shape: 'sprig' as const } : sheaf.leaf;
  const leafLength =
    (needled ? 2.5 + kind.foliage.lengthCm * 1.6 : kind.foliage.lengthCm) *
    mix(0.62, 1, sprout.share);
  const ratio = OUTLINES[style.shape].ratio;
  const area = leafLength * leafLength * ratio * 0.55;
  const surface = Math.PI * sprout.radiusCm ** 2 + Math.PI * sprout.radiusCm * leafyHeight * 1.1;
  const wanted = (surface * 2.1) / area;
  const most = form.mostLeaves * mix(0.35, 1, sprout.share);
  const leaves = clamp(wanted, 14, most);
  // Fine foliage is drawn with fewer, somewhat larger marks: the look holds, the count does not explode.
  const enlarge = clamp(Math.sqrt(wanted / leaves), 1, 2.6);
  const nodes = clamp(Math.round(leafyHeight / Math.max(1.6, leafLength * 0.55)), 3, 8);
  const stems = stout ? STOUT_STEMS : Math.max(4, Math.round(leaves / (nodes * 1.6)));

  const ageing = kind.foliage.evergreen ? 0 : MOST_AGED * clamp((sprout.share - 0.85) / 0.15, 0, 1);

  const leavesCm = leafLength * enlarge * 0.7;
  const sites: BlossomAt[] = [];
  for (let i = 0; i < stems; i += 1) {
    const rho = Math.sqrt((i + 0.5) / stems);
    const azimuth = i * GOLDEN_RAD + sheaf.signed(i, 0, WHY.azimuth) * 0.35;
    const out = level(azimuth);
    const reach = sprout.radiusCm * rho * (0.86 + 0.28 * sheaf.random(i, 0, WHY.reach)) * 0.88;
    const height =
      leafyHeight *
      Math.sqrt(1 - form.dome * 1.25 * rho * rho) *
      (0.86 + 0.22 * sheaf.random(i, 1, WHY.reach));
    const lean = add([0, 0, 0], sprout.outward, 0.24 * sprout.rimShare * height);
    const tip = add(add(add(sprout.base, out, reach), [0, height, 0]), lean);
    const control = add(add(add(sprout.base, out, reach * 0.66), [0, height * 0.42, 0]), lean, 0.4);
    const at = (t: number): Vec3 => {
      const [a, b, c] = [(1 - t) * (1 - t), 2 * t * (1 - t), t * t];
      return [
        sprout.base[0] * a + control[0] * b + tip[0] * c,
        sprout.base[1] * a + control[1] * b + tip[1] * c,
        sprout.base[2] * a + control[2] * b + tip[2] * c,
      ];
    };
    sheaf.addStem(
      at(0.02),
      at(0.55),
      stout ? leafyHeight * STOUT : Math.min(0.6, 0.14 + leafyHeight * 0.006),
      sheaf.leaf.stem,
    );
    sheaf.addStem(
      at(0.55),
      at(0.97),
      stout ? leafyHeight * STOUT * 0.5 : Math.min(0.42, 0.1 + leafyHeight * 0.004),
      sheaf.leaf.stem,
    );

    for (let j = 0; j < nodes; j += 1) {
      const t = form.bare + (1 - form.bare) * ((j + 0.6) / nodes) ** 0.85;
      const p = at(Math.min(1, t));
      const tangent = unit([tip[0] - control[0], tip[1] - control[1], tip[2] - control[2]]);
      const pair = j === nodes - 1 ? 3 : j % 2 === 0 ? 2 : 1;
      for (let k = 0; k < pair; k += 1) {
        const key = j * 4 + k;
        const around = level(
          azimuth + (k * Math.PI * 2) / pair + j * 1.4 + sheaf.signed(i, key, WHY.azimuth) * 0.6,
        );
        const radial = unit(add(out, around, 1.3));
        const droop = 0.28 - 0.2 * t;
        const u = unit(add(add(radial, tangent, form.rise * (0.3 + 0.7 * t)), [0, -droop, 0]));
        const n = add(
          add(add([0, 0.85, 0], out, 0.45 * rho), tangent, 0.4),
          sheaf.noise(i, key, 0.25),
        );
        const size =
          leafLength *
          enlarge *
          mix(1, 0.6, t ** 3) *
          (0.82 + 0.36 * sheaf.random(i, key, WHY.size));
        sheaf.addLeaf(p, u, n, size, {
          widthCm: size * ratio,
          bend: 0.25 + 0.4 * sheaf.random(i, key, WHY.tilt),
          fold: kind.foliage.surface === 'fleshy' ? -0.08 : 0.16,
          jitter: sheaf.signed(i, key, WHY.jitter),
          style:
            t < AGES_BELOW && sheaf.random(i, key, WHY.age) < ageing
              ? { ...sheaf.aged, shape: style.shape }
              : style,
          stalkFrom:
            kind.foliage.shape === 'round' || kind.foliage.shape === 'kidney'
              ? add(p, out, -size * 0.5)
              : null,
        });
      }
    }
    sites.push({
      at: tip,
      tangent: unit([tip[0] - control[0], tip[1] - control[1], tip[2] - control[2]]),
      outward: out,
      key: i,
      leavesCm,
    });
    if (!spiked) sites.push({ at: at(0.82), tangent: out, outward: out, key: i + 500, leavesCm });
  }
  addFlowers(sheaf, sites);
  addFruits(sheaf, sites, 22);
}
