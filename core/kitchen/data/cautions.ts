/** The caution that stands at a step. Source: pot manuals and public food-safety advice, in our own words; the manual comes first. */
export const CAUTIONS = {
  fit: 'Never above the pot’s maximum line: usually two thirds, half for food that swells or foams.',
  hotFat: 'Hot fat. A thin film is enough: a pressure cooker is not a pressure fryer.',
  rawPoultry: 'Raw poultry: own board, own plate, wash hands, do not rinse it.',
  scalded:
    'Raw meat that is only scalded in the bowl does not come to the temperature that your food-safety authority asks for: slice it thin, the broth at a rolling boil, or cook it first.',
  rawMeat: 'Raw meat: own board and plate, wash hands.',
  seal: 'Ring seated, vent clear, valve on seal. A damaged ring, valve or lid is not used: your pot’s manual comes first.',
  stovetop: 'Do not leave a stovetop cooker unattended on high heat.',
  steam: 'Steam burns. Long spoon, hand and face away from the vent, not under a cupboard.',
  foam: 'Starchy or foaming food: no quick release from a pot over half full.',
  open: 'Only when the pin is down and the lid turns freely. Never force it. Tilt the far edge up first.',
  frozen: 'Fused lumps heat too slowly to predict: separate or thaw them first.',
  hotPot: 'A hot inner pot is lifted with gloves and two hands.',
  blender:
    'Hot liquid in a closed blender jug blows its lid: half full at most, cloth over, or a stick blender.',
  short: 'Short of the temperature: back under pressure, or simmer, and measure again.',
  shortOpen: 'Short of the temperature: simmer on, and measure again.',
  sugar: 'Boiling sugar burns skin and the floor of the pot: stir, low heat.',
  caramel:
    'Melted sugar burns deep: it is far hotter than boiling water and sticks to skin. Sleeves down, no tasting, and stand back when anything is poured on it.',
  leftovers:
    'Leftovers: into the refrigerator within 2 hours, shallow; reheat to 74 °C all through; eat within 3–4 days.',
  cleanPlate: 'Cooked meat goes to a clean plate, never the one it was raw on.',
  grill: 'Under a grill or in a hot oven: an oven-proof dish, dry cloths, and stay with it.',
  flame:
    'A flame a foot high: heat and hood off, nothing above it, face back, a lid in your other hand. Boiling it for two minutes does as well.',
  marinade: 'In the refrigerator, never on the counter. What it stood in is raw until it has boiled.',
  kidney:
    'Dried beans of the kidney kind: soaked, drained, then boiled hard for ten minutes in fresh water before they go in. A slow simmer leaves them harmful.',
} as const;
