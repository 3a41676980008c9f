import { describe, expect, it } from "vitest";
import { topologyOf } from "./circuit";
import { said } from "./words";

const of = (key: string) => {
  const circuit = topologyOf(key)?.circuit;
  if (!circuit) throw new Error(key);
  return circuit;
};
const SETS = { table: of("superhet"), communications: of("dual-conversion"), transceiver: of("transceiver") };
const told = (text: string, set: keyof typeof SETS) =>
  said(text, SETS[set]).outcomes.map(({ test, outcome }) => `${test} ${outcome}`);

/** Sentences by what they mean: `sentence | outcomes`, in the order of the tests. */
const GROUPS: readonly (readonly [set: keyof typeof SETS, group: string, lines: string])[] = [
  [
    "table",
    "a fault that is denied is no fault",
    `no distortion |
     does not hum | hum none
     doesn't hum | hum none
     without any hum | hum none
     no crackle | noise quiet
     no noise at all | noise quiet
     not dead |
     not weak |
     it is not distorted |
     does not drift | steady steady
     never whistles | steady steady
     weak but not distorted | play weak
     distorted but does not hum | hum none, play distorted
     hums, no crackle | hum line|double, noise quiet
     plays fine without hum | hum none, play fine`,
  ],
  [
    "table",
    "dead, in many words",
    `dead | play dead
     completely silent | play dead
     no sound | play dead
     no sound at all | play dead
     no reception | play dead
     does not play | play dead
     doesn't play any more | play dead
     won't play | play dead
     will not work | play dead
     nothing to hear | play dead
     stopped working | play dead
     stops playing after ten minutes | warm changes, play dead
     no stations | play dead
     dead as a doornail | play dead
     suddenly went silent | play dead
     refuses to play | play dead
     nothing comes out of the speaker | play dead
     mute since the move | play dead
     no radio, phono works well | play dead
     no volume at all | play dead
     does not receive | play dead`,
  ],
  [
    "table",
    "weak, distorted, unsteady",
    `weak | play weak
     faint | play weak
     deaf | play weak
     fades after half an hour | warm changes, play weak
     distorted and weak | play distorted
     weak and distorted | play distorted
     sounds harsh | play distorted
     motorboats | steady unsteady
     howls with the volume up | steady unsteady
     whistles on every band | steady unsteady, bands alike
     drifts when warm | steady unsteady, warm changes
     crackles when cold | noise noisy, warm changes
     hum at 100 Hz | hum double
     hums at 50 Hz | hum line
     stations in the wrong place | dial off
     the dial is off | dial off
     scratchy volume control | noise noisy
     hisses all the time | noise noisy
     hums and crackles | hum line|double, noise noisy
     pumps on strong signals | steady unsteady
     too quiet | play weak
     rough and harsh when cold | warm changes, play distorted
     plays well when cold, distorts after ten minutes | warm changes, play distorted
     loud and clear, but hums | hum line|double, play fine
     low volume, no hum | hum none, play weak
     noisy, not weak | noise noisy
     the hum is gone, still distorted | hum none, play distorted
     it squeals but is not noisy | noise quiet, steady unsteady`,
  ],
  [
    "table",
    "one band, all bands",
    `dead on SW | bands one
     dead on the highest band | bands one
     weak on the top band | bands one
     plays only on MW | bands one
     dead on all bands | bands alike, play dead
     off the dial on one band | dial off, bands one
     weak on long wave | bands one
     nothing on the lower band | bands one
     distorted on every band | bands alike, play distorted`,
  ],
  [
    "communications",
    "a stage of its own is not the whole set",
    `the BFO is dead | works:bfo fails
     BFO gives no note | works:bfo fails
     S-meter stuck | works:s-meter fails
     S-meter does not move, plays well | play fine, works:s-meter fails
     plays well but the BFO is dead | play fine, works:bfo fails
     the BFO works fine | works:bfo works
     AGC pumps | steady unsteady, works:agc fails
     dead, the S-meter moves fine | play dead, works:s-meter works
     S-meter is dead, receives well | play fine, works:s-meter fails
     weak, and the BFO does nothing | play weak, works:bfo fails
     the AGC works well, hums | hum line|double, works:agc works`,
  ],
  [
    "transceiver",
    "transmit is told from receive",
    `dead on receive, transmit is fine | play dead, play-tx fine
     receives fine, no output on transmit | play fine, play-tx dead
     dead on transmit, receive is fine | play-tx dead, play fine
     transmit is dead but it receives well | play-tx dead, play fine
     weak on receive and distorted | play distorted
     transmit fades when warm | warm-tx changes, play-tx weak
     no carrier | play-tx dead
     chirps when keyed | steady-tx unsteady
     low output | play-tx weak
     hums on receive, not on transmit | hum line|double
     full output on transmit, deaf on receive | play-tx fine, play weak
     no power out, receives ok | play-tx dead, play fine
     modulates badly | play-tx distorted
     splatters on transmit | play-tx distorted
     receive works well, transmit does not work | play fine, play-tx dead
     distorted on transmit but not on receive | play-tx distorted
     drifts on receive | steady unsteady
     chirps on key-down and modulates badly | steady-tx unsteady, play-tx distorted
     dead on 15 m | bands one`,
  ],
];

const OPPOSITE: Record<string, string> = {
  dead: "fine",
  fine: "dead",
  weak: "fine",
  distorted: "fine",
  unsteady: "steady",
  steady: "unsteady",
  noisy: "quiet",
  quiet: "noisy",
  fails: "works",
  works: "fails",
};

describe.each(GROUPS)("in a set of the kind %s: %s", (set, _group, lines) => {
  const cases = lines.split("\n").map((line): [string, string[]] => {
    const cut = line.indexOf("|");
    const wanted = line.slice(cut + 1).trim();
    return [line.slice(0, cut).trim(), wanted === "" ? [] : wanted.split(", ").map((one) => one.trim())];
  });
  it.each(cases)("“%s”", (text, expected) => expect([...told(text, set)].sort()).toEqual([...expected].sort()));
  it.each(cases)("“%s” is never read as its opposite", (text, expected) => {
    const got = new Set(told(text, set));
    for (const one of expected) {
      const [test = "", outcome = ""] = one.split(" ");
      const other = OPPOSITE[outcome];
      if (other) expect(got.has(`${test} ${other}`)).toBe(false);
    }
  });
});

it("says of every part how it was read, and of what was not", () => {
  const { parts } = said("hums, smells of mice, weak on MW", SETS.table);
  expect(parts.map(({ text, outcomes }) => [text, outcomes.length])).toEqual([
    ["hums", 1],
    ["smells of mice", 0],
    ["weak on MW", 2],
  ]);
});

it("reads any text without harm", () => {
  for (const text of ["", "   ", ",,,;", "but and then", "no", "not not not dead", "∞ 🎺", "a".repeat(3000)])
    expect(() => said(text, SETS.transceiver)).not.toThrow();
});
