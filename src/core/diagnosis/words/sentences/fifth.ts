/** A fifth set, written when the fourth was mended. Its result at the first go stands in docs/finding-the-fault.md. */
export const FIFTH: readonly (readonly [set: string, group: string, lines: string])[] = [
  [
    "table",
    "a fifth set",
    `lights up but there is no sound | glow all, play dead
     the lamps light, not a whisper from the speaker | glow all, play dead
     stopped from one day to the next | play dead
     it went quiet and stayed quiet | play weak
     volume goes down by itself | play weak
     loses volume after half an hour | play weak, warm changes
     sounds like a tin can | play distorted
     voices croak | play distorted
     the bass distorts | play distorted
     sounds good at first, then distorted | play distorted, warm changes
     a humming sound that does not go away | hum line|double
     terrible hum | hum line|double
     hum gets louder as it warms up | hum line|double, warm changes
     it rustles and crackles | noise noisy
     bangs in the loudspeaker | noise noisy
     loud crack when the fridge switches on | noise noisy
     it whistles between stations | steady unsteady
     howls at full volume | steady unsteady
     goes off the station after some minutes | steady unsteady, warm changes
     programmes appear at the wrong place on the scale | dial off
     scale is shifted by a finger's width | dial off
     tuning knob turns without moving the pointer | knob slips
     the tuning is very stiff | knob slips
     string of the pointer has snapped | knob slips
     scale lamp burnt out | glow dark
     the valves do not glow | glow dark
     fuse blows as soon as I plug it in | fuse blown
     it stinks when it is on | smell hot
     something smoked, now it is dead | smell hot, play dead
     cuts out when someone walks by | thump reacts, play dead
     long wave silent, the rest plays | bands one
     dead on short wave | bands one
     records play well, no radio | phono fine, play dead
     crackles only while I turn the tone knob | noise noisy, turn control
     everything works | play fine
     no whistling, no hum | hum none, steady steady`,
  ],
  [
    "communications",
    "a fifth set",
    `signals are weak on every band | bands alike, play weak
     no signals on 10 m | bands one
     BFO does not start | works:bfo fails
     S-meter needle stuck at full scale | works:s-meter fails
     frequency drifts for the first half hour | steady unsteady, warm changes
     dial reads 20 kHz high | dial off
     noise limiter works | works:limiter works
     loud hiss, nothing else | noise noisy, play dead`,
  ],
  [
    "transceiver",
    "a fifth set",
    `transmits fine, receiver is dead | play-tx fine, play dead
     no power out on any band | bands-tx alike, play-tx dead
     power is down to 10 W | play-tx weak
     they tell me that my signal drifts | steady-tx unsteady
     my modulation is distorted, they say | play-tx distorted
     receive is fine until it gets warm | play fine, warm changes
     hums on receive only | hum line|double
     the fuse blows on transmit | fuse blown`,
  ],
  [
    "transmitter",
    "a fifth set",
    `no output at all | play-tx dead
     low output on all bands | bands-tx alike, play-tx weak
     carrier is fine, no modulation | play-tx fine, play-mod dead
     smoke from the modulation transformer | smell hot`,
  ],
  [
    "amfm",
    "a fifth set",
    `FM is silent | play-fm dead
     FM noisy, AM good | noise noisy, play fine
     no stereo | works:stereo fails
     AM and FM both weak | play-fm weak, play weak`,
  ],
];
