import { evened, plainSpaces, withArticles } from '../dish/evened';
import { forThisPot, withoutPotNames } from '../dish/pressure';

/** Words that begin a new thing to do. */
const STARTS =
  'add|incorporate|reserve(?! the\\b)|dump|bhuno|tumis|adjust|allow|arrange|assemble|bake|baste|beat|bind|blend|blitz|boil|bone|braise|bring|broil|brown(?! (?:sugar|rice|ale|sauce|lentils?|mustard|bread|stock|gravy|flour|basmati|mushrooms?)\\b)|brush|carve|check|chop|close|coat|colou?r (?:hard|well|deeply|it|them|the)|combine|cook|cover|crisp|crumble|cut|deglaze|dice|discard|drain|dredge|dry (?:the|it|them)|drizzle|drop|dust|extinguish|fill|finish|float|fish(?! (?:sauce|stock|fillets?|balls?|cakes?|paste)\\b)|flake|flame|flamb[ée]|fluff|ignite|fold|fry|garnish|glaze|grate|grill|grind|heat|keep|lay|layer|ladle|leave|let|lift|lock|lower|marinate|mash|melt|mix|moisten|nestle|open|par-?boil|hard-boil|pass(?= (?:it |them |the \\p{L}+ )?through (?:a|the) (?:\\p{L}+ )?(?:sieve|strainer|colander|muslin|chinois|mill)\\b)|pat|pick(?= (?:out|off)\\b)|pile|place|poke|pop|pound|pour|powder|press|pressure[- ]cook|process|pull|push|put|quench|quick|reduce|refine|re-?(?:close|seal|lock)|release|remove|repeat|rest|return|rinse|roast|roll|rub|sauté|saute|scatter|scoop|scrape|seal|sear|season|serve|set|settle|shape|sharpen|shred|simmer|sit|skim|slake|slice|slather|slide|slip|smother|paint (?:it|them|the|over|with)|mop|sieve|liquidi[sz]e|soak|soften|splash|splutter|spoon|spread|sprinkle|squeeze|stand|start|steam|stir|strain|stud|stuff|sweat|swirl|take|taste|tear|temper|thicken|throw|tip|toast|top|toss|tuck|transfer|turn|vent|wait|warm|whisk|wilt|natural|then the';
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
    String.raw`,\s+then\s+|\s+and then\s+`,
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

const BEFORE: Record<string, string> = {
  adding: 'add',
  'stirring in': 'stir in',
  'pouring in': 'pour in',
  returning: 'return',
  serving: 'serve',
  'dishing up': 'serve',
};

/** "Transferring to a plate as you go": told in passing, and done. */
const IN_PASSING: Record<string, string> = {
  transferring: 'transfer',
  removing: 'remove',
  setting: 'set',
  lifting: 'lift',
  moving: 'move',
  putting: 'put',
};

