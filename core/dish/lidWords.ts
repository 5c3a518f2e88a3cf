/**
 * How a lid is closed and a pot is set is told in many ways, and means the same. A method is read with these said in one way ("lock the lid",
 * "pressure cook for", "high pressure", "quick release"), so that no rule of the lid has to know the others.
 */

import { WORD } from './numberWords';

/** Programmes of electric pots, by what stands on their keys. */
const KEYS =
  '(?:meats?|stews?|soups?|broth|poultry|beans?|chill?i|curry|goulash|ragout|casserole|multi-?grain|rice|porridge)';
const KEY_OR_TWO = `["'‘’“”]?${KEYS}(?: ?\\/ ?${KEYS})?["'‘’“”]?`;
const IS_KEY = '(?:button|key|setting|mode|program(?:me)?|function|cycle|preset)';
/** "Press Meat/Stew", "on the soup setting", "Bean/Chili, 30 minutes": the lid's time, and nothing that is put in. */
const PROGRAMME = new RegExp(
  [
    `\\b(?:press|select|choose|hit|push|pick|set (?:it |the (?:pot|cooker) )?(?:to|on)) (?:the )?${KEY_OR_TWO}(?: ${IS_KEY})?(?![\\p{L}])`,
    `\\b(?:on|using|with|in|use) (?:the |its )?${KEY_OR_TWO} ${IS_KEY}\\b`,
    `(?<=^|[.,;]\\s+)(?:the )?(?:${KEYS} ?\\/ ?${KEYS}(?: ${IS_KEY})?|${KEYS} ${IS_KEY})(?=,? (?:for |at |on )?(?:high |low )?\\d|[,.;:])`,
  ].join('|'),
  'giu',
);

const FIGURE = `(?:\\d{1,3}|${WORD})`;
const TIME = `(?:\\d{1,3}|[a-z]{3,7}(?:[- ]five)?) ?(?:-|to )?(?:minutes?|mins?|m|hours?|hrs?)\\b`;
const HOURS = '(?:half an hour|(?:a|three) quarters? of an hour|an hour)';
const WEIGHT = '\\d{1,3}(?:[-–]\\d{1,3})? ?(?:lbs?|pounds?|psi|p\\.s\\.i\\.|kpa|bar)\\b\\.?';

