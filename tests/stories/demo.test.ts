import { describe, expect, it } from "vitest";
import { MADE_UP_SETS } from "../../src/core/practice";
import { readStory, tell } from "./tell";

/** What was wrong with the sets of the demonstration, as their stories tell it: model, then as in stories.ts. */
const SETS = `
537 | superhet | distorted and fading after ten minutes | output.coupling-leaky | output distorted | warm changes; volts:output:grid high; volts:output:cathode high; volts:output:plate low; grid:output positive
U48 | transformerless | blows the pilot lamp and one tube glows too bright | heaters.heater-wrong-tube | - | look:heaters seen; rail:heaters low; glow bright
CR-21 | dual-conversion | AGC pumps on strong stations | agc.agc-leaky | - | steady unsteady; works:agc fails; rail:agc low; agc-off cured; play distorted
56 | portable | stops playing as it warms up | oscillator.osc-weak | oscillator dead | warm changes; bands one; volts:oscillator:grid none
31 | trf | silent, no B+ | reservoir.choke-open | all dead | rail:reservoir none; line low
T-60 | transmitter | chirps on key-down | vfo.vfo-pulled | - | steady-tx unsteady
T-60 | transmitter | modulates badly, the carrier is fine | modulator.mod-soft | modulation: modulator distorted | works:modulator fails
Duplex 80 | transceiver | transmit fades when warm, receives well | changeover.relay-contact | transmit: changeover weak | warm-tx changes; tap:changeover reacts; thump reacts
Kestrel 4 | linear | half its output, one anode red | amplifier.tube-soft-one + amplifier.pa-suppressor | amplifier weak | look:amplifier seen; swap:amplifier cured; smell hot
Skipper 7 | transistor | dead when cold, comes to life in the sun | mixer.transistor-whiskers | mixer dead | warm changes; thump reacts; tap:mixer reacts; freeze:mixer reacts; volts:mixer:plate low; volts:mixer:cathode low
`;

describe("whoever follows the board blindly reaches the culprit in the sets of the demonstration", () => {
  it.each(
    SETS.split("\n")
      .map((line) => line.trim())
      .filter(Boolean)
      .map((line) => {
        const cut = line.indexOf("|");
        return [line.slice(0, cut).trim(), readStory(line.slice(cut + 1))] as const;
      })
      .map(([designation, story]) => [designation, story.complaint, story] as const),
  )("%s: %s", (designation, _complaint, story) => {
    const model = Object.values(MADE_UP_SETS).find((one) => one.designation.includes(designation));
    if (!model) throw new Error(`no model ${designation}`);
    const told = tell(story, model.sheet);
    expect(told.found, told.steps.map(({ test, outcome }) => `${test} ${outcome}`).join("; ")).toBe(true);
    expect(told.dangers).toEqual([]);
    expect(told.tests).toBeLessThanOrEqual(20);
  });
});
