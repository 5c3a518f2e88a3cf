import type { Stage } from './verbs';

/** Words by which a clause names what is done, most telling first. `lid` closes the pot; `hold`, `release` and `open` are the pot's own. */
export const SAYS: readonly { verb: string; words: RegExp; stages?: readonly Stage[] }[] = [
  {
    verb: 'melt',
    words:
      /\blid\b.*\bmelt|\b(?:rest(?:ing)?|lay) the lid\b|\blid rest(?:ing|s)?\b|\bunder the (?:resting )?lid\b.*\bmelt|\bcover\b.*\buntil (?:the cheese )?melted/i,
    stages: ['after'],
  },
  {
    verb: 'steamlid',
    words:
      /\bcover loosely\b|\blid (?:on )?(?:resting|without pressure|, no pressure|loosely|ajar|half on)|\blid (?:\w+ ){0,2}(?:loosely|ajar)|\bwithout pressure\b|\bno pressure\b|\bcover(?:ed)? and (?:keep|leave|cook|steam)\b.*\b(?:low|lowest|gentle|flame)\b/i,
  },
  {
    verb: 'grill',
    words: /\b(?:grill|broil|broiler|salamander|torch|blow ?torch)\b/i,
    stages: ['after', 'table'],
  },
  {
    verb: 'char',
    words:
      /\b(?:under|on|over) (?:a |the |your )?(?:\p{L}+ )?(?:grill|broiler|barbecue|bbq|coals|gas flame|naked flame|open flame)\b|\b(?:char|blacken|scorch)\w*\b.*\bover (?:an? |the )?flame\b|^\W*(?:and |then )*(?:grill|broil|barbecue)\b/iu,
    stages: ['prep', 'open'],
  },
  {
    verb: 'roast',
    words:
      /^\W*(?:and |then )*(?:roast|bake|brown)\b.*(?:\boven\b|\b(?:baking|oven|roasting) (?:tray|sheet|tin|pan)|\bon a tray\b|\b\d{3} ?(?:°|º|degrees|[CF]\b)|\bgas mark\b)/iu,
    stages: ['prep', 'open'],
  },
  { verb: 'steep', words: /\b(?:steep|infuse)\b/i, stages: ['prep', 'open'] },
  {
    verb: 'bake',
    words:
      /(?<!\b(?:keep|hold|stay)\w* .{0,24})\b(?:bake|hot oven|(?:in|into|to) the oven(?! (?:dish|gloves?))|(?:in|into|to) an? (?:[^\s,;]+ ){0,3}oven(?! (?:dish|gloves?))|air ?fry)\b|(?<=^\W*|\b(?:and|then|to) )roast\b(?! (?:on (?:high|low|medium|a)|and (?:the )?(?:veg\w*|potatoes|carrots)|beef|pork|chicken|lamb|meat|to|onto|on a|from|aside|out|back|with)\b)/i,
    stages: ['after', 'table'],
  },
  {
    verb: 'fill',
    words:
      /^\W*warm (?:up )?the (?:\p{L}+ )?(?:tortillas|rolls|buns|flatbreads|naans?|pitt?as|wraps|bread)\b|\b(?:split|butter|toast)\b.{0,24}\b(?:rolls?|buns?|bread|baguettes?|ciabattas?|brioche|muffins|pittas?|hoagies?|subs?)\b|\btoast\b.*\bcut sides?\b|\b(?:fill|roll|stuff|assemble)\b(?! the pot)(?!.*\b(?:balls?|dumplings|patties)\b)|\b(?:pie|baking|casserole|oven-?proof|gratin) dish\b|\b(?:cover|top) (?:it )?with (?:the |a )?(?:pastry|mash)|\b(?:lay|roll out|drape) the (?:pastry|dough)\b/iu,
    stages: ['after', 'table'],
  },
  {
    verb: 'coat',
    words:
      /^\W*(?:and |then )*(?:brush|slather|smear|paint|daub|baste)(?: \p{L}+ly)?(?: (?:it|some|this|the (?:\p{L}+ ){0,2}\p{L}+|half(?: of it)?|most of it))?(?: (?:all|generously|liberally|evenly|thickly|well))* (?:over|on(?:to)?)\b|^\W*(?:and |then )*(?:coat|slather|smother|paint|mop|daub|spread|smear|baste)(?: (?:it|them|the (?:\p{L}+ ){0,2}\p{L}+))?(?: (?:all over|generously|well|liberally))? (?:with|in)\b|\b(?:paint|spread|slather)\b.*\b(?:sauce|glaze)\b.*\bover\b|\b(?:toss|turn|coat|dip|roll|fold)\b.*\b(?:glaze|sticky sauce)\b|\bbrush(?:ing)?\b.*\b(?:glaze|sauce)\b|^\W*(?:and |then )*brush (?:it|them|(?:the )?(?:\p{L}+ ){0,2}\p{L}+) (?:all over )?with\b|^\W*brush with\b|\b(?:glaze|sauce)\b(?!.*\bthick enough\b).*\bto coat\b(?! (?:a|the|your) (?:back of )?(?:a |the )?(?:wooden )?spoon)|\bglaze (?:them|it|the (?:meat|chicken|pork|ribs|ham|gammon|beef|lamb|duck|wings|cheeks|shanks))\b/iu,
    stages: ['after'],
  },
  {
    verb: 'glaze',
    words: /\b(?:glaze|sticky|until it shines|syrupy|baste)\b/i,
    stages: ['after'],
  },
  {
    verb: 'shred',
    words:
      /\bshreds?\b|(?<!\b(?:pepper|chill?[iy]|chile|almond|coconut|salt|bonito|oat|red|potato) )(?<!, )\bflakes?\b(?!\.?$)|\bpull (?:it |them )?apart\b|\bpull the (?!pot|pan|cooker|lid|meat (?:from|off)|(?:\p{L}+ )?\p{L}+ out\b)|\btear (?:it |them |the \p{L}+ )?(?:into|apart|to) |\btear the (?:meat|chicken|pork|beef|lamb)\b/iu,
  },
  {
    verb: 'cool',
    words:
      /\b(?:leave|let|allow|set aside)\b.{0,24}\bto cool\b|\blet (?:it |them |the \p{L}+ )?cool\b|\bcool (?:completely|slightly|a little|for)\b|^\W*(?:and |then )*cool(?: (?:it|this|the \p{L}+))?\W*$/iu,
    stages: ['after', 'table'],
  },
  {
    verb: 'bone',
    words:
      /\b(?:(?<!\bthe )bone\b(?![- ](?:side|in\b|broth|stock|end|up|down))|debone|(?:discard|throw (?:away|out)|remove|lose) .{0,24}\bbones?\b|take (?:out )?the bones|(?:chuck|ditch|toss|bin) (?:away |out )?(?:the )?bones?|^\W*strip (?:the )?meat$|(?:take|pick|pull|strip) (?:off )?(?:all )?(?:the )?meat (?:from|off)|strip the meat|remove the bones?|pick the meat|pull (?:off )?the meat|discard(?:ing)? the (?:skins? and )?bones?|off the bone)/i,
    stages: ['after'],
  },
  {
    verb: 'strain',
    words:
      /\bstrain\b|^\W*(?:and |then )*sieve\b|\bthrough (?:a|the) (?:\w+ )?(?:sieve|strainer|colander|muslin|chinois)\b|^\W*(?:push|press|rub)\b.*\bthrough$/i,
  },
  {
    verb: 'skim',
    words:
      /\bskim\b|\b(?:remove|get rid of|take away) (?:the |any |all |most of |excess |as much )*(?:of the )?(?:fat|grease)\b|\b(?:spoon|lift|scrape|take) off the (?:\p{L}+ ){0,2}fat\b|\b(?:spoon|ladle|lift|scrape|take|blot|soak|mop)\b (?:(?:up|away|off) )?(?:any |the |all |most of |excess |of )*(?:fat|grease)(?: (?:off|from|up)\b)?|\b(?:defat|degrease)\b/iu,
    stages: ['after'],
  },
  { verb: 'skim', words: /\bskim\b/iu },
  {
    verb: 'pouroff',
    words:
      /\b(?:lift|scrape|take) off the (?:\p{L}+ ){0,2}fat\b|\b(?:pour|drain|spoon|tip|ladle) off\b|\b(?:throw|tip) (?:away |out )?(?:most of |all )?the (?:fat|grease)\b|\b(?:ladle|pour|tip|spoon|drain) (?:out|away)\b(?=.*\b(?:liquid|fat|juices?|water|broth|but)\b)|\bdiscard all but\b|\bdrain (?:off )?(?:most of |all but .{1,20} of )?the (?:fat|grease)\b|\bdiscard (?:most of )?the fat\b|^\W*(?:and |then )*drain(?: (?:off|any|all|the|excess|extra|most of|away))* (?:grease|fat|oil|drippings|liquid)\b|^\W*drain (?:off )?all but\b/iu,
  },
  {
    verb: 'stuff',
    words:
      /\broll(?:ed)? (?:it |them |each |each one )?up\b|\b(?:stuff|fill)\b.*\b(?:cavity|bird|chicken|duck|breasts?|pockets?|inside|mixture|filling|stuffing)\b|^\W*(?:stuff|fill)\b(?! (?:the|your) (?:\p{L}+ )?(?:pot|cooker|kettle|pan|tins?|cans?|jars?|bottles?|packets?|jug|cup)\b)|^wrap\b.*\b(?:in|with)\b|^\W*(?:push|poke|insert|stick|stud)\b(?! (?:it|them|any|(?:the|any) (?:\p{L}+ ){0,2}\p{L}+) (?:down|under|aside|to (?:one|the) side|over))/iu,
    stages: ['prep', 'open'],
  },
  {
    verb: 'mix',
    words: /^\W*(?:mash|crush|pound)\b.{2,60}\b(?:with|together|to a paste)\b/i,
    stages: ['prep'],
  },
  // Of mince that was browned; once the lid is off it is what was boiled beside.
  { verb: 'pouroff', words: /^\W*(?:and |then )*drain\W*$/i, stages: ['open'] },
  { verb: 'rinse', words: /^(?:\W*)(?:(?:clean|trim) and )?(?:rinse|wash)\b/i, stages: ['prep', 'open'] },
  {
    verb: 'blanch',
    words:
      /\bblanch\w*|\bparboil\w*|\b(?:hard|soft)[- ]?boil\b|^\W*boil (?:the |your )?(?:\p{L}+ )?eggs?\b|^\W*boil\b.{0,40}\bin (?:plenty of |some )?(?:\p{L}+ )?water\b|\bin (?:a |the )?(?:\p{L}+ )?(?:sauce)?(?:pan|pot) of (?:\p{L}+ )?water\b/iu,
    stages: ['prep'],
  },
  { verb: 'brine', words: /\bbrin(?:e|ing)\b/i, stages: ['prep'] },
  {
    verb: 'score',
    words: /\b(?:score|slash|prick)\b|\b(?:make|cut) (?:\p{L}+ )?(?:slits?|cuts|incisions?)\b/iu,
    stages: ['prep', 'after'],
  },
  { verb: 'tie', words: /\b(?:tie|truss)\b/i, stages: ['prep'] },
  {
    verb: 'flame',
    words:
      /\bflamb\w*|\b(?:set|catch)\b.{0,16}\b(?:alight|on fire|aflame)\b|\bignit\w*|\bset light to\b|\bflame (?:it|them|the)\b|(?:^|\band )flame$/i,
  },
  {
    verb: 'toast',
    words: /\bdry[- ]?(?:roast|fry|toast)\w*|\btoast(?!y\b)\w*\b|\bchar(?:red|ring)?\b|\bblacken\w*/i,
    stages: ['prep', 'open'],
  },
  {
    verb: 'dredge',
    words:
      /\b(?:dredge|dust|toss|coat|roll|shake)\b.*\b(?:flour|cornstarch|cornflour|starch)\b|\bdredge\b|\bpass(?:ed)? (?:(?:it|them|the \w+) )?(?:through|in) (?:the |some |seasoned )?flour|^\W*(?:tie, )?flour(?:,| (?:the|and|them|it)\b|$)/i,
    stages: ['prep', 'open'],
  },
  {
    verb: 'chill',
    words:
      /^\W*(?:then |and )*(?:chill\b|refrigerate\b)|\b(?:in|into) the (?:fridge|refrigerator)\b|\bovernight\b/i,
    stages: ['after'],
  },
  { verb: 'soak', words: /\bsoak\b(?! (?:up|in the (?:juices?|sauce)))/i, stages: ['prep', 'open', 'after'] },
  {
    verb: 'marinate',
    words:
      /\bmarinat(?:e|es|ing)\b|\bmarinated (?:for|in|overnight)\b|\bovernight\b|\b(?:leave|let (?:it|them) (?:sit|stand))\b.*\b(?:minutes?|hours?|hrs?)\b/i,
    stages: ['prep', 'open'],
  },
  { verb: 'pound', words: /\b(?:pound|flatten|bash)\b.*\b(?:flat|thin|even|cm|mm)?\b/i, stages: ['prep'] },
  {
    verb: 'shape',
    words: /\b(?:roll|form|shape)\b.*\b(?:balls?|patties|meatballs|dumplings)\b/i,
  },
  {
    verb: 'render',
    words:
      /\brender\w*|\bfrom cold\b|\bcold (?:pot|cooker|pan|insert)\b|\bcrisp (?:up )?(?:the )?(?:bacon|pancetta|lardons|chorizo)|\b(?:cook|fry) (?:the )?(?:bacon|pancetta|lardons)\b/i,
    stages: ['prep', 'open'],
  },
  {
    verb: 'blend',
    words:
      /(?<!\b(?:spice|spices|seasoning|herb|rub|this|the|curry|cajun)\s+)\bblend\b(?! in\b(?! an? ))|\b(?:blender|blitz|process|grind|whizz)\b|^\W*powder (?:it|them|the|all)\b|^\W*(?:and |then )*pur[eé]e\b(?! (?:is|and|has)\b)|(?<!\b(?:the|a|and|tomato|with|of) )\bpur[eé]e (?:for|it|the|them|this|until|everything)\b/iu,
    stages: ['prep', 'open'],
  },
  {
    verb: 'blendafter',
    words:
      /\b(?:immersion|stick|hand) blender\b|\bliquidi[sz]e\b|(?<!\b(?:to|spice|spices|seasoning|herb|the|this) )\bblend\b(?! (?:well|in|it in|together|through))|\b(?:blitz|whizz)\b|\bgrind\b(?! (?:over|in|on|some|an?|plenty|black|fresh)\b)(?!.*\b(?:pepper|salt)\b)|(?<!\b(?:the|a|this|that|some|more|warm|hot|onto|of|with|parsnip|potato|cauliflower|celeriac|carrot|tomato|squash|pumpkin)\s+)\bpur[eé]e(?!\p{L})/iu,
    stages: ['after'],
  },
  {
    verb: 'reduce',
    words:
      /\b(?:reduc(?:e|es|ed|ing)\b(?! (?:sauce|glaze|juices|cooking|gravy|(?:the )?(?:pressure|heat|flame|temperature|to (?:a )?(?:low|medium|simmer)|fat|salt|sodium)))|boil (?:it |the \w+ )?down|boil (?:hard|rapidly)|by (?:a |about |around )*(?:half|third|quarter|two[- ]thirds)|(?<!\b(?:the|a|of|tomato|tamarind|stock|lemon|orange|fish|broth|vegetable) )concentrate|(?:cook|boil|bubble|simmer|hiss|(?<!\b(?:the|all|of|some) )steam|burn)(?:s|ed)? (?:it |them |the \w+ )?(?:off|away|down)|boil (?:it |them )?(?:down )?to (?:\d|half|a third)|evaporat\w*|driv(?:e|ing) off|(?:almost |nearly )?disappears?\b|clings?\b(?! ?(?:film|wrap))|until (?:it is |it has |it'?s )?(?:nearly |almost |all |mostly )*(?:dry|gone|evaporated|disappeared)|until (?:there (?:is|are)(?! no (?:more )?(?:lumps?|streaks?|pink|red))|only|you have)|let (?:it|the \w+) (?:be |get )?absorbed|(?:liquid|wine|water|juices?) (?:has|have|is|are) (?:nearly |almost |all |mostly )*gone|coats? (?:the back of )?(?:a|the) spoon)\b/i,
  },
  {
    verb: 'deglaze',
    words:
      /\b(?:get|getting|lift\w*|work\w*|scrub\w*|dislodg\w*|free|loosen\w*|dissolv\w*|releas\w*|pick\w*|stir\w*) (?:up|off)?\b.{0,30}\bbits\b|\b(?:get|scrape|lift|work|rub|bring)\w* .{0,40}\boff the (?:bottom|base|floor)\b|\bdeglaz\w*|\b(?:extinguish|quench)\w*|\blift(?:ing)? (?:everything|all) (?:up )?(?:off|from) the (?:bottom|base|floor)\b|\b(?:rub|scrub|clean|work)\w*\b.{0,20}\b(?:base|bottom|floor|bits)\b|\b(?:get|lift) (?:all )?(?:the|any) .{0,16}\bbits (?:off|up)\b|\bscrap\w*|\bloosen(?:ing)?\b.*\b(?:bits|crust|bottom|base|residue|stuck)|\bbubble\b|\b(?:nothing|anything) (?:sticks|stuck|is stuck|that stuck)|\bstuck (?:bits|on)\b/i,
    stages: ['prep', 'open'],
  },
  {
    verb: 'mash',
    words: /^\W*(?:open and )?(?:mash|crush) (?:\p{L}+ly\b|some|a few|half|about|the|it|them)\b/iu,
    stages: ['after'],
  },
  {
    verb: 'thicken',
    words: /\bthicken\w*|\buntil thick\b|\bslurry\b|\bslake\b|\bbind\b/i,
    stages: ['after'],
  },
  {
    verb: 'caramel',
    words:
      /\bmake (?:a |the )?(?:\p{L}+ )?caramel\b|\bsugar\b.*\b(?:amber|caramel\w*)\b|\bsugar\b.*\blet it (?:go|turn|get|become) (?:\p{L}+ ){0,2}(?:dark|brown)\b|\b(?:cook|melt|heat|stir)\w*\b.*\bsugar\b.*\buntil\b.*\b(?:colou?r of|tea|toffee|mahogany|copper)\b|\bcaramelis?z?e (?:the )?(?:\p{L}+ )?(?:sugar|jaggery)\b|\b(?:melt|cook|heat)\w*\b.*\buntil (?:\p{L}+ )?(?:amber|caramel)\b|\bmelt (?:the )?(?:\p{L}+ )?(?:sugar|jaggery) in (?:the )?(?:oil|ghee|butter)\b/iu,
    stages: ['open', 'prep'],
  },
  {
    verb: 'pop',
    words:
      /\b(?:temper(?:ing)? (?:the )?(?:\p{L}+ )?(?:spices|seeds?|cumin|mustard|jeera)\b|sizzl\w*|splutter\w*|pops?\b(?! (?:it|them|the|on|in|into|back|over|everything|all)\b)|popped|crackl\w*)/iu,
    stages: ['prep', 'open'],
  },
  {
    verb: 'brown',
    words:
      /\bbreak(?:ing)? (?:it |them |the \p{L}+ )?up\b|\bcrumbling\b|(?<!\b(?:the|a|set|put|place|lay|nestle|return|your|rub|season) )\broast (?:it |them |well |on |for )|\b(?:give|get|until)\b.*\bcrust\b|\bno (?:longer )?pink\b|(?<!golden |deep |till |until )\b(?:brown(?:ed)?|sear(?:ed)?|colou?r(?! of\b))\b(?! sugar| rice| onions? until)/iu,
    stages: ['prep', 'open'],
  },
  {
    verb: 'soften',
    words:
      /\b(?:soften|sweat|saut[eé]|fry|cook|golden|translucent|caramelis\w*|caramelize\w*|bhun\w*|tumis|(?<!\b(?:when|once|after) (?:the )?)oil separates|pecah minyak)\b/i,
    stages: ['prep', 'open'],
  },
  {
    verb: 'bloom',
    words:
      /\b(?:bloom|burn\b(?! off\b|\bs\b)|stir(?: .{1,40})?(?: for)? (?:a|one|two|half a|[12]|\d{2}(?= sec)) (?:more )?(?:min|sec|minute))|\bfragrant\b/i,
    stages: ['prep', 'open'],
  },
  {
    verb: 'dry',
    words:
      /\b(?:pat|dry|wipe|blot)\b.*\b(?:dry|kitchen paper|paper towels?)\b|^\W*(?:dry|wipe) (?:the|it|them)\b/i,
    stages: ['prep', 'open', 'after'],
  },
  {
    verb: 'season',
    words:
      /\b(?:rub(?:bed)?|smear|slather|massage|season|sprinkle)\b|^\W*(?:\p{L}+ly )?(?:salt|pepper)(?: and pepper)? (?:the|both|it|them|all)\b|^\W*salt (?:and|&) pepper (?!to\b|in\b|and\b|if\b|at\b|for\b)\p{L}{3,}/iu,
    stages: ['prep', 'open'],
  },
  {
    verb: 'season',
    words: /\bcoat (?:the|it|them|both|each|in|with)\b|\bdust(?:ing)?\b(?!.*\b(?:corn)?(?:flour|starch)\b)/i,
    stages: ['prep'],
  },
  { verb: 'season', words: /\b(?:spread|brush|paint)\b.*\b(?:over|on|onto|with|all)\b/i, stages: ['prep'] },
  { verb: 'rack', words: /\b(?:rack|trivet|steamer basket)\b/i, stages: ['prep', 'open'] },
  {
    verb: 'top',
    words:
      /\b(?:on top|over the top|do not (?:stir|mix)|don['’]t (?:stir|mix)|(?<!\bboil\w*[ ,].{0,40})without stirring)\b|^top with\b/i,
    stages: ['prep', 'open'],
  },
  { verb: 'return', words: /\b(?:return|back (?:in|into|to)|put back|back with)\b|\bback\b(?! of\b)/i },
  {
    verb: 'liftout',
    words:
      /\bdrain (?:(?:it|them|the \w+|well) )?on (?:\w+ )?(?:paper|kitchen|towels?)\b|\b(?:remove(?! (?:the )?(?:lid|pot|cooker|pan)\b| (?:it )?from (?:the )?(?:heat|stove|hob))|lift (?:it |them |the \w+ )?out|(?:take|pull|hoik) (?:it |them |the \w+ |(?:pork|chicken|beef|lamb|meat|ham|ribs|turkey|duck|veal) )?out|set (?:it |them )?aside|to one side|transfer(?! (?:everything|it all|all of it|the (?:chicken|meat|lamb|beef|pork) and (?:the |its )?marinade)\b.{0,16}\bto (?:the |your )?(?:pot|cooker)\b)|out again|off (?:it|they) comes?|fish(?:ed)? (?:\w+ ){0,2}out|scoop (?:\w+ ){0,2}out|discard|lift out|take out|(?:lift|move|take|put|set|pop|keep|spoon|scoop|tong|park|hold|slide) (?:it |them |(?:the )?(?:\w+ ){1,3}?)?(?:on ?to|to|on) (?:a |the )?(?:[\w-]+ ){0,2}(?:plate|board|tray|platter|rack|dish|bowl|foil|sheet|roasting tin|tin)s?)\b|(?:lift|move|take|transfer|tong|tip|scrape|spoon|scoop)(?: (?:it|them|the (?:\w+ ){0,2}\w+))? (?:out )?(?:on|in) ?to an? (?:[\w-]+ ){0,2}(?:dish|bowl|plate)$|(?:lift|move|take|transfer|tong)(?: (?:it|them|the (?:\w+ ){0,2}\w+))? in ?to an? (?:[\w-]+ ){0,2}(?:dish|bowl|plate)|^\W*(?:pull|fish|hoik|yank) (?:out )?(?:the )?(?:hocks?|shanks?|roast|joint|bird|carcass|meat|ribs|chicken|pork|beef)$|^\W*(?:the )?\p{L}+(?: (?:and|&) \p{L}+)? (?:on)?to an? (?:[\w-]+ ){0,2}(?:plate|platter|board|dish|bowl)$|(?<!\b(?:spread|splits?|comes?|runs?|leaks?|seeps?|oozes?|sweats?) (?:it |them )?)\bout\b$|^\W*reserve(?: (?:it|them|on a plate|the \p{L}+))?$|\bout (?:on ?to|in ?to|to|on|of the pot)\b|\baside\b/iu,
  },
  {
    verb: 'keepwarm',
    words:
      /(?<!\b(?:on|to|use|the) ["“'‘]?)\bkeep(?:ing)? (?:(?:it|them|all|everything|the (?!sauce|gravy|jus|liquid|juices?|broth|soup|pot)\p{L}+|(?!the)\p{L}+) )?(?:warm|hot)\b(?! (?:mode|setting|function))/iu,
    stages: ['after'],
  },
  {
    verb: 'heat',
    words:
      /(?<!\b(?:the|off|of|from|medium|high|low|gentle|moderate|full|lower|reduce|less|more) )heat\b(?! (?:down|up|off|to (?:low|medium|high)))|\b(?:slick|film|grease) (?:the |a )?(?:base of the |bottom of the )?(?:pot|pan|cooker|insert)\b|\b(?:warm(?! (?:stock|water|broth|liquid|milk|sauce|place|plate|dish|oven))|melt|preheat|set (?:the pot )?to sauté|sauté mode)\b|\bfoam(?:ing)?\b(?<=\b(?:butter|ghee|fat|oil|it)\b.{0,24}foam(?:ing)?)|\bfoaming (?:butter|fat)\b|\bget (?:the |some )?(?:oil|fat|butter|lard|ghee|dripping)\b.{0,12}\bhot\b/i,
    stages: ['prep', 'open'],
  },
  { verb: 'boil', words: /\b(?:par)?boil\b/i, stages: ['after'] },
  {
    verb: 'simmer',
    words: /\b(?:continue to|keep on?|go on) (?:fry|frying|saut\p{L}+)\b/iu,
    stages: ['after'],
  },
  { verb: 'fry', words: /\b(?:fry|saut[eé]|brown|sear|crisp(?![- ]tender))\b/i, stages: ['after', 'table'] },
  { verb: 'wilt', words: /\bwilt\w*/i, stages: ['after'] },
  {
    verb: 'simmer',
    words:
      /\b(?:simmer|poach|cook|(?:leave|keep) (?:it |them )?on sauté|(?:re)?warm(?:ed)? (?:it |them |the \w+ )?(?:through|up|again|gently|on low)|gently warm|reheat|heat through|heat gently|gently heat|bubble)\b/i,
    stages: ['after'],
  },
  {
    verb: 'fluff',
    words: /\bfluff(?: up)?\b|\bfork (?:up |through )?the (?:\p{L}+ )?(?:rice|grains?)\b/iu,
    stages: ['after'],
  },
  {
    verb: 'slice',
    words: /\b(?:slice|carve|cut|chop|dice|cube)\b(?! (?:off|away|sides?|edge|halves))/i,
    stages: ['after'],
  },
  {
    verb: 'rest',
    words:
      /\b(?:let|leave|allow) (?:it |them |the (?:\w+ ){1,2})?(?:to )?(?:stand|rest|sit)\b|\brest (?:for|the|it|them|\d+)\b|\blet (?:it|them|the \w+) soak\b|\bleave (?:it |them |covered )?(?:for\b|(?:about )?\d{1,2} ?m)|\bwait (?:a|for|\d)|\b(?:leave|stand) covered\b|\bcover(?:ed)? and (?:leave|stand|rest)\b/i,
    stages: ['after', 'table'],
  },
  {
    verb: 'stirin',
    words:
      /\b(?:finish|refine|enrich|round|mount|sharpen|brighten|freshen)(?:e?d)? (?:it |off |up |the \w+ )*with\b/i,
    stages: ['after', 'table'],
  },
  {
    verb: 'finish',
    words: /\b(?:taste|season|adjust|check (?:the |for )?(?:seasoning|salt)|correct the seasoning)\b/i,
    stages: ['after'],
  },
  {
    verb: 'serve',
    words:
      /^\W*(?:then )?(?:in)?to (?:\p{L}+ )?(?:bowls|plates)\b|^\W*over (?:\p{L}+ ){0,2}(?:rice|noodles|pasta|mash\w*|polenta|couscous|spaghetti|potatoes)\b|\bgo(?:es)? (?:well|nicely|perfectly|beautifully) with\b|\bmop(?:ping)? up\b|\b(?:serve|pile|heap|help (?:them|your)sel(?:f|ves)|dollop|plate up|dish up|divide (?:it |the [\w ]{2,24})?(?:among|between|over)|(?:ladle|spoon|pile|scoop)\b.{0,40}?\b(?:into|in|onto|over) (?:\w+ )?(?:bowls?|plates?|buns?|rolls?|tortillas)|scatter|garnish|sprinkle(?! in(?:to)?\b)|(?:spoon|ladle|pour) (?:it |some |the (?:\p{L}+ ){1,3}?)?(?:over|around)(?= (?:the |some |hot |cooked )*(?:pasta|rice|noodles|mash|potatoes|polenta|couscous|spaghetti|penne|tagliatelle)\b)|spoon (?:it |the sauce |some )?(?:over|around)|coat (?:the \w+|it|them) (?:with|in) the (?:sauce|gravy)|(?:to|on|at) (?:the )?table|\beat (?:it |them |hot |at once |(?:the )?next day )*with|grind (?:over|some|plenty)|\bover (?:each|the) (?:bowl|plate|serving|portion)\b|(?:tear|grate|shave|crack|strew) (?:it |them )?(?:over|on|with)\b|top (?:the |each )?(?:(?:bowls?|plates?|servings?|it|them) )?with|drizzle|crumble (?:.* )?(?:over|on top))\b/iu,
    stages: ['after', 'table'],
  },
  {
    verb: 'mix',
    words:
      /\b(?:mix|combine|whisk|beat|dissolve|knead|work)\b|\b(?:stir|squeeze|squish|scrunch)\b.*\btogether\b/i,
    stages: ['prep'],
  },
  {
    verb: 'stirin',
    words:
      /\b(?:stir|add|fold|swirl|whisk|mix|put|squeeze|tip|pour|beat|crumble|toss|spread|brush|drop|dot|float)\b/i,
    stages: ['after'],
  },
  {
    verb: 'add',
    words:
      /\b(?:add|incorporate|put|pour|moisten|place|stir|tip|chuck|bung|sling|fling|plonk|arrange|nestle|settle|slide|sit|tuck|lay|layer|drop|throw|dump|combine|mix|in with|spoon|stand|sprinkle|whisk|toss)\b|^\W*(?:and |then |all |everything )*(?:goes )?into the (?:pot|cooker|insert|pressure cooker)\b/i,
    stages: ['prep', 'open'],
  },
];
