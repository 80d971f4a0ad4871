/** Room in the browser's storage, bytes. */
export interface Room {
  readonly usedBytes: number;
  readonly mostBytes: number;
}

/** @returns `null` where the browser does not tell */
export async function roomUsed(): Promise<Room | null> {
  const told = await navigator.storage?.estimate?.().catch(() => null);
  return told?.usage !== undefined && told.quota !== undefined
    ? { usedBytes: told.usage, mostBytes: told.quota }
    : null;
}

/** Has the browser agreed not to clear it on its own? @returns `null` where it cannot be asked */
export async function isKeptForGood(): Promise<boolean | null> {
  return (await navigator.storage?.persisted?.().catch(() => null)) ?? null;
}

/** Asks the browser not to clear it on its own. @returns whether it agrees */
export async function keepForGood(): Promise<boolean> {
  return (await navigator.storage?.persist?.().catch(() => false)) ?? false;
}
