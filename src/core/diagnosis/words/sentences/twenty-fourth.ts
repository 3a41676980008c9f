/** Written when the rules stood for the twenty-fourth time, and read once before anything was mended: see docs/finding-the-fault.md. */
export const TWENTY_FOURTH: readonly (readonly [set: string, group: string, lines: string])[] = [
  [
    "amfm",
    "a twenty-fourth set",
    `FM is dead | play-fm dead
     AM only, nothing on FM | play-fm dead
     AM plays, FM only hiss | noise noisy, play fine, play-fm dead
     FM drifts away | steady-fm unsteady
     stereo indicator doesn't come on | works:stereo fails
     right channel distorted | play distorted
     right channel silent | works:stereo fails
     FM weak after warming up | warm-fm changes, play-fm weak
     hum on AM and FM | hum line|double, hum-fm line|double
     FM comes in at the wrong place on the dial | dial-fm off
     FM OK, AM weak | play-fm fine, play weak
     AM distorted, FM clear | play distorted, play-fm fine`,
  ],
  [
    "communications",
    "a twenty-fourth set",
    `no signals on any band, noise is normal | bands alike, play dead
     deaf as a post on 10 m | bands one
     sensitivity is down by half | play weak
     weak below 5 MHz | bands one
     nothing on band 3 | bands one
     S-meter doesn't register | works:s-meter fails
     S-meter jumps around | works:s-meter fails
     S-meter sits at zero but signals are strong | play fine, works:s-meter fails
     S-meter reads too low | works:s-meter fails
     BFO intermittent | works:bfo fails
     BFO works but is weak | works:bfo fails
     CW can't be heard, only AM | works:bfo fails
     strong stations distort, weak ones are fine | play distorted, works:agc fails
     ANL has no effect | works:limiter fails
     limiter distorts the audio | play distorted
     main dial backlash | knob slips
     tuning jumps when I let go of the knob | knob slips
     dial reads 20 kHz low on all bands | dial off, bands alike
     drifts with line voltage | steady unsteady
     frequency changes when the RF gain is turned | steady unsteady
     unstable on 10 metres | steady unsteady, bands one
     broadcast stations break through |
     images are strong |
     RF gain does nothing |
     noise goes away when the antenna is removed | noise noisy
     audio very low, S-meter reads normally | play weak, works:s-meter works
     hum on SSB | hum line|double`,
  ],
  [
    "table",
    "a twenty-fourth set",
    `Radio is dead, the dial lamp burns | glow all, play dead
     it lights but doesn't make a sound | glow all, play dead
     went quiet in the middle of a programme | play weak
     was fine yesterday, nothing today | play dead
     it died with a pop last night | play dead
     stopped working after a thunderstorm | play dead
     dead after being dropped | play dead
     won't come to life | play dead
     not working on any wave band | bands alike, play dead
     plays a few seconds after switching off |
     comes on after a long time only | warm changes, play dead
     dies when it gets warm | warm changes, play dead
     after twenty minutes the sound fades | warm changes, play weak
     weak for the first few minutes, then normal | warm changes, play weak
     gets quieter by the minute | warm changes, play weak
     plays softly | play weak
     very faint reception on all bands | bands alike, play weak
     weaker than it was before | play weak
     not as loud as my other radio | play weak
     weak stations do not come in any more | play weak
     only the nearest transmitter comes in | play weak
     I can only hear it at night | play weak
     long wave weak, medium wave strong | bands one
     short wave doesn't work | bands one
     reception on FM is poor | play weak
     stations fade away slowly | play weak
     sound is distorted and low | play distorted
     sounds distorted when loud | play distorted
     distorted at all volume levels | play distorted
     distortion on peaks | play distorted
     bass is missing | play distorted
     no treble, sounds dull | play distorted
     croaky voice | play distorted
     the speaker buzzes on certain notes | play distorted
     crackling at every movement | noise noisy, thump reacts
     loud scratching when changing the volume | noise noisy, turn control
     volume knob crackles and sometimes cuts out | noise noisy, turn control, play dead
     switch crackles when changing bands | noise noisy, turn switch
     pops loudly now and then | noise noisy
     sounds like bacon frying | noise noisy
     rushing noise on all stations | noise noisy
     noise drowns out the stations | noise noisy
     a hum that gets stronger when tuned to a station | hum line|double
     strong hum from the moment of switching on | hum line|double
     hum increased over the last months | hum line|double
     100 Hz hum | hum double
     50 Hz hum with the volume at minimum | hum-down line
     buzzing sound at any volume setting | hum-down line|double
     hums when I touch the volume knob | hum line|double
     no hum but no stations either | hum none, play dead
     whistling on the upper end of medium wave | steady unsteady, bands one
     whistle changes pitch as I tune | steady unsteady
     squeals at full volume | steady unsteady
     howling when the gramophone is connected | steady unsteady
     loses the station after a few minutes | warm changes, play weak
     needs retuning every five minutes | steady unsteady
     frequency wanders | steady unsteady
     station jumps to another one | steady unsteady
     dial reads wrong by a centimetre | dial off
     stations are too far to the left on the dial | dial off
     pointer is bent and rubs | knob slips
     dial pointer fell off | knob slips
     tuning knob slips on its shaft | knob slips
     knob turns but pointer doesn't | knob slips
     tuning is rough | knob slips
     dial drive has a lot of play | knob slips
     magic eye doesn't light | works:indicator fails
     magic eye does not close on strong stations | works:indicator fails
     eye opens and closes with the music | works:indicator works
     eye is weak but moves | works:indicator fails
     the output tube doesn't glow | glow dark
     tube heaters go on and off | glow dark
     smells when on for a while | smell hot, warm changes
     smells burnt but still plays | smell hot, play fine
     smoke from the rectifier | smell hot
     capacitor exploded | smell hot
     line cord gets warm |
     one resistor is glowing | smell hot
     the fuse is blown | fuse blown
     blown fuse, replaced it, blew again | fuse blown
     takes out the house fuse | fuse blown
     fuse is not blown | fuse whole
     reacts to knocks on the cabinet | thump reacts
     works when I press on the chassis | thump reacts, play dead
     the sound changes when I touch the IF can | thump reacts
     tapping the output tube makes it crackle | noise noisy, thump reacts
     plays again after a bump | thump reacts, play dead
     doesn't react when tapped | thump still
     gram works | phono fine
     gram is weak too | phono weak
     no sound from gram or radio | play dead, phono dead
     plays well on gram, weak on radio | play weak, phono fine
     everything is fine now | play fine
     sounds good, no hum | hum none, play fine
     no crackles any more | noise quiet`,
  ],
  [
    "transceiver",
    "a twenty-fourth set",
    `transmits fine, doesn't receive | play-tx fine, play dead
     rig dead, no lights | glow dark, play dead
     RF output zero on all bands | bands-tx alike, play-tx dead
     only 30 watts out on 80 m | bands-tx one
     low output on SSB, CW full | mode-tx voice, play-tx weak
     they say my audio is muffled | play-tx distorted
     the others tell me I drift | steady-tx unsteady
     my signal has hum on it | hum-tx line|double
     my CW note is rough | play-tx distorted
     frequency jumps when I key | steady-tx unsteady
     receiver is weak on 40 m | bands one
     no audio in receive, S-meter moves | play dead, works:s-meter works
     receiver hums | hum line|double
     receive audio distorted, transmit clean | play distorted, play-tx fine
     VFO unstable after warm-up | steady unsteady, warm changes
     loading has no effect | play-tx weak
     tubes get red when tuning up | smell hot
     meter doesn't show plate current | works:metering fails
     relay doesn't switch | works:changeover fails
     antenna relay sticks in transmit | works:changeover fails
     output fades after ten minutes | warm-tx changes, play-tx weak
     blows the fuse when I press PTT | fuse blown
     works on receive only | play fine, play-tx dead
     receives and transmits well | play fine, play-tx fine
     dial calibration is off by 5 kHz | dial off
     keying is chirpy when hot | steady-tx unsteady, warm-tx changes, works:keying fails
     arcing from the final cage | noise noisy`,
  ],
];
