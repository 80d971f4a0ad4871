/** Shown while the shelf is read. */
export function Waiting() {
  return (
    <p className="py-10 text-ink2" role="status">
      Looking along the shelf…
    </p>
  );
}
