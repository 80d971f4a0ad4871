'use client';

import { BookOpen, Ellipsis, Footprints, ShoppingCart, Sprout } from 'lucide-react';
import dynamic from 'next/dynamic';
import { RoomLink } from '@/ui/controls/RoomLink';
import { usePathname } from 'next/navigation';
import { useState } from 'react';
import { Button } from '@/ui/controls/Button';
import { roomOf, ROOMS } from './rooms';

const MoreRooms = dynamic(() => import('./MoreRooms'), { ssr: false });

/** Rooms that are used standing, with a trolley or a can: always under the thumb. */
const STANDING = [
  { href: '/', name: 'Yard', Icon: Sprout },
  { href: '/rounds', name: 'Rounds', Icon: Footprints },
  { href: '/trolley', name: 'Trolley', Icon: ShoppingCart },
  { href: '/plants', name: 'Plant book', Icon: BookOpen },
] as const;

const PLACE = 'flex flex-col items-center justify-center gap-0.5 text-note font-semibold';
const OPEN = 'bg-ink text-paper';

/** On a phone: the bar at the foot, or at the left where the phone lies. The rooms used standing, and all others one press away. */
export function PhoneBar() {
  const here = roomOf(usePathname());
  const [isMore, setMore] = useState(false);
  const others = ROOMS.filter(({ href }) => !STANDING.some((room) => room.href === href));
  const isThere = others.some(({ href }) => href === here);
  return (
    <nav
      aria-label="Rooms"
      className="fixed inset-x-0 bottom-0 z-30 grid h-14 grid-cols-5 border-t border-rule2 bg-zinc sm:hidden print:hidden lying:inset-y-0 lying:right-auto lying:grid lying:h-auto lying:w-[76px] lying:grid-cols-1 lying:border-t-0 lying:border-r"
    >
      {STANDING.map(({ href, name, Icon }) => (
        <RoomLink
          key={href}
          href={href}
          aria-current={href === here ? 'page' : undefined}
          className={`${PLACE} ${href === here ? OPEN : 'text-ink'}`}
        >
          <Icon size={20} aria-hidden />
          {name}
        </RoomLink>
      ))}
      <Button
        look="bare"
        aria-haspopup="dialog"
        className={`${PLACE} ${isThere ? OPEN : 'text-ink'}`}
        onClick={() => setMore(true)}
      >
        <Ellipsis size={20} aria-hidden />
        More
      </Button>
      {isMore && <MoreRooms rooms={others} here={here} onClose={() => setMore(false)} />}
    </nav>
  );
}
