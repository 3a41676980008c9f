/** Words of complaints that are often written with a wrong letter. */
const KNOWN: ReadonlySet<string> = new Set(
  `aerial antenna audible audio bands bass battery breaker bright broken buzzes buzzing cabinet calibration carrier channel
  chassis chirps clicks control crackle crackles crackling cuts cutting deaf dial distort distorted distortion distorts
  drift drifting drifts erratic fading faint filament flutter frequency fuses fuzzy gradually gramophone headphones heater
  heaters hissing howling howls humming hums intermittent intermittently jumps lights loudness loudspeaker louder magic
  medium microphone modulation motorboating motorboats muffled music needle nothing oscillates output overheats phono
  playing plays pointer popping power quiet quieter rattles receive received receiver receives receiving reception record
  records rectifier rumble screech scratchy selector sensitive sensitivity short sideband signal signals silence silent
  slipping slips smell smells smoke smokes sound sounds speaker speech squeal squeals static station stations stereo
  stopped strong switch switches tinny transformer transmission transmit transmits transmitter treble trips tubes tuning
  unstable valves voice voices volume warming weak weaker whistle whistles whistling working works`.split(/\s+/),
);

/** Words that are right and stand one letter from a known one. */
const RIGHT: ReadonlySet<string> = new Set([
  "bases",
  "basis",
  "chips",
  "quite",
  "receivers",
  "sells",
  "tremble",
  "turning",
]);

/**
 * Every word that comes of this one when a letter is left out, and of two that stand side by side each order. The first
 * letter is seldom a slip, and the last one is an ending: “chirp” is no “chirps”.
 */
function* slipped(word: string): Generator<string> {
  for (let at = 1; at < word.length; at++) {
    if (at < word.length - 1) yield word.slice(0, at) + word.slice(at + 1);
    yield word.slice(0, at - 1) + word.charAt(at) + word.charAt(at - 1) + word.slice(at + 1);
  }
}

/** The known words with a letter left out: what is typed when one is forgotten. None where two words give the same. */
const FORGOTTEN = new Map<string, string | undefined>();
for (const word of KNOWN)
  for (let at = 1; at < word.length - 1; at++) {
    const short = word.slice(0, at) + word.slice(at + 1);
    FORGOTTEN.set(short, FORGOTTEN.has(short) && FORGOTTEN.get(short) !== word ? undefined : word);
  }

/**
 * A word of five letters and more with a letter too many, one too few, or two in the wrong order, as it was meant. Where
 * several known words would fit it stays as it is.
 * @example corrected("recieves") // receives
 */
export function corrected(word: string): string {
  if (word.length < 5 || KNOWN.has(word) || RIGHT.has(word)) return word;
  const meant = new Set([...slipped(word)].filter((one) => KNOWN.has(one)));
  const longer = FORGOTTEN.get(word);
  if (longer) meant.add(longer);
  const [only, other] = meant;
  return only !== undefined && other === undefined ? only : word;
}
