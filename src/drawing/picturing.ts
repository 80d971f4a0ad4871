import type { Picture } from '@/core/seeing/part';
import { buildScene, elevation, planHoles, type Scene, type Subject } from '@/core/seeing/scene';
import type { Lens } from '@/core/seeing/lens';
import type { Detail } from '@/core/seeing/project';

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
}

/** Grown scenes kept: turning and repainting reuse them. */
const KEPT = 24;

/** A maker of pictures that remembers the scenes it grew last. */
export function picturing(): (request: PictureRequest) => Picture {
  const scenes = new Map<string, Scene>();
  return ({ subject, weeks, lens, detail, widthPx, heightPx, holesCm }) => {
    const key = `${weeks}|${JSON.stringify({ ...subject, plants: subject.plants.map(({ kind, ...place }) => [kind.id, place]) })}`;
    let scene = scenes.get(key);
    if (scene) scenes.delete(key);
    else scene = buildScene(subject, weeks);
    scenes.set(key, scene);
    if (scenes.size > KEPT) scenes.delete(scenes.keys().next().value!);
    const frame = { widthPx, heightPx };
    return holesCm ? planHoles(scene, subject.plants, holesCm, lens, detail, frame) : elevation(scene, lens, detail, frame);
  };
}
