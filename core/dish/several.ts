import type { Food } from '../pantry/food';
import { readNumber } from '../quantity/number';
import type { Pantry } from '../pantry/pantry';
import { singular } from '../pantry/words';
import { isPlainDescription } from './descriptions';
import { readAmount, type Amount } from './amount';
import { formatAmount } from './amountText';

/**
 * Tells a line apart that holds several things: "1 tsp each cumin, coriander and turmeric", "25 g butter mashed with 25 g
 * flour", "2 carrots and 2 sticks celery". Water beside a starch is its slurry and stays. Empty when there is one thing.
 */
export function tellApart(clean: string, amount: Amount | null, pantry: Pantry): string[] {
  const each =
    /^(.{1,24}?)\s+(?:each|each of)\s*:?\s+(.{3,120})$/i.exec(clean) ??
    /^(.{1,24}?)\s+(?:of )?each:?\s+(.{3,120})$/i.exec(clean);
  if (each && amount) {
    const names = (each[2] ?? '')
      .replace(/^of\s+/i, '')
      .split(/\s*,\s*(?:and\s+)?|\s+and\s+|\s*&\s*/i)
      .filter(Boolean);
    const last = (names.at(-1) ?? '').split(' ');
    const how = /^(ground|dried|whole|fresh|smoked)\s/i.exec(names[0] ?? '')?.[1];
    const whole = names.map((name, n) => {
      // "Ground cumin and coriander" is ground coriander too.
      if (n > 0 && how && pantry.named(`${how} ${name}`)) return `${how} ${name}`;
      if (pantry.named(name)) return name;
      // "Dark and light soy sauce", "cumin and coriander seeds": they share what the last one ends in.
      const joined = [2, 1]
        .filter((n) => n < last.length)
        .map((n) => `${name} ${last.slice(-n).join(' ')}`)
        .find((whole) => pantry.find(whole));
      return pantry.find(name) ? name : (joined ?? '');
    });
    if (names.length > 1 && names.length <= 8 && whole.every(Boolean))
      return whole.map((name) => `${each[1] ?? ''} ${name}`);
  }
  const behind = LABELLED.exec(clean);
  if (behind?.[1] && behind[2]) {
    const things = listApart(behind[2], readAmount(behind[2])?.amount ?? null, pantry);
    if (things.length > 1) return things;
  }
  const cube = cubeInWater(clean);
  if (cube.length) return cube;
  const spread = eachAtTheEnd(clean);
  if (spread !== clean) return listApart(spread, amount, pantry);
  const citrus = peelAndJuice(clean);
  if (citrus.length) return citrus;
  const halves = halfAndHalf(clean, amount);
  if (halves.length && halves.every((text) => pantry.find(readAmount(text)?.rest ?? ''))) return halves;
  const shared = oneName(clean, pantry);
  if (shared.length) return shared;
  const counted = countedTogether(clean, pantry);
  if (counted.length) return counted;
  const parted = oneAndOther(clean);
  if (parted.length && parted.every((text) => pantry.find(readAmount(text)?.rest ?? ''))) return parted;
  return listApart(clean, amount, pantry);
}

/** What a line of several things calls them: "dry rub"; null where it only lists them. */
export const listName = (text: string): string | null => LABELLED.exec(text.trim())?.[1] ?? null;

/** "Dry rub (2 tbsp sugar, 1 tbsp paprika)", "Whole spices - 4 cloves, 3 cardamoms": a name for what is listed behind it. */
const LABELLED =
  /^(for (?:the |a )?\p{L}+(?: \p{L}+)?(?=(?: \([^)]*\))?\s*(?:[:：]|\s[-–—])\s*(?:\d|[¼-¾]|an? )[^,]*,)|(?:\p{L}+[ -]){0,3}(?:spices|rub|marinade|seasonings?|masala|bouquet(?: garni)?|aromatics|dressing|sauce|glaze|slurry|mix|mixture|toppings?|garnish(?:es)?|herbs|vegetables|veg|tempering|tadka|tarka|paste|brine|salsa|slaw|salad|filling|dough|batter|crust|gremolata))(?: \([^)]*\))?\s*(?:[:：]|\s[-–—]|\()\s*([^()]+?)\)?$/iu;

