import type { Letter } from '../notation';

/** Themes of the nouns. */
export const THEMES = [
  'animals',
  'food',
  'sea',
  'space',
  'sport',
  'weather',
  'machines',
  'home',
] as const;
export type Theme = (typeof THEMES)[number];

type Entry = Readonly<
  Record<Theme, string> & { verbs: string; adjectives: string; adverbs: string }
>;

/**
 * Words for suggestions, written for this product: nouns in the plural by theme, verbs
 * that take an object, adjectives, adverbs; at least 60 for each letter. `~` marks words
 * that are hard to picture.
 */
export const WORD_BANK: Readonly<Record<Letter, Entry>> = {
  A: {
    animals:
      'ants alpacas anteaters antelopes apes armadillos adders albatrosses axolotls aardvarks',
    food: 'apples apricots almonds avocados anchovies artichokes asparagus',
    sea: 'anchors admirals anemones arches atolls',
    space: 'astronauts asteroids aliens antennas airlocks',
    sport: 'archers acrobats arrows arenas aprons',
    weather: 'avalanches autumns air',
    machines: 'aeroplanes ambulances airships amplifiers alarms axles',
    home: 'armchairs attics aunts arms angels',
    verbs: '~admire ask attack annoy ~adore ~adopt ~amuse ~avoid ~assist award aim arrange',
    adjectives:
      'angry ~active ancient ~able ~amazing ~awful ~agile amber athletic ~alert awake aching',
    adverbs: '~again ~always abroad ~around angrily ~almost alone ~abruptly',
  },
  B: {
    animals: 'badgers bears bees beetles beavers bats bisons buffaloes bunnies bulldogs',
    food: 'bananas berries biscuits beans buns burgers bagels beetroots',
    sea: 'boats barges barnacles buoys bays beaches bottles',
    space: 'beams boosters bases binoculars',
    sport: 'balls bats bikes boxers bowlers bronzes',
    weather: 'blizzards breezes bolts',
    machines: 'buses bulldozers bells brakes batteries buggies',
    home: 'buckets baskets brothers blankets babies beds boots bricks',
    verbs: 'bake bring bite bury build balance bounce borrow ~blame brush bump boil',
    adjectives: 'big brown bouncy ~brave blue busy bumpy bald bright ~bold baby bony',
    adverbs: 'backwards ~badly below ~boldly barefoot ~briefly ~bravely',
  },
  C: {
    animals: 'cats cows camels crabs chickens cheetahs crocodiles crows caterpillars cobras',
    food: 'carrots cakes cherries cookies cucumbers crackers crumbs coconuts',
    sea: 'captains cliffs corals canoes coasts',
    space: 'comets craters crews cockpits constellations',
    sport: 'cyclists climbers coaches champions cups caps',
    weather: 'clouds cyclones cold chills',
    machines: 'cars cranes computers cameras clocks cogs',
    home: 'cupboards candles cousins carpets chairs curtains',
    verbs: 'carry catch chase cook clean count cuddle copy climb cut cover comb',
    adjectives: 'clumsy curly crazy ~clever cuddly crispy cosy ~calm cold creamy careful cheeky',
    adverbs: '~carefully ~calmly ~cheaply closely crossly ~cleverly clumsily',
  },
  D: {
    animals: 'dogs ducks dolphins donkeys deer dragons dinosaurs doves dormice dragonflies',
    food: 'doughnuts dumplings dates dinners desserts dips',
    sea: 'divers dinghies docks decks drums dunes',
    space: 'drones docks dwarfs discs darkness',
    sport: 'dancers darts dribblers drivers dives dumbbells',
    weather: 'drizzles droughts drops dawns dews',
    machines: 'diggers drills dynamos dishwashers dials',
    home: 'doors desks daisies daughters dolls drawers doctors dads',
    verbs: 'drop dig drag draw dry dust drive drink ~damage decorate dodge dip',
    adjectives: 'dirty dusty dizzy ~daring drowsy damp dark ~delightful dotty ~dull deep dancing',
    adverbs: 'daily downstairs ~deeply dreamily ~daringly down ~definitely',
  },
  E: {
    animals: 'eels eagles elephants elks emus earwigs earthworms egrets echidnas ewes',
    food: 'eggs eclairs endives elderberries eggplants extras',
    sea: 'eddies estuaries ebbs explorers edges ensigns',
    space: 'earths eclipses engines explosions equators experts',
    sport: 'elbows events exercises efforts endings experts',
    weather: 'evenings easterlies elements echoes',
    machines: 'elevators engines escalators excavators earphones electricians',
    home: 'envelopes easels ears eyes earrings elves entrances engineers',
    verbs: 'eat empty enter ~enjoy ~examine ~expect enlarge ~entertain embrace erase ~envy export',
    adjectives:
      'enormous ~eager early empty elastic ~elegant ~excited eight eleven earthy ~electric endless',
    adverbs: '~early ~easily ~eagerly ~everywhere ~elegantly ~evenly ~endlessly',
  },
  F: {
    animals: 'foxes frogs flamingos ferrets falcons flies fish fawns fleas foals',
    food: 'figs fries fishcakes fruits flapjacks fennel',
    sea: 'ferries fins flags fishermen fjords floats fleets foam',
    space: 'fireballs flights fuel filters flares',
    sport: 'footballs fencers finals forwards fans flippers',
    weather: 'fogs frosts floods flurries forecasts flakes',
    machines: 'fans fountains forklifts freezers fuses',
    home: 'feathers forks fathers flowers fingers feet friends fences',
    verbs: 'feed find fix follow fetch fold fill fry freeze ~forget flip film',
    adjectives: 'fluffy funny ~fierce fuzzy furry fancy five four fast freckled frozen',
    adverbs: '~fast ~fiercely ~finally forwards ~firmly ~fairly ~freely',
  },
  G: {
    animals: 'geese goats giraffes gorillas grasshoppers guppies geckos gulls goldfish gerbils',
    food: 'grapes gherkins gooseberries gravy grapefruits garlic',
    sea: 'gulls galleys gales gulfs gangways gondolas',
    space: 'galaxies gadgets globes giants glows gases',
    sport: 'goals gymnasts gloves goalkeepers golfers games golds',
    weather: 'gusts gales glooms glaciers',
    machines: 'gears generators guitars gliders grinders garages',
    home: 'grandmothers gardens gates glasses girls gifts guests gnomes',
    verbs: 'grab give greet glue grow guard ~guess gather guide grill gobble grind',
    adjectives: 'green giant golden greedy grumpy ~gentle grey ~glad ~great grubby glossy giggling',
    adverbs: '~gently gladly gracefully ~greedily ~gradually grumpily ~generously',
  },
};

