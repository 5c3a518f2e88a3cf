/** How a method lets pressure go, told from a clause. A clause says *what* goes and *how*: both are open lists of words, so that a way of putting it that nobody has met is read too. */

/** What goes. */
const PRESSURE = /\b(?:pressure|steam|releas\w*|depressuri[sz]\w*|vent\w*|QPR|NPR)\b/i;
/** That it goes: and not that it builds. */
const GOES =
  /\b(?:releas\w*|depressuri[sz]\w*|let|lets|letting|allow\w*|leave|leaving|drops?|dropped|falls?|fallen|gone|go|goes|lower the pressure|lose[sd]?|losing|reduc\w* (?:the |its |all )?(?:the )?pressure|vent\w*|dissipat\w*|subsid\w*|settles?|escapes?|(?:come|comes|coming|bring|brings|bringing|brought)\b.{0,24}\bdown|out|off)\b/i;
const BUILDS =
  /\b(?:build|builds|built|rises?|reach\w*|come|comes|bring|brought|get) (?:back )?(?:up )?(?:to |up\b)|\bbuild\w*\b|\bup to\b|\bto (?:high|full|low|working) pressure\b/i;
const QUICKLY =
  /\b(?:quick(?:ly)?|rapid(?:ly)?|fast|manual(?:ly)?|immediate(?:ly)?|instant(?:ly)?|straight ?away|right away|(?:all )?at once|by hand|forced?|express)\b/i;
const BY_ITSELF =
  /\b(?:natural(?:ly)?|slow(?:ly)?|gradual(?:ly)?|(?:by|on|of) (?:it|them)sel(?:f|ves)|(?:by|on|of) (?:its|their) own(?: accord)?|(?:in|at) (?:its|their) own (?:time|pace|speed)|undisturbed)\b/i;
/** Cold water over the lid. */
const COLD_WATER =
  /^(?!.*\b(?:stir|mix|whisk|dissolv|slak|blend|combin|soak|rins|wash|steep|corn ?flour|\w*starch|arrowroot|flour|rice|beans?|noodles?|gelatine?)).*\b(?:(?:under|into?|run(?:ning)?) (?:the )?cold (?:running )?water|under (?:the |a |an )?(?:cold |running )*(?:tap|faucet|water)|cold[- ]water (?:release|method))\b/i;
/** The steam let out, in whatever words. */
const LET_OUT =
  /\b(?:let(?:ting)?|blow|allow|get)\b(?=.{0,40}\b(?:off|out|escape)\b)(?: (?:off|out))?(?: (?:all|any))?(?: of)?(?: the)? (?:rest|remainder|(?:remaining |leftover |residual )?(?:steam|pressure))\b/i;
const OPENS_VALVE =
  /\b(?:open|turn|flip|move|switch|set|twist|lift|push|slide)\w*\b.{0,24}\b(?:valve|vent|knob|weight|regulator|handle)\b(?!.{0,30}\bseal)|^\W*steam off\W*$|\blet (?:it|the (?:pot|cooker)) (?:steam|blow)(?: off| out)\b|\b(?:steam|blow) (?:it|the (?:pot|cooker)) off\b|(?<!\b(?:the|a|your|steam|close|seal) )\bvent(?:s|ed|ing)?\b(?! (?:is|to|in|on|closed|shut|pipe|hole)\b)|\bventing?\b/i;
/** The weight, the pin or the whistle comes down. */
const SINKS =
  /\b(?:pin|button|float(?: valve)?|indicator|(?:pressure )?valve|whistle|weight)\b.{0,12}\b(?:drops?|goes down|falls?|sinks?|is down|comes down)\b/i;
const STANDS =
  /\bleave (?:it )?on (?:keep[- ]?)?warm\b|\b(?:let|leave|allow) (?:(?:it|(?:all )?the (?:pot|cooker|pan|lid|pressure|steam)) )?(?:to )?(?:all )?(?:sit|rest|stand|be|cool|sink|drop|fall|come down|go down|subside|reduce|drop off|settle|release(?! all| quick| at once))\b(?! (?:the|in the|in a)\b)/i;
const COOLS =
  /\bcool (?:by )?itself\b|\bcool (?:slowly|down|naturally|completely)\b|\bleave to (?:drop|fall|sink|come down|release|depressuri[sz]e|cool)\b/i;
