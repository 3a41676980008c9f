/** Written when the rules stood for the thirteenth time, and read once before anything was mended: see docs/finding-the-fault.md. */
export const THIRTEENTH: readonly (readonly [set: string, group: string, lines: string])[] = [
  [
    "table",
    "a ninth set: reception",
    `radio is dead, the lamps burn | play dead, glow all
     there is current but no music | play dead
     my grandfather's radio does not play any longer | play dead
     it just sits there silent | play dead
     quit working during a thunderstorm | play dead
     plays for a second and then stops | play dead
     does not respond when switched on | play dead
     will not pick up a single station | play dead
     you have to turn it all the way up | play weak
     sound level is very low | play weak
     reception got worse and worse | play weak
     only strong local stations can be heard | play weak
     needs a very long aerial | play weak
     weak signals are lost | play weak
     barely drives the loudspeaker | play weak
     sounds as though it was under water | play distorted
     the tone is awful | play distorted
     speech sounds nasal | play distorted
     a buzz on the voices | play distorted
     the loudspeaker rattles on bass notes | play distorted
     it is distorted at all volumes | play distorted
     excellent reception day and night | play fine
     performs perfectly | play fine
     there is nothing wrong with the sound | play fine`,
  ],
  [
    "table",
    "a ninth set: hum and noise",
    `you can hear a hum when no station is tuned in | hum line|double
     an annoying hum | hum line|double
     it hums like a transformer | hum line|double
     the hum has got much louder | hum line|double
     with the volume right down it still hums | hum-down line|double
     free of hum | hum none
     the humming has stopped | hum none
     sizzles and pops | noise noisy
     a rushing noise covers everything | noise noisy
     occasional bangs from the loudspeaker | noise noisy
     the volume knob scratches | noise noisy, turn control
     touching the band switch makes a crackle | noise noisy, turn switch
     noise disappears when the volume is turned down | noise noisy
     runs quietly without noise | noise quiet`,
  ],
  [
    "table",
    "a ninth set: steadiness, warmth, blows",
    `howls when the volume is turned up | steady unsteady
     a high pitched whistle that never stops | steady unsteady
     I have to retune every ten minutes | steady unsteady
     the tuning will not stay put | steady unsteady
     loudness pulses | steady unsteady
     it takes a long time to start playing | warm changes
     when it gets warm the sound disappears | play dead, warm changes
     after two hours it starts to distort | play distorted, warm changes
     fades to nothing after twenty minutes | play dead, warm changes
     crackles only until it has warmed up | noise noisy, warm changes
     works only if you hit it | play dead, thump reacts
     stops when it is moved | play dead, thump reacts
     wiggling the output tube makes it come back | play dead, thump reacts
     rapping the cabinet changes nothing | thump still
     starts to crackle when tapped | noise noisy, thump reacts`,
  ],
  [
    "table",
    "a ninth set: dial, lamps, knobs, smell, fuse",
    `the pointer shows the wrong station | dial off
     every station is two divisions too far left | dial off
     readings of the dial are right | dial right
     the tuning cord is broken | knob slips
     knob turns without resistance | knob slips
     tuning condenser is stuck | knob slips
     the dial is dark | glow dark
     no tubes light up | glow dark
     the heater of the output valve is out | glow dark
     rectifier plates glow red | smell hot
     there is smoke | smell hot
     stinks of burnt paint | smell hot
     the power transformer runs very hot | smell hot
     transformer stays cool | smell nothing
     wax has dripped out of the transformer | smell hot
     the fuse blows when it is switched on | fuse blown
     the fuse went twice | fuse blown
     the fuse is good | fuse whole`,
  ],
  [
    "table",
    "a ninth set: bands, phono, functions",
    `the short wave band is dead | bands one
     plays on medium wave only | bands one
     reception is bad on long wave | bands one
     it is dead on all three bands | play dead, bands alike
     no difference between the bands | bands alike
     the gramophone input is silent | phono dead
     plays records but not the radio | phono fine, play dead
     tuning eye has gone dim | works:indicator fails
     the eye is stuck open | works:indicator fails`,
  ],
  [
    "communications",
    "a ninth set",
    `dead above 15 MHz | bands one
     no sensitivity on the highest range | bands one
     SSB cannot be resolved | works:bfo fails
     the BFO works | works:bfo works
     S-meter does not move from its rest | works:s-meter fails
     the limiter does not limit | works:limiter fails
     AGC pumps | steady unsteady, works:agc fails
     drifts continuously | steady unsteady
     dial calibration is way out | dial off
     noisy on all bands | noise noisy, bands alike`,
  ],
  [
    "transceiver",
    "a ninth set",
    `cannot transmit | play-tx dead
     does not transmit, receives well | play-tx dead, play fine
     transmit power is a quarter of what it was | play-tx weak
     output is unstable | steady-tx unsteady
     drifts on transmit | steady-tx unsteady
     speech is distorted on the air | play-tx distorted
     receives nothing, transmits 80 W | play dead, play-tx fine
     both receive and transmit are dead | play dead, play-tx dead
     the receiver has lost its sensitivity | play weak
     transmitter will not key | play-tx dead`,
  ],
  [
    "amfm",
    "a ninth set",
    `FM has no sound, AM is perfect | play-fm dead, play fine
     on FM only a hiss | noise noisy, play-fm dead
     FM drifts as it warms up | steady-fm unsteady, warm-fm changes
     AM distorted, FM fine | play distorted, play-fm fine
     stereo indicator stays dark | works:stereo fails
     FM receives only one station | play-fm weak`,
  ],
];
