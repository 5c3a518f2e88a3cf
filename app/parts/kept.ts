/** A small choice of this browser ("evening"); null where none is kept or the browser keeps nothing. */
export function readKept(key: string): string | null {
  try {
    return localStorage.getItem(key);
  } catch {
    return null;
  }
}

/** Keeps a small choice; returns whether it will last. An empty value forgets it. */
export function keepSmall(key: string, value: string): boolean {
  try {
    if (value) localStorage.setItem(key, value);
    else localStorage.removeItem(key);
    return true;
  } catch {
    return false;
  }
}
