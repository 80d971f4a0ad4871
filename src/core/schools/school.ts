import type { Container } from '../containers/container';
import { isHung } from '../containers/shape';
import type { Spotting } from '../placing/wishedPlaces';
import type { House } from '../plantings/house';
import type { SchoolId } from '../plantings/schoolId';
import type { PlantKind, Role } from '../plants/kind';
import type { Spot } from '../spots/spot';

/** Where a school is to be practised. */
export interface Setting {
  readonly container: Container;
  readonly spot: Pick<Spot, 'view' | 'eyes'>;
  readonly house: House;
}

/** Plants of one role in a planting. */
export interface SchoolPart {
  readonly role: Role;
  /** Share of all plants, counted; the search steers toward it and a check reads it. */
  readonly share: readonly [least: number, most: number];
}

/** In what order plants of several kinds take the places of their role. */
export type Order = 'alternate' | 'drift' | 'opposite';

/** One way of composing a planting. */
export interface School {
  readonly id: SchoolId;
  /** How well it goes with what is to be planted and how it is seen, 0 (not at all) to 1. */
  readonly suits: (site: Setting) => number;
  /** Roles it must have here, with their shares. */
  readonly parts: (site: Setting) => readonly SchoolPart[];
  /** Kinds by role, each list one way of casting it; simple ones first. */
  readonly casts: (site: Setting) => readonly (readonly Role[])[];
  /** Odd numbers of a kind, pairs, or whatever fits. */
  readonly counts: 'odd' | 'pairs' | 'free';
  /** May neighbours be of like colour? `null`: as the colour scheme has it. */
  readonly likeMayTouch: boolean | null;
  readonly order: Order;
  /** May this kind play the role here at all? */
  readonly allows: (kind: PlantKind, role: Role) => boolean;
  /** How much more (or less) the school likes a kind in a role than the usual judgement, about −.3 to .3. */
  readonly prefers: (kind: PlantKind, role: Role) => number;
  /** Where plants of a role would stand before they are settled. */
  readonly spots: (site: Setting, role: Role, count: number, leads: number) => readonly Spotting[];
  /** What it makes of checks: their usual weight times this. */
  readonly weights: Readonly<Record<string, number>>;
}

/** Hung up, and seen from below or from all sides. */
export function hangs(container: Container): boolean {
  return isHung(container.shape);
}

/** Is it looked at over a sill or parapet? */
export function overSill(spot: Setting['spot']): boolean {
  return spot.eyes.some(({ sill }) => sill !== null);
}

export const ANY_KIND = (): boolean => true;
export const NO_PREFERENCE = (): number => 0;
