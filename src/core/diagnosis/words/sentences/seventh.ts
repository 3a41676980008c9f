/** A seventh set, written when the sixth was mended. Its result at the first go stands in docs/finding-the-fault.md. */
export const SEVENTH: readonly (readonly [set: string, group: string, lines: string])[] = [
  [
    "table",
    "a seventh set",
    `the set is completely silent | play dead
     it plays no more | play dead
     no tone comes out | play dead
     since the move it does not play | play dead
     switched it on and nothing happened | play dead
     not working | play dead
     tubes glow, speaker silent | glow all, play dead
     dial is lit but it stays silent | glow all, play dead
     everything lights up, no reception | glow all, play dead
     plays very softly | play weak
     hardly any volume left | play weak
     only strong stations come in | play weak
     far stations do not come in any more | play weak
     reception is poor | play weak
     getting weaker every week | play weak
     reception fades in the evening | play weak
     loud but distorted | play distorted
     sounds scratchy and distorted | noise noisy, play distorted
     distorts when loud | play distorted
     buzzing in the speech | play distorted
     muffled, as if under a blanket | play distorted
     deep hum from the moment it is switched on | hum line|double
     it hums loudly, no stations | hum line|double, play dead
     slight hum in the background | hum line|double
     hum does not change with the volume | hum-down line|double
     there is hardly any hum | hum none
     hum went away | hum none
     crackles when the volume is turned | noise noisy, turn control
     volume control is noisy | noise noisy, turn control
     popping noises every few seconds | noise noisy
     sizzling noise, even without a station | noise noisy
     makes a noise like rain | noise noisy
     crackles when the table is bumped | noise noisy, thump reacts
     comes back to life after a slap | thump reacts, play dead
     works again when I knock on the cabinet | thump reacts, play dead
     howling that depends on the tuning | steady unsteady
     motorboats at low volume | steady unsteady
     drifts for the first half hour | steady unsteady, warm changes
     station slips away while listening | steady unsteady
     dial is off by two stations | dial off
     stations are found too far to the right | dial off
     pointer hangs at the left end | knob slips
     knob spins freely | knob slips
     tuning is jammed | knob slips
     no light in any tube | glow dark
     one tube stays cold | glow dark
     new fuse went at once | fuse blown
     fuse keeps going | fuse blown
     smells of burning | smell hot
     transformer gets very hot and smells | smell hot
     burning smell after ten minutes | smell hot, warm changes
     medium wave is fine, short wave is silent | bands one
     no stations on long wave | bands one
     weak on medium wave, short wave good | bands one
     the pickup plays fine but the radio does not | phono fine, play dead
     gramophone is silent too | phono dead
     magic eye is dim | works:indicator fails
     tuning eye stays dark, sound is good | works:indicator fails, play fine
     fades out when it is warm and returns when cold | warm changes, play weak
     takes long to warm up | warm changes
     works for five minutes only | warm changes, play dead
     crackles only when cold | noise noisy, warm changes
     it plays perfectly | play fine
     nothing wrong with it | play fine
     no distortion any more | 
     the case is cracked | `,
  ],
  [
    "communications",
    "a seventh set",
    `nothing above 20 MHz | bands one
     the top two bands are deaf | bands one
     very deaf on all bands | play weak, bands alike
     BFO gives no tone | works:bfo fails
     no beat note on CW | works:bfo fails
     S meter does not move | works:s-meter fails
     noise limiter makes no difference | works:limiter fails
     calibration is out by 5 kHz | dial off
     creeps in frequency with temperature | steady unsteady, warm changes
     overloads on strong signals | play distorted, works:agc fails`,
  ],
  [
    "transceiver",
    "a seventh set",
    `receives well but no power out | play fine, play-tx dead
     transmits fine, receiver silent | play-tx fine, play dead
     low power on all bands | play-tx weak, bands-tx alike
     they say my audio is distorted | play-tx distorted
     no modulation on SSB, CW is fine | play-tx dead, mode-tx voice
     hum on my signal | hum-tx line|double
     stuck in transmit | play dead
     does not go into transmit | play-tx dead
     power drops after a minute of keying | play-tx weak, warm-tx changes
     wanders in frequency on receive and transmit | steady unsteady, steady-tx unsteady`,
  ],
  [
    "transmitter",
    "a seventh set",
    `carrier but no modulation | play-mod dead
     no carrier at all | play-tx dead
     no grid drive | play-tx dead
     final plates glow red | smell hot
     blows the fuse when keyed | fuse blown`,
  ],
  [
    "amfm",
    "a seventh set",
    `FM is noisy, AM good | noise noisy, play fine
     FM is dead, medium wave plays | play-fm dead, bands one
     stereo lamp stays dark | works:stereo fails
     drifts on FM | steady-fm unsteady`,
  ],
];
