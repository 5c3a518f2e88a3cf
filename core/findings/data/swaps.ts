import type { FoodKind } from '../../pantry/food';

/** One thing in place of another. Ratios are by weight unless the line is written by volume, then by volume. */
export interface Swap {
  id: string;
  /** Foods it replaces: by id, or all of a kind. */
  from: { ids?: readonly string[]; kinds?: readonly FoodKind[] };
  /** What the line says instead; the first pantry name of `toId`, or a fuller phrase. */
  to: string;
  toId: string;
  ratio: number;
  /** A second thing the swap needs, grams for each gram of what is replaced. */
  also?: { name: string; perG: number };
  /** What it costs, in a cook's words; the computed consequences are added to it. */
  cost: string;
}

/** Swaps that work in a sauced dish. Source: kitchen custom, checked by strength, fat and sharpness; spread 15 % on the ratios. */
export const SWAPS: readonly Swap[] = [
  { id: 'cream-coconut', from: { kinds: ['cream'] }, to: 'coconut cream', toId: 'coconut-cream', ratio: 1, cost: 'Tastes of coconut; does not split.' },
  { id: 'cream-oat', from: { kinds: ['cream'] }, to: 'oat cream', toId: 'oat-cream', ratio: 1, cost: 'Thinner on the tongue; cannot be boiled long.' },
  { id: 'cream-milk', from: { ids: ['double-cream', 'single-cream', 'creme-fraiche'] }, to: 'whole milk', toId: 'milk', ratio: 0.9, also: { name: 'cornstarch', perG: 0.02 }, cost: 'Leaner; splits sooner, so it goes in cooler.' },
  { id: 'cream-yoghurt', from: { ids: ['double-cream', 'single-cream', 'creme-fraiche', 'sour-cream'] }, to: 'Greek yoghurt', toId: 'yoghurt', ratio: 1, cost: 'Sharper; only into sauce that has stopped boiling.' },
  { id: 'sour-cream', from: { ids: ['sour-cream', 'creme-fraiche'] }, to: 'coconut cream', toId: 'coconut-cream', ratio: 0.9, also: { name: 'lemon juice', perG: 0.08 }, cost: 'Sweet with a squeeze of lemon for the sharpness.' },
  { id: 'yoghurt-coconut', from: { ids: ['yoghurt', 'low-fat-yoghurt', 'skyr', 'quark'] }, to: 'coconut cream', toId: 'coconut-cream', ratio: 0.9, also: { name: 'lemon juice', perG: 0.1 }, cost: 'Rounder; lemon brings the sharpness back.' },
  { id: 'milk-oat', from: { ids: ['milk', 'buttermilk', 'evaporated-milk'] }, to: 'oat milk', toId: 'oat-milk', ratio: 1, cost: 'A little sweet.' },
  { id: 'milk-coconut', from: { ids: ['milk', 'evaporated-milk'] }, to: 'coconut milk', toId: 'coconut-milk', ratio: 1, cost: 'Tastes of coconut; richer.' },
  { id: 'butter-oil', from: { kinds: ['butter'] }, to: 'olive oil', toId: 'olive-oil', ratio: 0.85, cost: 'No shine at the end; browns hotter.' },
  { id: 'butter-coconut-oil', from: { kinds: ['butter'] }, to: 'coconut oil', toId: 'coconut-oil', ratio: 0.85, cost: 'Tastes faintly of coconut.' },
  { id: 'oil-butter', from: { kinds: ['oil'] }, to: 'butter', toId: 'butter', ratio: 1.2, cost: 'Burns before oil does: moderate heat.' },
  { id: 'cream-cheese-tahini', from: { kinds: ['cream-cheese'] }, to: 'coconut cream', toId: 'coconut-cream', ratio: 0.9, cost: 'Less body: a little more slurry, computed.' },
  { id: 'cheese-miso', from: { kinds: ['cheese'] }, to: 'miso', toId: 'miso', ratio: 0.15, cost: 'Savoury without the melt; salty.' },
  { id: 'starch-arrowroot', from: { ids: ['cornstarch', 'potato-starch', 'tapioca-starch'] }, to: 'arrowroot', toId: 'arrowroot', ratio: 1, cost: 'Clear and shiny; thins if boiled long, slimy with milk.' },
  { id: 'starch-tapioca', from: { ids: ['cornstarch', 'potato-starch', 'arrowroot'] }, to: 'tapioca starch', toId: 'tapioca-starch', ratio: 1.1, cost: 'Shiny; stringy if boiled long; freezes well.' },
  { id: 'starch-potato', from: { ids: ['cornstarch', 'arrowroot', 'tapioca-starch'] }, to: 'potato starch', toId: 'potato-starch', ratio: 0.8, cost: 'Strong and quick; do not boil long.' },
  { id: 'starch-cornstarch', from: { ids: ['arrowroot', 'potato-starch', 'tapioca-starch'] }, to: 'cornstarch', toId: 'cornstarch', ratio: 1, cost: 'Needs a real boil; a little cloudy.' },
  { id: 'flour-cornstarch', from: { kinds: ['flour'] }, to: 'cornstarch', toId: 'cornstarch', ratio: 0.5, cost: 'No gluten; glossier, less round.' },
  { id: 'flour-rice', from: { kinds: ['flour'] }, to: 'rice flour', toId: 'rice-flour', ratio: 1, cost: 'No gluten; a fine grain.' },
  { id: 'starch-xanthan', from: { kinds: ['starch', 'flour'] }, to: 'xanthan gum', toId: 'xanthan-gum', ratio: 0.08, cost: 'Hardly any carbohydrate; whisk it in, slimy if overdone.' },
  { id: 'pasta-free', from: { kinds: ['pasta'] }, to: 'gluten free pasta', toId: 'gluten-free-pasta', ratio: 1, cost: 'Breaks up sooner: watch the last minutes.' },
  { id: 'pasta-courgette', from: { kinds: ['pasta'] }, to: 'courgette, in ribbons', toId: 'courgette', ratio: 1.2, cost: 'Wilts in two minutes and gives water to the sauce.' },
  { id: 'rice-cauliflower', from: { kinds: ['grain'] }, to: 'cauliflower, in small florets', toId: 'cauliflower', ratio: 1.5, cost: 'Drinks nothing; in at the end.' },
  { id: 'barley-rice', from: { ids: ['pearl-barley', 'wheat-berry', 'couscous'] }, to: 'brown rice', toId: 'brown-rice', ratio: 1, cost: 'Drinks less; softer.' },
  { id: 'potato-celeriac', from: { ids: ['potato', 'sweet-potato'] }, to: 'turnip, in chunks', toId: 'turnip', ratio: 1, cost: 'Lighter; does not thicken the sauce.' },
  { id: 'soy-low', from: { ids: ['soy-sauce'] }, to: 'reduced salt soy sauce', toId: 'low-salt-soy-sauce', ratio: 1, cost: 'About half the salt.' },
  { id: 'stock-low', from: { kinds: ['stock', 'stock-concentrate'] }, to: 'low salt stock', toId: 'low-salt-stock', ratio: 1, cost: 'Taste at the end: it may want acid rather than salt.' },
  { id: 'stock-water', from: { kinds: ['stock'] }, to: 'water', toId: 'water', ratio: 1, cost: 'Thinner flavour; the meat makes its own stock under pressure.' },
  { id: 'wine-stock', from: { kinds: ['wine', 'beer'] }, to: 'chicken stock', toId: 'chicken-stock', ratio: 1, also: { name: 'cider vinegar', perG: 0.1 }, cost: 'No alcohol; the vinegar lifts the film as wine would.' },
  { id: 'wine-juice', from: { kinds: ['wine', 'beer', 'spirit'] }, to: 'apple juice', toId: 'apple-juice', ratio: 1, cost: 'Sweeter.' },
  { id: 'vinegar-lemon', from: { kinds: ['vinegar'] }, to: 'lemon juice', toId: 'lemon', ratio: 1, cost: 'Brighter; off the heat.' },
  { id: 'lemon-vinegar', from: { kinds: ['citrus'] }, to: 'cider vinegar', toId: 'cider-vinegar', ratio: 0.8, cost: 'Rounder, less scent.' },
  { id: 'breast-thigh', from: { ids: ['chicken-breast'] }, to: 'boneless chicken thighs', toId: 'chicken-thigh', ratio: 1, cost: 'Forgives more minutes; fattier.' },
  { id: 'thigh-breast', from: { ids: ['chicken-thigh'] }, to: 'chicken breast, cut into 30 mm pieces', toId: 'chicken-breast', ratio: 1, cost: 'Leaner; dries if the minutes run over.' },
  { id: 'thigh-bone', from: { ids: ['chicken-thigh'] }, to: 'bone-in chicken thighs', toId: 'chicken-thigh', ratio: 1.3, cost: 'More flavour; a few more minutes; bones to lift out.' },
  { id: 'chicken-turkey', from: { ids: ['chicken-thigh', 'chicken-drumstick', 'chicken-leg'] }, to: 'turkey thigh, in 40 mm chunks', toId: 'turkey-thigh', ratio: 1, cost: 'Darker, firmer.' },
  { id: 'beef-lamb', from: { ids: ['beef-chuck', 'beef-shin', 'beef-round'] }, to: 'lamb shoulder, in 40 mm chunks', toId: 'lamb-shoulder', ratio: 1, cost: 'Sooner tender; fattier.' },
  { id: 'lamb-beef', from: { ids: ['lamb-shoulder', 'lamb-leg', 'goat'] }, to: 'beef chuck, in 40 mm chunks', toId: 'beef-chuck', ratio: 1, cost: 'More minutes.' },
  { id: 'pork-chicken', from: { ids: ['pork-shoulder', 'pork-leg'] }, to: 'chicken thighs, boneless', toId: 'chicken-thigh', ratio: 1, cost: 'Far fewer minutes.' },
  { id: 'peanut-sunflower', from: { kinds: ['nut-paste'] }, to: 'sunflower seed butter', toId: 'sunflower-seed-butter', ratio: 1, cost: 'No nuts; a little bitter.' },
  { id: 'nuts-seeds', from: { kinds: ['nut'] }, to: 'pumpkin seeds', toId: 'pumpkin-seed', ratio: 1, cost: 'No nuts; crisp in the same way.' },
  { id: 'fish-sauce-soy', from: { ids: ['fish-sauce', 'anchovy', 'worcestershire-sauce'] }, to: 'soy sauce', toId: 'soy-sauce', ratio: 1, cost: 'Rounder; no fish.' },
  { id: 'soy-fish', from: { ids: ['soy-sauce', 'low-salt-soy-sauce'] }, to: 'fish sauce', toId: 'fish-sauce', ratio: 0.7, cost: 'No soy or gluten; smells stronger than it tastes.' },
  { id: 'celery-fennel', from: { ids: ['celery', 'celeriac', 'soffritto'] }, to: 'fennel', toId: 'fennel', ratio: 1, cost: 'A breath of aniseed.' },
  { id: 'mustard-horseradish', from: { kinds: ['mustard'] }, to: 'tamarind paste', toId: 'tamarind-paste', ratio: 0.6, cost: 'Sharp without the heat.' },
  { id: 'sugar-apple', from: { kinds: ['sugar', 'syrup'] }, to: 'apple juice', toId: 'apple-juice', ratio: 2, cost: 'Less sweet; no glaze to stick.' },
  { id: 'onion-leek', from: { ids: ['onion', 'red-onion', 'shallot'] }, to: 'leek', toId: 'leek', ratio: 1, cost: 'Softer, sweeter.' },
  { id: 'coconut-cream-under', from: { kinds: ['coconut-milk'] }, to: 'single cream', toId: 'single-cream', ratio: 0.5, also: { name: 'chicken stock', perG: 0.5 }, cost: 'No coconut; the cream waits for the end.' },
  { id: 'passata-tin', from: { kinds: ['tomato-thick'] }, to: 'chopped tomatoes', toId: 'chopped-tomatoes', ratio: 1, cost: 'Thinner: more of it counts as liquid.' },
  { id: 'tin-fresh', from: { kinds: ['tomato-chunky'] }, to: 'fresh tomatoes, chopped', toId: 'tomato', ratio: 1.1, cost: 'Sharper and lighter.' },
  { id: 'egg-starch', from: { kinds: ['egg'] }, to: 'cornstarch', toId: 'cornstarch', ratio: 0.1, cost: 'Binds without the richness.' },
];
