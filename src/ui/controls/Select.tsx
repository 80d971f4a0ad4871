import type { ComponentProps } from 'react';
import { entryLook } from './looks';

/**
 * One of a list, by the browser's own list: on a phone it opens the device's picker, which no
 * drawn list equals in a wet hand.
 */
export function Select({
  small = false,
  className,
  ...rest
}: ComponentProps<'select'> & { readonly small?: boolean }) {
  return <select className={entryLook({ size: small ? 'small' : 'usual', className })} {...rest} />;
}
