import { z } from 'zod';
import { MAX_PAGE_LENGTH } from '../../../core/index';
import { keepSmall, readKept } from '../../parts/kept';

const KIND = z.enum(['title', 'fact', 'heading', 'section', 'ingredient', 'method', 'note', 'left']);

/** A dish being written: kept at once, so that a reload in the middle loses nothing. */
const DraftSchema = z.object({
  text: z.string().max(MAX_PAGE_LENGTH),
  name: z.string().max(120),
  /** Plates as the cook set them; null while the page says. */
  plates: z.number().min(1).max(60).nullable(),
  /** Lines that the cook turned, by their first words. */
  turned: z.array(z.tuple([z.string().max(200), KIND])).max(300),
  /** Which recipe of the page. */
  which: z.number().int().min(0).max(100),
});
export type Draft = z.infer<typeof DraftSchema>;

const KEY = 'keen-ladle-new-dish';
const EMPTY: Draft = { text: '', name: '', plates: null, turned: [], which: 0 };

/** The draft an earlier page kept; an empty one when there is none or it is malformed. */
export function readDraft(): Draft {
  try {
    return DraftSchema.parse(JSON.parse(readKept(KEY) ?? 'null'));
  } catch {
    return EMPTY;
  }
}

/** What another app has shared to this address, cut to the longest page; null where nothing was. */
export function sharedDraft(search: string): Draft | null {
  const shared = new URLSearchParams(search);
  const text = (shared.get('text') ?? '').slice(0, MAX_PAGE_LENGTH - 200);
  const title = (shared.get('title') ?? '').slice(0, 120).trim();
  if (!text.trim()) return null;
  return { ...EMPTY, text: title && !text.startsWith(title) ? `${title}\n\n${text}` : text };
}

export function keepDraft(draft: Draft): void {
  keepSmall(KEY, JSON.stringify(draft));
}

export function forgetDraft(): void {
  keepSmall(KEY, '');
}
