import { Button, ButtonLink } from '@/ui/controls/Button';
import { THUMB_BACK, THUMB_MAIN, ThumbBar } from '@/ui/controls/ThumbBar';
import { useLibrary } from '@/ui/session/LibraryProvider';
import { inSentence } from '@/words/names';
import { stepTitle } from '@/words/potting';
import type { Potting } from './usePotting';

/** Back and on, at the thumb. */
export function NextBar({
  potting: { at, step, steps, progress, go, answer },
}: {
  readonly potting: Potting;
}) {
  const { kindOf } = useLibrary();
  const next = steps[at + 1];
  const isAnswered = step !== null && progress.answers.has(step.key);
  const said = step ? (step.what.do === 'plant' ? 'It is in.' : 'Done.') : '';
  return (
    <ThumbBar>
      <Button className={THUMB_BACK} disabled={at === 0} onClick={() => go(at - 1)}>
        Back
      </Button>
      {step ? (
        <Button
          look="act"
          className={THUMB_MAIN}
          onClick={() => (isAnswered ? go(at + 1) : answer('done'))}
        >
          {isAnswered ? 'On' : said}{' '}
          {next && (
            <span className="truncate font-normal">
              {isAnswered ? 'to' : 'Next,'} {inSentence(stepTitle(next, kindOf))}
            </span>
          )}
        </Button>
      ) : (
        <ButtonLink look="act" href="/potting" className={THUMB_MAIN}>
          To the next container
        </ButtonLink>
      )}
    </ThumbBar>
  );
}
