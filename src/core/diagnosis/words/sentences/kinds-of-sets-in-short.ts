/** Of sets of the other kinds, in short, and read once before anything was mended: see docs/finding-the-fault.md. */
export const KINDS_IN_SHORT: readonly (readonly [set: string, group: string, lines: string])[] = [
  [
    "audio-amplifier",
    "in short",
    `no sound on either side | play dead
     left side weak | play weak
     right side hums | hum line|double
     hum stays when the inputs are pulled | hum line|double
     distorted even at low level | play distorted
     crackles when warm | noise noisy, warm changes
     blows the mains fuse when cold | fuse blown, warm changes
     pilot lamp on, no sound | glow all, play dead
     balance control scratchy | noise noisy, turn control
     treble control has no effect |
     squeals when the treble is up | steady unsteady
     input switch crackles | noise noisy, turn switch
     power drops after half an hour | warm changes, play weak
     output transformer smells | smell hot
     one output tube runs hotter than the other | smell hot
     bias drifts | steady unsteady
     both channels distort | play distorted
     sounds superb | play fine
     rumbling noise | hum line|double, noise noisy
     tube microphonic | thump reacts
     ticks in the left channel | noise noisy
     standby light glows but nothing happens | play dead
     radio input is fine, phono hums | hum line|double, play fine`,
  ],
  [
    "dynamotor",
    "in short",
    `dynamotor doesn't turn | play dead
     brushes spark | noise noisy
     receiver is weak | play weak
     whine in the audio | noise noisy
     fuse blows when the dynamotor starts | fuse blown`,
  ],
  [
    "linear",
    "in short",
    `dead, no lights | glow dark, play-tx dead
     blower dead | works:fan fails
     arcs in the tune capacitor | noise noisy
     plate fuse gone | fuse blown
     plates show colour | smell hot
     relay stays closed | works:changeover fails
     plate meter stuck | works:metering fails
     output falls off after a minute key down | warm-tx changes, play-tx weak
     drive is there, no output | play-tx dead
     parasitic oscillation on 10 m | steady-tx unsteady, bands-tx one
     distorted signal reports | play-tx distorted
     heaters dark | glow dark`,
  ],
  [
    "portable",
    "in short",
    `silent with good batteries | play dead
     plays on mains, dead on batteries |
     squeals | steady unsteady
     one tube dark | glow dark
     noisy volume control | noise noisy, turn control
     hum on mains only | hum line|double
     oscillates | steady unsteady
     medium wave dead | bands one`,
  ],
  [
    "regenerative",
    "in short",
    `no sound in the phones | phones dead
     regeneration doesn't work |
     plays weakly without regeneration | play weak
     squeals at every setting | steady unsteady
     hum when the reaction is up | hum line|double
     dial slips | knob slips
     crackles | noise noisy
     one tube out | glow dark`,
  ],
  [
    "solid-receiver",
    "in short",
    `dead, lamps off | glow dark, play dead
     only mono | works:stereo fails
     left channel distorted | play distorted
     noise in the right channel | noise noisy
     tuner drifts | steady unsteady
     clicks and shuts off | noise noisy, play dead
     fuse pops | fuse blown
     function switch intermittent | turn switch
     AM weak | play weak
     AM whistles | steady unsteady
     plays an hour, then silence | warm changes, play dead
     loudness switch crackles | noise noisy, turn switch
     hum with phono only | hum line|double`,
  ],
  [
    "solid-transceiver",
    "in short",
    `completely dead | play dead
     no RX audio | play dead
     TX low on all bands | bands-tx alike, play-tx weak
     TX power fades with heat | warm-tx changes, play-tx weak
     receiver deaf on 80 m | bands one
     receiver noisy | noise noisy
     S-meter too low | works:s-meter fails
     audio distorted in SSB | play distorted
     microphone has no effect | play-tx dead
     keyer doesn't key | works:keying fails
     frequency wrong by 2 kHz | dial off
     display flickers |
     fuse blown again | fuse blown
     main encoder jumps | steady unsteady
     hum on TX | hum-tx line|double
     transmits on 20 m only | bands-tx one`,
  ],
  [
    "transistor",
    "in short",
    `silent | play dead
     plays very low | play weak
     scratchy volume | noise noisy, turn control
     crackles when bent | noise noisy, thump reacts
     only one station | play weak
     distorts with fresh batteries | play distorted
     earphone socket bad contact |
     stations drift with the battery | steady unsteady
     hiss is loud | noise noisy
     dies after some minutes | warm changes, play dead
     whistles between stations | steady unsteady`,
  ],
  [
    "trf",
    "in short",
    `weak on all stations | play weak
     stations can't be separated | play distorted
     hum | hum line|double
     dial drags | knob slips
     one dial of the three slips | knob slips
     volume control dead |
     speaker distorted | play distorted`,
  ],
  [
    "vibrator",
    "in short",
    `dead, fuse OK | fuse whole, play dead
     hash | noise noisy
     ignition noise | noise noisy
     vibrator buzzes, no sound | play dead
     plays on bumps only | thump reacts, play dead
     dial light only | glow all, play dead
     fuse blows now and then | fuse blown
     takes a knock to start | thump reacts, play dead
     station drifts as the car warms up | steady unsteady, warm changes`,
  ],
];