/** In the order in which they are tried. */
const SAID: readonly (readonly [RegExp, string])[] = [
  // "Simmer covered (no whistle on)", "without the weight": an open pot with something over it.
  [
    /\(? ?\b(?:with )?(?:no|without(?: (?:the|any|putting on the))?) (?:whistles?|weights?|regulator)(?: (?:on|fitted|attached))? ?\)?(?! (?:sounds?|heard|comes?))|\b(?:with )?(?:the )?(?:whistle|weight) (?:off|removed|taken off)\b/giu,
    ' (no pressure) ',
  ],
  // "Put on the crisping lid, 200°C for 8 minutes": heat from above, and no pressure.
  [
    /\b(?:(?:put on|close|lower|attach|fit|use|add|swap (?:to|on|in|for)|switch to|change to|with|under|using) )(?:the |your )?(?:air[- ]?(?:fry(?:er|ing)?|crisp(?:er|ing)?)|crisp(?:ing|er)?|grill(?:ing)?|broil(?:ing|er)?)[- ](?:lid|attachment|top)\b(?:,? (?:and|to) (?:air[- ]?(?:fry|crisp)|crisp|cook|broil|grill)(?: it| them)?)?/giu,
    'grill',
  ],
  [/\bair[- ]?crisp\b/giu, 'air fry'],
  // "High pressure 12 min / natural release 10 min".
  [
    /(?<=\d ?(?:m|mins?|minutes?)) ?\/ ?(?=(?:natural|quick|NPR|NR|QR|release|vent|open|rest)(?!\p{L}))/giu,
    '; ',
  ],
  // "Set 12:00 on pressure".
  [/\b(\d{1,2}):00(?= (?:on|at|high|low|pressure|minutes|mins)\b)/giu, '$1 minutes'],
  [/\bnormal release\b/giu, 'natural release'],
  // "Until two red rings show": the pressure, as some valves show it.
  [
    /\b(?:bring(?: it| the (?:pot|cooker))? (?:back )?|(?:once|when|until|till) (?:the )?(?:indicator|valve|pin|rod) )(?:up )?(?:to|shows|is at) (?:the )?(?:second|2nd|two|both) (?:red |white )?(?:rings?|lines?|bars?|marks?)\b/giu,
    'bring to high pressure',
  ],
  [
    /\b(?:until|till|when|once) (?:the |all )?(?:rings?|lines?) (?:have |has |are )?(?:gone|sunk|dropped|disappeared)(?: down)?\b/giu,
    'natural release',
  ],
  [
    /\b(?:let|leave) the (?:rings?|lines?|indicator|rod) (?:to )?(?:go down|sink|drop|fall|disappear)\b/giu,
    'let the pressure fall',
  ],
  // "Cook at 80 kPa".
  [/\b(?:at|under|to) \d{2,3} ?k\.?pa\b/giu, 'at high pressure'],
  // "Pressure, high, 4".
  [
    new RegExp(`\\bpressure(?: cook)?,? (?:on )?(high|low),? (?:for )?(${FIGURE})(?=[.,;]|$)`, 'giu'),
    '$1 pressure $2 minutes',
  ],
  // "Full pressure, 12", "on HP for twelve": minutes, where nothing else is counted.
  [
    new RegExp(
      `\\b(HP|LP|(?:high|low|full|working) pressure|pressure[- ]cook)(?: for|:|,)? (${FIGURE})(?=[.,;]|$)`,
      'giu',
    ),
    '$1 $2 minutes',
  ],
  [
    /(?<=^|[.;]\s+|\n\s*)(?:and |then )?(?:(?:put|pop) the )?(?:lid|cover) (?:back )?on(?: again)?[,;.] (?:(?:back )?(?:up )?to )?(?:full |high |working )?pressure(?: again)?,? (?:for )?(?=\d|(?:another |a further )|[a-z]{3,7} min)/giu,
    'Lock the lid, high pressure for ',
  ],
  // "Cool under the tap. … Tap again."
  [
    /(?<=[.;,] |\n)(?:(?:under )?(?:the )?(?:cold )?tap(?: again)?|same again under the tap)(?=[.;,]|\s*$)/giu,
    'quick release',
  ],
  [
    /(?<=[.;,] |\n)(?:release|let (?:it|the (?:pressure|steam)) (?:go|out|off|down)|vent)?,? ?(?:as before|(?:in )?the same way|the same as before|again)(?=[.;,]|\s*$)/giu,
    'release the pressure',
  ],
  // "Keep warm for ten, then vent", "do not open it for ten minutes".
  [
    new RegExp(
      `\\b(?:keep|on) (?:it )?warm(?: for)? (${FIGURE})(?: minutes?| mins?)?,? (?:and )?then (?=vent|releas|open|let|quick)`,
      'giu',
    ),
    'natural release for $1 minutes, then ',
  ],
  [/\b(?:do not|don['’]t) (?:open|touch|vent)(?: (?:it|the (?:lid|pot|cooker)))? for\b/giu, 'leave it for'],
  [
    new RegExp(
      `\\b(wait|leave it|give it|let it be|let it sit)(?: for)?(?: another)? (${FIGURE}),? (?:and )?(?:then )?(?=vent\\b|releas|open the|quick)`,
      'giu',
    ),
    '$1 $2 minutes, then ',
  ],
  [/\bdepressuri[sz]e (?:it )?(?:quickly|at once|fast|immediately)\b/giu, 'quick release'],
  [
    /\b(?:put|set|drop|place) (?:on the (?:weight|whistle)|the (?:weight|whistle) on)(?: and count| and time| for)?\b(?! the lid)/giu,
    'lock the lid; at pressure for',
  ],
  [/\blift (?:off )?the weight (?:off )?with\b/giu, 'open the valve with'],
  [
    /\bforc(?:e|ing) (?:out )?(?:the )?(?:rest|remainder|remaining (?:steam|pressure))(?: out)?\b/giu,
    'quick release of the rest',
  ],
  [/\bQPR\b/gu, 'quick release'],
  // "Back to pressure for 4", "same pressure, same release".
  [
    new RegExp(
      `\\b((?:back|up|return\\w*|bring) (?:it )?(?:up )?to (?:full |high |low )?pressure(?: again)?),? (?:for )?(?:another )?(${FIGURE})(?=[.,;]|$)`,
      'giu',
    ),
    '$1 for $2 minutes',
  ],
  [/\b(?:at )?(?:the )?same pressure\b/giu, 'at high pressure'],
  [/\b(?:the )?same release\b/giu, 'release the pressure'],
  // "Repeat at high pressure for four minutes".
  [/\brepeat(?: the cooking)?(?= (?:at|on|under) (?:high |low |full )?pressure\b)/giu, 'pressure cook'],
  // "Set control at 10 lbs. and cook 20 min after control jiggles. Cool cooker at once": a weight, in its old words.
  [
    /\b(?:set (?:the )?(?:control|regulator|gauge|weight) (?:at|to|on)|bring(?: it| the (?:pot|cooker))? (?:back )?up to|(?:cook(?:ed)?|process)(?: it)? (?:at|under)) (?:5|10|15) ?(?:lbs?|pounds?)\b\.?(?: (?:of )?pressure)?(?! (?:of|beef|pork|meat)\b)/giu,
    'bring to high pressure',
  ],
  [
    /\s(?:after|once|when|from when) (?:the )?(?:control|regulator|weight|gauge) (?:first )?(?:jiggles?|rocks?|starts to (?:jiggle|rock))\b/giu,
    ' at pressure',
  ],
  [
    /\b(?:cool (?:the |your )?(?:pot|cooker|pan) (?:at once|immediately|quickly)|reduce (?:the )?pressure (?:at once|immediately|instantly|quickly))(?: (?:under|in|with) (?:cold |running )*water)?/giu,
    'quick release',
  ],
  // "High (15 lb) pressure", "high pressure (15 psi)", "at 15 lb pressure": one pressure.
  [
    new RegExp(`\\b(high|low|full|working)[ /,]*\\(?(?:about |around )?${WEIGHT}\\)? pressure\\b`, 'giu'),
    '$1 pressure',
  ],
  [new RegExp(`\\bpressure,? \\((?:(?:high|low)[ /,]*)?(?:about |around )?${WEIGHT}\\)`, 'giu'), 'pressure'],
  [new RegExp(`\\b(?:5|10|15) ?(?:lbs?|pounds?)\\b\\.? (?:of )?pressure\\b`, 'giu'), 'high pressure'],
  // "Cover, 10 lbs., 10 min. more".
  [/\b(?:5|10|15) ?(?:lbs?|pounds?)\b\.?, (?=\d{1,3} ?(?:m|min\w*)\b)/giu, 'high pressure, '],
  // "Place the pressure regulator on the vent pipe": the lid is closed by it.
  [
    /\b(?:place|put|set) (?:the )?(?:pressure )?(?:regulator|weight|control|rocker|gauge|petcock) (?:back )?on (?:the )?(?:vent(?: pipe)?|steam vent|valve|lid|cover|cooker)\b/giu,
    'lock the lid',
  ],
  // "Put the lid on (don't lock)": it only lies there.
  [
    /\b(?:(?:put|set|place|lay|pop) )?(?:the )?lid (?:back )?on,? (?:\((?:but )?(?:do not|don['’]t|no need to|not|un)[- ]?(?:lock|seal|close)\w*(?: it)?\)|without (?:locking|sealing)(?: it)?|but (?:do not|don['’]t) (?:lock|seal)(?: it)?)/giu,
    'cover loosely',
  ],
  // "Lid, high, 25 mins.", "Lid, HP, 25.": notes.
  [
    /(?<=^|[.;]\s+|\n\s*)(?:lid|cover)(?: on)?[,;:.] (?=(?:(?:high|low|HP|LP)\b(?! (?:heat|flame|simmer))|\d{1,3} ?(?:m|min\w*) (?:on |at )?(?:high|low|HP|LP)\b(?! (?:heat|flame)))(?![^.;]*\b(?:without|no) (?:pressure|weight)))/gimu,
    'Lock the lid, ',
  ],
  [/(?<=\bLock the lid, )(high|low)(?! pressure),? /giu, '$1 pressure, '],
  [/\b(HP|LP), (\d{1,3})(?=[.,;]|$)/gu, '$1 $2 minutes'],
  // "Fit the lid", "clamp it down".
  [
    /\b(?:fit|attach|clamp|fasten|affix|latch|bolt|snap|click|screw|twist)(?: (?:on|down))? (?:the |your |its )?lid(?: (?:on|down|in place|into place|tightly|firmly|securely))*(?! loosely)\b/giu,
    'lock the lid',
  ],
  // "Program the cooker for 22 minutes", "set the pressure cooker for half an hour".
  [
    new RegExp(
      `\\b(?:program(?:me)?|set) (?:the |your )?(?:electric )?(?:pressure[- ])?(?:cooker|pot|machine|appliance|multi-?cooker)(?:['’]s)?(?: timer)? (?:for|to|at|on)(?: (?:cook )?(?:for|at|on))? (?=(?:(?:high|low)(?: pressure)?(?: for|,)? )?(?:${TIME}|${HOURS}))(?![^.;]*\\bsaut)`,
      'giu',
    ),
    'pressure cook for ',
  ],
  // "Press + until it reads 9".
  [
    /\b(?:until|till) (?:it|the (?:display|panel|screen|timer)) (?:reads|shows|says) (\d{1,2})\b(?! ?(?:[°CF]|degrees))(?: minutes?| mins?)?/giu,
    'for $1 minutes',
  ],
  // "Fifteen (15) minutes", "the best part of an hour (50 minutes)": the figure is meant.
  [
    /\b(?:(?:about|around|just (?:under|over)|nearly|almost|a good|the best part of) )*(?:[a-z]+(?:-five)?|(?:half )?an hour(?: and a (?:half|quarter))?) \((?:about |around |i\.?e\.? )?(\d{1,3})\) ?(?=minutes?\b|mins?\b|hours?\b)/giu,
    '$1 ',
  ],
  [
    /\b(?:(?:about|around|just (?:under|over)|nearly|almost|a good|the best part of) )*(?:(?:half )?an hour(?: and a (?:half|quarter))?) \((?:about |around |i\.?e\.? )?(\d{1,3}) ?(?:minutes?|mins?)\)/giu,
    '$1 minutes',
  ],
  // "Bring it to the boil and then to pressure, and leave for 8 minutes": at pressure, and not to come down.
  [
    /\b(to (?:high |full |low )?pressure),? (?:and )?(?:leave|keep|hold|let)(?: it| the (?:pot|cooker))?(?: (?:there|stay|be|cook|go|run))*(?: for)? (?=\d|[a-z]{3,7}(?:[- ]five)? minutes|half an hour|an hour)/giu,
    '$1 for ',
  ],
  // "Heat off. Ten more. Vent."
  [
    new RegExp(`\\b(heat off|off the heat)([.;,]) (${FIGURE}) more(?: minutes?| mins?)?(?=[.;,]|$)`, 'giu'),
    '$1$2 Leave $3 minutes',
  ],
  // "Release the pressure as the manufacturer says": nobody knows how.
  [
    /\brelease (?:the )?(?:pressure|steam)(?:,)? (?:according to|following|as (?:per|directed (?:by|in)|described in)|per) (?:the |your )?[^.;]{0,40}?(?:manual|manufacturer|instructions|directions|handbook|cooker|pot)\b[^.;,]{0,30}/giu,
    'open the lid',
  ],
  [
    /\b(?:reduce|release|lower|drop|bring down) (?:the )?(?:pressure|steam) at room temperature\b/giu,
    'natural release',
  ],
  // "Wait for the hiss": it is at pressure.
  [
    /\bwait (?:for|until|till) (?:the |it (?:to )?|it['’]s |you hear (?:the |it )?)?(?:first )?(?:(?:starts?|begins?) (?:to )?)?(?:hiss|sing|whistl|rock|jiggl)\w*/giu,
    'bring to pressure',
  ],
  [/\b(?:press|select|choose|hit) manual\b[^.;]{0,40}?(?=\bfor \d)/giu, 'Manual '],
  // "Set it for 10 at high".
  [
    /\bset (?:it|the (?:pot|cooker|timer)) (?:for|to|at) (\d{1,3}) (?:at|on) (high|low)(?: pressure)?\b/giu,
    '$2 pressure for $1 minutes',
  ],
  [/\bpressuri[sz]e (?:it )?and cook\b/giu, 'pressure cook'],
  [
    /\b(?:when|once|after|as soon as) (?:the )?(?:valve|pin|button|float|indicator|ring|bobbin) (?:pops? up|rises?|comes? up|is up|has risen|shows?)\b/giu,
    'at pressure',
  ],
  [
    /\bfrom (?:when|the moment(?: when)?|the time) (?:it|the (?:pot|cooker)) (?:reaches|comes to|is at) (?:high |full )?pressure\b/giu,
    'at pressure',
  ],
  // "Walk away for ten minutes after the beep".
  [/\b(?:walk away|ignore it|do nothing|forget (?:about )?it|leave it alone) for\b/giu, 'leave it for'],
  [
    new RegExp(
      `\\b(leave|give|wait|let)( it)?(?: be| sit)?(?: for)?(?: another)? (${FIGURE}) before (?=open|vent|releas|turn|you)`,
      'giu',
    ),
    '$1$2 $3 minutes before ',
  ],
  [
    /\b(?:flick|flip|press|turn|move|slide|push) the (?:switch|button|lever|toggle|slider|catch) to (?:release|vent|steam|exhaust)\w*/giu,
    'open the valve',
  ],
  [
    /\bcool (?:quickly|at once|immediately|rapidly|right away) (?:under|in|with) (?:the |running |cold )*(?:water|tap|faucet)\b/giu,
    'quick release',
  ],
  [
    /\b(?:leave|let|stand|wait|stay)\b[^.;,]{0,24}\buntil (?:all )?(?:the )?(?:pressure|steam) (?:has |is |have )?(?:all )?(?:reduce[sd]?|gone|lost|out|released)\b/giu,
    'natural release',
  ],
  [
    /\bonce (?:all )?(?:the )?(?:steam|pressure) (?:is|has been|gets) (?:all |fully |completely )?released\b/giu,
    'once the pressure has dropped',
  ],
  [
    /(?<=\d ?(?:minutes?|mins?|m)) ?(?:\+|plus) ?(\d{1,2}) ?(?:minutes? |mins? |m )?(?:of )?(?:natural(?:ly)?|NPR|NR)(?: release)?\b/giu,
    '; natural release for $1 minutes',
  ],
  [/\b(?:allow|leave|let)(?: it)? to depressuri[sz]e for\b/giu, 'natural release for'],
  [/\brelease the (?:steam |pressure )?(?:valve|vent|knob|handle)\b/giu, 'open the valve'],
  // "For 0:20".
  [/(?<=\b(?:for|to|at|in|high|low),? )0:(\d\d)\b/giu, '$1 minutes'],
  [/\b(?:a|another|one) quarter of an hour\b/giu, '15 minutes'],
  [/(?<!\b(?:and|an hour|hours?|one|two|three|four|\d) (?:and )?(?:a )?)\bhalf an hour\b/giu, '30 minutes'],
  [/\blet (?:it|the (?:pot|cooker)) (?:sigh|breathe) (?:out|itself out)\b/giu, 'natural release'],
];

/** A method with its lid, its pressure and its programmes told in one way. */
export const inLidWords = (method: string): string =>
  SAID.reduce((text, [said, plain]) => text.replace(said, plain), method.replace(PROGRAMME, 'pressure cook'));
