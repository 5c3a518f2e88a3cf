/**
 * Minutes and release in one breath: “HP 10 + NPR 5”, “Manual, high, 12 min (QR)”, “Pressure cook for 8 with 5 NPR”. Notes and pages join them in
 * a dozen ways and leave words away; here they are put apart and written out, once, before anything is read. Times stand in figures and minutes by then.
 */

/** "High 9, natural 5." of hand notes, "30 minutes on high, let it drop for 10": minutes, and nobody says so. */
const LET_GO_SHORT =
  '(?:natural|NPR|NR|QP?R|quick|vent|release|(?:let|leave) (?:it|the pressure) (?:to )?(?:drop|fall|come down|go down))';
const HIGH_SO_MANY = new RegExp(
  `(?<=^|[.;,]\\s+)(?:on )?(high|low)(?: for)? (\\d{1,3})(?=\\s*(?:[.;]|$)|\\s*,\\s*${LET_GO_SHORT})`,
  'gimu',
);
const ON_HIGH_THEN = new RegExp(
  `(\\b\\d{1,3} minutes) (?:on |at )?(high|low)(?=\\s*[,.;]\\s*${LET_GO_SHORT})`,
  'giu',
);
const DROPS_FOR =
  /\b(?:let|leave) (?:it|the pressure) (?:to )?(?:drop|fall|come down|go down) for (\d{1,2})(?!\d| ?(?:min|m\b|hour|h\b))/giu;

/** "Manual, high, 5 minutes. NR": how the pot is set, in one breath. */
const SET_SO = new RegExp(
  `(?<=^|[.;]\\s+)(high|low)(?: pressure)?,\\s+(\\d{1,3} minutes)(?=\\s*[,.;]\\s*(?:${LET_GO_SHORT}|$)|$)`,
  'gimu',
);
/** "Set to manual, 12 minutes", "Pressure: high, 12 minutes". */
const BY_HAND_SO = /\b(?:manual|pressure:)(?:,?\s+(high|low))?(?: pressure)?,?\s+(\d{1,3} minutes)/giu;
/** "Pressure cook for 8 with 5 NPR": minutes, and nobody says so. */
const COOK_FOR_SO_MANY = /\b(pressure cook for) (\d{1,3})(?=\s*(?:[,.;(/+](?!\d)|with\b|then\b|and\b|$))/gimu;
/** "12 minutes. Natural 5." */
const NATURAL_SO_MANY = /\bnatural(?:ly)?(?: for)? (\d{1,2})(?!\d|[.,]\d| ?(?:min|hour|°|%))/giu;
/** "Pressure cook for 22 with 10 NPR": the release's own minutes; of "HP 10 NPR 10" the first are the lid's. */
const SO_MANY_NATURAL = /(?<=\b(?:with|plus|followed by|and|then) )(\d{1,2}) (?=(?:NPR|NR)\b)/giu;
/** How a release begins that is told in one breath with the minutes before it. */
const RELEASE_TOLD =
  '(?:(?:do |allow |let |use )?(?:an? |the )?(?:full |complete )?(?:\\d{1,2}[- ]minutes? (?:of )?)?(?:natural(?:ly)?\\b|NPR\\b|NR\\b|QP?R\\b|(?:quick|manual|slow|fast|rapid|instant)(?: pressure)?[- ]releas\\w*)|(?:release|vent) (?:the |all )?(?:pressure|steam)|vent\\b(?! (?:is|closed|clear|to seal))|(?:let|leave|allow|wait|rest|stand)\\b(?=[^.;]{0,60}\\b(?:releas\\w*|vent|QP?R|drops?|falls?|come down)\\b))';
/** "8 minutes with 10 minutes natural release", "12 min + NPR", "12 min (QR)": the release is told next. */
const WITH_RELEASE = new RegExp(
  `(?<=\\d|\\bminutes|\\bpressure|\\bhigh|\\blow|\\bHP|\\bLP|\\btime)(?:\\s*[+/&]\\s*|\\s*\\((?=[^()]{2,90}\\))|\\s+[—–-]{1,2}\\s+|,?\\s+(?:with|plus|followed by|and(?: then)?|then)\\s+|,\\s+)(?=${RELEASE_TOLD})`,
  'giu',
);

/** In this order: releases are told apart first, then the minutes before them are written out. */
const WRITTEN_OUT: readonly (readonly [RegExp, string | ((...found: string[]) => string)])[] = [
  [SO_MANY_NATURAL, '$1 minutes '],
  [NATURAL_SO_MANY, 'natural release for $1 minutes'],
  [WITH_RELEASE, '; '],
  [COOK_FOR_SO_MANY, '$1 $2 minutes'],
  [BY_HAND_SO, (_, level, told) => `${level ?? 'high'} pressure ${told ?? ''}`],
  [SET_SO, '$1 pressure $2'],
  [HIGH_SO_MANY, '$1 pressure $2 minutes'],
  [ON_HIGH_THEN, '$1 at $2 pressure'],
  [DROPS_FOR, 'natural release for $1 minutes'],
];

/** A method whose minutes and releases stand apart, each written out. */
export const toldApart = (method: string): string =>
  WRITTEN_OUT.reduce((text, [said, written]) => text.replace(said, written as string), method);
