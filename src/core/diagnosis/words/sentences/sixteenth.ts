/** Written when the rules stood for the sixteenth time, and read once before anything was mended: see docs/finding-the-fault.md. */
export const SIXTEENTH: readonly (readonly [set: string, group: string, lines: string])[] = [
  [
    "table",
    "an eleventh set",
    `My grandmother's radio, it hums so you can hear it across the room | hum line|double
     Set lights up but stays silent | glow all, play dead
     It used to be loud, now you can barely hear it | play weak
     the sound disappears after roughly twenty minutes and returns when it has cooled | play dead, warm changes
     reception is full of crackling | noise noisy
     crackles whenever the volume is adjusted | noise noisy, turn control
     there's a burning smell after a quarter of an hour | smell hot, warm changes
     fuse went when I plugged it in | fuse blown
     new fuse blew straight away | fuse blown
     plays fine for the first hour, then starts to distort | play distorted, warm changes
     stations fade in and out | play weak
     medium wave is fine but long wave is silent | bands one
     short wave hardly works | bands one
     whistles on medium wave | steady unsteady, bands one
     there is a whistle behind every station | steady unsteady
     distorted on strong stations | play distorted, works:agc fails
     pointer is stuck at one end | knob slips
     dial string came off | knob slips
     tuning knob just spins | knob slips
     stations come in 30 kHz too high | dial off
     one of the tubes stays cold | glow dark
     no light anywhere in the set | glow dark
     magic eye barely glows | works:indicator fails
     the eye doesn't react to stations | works:indicator fails
     plays only when I press on the chassis | play dead, thump reacts
     if you knock on the wood it comes back | play dead, thump reacts
     hum vanishes with the volume at zero | hum-down none
     no hum, but very quiet | hum none, play weak
     no crackle and no hum | noise quiet, hum none
     works perfectly apart from a slight hum | play fine, hum line|double
     it is loud enough but sounds tinny | play distorted
     sounds as if the speaker was torn | play distorted
     record player works, tuner is dead | phono fine, play dead
     gramophone input gives nothing, radio is good | phono dead, play fine
     the resistor by the rectifier is charred | smell hot
     something fizzes inside and it smells | noise noisy, smell hot
     gets far too hot to touch | smell hot
     nothing wrong, only needs a check | play fine
     the owner says it played last year |
     has been in an attic for forty years |
     dial lamps are dead, otherwise it plays | glow dark, play fine
     tubes light for a second and then go dark | glow dark
     trips the house breaker as soon as it is switched on | fuse blown
     volume control does nothing |
     volume can't be turned down |
     volume jumps by itself | steady unsteady
     goes loud and soft by itself | steady unsteady
     pulsating hum | hum line|double, steady unsteady
     recieves nothing | play dead
     distored sound | play distorted
     intermitent crackling | noise noisy
     no recption on any band | play dead, bands alike`,
  ],
  [
    "communications",
    "an eleventh set",
    `sensitivity has fallen off on the top range | bands one
     whistles when the RF gain is turned up | steady unsteady
     no CW note with the BFO on | works:bfo fails
     BFO is fine | works:bfo works
     S-meter sits at full scale | works:s-meter fails
     S-meter is sluggish | works:s-meter fails
     crackles when moved to another range | noise noisy, turn switch
     AVC doesn't seem to do anything | works:agc fails
     receives, but far off the dial marks | play fine, dial off
     signals jump in frequency when the cabinet is touched | steady unsteady, thump reacts
     stable after half an hour | steady unsteady, warm changes
     hum in headphones and speaker | hum line|double
     very deaf on all ranges | play weak, bands alike
     the main tuning has backlash | knob slips`,
  ],
  [
    "transceiver",
    "an eleventh set",
    `power output dropped from 100 W to 40 W | play-tx weak
     it receives but there is no RF when I key it | play fine, play-tx dead
     keys up but no watts | play-tx dead
     power is fine on 80 and 40, nothing on 10 | bands-tx one
     no output on the upper bands | bands-tx one
     tunes up on every band | bands-tx alike
     receiver went deaf after a thunderstorm | play weak
     no receive audio | play dead
     nothing in the headphones, transmits fine | phones dead, play-tx fine
     SSB sounds garbled to others | mode-tx voice, play-tx distorted
     they say I sound like Donald Duck | play-tx distorted
     reports say there's hum on my audio | hum-tx line|double
     stations tell me that I drift | steady-tx unsteady
     VFO creeps upwards while warming up | steady unsteady, warm changes
     dial is 3 kHz off | dial off
     S-meter doesn't budge | works:s-meter fails
     AGC is slow and pumps | steady unsteady, works:agc fails
     finals arc when I key down | noise noisy
     final tubes show red plates | smell hot
     blows the line fuse on transmit | fuse blown
     clicks into transmit but no output | play-tx dead
     receives well on all bands | play fine, bands alike
     transmit audio is low | play-tx weak
     carrier leaks through on SSB |
     the fan is dead |
     low sensitivity on 15 m, other bands fine | bands one
     T/R relay chatters | works:changeover fails
     drive control has no effect, no output | play-tx dead`,
  ],
  [
    "transmitter",
    "an eleventh set",
    `full carrier, no audio | play-tx fine, play-mod dead
     carrier drops when I speak | play-tx weak
     modulation sounds muddy | play-mod distorted
     can't get any grid drive | play-tx dead
     output falls off after some minutes of transmitting | play-tx weak, warm-tx changes
     keying is chirpy | steady-tx unsteady, works:keying fails
     plates turn cherry red | smell hot
     transmits a rough note | play-tx distorted`,
  ],
  [
    "amfm",
    "an eleventh set",
    `FM fades away after some minutes | play-fm weak, warm-fm changes
     stations on FM hiss | noise noisy
     FM stations wander | steady-fm unsteady
     only FM works | play-fm fine, play dead
     AM stations come in, FM is quiet | play fine, play-fm weak
     stereo beacon stays dark | works:stereo fails
     the right channel is missing | works:stereo fails
     FM distorts on loud passages | play-fm distorted
     AM is full of hum, FM is clean | hum line|double, play-fm fine`,
  ],
];
