import { isPlainDescription } from '../dish/descriptions';
import type { ReadLine } from '../dish/read';
import type { Food } from '../pantry/food';
import type { Pantry } from '../pantry/pantry';
import { foodWords } from '../pantry/words';
import {
  EVERYTHING,
  EXCEPT,
  GROUPS,
  OF_SECTION,
  STANDS_FOR,
  isOfItsOwn,
  isPartTold,
  meansEverything,
} from './groups';
import {
  CUT,
  MEATS,
  type ScriptLine,
  isAPepper,
  isForTheTable,
  isJuice,
  isMeat,
  isRawMeat,
  isStrewn,
  lastWord,
} from './line';
import {
  ANIMALS,
  BY_PACKAGE,
  KNEADED_BUTTER,
  LEFT_WATER,
  NOT_ALONE,
  NO_NAME,
  OF_THE_POT,
  PIECES,
  PLAIN_WATER,
  POURS_SAUCE,
  SAYS_WHICH,
  SEVERAL_OF,
  SHARED,
  SHARED_BY_SPICES,
  SHORTENED,
  SHORT_NAMES,
  THE_JUICES,
} from './namingWords';
import { sameFoodTold } from './sameFood';

/** Whether a line only ends in "water", and the clause does not say which: "coconut water". */
const isWaterByName = ({ read }: ScriptLine, clause: string): boolean => {
  const [which = '', ...more] = foodWords(read.foodText);
  return (
    read.food?.kind !== 'water' && more.at(-1) === 'water' && !new RegExp(`\\b${which}`, 'i').test(clause)
  );
};

/** What a stock is of. */
const OF_STOCK = /^(?:beef|chicken|lamb|pork|veal|turkey|fish|vegetable|veg|ham)$/;

/** What nobody has a water of. */
const IN_ONE_BREATH: ReadonlySet<string> = new Set([
  'salty-sauce',
  'wine',
  'vinegar',
  'stock',
  'sugar',
  'syrup',
]);

const PLAIN_FOODS = new WeakMap<ReadLine, string | null>();

/** What a line's words name before its state made another food of them: dry red chillies are chillies to whoever cooks them. */
function plainFoodOf(read: ReadLine, pantry: Pantry): string | null {
  // A beef cube is no beef.
  if (read.food?.kind === 'stock-concentrate') return null;
  let id = PLAIN_FOODS.get(read);
  if (id === undefined) PLAIN_FOODS.set(read, (id = pantry.find(read.foodText)?.food.id ?? null));
  return id;
}

/**
 * Which lines a clause means, by position: by the food's whole name, by its head noun when no other line has it, by its section ("the
 * glaze"), by kind ("the spices", but for those in `notOfGroup`). "The chicken" means the meat and never its stock.
 */
export function linesMeant(
  clause: string,
  lines: readonly ScriptLine[],
  pantry: Pantry,
  notOfGroup: ReadonlySet<number> = new Set(),
): number[] {
  const found = new Set(linesNamed(clause, lines, pantry));
  const group = meansEverything(clause) ? undefined : GROUPS.find((g) => g.words.test(clause));
  // "All the dry spices except the garam masala".
  const except = group
    ? (/\b(?:except|apart from|but not)(?: for)? ([^,;.]{3,60})/i.exec(clause)?.[1] ?? '')
    : '';
  const spared = new Set(except ? linesNamed(except, lines, pantry) : []);
  if (group) {
    // Dried leaves by the spoon are among the spices.
    const isDriedHerb = ({ food, amount }: ReadLine): boolean =>
      group.kinds.includes('spice-ground') &&
      /^herb-/.test(food?.kind ?? '') &&
      /^(?:tsp|tbsp)$/.test(amount?.unitId ?? '');
    const of = lines.flatMap(({ read }, i) =>
      read.food &&
      (group.kinds.includes(read.food.kind) || group.foods?.includes(read.food.id) || isDriedHerb(read))
        ? [i]
        : [],
    );
    const others = of.filter((i) => !notOfGroup.has(i));
    for (const i of others.length ? others : of) found.add(i);
    for (const i of spared) found.delete(i);
  }
  dropWhatIsNoName(clause, lines, found);
  return [...sameFoodTold(clause, lines, found)].sort((a, b) => a - b);
}

