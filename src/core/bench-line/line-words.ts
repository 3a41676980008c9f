import { corrector } from "../spelling";

/** Words that the line is made of. Names, remarks and notes are nobody's business. */
const WORDS: ReadonlySet<string> = new Set(
  `across adjusted analogue anode approved backlash baseline because between bias bleeder bridge bridged bridging
  brittle bulging bypass cabinet capacitor cathode changed chassis choke circuit cleaned collector condenser contacts
  control converter cord coupling cracked crackles current detector dial digital discharged disconnected distorted
  distortion drifted driver electrolytic emission emitter emptied exchanged filament filaments fitted foreign fuse
  gassy greased grid ground heater heaters hours injected injecting input installed intermittent knob labour lamp
  lamps leakage leaking leaky lifted lubricated mains marked measure measured measures microphonic minutes mixer
  modified modulation needs negative noisy nothing offset ohms open oscillator output painted pilot pins planned plate
  plugged pointer policy polished positive power powered primary probe rectifier reflowed removed renewed repaired
  replaced replacing reservoir residual resistor resoldered restuffed ripple screen second secondary selectivity
  selenium sensitivity shorted shorts should signal smoothing socket soldered speaker substituted supply swapped
  switch swollen tapping temperature tested tightened touching transformer trimmer tuning unplugged variac voltage
  volts volume weak winding worked`.split(/\s+/),
);

/** Words that are right and stand one letter from one of these. */
const RIGHT: ReadonlySet<string> = new Set(
  `chord contracts crackled drier glassy grassy grind heather palate pings pints planed powder replaying shots sorted
  sorts taping trapping turning`.split(/\s+/),
);

const correctedWord = corrector(WORDS, (word) => RIGHT.has(word));

/** Kinds that are words of their own: what stands in them is left alone. */
const TEXT =
  /^\s*(?:\?|note|todo|symptom|told|mod|amend|withdraw|settled|ask|found|reopen|shop|take|loan|wait(?:s|ing)?)(?=\s|$|:)/i;

/**
 * The words of a line as they were meant, up to its remark.
 * @example wellSpelled("C14 relpaced with 47n/630") // "C14 replaced with 47n/630"
 */
export function wellSpelled(line: string): string {
  if (TEXT.test(line)) return line;
  const remark = /[:;]/.exec(line)?.index ?? line.length;
  return (
    line.slice(0, remark).replaceAll(/(?<![\p{L}\d'’-])[a-z]+(?![\p{L}\d'’])/gu, correctedWord) + line.slice(remark)
  );
}
