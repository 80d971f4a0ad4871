import { fillable, mixFloorCm, mixHeightCm, mixL, type Container } from '../containers/container';
import { mixFactsOf, type MixFacts } from '../containers/mixes';
import { once } from '../work/once';

/** How a mix lets go of water as it is sucked at: van Genuchten's curve. Heights and suctions in cm of water. */
export interface Retention {
  /** Water with every pore full, and what cannot be sucked out, L/L. */
  readonly saturated: number;
  readonly residual: number;
  readonly alpha: number;
  readonly n: number;
}

/** A usual bark and peat mix; how much others hold is their own, how that falls off with height is taken from it. */
export const USUAL_MIX: Retention = { saturated: 0.88, residual: 0.12, alpha: 0.14, n: 1.45 };

/** Handbooks tell what a mix holds in a column of about this height, cm. Ours. */
const TOLD_FOR_CM = 20;
/** So much of its pores stays air even at the very foot. Ours. */
const TRAPPED_AIR = 0.05;
/** Layers that a mix is cut into. */
const LAYERS = 12;

/**
 * Water held at a height above the foot of a drained mix, L/L: there it is full, higher up the weight of the water pulls it out.
 * @see van Genuchten 1980
 */
export function heldAt(heightCm: number, { saturated, residual, alpha, n }: Retention): number {
  const m = 1 - 1 / n;
  return residual + (saturated - residual) / (1 + (alpha * Math.max(0, heightCm)) ** n) ** m;
}

/** Mean over a column that drains freely at its foot, L/L. */
export function heldIn(depthCm: number, mix: Retention = USUAL_MIX): number {
  const steps = 200;
  let sum = 0;
  for (let i = 0; i < steps; i += 1) sum += heldAt(((i + 0.5) / steps) * depthCm, mix);
  return sum / steps;
}

const TOLD_FOR = heldIn(TOLD_FOR_CM);

/**
 * Water that a container's mix holds once it has drained, L/L. A shallow one holds more in every litre, a tall one less: the water stands on
 * its foot, wherever that is, so that stones below it only lift it.
 */
export const heldShare = once((container: Container): number => {
  const facts = mixFactsOf(container);
  const form = fillable(container);
  const [floor, top] = [mixFloorCm(container), mixHeightCm(container)];
  let [litres, held] = [0, 0];
  for (let i = 0; i < LAYERS; i += 1) {
    const [low, high] = [i, i + 1].map((k) => floor + ((top - floor) * k) / LAYERS) as [
      number,
      number,
    ];
    const volume = Math.max(0, form.volumeBelowL(high) - form.volumeBelowL(low));
    litres += volume;
    held += volume * atHeight(facts, (low + high) / 2 - floor);
  }
  return litres > 0 ? held / litres : facts.waterShare;
});

/** What a mix holds at a height: as the usual one does there, in proportion to what it is told to hold. */
function atHeight({ waterShare, poreShare }: MixFacts, heightCm: number): number {
  return Math.min(poreShare - TRAPPED_AIR, (waterShare * heldAt(heightCm, USUAL_MIX)) / TOLD_FOR);
}

/** Water between full and wilting that a container holds, litres. */
export function availableL(container: Container): number {
  return mixL(container) * Math.max(0.02, heldShare(container) - mixFactsOf(container).wiltShare);
}

/** Share of what is available that is drunk before it is watered again. */
export const REFILL_AT = 0.5;

/** Water that a container gives up before it should be watered again, litres. */
export function readilyAvailableL(container: Container): number {
  return availableL(container) * REFILL_AT;
}
