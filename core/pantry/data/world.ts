import { row } from './row';

/**
 * Foods by the names that kitchens elsewhere use, what a word of state makes another food (pickled, candied, powdered, a soup of it),
 * and things that come in packets. Figures as the nearest shipped food of the same kind unless given; spread as their kind's.
 */
export const WORLD = [
  // Meat and fish
  row('red-meat', 'mutton | hogget | gosht | khasi', { cut: 'mutton', fat: 0.1, pieceG: {} }),
  row('poultry', 'chicken carcass | chicken bones | chicken back | chicken frame', {
    fat: 0.08,
    pieceG: { each: 400 },
  }),
  row(
    'red-meat',
    'beef bone | marrow bone | soup bone | lamb bone | knuckle bone | beef knuckle bone | beef marrow bone | beef marrow | veal bone | oxtail bone',
    { fat: 0.1, pieceG: { each: 400 } },
  ),
  row('cured-meat', 'pancetta | cubed pancetta', {
    fat: 0.35,
    pieceG: { packet: 130, slice: 10, each: 100 },
  }),
  row('seafood', 'smoked fish | smoked trout | smoked mackerel | smoked haddock | smoked salmon | kipper', {
    salt: 0.02,
    pieceG: { fillet: 120, piece: 120, each: 120 },
  }),
  row('salted-fish', 'shrimp paste | belacan | terasi | bagoong | kapi', {
    salt: 0.25,
    gPerMl: 1.1,
    allergens: ['shellfish'],
    pieceG: {},
  }),
  row('salted-fish', 'dried anchovy | ikan bilis | dilis', {
    salt: 0.09,
    gPerMl: 0.3,
    pieceG: { handful: 15 },
  }),
  row('seafood', 'canned sardine | sardines in oil', { pieceG: { can: 120 } }),

  // Vegetables by other names
  row('leaf', 'kangkong | water spinach | ong choy', { pieceG: { bunch: 200, handful: 30 } }),
  row('leaf', 'malunggay | moringa leaf | drumstick leaf', {
    gPerMl: 0.1,
    pieceG: { bunch: 100, handful: 15 },
  }),
  row('leaf', 'methi | fresh fenugreek | methi leaf', { gPerMl: 0.15, pieceG: { bunch: 100, handful: 15 } }),
  row('quick-veg', 'drumstick pod | moringa pod', { pieceG: { each: 60 } }),
  row('root-veg', 'ube | purple yam', { strength: 0.012 }),
  row('root-veg', 'kabocha | kalabasa | red kuri squash', { pieceG: { each: 1000 } }),
  row('root-veg', 'malanga | yautia | ocumo', { pieceG: { each: 250 }, strength: 0.015 }),
  row('root-veg', 'hamburg parsley | parsley root', { pieceG: { each: 80 } }),
  row('quick-veg', 'sitaw | long bean', { pieceG: { bunch: 200, each: 8 } }),
  row('fruit', 'jackfruit | langka', { pieceG: { can: 280 } }),
  row('fruit', 'breadfruit | ulu', { pieceG: { each: 1200 }, strength: 0.01 }),
  row('fruit', 'calamansi | kalamansi | calamondin', { acid: 0.8, pieceG: { each: 10 } }),
  row('citrus', 'bottled lemon juice | lemon concentrate', { pieceG: {} }),
  row('aromatic', 'sofrito | recaito | hogao', { gPerMl: 0.85, givesEarly: 0.15 }),
  row('aromatic', 'culantro | recao | shado beni | ngo gai', {
    gPerMl: 0.15,
    pieceG: { leaf: 2, bunch: 40, each: 2 },
  }),
  row('aromatic', 'ají amarillo | aji amarillo | aji dulce', { pieceG: { each: 15 } }),
  row('aromatic', 'ginger juice', { gPerMl: 1 }),
  row('pickle', 'pickled ginger | sushi ginger | gari', { gPerMl: 0.9, sugar: 0.08, salt: 0.02 }),
  row('pickle', 'pickled jalapeño | pickled chilli | pickled jalapeno | nacho jalapeño', {
    pieceG: { jar: 200, slice: 2 },
  }),
  row('pickle', 'pickled beetroot | pickled beet', { gPerMl: 0.8, pieceG: { jar: 340 } }),
  row('pickle', 'pickled cabbage | pickled mustard green | zha cai | suan cai | preserved vegetable', {
    gPerMl: 0.7,
    salt: 0.04,
  }),
  row('pickle', 'mango pickle | lime pickle | achaar | achar | brinjal pickle | chilli pickle', {
    gPerMl: 1,
    salt: 0.08,
    fat: 0.15,
  }),
  row('dried-fruit', 'candied ginger | crystallised ginger | crystallized ginger | stem ginger in syrup', {
    sugar: 0.6,
    pieceG: { each: 15, piece: 15, ball: 15 },
  }),
  row('dried-fruit', 'candied peel | mixed peel | candied orange | candied fruit', { sugar: 0.65 }),
  row('dried-fruit', 'mixed dried fruit | dried fruit | dried mango | dried pineapple', {}),
  row('mushroom', 'oyster mushroom cluster | king trumpet | maitake', {
    pieceG: { each: 40, packet: 150, handful: 50 },
  }),
  row('dried-mushroom', 'mushroom powder | porcini powder', {
    gPerMl: 0.45,
    drinks: 2,
    strength: 0.05,
    pieceG: {},
  }),

  // Tinned and jarred
  row('thick-sauce', 'condensed tomato soup | tomato soup', {
    thin: 0.2,
    salt: 0.012,
    sugar: 0.08,
    acid: 0.05,
    strength: 0.03,
    scorch: 2,
    gPerMl: 1.05,
    allergens: ['gluten'],
    pieceG: { can: 298, cup: 250 },
  }),
  row(
    'thick-sauce',
    'cream of celery soup | cream of onion soup | cream of potato soup | cream of asparagus soup | cream soup | condensed cream soup | cheddar cheese soup',
    {
      thin: 0.1,
      salt: 0.016,
      fat: 0.06,
      strength: 0.045,
      scorch: 2,
      gPerMl: 1.05,
      allergens: ['gluten', 'milk', 'celery'],
      pieceG: { can: 298, packet: 60 },
    },
  ),
  row(
    'stock',
    'canned broth | french onion soup | beefy onion soup | chicken noodle soup | canned onion soup | beef consomme soup',
    {
      salt: 0.012,
      pieceG: { can: 298 },
    },
  ),
  row(
    'tomato-chunky',
    'tomatoes with chillies | tomatoes and green chilies | diced tomatoes with green chilies | chilli tomatoes',
    { pieceG: { can: 284 } },
  ),
  row('thick-sauce', 'chipotle salsa | taco sauce | enchilada red sauce', {
    thin: 0.4,
    gPerMl: 1.02,
    pieceG: { jar: 450, can: 284, packet: 200 },
  }),
  row('quick-veg', 'creamed sweetcorn | cream-style corn | cream style corn', {
    gPerMl: 1,
    strength: 0.02,
    pieceG: { can: 418 },
  }),
  row('pulse-cooked', 'gigantes bean | giant bean | gigandes', { pieceG: { can: 280, jar: 400 } }),
  row('pulse-cooked', 'pork and beans | chilli beans | chili beans | beans in chilli sauce | ranch beans', {
    pieceG: { can: 400 },
    strength: 0.03,
    sugar: 0.04,
    salt: 0.008,
    scorch: 2,
  }),
  row('pulse-dry', 'whole urad | black gram | sabut urad', { drinks: 1.7 }),
  row('pulse-dry', 'green gram | whole mung bean | mung bean | moong', { drinks: 1.7 }),
  row('pulse-dry', 'horse gram | kulthi', { drinks: 1.5 }),

  // Dairy and its stand-ins
  row('cheese', 'paneer | indian cheese | queso blanco', {
    salt: 0.008,
    fat: 0.22,
    strength: 0,
    pieceG: { block: 225, packet: 225, piece: 15, each: 225 },
    gPerMl: 0.6,
  }),
  row('cheese', 'blue cheese | danish blue | blue cheese crumble', {
    dairy: 'soft-cheese',
    salt: 0.035,
    fat: 0.3,
    gPerMl: 0.55,
  }),
  row('cheese', 'plant cheese | vegan cheese | dairy-free cheese | vegan cheddar', {
    dairy: 'soft-cheese',
    allergens: [],
  }),
  row('sour-dairy', 'plant yoghurt | vegan yoghurt | vegan yogurt | soya yoghurt | dairy-free yoghurt', {
    allergens: ['soy'],
    dairy: 'yoghurt-full',
    gPerMl: 1.03,
    pieceG: { carton: 400 },
  }),
  row('cream', 'malai | kaymak | milk solids', { dairy: 'heavy-cream', fat: 0.4 }),
  row('cream-cheese', 'plant cream cheese | vegan cream cheese', {
    allergens: [],
    dairy: 'cream-cheese',
    pieceG: { carton: 150 },
  }),
  row('butter', 'vegan butter block | dairy-free butter | plant-based butter', { allergens: [] }),
  row('milk', 'soya milk | dairy-free milk', { dairy: 'milk', allergens: ['soy'] }),

  // Packets
  row(
    'spice-ground',
    'taco seasoning | fajita seasoning | burrito seasoning | chili seasoning | chilli seasoning mix | chilli con carne mix',
    { salt: 0.2, pieceG: { packet: 32 }, allergens: [] },
  ),
  row(
    'stock-concentrate',
    'ranch seasoning | ranch dressing mix | ranch mix | italian dressing mix | salad dressing mix | zesty dressing mix | dry onion dip mix',
    { salt: 0.25, gPerMl: 0.55, pieceG: { packet: 28 }, allergens: ['milk'] },
  ),
  row(
    'spice-ground',
    'seasoning mix | seasoning packet | stew seasoning | pot roast seasoning | meatloaf mix | sazón | sazon | sazón seasoning | sazon con achiote | adobo seasoning | all-purpose seasoning | all purpose | season-all | chicken seasoning | steak seasoning | seasoning | spice mix | spice blend | chicken masala | meat masala | nihari masala | korma masala | chole masala | chana masala | kitchen king masala | goda masala | malvani masala | mutton masala | curry masala | biryani masala | barbecue rub | dry rub | pork rub',
    { salt: 0.2, pieceG: { packet: 32 } },
  ),
  row(
    'stock-concentrate',
    'au jus mix | au jus gravy mix | au jus seasoning mix | au jus seasoning | au jus gravy',
    // Meant to be thin: a little starch and much salt.
    { salt: 0.32, strength: 0.1, allergens: ['gluten', 'soy'], pieceG: { packet: 28, sachet: 28, each: 28 } },
  ),
  row(
    'starch',
    'gravy mix | casserole mix | stew mix | stew seasoning mix | gravy granules | gravy powder | brown gravy mix | turkey gravy mix',
    {
      strength: 0.5,
      salt: 0.12,
      gPerMl: 0.65,
      pieceG: { packet: 25 },
      allergens: ['gluten'],
    },
  ),
  row('thick-sauce', 'gochujang | korean chilli paste', {
    salt: 0.07,
    sugar: 0.25,
    strength: 0.05,
    scorch: 3,
    gPerMl: 1.15,
    allergens: ['soy', 'gluten'],
  }),
  row(
    'thick-sauce',
    'sambal oelek | sambal | chilli garlic sauce | chili garlic sauce | chilli paste | chili paste',
    { salt: 0.05, gPerMl: 1.05, scorch: 2 },
  ),
  row('thick-sauce', 'harissa | harissa paste | rose harissa', {
    salt: 0.03,
    fat: 0.1,
    gPerMl: 1.02,
    scorch: 2,
    pieceG: { jar: 90 },
  }),
  row('thick-sauce', 'banana ketchup', { sugar: 0.25, gPerMl: 1.15, scorch: 3 }),
  row('thick-sauce', 'hoisin | hoisin sauce', {
    sugar: 0.3,
    salt: 0.04,
    strength: 0.05,
    scorch: 3,
    gPerMl: 1.2,
    allergens: ['soy', 'gluten', 'sesame'],
  }),
  row('thick-sauce', 'teriyaki sauce | teriyaki marinade | bulgogi sauce | stir-fry sauce', {
    thin: 0.4,
    salt: 0.06,
    sugar: 0.2,
    gPerMl: 1.15,
    allergens: ['soy', 'gluten'],
  }),
  row('salty-sauce', 'sinigang mix | tamarind soup mix', {
    salt: 0.3,
    acid: 0.6,
    gPerMl: 0.7,
    thin: 0,
    pieceG: { packet: 40 },
    allergens: [],
  }),
  row('stock-concentrate', 'dashi powder | dashi granules | hondashi', {
    salt: 0.4,
    gPerMl: 0.7,
    allergens: ['fish'],
    pieceG: { packet: 8 },
  }),
  row('stock-concentrate', 'stock pot jelly | stock pot | stock jelly | gel stock', {
    salt: 0.25,
    gPerMl: 1.1,
    pieceG: { each: 28, cube: 28 },
  }),

  // Sweet
  row('syrup', 'redcurrant jelly | currant jelly | cranberry jelly | mint jelly', {
    sugar: 0.62,
    gPerMl: 1.35,
  }),
  row(
    'syrup',
    'lingonberry jam | lingonberries in sugar | plum jam | cherry jam | berry jam | strawberry jam | raspberry jam | jam',
    { sugar: 0.58, gPerMl: 1.32, pieceG: { jar: 370 } },
  ),
  row('syrup', 'cranberry sauce | cranberry relish | mint sauce | onion marmalade', {
    sugar: 0.35,
    gPerMl: 1.15,
    pieceG: { can: 397, jar: 200 },
  }),
  row('syrup', 'gochujang honey | hot honey | agave syrup | agave | agave nectar | silan', {
    sugar: 0.76,
    gPerMl: 1.38,
  }),
  row('sugar', 'jaggery | gur | panela | piloncillo | rapadura', {
    gPerMl: 0.85,
    pieceG: { each: 30, piece: 20, cube: 15 },
  }),
  row('sugar', 'vanilla sugar | sugar substitute | stevia | erythritol', { gPerMl: 0.85 }),

  // Spices by other names
  row('spice-whole', 'kalonji | nigella | nigella seed | onion seed', {}),
  row(
    'spice-whole',
    'ancho chile | ancho | pasilla | mulato | guajillo | guajillo chile | dried new mexico chile | new mexico dried chile',
    { gPerMl: 0.3, pieceG: { each: 7 } },
  ),
  row('spice-whole', 'celery seed', { allergens: ['celery'] }),
  row('spice-whole', 'fennel pollen | dill seed | ajowan', {}),
  row('spice-ground', 'allspice | ground allspice | ground pimento', {}),
  row(
    'spice-ground',
    'mixed spice | pumpkin pie spice | pumpkin spice | apple pie spice | quatre épices | lebkuchen spice',
    {},
  ),
  row('spice-late', 'chaat masala | black salt | kala namak', { salt: 0.4 }),
  row(
    'herb-woody',
    'dried basil | dried parsley | dried dill | dried chive | dried mint | dried coriander leaf',
    { gPerMl: 0.12 },
  ),
  row('sausage', 'nduja | spreadable sausage', { gPerMl: 0.95, fat: 0.45, salt: 0.03, givesTotal: 0.1 }),
  row('cured-meat', 'lap cheong | chinese sausage | wind-dried sausage', {
    pieceG: { each: 40 },
    fat: 0.35,
    salt: 0.03,
    sugar: 0.1,
  }),
  row('poultry', 'duck breast | duck fillet | magret', {
    pieceG: { each: 180 },
    fat: 0.25,
    cut: 'duck-breast',
  }),
  row('spice-ground', 'berbere | berbere spice | mitmita | mekelesha | shiro powder', {
    salt: 0.04,
    scorch: 3,
  }),
  row('spice-late', 'dukkah', { gPerMl: 0.5, allergens: ['nuts', 'sesame'] }),
  row('pulse-dry', 'soya chunk | soy chunk | textured vegetable protein | tvp | soya mince', {
    drinks: 2.2,
    gPerMl: 0.35,
    allergens: ['soy'],
  }),
  row('dried-mushroom', 'nori | kombu | wakame | dried seaweed | dulse | dried kelp | dashi kombu', {
    gPerMl: 0.1,
    pieceG: { sheet: 3, piece: 5, each: 5 },
  }),
  row('gum', 'agar | agar agar | agar powder', { gPerMl: 0.6 }),
  row('grain', 'cornflakes | corn flakes', { gPerMl: 0.12, drinks: 1.5 }),
  row('cream', 'ranch dressing | ranch | blue cheese dressing', {
    salt: 0.018,
    fat: 0.4,
    dairy: 'sour-cream',
    allergens: ['milk', 'egg'],
  }),
  row('fruit', 'gooseberry | blackcurrant', { acid: 0.35 }),
  row('herb-woody', 'banana leaf', { pieceG: { each: 30, leaf: 30, sheet: 30 } }),
  row('herb-woody', 'vine leaf | grape leaf | fig leaf', {
    pieceG: { each: 2, leaf: 2, jar: 240 },
  }),
  row('herb-woody', 'herb bouquet | soup greens bundle | suppengrün', { pieceG: { bunch: 250, each: 250 } }),

  row(
    'spice-late',
    'vanilla extract | vanilla essence | vanilla | vanilla bean paste | almond extract | orange flower water',
    { gPerMl: 0.9 },
  ),
  row('water', 'ice | ice cube', { pieceG: { each: 25, cube: 25, handful: 150 } }),

  // Baking and binding
  row('other', 'baking powder | baking soda | bicarbonate of soda | cream of tartar | yeast | dried yeast', {
    gPerMl: 0.9,
    pieceG: { packet: 7, sachet: 7 },
  }),
  row('pasta', 'rice noodle | rice stick | pho noodle | pad thai noodle | bee hoon', {
    drinks: 1.2,
    allergens: [],
    pieceG: { packet: 250 },
  }),
  row('pasta', 'macaroni elbow | ditalini pasta | broken spaghetti | pastina', { pieceG: { packet: 500 } }),
  row('grain', 'mixed grain | rice mix | flavoured rice', { drinks: 1.2, pieceG: { packet: 180 } }),
  row('bread', 'hamburger bun | slider bun | brioche bun | sub roll', {
    pieceG: { each: 60 },
    allergens: ['gluten', 'milk', 'egg'],
  }),
  row('bread', 'puff pastry | pie crust | shortcrust pastry | filo pastry | filo | phyllo', {
    pieceG: { sheet: 320, each: 320, packet: 320 },
    allergens: ['gluten'],
  }),
  row('bread', 'dumpling wrapper | wonton wrapper | spring roll wrapper', {
    pieceG: { each: 8 },
    allergens: ['gluten'],
  }),
  row('leaf', 'green salad | salad | mixed leaf | side salad | coleslaw | slaw', {
    pieceG: { bag: 120, handful: 20 },
  }),
  row('quick-veg', 'steamed greens | steamed vegetable | seasonal vegetable', {}),
  row('oil', 'annatto oil | achiote oil', {}),
  row('vinegar', 'cane vinegar | sugarcane vinegar', { acid: 0.8 }),
  row('juice', 'lemonade | lemon-lime soda | ginger ale | ginger beer | root beer | citrus soda', {
    sugar: 0.1,
  }),
  row('water', 'pasta water | rice water | potato water | ice water', {}),
];
