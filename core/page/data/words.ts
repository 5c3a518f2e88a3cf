/**
 * The words by which the parts of a page are known. Source: headings and furniture as pages, cards and scans ordinarily have them;
 * several languages, because pages are copied from everywhere.
 */
const whole = (words: string): RegExp => new RegExp(`^(?:${words})[\\s:：.!-]*$`, 'i');

/** What is added to a heading without changing it: "(9)", "(for 4)", "for 4". */
export const HEADING_TAIL =
  /\s*(?:\((?:us|metric|imperial|cups?|weights?)\b[^)]{0,20}\)|\(\s*(?:\d+(?: steps?| items?| people| persons?| servings?| portions?| plates)?|for \d+[^)]*|serves[^)]*)\s*\)|(?:for|für|pour|para|per|voor) \d+(?: people| persons?| personen| personnes?| personas?| persone)?)\s*(?=[:：]?\s*$)/i;

export const INGREDIENT_HEADING = whole(
  String.raw`(?:the |main |key )?ingredients?(?: list)?(?: for (?:the )?[\p{L} ]{3,30})?|you(?:'|’)?ll need|you will need|what you(?:'|’)?ll need|what you need|what (?:i|we) use|what(?:'|’)?s in it|gather|take|what goes in(?:to it| it| the pot)?|shopping list|zutaten(?: ?\/ ?ingredients)?|ingr[eé]dients?|ingredientes|ingredienti|sestavine|ingrediënten|ingredienser|quantity[\s|]+ingredients?|amount[\s|]+ingredients?`.replaceAll(
    String.raw`\p{L} `,
    'a-zà-ÿ ',
  ),
);

export const METHOD_HEADING = whole(
  "(?:the )?(?:method|directions?|instructions?|preparation(?: method)?|preparing|procedure|steps?|step by step(?: instructions)?|how to(?: (?:make|cook|prepare)(?: it| this)?)?|how it'?s (?:made|done|cooked)|how it goes|how to go about it|how (?:i|we|you) (?:make|do|cook) (?:it|this|them)|here(?:'|’)?s (?:how|what to do)|here is how|what (?:i|you|we) do|do(?: this)?|let(?:'|’)?s cook|cook it|now cook|the cooking|to (?:make|cook|prepare)(?: it)?|what to do|what happens|making it|cooking(?: instructions| method)?|zubereitung|anleitung|préparation|preparaci[óo]n|elaboration|elaboraci[óo]n|preparazione|preparo|modo de preparo|mode of preparation|the process|process|cooking steps|procedimiento|procedimento|bereiding|tillagning|fremgangsmåte)",
);

/** From here to the next heading of lines or method nothing is cooked. */
export const ASIDE_HEADING = whole(
  "(?:chef'?s |cook'?s |recipe |cooking |ingredient |top |my |our |expert |pro |some )?(?:notes?|tips?(?: (?:and|&) (?:tricks|variations))?|hints?|tricks)(?: (?:for|on) .{2,30})?|tips (?:and|&) .{2,20}|variations?|substitutions?(?: .{2,30})?|storage|storing(?: .{2,30})?|make[- ]ahead|freez(?:ing|er(?! bag))(?: .{2,30})?|leftovers?|reheating|faqs?|f\\.a\\.q\\.|frequently asked questions|questions|q ?& ?a|comments?(?: \\(\\d+\\))?|reviews?|ratings?(?: (?:and|&) reviews)?|(?:approx(?:imate)? |estimated )?nutrition(?:al)?(?: (?:facts|information|info|values?|data|breakdown|guide|estimates?|notes?))*(?:,? ?\\(?(?:per|for|each|one) .{2,30}\\)?)?|(?:amount )?per (?:serving|portion|person|plate)|equipment|tools|you will also need|what you(?:'|’)?ll need to have|special equipment|related(?: (?:recipes|posts))?|you may also like|more recipes|more like this|share(?: this)?|why (?:you(?:'|’)ll|we|i) love (?:it|this)(?: recipe)?|why this (?:recipe )?works|about (?:this recipe|the author)|beside it|what to serve (?:it )?with|serving suggestions?|serve (?:it )?with|source|credits?|contents|table of contents|in this (?:post|recipe)|jump to|did you (?:make|try) this(?: recipe)?|leave a (?:comment|reply|review)|troubleshooting|video|shop (?:the|this) recipe|affiliate .*|disclaimer|glossary|history|the story",
);

