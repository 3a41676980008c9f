import type { OutcomeFacts } from "./types";

const outcome = (key: string, says: string, words: RegExp): OutcomeFacts => ({ key, says, words });

/**
 * Outcomes of the tests, the sound one first, then from the mildest to the one that covers the others: with nothing to
 * hear, nobody hears that it is distorted.
 */
export const SOUND = [
  outcome("fine", "loud and clear", /^(fine|ok|loud|good|clear|clean|plays|normal|strong)/),
  outcome("weak", "weak", /^(weak|faint|low|quiet|soft)/),
  outcome("distorted", "distorted", /^(dist|harsh|rough|mush)/),
  outcome("dead", "nothing", /^(dead|nothing|none|no\b|silent|silence|0$)/),
];
export const POWER = [
  outcome("fine", "full output, clean", /^(fine|ok|full|good|clean|normal)/),
  outcome("weak", "low output", /^(weak|low|half|little|fades)/),
  outcome("distorted", "distorted or rough", /^(dist|rough|splatter|bad)/),
  outcome("dead", "no output", /^(dead|nothing|none|no\b|0$)/),
];
export const MODULATION = [
  outcome("fine", "clear and full", /^(fine|ok|full|good|clean|clear|loud)/),
  outcome("weak", "low modulation", /^(weak|low|half|little|quiet)/),
  outcome("distorted", "distorted or rough", /^(dist|rough|splatter|harsh|bad)/),
  outcome("dead", "carrier without modulation", /^(dead|nothing|none|no\b|bare|0$)/),
];
export const HUM = [
  outcome("none", "no more hum than it should", /^(none|no\b|ok|fine|quiet)/),
  outcome("double", "hum at twice the line frequency", /^(double|twice|100|120)/),
  outcome("line", "hum at the line frequency", /^(line|single|50|60|hum)/),
];
export const VOLTS = [
  outcome("normal", "as it should be", /^(normal|ok|good|fine|right)/),
  outcome("high", "high", /^(high|positive)/),
  outcome("low", "low", /^low/),
  outcome("none", "nothing", /^(none|nothing|no\b|zero|0|gone)/),
];
const pair = (good: OutcomeFacts, bad: OutcomeFacts) => [good, bad];
export const NOISE = pair(
  outcome("quiet", "quiet", /^(quiet|ok|none|no\b|fine)/),
  outcome("noisy", "crackles or hisses", /^(nois|crack|hiss|scratch|yes)/),
);
export const STEADY = pair(
  outcome("steady", "steady", /^(steady|stable|ok|fine|no\b)/),
  outcome("unsteady", "howls, motorboats, pumps or drifts", /^(unsteady|howl|motor|pump|drift|chirp|yes|osc|whistl)/),
);
export const DIAL = pair(
  outcome("right", "stations where the dial says", /^(right|ok|fine|good)/),
  outcome("off", "off the dial", /^(off|wrong|shift|drift)/),
);
export const BANDS = pair(
  outcome("alike", "the same on all bands", /^(alike|same|all)/),
  outcome("one", "on one band only", /^(one|only|single|sw|mw|lw)/),
);
export const MODES = pair(
  outcome("alike", "the same in all modes", /^(alike|same|all)/),
  outcome("voice", "on voice only; the key is as it should be", /^(voice|ssb|usb|lsb|one|only|sideband)/),
);
export const WARM = pair(
  outcome("same", "the same, warm or cold", /^(same|no\b|none)/),
  outcome("changes", "changes with warmth", /^(chang|yes|warm|cold|worse|better|fade)/),
);
export const WORKS = pair(
  outcome("works", "works", /^(works?|ok|fine|good|yes)/),
  outcome("fails", "does not work", /^(fail|dead|no\b|not|does not|bad|off)/),
);
export const FUSE = pair(
  outcome("whole", "whole, of the right rating", /^(whole|ok|good|fine|holds)/),
  outcome("blown", "blown", /^(blown|blows|open|gone|black|bad|trips)/),
);
/** Of the fuse itself: bad means that it was all. */
export const FUSE_ALONE = pair(
  outcome("good", "no: it blows again, or the set is as it was", /^(good|no\b|blows|same)/),
  outcome("bad", "yes: a new one holds, and the set plays", /^(bad|yes|holds|plays)/),
);
export const LAMP = pair(
  outcome("dim", "dims after a moment", /^(dim|ok|good|fine|normal|dark)/),
  outcome("bright", "stays bright, or at the limit", /^(bright|limit|full|glows|high)/),
);
export const SMELL = pair(
  outcome("nothing", "nothing unusual", /^(nothing|ok|none|no\b|fine|cool)/),
  outcome("hot", "smells, smokes or is too hot", /^(hot|smell|smok|burn|wax|yes)/),
);
export const GLOW = [
  outcome("all", "all as they should", /^(all|yes|ok|good|fine|glow)/),
  outcome("bright", "one is too bright, or a plate is red", /^(bright|red|too)/),
  outcome("dark", "one or more stay dark", /^(dark|no\b|none|one|some|out)/),
];
export const KNOB = pair(
  outcome("free", "all turn as they should", /^(free|ok|good|fine|smooth)/),
  outcome("slips", "stiff, slipping or jumping", /^(slip|stiff|jump|stuck|gum|loose|bad|broken)/),
);
export const TURN = [
  outcome("quiet", "none crackles", /^(quiet|ok|none|no\b|fine|clean)/),
  outcome("switch", "a switch crackles or cuts out", /^(switch|band|wave)/),
  outcome("control", "a control crackles or cuts out", /^(control|volume|tone|gain|pot|yes|noisy)/),
];
export const GRID = pair(
  outcome("none", "no positive volts", /^(none|no\b|zero|0|gone|ok)/),
  outcome("positive", "still positive", /^(positive|still|yes|\+|high)/),
);
export const STRING = pair(
  outcome("whole", "a few ohms to a few hundred", /^(whole|ok|good|fine|low|closed)/),
  outcome("open", "endless", /^(open|endless|infinite|none|nothing)/),
);
export const OHMS = pair(
  outcome("normal", "as high as it should be", /^(normal|ok|good|fine|high)/),
  outcome("low", "far too low", /^(low|short|none|0|zero)/),
);
export const LOOK = pair(
  outcome("nothing", "nothing to see", /^(nothing|ok|clean|none|fine|good)/),
  outcome("seen", "something is wrong there", /^(seen|burnt|broken|wrong|cracked|yes|loose|black|bad)/),
);
export const TAP = pair(
  outcome("still", "does not react", /^(still|nothing|no\b|ok|none|steady)/),
  outcome("reacts", "reacts", /^(react|crack|yes|comes|goes|intermittent|noise)/),
);
export const SWAP = pair(
  outcome("same", "no change", /^(same|no\b|nothing|unchanged)/),
  outcome("cured", "the fault is gone", /^(cured|gone|better|works|plays|changed|ok)/),
);
export const CHECK = pair(
  outcome("good", "good", /^(good|ok|fine|pass|clean)/),
  outcome("bad", "bad", /^(bad|leak|open|short|drift|fail|dead|weak|worn|dirty|dry|off|broken|wrong)/),
);
