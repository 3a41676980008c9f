/** Of sets of the other kinds once more, written after those were mended, and read once before anything was mended. */
export const KINDS_ONCE_MORE: readonly (readonly [set: string, group: string, lines: string])[] = [
  [
    "linear",
    "in its own words",
    `no output, filaments lit | play-tx dead, glow all
     arcs when I load it up | noise noisy
     only 400 W out | play-tx weak
     one tube glows red | smell hot
     will not tune on 10 m | bands-tx one
     high voltage fuse blows at switch-on | fuse blown
     smells of ozone | smell hot
     plate current runs away |`,
  ],
  [
    "audio-amplifier",
    "in its own words",
    `left channel has no output | play dead
     right channel is weaker than the left | play weak
     hum in both channels, also with the input shorted | hum line|double
     hum disappears when I pull the driver tube | hum line|double
     sounds fine at low level, breaks up when loud | play distorted
     one output tube is red hot | smell hot
     bias can't be set |
     blows the HT fuse after a minute | fuse blown, warm changes
     crackles after an hour of playing | noise noisy, warm changes
     hiss in one channel | noise noisy
     oscillates when the treble is turned up | steady unsteady
     output transformer hums | hum line|double
     microphonic first tube | thump reacts
     both channels are fine | play fine`,
  ],
  [
    "vibrator",
    "in its own words",
    `vibrator hums but no B+ | rail:reservoir none
     radio noise goes up with the engine speed | noise noisy
     ignition noise on every station | noise noisy
     fuse blows as soon as the vibrator starts | fuse blown
     dead, vibrator is silent | play dead
     plays after a knock on the vibrator | play dead, thump reacts
     weak on distant stations on the road | play weak
     hash on all bands from the supply | noise noisy, bands alike
     tubes light, vibrator buzzes, no sound | glow all, play dead`,
  ],
  [
    "portable",
    "in its own words",
    `nothing with new batteries | play dead
     plays for ten minutes, then fades away | play weak, warm changes
     eats batteries |
     works on the mains but not on the battery |
     weak even with fresh batteries | play weak
     dead on all bands, filaments glow | play dead, bands alike, glow all
     one filament is dark | glow dark
     stops when the battery gets low | play dead
     squeals with old batteries | steady unsteady
     crackles when the lid is opened | noise noisy`,
  ],
  [
    "regenerative",
    "in its own words",
    `no regeneration |
     won't go into oscillation |
     breaks into a howl as regeneration is advanced | steady unsteady
     hand capacity effects when tuning | steady unsteady
     no squeal however far the reaction is turned | steady steady
     plays with hum at the point of regeneration | hum line|double
     completely dead, not even a click | noise quiet, play dead`,
  ],
  [
    "transistor",
    "in its own words",
    `no sound, battery is new | play dead
     distorted at low volume | play distorted
     whistles when the battery is weak | steady unsteady
     intermittent, comes back when squeezed | play dead, thump reacts
     earphone works, speaker is silent | phones fine, play dead
     volume control is scratchy | noise noisy, turn control
     cuts out as it warms in the hand | play dead, warm changes
     a cold spray on one transistor brings it back | play dead, warm changes`,
  ],
  [
    "solid-receiver",
    "in its own words",
    `no audio, dial lights up | play dead, glow all
     FM tunes but is full of hiss | noise noisy
     loud thump at switch-on | noise noisy
     output distorts after five minutes | play distorted, warm changes
     one speaker dead | works:stereo fails
     lamps dim and it hums | hum line|double
     AM works on locals only | play weak
     the tuning meter does not move |`,
  ],
  [
    "solid-transceiver",
    "in its own words",
    `display works, no receive audio | play dead
     10 W instead of 100 W | play-tx weak
     shuts off when I key it | play-tx dead
     power supply trips on transmit | fuse blown
     PLL out of lock | steady unsteady
     deaf on 20 m, fine elsewhere | bands one
     receives all right, no mic audio | play fine, play-tx dead
     SWR protection cuts in at 50 W | play-tx weak
     frequency display is 300 Hz off | dial off`,
  ],
];
