import { corrector } from "../../spelling";
import { NOUNS, PREDICATES, TIMES } from "./lexicon";
import { LOTS, sentencesOf } from "./sentences";

const LEXICON: readonly RegExp[] = [PREDICATES, NOUNS, TIMES].flatMap((words) => Object.values<RegExp>(words));

const inLexicon = (word: string) => LEXICON.some((words) => words.exec(word)?.[0] === word);

/** A word that stands in two of the sentences that are known, or is a word of the lexicon, is spelled right. */
function wordsOfSentences(): string[] {
  const count = new Map<string, number>();
  for (const [, , lines] of LOTS.flat())
    for (const { text } of sentencesOf(lines))
      for (const word of new Set(text.toLowerCase().match(/[a-z]{5,}/g))) count.set(word, (count.get(word) ?? 0) + 1);
  return [...count].filter(([word, times]) => times > 1 || inLexicon(word)).map(([word]) => word);
}

/** Words of complaints that are often written with a wrong letter. */
const KNOWN: ReadonlySet<string> = new Set([
  ...wordsOfSentences(),
  ...`accurate adjusted aligned alignment amplifier bandswitch bass between brighter bumping calibrated capacitor
  cassette complain complaint complaints condenser cuts cutting deaf dial discriminator display dropped earphone
  earphones erratic fading faintly flutter garbled gradually heterodyne hums knocked microphonic misaligned
  motorboat oscillator overloads potentiometer preamplifier pulsating quietly reaction receiving rectified
  regeneration resistor resolve rumble rustles screech selectivity separation sideband slipping snapped splatters
  stability synthesizer through understand understood unreadable ventilation wavechange weak without`.split(/\s+/),
]);

/** Words that are right, or another slip than it seems, and stand one letter from a known one. */
const RIGHT: ReadonlySet<string> = new Set(
  `action around auction baldly bases basis beacon below bench bower bows boxes brands brass brought brunt budgie
  bushes cackle cackles cackling centimeter chips closets comets complains compliant contact contract cracking
  crackled cults derive dipped dipping downs drawls ether excerpt finales fitted flitted fraying fuming garbed
  gates givens graters hardy hater heather horse humps jigging lighting locales loner losers losses maker makers
  meteor metre waves missing misusing movers movies nether noses noting nuclear palace palate paper paying
  player plumps pluses plying powder powders preset prices pricks programmers quilts quite racing rafted raises
  ranger rangers rated ratted readying receivers replay returned returning reuses rinses risers rotund rusting
  sable sapped scrapers scraps sells settling shill shingle shored shouts shticks shunts sides sifted sight signs
  singe sized sliders slings smokers softy sorted spars spatter speed spends spewed spines spites splits spread
  stale staring stars stats sting stings stoops storing strays struck takers taking taped taping thorough tickling
  timers tipped tough trance transit trapped trapping tremble tricking tricks trough tubers tuner tuners turner
  turning vales varnishes vices waders waiter wander waster water weavers whiners wines wreak wriggled wriggling
  yearns`.split(/\s+/),
);

/**
 * A word of a complaint as it was meant.
 * @example corrected("recieves") // receives
 */
export const corrected = corrector(KNOWN, (word) => RIGHT.has(word) || inLexicon(word));
