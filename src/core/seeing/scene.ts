import type { Container } from '../containers/container';
import { dot } from '../geometry/vec3';
import { foresee, type Size } from '../growth/foresee';
import { growFromSide, growPlant } from '../marks/grow';
import { sideGrowers } from '../growth/seasonOf';
import { lightMarks, STUDIO_LIGHT, type Light } from '../marks/light';
import type { Mark } from '../marks/mark';
import { growSupport, legsOf } from '../marks/support';
import { vesselOf, type Vessel } from '../marks/vessel';
import { reaches } from '../plantings/support';
import { clamp } from '../units/units';
import { projectBody, type Body } from './body';
import { aim, screenX, screenY, type Aim, type Lens } from './lens';
import { fill, type Detail, type Drawn, type Layer, type Picture } from './part';
import { fromBack, projectMarks } from './project';
import { finished } from '../work/steps';
import type { Subject } from './subject';

/** A planting some weeks on, grown and lit, ready to be seen from anywhere. */
export interface Scene {
  readonly container: Container;
  readonly hung: boolean;
  readonly vessel: Vessel;
  readonly light: Light;
  readonly marks: readonly Mark[];
  /** Those of them that lie inside the container, below its rim: seen only through its mouth. */
  readonly low: ReadonlySet<Mark>;
  readonly sizes: readonly Size[];
}

/** Grows every plant to a week after planting and lights them together. */
export function buildScene(subject: Subject, weeks: number): Scene {
  return finished(growScene(subject, weeks));
}

/** {@link buildScene} plant by plant. */
export function* growScene(subject: Subject, weeks: number): Generator<void, Scene> {
  const vessel = vesselOf(subject.container, subject.hung);
  const marks: Mark[] = [];
  const { container, hung, light = STUDIO_LIGHT, sides = [] } = subject;
  const sizes = foresee(
    [...subject.plants, ...sideGrowers(container, sides)],
    subject.conditions,
    subject.plantedWeek,
  ).at(weeks);
  const { support } = subject;
  if (support) marks.push(...growSupport(support, vessel));
  for (const [index, plant] of subject.plants.entries()) {
    const legs = support && reaches(support, plant) ? legsOf(support, vessel) : null;
    for (const mark of growPlant(plant, sizes[index]!, vessel, index, legs)) marks.push(mark);
    yield;
  }
  for (const [i, plant] of sides.entries()) {
    const index = subject.plants.length + i;
    for (const mark of growFromSide(plant, sizes[index]!, container, vessel, index))
      marks.push(mark);
    yield;
  }
  lightMarks(marks, light);
  return {
    container,
    hung,
    vessel,
    light,
    marks,
    low: new Set(marks.filter((mark) => liesLow(mark, vessel))),
    sizes,
  };
}

function liesLow({ p: [x, y, z] }: Mark, { rimY, insideCm }: Vessel): boolean {
  return y < rimY + 0.5 && insideCm(x, Math.min(y, rimY), z) >= -0.3;
}

interface Frame {
  readonly widthPx: number;
  readonly heightPx: number;
}

/** How far before the wall its leaves stand, for the shadow they throw on it, cm; and the least slant of light that still throws one. */
const BEFORE_WALL_CM = 1;
const LEAST_SLANT = 0.08;
/** Farthest that such a shadow is thrown, cm: beyond it light only grazes the wall. */
const FARTHEST_CM = 6;

/** The stand-back view: everything in painting order. */
export function elevation(scene: Scene, lens: Lens, detail: Detail, frame: Frame): Picture {
  return finished(drawElevation(scene, lens, detail, frame));
}

/** {@link elevation} in steps. */
export function* drawElevation(
  scene: Scene,
  lens: Lens,
  detail: Detail,
  frame: Frame,
): Generator<void, Picture> {
  const a = aim(lens, scene.light);
  const body = projectBody(scene.container, scene.hung, a);
  const { vessel } = scene;
  const behind: Mark[] = [];
  const low: Mark[] = [];
  const front: Mark[] = [];
  for (const mark of scene.marks) {
    const [x, y, z] = mark.p;
    if (scene.low.has(mark)) low.push(mark);
    else if (y < vessel.rimY - 1 && x * a.toward[0] + z * a.toward[2] < 0) behind.push(mark);
    else front.push(mark);
  }
  const frontDrawn = yield* projectMarks(front, a, detail);
  const layers: Layer[] = [];
  if (!scene.hung)
    layers.push({
      clip: null,
      drawn: [{ depthCm: 0, plant: -1, parts: groundShadow(body.silhouette, a) }],
    });
  layers.push({ clip: null, drawn: yield* projectMarks(behind, a, detail) });
  layers.push({
    clip: null,
    drawn: [{ depthCm: 0, plant: -1, parts: [...body.wall, ...body.mouth] }],
  });
  layers.push({ clip: aboveRim(body.nearRim, frame), drawn: yield* projectMarks(low, a, detail) });
  layers.push({
    clip: body.silhouette,
    drawn: [{ depthCm: 0, plant: -1, parts: foliageShadow(frontDrawn, body, a, detail) }],
  });
  const last = body.chains.length > 0 ? fromBack([...frontDrawn, ...body.chains]) : frontDrawn;
  layers.push({ clip: null, drawn: last });
  return { ...frame, layers };
}

/** Everything above the near rim: where plants inside the container can show. */
function aboveRim(nearRim: readonly number[], { widthPx }: Frame): number[] {
  const count = nearRim.length;
  const far = widthPx * 4 + 4000;
  return [...nearRim, far, nearRim[count - 1]!, far, -far, -far, -far, -far, nearRim[1]!];
}

