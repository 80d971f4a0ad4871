import { spelled } from '@/ui/spelling/spelling';

/** Says one line at the foot of the page, with a way back where there is one. Loads what it needs when first used. */
export function say(
  text: string,
  wayBack?: { readonly label: string; readonly go: () => void },
  { stays = false }: { readonly stays?: boolean } = {},
): void {
  void import('sonner').then(({ toast }) =>
    toast(spelled(text), {
      ...(wayBack ? { action: { label: spelled(wayBack.label), onClick: wayBack.go } } : {}),
      // Until it is pressed or wiped away.
      ...(stays ? { duration: Infinity } : {}),
    }),
  );
}
