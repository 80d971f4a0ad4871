import { propose as search } from '@/core/search/propose';
import type { Handler } from './desk';

/** Searches for plantings, and tells the best so far whenever they change. */
export const proposeJob: Handler<'propose'> = async (request, { kindsFrom, tell, breathe }) => {
  const { effort, wanted, improve, only, ...ask } = request;
  const steps = search(
    { ...ask, kinds: kindsFrom(only), inStock: only !== null },
    { effort, wanted, improve },
  );
  let told = '';
  let isJudged = false;
  for (;;) {
    const { done, value } = steps.next();
    if (done) return value;
    const now = value.best.map((p) => p.places.map((place) => place.kindId).join()).join(';');
    if (now !== told || value.isJudged !== isJudged) tell(value);
    told = now;
    isJudged = value.isJudged;
    await breathe();
  }
};
