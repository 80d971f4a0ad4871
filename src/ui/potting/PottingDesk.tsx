'use client';

import { useEffect, useMemo } from 'react';
import type { Entry } from '@/core/log/entry';
import { plantKeys } from '@/core/making/progress';
import { allPlants, type PlantingInSpot } from '@/core/plantings/planting';
import { useWidth } from '@/ui/controls/useWidth';
import { useLibrary } from '@/ui/session/LibraryProvider';
import { useSettings } from '@/ui/session/StoreProvider';
import { minutesText } from '@/words/format';
import { cautionText, stepLines, stepTitle } from '@/words/potting';
import { POT_HEIGHT_CM } from '@/ui/plant-book/grown';
import { KindDrawn } from '@/ui/plant-book/KindDrawn';
import { Beside } from './Beside';
import { NextBar } from './NextBar';
import { PinchDrawing } from './PinchDrawing';
import { PottingDone } from './PottingDone';
import { PottingPlan } from './PottingPlan';
import { PottingSection } from './PottingSection';
import { SoFar } from './SoFar';
import { StepRuler } from './StepRuler';
import { useAwake } from './useAwake';
import { usePotting, type Former, type Potting } from './usePotting';
import { useReadAloud } from './useReadAloud';

/** One planting being made, one step at a time: readable at arm's length, pressed with a knuckle. */
export function PottingDesk({
  it: meant,
  held,
  former,
}: {
  readonly it: PlantingInSpot;
  readonly held: readonly Entry[];
  readonly former: Former | null;
}) {
  const potting = usePotting(meant, held, former);
  const { it, steps, step, progress } = potting;
  const settings = useSettings();
  const { kindOf } = useLibrary();
  const [ref, width] = useWidth<HTMLDivElement>();
  useAwake();
  useKeys(potting);
  const lines = useMemo(
    () => (step ? stepLines(step, allPlants(it), settings, kindOf) : []),
    [step, it, settings, kindOf],
  );
  const title = step ? stepTitle(step, kindOf) : 'All done';
  const cautions = step?.cautions.map((one) => cautionText(one, kindOf, settings)) ?? [];
  const aloud = useReadAloud([title, ...lines, ...cautions].join(' '));
  const inHand = step?.what.do === 'plant' ? step.what.plant : null;
  const kindInHand = inHand && kindOf(inHand.kindId);
  const keys = plantKeys(steps);
  const isIn = keys.filter((key) => progress.answers.get(key)?.what.how === 'done').length;
  const toGo = steps
    .filter(({ key }) => !progress.answers.has(key))
    .reduce((sum, { minutes }) => sum + minutes, 0);
  const isWide = width >= 900;
  const drawnPx = isWide ? Math.min(560, width * 0.5) : width;
  const besidePx = isWide ? Math.min(460, width - drawnPx - 32) : width;
  return (
    <div ref={ref} className="pb-28">
      <header className="flex items-baseline justify-between gap-4 pt-3 text-lead">
        <h1 className="min-w-0 truncate font-semibold">{it.planting.name}</h1>
        {/* What was told to be planted elsewhere had no steps ticked, and none are to go. */}
        {(step || toGo === 0) && (
          <p className="shrink-0 text-ink2">
            {isIn} of {keys.length} planted
            {toGo > 0 ? `, ${minutesText(toGo)} to go` : ''}
          </p>
        )}
      </header>
      <StepRuler potting={potting} />
      {width > 0 && step && (
        <div className={isWide ? 'grid grid-cols-[auto_1fr] gap-8 pt-4' : 'pt-3'}>
          <div style={{ width: drawnPx }}>
            {showsPlan(step.what.do) ? (
              <PottingPlan
                it={it}
                progress={progress}
                lit={inHand?.placeId ?? null}
                widthPx={drawnPx}
                mostPx={isWide ? 460 : 216}
              />
            ) : (
              <SoFar it={it} progress={progress} widthPx={drawnPx} heightPx={isWide ? 460 : 280} />
            )}
          </div>
          <div className="relative min-w-0">
            {kindInHand && (
              <span className="float-right mb-1 ml-3 bg-field">
                <KindDrawn
                  kind={kindInHand}
                  widthPx={64}
                  pxPerCm={Math.min(
                    1.5,
                    58 / (kindInHand.heightCm[1] * 1.1 + POT_HEIGHT_CM),
                    64 / kindInHand.spreadCm[1],
                  )}
                />
              </span>
            )}
            <p className="pt-2 text-lead text-ink2">
              {inHand && step.what.do === 'plant'
                ? `Plant ${step.what.index} of ${step.what.of}`
                : `Step ${potting.at + 1} of ${steps.length}`}
            </p>
            <div aria-live="polite">
              <h2 className="display text-room leading-9" data-step={step.key}>
                {title}
              </h2>
              {lines.map((line) => (
                <p key={line} className="text-name leading-6">
                  {line}
                </p>
              ))}
              {cautions.map((line) => (
                <p
                  key={line}
                  className="clear-right mt-2 border-l-4 border-ink bg-paper px-3 py-1.5 text-lead leading-5"
                >
                  <b>Caution.</b> {line}
                </p>
              ))}
            </div>
            {inHand?.isPinched && <PinchDrawing />}
            {showsSection(step.what.do) && (
              <div className={inHand ? 'grid grid-cols-2 items-end gap-3 pt-2' : 'pt-2'}>
                <PottingSection
                  it={it}
                  steps={steps}
                  step={step}
                  progress={progress}
                  units={settings}
                  widthPx={inHand ? (besidePx - 12) / 2 : besidePx}
                  mostPx={isWide ? 240 : 140}
                />
                {inHand && (
                  <SoFar
                    it={it}
                    progress={progress}
                    inHand={inHand.placeId}
                    widthPx={(besidePx - 12) / 2}
                    heightPx={isWide ? 200 : 140}
                  />
                )}
              </div>
            )}
            {/* Anew for each step: a button pressed for one must not have the space bar of the next. */}
            <Beside key={step.key} potting={potting} it={it} aloud={aloud} />
          </div>
        </div>
      )}
      {!step && <PottingDone it={it} potting={potting} />}
      <NextBar potting={potting} />
    </div>
  );
}

const showsPlan = (what: string) => ['dry run', 'plant', 'support', 'fill'].includes(what);
const showsSection = (what: string) => ['fill', 'plant', 'top up', 'foot'].includes(what);

/** The space bar goes on, the left arrow goes back. */
function useKeys({ at, step, progress, go, answer }: Potting): void {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const on = event.target instanceof HTMLElement ? event.target : null;
      // What has the focus keeps its own keys.
      if (on?.closest('input, textarea, select, button, a, [role="dialog"]')) return;
      if (event.key === 'ArrowLeft' && at > 0) go(at - 1);
      else if (event.key === ' ' && step) {
        event.preventDefault();
        if (progress.answers.has(step.key)) go(at + 1);
        else answer('done');
      }
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  });
}