/** How far the shadow on the ground is drawn off for each unit the sun stands to the side, cm; a low sun throws it farther, up to so much. Only its root is drawn. */
const THROWN_CM = 5;
const LONGEST = 2.4;

/** The shadow on the ground; what stands high on a pedestal throws a narrower one. */
function groundShadow(silhouette: readonly number[], a: Aim): Drawn['parts'] {
  const {
    pxPerCm,
    light: { toSun, sunShare },
  } = a;
  const groundY = screenY(a, [0, 0, 0]);
  const slant = Math.min(
    LONGEST,
    Math.sqrt(Math.max(0, 1 - toSun[1] ** 2)) / Math.max(0.1, toSun[1]),
  );
  const aside = -THROWN_CM * slant * dot(a.right, toSun) * sunShare;
  let [low, high, foot] = [Infinity, -Infinity, -Infinity];
  for (let i = 0; i < silhouette.length; i += 2) {
    low = Math.min(low, silhouette[i]!);
    high = Math.max(high, silhouette[i]!);
    foot = Math.max(foot, silhouette[i + 1]!);
  }
  const raised = groundY - foot > 8 * pxPerCm;
  const half = ((high - low) / 2) * (raised ? 0.6 : 1);
  foot = Math.max(foot, groundY);
  return [1.2, 1, 0.84].map((share) => {
    const xy: number[] = [];
    for (let i = 0; i < 24; i += 1)
      xy.push(
        (low + high) / 2 + pxPerCm * aside + Math.cos((i * Math.PI) / 12) * half * share,
        foot -
          pxPerCm * 1.2 +
          Math.sin((i * Math.PI) / 12) * Math.min(half * 0.22, pxPerCm * 3) * share,
      );
    return fill(xy, '#20262a', 0.07);
  });
}

/** What one leaf's shadow takes from the wall's light. */
const SHADE = 0.2;

/** Each front leaf's outline thrown on the wall once: cheap, and most of the realism. While something moves every second leaf does it for two. */
function foliageShadow(
  drawn: readonly Drawn[],
  { silhouette, nearRim }: Body,
  a: Aim,
  detail: Detail,
): Drawn['parts'] {
  const {
    pxPerCm,
    light: { toSun, sunShare },
  } = a;
  const slant = dot(a.toward, toSun);
  if (slant < LEAST_SLANT || sunShare < 0.05) return [];
  let [low, high] = [Infinity, -Infinity];
  for (let i = 1; i < silhouette.length; i += 2) {
    low = Math.min(low, silhouette[i]!);
    high = Math.max(high, silhouette[i]!);
  }
  const thrown = (across: number) =>
    clamp((BEFORE_WALL_CM * across) / slant, -FARTHEST_CM, FARTHEST_CM) * pxPerCm;
  const [dx, dy] = [thrown(-dot(a.right, toSun)), thrown(dot(a.up, toSun))];
  const rim = Math.min(...nearRim.filter((_, i) => i % 2 === 1));
  const parts: Drawn['parts'][number][] = [];
  const [every, shade] = detail === 'flat' ? [2, 1 - (1 - SHADE) ** 2] : [1, SHADE];
  for (let i = 0; i < drawn.length; i += every) {
    const one = drawn[i]!;
    if (one.depthCm < 0) continue;
    const outline = one.parts.find((part) => part.widthPx === 0);
    if (!outline) continue;
    const y = outline.xy[1]!;
    if (y < rim - 4 * pxPerCm || y > high) continue;
    parts.push(
      fill(
        outline.xy.map((value, k) => value + (k % 2 === 0 ? dx : dy)),
        '#14100c',
        shade * sunShare,
      ),
    );
  }
  return parts;
}

/** The plan: each plant's own leaves from straight above, cut to a circle (the hole of the stencil). */
export function planHoles(
  scene: Scene,
  plants: Subject['plants'],
  holes: readonly number[],
  lens: Lens,
  detail: Detail,
  frame: Frame,
): Picture {
  return finished(drawHoles(scene, plants, holes, lens, detail, frame));
}

/** {@link planHoles} in steps. */
export function* drawHoles(
  scene: Scene,
  plants: Subject['plants'],
  holes: readonly number[],
  lens: Lens,
  detail: Detail,
  frame: Frame,
): Generator<void, Picture> {
  const a = aim({ ...lens, azimuthRad: 0, pitchRad: Math.PI / 2 }, scene.light);
  const byPlant: Mark[][] = plants.map(() => []);
  for (const mark of scene.marks) byPlant[mark.plant]?.push(mark);
  const layers: Layer[] = [];
  for (const [i, plant] of plants.entries()) {
    const [x, y, r] = [
      screenX(a, [plant.xCm, 0, plant.zCm]),
      screenY(a, [plant.xCm, 0, plant.zCm]),
      holes[i]! * a.pxPerCm,
    ];
    const clip: number[] = [];
    for (let k = 0; k < 28; k += 1)
      clip.push(x + r * Math.cos((k * Math.PI) / 14), y + r * Math.sin((k * Math.PI) / 14));
    layers.push({
      clip,
      drawn: [
        { depthCm: -1e6, plant: -1, parts: [fill(clip, '#463a32')] },
        ...(yield* projectMarks(byPlant[i]!, a, detail)),
      ],
    });
  }
  return { ...frame, layers };
}
