/**
 * How a thing is said, and how it is said to the reader: short forms of hand notes, keys of a pot, turns of phrase that only sound like
 * something to do. Tried in this order on every sentence, before it is told apart into clauses; what the cook is shown keeps her own words.
 */
type Written = readonly (readonly [said: RegExp, plain: string | ((...found: string[]) => string)])[];

/** "Adding the stock", told in passing before a clause: what is done. */
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
const NOTES: Written = [
  // "S+P to taste".
  [/\bs ?[+&/] ?p\b/gi, 'salt and pepper'],
  [/\b(?:chx|chix|chkn|chk|chiken)\b/gi, 'chicken'],
  [/(?<!\p{L})['’]?shrooms\b/giu, 'mushrooms'],
  [/\bparm\b/gi, 'parmesan'],
  [
    /\bchop together the (?=(?:\p{L}+ ingredients|gremolata|salsa|chimichurri|herbs?|dressing|pesto|relish|topping)\b)/giu,
    'mix the ',
  ],
  [/\bveg is\b/gi, 'vegetables are'],
  [/\bveg\b/gi, 'vegetables'],
  [/\bvin\b(?!\p{L})/giu, 'vinegar'],
  [/,? followed (?:\p{L}+ )?by (?:the )?/giu, ', then add the '],
  [/\btom\.(?= (?:paste|pur|sauce|passata))/gi, 'tomato'],
  [/\btoms\b/gi, 'tomatoes'],
  [/\bspuds?\b/gi, 'potatoes'],
  [/\bw\/ ?(?=\p{L}|\d)/giu, 'with '],
  [/\bwith (?=(?:very )?little water\b)/giu, 'with a '],
  [/\bOJ\b/gu, 'orange juice'],
  [/\bcream (?:chz|chs|chse)\b/giu, 'cream cheese'],
  [/\bsausage ?meat\b/giu, 'sausages'],
  [/\btemper the (oil|ghee|fat|butter) with\b/giu, 'fry in the $1'],
  [/(?<=\d ?(?:min\w*|m|secs?)), out(?=[.;,]|$)/giu, '; take it out'],
  [/\begg (?=noodles?\b)/giu, ''],
  [/\btom (?=pur)/gi, 'tomato '],
  [/\bthru\b/gi, 'through'],
  [/\bpowder with\b/gi, 'sprinkle with'],
  [/\blegate with\b/gi, 'thicken with'],
  [/\b(?:the )?skins? (?:and|&) bones?\b/gi, 'the bones'],
  [/\bthe (?:whole )?lot\b(?! of\b)/gi, 'everything'],
  [/(?<=\p{L} )n(?= \p{L})/giu, 'and'],
  [/(?<![\p{L}.])w(?= \p{L}{2,})/giu, 'with'],
  [/\bw\/o\b/gi, 'without'],
  [/\bw\/\s*(?=\p{L})/giu, 'with '],
  [/(?<=\p{L} )w\. ?(?=\p{Ll})/gu, 'with '],
  [/\bses(?= (?:oil|seeds?)\b)/gi, 'sesame'],
  [/\bworcs\b/gi, 'worcestershire'],
  [/\s&\s/g, ' and '],
  [/\bpwd\b/gi, 'powder'],
  [/\bg\W?g paste\b/gi, 'ginger garlic paste'],
];

/** How the pot is set: keys, programmes and switches, at which nothing is cooked yet. */
const KEYS: Written = [
  // "Open, sauté hi, reduce".
  [
    /\bsaut[ée]e? (hi|lo|med)\b\.?/giu,
    (_, how: string) =>
      `sauté ${how.toLowerCase() === 'hi' ? 'high' : how.toLowerCase() === 'lo' ? 'low' : 'medium'}`,
  ],
  // "SAUTÉ HIGH: oil, pork 2 min, out": notes.
  [/^\W*saut[ée]e?(?: (?:mode|high|low|med(?:ium)?|normal|more|less))*: ?/giu, 'fry '],
  // "Sauté low.": how the pot is set, and nothing is fried.
  [/(?<=^|[.;]\s+)saut[ée] (?:on )?(?:high|low|medium|normal|more|less)\.(?=\s|$)/giu, 'Set the pot.'],
  // "Sauté function: oil in": how the pot is set.
  [/(?<=^|[.;\n]\s*)saut[ée] (?:function|mode|setting|programme?)(?: on)?\s*[:,–—-]\s+/giu, ''],
  // "Sauté, slurry in": what the pot is set to.
  [/(?<=^|[.;\n]\s*)saut[ée]e?,\s+(?!\p{L}+ing\b)/giu, ''],
  // "Press CANCEL and then SAUTE": two keys.
  [
    /\b(?:(?:press|hit|select|tap|push|choose) (?:the )?)?["“]?cancel["”]?(?: (?:button|key))?(?:,| and|;)?(?: (?:then|now))?(?: (?:press|hit|select|tap|push|choose))?(?: back)?(?: to)? (?:the )?["“]?saut[ée]e?["”]?(?: (?:mode|setting|function|button|key))?(?=\s*(?:[.,;:(]|$|(?:once )?(?:more|again)\b|on\b))/giu,
    'Set the pot',
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
  // "In the cooker on its sauté setting": how the pot is set.
  [
    /\b(?:on|in|using|with) (?:its|the|your) (?:\p{L}+ )?(?:saut[eé]|brown(?:ing)?|sear(?:ing)?) (?:setting|function|mode|programme?)/giu,
    ' ',
  ],
  // "Set the cooker to 'sear/sauté' on high": how the pot is set.
  [
    /\b(?:set|turn|switch) (?:the |your )?(?:cooker|pot|it|machine)?(?: to| on)? ?["“'‘]?(?:sear|saut[ée]e?|brown)(?: ?\/ ?(?:sear|saut[ée]e?|brown))["”'’]?(?: (?:mode|setting|function))?(?: (?:on|at) (?:high|medium|low))?/giu,
    'Set the pot',
  ],
  // "Reduce sauté to medium": how the pot is set, and no sauce goes down.
  [
    /\b(?:reduce|lower|turn down|increase|raise|turn up|adjust|change) (?:the )?["“]?saut[ée]e?["”]?(?: (?:mode|function|setting|heat))? (?:to|on) (?:\p{L}+)/giu,
    'Set the pot',
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
  // "Sauté and simmer": how the pot is set.
  [/(?<=^|[.;]\s+)saut[ée] and (?=(?:simmer|boil|bubble|reduce|stir|whisk)\b)/giu, ''],
  // "Heat oil (sauté-more)": how the pot is set.
  [/\s*\((?:on )?saut[ée](?:[-– ]?(?:more|less|high|low|normal|medium))?\)/giu, ''],
  // "Sauté - beans in": how the pot is set.
  [/(?<=^|[.;]\s+)saut[ée](?: (?:high|low|medium|on))? ?[-–—:] /giu, ''],
  // "Preheat it using Brown or Sauté", "press Brown": a button.
  [
    /\b(?:on|to|using|press|select|choose|hit) (?:the )?["“]?Brown(?:ing)?["”]?(?:(?: or | ?\/ ?)saut[eé])?(?= mode\b| setting\b| function\b|[.,;]|$)/g,
    ' ',
  ],
  [
    /\b(?:press |hit |push )?(?:cancel|turn off|switch off) (?:the )?["“]?saute["”]?(?: (?:mode|setting|function))?/gi,
    'Set the pot',
  ],
];

/** Ways of putting it that would be taken for something else. */
const TURNS: Written = [
  // "Cook the rice at the same time: rinse it, put it in a bowl with the water", "for pot-in-pot rice, add …".
  [
    /(?<=^|[.;\n]\s*)(?:(?:cook|make|do) the (rice|quinoa|couscous|lentils|dal)[^.;:]{0,24}:|for (?:the |pot[- ]in[- ]pot |PIP )*(rice|quinoa|couscous|lentils|dal),)\s*(?:(?:rinse|wash) (?:it|them|the \p{L}+),? (?:and |then )?)?(put|place|tip) (?:it|them) (?=in)/giu,
    '$3 the $1$2 ',
  ],
  [/(?<=^|[.;\n]\s*)for (?:the )?(?:pot[- ]in[- ]pot|PIP) (?:rice|quinoa|lentils|dal)[,:] /giu, ''],
  // "Pastry lid, egg wash, 200C 30 min": an oven, and nobody says so.
  [
    /(?<=[,;.] |\n)(?<!\b(?:grill|bake|roast|oven|broil|air fry)\b[^.;\n]*)(?:at )?(?=\d{3} ?°? ?[CF]\b(?: fan)?(?:,| for)? \d{1,3}(?:\s?[-–]\s?\d{1,3})? ?(?:m|min|mins|minutes)\b)/gu,
    'bake at ',
  ],
  // "Chuck in the garlic", of a list that has beef chuck: no meat.
  [/(?<=^|[.;,]\s+|\band )chuck(?= (?:in|it|them|everything|all|the|your)\b)/gimu, 'throw'],
  // "Finish: coriander, lime.", "To serve: rice": a label of hand notes.
  [/(?<=^|[.;\n]\s*)(?:to )?(finish|garnish|serve|top|season): (?=\p{L})/giu, '$1 with '],
  // "Layer the onions and chops, seasoning as you go": a thing to do, and no packet of it.
  [
    /,? seasoning (?=(?:as|each|every|between|it|them|the|with|well|to|lightly|generously|all)\b)/giu,
    ', then season ',
  ],
  // "Put the whistle on", after the lid: it is the lid.
  [
    /,? (?:and )?(?:put|place|fix|set|drop) (?:on )?(?:the |its )?(?:whistle|weight)(?: (?:on|in place)(?: the lid)?)?(?=[.,;]|$)/giu,
    '',
  ],
  // "IP on saute, oil + butter".
  [/(?<=^|[.;\n]\s*)(?:IP|instant|pot|cooker) (?:on|to) saut[ée]+(?: mode)?,?\s+/giu, ''],
  // "The dry dumpling stuff": a noun.
  [/\b(dry|wet|dumpling|marinade|sauce|other|same) stuff\b/giu, '$1 ingredients'],
  // "Cook another 5".
  [/\b(cook|fry|stir|simmer|saut[eé]e?)( for)? another (\d{1,2})(?=[.,;]|$)/giu, '$1 for another $3 minutes'],
  // "Cook 2 more": minutes, and nobody says so.
  [/\b(cook|fry|stir|simmer|saut[eé]e?)( for)? (\d{1,2}) more(?=[.,;]|$)/giu, '$1 for $3 more minutes'],
  [
    /\b(?:while|whilst) (?:that|it|this|the pot)(?:['’]s| is) (?:on|cooking|in|going|under pressure),? (?!the boil\b)/giu,
    'Meanwhile ',
  ],
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
  [/\b(\p{L}{2,5})\.(?= (?:paste|powder|sauce|stock|broth|leaves|seeds)\b)/giu, '$1'],
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
  // "The dumpling stuff": what it is made of, and nothing is filled.
  [/\b(the \p{L}+) stuff\b/giu, '$1 ingredients'],
  // "Add the oil and the onion; 6 minutes": they are cooked for so long.
  [
    /[;,] (?=\d)(?<=\b(?:add|in with|tip in|throw in)\b(?:(?!\b(?:simmer|boil|cook|fry|saut|bubble|reduce|stand|rest|toast|brown|sear|soften|stir)|pressure)[^.!?;]){3,80}[;,] )(\d{1,2}(?:\s?[-–]\s?\d{1,2})? ?(?:minutes?|mins?|m))(?=\s*$|[.,;])/giu,
    ', then cook for $1',
  ],
  // "Pull the membrane off the back of the ribs": trimmed, and no meat is shredded.
  [
    /\b(?:pull|peel|strip|rip|take|remove|cut|slide|trim)(?:ping|ing)? (?:off |away )?(?:the |any |that )?(?:\p{L}+ ){0,2}(?:membrane|silver ?skin)\b(?: (?:off|away|from|on|at|of|with|using)\b[^.,;]*)?(?:,? and (?:discard|throw (?:it )?away|bin)(?: (?:it|them))?)?/giu,
    '',
  ],
  [/,? (?:using|on|with|in) (?:the )?["“]?(?:sear|brown(?:ing)?)["”]? (?:mode|setting|function)/giu, ''],
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
  // "Put the lid back and leave for 5 minutes until pink": laid on, and nothing is locked.
  [
    /\b(?:put|lay|pop|place|set) (?:the |a )?lid (?:back )?(?:on(?: top)?,? )?(?:and |then )*(?:leave|let)(?: (?:it|them|everything))?(?: (?:to )?(?:cook|steam|poach|stand|sit|warm|wilt))?(?= [^.;]{0,30}\buntil\b[^.;]{0,24}\b(?:pink|opaque|cooked|done|set|firm|tender)\b)(?![^.;]*\bpressure)/giu,
    'cover loosely and leave',
  ],
  // "Microwave the broccoli with 1/4 cup water": in a dish of its own.
  [
    /\bmicrowave (?=(?:the |your )?\p{L})(.{3,30}?)(?: with (?:\S+ ){1,3}water)?(?=,| for\b| until\b|[.;]|$)/giu,
    'blanch $1',
  ],
  // "Transfer the pork to a roasting tin with the remaining apples and roast": they are roasted beside it.
  [
    /\b((?:transfer|move|lift|put|place) [^.;,]{3,40}? (?:in|on)?to (?:a|the|your) (?:roasting|baking) (?:tin|tray|dish|pan|sheet)) with ((?:the )?(?:remaining|rest of|other half of) [^.;,]{3,40}?) and (roast|bake)\b/giu,
    '$1; $3 $2',
  ],
  // "When the sugar turns brown add the onions": a look, and nothing is browned.
  [
    /\b(?:when|once|as soon as) (?:the |it )?(?:\p{L}+ ){0,2}(?:turns?|goes|becomes?|is|are|gets?|starts? to turn|begins? to turn) (?:\p{L}+ )?(?:brown|golden|amber|dark)(?: in colou?r)?\s*[,;]?\s*(?:then )?(?=(?:add|put|tip|stir|throw|drop|slide|pour|in with|in go)\b)/giu,
    '',
  ],
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
    /\blid (?:back )?on,? (?:\((?:off|heat off|off (?:the )?heat|no heat|no pressure)\)|(?:heat off|off (?:the )?heat|no heat)),? (?:for )?(?=\d)/giu,
    'cover loosely for ',
  ],
  // "Brown in batches, adding the oil if needed": it is fried in it.
  [
    /,? adding (?:the |some of the |a (?:little|bit)(?: more)?(?: of)?(?: the)? |more )?(oil|butter|fat|ghee|dripping|lard) (?:as|if|when) (?:needed|necessary|required|you need it)/giu,
    ' in the $1',
  ],
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
  // "Pass the sauce through the blender and a strainer".
  [
    /\bpass (.{3,30}?) through (?:the|a) (?:hand |stick )?(?:blender|food mill|food processor|mouli)( and (?:then )?(?:through )?(?:the|a) (?:\p{L}+ )?(?:strainer|sieve|chinois))?/giu,
    (_, what: string, sieve?: string) => `blend ${what}${sieve ? '; strain it' : ''}`,
  ],
  // A cream by its name, and nobody's half.
  [/\bhalf[- ](?:and|&|n)[- ]half\b/gi, 'single cream'],
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
  // "When ready to cook, heat the oil".
  [/(?<=^|[.;]\s+)when (?:you are |you['’]re )?ready(?: to (?:cook|start|eat|serve))?,\s*/giu, ''],
  // "Quick-pickle the onion": no pressure is let go.
  [/\bquick[- ](?=pickl)/giu, ''],
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
  // And out of the German: "fill up with broth", "legate with the yolk".
  [/\bfill (?:it )?up with\b/gi, 'pour in'],
  // "Add onions, 5 min, scraping": by the way, and nothing is poured.
  [/(?<=\d ?(?:m|mins?|minutes?)), scraping\b[^.;]*/giu, ''],
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
  // "For 5 minutes so the chicken cooks through in the heat": what it is for.
  [
    /,? so (?:that )?(?:the \p{L}+|it|they|everything)(?: can)? (?:cooks?|warms?|heats?|finish(?:es)?|poach(?:es)?)\b[^,.;]*/giu,
    '',
  ],
  // "Purée in, 1 min": of the tube, and nothing is blended.
  [/(?<=^|[.;,]\s+)pur[ée]e in(?=[,.;]| for\b)/gimu, 'add the purée'],
  // "Draw it aside and wait until the pin has fallen": off the heat.
  [/\b(?:draw|pull) (?:it|the (?:pot|pan|cooker)) aside\b(?! and (?:stuff|fill))/giu, 'heat off'],
  // "Top with the crisp noodles": how they are, and nothing is fried.
  [
    /\bcrisp (?=(?:noodles|onions?|shallots?|bacon|skin|pancetta|tortillas?|lardons|breadcrumbs|croutons|potatoes)\b)(?<=\b(?:the|with|and|of|some|fried|your) crisp )/giu,
    '',
  ],
  // "Put a leg on each and ladle the soup over", of bowls that are filled.
  [
    /\bput (?:a|one|two|some) (?:\p{L}+ )?(?:leg|thigh|drumstick|piece|shank|slice|chop|breast)s? (?:on|in(?:to)?) (?:each|top)(?: (?:bowl|plate))?\b/giu,
    'serve',
  ],
  // "Noodles into bowls, broth over": to the table.
  [
    /(?<=^|[.;]\s+)((?:the )?(?:\p{L}+ )?(?:noodles|rice|pasta|potatoes|mash|polenta|couscous)) (?:in(?:to)?|on(?:to)?) (?:deep |warm |the )?(?:bowls|plates),? /gimu,
    'serve with the $1, ',
  ],
  // "Draw aside from the heat": nothing is lifted out.
  [
    /\b(?:draw|pull|move|take|slide|set|push|remove)(?: (?:it|the (?:pot|pan|cooker)))?(?: aside| away)? (?:from|off) (?:the )?(?:heat|flame|hob|stove|fire)\b/giu,
    'heat off',
  ],
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
  [/\bthen (?=(?:the )?\p{L}+(?: \p{L}+){0,7} \d{1,2}(?:\s?[-–]\s?\d{1,2})? ?(?:sec|min))/giu, ', then '],
];

/** All of them, in their order. */
export const WRITTEN_OUT: Written = [...NOTES, ...KEYS, ...TURNS];
