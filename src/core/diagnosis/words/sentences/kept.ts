/**
 * Sentences that were written when the rules stood, and kept out of sight while they were made. How many of them were
 * read rightly at the first go stands in docs/finding-the-fault.md; the rules for those that were not were mended then.
 */
export const KEPT: readonly (readonly [set: string, group: string, lines: string])[] = [
  [
    "table",
    "denied",
    `no hum whatsoever | hum none
     it isn't noisy | noise quiet
     there is no crackling | noise quiet
     never drifts | steady steady
     no whistles | steady steady
     not distorted, just weak | play weak
     it doesn't smell | smell nothing
     doesn't blow the fuse any more | fuse whole
     nothing wrong with reception | play fine
     neither hum nor crackle | hum none, noise quiet
     without distortion |
     hasn't gone dead |`,
  ],
  [
    "table",
    "dead",
    `utterly dead | play dead
     the set is completely dead | play dead
     plays nothing | play dead
     nothing at all from the loudspeaker | play dead
     I get no stations | play dead
     no sign of life | play dead
     it has stopped working | play dead
     the radio refuses to play | play dead
     can't hear anything | play dead
     went silent in the middle of a concert | play dead
     radio not working | play dead
     lost all reception | play dead
     no output from the speaker | play dead`,
  ],
  [
    "table",
    "weak and distorted",
    `very faint | play weak
     volume is far too low | play weak
     needs full volume to be heard | play weak
     reception is weak in the evening | play weak
     sound fades away | play weak
     the sound is rough | play distorted
     music is distorted, speech too | play distorted
     harsh and thin | play distorted
     loud passages break up | play distorted
     the loudspeaker rattles | play distorted
     voices are garbled | play distorted
     plays but very quietly | play weak
     it has lost sensitivity | play weak
     muffled and weak | play distorted`,
  ],
  [
    "table",
    "hum, noise, unsteady",
    `a loud hum all the time | hum line|double
     it buzzes | hum line|double
     hum gets louder as it warms up | hum line|double, warm changes
     mains hum | hum line|double
     hum stays with the volume down | hum-down line|double
     hum does not change with the volume | hum-down line|double
     crackling noises | noise noisy
     it crackles when I turn the volume | noise noisy, turn control
     frying noise behind the station | noise noisy
     pops now and then | noise noisy
     motorboating | steady unsteady
     a howl that grows with the volume | steady unsteady
     stations drift away | steady unsteady
     squeals between stations | steady unsteady
     whistle on every station | steady unsteady
     oscillates at the high end | steady unsteady
     hum and whistle | hum line|double, steady unsteady
     hums, crackles and whistles | hum line|double, noise noisy, steady unsteady
     hum cured, crackle remains | hum none, noise noisy
     buzz at 100 Hz | hum double`,
  ],
  [
    "table",
    "fuse, smell, light",
    `pops the fuse as soon as it is switched on | fuse blown
     fuses blow one after the other | fuse blown
     the house breaker trips | fuse blown
     fuse keeps blowing | fuse blown
     white smoke came out | smell hot
     smells like burnt wax | smell hot
     gets so hot that it smells | smell hot
     a resistor burnt | smell hot
     anode of the output tube is red hot | smell hot
     smells musty |
     the lamp does not light | glow dark
     no light in the dial | glow dark
     dial light burnt out, works fine | glow dark, play fine
     the valves are dark | glow dark
     valves glow but no sound | glow all, play dead
     tubes stay cold | glow dark
     filaments do not glow | glow dark
     the dial lights up, nothing to hear | glow all, play dead`,
  ],
  [
    "table",
    "knobs and dial",
    `tuning knob slips | knob slips
     the cord is off the drum | knob slips
     pointer stuck | knob slips
     tuning is very stiff | knob slips
     the drive cord snapped | knob slips
     the dial is 50 kHz off | dial off
     stations not where the dial says | dial off
     dial reads high | dial off
     the scale is wrong | dial off
     noisy tone control | noise noisy, turn control
     wave switch crackles | noise noisy, turn switch
     the dial is right | dial right`,
  ],
  [
    "table",
    "when",
    `stops after twenty minutes | warm changes, play dead
     good when cold, weak when warm | warm changes, play weak
     needs ten minutes before it plays | warm changes
     crackles until it is warm | noise noisy, warm changes
     after half an hour it distorts | warm changes, play distorted
     cuts out when touched | thump reacts, play dead
     a knock brings it back | thump reacts, play dead
     comes and goes when you tap it | thump reacts, play dead
     distorted on strong signals | play distorted, works:agc fails
     dead on long wave | bands one
     short wave is dead | bands one
     weak on the highest band | bands one
     nothing on medium wave | bands one
     works on all bands except short wave | bands one
     same on all bands | bands alike
     intermittently dead | play dead
     at times no sound | play dead
     occasionally distorts | play distorted`,
  ],
  [
    "table",
    "phono, phones",
    `phono is fine, radio is dead | phono fine, play dead
     the pick-up input works | phono fine
     no phono | phono dead
     phones work, nothing from the speaker | phones fine, play dead
     records play well, weak on radio | phono fine, play weak
     weak on phono | phono weak`,
  ],
  [
    "communications",
    "communications",
    `BFO does not work | works:bfo fails
     the BFO is inoperative | works:bfo fails
     S-meter dead | works:s-meter fails
     S-meter does not return to zero | works:s-meter fails
     the S meter works | works:s-meter works
     AVC inoperative | works:agc fails
     limiter does nothing | works:limiter fails
     receives well, no S-meter reading | play fine, works:s-meter fails
     dead on 20 m, other bands fine | bands one
     weak above 10 MHz | bands one
     the eye |
     drifts badly | steady unsteady`,
  ],
  [
    "transceiver",
    "transceiver",
    `no transmit | play-tx dead
     transmitter is dead, receiver fine | play-tx dead, play fine
     transmits well but deaf | play-tx fine, play weak
     no RF output | play-tx dead
     power drops as it warms up | warm-tx changes, play-tx weak
     transmit audio is distorted | play-tx distorted
     receive audio is distorted | play distorted
     signal drifts on transmit | steady-tx unsteady
     no output on 10 m | bands-tx one
     low output on all bands | bands-tx alike, play-tx weak
     the PA tubes glow red on key-down | smell hot
     receive fine, transmit dead | play fine, play-tx dead
     hums on transmit only | hum-tx line|double
     plate meter is stuck | works:metering fails
     ALC does not work | works:alc fails
     won't key | works:keying fails
     splatters | play-tx distorted`,
  ],
  [
    "transmitter",
    "transmitter",
    `carrier but no modulation | play-mod dead
     good carrier, weak modulation | play-tx fine, play-mod weak
     modulation distorted | play-mod distorted
     no power out | play-tx dead
     chirpy note | steady-tx unsteady
     output falls after a minute | warm-tx changes, play-tx weak`,
  ],
  [
    "amfm",
    "AM and FM",
    `AM dead, FM works | play dead, play-fm fine
     FM weak | play-fm weak
     no sound on FM, AM plays | play-fm dead, play fine
     FM is distorted, AM is clear | play-fm distorted, play fine
     no stereo on FM | works:stereo fails
     hums on AM and FM | hum line|double, hum-fm line|double`,
  ],
];