/** Short forms of hand notes, as the words they stand for. */
const SHORT: readonly (readonly [RegExp, string | ((...found: string[]) => string)])[] = [
  [/\b(?:chx|chix|chkn|chk|chiken)\b/gi, 'chicken'],
  [/(?<!\p{L})['’]?shrooms\b/giu, 'mushrooms'],
  [/\bparm\b/gi, 'parmesan'],
  // "Chuck in the garlic", of a list that has beef chuck: no meat.
  [/(?<=^|[.;,]\s+|\band )chuck(?= (?:in|it|them|everything|all|the|your)\b)/gimu, 'throw'],
  // "Finish: coriander, lime.", "To serve: rice": a label of hand notes.
  [/(?<=^|[.;\n]\s*)(?:to )?(finish|garnish|serve|top|season): (?=\p{L})/giu, '$1 with '],
  // "Layer the onions and chops, seasoning as you go": a thing to do, and no packet of it.
  [
    /,? seasoning (?=(?:as|each|every|between|it|them|the|with|well|to|lightly|generously|all)\b)/giu,
    ', then season ',
  ],
  // "Sauté low.": how the pot is set, and nothing is fried.
  [/(?<=^|[.;]\s+)saut[ée] (?:on )?(?:high|low|medium|normal|more|less)\.(?=\s|$)/giu, 'Set the pot.'],
  // "Put the whistle on", after the lid: it is the lid.
  [
    /,? (?:and )?(?:put|place|fix|set|drop) (?:on )?(?:the |its )?(?:whistle|weight)(?: (?:on|in place)(?: the lid)?)?(?=[.,;]|$)/giu,
    '',
  ],
  // "Sauté function: oil in": how the pot is set.
  [/(?<=^|[.;\n]\s*)saut[ée] (?:function|mode|setting|programme?)(?: on)?\s*[:,–—-]\s+/giu, ''],
  // "IP on saute, oil + butter".
  [/(?<=^|[.;\n]\s*)(?:IP|instant|pot|cooker) (?:on|to) saut[ée]+(?: mode)?,?\s+/giu, ''],
  // "The dry dumpling stuff": a noun.
  [/\b(dry|wet|dumpling|marinade|sauce|other|same) stuff\b/giu, '$1 ingredients'],
  [/\bchop together the (?=\p{L}+ ingredients\b)/giu, 'mix the '],
  // "Sauté, slurry in": what the pot is set to.
  [/(?<=^|[.;\n]\s*)saut[ée]e?,\s+(?!\p{L}+ing\b)/giu, ''],
  // "Cook another 5".
  [/\b(cook|fry|stir|simmer|saut[eé]e?)( for)? another (\d{1,2})(?=[.,;]|$)/giu, '$1 for another $3 minutes'],
  // "Cook 2 more": minutes, and nobody says so.
  [/\b(cook|fry|stir|simmer|saut[eé]e?)( for)? (\d{1,2}) more(?=[.,;]|$)/giu, '$1 for $3 more minutes'],
  [
    /\b(?:while|whilst) (?:that|it|this|the pot)(?:['’]s| is) (?:on|cooking|in|going|under pressure),? (?!the boil\b)/giu,
    'Meanwhile ',
  ],
  // "S+P to taste".
  [/\bs ?[+&/] ?p\b/gi, 'salt and pepper'],
  [/\bveg is\b/gi, 'vegetables are'],
  [/\bveg\b/gi, 'vegetables'],
  [/\bvin\b(?!\p{L})/giu, 'vinegar'],
  // "Once the oil shimmers, lay in the beef": it is heated first.
  [
    /(?<=^|[.;]\s+)(?:once|when|as soon as) (?:the |your )?(oil|butter|ghee|fat|dripping|lard) (?:is|gets|starts|begins|shimmers|foams|sizzles|has)[^,.;]{0,30}?,? (?:then )?(?=(?:add|lay|put|place|brown|sear|fry|tip|drop|slide)\b)/giu,
    'Heat the $1, then ',
  ],
  // "When jeera splutters, onions till golden": what is told before is done by then.
  [
    /(?<=^|[.;]\s+)(?:once|when|as soon as) (?:the |they |it )?(?:\p{L}+ ){0,3}?(?:splutters?|crackles?|pops?|sizzles?|splatters?),? (?:then )?(?=(?:the )?\p{L}+ (?:in\b|till?\b|until\b|\d))/giu,
    '',
  ],
  // "Until translucent, deglazing with a splash of stock": two things.
  [/, deglazing (?=with\b)/giu, '; deglaze '],
  // "Beef: brown in oil": what it is done to stands before the colon.
  [
    /(?<=^|[.;]\s+)(\p{L}+(?: \p{L}+)?): (brown|sear|fry|season|soften|sweat|saut[ée]e?)\b(?! (?:the|them|it)\b)/giu,
    '$2 the $1',
  ],
  // "Once they crackle add the onions" are two things.
  [
    /\b(once|when|as soon as) ((?:they|it|the [\p{L} ]{3,24}?) [\p{L} ]{3,30}?),? (?=(?:add|stir|pour|tip|put|throw|drop) )/giu,
    '$1 $2, then ',
  ],
  // "Leave for 3 minutes before serving with the cheese": first the one, then the other; "20 minutes before serving" is when.
  [
    /(?<!(?<!\bfor |[\d–-])\d+(?: ?[-–] ?\d+)? ?(?:minutes?|mins?|hours?|hrs?)),? before (adding|stirring in|pouring in|returning|serving|dishing up)\b/gi,
    (_, doing: string) => `, then ${BEFORE[doing.toLowerCase()] ?? doing}`,
  ],
  [
    /, (transferring|removing|setting|lifting|moving|putting) ((?:(?:it|them|each|the \p{L}+|each batch|batches) )?(?:out |aside|to (?:a|the|another) (?:plate|bowl|dish|tray)|on(?:to)? (?:a|the) (?:plate|dish|tray)))/giu,
    (_, doing: string, where: string) => `, then ${IN_PASSING[doing.toLowerCase()] ?? doing} ${where}`,
  ],
  [/,? followed (?:\p{L}+ )?by (?:the )?/giu, ', then add the '],
  [/\btom\.(?= (?:paste|pur|sauce|passata))/gi, 'tomato'],
  [/\b(\p{L}{2,5})\.(?= (?:paste|powder|sauce|stock|broth|leaves|seeds)\b)/giu, '$1'],
  [/\btoms\b/gi, 'tomatoes'],
  // "The night before, put the cheeks in the wine": they stand in it.
  [
    /(?<=^|[.;]\s+)(?:on )?(?:the )?(?:night|day|evening) before,? (?:put|place|combine|mix|cover|submerge|immerse|add|toss) /giu,
    'Marinate overnight ',
  ],
  // "Cook lid off 15 minutes": an open pot, and nothing that boils away.
  [
    /\b(cook|simmer|boil|bubble|reduce)((?: it| them)?)[,;]? (?:with )?(?:the )?(?:lid off|no lid)\b/giu,
    '$1$2 uncovered',
  ],
  [/\bspuds?\b/gi, 'potatoes'],
  [/\bw\/ ?(?=\p{L}|\d)/giu, 'with '],
  // "The dumpling stuff": what it is made of, and nothing is filled.
  [/\b(the \p{L}+) stuff\b/giu, '$1 ingredients'],
  // "Add the oil and the onion; 6 minutes": they are cooked for so long.
  [
    /[;,] (?=\d)(?<=\b(?:add|in with|tip in|throw in)\b(?:(?!\b(?:simmer|boil|cook|fry|saut|bubble|reduce|stand|rest|toast|brown|sear|soften|stir)|pressure)[^.!?;]){3,80}[;,] )(\d{1,2}(?:\s?[-–]\s?\d{1,2})? ?(?:minutes?|mins?|m))(?=\s*$|[.,;])/giu,
    ', then cook for $1',
  ],
  // "Press CANCEL and then SAUTE": two keys.
  [
    /\b(?:(?:press|hit|select|tap|push|choose) (?:the )?)?["“]?cancel["”]?(?: (?:button|key))?(?:,| and|;)?(?: (?:then|now))?(?: (?:press|hit|select|tap|push|choose))?(?: back)?(?: to)? (?:the )?["“]?saut[ée]e?["”]?(?: (?:mode|setting|function|button|key))?(?=\s*(?:[.,;:(]|$|(?:once )?(?:more|again)\b|on\b))/giu,
    'Set the pot',
  ],
  // "Pull the membrane off the back of the ribs": trimmed, and no meat is shredded.
  [
    /\b(?:pull|peel|strip|rip|take|remove|cut|slide|trim)(?:ping|ing)? (?:off |away )?(?:the |any |that )?(?:\p{L}+ ){0,2}(?:membrane|silver ?skin)\b(?: (?:off|away|from|on|at|of|with|using)\b[^.,;]*)?(?:,? and (?:discard|throw (?:it )?away|bin)(?: (?:it|them))?)?/giu,
    '',
  ],
  // "Switch back to sauté", "return the pot to sauté mode", "turn sauté back on": how the pot is set, and nothing goes back.
  [
    /(?<=^|[.;,:]\s+|\b(?:and|then) )(?:(?:switch|turn|set|put|go|change|get|flip|return|revert|bring|click)(?:ing)? (?:(?:it|the|your|this|inner|instant|pressure|electric|multi|pot|cooker|pan|heat|setting|machine|appliance|function|mode) )*)?(?:back |again )?(?:over )?(?:to|on|onto|in|into) (?:the )?(?:high |low |medium |normal )?["“]?saut[ée]e?["”]?(?:[-– ](?:mode|setting|function|high|low|normal|medium|more|less)| \([^)]{1,14}\))*(?: again)?(?![\p{L}])(?! (?:the|it|them)\b)/giu,
    'Set the pot',
  ],
  [
    /\b(?:turn|switch|put) (?:the )?["“]?saut[ée]e?["”]?(?: (?:mode|setting|function))?(?: back)? on(?: again)?(?![\p{L}])/giu,
    'Set the pot',
  ],
  [
    /(?<=^|[.;]\s+)back (?:to|on|onto|in|into) (?:the )?saut[ée]e?(?: (?:mode|setting|function))?(?![\p{L}])/giu,
    'Set the pot',
  ],
  // "Turn to sear", "using the sear function": how the pot is set, and nothing is fried.
  [
    /\b(?:turn|set|switch|change|put) (?:(?:it|the pot|the cooker|the heat|back|over) )*(?:to|on) (?:the )?["“]?(?:sear|brown(?:ing)?)["”]?(?: (?:mode|setting|function))?(?=[.,;]| and\b|$)/giu,
    'Set the pot',
  ],
  [/,? (?:using|on|with|in) (?:the )?["“]?(?:sear|brown(?:ing)?)["”]? (?:mode|setting|function)/giu, ''],
  // "Sauté again.": the key.
  [
    /(?<=^|[.;:]\s+)(?:back (?:to|on) )?saut[ée]e? (?:again|once more|mode again)(?=[.,;]|$)/giu,
    'Set the pot',
  ],
  // "Select Brown setting": a key, and nothing is browned.
  [
    /\b(?:press|select|choose|hit|push|use) (?:the )?["“'‘]?(?:brown(?:ing)?|sear(?:ing)?)["”'’]?(?:(?: \/ ?\p{L}+)? (?:mode|setting|function|button|key|programme?)| on (?:the|your) (?:cooker|pot|machine)|(?=[.,;]|$))/giu,
    'Set the pot',
  ],
  // "Toss in the seasoned flour, shaking off and keeping the excess": flour, and what falls off.
  [/\b(?:well[- ])?seasoned (?=(?:plain |corn)?(?:flour|corn ?starch|cornflour)\b)/giu, ''],
  [
    /,? \b(?:shaking|tapping|dusting|knocking|patting) off (?:and (?:keeping|saving|reserving) )?(?:the |any |all )*(?:excess|extra|surplus)(?: flour| marinade)?/giu,
    '',
  ],
  [
    /,? \b(?:letting|allowing) (?:the |any )?(?:excess|extra)(?: marinade)? (?:to )?(?:drip|drain|run) off\b/giu,
    '',
  ],
  [/ ?\((?:and )?discard (?:the |any |all )*(?:excess |leftover |remaining |used |extra )*marinade\)/giu, ''],
  // "In the cooker on its sauté setting": how the pot is set.
  [
    /\b(?:on|in|using|with) (?:its|the|your) (?:\p{L}+ )?(?:saut[eé]|brown(?:ing)?|sear(?:ing)?) (?:setting|function|mode|programme?)/giu,
    ' ',
  ],
  // "Put the lid back and leave for 5 minutes until pink": laid on, and nothing is locked.
  [
    /\b(?:put|lay|pop|place|set) (?:the |a )?lid (?:back )?(?:on(?: top)?,? )?(?:and |then )*(?:leave|let)(?: (?:it|them|everything))?(?: (?:to )?(?:cook|steam|poach|stand|sit|warm|wilt))?(?= [^.;]{0,30}\buntil\b[^.;]{0,24}\b(?:pink|opaque|cooked|done|set|firm|tender)\b)(?![^.;]*\bpressure)/giu,
    'cover loosely and leave',
  ],
  [/\bwith (?=(?:very )?little water\b)/giu, 'with a '],
  [/\bOJ\b/gu, 'orange juice'],
  // "Transfer the pork to a roasting tin with the remaining apples and roast": they are roasted beside it.
  [
    /\b((?:transfer|move|lift|put|place) [^.;,]{3,40}? (?:in|on)?to (?:a|the|your) (?:roasting|baking) (?:tin|tray|dish|pan|sheet)) with ((?:the )?(?:remaining|rest of|other half of) [^.;,]{3,40}?) and (roast|bake)\b/giu,
    '$1; $3 $2',
  ],
  // "Set the cooker to 'sear/sauté' on high": how the pot is set.
  [
    /\b(?:set|turn|switch) (?:the |your )?(?:cooker|pot|it|machine)?(?: to| on)? ?["“'‘]?(?:sear|saut[ée]e?|brown)(?: ?\/ ?(?:sear|saut[ée]e?|brown))["”'’]?(?: (?:mode|setting|function))?(?: (?:on|at) (?:high|medium|low))?/giu,
    'Set the pot',
  ],
  // "When the sugar turns brown add the onions": a look, and nothing is browned.
  [
    /\b(?:when|once|as soon as) (?:the |it )?(?:\p{L}+ ){0,2}(?:turns?|goes|becomes?|is|are|gets?|starts? to turn|begins? to turn) (?:\p{L}+ )?(?:brown|golden|amber|dark)(?: in colou?r)?\s*[,;]?\s*(?:then )?(?=(?:add|put|tip|stir|throw|drop|slide|pour|in with|in go)\b)/giu,
    '',
  ],
  [/\btemper the (oil|ghee|fat|butter) with\b/giu, 'fry in the $1'],
  // "Hold the tomatoes: acid keeps the beans hard": not now.
  [
    /\(? ?\b(?:hold|hold back|hold off on|keep back|leave out|save) the ([^.;:()]{3,30}?)(?: for (?:later|the end|now))?(?:: [^.;()]*| ?[—–-] [^.;()]*|(?<=for (?:later|now|the end)))\)?/giu,
    '',
  ],
  // "Preheat a chargrill pan to high": nothing is in it.
  [
    /\b(?:pre-?heat|heat) (?:a|the|your) (?:\p{L}+ ){0,2}(?:griddle|chargrill|grill|frying|cast[- ]iron|griddle|heavy)(?: pan| skillet)?(?: (?:to|over|on|until) (?:a )?(?:very )?(?:high|medium[- ]high|medium|hot|smoking)(?: hot)?(?: heat)?)?(?=[.;]|$)/giu,
    'get ready',
  ],
  // "On a trivet over the chicken": where it stands, and nothing that is laid on it.
  [/\b(trivet|rack|steamer(?: basket)?) (?:over|above|on top of) the \p{L}+/giu, '$1'],
  // "Whole spices (keep back the cumin)": all but that.
  [
    /(?<=\b(?:spices|ingredients|everything|masalas|seasonings) )\((?:but )?(?:keep back|hold back|keep|save|reserve|leave out|not) (?:the )?([^()]{3,24}?)(?: for (?:later|the end|(?:the )?(?:tempering|tarka|tadka|finish\w*)))?\)/giu,
    'except the $1',
  ],
  // "Lid back on (off) 3 min": the heat is off.
  [
    /\blid (?:back )?on,? \((?:off|heat off|off the heat|no heat|no pressure)\),? (?:for )?(?=\d)/giu,
    'cover loosely for ',
  ],
  // "Brown in batches, adding the oil if needed": it is fried in it.
  [
    /,? adding (?:the |some of the |a (?:little|bit)(?: more)?(?: of)?(?: the)? |more )?(oil|butter|fat|ghee|dripping|lard) (?:as|if|when) (?:needed|necessary|required|you need it)/giu,
    ' in the $1',
  ],
  // "SAUTÉ HIGH: oil, pork 2 min, out": notes.
  [/^\W*saut[ée]e?(?: (?:mode|high|low|med(?:ium)?|normal|more|less))*: ?/giu, 'fry '],
  [/(?<=\d ?(?:min\w*|m|secs?)), out(?=[.;,]|$)/giu, '; take it out'],
  // "Transfer to a serving bowl": to the table.
  [
    /\b(?:transfer|turn out|tip|spoon|ladle|pour) (?:it |them |everything |the \p{L}+ )?(?:in|on)?to (?:a |the |your )?(?:warm |large |shallow |heated )*serving (?:bowl|dish|platter|plate)s?\b(?! and (?:keep|cover|tent))/giu,
    'serve',
  ],
  // "Lemon zest and juice": the juice is the lemon's.
  [/\b(lemon|lime|orange) (zest|rind|peel) (?:and|&|\+) (?:the )?juice\b/giu, '$1 $2 and $1 juice'],
  // "Served with jeera rice": what is named for its spice is a side.
  [
    /\b(?:jeera|cumin|saffron|garlic|ginger|coconut|turmeric|lemon|herb(?:ed)?|butter(?:ed)?) (?=(?:rice|naans?|breads?|rotis?|mash|couscous|pulao|pilau)\b)/giu,
    '',
  ],
  // "Slice against the grain", "over egg noodles": no mustard, and no egg.
  [/\b(?:against|across|with) the grain\b/giu, ''],
  [/\begg (?=noodles?\b)/giu, ''],
  // "Reduce sauté to medium": how the pot is set, and no sauce goes down.
  [
    /\b(?:reduce|lower|turn down|increase|raise|turn up|adjust|change) (?:the )?["“]?saut[ée]e?["”]?(?: (?:mode|function|setting|heat))? (?:to|on) (?:\p{L}+)/giu,
    'Set the pot',
  ],
  // "Pass the sauce through the blender and a strainer".
  [
    /\bpass (.{3,30}?) through (?:the|a) (?:hand |stick )?(?:blender|food mill|food processor|mouli)( and (?:then )?(?:through )?(?:the|a) (?:\p{L}+ )?(?:strainer|sieve|chinois))?/giu,
    (_, what: string, sieve?: string) => `blend ${what}${sieve ? '; strain it' : ''}`,
  ],
  // "Brown it on sauté", "press Sauté": how the pot is set. "Sauté the onions" is something to do; an accent ends no word.
  [/\b(?:leave|keep) ((?:it|them|the \p{L}+) )?on (?:the )?saut[ée](?![\p{L}])/giu, 'simmer $1'],
  [
    /\b(?:on|to|using|in|with|under) (?:the )?(?:high |low |medium |normal )?["“]?saut[ée]["”]?(?:[-– ](?:mode|setting|function|high|low|normal|medium|more|less)| \([^)]{1,14}\))*(?![\p{L}])(?! (?:the|it|them)\b)/giu,
    ' ',
  ],
  [
    /\b(?:press|select|hit|turn on|switch on|choose|push|use|(?:by |on )?(?:pressing|selecting|hitting|choosing|pushing|using)) (?:the )?(?:high |low |medium |normal )?["“]?saut[ée]["”]?(?:[-– ](?:mode|setting|function|button|high|low|normal|medium|more|less)| \([^)]{1,14}\))*(?![\p{L}])/giu,
    'Set the pot',
  ],
  // "Sauté on high, reduce": how the pot is set.
  [/(?<=^|[,;.:]\s+)saut[ée] (?:(?:on|at) )?(?:high|low|medium|normal|more|less)\s*[,;]\s*/giu, ''],
  [/saut[ée]+d(?![\p{L}])/giu, 'sauteed'],
  [/saut[ée]e?(?![\p{L}])/giu, 'saute'],
  // A cream by its name, and nobody's half.
  [/\bhalf[- ](?:and|&|n)[- ]half\b/gi, 'single cream'],
  [/\btom (?=pur)/gi, 'tomato '],
  // "While the wings cook, simmer the glaze": what goes on meanwhile is nothing to do.
  [
    /(?<=^|[.;!]\s+)(?:while|whilst|as) (?:the [\p{L} ]{2,24}|it|they|that|everything) \p{L}+(?: \p{L}+){0,4},\s*/giu,
    'Meanwhile ',
  ],
  // "Once the ribs are in, put the honey in a pan": the pot is left to itself.
  [
    /(?<=^|[.;!]\s+)(?:once|when|as soon as|after) (?:the [\p{L} ]{2,24}|it|they|that|everything) (?:is|are|['’]s|has|have) (?:in|on|gone in|under pressure|cooking|going|at pressure|come to pressure|locked|sealed|closed),\s*/giu,
    'Meanwhile, ',
  ],
  [/\bthru\b/gi, 'through'],
  // "When ready to cook, heat the oil".
  [/(?<=^|[.;]\s+)when (?:you are |you['’]re )?ready(?: to (?:cook|start|eat|serve))?,\s*/giu, ''],
  // "Quick-pickle the onion": no pressure is let go.
  [/\bquick[- ](?=pickl)/giu, ''],
  // "Sauté and simmer": how the pot is set.
  [/(?<=^|[.;]\s+)saut[ée] and (?=(?:simmer|boil|bubble|reduce|stir|whisk)\b)/giu, ''],
  // "Take the pork out, oven 425 for 15 min".
  [/,\s+(?:hot )?oven (?:at )?(?=\d{3}\b)/giu, ', then bake in the oven at '],
  // "Oven 200C, 25 mins, until sticky."
  [
    /(?<=^|[.;]\s+)(?:in a |hot )?oven (?:at |to )?(\d{3} ?°? ?[CF]?(?: fan)?)(?: ?\/ ?[^,.;]{1,16})?,? (?:for )?(?=\d)/giu,
    'Bake in the oven at $1 for ',
  ],
  // "Push the beef to one side": it stays in the pot.
  [
    /\b(?:push|shove|slide) (?:it|them|everything|the [\p{L} ]{2,24}?) (?:to|over to) (?:one|the) sides?\b(?: of the (?:pot|pan|cooker))?[,;]?/giu,
    '',
  ],
  // Word for word out of the French: "make the lardons come back", "powder with flour".
  [/\bmake (the [\p{L} ]{3,30}?) come back\b/giu, 'brown $1'],
  [/\bpowder with\b/gi, 'sprinkle with'],
  // And out of the German: "fill up with broth", "legate with the yolk".
  [/\bfill (?:it )?up with\b/gi, 'pour in'],
  [/\blegate with\b/gi, 'thicken with'],
  // "Heat oil (sauté-more)": how the pot is set.
  [/\s*\((?:on )?saut[ée](?:[-– ]?(?:more|less|high|low|normal|medium))?\)/giu, ''],
  // "Add onions, 5 min, scraping": by the way, and nothing is poured.
  [/(?<=\d ?(?:m|mins?|minutes?)), scraping\b[^.;]*/giu, ''],
  [/\b(?:the )?skins? (?:and|&) bones?\b/gi, 'the bones'],
  // "Oil and sugar, stir until amber": one thing to do.
  [
    /\b(sugar|jaggery)((?: and| with| \+)[^.;,]{0,30}\bwater)?[,.]\s+(?=(?:(?:stir|cook|melt|heat|swirl)\w*(?: it)? until (?:it is |it turns |it becomes )?(?:\p{L}+ )?(?:amber|caramel|brown|golden|melted)|let it (?:go|turn|get|become) (?:\p{L}+ ){0,2}(?:dark|brown|amber)))/giu,
    (_, sugar: string, wet = '') => `${sugar}${wet} `,
  ],
  // "Bring to a boil, cover, and transfer to the oven": pot and all.
  [
    /\b(?:transfer|move|put|place|slide)(?: (?:it|the (?:pot|casserole|dish|pan)))? (?:in)?to (?:the |a )?(?:hot |preheated )?oven\b/giu,
    'braise',
  ],
  // "Draw aside from the heat": nothing is lifted out.
  [
    /\b(?:draw|pull|move|take|slide|set|push|remove)(?: (?:it|the (?:pot|pan|cooker)))?(?: aside| away)? (?:from|off) (?:the )?(?:heat|flame|hob|stove|fire)\b/giu,
    'heat off',
  ],
  [/\bthe (?:whole )?lot\b(?! of\b)/gi, 'everything'],
  // "The fried onions" are the onions.
  [
    /\b(?:fried|browned|caramelised|caramelized|softened|cooked|crisped|sauteed) (?=(?:onions?|shallots?|mushrooms?|garlic|bacon|lardons|peppers|leeks)\b)/giu,
    '',
  ],
  // "Cook it down while you shred": what else goes on is told for itself.
  [/,? (?:while|whilst|as) you (?:\p{L}+)(?: (?:the|it|them|your) ?\p{L}*| the \p{L}+)?(?=[.,;!]|$)/giu, ''],
  // "Seal the meat": it is browned, and no lid is near.
  [
    /\b(?:seal|caramelis?z?e)(?=(?:ed|ing)? (?:the )?(?:\p{L}+ ){0,2}(?:meat|chicken|beef|lamb|pork|mutton|veal|turkey|duck|goat|mince|chops|cubes|pieces|chunks|thighs|legs|breasts?|ribs|steaks?|shanks?|joint|roast|cutlets|fillets?|strips)\b|(?:ed|ing)? (?:it |them )?(?:well |nicely )?(?:on (?:all|both|each)|all over|on every|until (?:lightly )?(?:brown|golden)))/giu,
    'sear',
  ],
  // "Fried gently until it begins to colour": a look, and nothing to brown.
  [
    /\buntil (?:it |they |(?:just )?)?(?:is |are )?(?:just |lightly )?(?:start|begin|tak)\w* (?:to |on )?(?:a little )?colou?r\b/gi,
    'until golden',
  ],
  // "And begin to brown": a look too.
  [/\b(?:starting|beginning) to (?:lightly )?(?:brown|colou?r)\b/gi, 'golden'],
  [/\b(?:start|begin)s? to (?:lightly )?(?:brown|colou?r)\b/gi, 'look golden'],
  // "Dredge the chops, saving two spoons of the flour": what is kept is told for itself.
  [
    /,? (?:and )?(?:saving|reserving|keeping back) (?=(?:the |any |\d|[½¼¾⅓⅔]|half|some|a )[^.;]*)/giu,
    '; reserve ',
  ],
  // "In the pot, combine the chicken and stock": where it is done is said first.
  [
    /(?<=^|[.;]\s+)in (?:the|your|a) ((?:\p{L}+ ){0,2}(?:pot|cooker|insert|liner)),? (combine|mix together|mix|stir together|whisk together|place|put) ([^.;]{3,300})/giu,
    (_, pot: string, verb: string, what: string) => `${verb} ${what} in the ${pot}`,
  ],
  // "Stir so that the potatoes break up and thicken the stew": what comes of it, and nothing is bound.
  [/,? so (?:that )?(?:the|it|they|some)\b[^,.;]{0,60}\bthicken\w*[^,.;]*/giu, ''],
  // "Whisk in the slurry, mustard and cream": first what binds, then what must not boil.
  [
    /\b(whisk|stir|pour|mix) in (the )?((?:cornstarch |cornflour )?slurry)(?:,| and|, then| then) (?!(?:simmer|boil|cook|bring|let|stir|whisk|heat|until)\b)/giu,
    (_, verb: string, the = '', slurry: string) => `${verb} in ${the}${slurry}. Stir in `,
  ],
  [/(?<=\p{L} )n(?= \p{L})/giu, 'and'],
  [/(?<![\p{L}.])w(?= \p{L}{2,})/giu, 'with'],
  // "Sauté - beans in": how the pot is set.
  [/(?<=^|[.;]\s+)saut[ée](?: (?:high|low|medium|on))? ?[-–—:] /giu, ''],
  [/\bthen (?=(?:the )?\p{L}+(?: \p{L}+){0,7} \d{1,2}(?:\s?[-–]\s?\d{1,2})? ?(?:sec|min))/giu, ', then '],
  // "Preheat it using Brown or Sauté", "press Brown": a button.
  [
    /\b(?:on|to|using|press|select|choose|hit) (?:the )?["“]?Brown(?:ing)?["”]?(?:(?: or | ?\/ ?)saut[eé])?(?= mode\b| setting\b| function\b|[.,;]|$)/g,
    ' ',
  ],
  [/\bw\/o\b/gi, 'without'],
  [/\bw\/\s*(?=\p{L})/giu, 'with '],
  [/(?<=\p{L} )w\. ?(?=\p{Ll})/gu, 'with '],
  [/\bworcs\b/gi, 'worcestershire'],
  [/\s&\s/g, ' and '],
  [/\bpwd\b/gi, 'powder'],
  [/\bg\W?g paste\b/gi, 'ginger garlic paste'],
  [
    /\b(?:press |hit |push )?(?:cancel|turn off|switch off) (?:the )?["“]?saute["”]?(?: (?:mode|setting|function))?/gi,
    'Set the pot',
  ],
];
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
  SHORT.reduce(
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
