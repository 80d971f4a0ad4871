import { RoomLink } from '@/ui/controls/RoomLink';
import type { ComponentProps } from 'react';
import { buttonLook, type ButtonLook } from './looks';

interface Looked {
  readonly look?: ButtonLook;
}

/** What is pressed to do something here. */
export function Button({ look, className, ...rest }: ComponentProps<'button'> & Looked) {
  return <button type="button" className={buttonLook({ look, className })} {...rest} />;
}

/** What is pressed to go somewhere, looking like a button. */
export function ButtonLink({ look, className, ...rest }: ComponentProps<typeof RoomLink> & Looked) {
  return <RoomLink className={buttonLook({ look, className })} {...rest} />;
}
