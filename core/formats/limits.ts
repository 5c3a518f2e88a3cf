/** Largest archive that is opened, bytes: a few hundred photos and years of cooks. */
export const MAX_ARCHIVE_BYTES = 250_000_000;
