import { pagesFromJsonLd, wholeDishesIn, type Dish } from '../../../core/index';
import { htmlText } from '../../parts/htmlText';
import { freshId } from '../../store/dishes';

/** Largest file of text that is read, bytes. */
const MAX_FILE_BYTES = 2_000_000;

/** A file as text to be read, or why not, in a cook's words. */
export type FileText =
  /** `whole` are dishes that this program wrote itself: they lose nothing. */
  { ok: true; text: string; whole?: Dish[] } | { ok: false; message: string };

const NO_RECIPE = 'There is no recipe in this file that can be read.';

/** Letters of a saved page, plain text, Markdown or structured data, as one text; the structured data of a page first, where it has a recipe. */
export async function textOfFile(file: File, signal?: AbortSignal): Promise<FileText> {
  if (file.size > MAX_FILE_BYTES)
    return { ok: false, message: 'This file is larger than a recipe can be (2 MB of text).' };
  if (/^(?:video|audio)\//.test(file.type) || /\.(?:pdf|docx?|odt|pages|zip)$/i.test(file.name))
    return {
      ok: false,
      message: 'This is a document with a format of its own. Open it, copy its text and paste it here.',
    };
  const raw = await file.text();
  if (signal?.aborted) return { ok: false, message: 'Reading was cancelled.' };
  return textOf(raw, /\.html?$/i.test(file.name) || file.type === 'text/html');
}

/** True of a character that no text has: a control character, or one that could not be decoded. */
function isOdd(character: string): boolean {
  const code = character.codePointAt(0) ?? 0;
  return code === 0xfffd || code < 9 || (code > 13 && code < 32);
}

/** Text as it came, markup or structured data turned into lines. */
export function textOf(raw: string, isHtml: boolean): FileText {
  const text = raw.replace(/^\ufeff/, '');
  const odd = [...text.slice(0, 5000)].filter(isOdd).length;
  if (odd > 5) return { ok: false, message: 'This file is damaged or holds no text.' };
  if (/^\s*[[{]/.test(text)) {
    const pages = pagesFromJsonLd(text);
    if (!pages) return { ok: false, message: NO_RECIPE };
    const whole = wholeDishesIn(text, freshId, Date.now());
    return { ok: true, text: pages.join('\n\n'), ...(whole.length ? { whole } : {}) };
  }
  if (isHtml || /^\s*(?:<!doctype html|<html|<head|<body)/i.test(text)) {
    const page = htmlText(text);
    const pages = page.jsonLd.flatMap((json) => pagesFromJsonLd(json) ?? []);
    const found = pages.length ? pages.join('\n\n') : page.text;
    return found.trim() ? { ok: true, text: found } : { ok: false, message: NO_RECIPE };
  }
  return text.trim() ? { ok: true, text } : { ok: false, message: 'This file is empty.' };
}

/** What was copied: the markup's own lines where it has as many letters as the plain text, else the plain text. */
export function textOfClipboard(plain: string, html: string): string {
  if (!html) return plain;
  const letters = (s: string): number => s.replace(/\s+/g, '').length;
  const read = textOf(html, true);
  return read.ok && letters(read.text) >= letters(plain) * 0.8 ? read.text : plain;
}
