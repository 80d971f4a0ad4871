import { insetCm, reachOf } from '../containers/section';
import { rimSection } from '../containers/shape';
import { mainRole, type PlantKind, type Role } from '../plants/kind';
import type { PlacedPlant } from '../plantings/planting';
import type { PlantGrown, Reading } from './reading';

/** A plant, its grown size, and the role it plays here. */
export interface PlantPlaying extends PlantGrown {
  readonly role: Role;
}

/**
 * The role each plant plays here: its height against the rest and its place against the rim,
 * within what its kind can do and the school asks for.
 * @returns one row a plant, in the order of the plants
 */
export function rolesPlayed(
  reading: Pick<Reading, 'grownRows' | 'planting' | 'spot' | 'school' | 'house'>,
): readonly PlantPlaying[] {
  const rows = reading.grownRows();
  const tallestCm = Math.max(0, ...rows.map(({ size }) => size.heightCm));
  const company: Company = {
    tallestCm,
    hasLead: rows.some(
      ({ plant, size }) =>
        mainRole(plant.kind) === 'lead' && size.heightCm > tallestCm * TALL_FOR_A_LEAD,
    ),
    hasEdge: rows.some(({ plant }) => mainRole(plant.kind) === 'edge'),
  };
  const asked = askedRoles(reading);
  return rows.map((row) => ({
    ...row,
    role: roleOf(row, rolesOpenTo(row.plant.kind, asked), company, () =>
      dressesRim(row.plant, reading),
    ),
  }));
}

/** What the others of a planting are like, for one of them. */
interface Company {
  readonly tallestCm: number;
  /** Something that is first of all a lead, and tall enough to be one, stands among them. */
  readonly hasLead: boolean;
  /** Something that is first of all an edge stands among them. */
  readonly hasEdge: boolean;
}

function roleOf(
  { plant: { kind }, size }: PlantGrown,
  open: readonly Role[],
  { tallestCm, hasLead, hasEdge }: Company,
  atRim: () => boolean,
): Role {
  const [only] = open;
  if (open.length === 1 && only) return only;
  // What is first of all a lead leads; something else does so only where there is none.
  const mayLead = mainRole(kind) === 'lead' || !hasLead;
  if (open.includes('lead') && size.heightCm > tallestCm * NEARLY_TALLEST && mayLead) return 'lead';
  const trails = size.trailCm > 0;
  const low = size.heightCm < tallestCm * LOW;
  const edges =
    mainRole(kind) === 'edge' ? trails || atRim() : atRim() && (trails || (low && !hasEdge));
  if (open.includes('edge') && (!open.includes('body') || edges)) return 'edge';
  return open.includes('body') ? 'body' : (only ?? 'body');
}

function askedRoles({
  planting,
  spot,
  house,
  school,
}: Pick<Reading, 'planting' | 'spot' | 'house' | 'school'>): ReadonlySet<Role> {
  const parts = school.parts({ container: planting.container, spot, house });
  return new Set(parts.map(({ role }) => role));
}

/** The roles of a kind that this school asks for; all of them when it asks for none. */
function rolesOpenTo(kind: PlantKind, asked: ReadonlySet<Role>): readonly Role[] {
  const can = kind.roles.filter((role) => asked.has(role));
  return can.length > 0 ? can : kind.roles;
}

/** Near enough to the rim to dress it, and in front where only the front is seen. */
function dressesRim(
  { xCm, zCm }: PlacedPlant,
  { planting, spot }: Pick<Reading, 'planting' | 'spot'>,
): boolean {
  const rim = rimSection(planting.container.shape);
  const { acrossCm, deepCm } = reachOf(rim);
  const near = insetCm(rim, xCm, zCm) < Math.min(acrossCm, deepCm) * AT_RIM;
  return near && (spot.view !== 'one side' || zCm > deepCm * IN_FRONT);
}

/** Shares of the tallest plant's height: a lead by birth, as good as the tallest, low enough to edge. Ours. */
const TALL_FOR_A_LEAD = 0.6;
const NEARLY_TALLEST = 0.85;
const LOW = 0.75;
/** Shares of half the depth: near enough to the rim, far enough in front. Ours. */
const AT_RIM = 0.62;
const IN_FRONT = 0.3;
