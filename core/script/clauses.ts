import { evened, plainSpaces, withArticles } from '../dish/evened';
import { forThisPot, withoutPotNames } from '../dish/pressure';
import { WRITTEN_OUT } from './data/writtenOut';

/** Words that begin a new thing to do. */
const STARTS =
  'add|back in(?= (?:it|they|the)\\b)|incorporate|reserve(?! the\\b)|dump|bhuno|tumis|adjust|allow|arrange|assemble|bake|baste|beat|bind|blend|blitz|boil|bone|braise|bring|broil|brown(?! (?:sugar|rice|ale|sauce|lentils?|mustard|bread|stock|gravy|flour|basmati|mushrooms?)\\b)|brush|carve|check|chop|close|coat|colou?r (?:hard|well|deeply|it|them|the)|combine|cook|cover|crisp|crumble|cut|deglaze|dice|discard|drain|dredge|dry (?:the|it|them)|drizzle|drop|dust|extinguish|fan(?= (?:it |them |the (?:slices|meat|chicken) )?(?:out )?(?:over|on|onto|across)\\b)|flood (?:it |them |the )?(?:\\p{L}+ )?with|fill|finish|float|fish(?! (?:sauce|stock|fillets?|balls?|cakes?|paste)\\b)|flake|flame|flamb[ée]|fluff|ignite|fold|fry|garnish|glaze|grate|grill|grind|heat|keep|lay|layer|ladle|leave|let|lift|lock|lower|marinate|mash|melt|mix|moisten|nestle|open|par-?boil|hard-boil|pass(?= (?:it |them |the \\p{L}+ )?through (?:a|the) (?:\\p{L}+ )?(?:sieve|strainer|colander|muslin|chinois|mill)\\b)|pat|pick(?= (?:out|off)\\b)|pile|place|poke|pop|pound|pour|powder|press|pressure[- ]cook|process|pull|push|put|quench|quick|reduce|refine|re-?(?:close|seal|lock)|release|remove|repeat|rest|return|rinse|roast|roll|rub|sauté|saute|scatter|scoop|scrape|seal|sear|season|serve|set|settle|shape|sharpen|shred|simmer|sit|skim|slake|slice|slather|slide|slip|smother|paint (?:it|them|the|over|with)|mop|sieve|liquidi[sz]e|soak|soften|splash|splutter|spoon|spread|sprinkle|squeeze|stand|start|steam|stir|strain|stud|stuff|sweat|swirl|take|taste|tear|temper|thicken|throw|tip|toast|top|toss|tuck|transfer|turn|vent|wait|warm|whisk|whizz(?! to\\b)|churn(?! to\\b)|pur[eé]e(?= (?:it|the|them|until|till|everything|smooth)\\b)|wilt|natural|then the';
/** How quickly or gently it is begun. */
const ADVERB = '(?:(?:at once|immediately|quickly|gently|carefully|slowly|finally|lastly|quietly) )?';
/** "Until soft and brown": a look, and nothing new to do. */
/** "Until they give up their liquid and brown": the look goes on. */
const LOOKS_ON =
  'brown|crisp|soften|thicken|reduce|wilt|darken|melt|set|pop|caramelise|caramelize|shrink|dry|separate';
