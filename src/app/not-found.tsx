import { ButtonLink } from '@/ui/controls/Button';

export default function NotFound() {
  return (
    <div className="py-16">
      <h1 className="display text-room leading-10">There is no such room</h1>
      <p className="mt-2 max-w-[52ch] text-lead leading-6">
        The address leads nowhere. What you have written is where it was.
      </p>
      <p className="mt-5 flex flex-wrap gap-3">
        <ButtonLink look="act" href="/">
          To the yard
        </ButtonLink>
        <ButtonLink href="/shed">To the shed</ButtonLink>
      </p>
    </div>
  );
}
