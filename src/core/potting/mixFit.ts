import { airShare, type MixFacts } from '../containers/mixes';
import type { PlantKind } from '../plants/kind';
import { hatesLime } from '../plants/rooting';

/** Why a mix suits or harms a kind. */
export type MixReason =
  /** Lime yellows its leaves. */
  | 'limy'
  /** It must dry between waterings and this mix stays wet. */
  | 'stays wet'
  /** It drinks much and this mix holds little. */
  | 'holds little'
  /** Too little air for roots after watering. */
  | 'airless'
  | 'suits';

/** Water to hand, litres per litre of mix, above which a mix keeps plants that must dry too wet. */
const WET = 0.27;
/** Below which thirsty plants run dry within a day. */
const DRY = 0.23;
/** Air after draining below which roots of land plants suffocate (Bilderback & Fonteno: .1–.3 wanted). */
const LEAST_AIR = 0.12;

/** What a mix does to a kind: the gravest reason first, `suits` when none stands against it. */
export function mixFit(mix: MixFacts, kind: PlantKind): MixReason {
  const toHand = mix.waterShare - mix.wiltShare;
  if (hatesLime(kind) && mix.acidity === 'limy') return 'limy';
  if (airShare(mix) < LEAST_AIR) return 'airless';
  if (kind.dryBetween && toHand > WET) return 'stays wet';
  if (kind.thirst === 'high' && toHand < DRY) return 'holds little';
  return 'suits';
}
