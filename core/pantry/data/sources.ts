/** One kind of figure of a food: what it is called, where such figures come from, and how far real kitchens vary, relative. */
export interface FigureSource {
  figure:
    | 'gPerMl'
    | 'pieceG'
    | 'thin'
    | 'givesEarly'
    | 'givesTotal'
    | 'drinks'
    | 'fat'
    | 'salt'
    | 'sugar'
    | 'acid'
    | 'strength'
    | 'scorch';
  name: string;
  source: string;
  /** Relative; null where the food's own kind says it. */
  spread: number | null;
}

/** Each figure with a source of its own. A figure is shown only where it says something: most foods bind nothing and drink nothing. */
export const FIGURE_SOURCES: readonly FigureSource[] = [
  {
    figure: 'gPerMl',
    name: 'weight of a millilitre, as it lies in a cup or spoon',
    source: 'cup and spoon weights of public food-composition tables, with the gaps between the pieces',
    spread: null,
  },
  {
    figure: 'pieceG',
    name: 'weight of one',
    source: 'household portions of public food-composition tables, and packages as they are sold',
    spread: 0.3,
  },
  {
    figure: 'thin',
    name: 'share that boils as thin liquid',
    source: 'label shares of water, and what runs off a spoon; an estimate',
    spread: 0.2,
  },
  {
    figure: 'givesEarly',
    name: 'juice given before there is pressure',
    source: 'a part of the cooking loss below, by how soon it comes; an estimate',
    spread: 0.5,
  },
  {
    figure: 'givesTotal',
    name: 'juice given by the end',
    source: 'public tables of cooking yields and losses, moist heat',
    spread: 0.3,
  },
  {
    figure: 'drinks',
    name: 'liquid it drinks',
    source: 'cooking instructions on packets and public tables of cooked yields',
    spread: 0.2,
  },
  { figure: 'fat', name: 'fat', source: 'public food-composition tables, raw', spread: 0.3 },
  { figure: 'salt', name: 'salt', source: 'public food-composition tables and labels', spread: 0.3 },
  { figure: 'sugar', name: 'sugar', source: 'public food-composition tables and labels', spread: 0.2 },
  {
    figure: 'acid',
    name: 'sharpness beside lemon juice',
    source: 'titratable acidity of foods in food-science tables',
    spread: 0.3,
  },
  {
    figure: 'strength',
    name: 'binding beside cornstarch',
    source: 'starch content by public tables, and published equivalents of thickeners',
    spread: 0.4,
  },
  {
    figure: 'scorch',
    name: 'how readily it catches, 0 to 3',
    source: 'kitchen experience with thick, sweet and starchy things on a hot floor; a judgement',
    spread: 0.5,
  },
];

/** Figures that say how much of its own mass a food is or does. */
export const SHARES: ReadonlySet<FigureSource['figure']> = new Set([
  'thin',
  'givesEarly',
  'givesTotal',
  'fat',
  'salt',
  'sugar',
  'acid',
]);