const LOOKS = 'soft|tender|golden|crisp|sticky|dark|deep|thick|limp|glossy|sweet|fragrant|nicely?';
/** Where one clause ends and the next begins. */
const SPLIT = new RegExp(
  [
    String.raw`(?<=[.!?;:]|[.!?]\))\s+|\n+`,
    String.raw`,\s*(?:and\s+)?(?:then\s+)?${ADVERB}(?=(?:${STARTS})\b)`,
    // "And", but for one within a look.
    String.raw`(?:(?<!\b(?:${LOOKS}))|(?!\s+and\s+(?:brown|crisp|set(?! (?:it|them|aside|the|to)\b))\b))(?!(?<=\b(?:un)?till? [^.,;]{1,48})\s+and\s+(?:${LOOKS_ON})(?:\s+\p{L}+ly|\s+(?:a little|well|nicely|in spots|at the edges))?\s*(?:$|[.,;–(]))\s+(?:and|then|and then)\s+${ADVERB}(?=(?:${STARTS})\b)`,
    String.raw`,\s+then\s+|\s+and then\s+|(?<=\d (?:minutes?|seconds?))\s+then\s+`,
    String.raw`,\s+(?:but\s+)?(?=(?:do not|don['’]t)\b)`,
    String.raw`,\s+(?=(?:the )?\p{L}+(?: \p{L}+)? (?:on top|back in|back|in|out|last)(?:[.,;]|$))`,
    // "Brown in the butter, out."
    String.raw`,\s+(?:and\s+)?(?=out(?:[.;]|$))`,
    String.raw`,\s+(?=(?:lid|valve|quick|natural|high pressure|HP|NPR|QR|NR|\d+ (?:more |further )?min))`,
    // "Paste 2 mins, ground spices 30 secs, tomatoes 5 mins": one after the other.
    String.raw`(?<=\d ?(?:m|mins?|minutes?|secs?|seconds?)(?: [^,.;]{1,40})?),\s+(?=(?:the )?\p{L}+(?: \p{L}+){0,2} \d{1,2}(?:\s?[-–]\s?\d{1,2})? ?(?:m|mins?|minutes?|secs?|seconds?)\b)`,
  ].join('|'),
  'iu',
);

/** What a recipe calls a step before it tells it: "Step 2: Bloom – On a low heat…". Nothing to do in itself. */
const STAGE =
  'prep|prepare|season|marinate|sear|brown|saute|sauté|bloom|soften|fry|deglaze|build|assemble|load|layer|pressure|pressure[- ]cook|cook|release|depressuri[sz]e|finish|thicken|simmer|reduce|blend|shred|rest|glaze|garnish|serve|plate|enjoy';
const LABELLED = new RegExp(
  String.raw`^(?:\d{1,2}[.)]\s*)?(?:step \d+\s*[:.–—-]?\s*)?(?:${STAGE})(?:(?:,| and| &) (?:${STAGE}))*(?: (?:the )?\p{L}+){0,2}\s*(?:[–—:]| -)\s+(?=\p{L})`,
  'iu',
);
/** "Sauté. Press Sauté and melt the ghee": the name of a step that ends like a sentence. */
const NAMED_STEP = new RegExp(
  String.raw`^((?:\d{1,2}[.)]\s*|step \d+\s*[:.–—-]?\s*)?)(?:${STAGE})(?:(?:,| and| &) (?:${STAGE}))*(?: (?:the )?\p{L}+){0,2}\.\s+(?=\p{Lu})`,
  'iu',
);
const CALLED = /^((?:\d{1,2}[.)]\s*|step \d+\s*[:.–—-]?\s*)?)\p{Lu}[\p{L}&'’ -]{2,28}:\s+(?=\p{Lu})/u;
/** Rows that begin so before it is taken for names: "Sear. Add stock. Close." is a cook's short hand. */
const NAMED_FROM = 3;

/** "Make The Cream Sauce. During …": a name whose every word has a capital. */
const TITLED =
  /^((?:\d{1,2}[.)]\s*|step \d+\s*[:.–—-]?\s*)?)\p{Lu}[\p{L}'’-]*(?:\s+(?:\p{Lu}[\p{L}'’-]*|&|and|the|with)){1,5}[.:]\s+(?=\p{Lu})/u;
const TITLED_FROM = 2;

