/** An ordinary list as it is pasted: mixed units, fractions, a flour and a cream in the wrong place. */
export const PASTED = `Slack-water chicken
Serves 4
1½ lb (700 g) boneless, skinless chicken thighs, cut into 3 cm pieces
1 tbsp olive oil
1 tsp salt
½ tsp freshly ground black pepper
2 medium onions, finely sliced
4 cloves garlic, crushed
1 thumb-sized piece of ginger, grated
2 tbsp plain flour, stirred into the onions
2 tsp sweet paprika
1 tsp ground cumin
1 (14 oz) can diced tomatoes
½ cup chicken broth
200 ml double cream, with the stock
2 carrots, in 2 cm chunks
1 red bell pepper, sliced
150 g frozen peas
2 bay leaves
juice of ½ lemon
a handful of parsley, chopped
salt to taste
rice, to serve`;
