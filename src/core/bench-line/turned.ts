import { ONE, PARTS, THE } from "./names";
import { TURNED_PARTS } from "./turned-parts";
import { begins, lines, type Turn } from "./turned-pieces";
import { namedAsUsual, turnedPlace } from "./turned-places";
import { TURNED_POINTS } from "./turned-points";
import { TURNED_TESTS } from "./turned-tests";
import { TURNED_TIME } from "./turned-time";

/**
 * Lines in another order or with more words than the grammar has, put as it has them: the part, point or place comes
 * first. So one grammar reads both.
 */

const WORK =
  "(cleaned|washed|wiped|dusted|retensioned|lubricated|lubed|greased|oiled|adjusted|repaired|mended|removed|reflowed|disconnected|restuffed|replaced|renewed|glued|painted|lacquered|tightened)";
/** What a part is called before its designator. */
const NOUN =
  "(?:resistor|capacitor|cap|condenser|tube|valve|choke|coil|transformer|bleeder|dropper|pot|potentiometer|control|trimmer|padder|rectifier|diode|transistor|electrolytic|filter|coupling|cathode|plate|anode|screen|grid|bypass|smoothing|reservoir|output|input|detector|mixer|oscillator|converter|if|rf|af|audio|driver|final|pa|avc|agc|tone|volume|load|leak|stopper|suppressor|bias|decoupling|mains|line|paper|mica|film)";
/** The first that fits counts. */
const TURNS: readonly Turn[] = [...TURNED_TESTS, ...TURNED_PARTS, ...TURNED_POINTS, ...TURNED_TIME];

/** The output tube V4: its designator says it. */
const CALLED = begins(
  `(?!tube\\s+V|(?:plate|anode|screen|grid|cathode|collector|base|emitter)\\s+(?:V|Q|TR)\\d{1,2}\\s+[-−+]?[\\d.,])${THE}(?:${NOUN}\\s+){1,3}(?=${ONE}(?:\\s|=|:|$))`,
);
const WORKED = lines(`${WORK}(?:\\s*(?:,|and|&)\\s*${WORK})?\\s+${THE}(\\S.*)`);
const PART_FIRST = begins(`${PARTS}(?=\\s|$|:|;)\\s*(.*)$`);

/**
 * @returns the line as the grammar has it; undefined where it is none of these
 * @example turnedAround("cleaned the volume control") // "volume control cleaned"
 */
export function turnedAround(line: string): string | undefined {
  const typed = line.trim();
  const text = namedAsUsual(typed.replace(/\bw\/\s*/i, "with "));
  return turnedFrom(text) ?? (text === typed ? undefined : text);
}

function turnedFrom(text: string): string | undefined {
  const called = CALLED.exec(text)?.[0];
  if (called) return turnedFrom(text.slice(called.length)) ?? text.slice(called.length);
  const [pattern, instead] = TURNS.find(([one]) => one.test(text)) ?? [];
  if (pattern && instead !== undefined) return text.replace(pattern, instead);
  const [, work = "", more, object = ""] = WORKED.exec(text) ?? [];
  const [, parts, rest = ""] = PART_FIRST.exec(object) ?? [];
  if (parts) return `${parts} ${work}${/^(?:$|[:;,])/.test(rest) ? rest : ` ${rest}`}`;
  return turnedPlace(text, more === undefined ? work : `${work} and ${more}`, object);
}