/** Takes out what a clause only seems to name: mash where something is mashed, coconut water where water is poured. */
function dropWhatIsNoName(clause: string, lines: readonly ScriptLine[], found: Set<number>): void {
  if (/^\W*mash\b/i.test(clause)) {
    const said = foodWords(clause);
    for (const i of [...found]) {
      const own = foodWords(lines[i]?.read.foodText ?? '');
      if (/^mash/.test(own[0] ?? '') && !own.slice(1).some((w) => said.includes(w))) found.delete(i);
    }
  }
  if (PLAIN_WATER.test(clause))
    for (const i of [...found]) if (isWaterByName(lines[i] as ScriptLine, clause)) found.delete(i);
}

/** Lines that a shortened word can only mean: it begins a longer word of theirs, and of no other line. */
function shortenedIn(clause: string, lines: readonly ScriptLine[]): Set<number> {
  const out = new Set<number>();
  for (const [, word = ''] of clause.matchAll(SHORTENED)) {
    const begins = lines.flatMap(({ read }, i) =>
      foodWords(read.foodText).some((w) => w.length > word.length + 1 && w.startsWith(word.toLowerCase()))
        ? [i]
        : [],
    );
    if (begins.length === 1) out.add(begins[0] as number);
  }
  return out;
}

/** Lines that a clause tells by their size, where others have the same noun: "the small onions". */
function sizedLines(clause: string, lines: readonly ScriptLine[]): number[] {
  const words = foodWords(clause);
  return lines.flatMap((line, i) => {
    const { amount } = line.read;
    const noun = lastWord(line);
    const isSaid =
      amount?.size !== undefined && words.some((w, k) => w === noun && words[k - 1] === amount.size);
    const isShared = lines.some((l, j) => j !== i && lastWord(l) === noun);
    return isSaid && isShared ? [i] : [];
  });
}

/** "60 g coconut, toasted and pounded (kerisik)": what stands in brackets is its name too, where it says nothing of how it is cut. */
function isByOtherName(clause: string, { read }: ScriptLine): boolean {
  let found = OTHER_NAMES.get(read);
  if (found === undefined) OTHER_NAMES.set(read, (found = otherNameOf(read)));
  return found?.test(clause) === true;
}
const OTHER_NAMES = new WeakMap<ReadLine, RegExp | null>();

