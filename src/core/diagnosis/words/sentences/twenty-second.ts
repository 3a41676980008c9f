/** Written when the rules stood for the twenty-second time, and read once before anything was mended: see docs/finding-the-fault.md. */
export const TWENTY_SECOND: readonly (readonly [set: string, group: string, lines: string])[] = [
  [
    "table",
    "short complaints",
    `Radio worked last week, now there is no sound whatsoever | play dead
     no reception on any band, only a faint hum | bands alike, hum line|double, play dead
     hum so loud you can hear it in the next room | hum line|double
     the hum starts as soon as it's plugged in | hum line|double
     quiet hum, otherwise perfect | hum line|double, play fine
     hums only between stations | hum line|double
     stations come in but with a buzz behind them | hum line|double, play fine
     strong local stations only | play weak
     only gets one station, and that faintly | play weak
     you have to put your ear to the speaker to hear it | play weak
     volume must be at maximum to hear anything | play weak
     sound cuts out now and then | play dead
     keeps going on and off by itself | play dead
     comes on with a crackle and dies after a few seconds | noise noisy, play dead, warm changes
     works when cold, quits when hot | warm changes, play dead
     the longer it runs the weaker it gets | play weak, warm changes
     after an hour or so it begins to hum | hum line|double, warm changes
     takes five minutes before any sound comes | warm changes
     starts to whistle once it has warmed up | steady unsteady, warm changes
     whistles when a station is tuned in | steady unsteady
     howls when I turn it up | steady unsteady
     motorboating at low volume | steady unsteady
     putt-putt noise from the speaker | steady unsteady
     sounds like it's under water | play distorted
     sounds tinny | play distorted
     voices are unintelligible | play distorted
     distorts on loud passages | play distorted
     raspy sound, also at low volume | play distorted
     music sounds wobbly | steady unsteady
     crackles whenever the fridge starts | noise noisy
     a lot of static even without antenna | noise noisy
     frying noises from inside the cabinet | noise noisy
     pops and crackles for the first ten minutes | noise noisy, warm changes
     band switch needs to be wiggled before it plays | turn switch, play dead
     sound comes and goes as the band switch is moved | play dead, turn switch
     a bang on the side brings it back | play dead, thump reacts
     one thump and it works again | play dead, thump reacts
     tapping the tubes makes it ring | thump reacts
     smells of burnt rubber | smell hot
     wisp of smoke from the back | smell hot
     the transformer is too hot to touch | smell hot
     tar is dripping from the transformer | smell hot
     goes bang and the fuse is gone | fuse blown, smell hot
     trips the breaker in the house when I switch it on | fuse blown
     house lights go out when I plug it in | fuse blown
     the tubes stay dark | glow dark
     no light, no heat, nothing | glow dark, play dead
     all the tubes are glowing | glow all
     one of the tubes doesn't light | glow dark
     dial stays dark but the set plays | glow dark, play fine
     pointer is a centimetre away from the station | dial off
     stations at the wrong place on the dial | dial off
     tuning knob spins freely | knob slips
     short wave is completely quiet, long and medium wave are all right | bands one
     nothing above 1200 kHz | bands one
     LW dead | bands one
     same on all wavebands | bands alike
     gramophone input works, no wireless | phono fine, play dead
     through the gramophone socket it is also distorted | phono distorted
     magic eye stays closed | works:indicator fails
     green eye is so dim you can't see it | works:indicator fails
     eye doesn't react to stations | works:indicator fails
     station fades in and out every few seconds | play weak
     drifts off the station while listening | steady unsteady
     have to follow the station with the knob | steady unsteady
     plays nicely, not a trace of hum | play fine, hum none
     no crackle when I turn the volume | noise quiet
     fuse holds | fuse whole`,
  ],
  [
    "communications",
    "short complaints",
    `receiver is stone deaf above 10 MHz | bands one
     good on the low bands, hears nothing on 15 and 10 metres | bands one
     signals are S9 on 40 and S3 on 20 | bands one
     cannot resolve SSB | works:bfo fails
     CW signals have no tone | works:bfo fails
     S meter pinned | works:s-meter fails
     S-meter reads S9 without a signal | works:s-meter fails
     S meter does not return to zero | works:s-meter fails
     AGC is dead, strong signals block the receiver | works:agc fails
     frequency jumps when I tap the cabinet | steady unsteady, thump reacts
     drifts upward for the first hour | steady unsteady, warm changes
     calibration is 20 kHz out on band 4 | dial off, bands one
     reads 50 kHz high at the top of each band | dial off, bands alike
     headphones work, speaker does not | phones fine, play dead
     weak audio in the headphones too | phones weak, play weak
     lots of hiss but few signals | noise noisy, play weak
     very quiet, no background noise at all | noise quiet, play weak
     crackling when the RF gain is turned | noise noisy, turn control
     hum modulation on strong carriers | hum line|double
     tunable hum | hum line|double
     birdies every 100 kHz | steady unsteady`,
  ],
  [
    "transceiver",
    "short complaints",
    `receives perfectly, transmit is dead | play fine, play-tx dead
     no grid drive on 10 m | bands-tx one
     full power on all bands but 15 m | bands-tx one
     half power on SSB, full on CW | mode-tx voice, play-tx weak
     output drops after a few seconds of key down | play-tx weak, warm-tx changes
     power slowly falls during transmit | play-tx weak
     SSB sounds rough on the air | mode-tx voice, play-tx distorted
     my audio is distorted, they tell me | play-tx distorted
     reports of FMing on CW | steady-tx unsteady
     carrier is not suppressed |
     relay clicks, no output | play-tx dead
     does not go back to receive | play dead
     no receive after transmitting | play dead
     no reception on 80 m, transmit there is normal | bands one, play-tx fine
     receive drops out when warm, transmit OK | play dead, warm changes, play-tx fine
     ALC meter does not move | works:metering fails`,
  ],
  [
    "transmitter",
    "short complaints",
    `carrier OK, no modulation | play-tx fine, play-mod dead
     modulation sounds harsh | play-mod distorted
     modulation only 40 % | play-mod weak
     no output, final draws no current | play-tx dead
     key down, nothing happens | play-tx dead
     carrier stays on with key up | works:keying fails
     output low on every band | play-tx weak, bands-tx alike
     good output on 80, nothing on 10 | bands-tx one
     signal chirps when keyed | steady-tx unsteady
     drifts while keyed | steady-tx unsteady
     fuse goes when the high voltage comes on | fuse blown`,
  ],
  [
    "amfm",
    "short complaints",
    `FM is just noise | play-fm dead, noise noisy
     FM weak, AM good | play-fm weak, play fine
     stereo light never comes on | works:stereo fails
     no stereo separation | works:stereo fails
     FM stations wander off | steady-fm unsteady
     FM dial is out by 2 MHz | dial-fm off
     FM hums, AM does not | hum-fm line|double, hum none
     FM distorted on strong stations | play-fm distorted, works:agc fails
     loses FM when it warms up | play-fm dead, warm-fm changes
     AM dead, FM perfect | play dead, play-fm fine`,
  ],
];
