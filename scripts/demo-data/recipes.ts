import type { RecipeFields } from "@/core/modifications";
import { readRecipe, EMPTY_RECIPE, type TypedRecipe } from "@/features/recipes/typed";

const typed = (recipe: Partial<TypedRecipe>): RecipeFields => {
  const read = readRecipe({ ...EMPTY_RECIPE, ...recipe });
  if (!read.ok) throw new Error(`${recipe.name ?? "a recipe"}: ${JSON.stringify(read.problems)}`);
  return read.value;
};

/** The demo shop's recipes for modifications, as they are typed on their page. */
export const RECIPES = {
  outlet: typed({
    name: "Line-level audio outlet",
    what: "A socket at the back that takes the sound from the top of the volume control, for a recorder or a decoder",
    needs: `stages detector, af: a detector and an audio stage of its own
supply transformer, high-voltage: never on a live chassis: the socket would carry the mains
works: it plays before it is changed
look: a spare hole of 6 to 8 mm in the back apron`,
    parts: `J901 phono socket, insulated
R901 100k 0.5W
C901 0.1/400`,
    taps: `signal volume control top
ground volume control foot`,
    chassis: "existing-hole",
    steps: `Take the bottom plate off | opens bottom plate | screws 6
Mount the insulated socket in the spare hole; its ring does not touch the chassis | screws 2
Sleeve both leads of R901 and C901 before anything is soldered | caution the heater wiring runs beside the volume control: keep the new lead away from it
Solder C901 and R901 in series from the top of the volume control to the socket's pin
Take the screen of the lead to the foot of the volume control, at this end alone
Put the bottom plate back | caution start all screws before the first is tight`,
    verify: `level at the outlet with a strong station, 0.5 V or more
hum at the outlet with the aerial shorted
sound from the loudspeaker as before`,
    recalibrate: "dial check at three points of the lowest band, in the cabinet",
    undo: "Unsolder C901 and R901 at the volume control, take the socket out of the spare hole",
    instructions: "Into a line input, never into a loudspeaker. The volume control does not act on it.",
    minutes: "75",
  }),
  counter: typed({
    name: "Frequency-counter outlet",
    what: "Brings the mixed oscillator out through a buffer to a socket at the back, so that a counter shows the frequency",
    needs: `stages oscillator, mixer: an oscillator that can be reached, and a mixer
board VFO-2 from rev C: rev C and later have the buffer's pads; the letter is printed beside the connector
look: the accessory socket's pin 7 is free
works: transmits and receives before it is changed`,
    parts: `Q901 2N3904
R901 2.2k 0.25W
R902 100 0.25W
C901 47p
C902 10n`,
    taps: `rail 12 V rail 11 V to 14 V draws 4 mA
signal mixed oscillator 0.1 V to 0.6 V`,
    chassis: "none",
    steps: `Take the top cover off | opens top cover | screws 8
Pull the small coax plugs by their bodies and lay them aside | caution the plugs tear off when they are pulled by the cable
Take the front panel off | opens front panel | screws 6 | caution two of its screws also hold heat-sunk devices on sticky pads: slide it, do not pull
Fit the buffer on the pads of the VFO board
Lead the coax to pin 7 of the accessory socket
Put the panel and the cover back | screws 0`,
    verify: `level at the outlet on every band, 0.2 V or more
spurious signals on every band with the counter connected`,
    recalibrate: `VFO against a counter at both ends of the dial
carrier balance`,
    undo: "Take the buffer off its pads and the coax out of pin 7",
    instructions:
      "Pin 7 of the accessory socket feeds a counter of 50 Ω or more; add the offset that stands on the card.",
    minutes: "120",
  }),
  converter: typed({
    name: "Converter board for the upper short waves",
    what: "A crystal converter ahead of the set, switched in by its own knob",
    needs: `stages mixer, oscillator: a superhet with a reachable oscillator
supply transformer: 6.3 V heaters from a transformer
works: it plays on its own bands
look: room for the board behind the dial drum`,
    parts: `V901 6BE6
R901 22k 1W
C901 .01/500`,
    taps: `heater 6.3 V winding 6.3 V draws 0.3 A
rail B+ 200 V to 280 V draws 6 mA
ground chassis at the aerial socket`,
    chassis: "drilled",
    steps: `Take the chassis out | opens cabinet | screws 4
Drill for the switch, 10 mm | caution shavings short a chassis: tape over what lies below
Mount the board, wire heater, B+ and ground
Put the chassis back | screws 0`,
    verify: "signal-to-noise on the new range against the nearest old one",
    recalibrate: "aerial trimmers of all bands",
    instructions: "Pull the knob for the upper short waves: the dial then reads 10 MHz less.",
    minutes: "180",
  }),
  mute: typed({
    name: "Mute line for a companion transmitter",
    what: "A socket that silences the receiver while the transmitter is on, through the standby switch",
    needs: `stages detector, af: a receiver with an audio stage
look: a standby switch that opens B+ of the RF stages; it must be left in receive`,
    parts: `J902 phono socket, insulated`,
    taps: "control standby switch",
    chassis: "existing-hole",
    steps: `Take the bottom plate off | opens bottom plate | screws 6
Wire the socket across the standby switch | caution the switch carries B+: discharged and measured first
Put the bottom plate back`,
    verify: "silent with the line open, plays with it closed",
    undo: "Take the lead off the standby switch",
    instructions: "Leave the standby switch in receive, or the line has nothing to do.",
    minutes: "45",
  }),
} as const;
export type RecipeKey = keyof typeof RECIPES;
