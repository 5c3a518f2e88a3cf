/**
 * What other kitchens call foods that have a row: names only, by the id of the row. South Asia, the Philippines, Indonesia and
 * Malaysia, Latin America and Spain, France, Germany, Italy, and the north. Names that are a common English word, a verb or a unit
 * ("air", "sale", "til", "mel") are left out: they would name a food in an English method.
 * Source: general dictionaries of the languages; names carry no figure.
 */
export const ABROAD: Readonly<Record<string, string>> = {
  onion:
    'pyaz | pyaaz | kanda | sibuyas | bawang bombay | cebolla | cebollas | oignon | oignons | zwiebel | zwiebeln | cipolla | cipolle | løg | lök | ui',
  shallot: 'bawang merah | échalote | échalotes | schalotte | schalotten | scalogno | chalota',
  garlic:
    "bawang | lehsun | lasun | lahsun | bawang putih | ajo | ail | gousse d'ail | gousses d'ail | dientes de ajo | diente de ajo | knoblauch | knoblauchzehe | knoblauchzehen | aglio | spicchi d'aglio | spicchio d'aglio | hvidløg | vitlök | knoflook | teentjes knoflook",
  ginger: 'adrak | luya | jahe | gingembre | jengibre | ingwer | zenzero | ingefær | ingefära',
  'ginger-garlic-paste':
    'g+g paste | g&g paste | g-g paste | gg paste | g.g. paste | adrak lehsun paste | ginger garlic pst',
  tomato: 'tamatar | kamatis | tomate | tomates | jitomate | tomaten | tomater | pomodoro | pomodori | tomat',
  'tomato-paste':
    'concentré de tomate | concentré de tomates | tomatenmark | concentrato di pomodoro | doppio concentrato | extracto de tomate | tomatpuré | tomatenpuree',
  potato:
    'aloo | alu | patatas | kentang | papas | papa | pomme de terre | pommes de terre | kartoffel | kartoffeln | patate | kartofler | potatis | aardappelen',
  carrot:
    'gajar | karot | wortel | zanahoria | zanahorias | carotte | carottes | karotte | karotten | möhre | möhren | carota | carote | gulerod | gulerødder | morot | morötter',
  celery:
    'apio | céleri branche | branche de céleri | sedano | costa di sedano | stangensellerie | bladselleri',
  celeriac: 'céleri-rave | knollensellerie | sellerie',
  leek: 'poireau | poireaux | lauch | porro | porre | purjo | puerro',
  mushroom: 'champignons de paris | funghi | setas | svampe',
  pea: 'matar | mattar | petits pois | erbsen | piselli | guisantes | chícharos | ærter | ärtor',
  cauliflower: 'gobi | phool gobi | gobhi | chou-fleur | blumenkohl | cavolfiore | coliflor',
  daikon: 'labanos | rettich | radis blanc | danmuji',
  spinach: 'palak | épinards | spinat | spinaci | espinacas | spenat | bayam',
  aubergine: 'baingan | brinjal | talong | terong | berenjena | melanzana | melanzane',
  okra: 'bhindi | quimbombó',
  turnip: 'shalgam | navet | navets | nabo | rüben',
  pumpkin: 'kaddu | calabaza | kürbis | zucca | potiron | labu',
  sweetcorn: 'elote | maïs | mais | jagung | makka',
  'red-pepper': 'peberfrugt | pimiento rojo | poivron rouge | rote paprika | peperone rosso | rød peberfrugt',
  'red-chilli': 'cabai | cabe | cabe rawit | cili | sili | peperoncino | piment',
  chickpea: 'ceci | pois chiches | kichererbsen | garbanzos cocidos',
  'green-lentil': 'lentilles | lentilles vertes | linsen | lenticchie | lentejas | linser',
  'cannellini-bean':
    'haricots blancs | weiße bohnen | fagioli cannellini | fagioli bianchi | alubias | frijoles | bohnen | fagioli',
  'black-bean': 'frijoles negros | frijol negro | feijão preto',
  'white-rice': 'chawal | kanin | nasi | beras | arroz | riz | reis | riso | arroz blanco',
  'whole-chicken':
    'murgh | murg | manok | ayam | pollo | poulet | hähnchen | huhn | kylling | kyckling | kip',
  'chicken-thigh':
    'cuisses de poulet | hauts de cuisse | muslos de pollo | muslo de pollo | hähnchenschenkel | hähnchenoberschenkel | cosce di pollo | sovracosce di pollo | kyllingelår | kycklinglår | paha ayam',
  'chicken-breast':
    'blanc de poulet | blancs de poulet | pechuga de pollo | hähnchenbrust | petto di pollo | kyllingebryst | kycklingfilé',
  'beef-chuck':
    'baka | carne de res | res para guisar | daging sapi | boeuf | bœuf | paleron de boeuf | paleron | boeuf bourguignon morceaux | rindfleisch | rinderbraten | rindergulasch | gulaschfleisch | manzo | polpa di manzo | spezzatino di manzo | oksekød | oksebov | nötkött | högrev | rundvlees | runderlappen',
  'ground-beef':
    'carne molida | carne picada | boeuf haché | rinderhack | rinderhackfleisch | macinato di manzo | hakket oksekød | köttfärs | gehakt',
  'pork-shoulder':
    'baboy | cerdo | carne de puerco | puerco | porc | échine de porc | épaule de porc | schweinefleisch | schweineschulter | schweinenacken | maiale | spalla di maiale | svinekød | fläsk | fläskkarré | varkensvlees',
  'pork-belly': 'panceta de cerdo | poitrine de porc | schweinebauch',
  'pork-rib': 'costillas | costillas de cerdo | travers de porc | schweinerippchen | costine',
  'lamb-shoulder':
    "cordero | agneau | épaule d'agneau | lammfleisch | lammschulter | lamm | agnello | lammekød | lammkött | daging kambing muda",
  'beef-round': 'rinderrouladen | rouladenfleisch | fettine di manzo | paupiettes de boeuf',
  oxtail:
    'buntot ng baka | buntot | queue de boeuf | ochsenschwanz | coda di bue | rabo de toro | rabo de res',
  gherkin: 'gewürzgurke | gewürzgurken | cetriolini sottaceto | pepinillos',
  ghee: 'butterschmalz | beurre clarifié | desi ghee',
  veal: 'veau | vitello | kalbfleisch | ternera',
  goat: 'kambing | chivo | cabrito | kambing potong',
  egg: 'telur | itlog | huevo | huevos | oeuf | œuf | oeufs | eier | uovo | uova | anda | ande',
  tofu: 'tahu | tokwa',
  'coconut-milk':
    'santan | leche de coco | lait de coco | kokosmilch | latte di cocco | kokosmælk | kokosmjölk',
  lemongrass: 'serai | sereh | tanglad | citronnelle | zitronengras',
  galangal: 'lengkuas | laos root',
  turmeric: 'kunyit | curcuma | kurkuma | cúrcuma',
  'ground-coriander': 'ketumbar bubuk | ketumbar | cilantro en polvo',
  'ground-cumin': 'jinten | comino | comino molido | kreuzkümmel | cumino | spidskommen | spiskummin',
  'lime-leaf': 'daun jeruk | daun jeruk purut',
  'palm-sugar': 'gula merah | gula jawa | gula melaka',
  'tamarind-paste': 'imli | imli pulp | imli paste | asam jawa | tamarindo',
  'curry-leaf': 'kadi patta | kari patta | curry patta | karuveppilai | karivepaku',
  cashew: 'kaju',
  'sesame-seed': 'ajonjolí | sésame | sesamsamen',
  'cinnamon-stick': 'canela | rama de canela | bâton de cannelle | zimtstange | dalchini stick | kanelstang',
  'corn-tortilla': 'tortilla de maíz | tortillas de maíz',
  almond: 'badam | amandes | mandeln | mandorle | almendras',
  raisin: 'kishmish | raisins secs | rosinen | uvetta | pasas',
  mint: 'pudina | podina | menthe | minze | menta | hierbabuena',
  lemon: 'nimbu | citron | zitrone | limone | limón amarillo',
  'plain-flour': 'maida | harina | farine | mehl | weizenmehl | farina | hvedemel | vetemjöl | mjöl',
  cornstarch: 'maicena | maïzena | maizena | speisestärke | fecola di mais | maisstivelse | majsstärkelse',
  sugar: 'cheeni | chini | asukal | gula pasir | azúcar | sucre | zucker | zucchero | sukker | socker',
  honey: 'shahad | miel | honig | miele | honning | honung | madu',
  salt: 'namak | asin | garam | sal | sel | salz | salt og peber',
  'black-pepper':
    'pepe | kali mirch | kaali mirch | paminta | merica | lada hitam | pimienta | pimienta negra | poivre | poivre noir | pfeffer | schwarzer pfeffer | pepe nero | peber | svartpeppar',
  'cider-vinegar': 'sirka | suka | vinagre | vinaigre | essig | aceto | eddike | ättika | cuka',
  'soy-sauce': 'toyo | kecap asin | sauce soja | salsa de soja | sojasauce | salsa di soia',
  water: 'pani | paani | tubig | agua | eau | wasser | acqua | vand | vatten',
  milk: 'doodh | leche | lait | milch | latte intero | mælk | mjölk',
  butter: 'makhan | mantequilla | beurre | burro | smør | smör | boter',
  'double-cream':
    'crème liquide | crème entière | sahne | schlagsahne | panna | panna da cucina | fløde | piskefløde | vispgrädde | grädde | nata para cocinar',
  'sour-cream': 'saure sahne | schmand | crema agria',
  'creme-fraiche': 'crème épaisse',
  'sunflower-oil':
    "tel | mantika | minyak | minyak goreng | aceite | aceite vegetal | huile | c. d'huile | öl | pflanzenöl | sonnenblumenöl | olio di semi | olie | rapsolja",
  'olive-oil':
    "aceite de oliva | huile d'olive | olivenöl | olio | olio extravergine | olio extravergine d'oliva | olio d'oliva | olivenolie | olivolja",
  lard: 'manteca de cerdo | saindoux | schweineschmalz | strutto',
  'chicken-stock':
    'caldo de pollo | caldo | bouillon de volaille | bouillon de poulet | hühnerbrühe | brodo di pollo | brodo | hønsebouillon | kycklingbuljong | buljong | kippenbouillon',
  'beef-stock':
    'caldo de res | caldo de carne | bouillon de boeuf | fond de veau | rinderbrühe | rinderfond | fleischbrühe | brodo di carne | brodo di manzo | oksefond | oksebouillon | köttbuljong | runderbouillon',
  'vegetable-stock':
    'caldo de verduras | bouillon de légumes | gemüsebrühe | brodo vegetale | grøntsagsbouillon | grönsaksbuljong',
  'red-wine': 'vino tinto | vin rouge | rotwein | vino rosso | rødvin | rödvin | rode wijn',
  'white-wine':
    'vino blanco | vin blanc | vin blanc sec | weißwein | weisswein | vino bianco | hvidvin | vitt vin | witte wijn',
  parsley: 'perejil | persil | persil plat | petersilie | prezzemolo | persille | persilja | peterselie',
  basil: 'basilico | basilic | albahaca | basilikum',
  thyme: 'thym | thymian | timo | tomillo | timian | timjan',
  rosemary: 'romarin | rosmarin | rosmarino | romero',
  sage: 'sauge | salbei | salvia',
  'bay-leaf':
    'daun salam | laurel | hoja de laurel | hojas de laurel | dahon ng laurel | laurier | feuille de laurier | feuilles de laurier | lorbeerblatt | lorbeerblätter | alloro | foglia di alloro | foglie di alloro | laurbærblad | laurbærblade | lagerblad | tej pata | tejpatta',
  paprika: 'paprikapulver | edelsüß paprika | pimentón dulce',
  'caraway-seed': 'kümmel | kommen | kummin',
  'juniper-berry': 'wacholderbeeren | wacholderbeere | enbär | baies de genièvre',
  clove: 'clous de girofle | clou de girofle | gewürznelken | nelken | chiodi di garofano | nelliker',
  'dijon-mustard': 'moutarde | moutarde de dijon | senf | senape | sennep | senap | mostaza',
  'hard-cheese': 'parmigiano | parmigiano reggiano | grana padano | parmesan râpé',
  'chicken-liver': 'atay ng manok',
};