/** "1 beef cube in ¾ pt hot water": the cube, and the water that it makes a stock of; empty for anything else. */
function cubeInWater(clean: string): string[] {
  const found =
    /^((?!.*\b(?:stock|bouillon))(?:.{1,40}?)\bcubes?)\b,?\s*\(?(?:(?:dissolved|made up|mixed|crumbled|stirred|melted)\s+)?(?:in|into|with|\+)\s+((?:about |approx\.? )?[\d¼-¾].{1,24}?\bwater)\)?$/i.exec(
      clean,
    );
  return found && readAmount(found[2] ?? '') ? [found[1] ?? '', found[2] ?? ''] : [];
}

/** "2 tsp salt, 1 tsp each garlic powder, cumin & pepper": the last amount before each of them. */
function eachAtTheEnd(clean: string): string {
  const found =
    /^(.{3,200}),\s*(?:and\s+)?((?:\d|[¼-¾⅓⅔])[\d\s/.¼-¾⅓⅔]*\s?(?:tsp|tbsp|teaspoons?|tablespoons?|cups?|g|ml|pinch(?:es)?)\.?)\s+each\s+(?:of\s+)?(.{3,120})$/iu.exec(
      clean,
    );
  if (!found) return clean;
  const [, before = '', amount = '', names = ''] = found;
  const each = names.split(/\s*,\s*(?:and\s+)?|\s+and\s+|\s*&\s*/i).filter(Boolean);
  return [before, ...each.map((name) => `${amount.trim()} ${name}`)].join(', ');
}

