import { deflateSync, Inflate, strFromU8, strToU8 } from 'fflate';
import type { Dish } from '../dish/dish';
import { fromPortable, portable } from './portable';

/** What of a link is a dish begins with this: the way it was packed. */
const MARK = '1';
/** Longest link that is looked into, characters, and the most a link may unpack to, bytes. */
export const MAX_LINK = 60_000;
const MAX_UNPACKED = 400_000;

/** Words that recipes share: the packer knows them beforehand. Frozen: links that are out in the world were packed with it. */
const WORDS = strToU8(
  '"settings":{"aim":"gravy"},"tags":["note":"script":{"acts":["rules":{"plates":boneless skinless bone-in skin on, cut into pieces cubes chunks strips drained rinsed peeled deseeded halved quartered roughly thinly finely chopped, crushed, grated, minced, diced, sliced to serve to taste tbsp tsp cup cups large small medium handful of fresh ground black pepper salt olive oil vegetable oil butter onion onions garlic cloves ginger carrots celery potatoes mushrooms tomatoes tomato paste purée 400 g can coconut milk double cream soured cream chicken stock beef stock white wine red wine thyme bay leaves parsley coriander cumin paprika turmeric garam masala soy sauce brown sugar honey lemon juice lime vinegar mustard cornstarch flour water chicken thighs breast lamb shoulder pork shoulder beef chuck Heat the oil and brown the in batches. Set aside. Add the onion and cook for 5 minutes until soft. Stir in the garlic and cook for 1 minute. Pour in the stock and scrape the bottom of the pot. Return the Close the lid and cook at high pressure for minutes. Release the pressure naturally for 10 minutes, then vent. Quick release. Stir in the cream. Season to taste and serve with rice. ","method":"{"v":1,"name":"","writtenFor":4,"lines":["500 g 1 kg 800 g ',
);

/** The letters of base64url (RFC 4648, 5), six bits each. */
const LETTERS = 'ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz0123456789-_';

function toText(bytes: Uint8Array): string {
  let out = '';
  for (let i = 0; i < bytes.length; i += 3) {
    const [a = 0, b = 0, c = 0] = bytes.subarray(i, i + 3);
    const group = (a << 16) | (b << 8) | c;
    const letters = Math.min(3, bytes.length - i) + 1;
    for (let n = 0; n < letters; n++) out += LETTERS.charAt((group >> (18 - 6 * n)) & 63);
  }
  return out;
}

/** The bytes of such a text; null where it is none. */
function toBytes(text: string): Uint8Array | null {
  if (text.length % 4 === 1) return null;
  const bytes = new Uint8Array(Math.floor((text.length * 3) / 4));
  let group = 0;
  let bits = 0;
  let at = 0;
  for (const letter of text) {
    const six = LETTERS.indexOf(letter);
    if (six < 0) return null;
    group = ((group << 6) | six) & 0xffff;
    bits += 6;
    if (bits < 8) continue;
    bits -= 8;
    bytes[at++] = (group >> bits) & 0xff;
  }
  return bytes;
}

/** A dish as the part of a link that stands behind its `#`: nothing of it is ever sent to a server. */
export function packDish(dish: Dish): string {
  return MARK + toText(deflateSync(strToU8(JSON.stringify(portable(dish))), { level: 9, dictionary: WORDS }));
}

/** A dish from a link, or why not, in a cook's words. */
export type Unpacked = { ok: true; dish: Dish } | { ok: false; message: string };

/** The dish of a link. Never throws; anything may stand in an address. `id` and `now` (epoch ms) are the receiver's. */
export function unpackDish(text: string, id: string, now: number): Unpacked {
  const data = text.length <= MAX_LINK && text.startsWith(MARK) ? inflated(toBytes(text.slice(1))) : null;
  const dish = data === null ? null : fromPortable(data, id, now);
  return dish
    ? { ok: true, dish }
    : {
        ok: false,
        message:
          'There is no dish in this link that can be read. It may have been cut short on its way: ask for it once more, or for the recipe as a file.',
      };
}

/** Unpacks no more than a dish can be, whatever the bytes promise. */
function inflated(bytes: Uint8Array | null): unknown {
  if (!bytes) return null;
  const parts: Uint8Array[] = [];
  let size = 0;
  let isWhole = false;
  try {
    const inflate = new Inflate({ dictionary: WORDS }, (part, final) => {
      size += part.length;
      if (size > MAX_UNPACKED) throw new Error('larger than a dish');
      parts.push(part);
      isWhole = final;
    });
    // By small steps, so that a promise of too much is noticed before it is kept.
    const STEP = 512;
    for (let at = 0; at < bytes.length; at += STEP)
      inflate.push(bytes.subarray(at, at + STEP), at + STEP >= bytes.length);
    if (!isWhole) return null;
    const whole = new Uint8Array(size);
    let at = 0;
    for (const part of parts) {
      whole.set(part, at);
      at += part.length;
    }
    return JSON.parse(strFromU8(whole)) as unknown;
  } catch {
    return null;
  }
}
