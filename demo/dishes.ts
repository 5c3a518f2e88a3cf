import { DishSchema, type Aim, type Dish } from '../core/index';

/** A dish of the ferry-house kitchen as its cook wrote it down. */
interface Written {
  id: string;
  name: string;
  plates: number;
  aim: Aim;
  tags: string[];
  note?: string;
  nextTime?: string[];
  pot?: string;
  rules?: Dish['rules'];
  list: string;
}

const WRITTEN: readonly Written[] = [
  {
    id: 'paprika-chicken',
    name: 'Paprika chicken with sour cream',
    plates: 4,
    aim: 'coating',
    tags: ['chicken', 'creamy'],
    note: 'The crossing at 19:40 waits for nobody: noodles on as the pin drops.',
    nextTime: ['A little more salt.'],
    list: `800 g boneless chicken thighs
1 tbsp sunflower oil
1 tsp salt
2 large onions, sliced
4 cloves garlic, crushed
3 tbsp sweet paprika
1 tsp caraway seeds
300 ml chicken stock
2 red peppers, in strips
400 g tin chopped tomatoes
2 tbsp flour, stirred into the onions
200 ml sour cream
1 handful dill, chopped
juice of ½ lemon
egg noodles, to serve`,
  },
  {
    id: 'apricot-lamb',
    name: 'Apricot lamb shoulder with almonds',
    plates: 6,
    aim: 'coating',
    tags: ['lamb', 'stew'],
    list: `1.2 kg lamb shoulder, cut into 4 cm cubes
2 tbsp olive oil
1½ tsp salt
2 onions, chopped
3 cloves garlic
1 thumb of ginger, grated
2 tsp ground coriander
1 tsp ground cinnamon
½ tsp turmeric
450 ml lamb stock
150 g dried apricots
1 tbsp honey
1 tbsp cornflour
60 g flaked almonds, toasted
1 bunch coriander
juice of 1 lemon
couscous, to serve`,
  },
  {
    id: 'leek-rigatoni',
    name: 'Leek, mustard and chicken rigatoni',
    plates: 4,
    aim: 'light',
    tags: ['chicken', 'pasta', 'creamy'],
    list: `600 g chicken breast, cut into 2.5 cm pieces
30 g butter
2 leeks, sliced
2 cloves garlic
150 ml dry white wine
700 ml chicken stock
300 g rigatoni
150 ml double cream
2 tbsp wholegrain mustard
60 g hard cheese, grated
1 tsp salt
a handful of parsley
black pepper`,
  },
  {
    id: 'plum-ribs',
    name: 'Plum-glazed pork ribs',
    plates: 4,
    aim: 'glaze',
    tags: ['pork', 'glaze'],
    list: `1.6 kg pork ribs
1 tbsp oil
1 onion, sliced
3 cloves garlic
1 thumb ginger
2 star anise
400 ml apple juice
3 tbsp soy sauce
6 plums, quartered
3 tbsp plum jam
2 tbsp brown sugar
1 tbsp cider vinegar
1 tbsp sesame seeds
2 spring onions`,
  },
  {
    id: 'stout-beef',
    name: 'Beef and stout with barley',
    plates: 4,
    aim: 'gravy',
    tags: ['beef', 'stew'],
    list: `900 g beef chuck, in 4 cm cubes
2 tbsp dripping
2 tsp salt
2 onions, chopped
2 sticks celery
2 carrots, in chunks
2 tbsp tomato purée
330 ml stout
350 ml beef stock
80 g pearl barley
3 sprigs thyme
2 bay leaves
1 tbsp Worcestershire sauce
250 g mushrooms, halved
parsley, to serve`,
  },
  {
    id: 'peanut-chicken',
    name: 'Peanut and sweet-potato chicken',
    plates: 4,
    aim: 'coating',
    tags: ['chicken', 'curry'],
    list: `800 g boneless chicken thighs, cut into 3 cm pieces
1 tbsp oil
1 onion, chopped
3 cloves garlic
1 thumb ginger
1 red chilli
2 tsp ground cumin
400 g tin chopped tomatoes
350 ml chicken stock
2 sweet potatoes, in 3 cm chunks
120 g peanut butter, with the stock
150 g spinach
juice of 1 lime
40 g peanuts, to serve
salt to taste`,
  },
  {
    id: 'yoghurt-lamb',
    name: 'Korma-style yoghurt lamb',
    plates: 5,
    aim: 'coating',
    tags: ['lamb', 'curry', 'creamy'],
    list: `1 kg lamb leg, cut into 3 cm cubes
2 tbsp ghee
3 onions, finely sliced
5 cloves garlic
1 thumb ginger
6 cardamom pods
1 cinnamon stick
2 tsp ground coriander
1 tsp ground cumin
½ tsp turmeric
400 ml stock
200 g full-fat yoghurt
60 g ground almonds
100 ml double cream
1 tsp garam masala
1 handful coriander leaves
1½ tsp salt
rice, to serve`,
  },
  {
    id: 'bean-wings',
    name: 'Chilli-bean wings',
    plates: 4,
    aim: 'clinging',
    tags: ['chicken', 'glaze'],
    pot: 'pot-stovetop',
    list: `1.4 kg chicken wings
1 tbsp oil
4 cloves garlic
1 thumb ginger
250 ml chicken stock
3 tbsp soy sauce
2 tbsp rice wine
3 tbsp chilli paste
400 g tin black beans, drained
2 tbsp honey
1 tbsp cornflour
4 spring onions
1 tbsp sesame seeds`,
  },
  {
    id: 'prune-pork',
    name: 'Pork shoulder with prunes and mustard',
    plates: 6,
    aim: 'coating',
    tags: ['pork', 'stew', 'creamy'],
    list: `1.4 kg pork shoulder, in 4 cm cubes
1 tbsp oil
1½ tsp salt
2 onions, sliced
200 ml dry cider
400 ml chicken stock
150 g prunes
3 sprigs thyme
2 tbsp Dijon mustard
150 ml crème fraîche
1 tbsp cornflour
1 tbsp cider vinegar
parsley, to serve`,
  },
  {
    id: 'turkey-orzo',
    name: 'Turkey meatballs in pepper cream with orzo',
    plates: 4,
    aim: 'light',
    tags: ['turkey', 'pasta', 'creamy'],
    list: `600 g ground turkey, rolled into 4 cm meatballs
1 egg
50 g breadcrumbs
2 shallots, finely chopped
2 cloves garlic
1 tbsp olive oil
1 tsp salt
550 ml chicken stock
2 roasted red peppers, sliced
200 g orzo
120 ml double cream
1 tsp smoked paprika
100 g spinach
juice of ½ lemon`,
  },
  {
    id: 'tamarind-beef',
    name: 'Tamarind beef with coconut',
    plates: 6,
    aim: 'gravy',
    tags: ['beef', 'curry'],
    list: `1.2 kg beef shin, cut into 4 cm cubes
2 tbsp coconut oil
3 shallots, sliced
4 cloves garlic
2 stalks lemongrass
1 thumb galangal
2 tbsp curry paste
1 (400 ml) can coconut milk
250 ml beef stock
2 tbsp fish sauce
1 tbsp palm sugar
2 tbsp tamarind paste
4 lime leaves
200 g green beans
40 g peanuts
rice, to serve`,
  },
  {
    id: 'marmalade-gammon',
    name: 'Marmalade gammon',
    plates: 6,
    aim: 'glaze',
    tags: ['pork', 'glaze'],
    list: `1.4 kg gammon joint, cut into 5 cm pieces
2 onions, quartered
2 carrots
6 cloves
1 bay leaf
300 ml orange juice
200 ml water
4 tbsp marmalade
1 tbsp wholegrain mustard
1 tbsp brown sugar
1 tbsp cider vinegar`,
  },
];

/** The twelve dishes of the ferry-house kitchen, written at `now` epoch ms. */
export function demoDishes(now: number): Dish[] {
  return WRITTEN.map((w, i) =>
    DishSchema.parse({
      id: w.id,
      name: w.name,
      writtenFor: w.plates,
      plates: w.plates,
      lines: w.list.split('\n').map((text, n) => ({ id: `l${n}`, text })),
      note: w.note ?? '',
      nextTime: w.nextTime ?? [],
      tags: w.tags,
      settings: { aim: w.aim, potId: w.pot ?? null },
      rules: w.rules ?? {},
      demo: true,
      createdAt: now - (400 - i * 7) * 86_400_000,
      updatedAt: now - (40 - i) * 86_400_000,
    }),
  );
}
