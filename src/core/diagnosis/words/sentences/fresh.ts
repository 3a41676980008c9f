/** A second set, written after the first was mended. Its result at the first go stands in docs/finding-the-fault.md. */
export const FRESH: readonly (readonly [set: string, group: string, lines: string])[] = [
  [
    "table",
    "a second set",
    `the radio just hums | hum line|double
     no longer plays | play dead
     suddenly very weak | play weak
     it used to be loud, now it is faint | play weak
     sound comes and goes | play dead
     after warming up it goes dead | warm changes, play dead
     plays for an hour and then stops | warm changes, play dead
     takes ten minutes to come on | warm changes
     cracks and pops all the time | noise noisy
     hum so loud that nothing can be understood | hum line|double
     it howls when turned up | steady unsteady
     smells hot after half an hour | smell hot, warm changes
     smoke rises from the chassis | smell hot
     fuse blew when switched on | fuse blown
     one of the tubes does not light up | glow dark
     dial lamps are out, everything else works | glow dark, play fine
     the dial is stuck | knob slips
     needle does not move when tuning | knob slips
     tuning goes round and round |
     receives only one station | play weak
     stations are 30 kHz too low on the dial | dial off
     volume control scratches | noise noisy, turn control
     no sound unless the cabinet is hit | thump reacts, play dead
     reception gone, gramophone fine | play dead, phono fine
     short wave does not work | bands one
     medium wave good, long wave dead | bands one
     voice sounds hoarse | play distorted
     bass is missing, thin sound | play distorted
     hiss but no stations | noise noisy, play dead
     magic eye does not respond | works:indicator fails
     green eye dark | works:indicator fails
     hum only when cold | hum line|double, warm changes
     hum disappears with the volume down | hum-down none
     does not hum any more | hum none
     clean sound, no hum | play fine, hum none
     not a trace of hum | hum none
     won't start | play dead
     the set is fine now | play fine
     transformer smells | smell hot
     sound distorted at low volume | play distorted`,
  ],
  [
    "communications",
    "a second set",
    `the BFO makes no note | works:bfo fails
     S-meter reads backwards | works:s-meter fails
     S-meter hangs at full scale | works:s-meter fails
     AGC has no effect | works:agc fails
     receives AM, no SSB | play fine, works:bfo fails
     drifts for an hour after switching on | steady unsteady, warm changes
     dead on the two highest bands | bands one
     receiver is deaf on all bands | bands alike, play weak`,
  ],
  [
    "transceiver",
    "a second set",
    `receives but does not transmit | play fine, play-tx dead
     output on transmit is down to 20 W | play-tx weak
     no drive on any band | bands-tx alike, play-tx dead
     transmits fine, receive dead when warm | play-tx fine, warm changes, play dead
     VOX relay chatters | works:changeover fails
     audio on transmit sounds muffled | play-tx distorted
     hum on transmitted signal | hum-tx line|double
     receive drops out | play dead`,
  ],
  [
    "amfm",
    "a second set",
    `FM dead | play-fm dead
     FM okay, AM noisy | play-fm fine, noise noisy
     FM stations drift | steady-fm unsteady
     stereo light does not come on | works:stereo fails`,
  ],
];
