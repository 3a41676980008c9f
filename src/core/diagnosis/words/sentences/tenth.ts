/** Written when the rules stood for the tenth time, and read once before anything was mended: see docs/finding-the-fault.md. */
export const TENTH: readonly (readonly [set: string, group: string, lines: string])[] = [
  [
    "table",
    "a sixth set: reception",
    `it gives no sound any more | play dead
     not a peep out of it since Christmas | play dead
     it died in the middle of the news | play dead
     the radio will not play | play dead
     you can hardly hear it | play weak
     one has to put the ear to the speaker | play weak
     even at full volume it is only a whisper | play weak
     only the local station comes in | play weak
     it lost its volume over the years | play weak
     voices sound hoarse | play distorted
     sounds as if the speaker were torn | play distorted
     music is harsh and rough | play distorted
     plays as it should | play fine
     reception is all right | play fine`,
  ],
  [
    "table",
    "a sixth set: hum and noise",
    `a deep hum in the background | hum line|double
     it drones | hum line|double
     hum louder than the music | hum line|double
     no hum to be heard | hum none
     hum is gone since the new capacitor | hum none
     sizzling like a frying pan | noise noisy
     pops and bangs now and then | noise noisy
     rustles all the time | noise noisy
     background is clean | noise quiet
     crackling when I touch the volume knob | noise noisy, turn control
     noisy when the band switch is moved | noise noisy, turn switch`,
  ],
  [
    "table",
    "a sixth set: steadiness, warmth, blows",
    `it fades in and out | play weak
     volume goes up and down by itself | steady unsteady
     howls on strong stations | steady unsteady
     squeals when I tune | steady unsteady
     plays for ten minutes and then goes silent | play dead, warm changes
     weak after an hour | play weak, warm changes
     fine until it is hot | play fine, warm changes
     starts to hum after a while | hum line|double, warm changes
     comes back when I hit it | play dead, thump reacts
     stops when somebody walks past | play dead, thump reacts
     the station wanders off | steady unsteady`,
  ],
  [
    "table",
    "a sixth set: dial, lamps, knobs, smell, fuse",
    `stations are in the wrong place on the scale | dial off
     the dial does not agree with the stations | dial off
     everything is shifted to the left of the scale | dial off
     the tuning string has snapped | knob slips
     the pointer does not move | knob slips
     tuning knob turns but nothing moves | knob slips
     the tubes do not light up | glow dark
     no light behind the scale | glow dark
     one of the tubes is dark | glow dark
     it smells of burning | smell hot
     something is smoking inside | smell hot
     the transformer gets very hot | smell hot
     it blew the fuse again | fuse blown
     the breaker trips when it is switched on | fuse blown
     the fuse holds now | fuse whole`,
  ],
  [
    "table",
    "a sixth set: bands, phono, functions",
    `short wave is dead, the others play | bands one
     no long wave | bands one
     medium wave alone is weak | bands one
     all wave ranges play alike | bands alike
     record player works, radio silent | phono fine, play dead
     nothing from the pickup sockets either | phono dead
     the green eye stays dark, it plays well | works:indicator fails, play fine
     tuning eye does not move | works:indicator fails`,
  ],
  [
    "communications",
    "a sixth set",
    `the receiver has gone deaf | play weak
     stone deaf above 20 MHz | bands one
     CW has no tone | works:bfo fails
     S-meter reads nothing | works:s-meter fails
     strong stations overload it | play distorted, works:agc fails
     frequency creeps while it warms up | steady unsteady, warm changes
     calibration is out by 15 kHz | dial off
     sensitivity is as it was when new | play fine`,
  ],
  [
    "transceiver",
    "a sixth set",
    `receive works, no drive on transmit | play fine, play-tx dead
     it hears well but puts nothing out | play fine, play-tx dead
     output dropped to half | play-tx weak
     people say that my audio is rough | play-tx distorted
     carrier wobbles | steady-tx unsteady
     receiver dead, transmitter normal | play dead, play-tx fine
     power is low on 10 m only | bands-tx one
     transmits well when cold, power falls away after five minutes | play-tx weak, warm-tx changes`,
  ],
  [
    "amfm",
    "a sixth set",
    `FM has gone, AM plays | play-fm dead, play fine
     FM drifts off the station | steady-fm unsteady
     AM is silent, FM is good | play dead, play-fm fine
     FM sounds distorted | play-fm distorted
     stereo light does not come on | works:stereo fails`,
  ],
];
