import type { Detail, Picture } from '@/core/seeing/part';
import { drawElevation, drawHoles, growScene, type Scene } from '@/core/seeing/scene';
import { subjectKey, type Subject } from '@/core/seeing/subject';
import { withScenery, type Scenery } from '@/core/seeing/scenery';
import { withoutCovered } from '@/core/seeing/covered';
import type { Lens } from '@/core/seeing/lens';

/** What to draw. */
export interface PictureRequest {
  readonly subject: Subject;
  readonly weeks: number;
  readonly lens: Lens;
  readonly detail: Detail;
  readonly widthPx: number;
  readonly heightPx: number;
  /** Radii of the stencil's holes in cm: the plan is drawn; `null`: the stand-back view. */
  readonly holesCm: readonly number[] | null;
  /** What stands behind and before the planting; the plan has none. */
  readonly scenery?: Scenery | null;
}

/** Grown scenes kept: turning and repainting reuse them. */
const KEPT = 24;
/** Weeks grown beforehand on either side of one at rest, and onward of one that moves. */
const AHEAD = 2;

/** Makes pictures and remembers the scenes it grew. */
export class Picturing {
  private readonly scenes = new Map<string, Scene>();
  private last: {
    readonly subject: Subject;
    readonly key: string;
    readonly weeks: number;
    readonly step: number;
    readonly detail: Detail;
  } | null = null;

  /** Grows what is asked for, where no scene of it is kept, and puts it on a picture, in steps. */
  *drawing(request: PictureRequest): Generator<void, Picture> {
    const { subject, weeks, detail } = request;
    const key = subjectKey(subject);
    const step = this.last?.key === key ? weeks - this.last.weeks || this.last.step : 0;
    this.last = { subject, key, weeks, step, detail };
    return yield* this.rehearsing(request);
  }

  /** {@link drawing} for nobody: what is likely to be asked for next does not follow from it. */
  *rehearsing({
    subject,
    weeks,
    lens,
    detail,
    widthPx,
    heightPx,
    holesCm,
    scenery = null,
  }: PictureRequest): Generator<void, Picture> {
    const scene = yield* this.scene(subject, subjectKey(subject), weeks);
    const frame = { widthPx, heightPx };
    if (holesCm) return yield* drawHoles(scene, subject.plants, holesCm, lens, detail, frame);
    const picture = yield* drawElevation(
      detail === 'flat' ? { ...scene, marks: withoutCovered(scene.marks, lens, frame) } : scene,
      lens,
      detail,
      frame,
    );
    return scenery ? withScenery(picture, scenery, lens) : picture;
  }

  /** Grows a planting that may be asked for, in steps. */
  *growing(subject: Subject, weeks: number): Generator<void> {
    yield* this.scene(subject, subjectKey(subject), weeks);
  }

  /** Grows the weeks likely to be asked for next, in steps: growing takes as long as drawing, and a hand on the week slider waits for both. */
  *growingAhead(): Generator<void> {
    if (!this.last) return;
    const { subject, key, weeks, step, detail } = this.last;
    // A plant that is being dragged stands elsewhere by the time its weeks were grown.
    if (step === 0 && detail === 'flat') return;
    for (let n = 1; n <= AHEAD; n += 1)
      for (const next of step === 0 ? [weeks + n, weeks - n] : [weeks + step * n])
        if (next >= 0 && !this.scenes.has(`${next}|${key}`)) yield* this.scene(subject, key, next);
  }

  private *scene(subject: Subject, key: string, weeks: number): Generator<void, Scene> {
    const at = `${weeks}|${key}`;
    const scene = this.scenes.get(at) ?? (yield* growScene(subject, weeks));
    this.scenes.delete(at);
    this.scenes.set(at, scene);
    if (this.scenes.size > KEPT) this.scenes.delete(this.scenes.keys().next().value!);
    return scene;
  }
}
