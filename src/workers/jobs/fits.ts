import { fitting } from '@/core/placing/fits';
import type { Handler } from './desk';

/** What goes into a container. */
export const fits: Handler<'fits'> = ({ container }, { run }) => run(fitting(container));
