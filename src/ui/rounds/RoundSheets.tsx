'use client';

import dynamic from 'next/dynamic';
import { useState } from 'react';
import { Button } from '@/ui/controls/Button';
import type { Cared } from '@/ui/session/useCare';
import type { Planted } from '@/ui/session/usePlanted';
import type { Walk } from './useRound';

const PrintRound = dynamic(() => import('./PrintRound'), { ssr: false });
const OrderSheet = dynamic(() => import('./OrderSheet'), { ssr: false });
const AwaySheet = dynamic(() => import('./AwaySheet'), { ssr: false });
const CalendarSheet = dynamic(() => import('./CalendarSheet'), { ssr: false });
const HandOverSheet = dynamic(() => import('./HandOverSheet'), { ssr: false });
const SeasonSheet = dynamic(() => import('./SeasonSheet'), { ssr: false });
const DayOffSheet = dynamic(() => import('./DayOffSheet'), { ssr: false });
const AllWatered = dynamic(() => import('./AllWatered'), { ssr: false });

type Opened =
  'order' | 'away' | 'watered' | 'paper' | 'hand over' | 'season' | 'calendar' | 'day off';

/** What can be done with a whole round, each on a sheet of its own. */
export function RoundSheets({
  planted,
  cared,
  walk,
}: {
  readonly planted: Planted;
  readonly cared: Cared;
  readonly walk: Walk;
}) {
  const [open, setOpen] = useState<Opened | null>(null);
  const close = () => setOpen(null);
  const { round } = walk;
  return (
    <>
      <p className="flex flex-wrap gap-2 pt-6">
        {round.stops.some(({ litres }) => litres > 0) && (
          <Button onClick={() => setOpen('watered')}>All watered</Button>
        )}
        {walk.order.length > 1 && (
          <Button onClick={() => setOpen('order')}>Order of walking</Button>
        )}
        {round.stops.length > 0 && <Button onClick={() => setOpen('day off')}>A day off</Button>}
        {cared.byId.size > 0 && <Button onClick={() => setOpen('away')}>Away for a while</Button>}
        {cared.byId.size > 0 && (
          <>
            <Button onClick={() => setOpen('hand over')}>Hand over</Button>
            <Button onClick={() => setOpen('season')}>Water of the season</Button>
            <Button onClick={() => setOpen('calendar')}>Save as calendar</Button>
          </>
        )}
      </p>
      {open === 'paper' && (
        <PrintRound planted={planted} cared={cared} walk={walk} onDone={close} />
      )}
      {open === 'order' && <OrderSheet planted={planted} walk={walk} onClose={close} />}
      {open === 'away' && <AwaySheet planted={planted} today={cared.today} onClose={close} />}
      {open === 'day off' && <DayOffSheet planted={planted} walk={walk} onClose={close} />}
      {open === 'season' && <SeasonSheet planted={planted} onClose={close} />}
      {open === 'calendar' && (
        <CalendarSheet planted={planted} cared={cared} walk={walk} onClose={close} />
      )}
      {open === 'hand over' && (
        <HandOverSheet
          planted={planted}
          cared={cared}
          walk={walk}
          onPaper={() => setOpen('paper')}
          onClose={close}
        />
      )}
      {open === 'watered' && <AllWatered planted={planted} walk={walk} onClose={close} />}
    </>
  );
}
