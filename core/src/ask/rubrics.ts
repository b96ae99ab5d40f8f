import type { RubricStep } from '../model';

function steps(first: number, ...words: readonly string[]): readonly RubricStep[] {
  return words.map((text, i) => ({ value: first + i, words: text }));
}

/** Rating scales with each step in words, so that two people mean the same by a number (common practice). */
export const rubrics = {
  leafColour: steps(1, 'yellow or white', 'pale', 'light green', 'green', 'deep green'),
  leggy: steps(1, 'stout', 'a little long between leaves', 'long and leaning', 'falling over'),
  leafCurl: steps(0, 'flat', 'edges turn', 'half rolled', 'cupped or strap-like'),
  waterRoots: steps(1, 'brown and slimy, shed when touched', 'brown but firm', 'stained, firm', 'cream', 'white, firm, branching'),
  cuttingRoots: steps(0, 'none', 'one or two', 'a ring', 'a ball that holds the mix'),
  wilting: steps(0, 'none', 'tips', 'leaves hang', 'stems bend'),
  evenCanopy: steps(1, 'bald patches', 'thin patches', 'nearly even', 'even'),
  algae: steps(0, 'none', 'a film', 'green walls', 'on the roots'),
  flavour: steps(1, 'none', 'faint', 'clear', 'full', 'strong'),
  stemColour: steps(1, 'white', 'pale', 'green', 'deep green'),
  seedlingColour: steps(1, 'white', 'yellow', 'pale green', 'green'),
  leafBurn: steps(0, 'none', 'tips brown', 'edges brown', 'half the leaf brown'),
  disease: steps(0, 'none', 'a few spots', 'a third of the leaves', 'most leaves', 'dying'),
  stage: steps(0, 'none', 'behind', 'good'),
} as const;
