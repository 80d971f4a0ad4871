import { Button } from './Button';

/** More of a long list that is shown by and by; nothing once all of it is. */
export function MoreOf({
  shown,
  all,
  step,
  onShow,
}: {
  readonly shown: number;
  readonly all: number;
  /** So many more at a press. */
  readonly step: number;
  readonly onShow: (shown: number) => void;
}) {
  if (all <= shown) return null;
  return (
    <p className="pt-1.5">
      <Button look="link" onClick={() => onShow(shown + step)}>
        {Math.min(step, all - shown)} more of {all}
      </Button>
    </p>
  );
}
