export function LookingOver() {
  return (
    <aside
      aria-label="Worth a look"
      className="mt-6 self-start bg-paper px-4 py-3 text-ink2 wide:mt-0"
      role="status"
    >
      Looking them over…
    </aside>
  );
}