/** "1 kg potatoes, half sliced, half in chunks": two lines of half each; empty for anything else. */
function halfAndHalf(clean: string, amount: Amount | null): string[] {
  const found =
    /^[^,;:(]{3,60}?[,:(–—-]+\s*half (?:of (?:it|them) )?(.{3,40}?)\s*(?:[,;]|\band\b)\s*(?:and )?(?:the other |other |the )?half (?:of (?:it|them) )?(.{3,40}?)\)?$/iu.exec(
      clean,
    );
  const food =
    amount &&
    readAmount(clean)
      ?.rest.split(/\s*[,:(–—]/)[0]
      ?.trim();
  if (!found || !amount || !food) return [];
  const half = formatAmount(amount, 0.5);
  return [`${half} ${food}, ${found[1] ?? ''}`, `${half} ${food}, ${found[2] ?? ''}`];
}

/** "1 red + 1 green pepper, in chunks", "1 each red and yellow pepper": two foods that share the last word of their names; empty for anything else. */
function oneName(clean: string, pantry: Pantry): string[] {
  const N = '(\\d{1,2}|[½¼¾]|half an?|an?|one|two|three|four|half)';
  const found =
    new RegExp(
      `^${N} (\\p{L}+)\\s*(?:and|&|\\+|plus|,)\\s*${N} (\\p{L}+) ((?:bell |sweet |pointed )?\\p{L}+)(\\W.*)?$`,
      'iu',
    ).exec(clean) ??
    // "1 each red and yellow pepper": as many of both.
    clean
      .replace(new RegExp(`^${N} (?:each|of each),? (?:of )?(?=\\p{L}+ (?:and|&|\\+) )`, 'iu'), '$1 ')
      .match(
        new RegExp(
          `^${N} (\\p{L}+)\\s*(?:and|&|\\+)()\\s*(\\p{L}+) ((?:bell |sweet |pointed )?\\p{L}+)(\\W.*)?$`,
          'iu',
        ),
      );
  if (!found) return [];
  const [, n = '', one = '', m = '', other = '', noun = '', rest = ''] = found;
  if (!m && !/\beach\b/i.test(clean)) return [];
  const names = [`${one} ${noun}`, `${other} ${noun}`];
  const areFoods = names.every((name) => pantry.named(name) !== undefined) && pantry.named(one) === undefined;
  // "1 large and 1 small onion": sizes of one food, which are counted together.
  if (!areFoods || pantry.named(names[0] ?? '')?.id === pantry.named(names[1] ?? '')?.id) return [];
  return [`${n} ${names[0] ?? ''}${rest}`, `${m || n} ${names[1] ?? ''}${rest}`];
}

/** "1 onion 2 carrots 1 small turnip", as cards set them side by side; empty for anything else. */
function countedTogether(clean: string, pantry: Pantry): string[] {
  const parts = clean.split(/ +(?=\d{1,2} (?!(?:oz|g|kg|lb|lbs|ml|cm|mm|inch|in|pieces?)\b)\p{L})/u);
  const isCounted = (t: string): boolean =>
    /^\d{1,2} (?:(?:small|large|medium|big) )?\p{L}+(?: \p{L}+)?$/u.test(t) &&
    pantry.named((readAmount(t)?.rest ?? '').trim()) !== undefined;
  return parts.length > 1 && parts.every(isCounted) ? parts : [];
}

/** "2 onions, one sliced, one chopped", "3 carrots: 1 grated, the rest in chunks": two lines of one food; empty for anything else. */
function oneAndOther(clean: string): string[] {
  const found =
    /^(\d|two|three|four)\s+((?:\p{L}+ ){0,2}\p{L}+?)s?\s*[,:(–—-]+\s*one\s+(.{3,50}?)\s*(?:[,;]|\band\b)\s*(?:and )?(?:one|the other|the rest|two)\s+(.{3,50}?)\)?$/iu.exec(
      clean,
    );
  // "2 spring onions, knotted, + 1 chopped for garnish".
  const more =
    /^(\d)\s+((?:\p{L}+ ){0,2}\p{L}+?)(s?),\s*([^,+\d]{3,40}?),?\s*(?:\+|plus|and)\s*(\d)\s+(?:more |extra )?((?:(?:finely|thinly|roughly) )?(?:chopped|sliced|shredded|whole|grated|minced|left|cut|for|to)\b.{0,40})$/iu.exec(
      clean,
    );
  if (more)
    return [
      `${more[1] ?? ''} ${more[2] ?? ''}${more[3] ?? ''}, ${more[4] ?? ''}`,
      `${more[5] ?? ''} ${more[2] ?? ''}, ${more[6] ?? ''}`,
    ];
  const n = found ? (readNumber(found[1] ?? '')?.min ?? 0) : 0;
  if (!found || n < 2) return [];
  const [, , food = '', first = '', other = ''] = found;
  return [`1 ${food}, ${first}`, `${n - 1} ${food}${n > 2 ? 's' : ''}, ${other}`];
}

const PEEL = String.raw`((?:(?:finely|freshly|coarsely) )?(?:(?:grated|pared) )?(?:zest|rind|peel))`;
const AND = String.raw`\s*(?:,|and|&|\+|plus)\s*(?:the )?`;
const CITRUS = String.raw`((?:\S+ ){0,3}(?:lemon|lime|orange|grapefruit|clementine|mandarin|yuzu|calamansi)s?)`;
const PEEL_AND_JUICE = new RegExp(String.raw`^\W*(?:the )?${PEEL}${AND}juice (?:of|from) ${CITRUS}$`, 'i');
const JUICE_AND_PEEL = new RegExp(String.raw`^\W*(?:the )?juice${AND}${PEEL} (?:of|from) ${CITRUS}$`, 'i');
const BOTH_LAST = new RegExp(
  String.raw`^\W*${CITRUS}\W+(?:${PEEL}(?:ed)?${AND}juiced?|juiced?${AND}${PEEL}(?:ed)?|zested${AND}juiced|juiced${AND}zested)\W*$`,
  'i',
);

/** "Finely grated rind and juice of 1 lemon": two things, and each goes in at its own time; empty for anything else. */
function peelAndJuice(clean: string): string[] {
  if (!/juice/i.test(clean)) return [];
  const first = PEEL_AND_JUICE.exec(clean) ?? JUICE_AND_PEEL.exec(clean);
  if (first) return [`juice of ${first[2] ?? ''}`, `${first[1] ?? 'zest'} of ${first[2] ?? ''}`];
  const last = BOTH_LAST.exec(clean);
  if (!last) return [];
  return [`juice of ${last[1] ?? ''}`, `${last[2] ?? last[3] ?? 'zest'} of ${last[1] ?? ''}`];
}

/** What divides the things of one line: a comma, a plus, a word for "and". */
const APART =
  /\s*(?:,|;|\/(?=\s+(?:\d|[¼-¾]))|(?<=\p{L})\/(?=\d{1,2} ?(?:T|t|tbsp|tsp|g|ml|c|cups?)\b)|\.(?=\s+(?:\d|[¼-¾]|a\s|couple\s|one\s|two\s|three\s|half\s))|\s[+&]\s|\+|\b(?:and|plus|mashed with|kneaded with|mixed with)\b|(?<!\b(?:studded|stuck|spiked|pierced|pricked|whisked|beaten) )\bwith\b(?=\s+(?:\d|[¼-¾]|an?\s)))\s*/iu;
const TO_SERVE =
  /,?\s*(?:[-–—]\s*)?\b(?:to serve|for serving|to garnish|for garnish(?:ing)?|(?:for|as) toppings?|to top|for the top|(?:to|for) finish(?:ing)?)\b.*$/i;
/** "Flour for the meat": the flour. */
const FOR_WHAT = /\s+(?:for (?:the )?\p{L}+(?: \p{L}+)?|to (?:coat|dust|dredge|fry|finish|taste))$/iu;
/** "Zest of 1 lemon": as much as that gives. */
const PART_OF = /^(?:finely |grated )*(?:juice|zest|rind|peel) of (?=\d|[¼-¾]|an?\s|half\s|one\s|two\s)/i;
const ONE_OF_IT = /^(?:an? |one )?(?:small|large|medium|big|little|half|handful|knob|few|some|bit)\b/i;
/** "A little nutmeg": the nutmeg. */
const A_LITTLE = /^\s*(?:a (?:little|bit of|touch of|grating of|few grinds of)|some)\s+/i;
const MOST_THINGS = 16;
/** Share of thin liquid from which a thing pours by itself: stock, wine, coconut milk. Source: judgement; spread 30 %. */
const POURS = 0.4;

/**
 * A line that lists several things is told apart where each of them is a food by itself: with amounts of their own ("1 large onion, 2
 * carrots and 2 celery sticks, all chopped"), before the first amount ("salt, pepper, 1 tsp cumin"), or side by side for the table ("500
 * g tagliatelle and grated parmesan, to serve"). What says how the last one is cut stays with it.
 */
function listApart(clean: string, amount: Amount | null, pantry: Pantry): string[] {
  // A weight in brackets stays with its thing; other brackets say nothing of what there is.
  const bare = clean.replace(
    /\((?!\s*(?:about |approx\.? |abt\.? |ca\.? |~ ?)?[\d¼-¾][\d.,½¼¾ ]*\s?(?:g|kg|ml|oz|lb|lbs)\b[^()]*\))[^()]*\)/giu,
    ' ',
  );
  if (pantry.named(bare)) return [];
  // "750 g pork, cubed; 2 tbsp oil; salt": told apart by whoever wrote it, where each of it is a food.
  const byStops = bare
    .split(/;\s+/)
    .map((t) => t.trim())
    .filter(Boolean);
  const isFood = (t: string): boolean => pantry.find(readAmount(t)?.rest ?? t) !== null;
  if (byStops.length > 2 && byStops.length <= MOST_THINGS && byStops.every(isFood)) return byStops;
  const served = TO_SERVE.exec(bare)?.[0].replace(/^[\s,–—-]*/, '') ?? '';
  const parts = bare.replace(TO_SERVE, '').split(APART).filter(Boolean);
  if (parts.length < 2 || parts.length > MOST_THINGS || /\b(?:or|made|from|as)$/i.test(parts[0] ?? ''))
    return [];
  const things: { text: string; food: Food; hasAmount: boolean }[] = [];
  for (const [n, told] of parts.entries()) {
    // "Seasoning: salt, pepper": the first of them behind its label.
    const part =
      n === 0 && pantry.named(told.replace(/^\p{L}[\p{L} ]{2,20}:\s+/u, ''))
        ? told.replace(/^\p{L}[\p{L} ]{2,20}:\s+/u, '')
        : told;
    const plain = part.replace(A_LITTLE, '');
    const measured = readAmount(part) ?? readAmount(part.replace(PART_OF, '')) ?? amountBehind(part);
    // "2 cardamom, 2 cloves": cloves with nothing behind them are the spice.
    const isSpice = measured?.amount.unitId === 'clove' && !measured.rest.trim();
    const food = isSpice
      ? pantry.get('clove')
      : measured
        ? pantry.find(measured.rest)?.food
        : (pantry.named(plain.replace(FOR_WHAT, '').trim()) ??
          (isJustNamed(plain.trim(), pantry) ? pantry.find(plain)?.food : undefined));
    const isThing =
      food !== undefined && !/^or\b/i.test(part) && measured?.amount.unitId !== 'cube' && !isSizeOnly(part);
    const last = things.at(-1);
    if (isThing) things.push({ text: part.trim(), food, hasAmount: measured !== null });
    else if (last) last.text += `, ${part.trim()}`;
    else return [];
  }
  const counted = things.filter((t) => t.hasAmount);
  // Water beside what is stirred into it; beside a stock it is poured for itself.
  const isBinder = /^(?:starch|flour|gum)$/.test(things[0]?.food.kind ?? '');
  const isSlurry =
    things.length === 2 &&
    (isBinder
      ? (things[1]?.food.thin ?? 0) > POURS
      : things[1]?.food.kind === 'water' && (things[0]?.food.thin ?? 0) < POURS);
  // "2 black cardamoms, 4 green cardamoms, 4 cloves": two of them share a row, and each has its amount.
  const kinds = new Set(things.map((t) => t.food.id)).size;
  const isListOf = things.length > 2 && kinds >= things.length - 1 && things.every((t) => t.hasAmount);
  const areDifferent = kinds === things.length || isListOf;
  const isOneEach =
    new Set(things.map((t) => t.food.kind)).size === things.length ||
    things.length > 2 ||
    things.every((t) => /^(?:herb|spice)-/.test(t.food.kind));
  // Salt and pepper are one thing to whoever cooks.
  const isSeasoning =
    things.every((t) => ['salt', 'black-pepper'].includes(t.food.id)) &&
    !counted.length &&
    pantry.find(bare)?.food.id === 'salt-and-pepper';
  if (things.length < 2 || isSlurry || isSeasoning || !areDifferent) return [];
  // "1 lemon, zest": what has no amount of its own among things that have one is a part of the one before.
  // "1 onion, 2 carrots, small turnip", "100 g flour, 50 g suet, salt, water": one of it, or as much as it takes.
  const needsNone = (t: (typeof things)[number]): boolean =>
    ONE_OF_IT.test(t.text) || /^(?:salt|water|oil|sugar|spice-.*|herb-.*)$/.test(t.food.kind);
  const areMeasured = counted.length > 1 && things.every((t, i) => t.hasAmount || i === 0 || needsNone(t));
  const isLastMeasured = counted.length === 1 && !things[0]?.hasAmount && things.at(-1)?.hasAmount === true;
  const areServed = counted.length === 1 && served !== '' && things[0]?.hasAmount === true;
  const areNames =
    counted.length === 0 &&
    amount === null &&
    isOneEach &&
    things.every((t) => isJustNamed(t.text.replace(/,.*$/, '').replace(A_LITTLE, ''), pantry));
  // "Olive oil 3 spoons, salt, flour for the meat": what is only seasoned with has no amount.
  const areSeasoned =
    counted.length === 1 &&
    things[0]?.hasAmount === true &&
    things.slice(1).every((t) => /^(?:salt|flour|sugar|spice-.*|herb-.*)$/.test(t.food.kind)) &&
    /^\D/.test(clean);
  // "Onion, 2 peppers, garlic": three things or more, each by its bare name, some of them counted.
  const areListed =
    things.length > 2 &&
    counted.length > 0 &&
    !/\b(?:with|in)\b/i.test(things[0]?.text ?? '') &&
    things.every((t) => t.hasAmount || isJustNamed(t.text, pantry));
  return areMeasured || isLastMeasured || areServed || areNames || areSeasoned || areListed
    ? things.map((t) => (served ? `${t.text}, ${served}` : t.text))
    : [];
}

/** A food's name, with words for how it is cut: "shredded lettuce", "lime wedges". */
const isJustNamed = (text: string, pantry: Pantry): boolean =>
  pantry.named(text) !== undefined ||
  pantry.named(
    text
      .split(' ')
      .filter((w) => !isPlainDescription(singular(w.toLowerCase())))
      .join(' '),
  ) !== undefined;

/** "Turmeric 1/2 tsp", "cloves 4": the amount behind the food, with the food as what is left; null where there is none. */
function amountBehind(part: string): { amount: Amount; rest: string } | null {
  const found =
    /^(\p{L}[\p{L} -]{2,40}?)\s+((?:\d|[¼-¾⅓⅔]|(?:a |one |two |few )?(?:pinch|handful|sprig|dash)(?:e?s)?$).*)$/iu.exec(
      part.trim(),
    );
  const amount = found ? readAmount(found[2] ?? '') : null;
  const isAll = amount !== null && !/\p{L}{3}/u.test(amount.rest);
  return found && isAll ? { amount: amount.amount, rest: found[1] ?? '' } : null;
}

/** "2 cm dice", "3 cm pieces": how it is cut. */
const isSizeOnly = (part: string): boolean =>
  /^\s*\d[\d.,/½¼¾ ]*\s*(?:cm|mm|in|inch(?:es)?|"|″)\b(?! (?:\p{L}+ )?(?:ginger|galangal|turmeric|cinnamon|cassia|lemon ?grass|horseradish|dalchini)\b)/iu.test(
    part,
  );