/** A method whose steps have names, without them. */
function withoutStepNames(told: string): string {
  const named = told.split('\n');
  // "Garlic: Turn down to low …", "Sauce: Remove the chicken …": what each row is called.
  const method =
    named.filter((row) => CALLED.test(row)).length < NAMED_FROM
      ? told
      : named.map((row) => row.replace(CALLED, '$1')).join('\n');
  const rows = method.split('\n');
  if (rows.filter((row) => TITLED.test(row)).length >= TITLED_FROM)
    return rows.map((row) => row.replace(TITLED, '$1')).join('\n');
  return rows.filter((row) => NAMED_STEP.test(row)).length < NAMED_FROM
    ? method
    : rows.map((row) => row.replace(NAMED_STEP, '$1')).join('\n');
}

/** A full stop that ends no sentence. */
const ABBREVIATED =
  /\b(min|mins|hr|hrs|lb|lbs|[Tt]bsp|[Tt]bs|[Tt]sp|oz|approx|abt|pkg|sm|med|lg|T|t|c)\.(?=\s+(?!\d{1,2}[.)]\s)[a-z\d(]|,)/g;

/** "10 min. ginger paste 2 min. tomatoes": in a note without capitals a full stop after the minutes ends what is told of them. */
const ENDS_THERE =
  /(\d ?(?:mins?|minutes?|secs?|seconds?|hrs?))\.\s+(?=\p{Ll})(?!(?:until|till?|or|on|per|each|at|over|with|of|more|a|for|in|and|then|to|if|depending|approx|total)\b)/gu;
const hasNoCapitals = (method: string): boolean => {
  const low = method.match(/[.!?]\s+\p{Ll}/gu)?.length ?? 0;
  // "HP 15", "QR" are short for something, and begin no sentence.
  const high = method.match(/[.!?]\s+\p{Lu}\p{Ll}/gu)?.length ?? 0;
  return low >= (high ? 3 : 2) && low > high;
};

const writtenOut = (sentence: string): string =>
  WRITTEN_OUT.reduce(
    (text, [short, long]) =>
      typeof long === 'string' ? text.replace(short, long) : text.replace(short, long),
    withoutPotNames(sentence),
  );

/** A sentence without the name of its step; what goes on after it begins anew, in capitals. */
function unlabelled(sentence: string): string {
  const label = LABELLED.exec(sentence)?.[0];
  return label && /^\p{Lu}/u.test(sentence.slice(label.length)) ? sentence.slice(label.length) : sentence;
}

/** What stands before a step and belongs to the page: a dot, a dash, a box, "Step 3:", "3)". */
const STEP_MARK = /^(?:[-–—*•●▪◦‣·▢□☐✓✔►▸]\s+|step \d{1,2}\b\s*[:.)–—-]?\s*|\(?\d{1,2}[.)]\s+)+/iu;

/** Where a sentence ends: before a capital, and in a note without any before every word. */
const ENDS = /\n+|(?<=[.!?])\s+(?=[\p{Lu}\d“"]|\(\d{1,2}\))/u;
const ENDS_LOW = /\n+|(?<=[.!?])\s+(?=[\p{L}\d“"])/u;

/** The method as clauses, each with the sentence it stands in as the recipe has it. */
export function clauses(method: string): { text: string; sentence: string }[] {
  const told = withoutStepNames(forThisPot(plainSpaces(method)));
  const isLow = hasNoCapitals(told);
  return (isLow ? told.replace(ENDS_THERE, '$1; ') : told)
    .replace(ABBREVIATED, '$1')
    .split(isLow ? ENDS_LOW : ENDS)
    .map((s) => s.trim().replace(STEP_MARK, ''))
    .filter(Boolean)
    .flatMap((sentence) =>
      writtenOut(withArticles(evened(unlabelled(sentence))))
        .split(SPLIT)
        .map((text) =>
          (text ?? '')
            .trim()
            .replace(/^(?:\d{1,2}[.)]\s*|step \d+:?\s*|and\s+|then\s+(?=\p{Ll}+ the))/iu, '')
            .replace(/[.;:!]+$/, ''),
        )
        .filter((text) => /\p{L}{2}/u.test(text))
        .map((text) => ({ text: text.replace(/\b(?:un)?till?\b/gi, 'until'), sentence })),
    );
}
