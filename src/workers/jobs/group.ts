import { composingGroup } from '@/core/search/group';
import type { Handler } from './desk';

/** Several containers composed as one. */
export const groupJob: Handler<'group'> = ({ containers, ask }, { kindsFrom, run }) => {
  const { only, ...rest } = ask;
  return run(composingGroup(containers, { ...rest, kinds: kindsFrom(only) }));
};
