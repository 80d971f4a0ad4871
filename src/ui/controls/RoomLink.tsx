import Link from 'next/link';
import type { ComponentProps } from 'react';

/** A link to a room. Nothing is fetched before it is pressed: rooms are kept on the device, and a page of links would ask for dozens. */
export function RoomLink(props: Omit<ComponentProps<typeof Link>, 'prefetch'>) {
  return <Link {...props} prefetch={false} />;
}
