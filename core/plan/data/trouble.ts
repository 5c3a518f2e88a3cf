/** What can be wrong with a closed pot, asked one at a time. Source: cooker manuals' own fault tables and kitchen practice. */
export interface TroubleCause {
  id: string;
  /** The question, answered with yes or no standing at the pot. */
  ask: string;
  /** Where to look and what tells. */
  look: string;
  /** What to do now, in order. */
  now: readonly string[];
  /** How common it is before anything is known of the dish, as a weight. Spread 50 %. */
  usual: number;
}

/** The order that applies whatever the cause: nothing is opened under pressure. */
export const BURN_FIRST: readonly string[] = [
  'Cancel the heat.',
  'Let the pressure fall by itself, or vent with a long spoon, hand and face away from the steam.',
  'Open only when the pin is down and the lid turns freely.',
];

/** After every burn alarm. */
export const BURN_LAST =
  'Scrape until no stuck spot is felt. A black floor is not cooked on: move the food to a clean pot.';

/** The pot says it is burning. */
export const BURN_CAUSES: readonly TroubleCause[] = [
  {
    id: 'film',
    ask: 'Does the floor still have stuck brown spots?',
    look: 'Push the food aside and feel with a flat spoon.',
    now: [
      'Pour in a splash of hot stock or water.',
      'Scrape until the whole floor is smooth.',
      'Close and start again.',
    ],
    usual: 3,
  },
  {
    id: 'thick-floor',
    ask: 'Is something thick lying on the floor: tomato, flour, honey, nut butter, cream?',
    look: 'Lift from the bottom: thick things come up in a paste.',
    now: [
      'Loosen it with thin stock and lift it off the floor.',
      'Put the thick things on top and do not stir them in.',
      'Close and start again.',
    ],
    usual: 2,
  },
  {
    id: 'thin-short',
    ask: 'Is there hardly any thin liquid to see?',
    look: 'Tilt the pot: liquid should run across the whole floor.',
    now: ['Add thin liquid: stock or water, hot if you can.', 'Close and start again.'],
    usual: 2,
  },
  {
    id: 'starchy',
    ask: 'Have pasta, rice or pulses stuck to the floor?',
    look: 'A grey or beige crust under the grains.',
    now: [
      'Loosen the crust with hot water and lift the grains off it.',
      'Finish them with the lid off, stirring.',
    ],
    usual: 1,
  },
  {
    id: 'leak',
    ask: 'Did steam come out at the rim or the valve all the while?',
    look: 'Wet streaks outside, a hiss that never stopped.',
    now: [
      'Seat the ring, clean its groove, set the valve to seal.',
      'Make up the liquid that boiled away.',
      'Close and start again.',
    ],
    usual: 1,
  },
  {
    id: 'heat',
    ask: 'Is the ring of the stove wider than the pot, or was full heat left on?',
    look: 'Flames up the side; a pot that hisses hard.',
    now: ['Turn it down as soon as the pin is up.', 'Close and start again, gently.'],
    usual: 0.6,
  },
  {
    id: 'sensor',
    ask: 'Is the floor clean, wet and loose, and it still says so?',
    look: 'Nothing stuck, liquid all over.',
    now: [
      'Wipe the outside of the inner pot and the plate it stands on.',
      'Let it cool for five minutes, then start again.',
      'If it comes back, the pot’s manual decides.',
    ],
    usual: 0.4,
  },
];

/** The pot does not come to pressure. */
export const NO_PRESSURE_CAUSES: readonly TroubleCause[] = [
  {
    id: 'valve',
    ask: 'Is the valve anywhere but on seal?',
    look: 'Steam from the valve, more than wisps.',
    now: ['Turn it to seal with a spoon handle, hand away from the steam.', 'Give it five more minutes.'],
    usual: 3,
  },
  {
    id: 'ring',
    ask: 'Does steam come out at the rim?',
    look: 'A wet lip, drops running down outside.',
    now: [
      'Cancel, let it cool, open.',
      'Seat the ring all round, wipe its groove, look for cracks or food on it.',
      'A damaged ring is not used.',
    ],
    usual: 2,
  },
  {
    id: 'too-thick',
    ask: 'Is what is in the pot thick: it blurts instead of boiling?',
    look: 'Slow, heavy bubbles; no steam behind them.',
    now: [
      'Cancel, open when it is safe to, loosen with hot thin stock.',
      'Scrape the floor before closing.',
      'Close and start again.',
    ],
    usual: 1.5,
  },
  {
    id: 'thin-short',
    ask: 'Is there too little liquid to make steam?',
    look: 'It fries and goes quiet.',
    now: [
      'Cancel, open, add thin liquid up to what this pot needs.',
      'Scrape the floor before closing.',
      'Close and start again.',
    ],
    usual: 1.5,
  },
  {
    id: 'slow',
    ask: 'Is it simply a full or cold pot that needs longer?',
    look: 'Wisps at the valve, a lid too hot to touch, nothing leaking.',
    now: ['Wait. A full pot takes twenty minutes or more.', 'Next time: hot stock, fewer plates.'],
    usual: 1.2,
  },
  {
    id: 'lump',
    ask: 'Is there a frozen lump in it?',
    look: 'Pieces frozen together, or a large piece.',
    now: [
      'Cancel, open, and break the lump apart or take it out to thaw.',
      'A lump heats too slowly to predict: the thermometer decides about every piece.',
    ],
    usual: 0.4,
  },
  {
    id: 'overfull',
    ask: 'Is it filled above its line?',
    look: 'Food near the valve, foam at the vent.',
    now: ['Cancel, open when the pin is down, take some out.', 'Clean the vent before closing.'],
    usual: 0.5,
  },
  {
    id: 'weak-heat',
    ask: 'Is the heat low: a small ring, a shared socket, keep-warm instead of pressure?',
    look: 'The display, the flame, the lamp of the socket.',
    now: ['Full heat until the pin rises.', 'An electric pot alone on its socket.'],
    usual: 0.8,
  },
  {
    id: 'altitude',
    ask: 'Are you cooking higher up than usual?',
    look: 'Water boils sooner and cooler here; the pin may rise late.',
    now: ['Nothing is wrong: give it a few minutes more, and the meat the minutes for this height.'],
    usual: 0.2,
  },
];