export type WordClass = 'noun' | 'verb' | 'adjective' | 'adverb';

/** A word of the bank. */
export interface BankWord {
  readonly text: string;
  readonly kind: WordClass;
  /** Of nouns. */
  readonly theme: Theme | null;
  /** Whether a child sees it before the inner eye. */
  readonly picturable: boolean;
}

const CLASSES = { verbs: 'verb', adjectives: 'adjective', adverbs: 'adverb' } as const;

/** The bank as words, worked out once for each letter. */
const lists = new Map<Letter, readonly BankWord[]>();

/** The words of a letter, nouns first; each once. */
export function bankWords(letter: Letter): readonly BankWord[] {
  const known = lists.get(letter);
  if (known) return known;
  const entry = WORD_BANK[letter];
  const words = new Map<string, BankWord>();
  const add = (text: string, kind: WordClass, theme: Theme | null) => {
    for (const token of text.split(' ')) {
      const plain = token.replace('~', '');
      const id = `${kind} ${plain}`;
      if (!words.has(id)) {
        words.set(id, { text: plain, kind, theme, picturable: !token.startsWith('~') });
      }
    }
  };
  for (const theme of THEMES) add(entry[theme], 'noun', theme);
  for (const [list, kind] of Object.entries(CLASSES)) {
    add(entry[list as keyof typeof CLASSES], kind, null);
  }
  const list = [...words.values()];
  lists.set(letter, list);
  return list;
}

/** Words by their text; of two classes with one text, the noun. */
let index: ReadonlyMap<string, BankWord> | undefined;

/** A word of the bank by its text, whatever its case; undefined when the bank has it not. */
export function findInBank(text: string): BankWord | undefined {
  index ??= new Map(
    (Object.keys(WORD_BANK) as Letter[])
      .flatMap((letter) => [...bankWords(letter)].reverse())
      .map((word) => [word.text, word]),
  );
  return index.get(text.toLowerCase());
}
