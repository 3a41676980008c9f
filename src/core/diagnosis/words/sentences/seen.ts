/** Sentences by what they mean: `sentence | outcomes`. The rules were written with these in sight. */
export const SEEN: readonly (readonly [set: string, group: string, lines: string])[] = [
  [
    "table",
    "a fault that is denied is no fault",
    `no distortion |
     does not hum | hum none
     doesn't hum | hum none
     without any hum | hum none
     no crackle | noise quiet
     no noise at all | noise quiet
     not dead |
     not weak |
     it is not distorted |
     does not drift | steady steady
     never whistles | steady steady
     weak but not distorted | play weak
     distorted but does not hum | hum none, play distorted
     hums, no crackle | hum line|double, noise quiet
     plays fine without hum | hum none, play fine`,
  ],
  [
    "table",
    "words that say nothing of how it plays",
    `there is a crack in the dial glass |
     came in a box |
     the dial lamp goes on and off |
     the magic eye goes green |
     the left knob is missing its screw |`,
  ],
  [
    "table",
    "dead, in many words",
    `dead | play dead
     completely silent | play dead
     no sound | play dead
     no sound at all | play dead
     no reception | play dead
     does not play | play dead
     doesn't play any more | play dead
     won't play | play dead
     will not work | play dead
     nothing to hear | play dead
     stopped working | play dead
     stops playing after ten minutes | warm changes, play dead
     no stations | play dead
     dead as a doornail | play dead
     suddenly went silent | play dead
     refuses to play | play dead
     nothing comes out of the speaker | play dead
     mute since the move | play dead
     no radio, phono works well | phono fine, play dead
     no volume at all | play dead
     does not receive | play dead`,
  ],
  [
    "table",
    "weak, distorted, unsteady",
    `weak | play weak
     faint | play weak
     deaf | play weak
     fades after half an hour | warm changes, play weak
     distorted and weak | play distorted
     weak and distorted | play distorted
     sounds harsh | play distorted
     motorboats | steady unsteady
     howls with the volume up | steady unsteady
     whistles on every band | steady unsteady, bands alike
     drifts when warm | steady unsteady, warm changes
     crackles when cold | noise noisy, warm changes
     hum at 100 Hz | hum double
     hums at 50 Hz | hum line
     stations in the wrong place | dial off
     the dial is off | dial off
     scratchy volume control | noise noisy, turn control
     hisses all the time | noise noisy
     hums and crackles | hum line|double, noise noisy
     pumps on strong signals | steady unsteady
     too quiet | play weak
     rough and harsh when cold | warm changes, play distorted
     plays well when cold, distorts after ten minutes | warm changes, play distorted
     loud and clear, but hums | hum line|double, play fine
     low volume, no hum | hum none, play weak
     noisy, not weak | noise noisy
     the hum is gone, still distorted | hum none, play distorted
     it squeals but is not noisy | noise quiet, steady unsteady`,
  ],
  [
    "table",
    "one band, all bands",
    `dead on SW | bands one
     dead on the highest band | bands one
     weak on the top band | bands one
     plays only on MW | bands one
     dead on all bands | bands alike, play dead
     off the dial on one band | dial off, bands one
     weak on long wave | bands one
     nothing on the lower band | bands one
     distorted on every band | bands alike, play distorted`,
  ],
  [
    "communications",
    "a stage of its own is not the whole set",
    `the BFO is dead | works:bfo fails
     BFO gives no note | works:bfo fails
     S-meter stuck | works:s-meter fails
     S-meter does not move, plays well | play fine, works:s-meter fails
     plays well but the BFO is dead | play fine, works:bfo fails
     the BFO works fine | works:bfo works
     AGC pumps | steady unsteady, works:agc fails
     dead, the S-meter moves fine | play dead, works:s-meter works
     S-meter is dead, receives well | play fine, works:s-meter fails
     weak, and the BFO does nothing | play weak, works:bfo fails
     the AGC works well, hums | hum line|double, works:agc works`,
  ],
  [
    "transceiver",
    "transmit is told from receive",
    `dead on receive, transmit is fine | play dead, play-tx fine
     receives fine, no output on transmit | play fine, play-tx dead
     dead on transmit, receive is fine | play-tx dead, play fine
     transmit is dead but it receives well | play-tx dead, play fine
     weak on receive and distorted | play distorted
     transmit fades when warm | warm-tx changes, play-tx weak
     no carrier | play-tx dead
     chirps when keyed | steady-tx unsteady
     low output | play-tx weak
     hums on receive, not on transmit | hum line|double, hum-tx none
     full output on transmit, deaf on receive | play-tx fine, play weak
     no power out, receives ok | play-tx dead, play fine
     modulates badly | play-tx distorted
     splatters on transmit | play-tx distorted
     receive works well, transmit does not work | play fine, play-tx dead
     distorted on transmit but not on receive | play-tx distorted
     drifts on receive | steady unsteady
     chirps on key-down and modulates badly | steady-tx unsteady, play-tx distorted
     dead on 15 m | bands one`,
  ],
  [
    "table",
    "what smells, smokes or blows",
    `it blows fuses | fuse blown
     the fuse blows at once | fuse blown
     blows the fuse after ten minutes | fuse blown, warm changes
     keeps blowing fuses | fuse blown
     fuse blown | fuse blown
     trips the breaker | fuse blown
     the fuse is fine, no sound | fuse whole, play dead
     smokes | smell hot
     smoke from the back | smell hot
     a burning smell, then dead | smell hot, play dead
     smells of burning | smell hot
     smells hot and hums | smell hot, hum line|double
     the transformer gets very hot | smell hot
     the output tube glows red | smell hot
     red plates in the output stage | smell hot
     it went bang and is dead | smell hot, play dead
     smells of tobacco |
     no smell, no smoke | smell nothing
     overheats | smell hot
     the rectifier runs too hot | smell hot`,
  ],
  [
    "table",
    "what glows or stays dark",
    `the dial lamp is out | glow dark
     dial lamp dead, plays well | glow dark, play fine
     no dial light | glow dark
     tubes do not light | glow dark
     the tubes do not glow, no sound | glow dark, play dead
     one tube stays cold | glow dark
     tubes light up but there is no sound | glow all, play dead
     lights up, no sound | glow all, play dead
     lights but does not play | glow all, play dead
     the pilot lamp blows | glow dark
     heaters are out | glow dark
     tubes glow, nothing to hear | glow all, play dead
     the dial lamps work, dead | glow all, play dead
     all the tubes glow but it is silent | glow all, play dead
     no lights, no sound | glow dark, play dead
     one tube glows too bright | glow bright
     the dial lamp is much too bright | glow bright
     a tube is brighter than the others | glow bright
     will not switch on | play dead
     does not come on | play dead`,
  ],
  [
    "table",
    "knobs, dial and drive",
    `the tuning slips | knob slips
     the dial cord is broken | knob slips
     the pointer does not move | knob slips
     tuning is stiff | knob slips
     dial cord slips, otherwise fine | knob slips, play fine
     the tuning knob turns without moving the pointer | knob slips
     backlash in the tuning | knob slips
     tuning jumps back | knob slips
     volume control is noisy | noise noisy, turn control
     crackly volume pot | noise noisy, turn control
     band switch is crackly | noise noisy, turn switch
     the band switch is stuck | knob slips
     scratchy when the volume is turned | noise noisy, turn control
     the dial reads 20 kHz high | dial off
     stations come in at the wrong place | dial off
     calibration is out | dial off
     out of calibration | dial off
     off frequency | dial off
     the dial does not agree with the stations | dial off
     dial is right | dial right
     stations are shifted on the dial | dial off`,
  ],
  [
    "table",
    "when and where it shows",
    `crackles when tapped | noise noisy, thump reacts
     comes back when you thump it | thump reacts, play dead
     plays if you hit it | thump reacts, play dead
     cuts out when the cabinet is knocked | thump reacts, play dead
     hum with the volume down | hum-down line|double
     hums even with the volume right down | hum-down line|double
     crackles with the volume at zero | noise-down noisy
     plays for ten minutes, then dead | warm changes, play dead
     dead until it warms up | warm changes, play dead
     only plays when cold | warm changes
     goes weak when it is warm | warm changes, play weak
     distorts on strong stations | play distorted, works:agc fails
     sometimes cuts out | play dead
     comes and goes | play dead
     sound comes and goes | play dead
     fades in and out | play weak
     distorts only when hot | warm changes, play distorted
     works well from cold, hums after an hour | hum line|double, warm changes, play fine
     the first ten minutes are fine | warm changes, play fine
     whistles after warming up | steady unsteady, warm changes`,
  ],
  [
    "table",
    "phono, headphones, and the rest",
    `phono works, no radio | phono fine, play dead
     gramophone plays well, reception dead | phono fine, play dead
     no sound on phono, radio is fine | phono dead, play fine
     records distort too | phono distorted
     the radio is weak, phono is loud | play weak, phono fine
     headphones work, the speaker is dead | phones fine, play dead
     no sound in the headphones | phones dead
     phono is distorted as well | phono distorted
     plays records perfectly, nothing on radio | phono fine, play dead
     dead on phono and radio | phono dead, play dead`,
  ],
  [
    "table",
    "other words for weak, distorted, dead",
    `hardly plays | play weak
     barely audible | play weak
     only strong stations | play weak
     not loud | play weak
     not very loud | play weak
     does not play loud | play weak
     volume drops after an hour | warm changes, play weak
     sound is muffled | play distorted
     tinny sound | play distorted
     speaker rattles | play distorted
     rattles on loud notes | play distorted
     speech breaks up | play distorted
     sounds awful | play distorted
     does not play well | play weak|distorted
     does not work properly | play weak|distorted
     does not sound right | play weak|distorted
     plays poorly | play weak
     no music | play dead
     not a peep | play dead
     stone dead | play dead
     it died last week | play dead
     gave up | play dead
     quit working | play dead
     low hum, plays well | hum line|double, play fine
     strong hum | hum line|double
     loud buzz | hum line|double
     a bad hum and weak | hum line|double, play weak
     slight hum | hum line|double
     reception is poor | play weak
     poor sensitivity | play weak
     it lacks sensitivity | play weak
     sensitivity is low | play weak
     volume is low | play weak
     hisses, no stations | noise noisy, play dead
     only noise | noise noisy
     only a loud hum | hum line|double
     just hum and no stations | hum line|double, play dead
     lots of static | noise noisy
     it pops and crackles | noise noisy
     wanders off the station | steady unsteady
     will not stay on the station | steady unsteady
     has to be retuned all the time | steady unsteady
     sings when the volume is up | steady unsteady
     magic eye is dead, plays well | play fine, works:indicator fails
     the eye does not close | works:indicator fails
     the tuning eye is dim | works:indicator fails
     the eye works | works:indicator works
     nothing wrong with the sound | play fine`,
  ],
  [
    "communications",
    "stages of a communications receiver",
    `no BFO | works:bfo fails
     no beat note | works:bfo fails
     S-meter pinned | works:s-meter fails
     the S-meter reads low | works:s-meter fails
     S-meter sticks | works:s-meter fails
     noise limiter has no effect | works:limiter fails
     the noise limiter works | works:limiter works
     AGC does not work | works:agc fails
     no AGC | works:agc fails
     no AVC action, distorts on strong stations | play distorted, works:agc fails
     dead on 40 m | bands one
     deaf above 15 MHz | bands one
     drifts for the first ten minutes | steady unsteady, warm changes
     SSB is unreadable | play distorted
     no CW | works:bfo fails
     headphones are dead, speaker is fine | phones dead, play fine
     weak on the top band, fine on the others | bands one
     off calibration on one band | dial off, bands one`,
  ],
  [
    "transceiver",
    "a transceiver, more",
    `no SSB output | play-tx dead, mode-tx voice
     no drive | play-tx dead
     full power on CW, no SSB | play-tx dead, mode-tx voice
     low power on 80 m | bands-tx one
     the relay clicks but no output | play-tx dead
     transmit is distorted | play-tx distorted
     output drops after a minute | warm-tx changes, play-tx weak
     receiver is dead | play dead
     receive is deaf, transmit makes full power | play weak, play-tx fine
     will not transmit | play-tx dead
     does not transmit, receives | play-tx dead, play fine
     keys but no power out | play-tx dead
     hum on the carrier | hum-tx line|double
     drifts on transmit | steady-tx unsteady
     off frequency on transmit | dial-tx off
     plate current meter does not move | works:metering fails
     the meter is dead, works well | play fine, works:metering fails
     ALC does nothing | works:alc fails
     the final plates glow red | smell hot
     arcs when keyed | noise noisy
     blows its fuse on transmit | fuse blown
     does not key | works:keying fails
     no modulation | play-tx dead
     microphone is dead | play-tx dead
     dead on transmit and receive | play-tx dead, play dead
     S-meter does not move, receives fine | play fine, works:s-meter fails
     rf output is half | play-tx weak`,
  ],
  [
    "transmitter",
    "an AM transmitter",
    `no modulation, carrier is fine | play-mod dead, play-tx fine
     modulation is weak | play-mod weak
     distorted modulation | play-mod distorted
     no carrier | play-tx dead
     carrier is fine but it modulates badly | play-tx fine, play-mod distorted
     chirps | steady-tx unsteady
     hum on the modulation | hum-mod line|double
     low output | play-tx weak
     keying is dead | works:keying fails
     drifts when keyed | steady-tx unsteady
     blows the fuse when keyed | fuse blown`,
  ],
  [
    "amfm",
    "AM and FM",
    `FM is dead, AM works | play-fm dead, play fine
     no FM | play-fm dead
     distorted on FM only | play-fm distorted
     FM drifts | steady-fm unsteady
     AM weak, FM fine | play weak, play-fm fine
     no stereo | works:stereo fails
     the stereo lamp does not light | works:stereo fails
     FM hisses | noise noisy
     nothing on FM, AM perfect | play-fm dead, play fine
     dead on AM and FM | play dead, play-fm dead
     hums on FM and on AM | hum-fm line|double, hum line|double
     off the dial on FM | dial-fm off
     FM fades after an hour | warm-fm changes, play-fm weak
     phono works, FM does not | phono fine, play-fm dead
     dead on MW, FM is fine | bands one, play-fm fine
     stereo does not work, mono is fine | works:stereo fails, play fine`,
  ],
  [
    "table",
    "what was measured elsewhere",
    `no B+ | rail:reservoir none
     B+ is low | rail:reservoir low
     HT missing, tubes glow | rail:reservoir none, glow all
     B+ to chassis 180 ohm | ohms:reservoir low
     180 Ω from B+ to ground | ohms:reservoir low
     B+ to chassis 47 kohm | ohms:reservoir normal
     HT is shorted | ohms:reservoir low
     lamp limiter stays bright | lamp bright
     bright on the lamp limiter | lamp bright
     the series lamp is dim, no sound | lamp dim, play dead
     draws too much current | line high
     B+ is fine, no sound | rail:reservoir normal, play dead`,
  ],
];
