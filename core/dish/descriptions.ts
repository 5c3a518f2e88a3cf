import { foldWord } from '../pantry/words';

/** Words in a line that only describe size, cut or quality; used to judge how well a line was understood. */
export function isPlainDescription(word: string): boolean {
  return DESCRIPTIONS.has(word);
}

const DESCRIPTIONS = new Set(
  foldWord(
    `a an the of and or with into in to for about fresh freshly finely roughly coarsely thinly thickly chopped sliced diced minced
     grated crushed peeled trimmed halved quartered cubed cut cube piece chunk strip bite size sized cored deseeded seeded drained rinsed
     washed picked torn shredded beaten melted softened cold warm hot room temperature large small medium big baby young ripe good
     quality free range organic boneless bone skinless skin on off in whole dry dried raw cooked frozen thawed canned tinned can tin
     unsalted salted extra plain natural full fat low reduced sodium salt optional taste serve serving garnish needed more plus extra
     divided separated packed lightly heaped level scant generous left over leftover stoneless stoned pitted toasted ground cm mm inch
     thick thin long fine coarse mild strong smoked sweet hot style brand favourite any such as like each very well of your choice
     slit roast joint lean soft runny golden flat curly rough natural pure finest quality organic lb kg g oz ml removed discarded ends only part white green light dark leaves leaf stalk stick sprig clove juice juiced zest zested
     jarred bottle homemade store bought shop ready made as is wiped scrubbed topped tailed stripped crumbled
     smashed bruised pressed plenty lots cracked flaky creamy buttery steamed crusty fluffy buttered uncooked loosely tightly firmly necessary desired required if lengthwise half halves wedge strip sliver julienne julienned shaving ribbon round pressed torn wilted skim skimmed moisture`,
  ).split(' '),
);
