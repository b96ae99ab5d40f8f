/** How a claim can speak of something. */
export interface Sayings {
  /** Words that say more of it by themselves: "taller". */
  readonly more?: RegExp;
  /** Words that say less of it: "shorter". */
  readonly less?: RegExp;
  /** That it happens: "sprout", "wilt". */
  readonly does?: RegExp;
  /** Its name, which says neither: "height". */
  readonly of?: RegExp;
  /** The measure that is meant where the same is said to come sooner or later. */
  readonly sooner?: string;
}

/** How claims speak of each measure, by its id; where two fit the same words, the longer stands. */
export const sayings: Readonly<Record<string, Sayings>> = {
  'first-flower': { of: /\b(first (flowers?|blooms?|blossoms?)|flowering time|time to flower)\b/g },
  ripe: { does: /\b(ripen(s|ed|ing)?|ripe)\b/g },
  'first-sprout': {
    of: /\b(first sprouts?|(germination|sprouting) (time|speed)|speed of (germination|sprouting)|time to (germinate|sprout|come up))\b/g,
  },
  sprouts: {
    does: /\b(sprout(s|ed|ing)?(?! (from|rubbed))|germinat(e|es|ed|ing|ion)|(come|comes|came|coming|pop|pops|show|shows) up|emerg(e|es|ed|ing|ence))\b/g,
    sooner: 'first-sprout',
  },
  rooted: {
    does: /\b((?<!more |bigger |longer |deeper |stronger |the |their |its )roots? (better|faster|more|sooner|in|well|easily|quickly|at all)|to root|(cuttings?|stems?|sprigs|slips|leaves|they|it|them) root(s|ed)?(?! (growth|mass|length|rot|system))|take(s)? root|rooting|strike(s)?|root$)\b/g,
  },
  harvest: {
    more: /\b(bumper (crop|harvest)s?|bigger (crop|harvest|yield)s?)\b/g,
    less: /\b(smaller|poorer) (crop|harvest|yield)s?\b/g,
    of: /\b(harvests?|yields?|yielded|crops?|cropping|fruits?|fruiting|pods?|berries|tubers|produce(?= (is|by|a plant))|(more|fewer|extra|many|less) (tomatoes|beans|peas|potatoes|strawberries|raspberries|cucumbers|peppers|chillies|carrots|courgettes|zucchini|squash|apples|pumpkins|onions|radishes|eggs|grapes|melons|blueberries|currants|fruit))\b/g,
    sooner: 'ripe',
  },
  flowers: {
    does: /\b(flower(ing|ed)?(?! (food|feed|pots?|beds?))|flowers(?! (more|better|bigger|longer|sooner|earlier))|bloom(s|ing|ed)?|blossom(s|ing|ed)?|buds?|open(s|ed)?)\b|\bflowers\b/g,
    sooner: 'first-flower',
  },
  height: {
    more: /\b(tall(er)?|higher|long(er)? (\w+ )?(stems?|shoots?|stalks?|vines?))\b/g,
    less: /\b(short(er)?(?! (time|days|nights|day))|stunt(s|ed|ing)?|compact|dwarf(s|ed)?|squat)\b/g,
    of: /\b(height|tallness|growth in height)\b/g,
  },
  mass: {
    more: /\b(heav(y|ier)|bigger|larger|bulkier|big|huge|giant|enormous|fatter|plumper)\b/g,
    less: /\b(lighter(?! (green|leaves|colou?r))|small(er)?|tiny|puny)\b/g,
    of: /\b(weight|weigh(s|ed|ing)?|mass|size|biomass)\b/g,
  },
  'leaf-colour': {
    more: /\b(greener|redder|deeper colou?r|greens|green(?! (tea|manure|light|glass|beans?|filter|film|pots?|bottles?))|darker leaves)\b/g,
    less: /\b(yellow(s|ed|ing|er)?(?! (light|sticky|glass|film|filter))|paler?|bleach(es|ed)?|lighter (green|leaves|colou?r))\b/g,
    of: /\b(leaf colou?r|colou?r|greenness)\b/g,
  },
  leaves: { more: /\b(bushier|bushy|leafier|leafy)\b/g, of: /\b(leaves|leaf number|foliage|side shoots)\b/g },
  wilting: { does: /\b(wilt(s|ed|ing)?|droop(s|ed|ing)?|thirsty|flag(s|ging)?|go limp|limp)\b/g },
  pests: {
    of: /\b(aphids?|slugs?|snails?|pests?|flies|whitefly|blackfly|greenfly|bugs|beetles|caterpillars?|gnats?|mites?|insects?|ants|mosquitoes|butterflies|moths?|rabbits?|deer|cats?|mice|birds)\b/g,
  },
  alive: {
    more: /\b(alive)\b/g,
    less: /\b(die[sd]?|dying|dead|death|kill(s|ed|ing)?|perish(es)?)\b/g,
    does: /\b(surviv(e|es|ed|al|ing)|live(s)?(?= (longer|through|on)))\b/g,
  },
  vase: { of: /\b(vase life|shelf life)\b/g, does: /\b(last(s|ed|ing)?|fresh|stay open|stand longer)\b/g, less: /\b(fade[sd]?|fading)\b/g },
  bolting: { less: /\b(bolt(s|ed|ing)?(?! (upright|of))|go(es|ing)? to seed|runs? to seed)\b/g },
  lean: {
    does: /\b(lean(s|ed|ing)?|bend(s|ing)?|tilt(s|ed|ing)?|grow(s|ing)? (toward|towards|sideways)|topple[sd]?|fall(s|ing)? over|flop(s|ped|ping)?|crooked|curv(e|es|ed|ing))\b/g,
    less: /\b(straight(er)?|upright)\b/g,
  },
  thickness: {
    more: /\b(thick(er)?|thickens?|strengthens? (the |their |its )?stems?|sturd(y|ier)|stout(er)?|stronger stems?|stock(y|ier))\b/g,
    less: /\b(thin(ner)?|spindly|spindlier|leggy|leggier|lank(y|ier))\b/g,
    of: /\b(thickness|stem diameter|girth|legginess)\b/g,
  },
  burn: { does: /\b(burn(s|t|ed|ing)?|scorch(es|ed|ing)?|tip burn|brown (tips|edges)|brown)\b/g },
  disease: {
    of: /\b(blossom end rot|leaf curl|club ?root|scab|canker|mildew|mou?ld(y|s)?|blight|rust|disease[sd]?|fung(us|i|al)|damping[- ]off|black ?spot|sick|infections?)\b/g,
    does: /\b(rot(s|ted|ting)?|root rot)\b/g,
  },
  weeds: { of: /\b(weeds?|weeding)\b/g },
  'root-length': {
    more: /\b((longer|deeper|stronger|more) roots|root growth)\b/g,
    less: /\b((shorter|weaker|fewer) roots)\b/g,
    of: /\b(root (length|mass|system)|roots)\b/g,
  },
  flavour: {
    more: /\b(sweeter|tastier|tasty|juicier|spicier|hotter|more flavou?r)\b/g,
    less: /\b(bitter(er)?|mild(er)?|bland(er)?|woody)\b/g,
    of: /\b(tastes?|flavou?rs?|sweetness|aroma|scent|smell)\b/g,
  },
  held: {
    less: /\b(dr(y|ies|ying) (out|up)|dries)\b/g,
    of: /\b(weight in water|(?<=(hold|holds|retain|retains|store|stores|keep|keeps|soak|soaks|absorb|absorbs)\b.*)(water|moisture)|water[- ]holding|moisture|damp|moist|wet)\b/g,
  },
  worms: { of: /\b(earthworms?|worms?(?! (castings|tea|compost|juice|bin)))\b/g },
  visits: { of: /\b(bees?|pollinators?|bumblebees?|hoverflies)\b/g },
};
