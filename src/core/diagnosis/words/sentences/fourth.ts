/** A fourth set, written when the third was mended. Its result at the first go stands in docs/finding-the-fault.md. */
export const FOURTH: readonly (readonly [set: string, group: string, lines: string])[] = [
  [
    "table",
    "a fourth set",
    `gives no sound any more | play dead
     it died last winter | play dead
     one day it simply stopped | play dead
     not a sound from it | play dead
     I cannot get any station | play dead
     you can hardly hear it | play weak
     I have to turn it fully up to hear anything | play weak
     it has lost its power over the years | play weak
     local station only | play weak
     very quiet even at full volume | play weak
     sounds terrible | play distorted
     it rattles on loud passages | play distorted
     speech is hard to understand | play distorted
     the sound is fuzzy | play distorted
     distorted after a quarter of an hour | play distorted, warm changes
     there is a buzz | hum line|double
     a strong buzzing noise | hum line|double
     the hum is louder than the music | hum line|double
     hums even with the volume right down | hum-down line|double
     no humming any more | hum none
     scratches when I turn the volume | noise noisy, turn control
     crackling like frying bacon | noise noisy
     a lot of static | noise noisy
     spits and crackles when it gets warm | noise noisy, warm changes
     whistles on every station | steady unsteady
     squeals when I tune it | steady unsteady
     makes a putt-putt noise | steady unsteady
     the station wanders away | steady unsteady
     must be retuned all the time | steady unsteady
     stations come in at the wrong place | dial off
     the dial does not agree | dial off
     pointer does not move | knob slips
     the knob turns but nothing happens | knob slips
     dial cord is broken | knob slips
     all lamps dark | glow dark
     two valves stay cold | glow dark
     one valve glows very brightly | glow bright
     a tube is glowing blue | glow bright
     the fuse goes every time | fuse blown
     trips the house breaker | fuse blown
     smell of burning | smell hot
     it got very hot and smoked | smell hot
     starts to play when I slap it | thump reacts, play dead
     bumping the table brings it back | thump reacts, play dead
     medium wave has gone | bands one
     only medium wave works | bands one
     turntable works, radio does not | phono fine, play dead
     no sound from records either | phono dead
     quite all right now | play fine
     sounds lovely, no hum | play fine, hum none`,
  ],
  [
    "communications",
    "a fourth set",
    `insensitive on all bands | bands alike, play weak
     deaf above 15 MHz | bands one
     the two highest bands are dead | bands one
     CW gives no tone | works:bfo fails
     S-meter stays at zero | works:s-meter fails
     signal meter does not move | works:s-meter fails
     AVC does nothing | works:agc fails
     strong stations overload it | play distorted, works:agc fails
     noise limiter has no effect | works:limiter fails
     creeps in frequency for an hour | steady unsteady, warm changes
     the calibration is 50 kHz out | dial off
     band switch is noisy | noise noisy, turn switch
     comes on when I work the band switch | turn switch, play dead
     hissing on every band, no signals | bands alike, noise noisy, play dead
     good on AM, no SSB | play fine, works:bfo fails
     headphones hum, speaker too | hum line|double`,
  ],
  [
    "transceiver",
    "a fourth set",
    `will not transmit | play-tx dead
     no drive | play-tx dead
     power drops after a minute of transmitting | play-tx weak, warm-tx changes
     only 20 watts come out | play-tx weak
     reports say my audio is distorted | play-tx distorted
     receives well but puts nothing out | play fine, play-tx dead
     deaf receiver, full power on transmit | play weak, play-tx fine
     it drifts on receive and on transmit | steady unsteady, steady-tx unsteady
     hum on the transmitted signal | hum-tx line|double
     blows the fuse when I key it | fuse blown
     plates of the finals turn red | smell hot
     no CW output, SSB is fine | play-tx dead
     both dead, receive and transmit | play dead, play-tx dead
     stays in transmit | play dead
     transmits on 80 m only | bands-tx one
     the dial slips | knob slips`,
  ],
  [
    "transmitter",
    "a fourth set",
    `no carrier | play-tx dead
     no antenna current | play-tx dead
     the carrier is there, nobody hears my voice | play-tx fine, play-mod dead
     modulation sounds rough | play-mod distorted
     output fell to a third | play-tx weak
     chirps when keyed | steady-tx unsteady
     hum on the carrier | hum-tx line|double
     the rectifier glows red | smell hot`,
  ],
  [
    "amfm",
    "a fourth set",
    `FM gone, AM plays | play-fm dead, play fine
     weak FM reception | play-fm weak
     FM drifts away after switching on | steady-fm unsteady, warm-fm changes
     FM sounds harsh | play-fm distorted
     nothing on either AM or FM | play-fm dead, play dead
     one channel is silent | works:stereo fails
     AM is full of noise, FM is clean | noise noisy, play-fm fine`,
  ],
];
