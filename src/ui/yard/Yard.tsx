'use client';

import dynamic from 'next/dynamic';
import { useReducer } from 'react';
import { DayNote } from './DayNote';
import { useYardSight, type Sight } from './useYardSight';
import { LookingOver } from './LookingOver';
import { YARD_COLUMNS } from './columns';
import { YardGround } from './YardGround';
import { YardHead } from './YardHead';

// What reads, lays out and judges comes after what was last seen.
const YardHere = dynamic(() => import('./YardHere'), { ssr: false });

/** Every container at its spot, on one ground line per spot, all at one scale: as it was last seen until what is there now has been read. */
export function Yard() {
  const { sight, isShown } = useYardSight();
  const [isThere, there] = useReducer(() => true, false);
  return (
    <>
      {!isThere && (sight ? <YardBefore sight={sight} /> : <Opening />)}
      {isShown && <YardHere before={sight} onThere={there} />}
    </>
  );
}

function Opening() {
  return (
    <p className="py-10 text-ink2" role="status">
      Opening the yard…
    </p>
  );
}

/** The Yard as it was last seen, while it is read anew. */
function YardBefore({ sight }: { readonly sight: Sight }) {
  const { told } = sight;
  return (
    <div className={`pt-3.5 ${YARD_COLUMNS}`} data-yard="as last seen">
      <div className="min-w-0">
        <YardHead name={told.name} count={told.count} week={told.week} unit={told.unit} />
        {told.held && <DayNote {...told.held} />}
        <div style={{ minHeight: told.roundPx }} />
        <YardGround
          layout={{ lines: told.lines, pxPerCm: told.pxPerCm }}
          unit={told.unit}
          due={null}
          before={sight}
        />
      </div>
      <LookingOver />
    </div>
  );
}
