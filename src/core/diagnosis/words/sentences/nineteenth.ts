/** Written when the rules stood for the nineteenth time, and read once before anything was mended: see docs/finding-the-fault.md. */
export const NINETEENTH: readonly (readonly [set: string, group: string, lines: string])[] = [
  [
    "table",
    "a fourteenth set",
    `radio is completely dead, no hum, no lights | play dead, hum none, glow dark
     powers on but no sound at all | play dead
     I only hear a hum | hum line|double
     There is a loud hum as soon as I switch it on | hum line|double
     low volume even with the control all the way up | play weak
     volume is too low | play weak
     stations are weak and fade | play weak
     reception is poor on all bands | play weak, bands alike
     picks up only one station | play weak
     picks up local stations only | play weak
     only receives the strongest stations | play weak
     no stations at all, just static | play dead, noise noisy
     just a rushing noise, no stations | play dead, noise noisy
     static on all stations | noise noisy
     constant crackling | noise noisy
     crackles and pops when warm | noise noisy, warm changes
     crackling noise when the volume knob is turned | noise noisy, turn control
     volume control scratchy | noise noisy, turn control
     sound cuts out when I turn the volume | play dead, turn control
     sound is distorted at high volume | play distorted
     sound is distorted at low volume | play distorted
     audio is muddy and distorted | play distorted
     distorts after about 10 minutes | play distorted, warm changes
     starts out fine, then gets distorted | play distorted
     works for 10 minutes then dies | play dead, warm changes
     works for a while then goes silent | play dead, warm changes
     fades out after warming up | play weak, warm changes
     takes five minutes before it plays | warm changes
     plays only after it has been on for an hour | play dead, warm changes
     intermittent, tapping the cabinet brings it back | play dead, thump reacts
     goes off when the table is bumped | play dead, thump reacts
     tapping a tube makes a ringing sound | noise noisy, thump reacts
     motorboating at high volume | steady unsteady
     oscillates and squeals on some stations | steady unsteady
     station drifts off after a while | steady unsteady, warm changes
     I have to retune every few minutes | steady unsteady
     dial is off by about 50 kHz | dial off
     stations appear at the wrong place on the dial | dial off
     dial pointer doesn't move | knob slips
     tuning slips | knob slips
     band switch is intermittent | turn switch
     works only when the band switch is held to one side | play dead, turn switch
     no shortwave reception | bands one
     shortwave works but not AM | bands one
     AM broadcast fine, shortwave dead | bands one
     dead at the low end of the dial |
     nothing below 800 kHz | bands one
     weak at the top of the band | play weak
     blows the fuse immediately | fuse blown
     burning smell from the transformer | smell hot
     transformer gets very hot | smell hot
     rectifier arcs | noise noisy
     sparks in the rectifier tube | noise noisy
     one tube is not lit | glow dark
     all tubes light up, no sound | glow all, play dead
     dial lamp is out | glow dark
     no dial light but it plays | glow dark, play fine
     magic eye is weak | works:indicator fails
     eye tube doesn't move | works:indicator fails
     phono input works, but the radio doesn't | phono fine, play dead
     no sound from phono | phono dead
     hum on phono only | hum line|double
     hum stays when volume is turned down | hum-down line|double
     hum goes away when the volume is down | hum-down none
     hum gets worse as it warms up | hum line|double, warm changes
     hum with a 120 Hz sound | hum double
     60 Hz hum | hum line
     buzzing on strong stations | hum line|double
     buzz in the speaker | hum line|double
     speaker cone is torn | play distorted
     sounds fine | play fine
     it plays fine on all bands | play fine, bands alike
     plays fine but there's a hum | play fine, hum line|double
     works great except for the magic eye | play fine, works:indicator fails
     no complaint, wants it gone through | play fine`,
  ],
  [
    "communications",
    "a fourteenth set",
    `sensitivity is poor above 14 MHz | bands one
     no reception above 10 MHz | bands one
     S meter doesn't work | works:s-meter fails
     S meter reads backwards | works:s-meter fails
     BFO doesn't work, no SSB | works:bfo fails
     SSB is garbled, AM is fine | play distorted
     can't copy CW | works:bfo fails
     AVC doesn't work, strong stations overload | play distorted, works:agc fails
     noise limiter does nothing | works:limiter fails
     crystal filter has no effect |
     dial calibration is off on band 4 | dial off, bands one
     drifts badly for the first half hour | steady unsteady, warm changes
     receiver is dead on band 2 only | bands one
     audio is low in headphones and speaker | phones weak, play weak
     hum in the headphones | hum line|double
     works on the BFO but not on AM | works:bfo works`,
  ],
  [
    "transceiver",
    "a fourteenth set",
    `no transmit, receive OK | play-tx dead, play fine
     receives fine but won't transmit | play fine, play-tx dead
     low output power | play-tx weak
     only 30 watts out | play-tx weak
     no output on 10 and 15 meters | bands-tx one
     low output on 10 meters | bands-tx one
     won't load up on 40 | bands-tx one
     finals won't dip | play-tx weak
     final tubes glow red | smell hot
     bad audio reports | play-tx distorted
     other stations say my audio is distorted | play-tx distorted
     hum on transmitted audio | hum-tx line|double
     FMing on CW | steady-tx unsteady
     chirps on CW | steady-tx unsteady
     drifting on receive and transmit | steady unsteady, steady-tx unsteady
     receiver is weak on all bands | play weak, bands alike
     no sound from the speaker, headphones OK | play dead, phones fine
     VOX doesn't work |
     relay won't pull in | works:changeover fails
     no sidetone |
     S-meter dead, otherwise fine | works:s-meter fails, play fine
     AGC doesn't work | works:agc fails
     no SSB output, CW OK | mode-tx voice, play-tx dead
     carrier won't null |
     fuse blows when I key the mic | fuse blown`,
  ],
  [
    "transmitter",
    "a fourteenth set",
    `low power output | play-tx weak
     plate current won't dip | play-tx weak
     final tube runs red | smell hot
     key clicks | works:keying fails
     output on 80 only | bands-tx one
     fuse blows when the plate switch is turned on | fuse blown
     arcing in the final | noise noisy`,
  ],
  [
    "amfm",
    "a fourteenth set",
    `AM dead, FM fine | play dead, play-fm fine
     FM only comes in strong after warm-up | play-fm weak, warm-fm changes
     hum on FM but not on AM | hum-fm line|double, hum none
     FM stations are off the dial | dial-fm off
     both bands are dead | bands alike, play dead
     tuning eye works on AM only |`,
  ],
];