const SUBSIDES =
  /\b(?:(?:come|comes|coming|go) down\b(?! to (?:a )?(?:simmer|low))|(?:pressure|steam|pin|valve) to (?:drop|fall|come down|go(?: down)?|release|subside|settle|escape|sink)(?: (?:by itself|on its own|naturally))?|(?:pressure|steam) (?:(?:has|is) (?:all )?)?(?:gone|dropped|drops?|falls?|subsides?|settles?|(?:to )?settle|go(?:es)?\b(?! off| out)|disappears?|(?:to )?dissipates?)|without releasing|lose (?:its |the |all )*pressure)\b/i;
const NATURAL = /\bnatural(?:ly)?\b|\bN?PR\b(?= ?\d)|\bNPR\b|\bNR\b/i;
const QUICK = /\bQP?R\b|\bquick\b/i;

/** What is left of the pressure. */
const THE_REST = /\b(?:rest|remain\w*|remainder|leftover|left|residual)\b/i;

const isOfPressure = (clause: string): boolean =>
  (PRESSURE.test(clause) || /\blet it (?:go|out|off|down)\b/i.test(clause)) &&
  GOES.test(clause) &&
  !BUILDS.test(clause);

/** True of a clause that leaves the pressure to go by itself. */
export function isNatural(clause: string): boolean {
  if (NATURAL.test(clause) || STANDS.test(clause) || COOLS.test(clause) || SINKS.test(clause)) return true;
  if (BY_ITSELF.test(clause) && (isOfPressure(clause) || /\b(?:by|on|of) its(?:elf| own)/i.test(clause)))
    return true;
  return SUBSIDES.test(clause) && !QUICKLY.test(clause) && !COLD_WATER.test(clause);
}

/** True of a clause that lets it out by the valve or under water. */
export function isQuick(clause: string): boolean {
  if (QUICK.test(clause) || COLD_WATER.test(clause)) return true;
  if (BY_ITSELF.test(clause) && !THE_REST.test(clause)) return false;
  if (QUICKLY.test(clause) && isOfPressure(clause)) return true;
  if (OPENS_VALVE.test(clause)) return true;
  return LET_OUT.test(clause) && !SUBSIDES.test(clause)
    ? true
    : /\breleas\w* (?:all )?(?:of )?(?:the |any )?(?:(?:remaining|residual|leftover|rest of the) )?(?:pressure|steam|rest|remainder)\b(?!.{0,12}\b(?:fall|drop))/i.test(
        clause,
      );
}

/** Said of no open pot: nobody vents a pan, and no weight drops on one. */
const SURELY =
  /\b(?:steam off(?=\W*$)|QP?R|NPR|NR|natural(?:ly)? for \d{1,2}|(?:cool|run)\w*\b.{0,16}\bunder (?:the )?(?:cold )?(?:tap|water)|vent(?:s|ed|ing)?|depressuri[sz]\w*|(?:quick|natural|manual|fast|slow|rapid|instant)(?:ly)?[- ](?:pressure[- ]|steam[- ])?releas\w*|releas\w*:? (?:the |all |any |remaining )*(?:pressure|steam|natural(?:ly)?|slowly|quick(?:ly)?)|(?:open|turn|flip|flick|move|lift)\w* (?:the )?(?:\p{L}+ )?valve|pressure (?:to |has |is |have )*(?:gone|drop\w*|fall\w*|subsid\w*|go(?:es)?\b|come down)|(?:pin|button|float|indicator|weight) (?:to |has )*(?:drop|fall|sink|go)\w*|(?:come|drop) (?:down )?(?:naturally|by itself|on its own|of its own accord))(?!\p{L})/iu;

/** "A full natural release, about 25 minutes": how long it takes, and nothing is vented. */
export const isAllNatural = (clause: string): boolean =>
  isNatural(clause) &&
  /\b(?:full(?:y)?|complet(?:e|ely)|all the way)\b(?! (?:of|pressure\b(?! releas)))/i.test(clause) &&
  !/\b(?:rest|remaining|vent)\b|\bthen (?:quick|release|open)/i.test(clause);

/** True of a clause that only a pot under pressure can have: it was closed, whether anybody said so or not. */
export const surelyLetsGo = (clause: string): boolean => SURELY.test(clause);

/** True of a clause that speaks of letting go at all, of a pot that is closed. */
export const speaksOfRelease = (clause: string): boolean =>
  isNatural(clause) || isQuick(clause) || /\breleas\w*|\bvent\b/i.test(clause);
