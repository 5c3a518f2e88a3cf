import { Pantry, readRecipe } from '../core/index';
import { PASTED } from '../e2e/pasted';

/** The list the browser tests paste: about twenty ordinary lines of one chicken dish. */
export const TWENTY = readRecipe(PASTED, new Pantry()).lines.map((l) => l.text);

const MORE = `2 sticks celery
1 leek
100 ml white wine
2 tsp ground coriander
½ tsp turmeric
1 cinnamon stick
3 sprigs thyme
250 g mushrooms
2 potatoes, in 3 cm chunks
1 tbsp soy sauce
1 tbsp tomato purée
2 tsp brown sugar
50 g dried apricots
1 tbsp Dijon mustard
40 g flaked almonds
100 g spinach
60 g grated parmesan
1 tbsp cornflour
1 tbsp cider vinegar`.split('\n');

/** The same dish made as long as a long recipe is: forty lines. */
export const FORTY = [...TWENTY, ...MORE];
