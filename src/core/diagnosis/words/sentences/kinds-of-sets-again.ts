/** Of sets of the other kinds, written after the first ones were mended, and read once before anything was mended. */
export const KINDS_AGAIN: readonly (readonly [set: string, group: string, lines: string])[] = [
  [
    "linear",
    "in its own words once more",
    `amplifier won't come out of standby | play-tx dead
     output is down to 300 W on all bands | play-tx weak, bands-tx alike
     grid current but no plate current | play-tx dead
     no high voltage | rail:high-voltage none
     the amp hums when keyed | hum-tx line|double
     blows the high voltage fuse as soon as it is keyed | fuse blown
     parasitic flash in the tank | noise noisy, steady-tx unsteady
     arcing inside when tuning on 10 m | noise noisy, bands-tx one
     tuning capacitor slips | knob slips
     fan is dead | works:fan fails
     gets very hot and smells | smell hot
     plate current meter doesn't move | works:metering fails
     no drive gets through | play-tx dead
     works fine on 40, trips on 15 | bands-tx one`,
  ],
  [
    "audio-amplifier",
    "in its own words once more",
    `hums with the input shorted | hum line|double
     crackles from the right channel after ten minutes | noise noisy, warm changes
     bass is weak and boomy | play distorted
     tone controls do nothing |
     distorts on both channels | play distorted
     rumbles with the volume at zero | hum-down line|double
     tubes light but the amp is silent | glow all, play dead
     works perfectly on both inputs | play fine
     whistles when the volume is all the way up | steady unsteady
     output transformer smells burnt | smell hot
     power drops when warm | play weak, warm changes`,
  ],
  [
    "vibrator",
    "in its own words once more",
    `car radio hums and doesn't play | hum line|double, play dead
     fuse blows when I switch the radio on | fuse blown
     set works for a few minutes, then the vibrator sticks and it goes dead | play dead, warm changes
     ignition noise on all stations | noise noisy
     radio is weak in the city | play weak
     cuts out on rough roads | play dead, thump reacts
     buzz in the loudspeaker with the volume down | hum-down line|double
     tubes glow, no sound | glow all, play dead`,
  ],
  [
    "portable",
    "in its own words once more",
    `radio dead, batteries are good | play dead
     plays when the lid is pressed | play dead, thump reacts
     loses volume after an hour | play weak, warm changes
     filaments don't light | glow dark
     no reception outdoors either | play dead
     distorted since the last battery change | play distorted
     crackles when carried | noise noisy, thump reacts
     hums on mains, quiet on batteries | hum line|double`,
  ],
  [
    "regenerative",
    "in its own words once more",
    `set is deaf, reaction has to be turned right up | play weak
     oscillates all the time | steady unsteady
     no reception on the short coils | bands one
     goes into oscillation with a plop | steady unsteady
     dead, the filament is open | play dead, glow dark
     signals weak in the headphones | phones weak`,
  ],
  [
    "transistor",
    "in its own words once more",
    `radio makes a motorboat sound | steady unsteady
     quiet even with a new battery | play weak
     loud crackle when I turn it on | noise noisy
     sound is distorted at any volume | play distorted
     no AM stations, only a hiss | play dead, noise noisy
     stations drift as it warms in the sun | steady unsteady, warm changes
     dial cord has snapped | knob slips
     volume control cuts out in places | turn control`,
  ],
  [
    "solid-receiver",
    "in its own words once more",
    `AM fine, FM silent | play fine, play-fm dead
     loud hum in the left channel | hum line|double
     both channels distorted | play distorted
     stereo doesn't work, mono is OK | works:stereo fails, play fine
     FM stations are all shifted down the dial | dial-fm off
     scratchy balance control | noise noisy, turn control
     source switch is intermittent | turn switch`,
  ],
  [
    "solid-transceiver",
    "in its own words once more",
    `receives fine, zero watts on transmit | play fine, play-tx dead
     powers up but no receive audio | play dead
     VFO knob feels sticky | knob slips
     low power on 6 m only | bands-tx one
     my audio is reported as distorted | play-tx distorted
     hiss in the receiver but no signals | play dead, noise noisy
     others hear a hum on my carrier | hum-tx line|double
     AGC doesn't hold strong signals | works:agc fails
     S-meter reads full scale all the time | works:s-meter fails
     relay chatters on transmit | works:changeover fails
     SWR trips and power goes to zero | play-tx dead
     heats up and smells on receive | smell hot
     receive OK until I transmit, then dead | play dead`,
  ],
  [
    "trf",
    "in its own words once more",
    `howls when two dials are in step | steady unsteady
     no sound in the horn | play dead
     very broad tuning, stations overlap | play distorted
     weak on the far stations, local is loud | play weak
     hum stays when the rectifier is swapped | hum line|double
     tunes only the upper half of the dial | bands one`,
  ],
  [
    "dynamotor",
    "in its own words once more",
    `dynamotor runs, no B+ | rail:reservoir none
     whine from the dynamotor in the phones | noise noisy
     dynamotor sparks at the brushes | noise noisy
     set plays, dynamotor is noisy | play fine, noise noisy`,
  ],
];