function otherNameOf(read: ReadLine): RegExp | null {
  const name = /\((\p{L}[\p{L}'’ ]{3,23})\)/u.exec(read.text)?.[1]?.toLowerCase();
  const isName =
    name !== undefined &&
    name.split(' ').length <= 2 &&
    // "Stock (chicken)" is no chicken.
    !ANIMALS.some(([word]) => word.test(name)) &&
    !name.split(' ').some((w) => isPlainDescription(w) || CUT.test(w));
  return isName ? new RegExp(`(?<!\\p{L})${name}(?!\\p{L})`, 'iu') : null;
}

/** True of a ground spice whose noun is said bare, so that every line of it is meant: no word tells one of them apart. */
function isEveryOne(
  { read: { food } }: ScriptLine,
  lines: readonly ScriptLine[],
  words: readonly string[],
  free: ReadonlySet<string>,
): boolean {
  const headOf = (f: Food | null): string => foodWords(f?.names[0] ?? '').at(-1) ?? '';
  const head = headOf(food);
  if (food?.kind !== 'spice-ground' || !free.has(head) || SHARED_BY_SPICES.test(head)) return false;
  const before = words[words.indexOf(head) - 1] ?? '';
  const alike = lines.filter(({ read }) => headOf(read.food) === head && read.food?.kind === food.kind);
  if (alike.length < 2) return false;
  return !lines.some(
    ({ read }) => headOf(read.food) === head && before !== '' && foodWords(read.foodText).includes(before),
  );
}

/** Named before, by the list: a reading asks the same of a clause several times. */
const NAMED_BEFORE = new WeakMap<readonly ScriptLine[], Map<string, readonly number[]>>();

/** As `linesMeant`, without what a group word brings. Kept for as long as the list is. */
export function linesNamed(told: string, lines: readonly ScriptLine[], pantry: Pantry): number[] {
  let before = NAMED_BEFORE.get(lines);
  if (!before) NAMED_BEFORE.set(lines, (before = new Map()));
  let named = before.get(told);
  if (!named) before.set(told, (named = namedAfresh(told, lines, pantry)));
  return [...named];
}

function namedAfresh(told: string, lines: readonly ScriptLine[], pantry: Pantry): number[] {
  const clause = told.replace(LEFT_WATER, ' ');
  const words = foodWords(clause);
  // "Chicken, stock" are two things: a name never goes over a comma or an "and".
  const segments = clause.split(/[,;:&+/()]|\band\b|\bwith\b|\bthen\b/i).filter((part) => part.trim());
  // "The sun-dried tomato oil" is the oil: a name before the noun of another line only says which.
  const nounsOf = new Set(lines.map(lastWord));
  const onlyWhich = new Set<string>();
  const named = segments.flatMap((part) => {
    const of = foodWords(part);
    return pantry.mentions(part).filter((m) => {
      const next = of[m.at + m.words] ?? '';
      // "Soy water sugar in": three things in one breath.
      const isBreath = next === 'water' && IN_ONE_BREATH.has(m.food.kind);
      const isWhich = SAYS_WHICH.has(next) && nounsOf.has(next) && m.food.kind !== next && !isBreath;
      if (isWhich) onlyWhich.add(m.food.id);
      return !isWhich;
    });
  });
  for (const m of named) onlyWhich.delete(m.food.id);
  // "The ground walnuts" of a list that has only walnuts are they: no food of another name stands in their way.
  const isListed = (food: Food): boolean => lines.some((l) => l.read.food?.id === food.id);
  const free = new Set(
    segments.flatMap((part) => {
      const covered = new Set(
        pantry
          .mentions(part)
          .filter((m) => m.words > 1 && !MEATS.has(m.food.kind) && isListed(m.food))
          .flatMap((m) => Array.from({ length: m.words }, (_, k) => m.at + k)),
      );
      return foodWords(part).filter((_, k) => !covered.has(k));
    }),
  );
  const lastOf = lastWord;
  const of = (id: string): boolean => lines.some((l) => l.read.food?.id === id);
  // "The toasted coconut" beside a coconut milk: two words of the one line, and of no other.
  const said = (line: ScriptLine): number =>
    new Set(foodWords(line.read.foodText).filter((w) => w.length >= 4 && !CUT.test(w) && words.includes(w)))
      .size;
  const counts = lines.map(said);
  const isToldByTwo = (i: number): boolean =>
    (counts[i] ?? 0) >= 2 && counts.every((n, j) => j === i || n < (counts[i] ?? 0));
  // "The au jus" of an au jus gravy mix: two words that follow each other in this line, and in no other.
  const pairsOf = (text: string): string[] => {
    const own = foodWords(text);
    return own.slice(1).map((w, k) => `${own[k]} ${w}`);
  };
  const saidPairs = new Set(segments.flatMap(pairsOf));
  const pairs = lines.map(({ read }) => pairsOf(read.foodText).filter((pair) => saidPairs.has(pair)));
  const isToldByPair = (i: number): boolean =>
    (pairs[i] ?? []).some((pair) => pairs.every((of, j) => j === i || !of.includes(pair)));
  const found = new Set<number>();
  // "All the ingredients listed under marination" are those of that part of the list, and no others.
  const ofSection = OF_SECTION.exec(clause)?.[1]?.toLowerCase().slice(0, 6);
  const inSection = ofSection
    ? lines.flatMap((l, i) => (l.section?.toLowerCase().includes(ofSection) ? [i] : []))
    : [];
  for (const i of inSection) found.add(i);
  // "Add the remaining meatball ingredients": those of that part of the list.
  const everything =
    !inSection.length && EVERYTHING.test(clause) && !lines.some((l) => isPartTold(clause, l));
  const exceptions = EXCEPT.exec(clause);
  const except = exceptions?.[1] ?? exceptions?.[2];
  // "All the sauce ingredients except the cornstarch".
  const isMany = everything || inSection.length > 0 || lines.some((l) => isPartTold(clause, l));
  const spared = isMany && except ? new Set(linesMeant(except, lines, pantry)) : new Set<number>();
  for (const i of spared) found.delete(i);
  // "Both mustards": every line that ends so.
  const several = SEVERAL_OF.exec(clause)?.[1]?.toLowerCase();
  const ofSeveral = several === undefined ? undefined : foodWords(several)[0];
  const isOfJuices = /\bjuices\b/i.test(clause) && lines.filter(isJuice).length > 1;
  const short = shortenedIn(clause, lines);
  // "Pour the tomato sauce over" is the tin, where the list has one.
  const poured = POURS_SAUCE.exec(clause)?.[1]?.trim().toLowerCase();
  const poursSauce =
    POURS_SAUCE.test(clause) &&
    !(poured && lines.some((l) => new RegExp(`\\b${poured} sauce`, 'i').test(l.read.foodText)));
  // "Chipotles, adobo, oregano": a bare word that one line begins with, and that is no food of its own.
  for (const part of segments) {
    const bare = foodWords(part);
    if (bare.length !== 1 || NOT_ALONE.has(bare[0] ?? '') || pantry.find(part)) continue;
    // "Worc": cut short where it ends a sentence.
    const word = bare[0] ?? '';
    const begins = (w: string): boolean =>
      w === word || (word.length >= 4 && w.length > word.length + 3 && w.startsWith(word));
    const begin = lines.flatMap((l, i) => (begins(foodWords(l.read.foodText)[0] ?? '') ? [i] : []));
    if (begin.length === 1) short.add(begin[0] as number);
  }
  lines.forEach((line, i) => {
    const { food } = line.read;
    if (!food || onlyWhich.has(food.id) || spared.has(i)) return;
    if (isOfJuices && isJuice(line)) return void found.add(i);
    if (short.has(i) || (ofSeveral !== undefined && lastOf(line) === ofSeveral)) return void found.add(i);
    if (everything) {
      // "Everything goes into the pot": not what is for the table, and no dumplings.
      if (!spared.has(i) && !isForTheTable(line) && !isStrewn(line) && !isOfItsOwn(line)) found.add(i);
      return;
    }
    if (isByOtherName(clause, line)) return void found.add(i);
    const section = line.section?.toLowerCase() ?? '';
    const sectionWord =
      /(marinade|glaze|rub|slurry|dressing|topping|base|paste|dumpling|filling|meatball)/.exec(section)?.[1];
    if (sectionWord && words.includes(sectionWord)) return void found.add(i);
    // "Gremolata: …" of the list, "top with the gremolata" of the method: a name that is no food.
    const [title = '', ...more] = foodWords(section);
    const isName = title.length >= 5 && !more.length && !pantry.named(title) && !NO_NAME.test(title);
    if (isName && words.includes(title)) return void found.add(i);
    // "Pour the sauce over the beef", where a part of the list is the sauce.
    if (/\bsauce\b/.test(section) && poursSauce) return void found.add(i);
    if (isPartTold(clause, line)) return void found.add(i);
    // "Marinate in the yoghurt, paste and chilli": those of the marinade, by any word of theirs.
    const isOfMarinade = /\bmarinat/i.test(clause) && section.startsWith('marina');
    if (isOfMarinade && foodWords(line.read.foodText).some((w) => w.length >= 4 && words.includes(w)))
      return void found.add(i);
    const plain = plainFoodOf(line.read, pantry);
    // A tin of green chillies is no jalapeño, where the list has those by themselves.
    const isApart = plain !== null && plain !== food.id && of(plain);
    if (named.some((m) => m.food.id === food.id || (m.food.id === plain && !isApart)))
      return void found.add(i);
    if (isMeat(line)) {
      const name = `${line.read.foodText} ${food.names[0] ?? ''}`.toLowerCase();
      if (
        (free.has('meat') && (isRawMeat(line) || !lines.some(isRawMeat) || /\bmeats\b/i.test(clause))) ||
        (lastOf(line).length >= 3 && free.has(lastOf(line))) ||
        // "Salt pork, cut in lardons".
        (free.has('lardon') && /\blardons?\b/i.test(line.read.text)) ||
        ANIMALS.some(([word, of]) => of.test(name) && [...free].some((w) => word.test(w)))
      )
        found.add(i);
      return;
    }
    if (food.kind === 'stock' && (free.has('stock') || free.has('broth'))) return void found.add(i);
    // A word that only this line has: "cinnamon" for the cinnamon stick.
    const own = foodWords(line.read.foodText).filter(
      (w) =>
        // Meat words never name a stock, nor a cube of one.
        !(food.kind === 'stock-concentrate' && OF_STOCK.test(w)) &&
        (w.length >= 5 || SHORT_NAMES.has(w)) &&
        !NOT_ALONE.has(w) &&
        free.has(w) &&
        !isPlainDescription(w) &&
        !SHARED.has(w) &&
        !OF_THE_POT.has(w) &&
        !ANIMALS.some(([word]) => word.test(w)) &&
        lines.filter((l) => foodWords(l.read.foodText).includes(w)).length === 1,
    );
    if (own.length || isToldByTwo(i) || isToldByPair(i)) return void found.add(i);
    // "The paprika" of a list with a sweet and a hot one: both, where none is told by its word.
    if (isEveryOne(line, lines, words, free)) return void found.add(i);
    const noun = lastOf(line);
    // "Pour the cream into the juice": what is in the pot, and no lemon's.
    if (noun === 'juice' && THE_JUICES.test(clause)) return;
    if (!noun || noun.length < 3 || OF_THE_POT.has(noun) || !free.has(noun)) return;
    // "Blend the paste ingredients" is that part of the list, and no tamarind paste.
    if (lines.some((l) => l.section?.toLowerCase().includes(noun) && l !== line)) return;
    // "Onion" beside an onion and spring onions is the onion.
    // "Paprika", of a list with a sweet and a hot one, is both.
    const isAnothersName = named.some(
      (m) =>
        m.words === 1 &&
        m.food.id !== food.id &&
        !(m.food.kind === 'spice-ground' && food.kind === 'spice-ground') &&
        pantry.named(noun)?.id === m.food.id &&
        of(m.food.id),
    );
    if (isAnothersName) return;
    const sharing = lines.filter((l) => l.read.food && lastOf(l) === noun).length;
    const isOther = named.some(
      (m) =>
        m.words > 1 &&
        MEATS.has(m.food.kind) &&
        m.food.id !== food.id &&
        foodWords(m.food.names[0] ?? '').includes(noun) &&
        lines.some((l) => l.read.food?.id === m.food.id),
    );
    if (!isOther && (sharing === 1 || !SHARED.has(noun))) found.add(i);
  });
  // "The butter paste": the butter with its flour.
  if (KNEADED_BUTTER.test(clause))
    lines.forEach((l, i) => {
      if (['flour', 'butter'].includes(l.read.food?.kind ?? '')) found.add(i);
    });
  // "Sprinkle both packets over": what the list has by the packet.
  const packed = BY_PACKAGE.exec(clause)?.[1]?.toLowerCase();
  const byPackage = lines.flatMap((l, i) =>
    packed && l.read.amount?.unitId === (packed === 'tin' ? 'can' : packed === 'sachet' ? 'packet' : packed)
      ? [i]
      : [],
  );
  if (!found.size) for (const i of byPackage) found.add(i);
  // "The joints", "the pieces": the one meat there is, where no other is named.
  const raw = lines.flatMap((l, i) => (/^(?:poultry|red-meat)$/.test(l.read.food?.kind ?? '') ? [i] : []));
  const [only] = raw;
  if (
    raw.length === 1 &&
    only !== undefined &&
    !raw.some((i) => found.has(i)) &&
    // "Chop the parsley" names no chops.
    [...free].some((w) => PIECES.has(w) && !(w === 'chop' && /^\W*(?:\p{L}+ly )?chop\b/iu.test(clause)))
  )
    found.add(only);
  // "The peppers" are all that grow, and no ground one.
  if (/\bpeppers\b/i.test(clause)) {
    const isGround = (i: number): boolean => /^(?:spice|salt)/.test(lines[i]?.read.food?.kind ?? 'spice');
    const grown = lines.flatMap((line, i) =>
      (lastOf(line) === 'pepper' || isAPepper(line)) && !isGround(i) ? [i] : [],
    );
    for (const i of grown) found.add(i);
    if (grown.length)
      for (const i of [...found])
        if (isGround(i) && /pepper/i.test(lines[i]?.read.foodText ?? '')) found.delete(i);
  }
  // "The small onions" beside an onion: the ones that the list calls so.
  for (const i of sizedLines(clause, lines)) {
    found.add(i);
    const noun = lastOf(lines[i] as ScriptLine);
    for (const j of [...found]) {
      const other = lines[j];
      if (j !== i && other && lastOf(other) === noun && !other.read.amount?.size) found.delete(j);
    }
  }
  for (const { word, kind, named: as } of everything ? [] : STANDS_FOR) {
    const of = lines.flatMap((l, i) =>
      l.read.food?.kind === kind && (!as || as.test(l.read.foodText)) ? [i] : [],
    );
    if (of.length && !of.some((i) => found.has(i)) && [...free].some((w) => word.test(w)))
      for (const i of of) found.add(i);
  }
  dropWhatIsNoName(clause, lines, found);
  return [...sameFoodTold(clause, lines, found)].sort((a, b) => a - b);
}
