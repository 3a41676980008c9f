/** Written when the rules stood for the eighteenth time, and read once before anything was mended: see docs/finding-the-fault.md. */
export const EIGHTEENTH: readonly (readonly [set: string, group: string, lines: string])[] = [
  [
    "table",
    "a thirteenth set",
    `customer reports no sound after warm-up | play dead, warm changes
     set is silent but the pilot lamp is on | play dead, glow all
     loud hum, no reception | hum line|double, play dead
     very low audio on all stations | play weak
     audio comes and goes when the chassis is flexed | play dead, thump reacts
     squeals like a pig | steady unsteady
     it hums, and turning down the volume doesn't change that | hum line|double, hum-down line|double
     the radio crackles when someone walks across the floor | noise noisy, thump reacts
     stations overlap each other | play distorted
     tunes sharply but is weak | play weak
     sound is strangled | play distorted
     the bass is missing | play distorted
     a steady 50 cycle hum | hum line
     buzz that follows the volume control | hum line|double
     motor boats when tuned to a strong station | steady unsteady
     sputters for the first minutes | noise noisy, warm changes
     popping sounds like popcorn | noise noisy
     smells like burnt rubber | smell hot
     power resistor smokes | smell hot
     the mains transformer is too hot to hold a hand on | smell hot
     fuse blows after a few seconds | fuse blown, warm changes
     does not blow fuses any longer | fuse whole
     no tube lights, fuse ok | glow dark, fuse whole
     rectifier tube flashes inside | noise noisy
     the pilot light flickers |
     scale lamp dead | glow dark
     dial lamps work, no tubes glow | glow dark
     eye opens but never closes | works:indicator fails
     magic eye shows nothing | works:indicator fails
     plays all right | play fine
     plays OK except for a faint crackle | play fine, noise noisy
     it is working again | play fine
     it has never worked since I bought it | play dead
     worked fine until it was moved | play dead
     used to play, doesn't now | play dead
     used to play fine, now it hums | hum line|double
     played well until last week, now it is distorted | play distorted
     plays better when it is cold | warm changes
     weak when cold, OK when warm | play weak, warm changes
     distorted until it has warmed up | play distorted, warm changes
     the tuning drifts for the first ten minutes | steady unsteady, warm changes
     station slides out of tune | dial off, steady unsteady
     holds the station all evening | steady steady
     tuning knob is hard to turn | knob slips
     dial scale is fine | dial right
     the stations are at the wrong end | dial off
     on long wave it only hisses | noise noisy, bands one
     medium wave plays, the others are mute | bands one
     MW weak, SW dead | bands one
     all wave ranges are equally bad | bands alike
     gramophone fine, wireless not | phono fine, play dead
     pick-up sounds distorted as well | phono distorted
     headphones work | phones fine
     volume pot is dirty | turn control
     scratching when I touch the volume control | noise noisy, turn control
     sound only at one spot of the volume control | play dead, turn control
     wavechange switch needs jiggling | turn switch
     not loud even at full volume | play weak`,
  ],
  [
    "communications",
    "a thirteenth set",
    `sensitive on the low bands, deaf on the high ones | bands one
     AGC pumps on strong stations | steady unsteady, works:agc fails
     BFO drifts | steady unsteady, works:bfo fails
     S-meter never returns to zero | works:s-meter fails
     S-meter is OK, receiver is weak | works:s-meter works, play weak
     audio hum in the phones | hum line|double
     bandspread dial is off by 5 kHz | dial off
     signals fade in and out | play weak`,
  ],
  [
    "transceiver",
    "a thirteenth set",
    `receiver fine, transmitter puts out nothing | play fine, play-tx dead
     no output on transmit, relay clicks | play-tx dead
     power output is 20 watts instead of 100 | play-tx weak
     output low on all bands | play-tx weak, bands-tx alike
     10 metres gives no output | bands-tx one
     transmit works on SSB but not on CW | play-tx fine
     receive is dead after transmitting | play dead
     deaf on 10 m | bands one
     received signals are distorted | play distorted
     receive audio hums | hum line|double
     hum on both receive and transmit | hum line|double, hum-tx line|double
     VFO won't stay put | steady unsteady
     VFO is stable | steady steady
     my frequency jumps when I talk | steady-tx unsteady
     ALC doesn't work | works:alc fails
     fan does not turn |
     it overheats on transmit | smell hot
     dead as a brick, no lights | play dead, glow dark
     dies after half an hour | play dead, warm changes
     mic gain has no effect |
     they report splatter | play-tx distorted
     transmit audio is weak and muffled | play-tx distorted
     full output, receive dead | play-tx fine, play dead`,
  ],
  [
    "transmitter",
    "a thirteenth set",
    `modulation has hum | hum-mod line|double
     carrier present but speech is missing | play-tx fine, play-mod dead
     gives full output but drifts | play-tx fine, steady-tx unsteady
     no drive on 10 m | bands-tx one
     final runs hot | smell hot
     speech is fine but carrier is low | play-mod fine, play-tx weak`,
  ],
  [
    "amfm",
    "a thirteenth set",
    `FM reception is weak and hissy | play-fm weak, noise noisy
     AM dead after warm-up, FM plays on | play dead, warm changes, play-fm fine
     FM needs retuning as it warms | steady-fm unsteady, warm-fm changes
     no stereo, mono is fine | play fine, works:stereo fails
     hiss on stereo only | noise noisy
     FM stations sit too high on the scale | dial-fm off
     AM hums, FM doesn't | hum line|double, hum-fm none
     FM sound is dull | play-fm distorted`,
  ],
];