/** Page furniture: what a browser copies along with a recipe. */
export const CLUTTER: readonly RegExp[] = [
  /^(?:scale:?\s*)?[½¼¾\d.]{1,4}\s?[x×](?:\s+[½¼¾\d.]{1,4}\s?[x×])*$/i,
  /^oops\b|\bsomething went wrong\b|\b(?:our|the) team is working on it\b|\bthis recipe was (?:developed|tested|written) (?:at|for|in)\b|\bingredient amounts are automatically adjusted\b/i,
  /[★☆⭐]|^\s*\d(?:\.\d+)?\s*(?:\/\s*5\b|stars?\b(?! anise)|from \d+ votes?|\(\d+ (?:reviews?|ratings?|votes?)\))/i,
  /^(?:home|recipes?|dinners?|menu|search|login|log in|sign (?:in|up)|subscribe|shop|blog)\s*(?:[>›»/|·].*)?$/i,
  /\s[>›»]\s.*\s[>›»]\s/,
  /\b(?:jump to|skip to|print (?:recipe|this)|pin (?:it|recipe|this)|save (?:recipe|this)|share (?:this|on|via)|tweet|e-?mail (?:this|print)|copy link|scroll to|deselect all|select all|add to (?:shopping list|cart|basket)|rate this|leave a (?:comment|review|reply)|post a comment|read more|show more|see more|load more|view all|go to top|back to top|turn (?:on )?cook mode|cook mode|prevent your screen|unit conversion|us customary|metric units|affiliate|sponsored|advertis\w*|(?:story|article|recipe) continues|cookies?(?: policy)?$|privacy policy|all rights reserved|copyright|©|newsletter|enter your email|follow (?:me|us)|tag (?:me|us)|@\w{3,}|did you make|you may also like|click here|watch (?:the|this) video|full recipe below|last cooked|my recipes)\b/i,
  /^(?:print|pin|save|share|edit|delete|rate|email|tweet|like|reply|close|next|previous|menu|video|recipe|us|metric)(?:[\s|/·]+(?:us|metric|imperial|print|pin|save|share|edit|delete|rate|email|tweet|like|reply))*$/i,
  /^(?:by|recipe by|author|posted (?:by|on)|published|updated|modified|written by|photo(?:s|graphy)? by|text by|from the [\w ]{3,30} (?:office|blog))\b[:\s]/i,
  /\bby \p{Lu}\p{L}+\b.*\b\d+ comments?\b|^(?:January|February|March|April|May|June|July|August|September|October|November|December) \d{1,2}(?:st|nd|rd|th)?\b.{0,40}$/iu,
  /^(?:last )?(?:updated|modified|published|posted)\b/i,
  /^(?:recipe |image |photo )?(?:courtesy of|adapted from|inspired by|slightly adapted|recipe from|courtesy)\b/i,
  /^(?:subject|from|to|sent|date|cc)\s*:/i,
  /^(?:about|contact|books?|faq|index|privacy|terms|units|scale|description|summary|overview|introduction|ingredients \+ method)\s*:?$/i,
  /^(?:rated )?\d(?:\.\d+)? out of (?:5|five)\b/i,
  /^(?:easy|medium|moderate|hard|simple|beginner|intermediate|more effort|a challenge)$/i,
  /^(?:(?:gluten|dairy|nut|egg|sugar|wheat|lactose|soy|grain)[- ]free|vegan|vegetarian|keto|low[- ]carb|low[- ]fat|paleo|whole30|healthy|freez(?:es well|able)|freezer[- ]friendly|halal|kosher|budget|one[- ]pot|family favou?rite|high[- ]protein)(?:\s*[,|•·/&+]\s*(?:(?:gluten|dairy|nut|egg|sugar|wheat|lactose|soy|grain)[- ]free|vegan|vegetarian|keto|low[- ]carb|low[- ]fat|paleo|healthy|freezable|halal|kosher))*$/i,
  /^(?:comment|type|dm|message)\b.{0,24}\bfor\b.{0,20}\b(?:link|recipe)\b|\bfollow (?:me |us )?for more\b|\blink in (?:my )?bio\b/i,
  /^[\p{L} ]{3,30} \/ [\p{L} ]{3,30} \/ [\p{L} ]{3,60}$/iu,
  /^\d+\s+(?:comments?|reviews?|ratings?|votes?|shares?|likes?|saves?|views?|minutes? read|min read)\b/i,
  /^(?:https?:\/\/|www\.)\S+$/i,
  /^\d{1,2}:\d{2}(?::\d{2})?\s+\S/,
  /^#\w+(?:\s+#\w+)*\s*$/,
  /^(?:[½\d](?:\/\d)?\s?[x×]\s*){2,}$/i,
  /\bview (?:this|it|online|in)\b.*\b(?:browser|online)\b|^unsubscribe\b/i,
  /^(?:tags?|keywords?|categor(?:y|ies)|filed under|course|cuisine|author|source|difficulty|skill level|level|cost|diet|rating|category)\s*:|^season\s*:\s*\S+(?: \S+){0,2}$/i,
  /^music\b|^subscribe\b|^-{3,}$|^_{3,}$|^\*{3,}$/i,
  /^["“].{3,200}["”]\s*[-–—]\s*\w+/,
  /^[\p{L} .'-]{2,30}\s+says\s*:/iu,
  /^(?:dear|hi|hello|hey)\b(?! \p{L}+ (?:stew|curry|chicken|pot)).{0,60}[,:!]?$/iu,
  /^keywords?\s+\S/i,
  /^(?:enjoy|bon app[eé]tit|happy cooking|good luck)\b.{0,16}$/i,
  /^(?:love|yours|best|cheers|regards),\s/i,
  /^(?:nb|p\.?\s?s\.?)\b[\s:]/i,
  /^>\s/,
  /^\(from .{3,60}\)$/i,
  /^from (?:my |our |the )?[\p{L}'’. -]{2,24}$/iu,
];

/** Nutrition rows: figures that are nothing to cook with. */
export const NUTRITION =
  /\b\d[\d.,]*\s*(?:kcal|calories|cal|kj)\b|\b(?:calories|energy|carbohydrates?|carbs|protein|saturated(?: fat)?|unsaturated fat|trans fat|total fat|cholesterol|sodium|potassium|fibre|fiber|(?<!\p{L} )sugars?|(?:total|added|which|natural|free) sugars?|vitamin [a-k]\d*|calcium|iron|(?<!\p{L} )fat|salt equivalent|net carbs)\s*:?\s*\d[\d.,]*\s*(?:m?c?g|kcal|kj|%|iu)\b|\b\d[\d.,]*\s*g\s+(?:fat|carbs?|protein|fibre|fiber|saturates|sugars)\b/iu;

/** Equipment: "1 pressure cooker", "2 baking trays", "stick blender". */
export const EQUIPMENT =
  /^(?:(?:you(?:['’]ll| will)? (?:also )?need|requires|needs|uses):?\s+)?(?:an?\s+|\d+\s+)?(?:(?!(?:in|with|for|from|using|on)\s)[\w.-]+\s+){0,4}(?:pressure cooker|instant[- ]?type pot|multicooker|inner pot|stick blender|immersion blender|blender|food processor|wooden spoon|spatula|tongs|thermometer|trivet|steamer (?:rack|basket)|baking (?:trays?|sheets?|dish)|skillet|frying pan|saucepan|dutch oven|colander|sieve|whisk|cutting board|chopping board|measuring (?:cups?|spoons?)|kitchen scales?|mandoline|grater|cooker|rack|(?:zip|zipper|freezer|oven) bag|(?:baking|parchment|greaseproof) paper|(?:aluminium |tin |kitchen )?foil|kitchen (?:string|twine|paper)|slotted spoon|measuring jug|mixing bowl|potato masher)s?(?:\s*\(.*\)|\s+(?:of|with|holding|that holds|at least)\b.{1,40})?\.?$/i;

/** A fact about the time or the kind of a recipe. */
export const TIME_FACT =
  /^(?:\W*)(?:(?:active|hands[- ]on|total|prep(?:aration)?|cook(?:ing)?|resting|marinating|chill(?:ing)?|additional|ready in|pressure(?: build| release)?|release|come up|start to finish|time|inactive|prepTime|cookTime|totalTime)\s*(?:time)?s?|(?:temps? (?:de |total)?)?(?:pr[ée]paration|cuisson|repos|total)|(?:zubereitungs|koch|vorbereitungs|arbeits|gesamt|back)zeit|vorbereitung|tiempo(?: de (?:preparaci[óo]n|cocci[óo]n))?|preparaci[óo]n|cocci[óo]n|tempo(?: di (?:preparazione|cottura))?|preparazione|cottura|bereidingstijd|tillagningstid)\s*:?\s*(?:about |approx\.? |~|ca\.? )?(?:PT)?[\d½¼¾]|^(?:total |prep |cook )?time\s*:|^\d+\s*(?:min(?:ute)?s?|hours?|hrs?|h)\b.{0,24}$|^(?:difficulty|cuisine|course|serving size|calories)\b\s*:?/i;

/** A sentence begins like this when it tells what to do. */
export const IMPERATIVES = new Set(
  `add adjust allow arrange assemble bake baste beat blanch blend blitz bloom boil bone braise bring broil brown brush bubble bundle char check chop clean close coat combine
   cook cool cover crack crisp crumble crush cube cut deglaze dice discard dissolve divide drain dredge drizzle drop dry dump dust enjoy ensure fill finish fish flake flip fold
   freeze fry garnish gently give glaze grate grease grill grind heat hold keep knead ladle layer lay leave let lid lift line load lock lower lug make marinate mash measure melt microwave mince mix
   mount move nestle open pan pat peel place plate pop pound pour preheat prepare press pressure put quick reduce release remove repeat reserve rest return rinse roast roll
   rub sauté saute salt scatter scoop scrape seal sear season secure select separate serve set shake shape shred shut simmer skim slice slow smash soak soften spoon spread sprinkle stand start steam stir
   store strain strip stuff sweat swirl switch taste temper thicken tie tip toast top toss transfer trim turn unlock use vent wait warm wash whisk wilt wipe work wrap
   everything meanwhile once when while after then finally first using in to with if without carefully now as at`
    .split(/\s+/)
    .filter(Boolean),
);

/** Words that tell of cooking anywhere in a line. */
export const COOKS =
  /\b(?:add(?:ed)?|brown(?:ed)?|soften|sauté|saute|fry|simmer|boil|stir|pour|scrape|deglaze|whisk|lock|seal|close|release|vent|pressure|serve|return|reduce|shred|cover|cook|heat|season|mix|melt|blend|strain|garnish|sprinkle|scatter|drain|marinate|remove|bring|let|lid|hp|npr|qr|nr|high|natural(?:ly)?|min(?:ute)?s?|mins|sear|rub|crisp|tip|toss|skim|salt it|taste)\b/gi;
