'use client';

import { memo, useCallback, useMemo } from 'react';
import { opinionOf } from '@/core/checks/opinion';
import type { CountedSeen } from '@/core/checks/reading';
import { SCHOOL_IDS, type SchoolId } from '@/core/plantings/schoolId';
import type { PlantingInSpot } from '@/core/plantings/planting';
import { SCHOOLS, schoolOf } from '@/core/schools/index';
import { useOneByOne } from '@/ui/session/useOneByOne';
import { SCHOOL_NAMES } from '@/words/schools';
import { Button } from '@/ui/controls/Button';
import { More } from '@/ui/controls/More';

interface SchoolsPictureProps {
  readonly it: PlantingInSpot;
  readonly counted: CountedSeen;
  readonly onSchool: (school: SchoolId) => void;
}

/** Judgements this near to each other say nothing of which school it is. Ours: what moves when one remark of middling weight is answered. */
const ALIKE = 0.02;

/** Schools that suit a container and spot less than this are not asked. Ours. */
const SUITS = 0.25;

interface BySchool {
  readonly school: SchoolId;
  /** How little it would have to answer. */
  readonly score: number;
}

/** The planting judged by every school it may suit, the best first; what was found last until that is done, `null` before. */
function useBySchool(it: PlantingInSpot, counted: CountedSeen): readonly BySchool[] | null {
  const own = schoolOf(it.planting).id;
  const asked = useMemo(
    () =>
      SCHOOL_IDS.filter(
        (school) =>
          school === own ||
          (SCHOOLS[school].suits({
            container: it.planting.container,
            spot: it.spot,
            house: it.house,
          }) >= SUITS &&
            (school !== 'kitchen' || it.planting.wishes.kitchen)),
      ),
    [it, own],
  );
  const judge = useCallback(
    (school: SchoolId): BySchool => ({
      school,
      score: opinionOf(
        { ...it, planting: { ...it.planting, wishes: { ...it.planting.wishes, school } } },
        counted,
      ).answered,
    }),
    [it, counted],
  );
  const done = useOneByOne(asked, judge);
  return useMemo(
    () => (done?.of.includes(own) ? [...done.results].sort((a, b) => b.score - a.score) : null),
    [done, own],
  );
}

/**
 * The planting through the eyes of every school: where each would put it between "much to answer" and "nothing to answer", on one line.
 * No figures: the same planting means something else in each, and a point more or less is nothing to plant by.
 */
const SchoolsPicture = memo(function SchoolsPicture({
  it,
  counted,
  onSchool,
}: SchoolsPictureProps) {
  const own = schoolOf(it.planting).id;
  const rows = useBySchool(it, counted);
  if (!rows) return null;
  const best = rows[0]!.score;
  const low = Math.min(0.75, ...rows.map(({ score }) => score - 0.05));
  const x = (score: number) => 4 + (92 * (score - low)) / (1 - low);
  const near = rows.filter(({ score }) => best - score <= ALIKE);
  const mine = rows.find(({ school }) => school === own)!;
  return (
    <div className="border-t border-rule px-3.5 py-3">
      <p className="text-small">
        Reads most as{' '}
        <b className="font-semibold">
          {near
            .slice(0, 3)
            .map(({ school }) => SCHOOL_NAMES[school].toLowerCase())
            .join(' or ')}
        </b>
        {near.some(({ school }) => school === own)
          ? '.'
          : `; you compose it as ${SCHOOL_NAMES[own].toLowerCase()}.`}
      </p>
      <svg
        viewBox="0 0 100 15"
        className="mt-2 w-full overflow-visible"
        role="img"
        aria-label={`By school, least to answer first: ${rows.map(({ school }) => SCHOOL_NAMES[school]).join(', ')}.`}
      >
        <line x1={4} x2={96} y1={7} y2={7} stroke="var(--tick)" strokeWidth={0.5} />
        {rows.map(({ school, score }) => (
          <circle
            key={school}
            cx={x(score)}
            cy={7}
            r={school === own ? 2.1 : 1.35}
            fill={school === own ? 'var(--ink)' : 'var(--paper)'}
            stroke="var(--ink)"
            strokeWidth={0.5}
          />
        ))}
        <text
          x={Math.min(88, Math.max(12, x(mine.score)))}
          y={3}
          fontSize={3.5}
          textAnchor="middle"
          fill="var(--ink)"
          fontWeight={600}
        >
          yours
        </text>
        <text x={4} y={13.5} fontSize={3.4} fill="var(--ink2)">
          much to answer
        </text>
        <text x={96} y={13.5} fontSize={3.4} fill="var(--ink2)" textAnchor="end">
          nothing to answer
        </text>
      </svg>
      <More name="See it as another school does" className="mt-1 text-note">
        <ul className="mt-1 flex flex-wrap gap-x-3">
          {rows
            .filter(({ school }) => school !== own)
            .map(({ school }) => (
              <li key={school}>
                <Button look="plain" onClick={() => onSchool(school)}>
                  {SCHOOL_NAMES[school]}
                </Button>
              </li>
            ))}
        </ul>
      </More>
    </div>
  );
});

export default SchoolsPicture;
