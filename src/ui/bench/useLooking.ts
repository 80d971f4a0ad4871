import { useCallback, useMemo, useState } from 'react';
import { pictureSpan, USUAL_PITCH_RAD, withFigure, type Extent } from '@/core/seeing/framing';
import { hourLight } from '@/core/seeing/hourLight';
import { backdropOf, type Figure, type Scenery } from '@/core/seeing/scenery';
import { hiddenBelowCm, pitchOf, viewpointsOf, type Viewpoint } from '@/core/seeing/viewpoint';
import type { Light } from '@/core/marks/light';
import type { PlantingInSpot } from '@/core/plantings/planting';
import { DEG_PER_RAD, RAD_PER_DEG, weekAfter } from '@/core/units/units';

/** From where, in what light and among what a planting is looked at. */
export interface Looking {
  readonly turnDeg: number;
  readonly view: Viewpoint | null;
  readonly hour: number | null;
  readonly figure: Figure;
  readonly behind: boolean;
  /** Is it judged on the ground of the day, on a dark page? */
  readonly isDaylight: boolean;
}

/** What the tools of the view read and set: the same object while only the planting changes. */
export type LookingTools = Pick<
  LookingHere,
  | 'view'
  | 'views'
  | 'hour'
  | 'light'
  | 'figure'
  | 'behind'
  | 'isDaylight'
  | 'backdrop'
  | 'put'
  | 'lookFrom'
>;

export interface LookingHere extends Looking {
  readonly tools: LookingTools;
  readonly views: readonly Viewpoint[];
  readonly azimuthRad: number;
  readonly pitchRad: number;
  /** `null` at night; `undefined` for the drawing's own. */
  readonly light: Light | null | undefined;
  /** Colours that lie behind the planting this week. */
  readonly backdrop: NonNullable<Scenery['behind']>;
  /** Room the picture needs with all that stands in it, and room above and below its foot as it is looked at, picture cm. */
  readonly extent: Extent;
  readonly span: { readonly aboveCm: number; readonly belowCm: number };
  readonly scenery: Scenery | null;
  readonly put: (change: Partial<Looking>) => void;
  readonly turn: (deg: number) => void;
  /** Looks from a viewpoint, turned to its side; `null` looks straight on. */
  readonly lookFrom: (view: Viewpoint | null) => void;
}

const AS_DRAWN: Looking = {
  turnDeg: 0,
  view: null,
  hour: null,
  figure: 'none',
  behind: false,
  isDaylight: false,
};

/** The stand-back view's eye, light and surroundings, with what follows from them for this planting and week. */
export function useLooking(
  { planting, spot }: PlantingInSpot,
  bare: Extent,
  weeks: number,
): LookingHere {
  const [looking, setLooking] = useState(AS_DRAWN);
  const { container, plantedWeek } = planting;
  const { turnDeg, view, hour, figure, behind, isDaylight } = looking;
  const put = useCallback(
    (change: Partial<Looking>) => setLooking((now) => ({ ...now, ...change })),
    [],
  );
  const turn = useCallback((deg: number) => put({ turnDeg: deg }), [put]);
  const lookFrom = useCallback(
    (next: Viewpoint | null) =>
      put({
        view: next,
        turnDeg: next ? Math.round((next.azimuthRad * DEG_PER_RAD) / 15) * 15 : 0,
      }),
    [put],
  );
  const views = useMemo(() => viewpointsOf(spot, container), [spot, container]);
  const pitchRad = view
    ? pitchOf(view, container, spot.dropCm)
    : spot.view === 'from below'
      ? USUAL_PITCH_RAD.fromBelow
      : USUAL_PITCH_RAD.standing;
  const week = weekAfter(plantedWeek, weeks);
  const light = useMemo(
    () => (hour === null ? undefined : hourLight(spot, week, hour)),
    [spot, week, hour],
  );
  const backdrop = useMemo(() => backdropOf(spot, week), [spot, week]);
  const { extent, figureAtCm } = useMemo(
    () => withFigure(bare, figure, spot.dropCm),
    [bare, figure, spot.dropCm],
  );
  const span = useMemo(() => pictureSpan(extent, pitchRad), [extent, pitchRad]);
  const sillCm = view ? hiddenBelowCm(view, spot.dropCm) : null;
  const scenery = useMemo(
    (): Scenery | null =>
      figure === 'none' && !(behind && backdrop.length > 0) && sillCm === null
        ? null
        : {
            figure,
            dropCm: spot.dropCm,
            figureAtCm,
            behind: behind && backdrop.length > 0 ? backdrop : null,
            sillCm,
          },
    [figure, behind, backdrop, sillCm, spot.dropCm, figureAtCm],
  );
  const tools = useMemo(
    (): LookingTools => ({
      view,
      views,
      hour,
      light,
      figure,
      behind,
      isDaylight,
      backdrop,
      put,
      lookFrom,
    }),
    [view, views, hour, light, figure, behind, isDaylight, backdrop, put, lookFrom],
  );
  return {
    ...looking,
    tools,
    views,
    azimuthRad: turnDeg * RAD_PER_DEG,
    pitchRad,
    light,
    backdrop,
    extent,
    span,
    scenery,
    put,
    turn,
    lookFrom,
  };
}
