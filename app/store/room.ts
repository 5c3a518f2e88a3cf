/** How much room a browser gives and how much of it is taken, bytes; whether it promises to keep it. Null for what it does not say. */
export interface Room {
  used: number | null;
  quota: number | null;
  isKept: boolean | null;
}

/** The parts of a browser's storage that are asked; a browser may lack any of them. */
export type Keeper = Partial<Pick<StorageManager, 'estimate' | 'persist' | 'persisted'>>;

const storageOf = (): Keeper =>
  typeof navigator === 'undefined' ? {} : ((navigator.storage as Keeper | undefined) ?? {});

/** What the browser says of its room. Never throws: a browser that refuses says nothing. */
export async function roomLeft(storage: Keeper = storageOf()): Promise<Room> {
  const [estimate, isKept] = await Promise.all([
    storage.estimate?.().catch(() => undefined),
    storage.persisted?.().catch(() => undefined),
  ]);
  return { used: estimate?.usage ?? null, quota: estimate?.quota ?? null, isKept: isKept ?? null };
}

/** Asks the browser to keep what is here even when room is short; true when it promises. Never throws. */
export async function askToKeep(storage: Keeper = storageOf()): Promise<boolean> {
  return (await storage.persist?.().catch(() => false)) ?? false;
}

const MB = 1e6;
/** Bytes as a cook reads them: "under 1 MB", "12 MB", "1.4 GB". */
export function roomWords(bytes: number): string {
  if (bytes < MB) return 'under 1 MB';
  return bytes < 1000 * MB ? `${Math.round(bytes / MB)} MB` : `${(bytes / (1000 * MB)).toFixed(1)} GB`;
}

/** Where it begins to be worth saying that it fills up, share of the room. Source: a photo or two in a year of cooks is left. */
const NEARLY_FULL = 0.8;
/** What is said of the room: how full it is, and whether the browser may clear it. Empty where the browser says nothing. */
export function roomSaid({ used, quota, isKept }: Room): string {
  if (used === null) return '';
  const share = quota ? used / quota : 0;
  const full =
    quota === null
      ? ''
      : share >= NEARLY_FULL
        ? ` It is nearly full: ${Math.round(share * 100)} % of what this browser gives.`
        : ` of about ${roomWords(quota)}.`;
  const kept =
    isKept === true
      ? ' This browser has promised to keep it.'
      : isKept === false
        ? ' This browser may clear it when room is short.'
        : '';
  return `It takes ${roomWords(used)}${full.startsWith(' It') ? '.' : ''}${full || '.'}${kept}`;
}
