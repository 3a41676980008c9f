/** Written when the rules stood for the eleventh time, and read once before anything was mended: see docs/finding-the-fault.md. */
export const ELEVENTH: readonly (readonly [set: string, group: string, lines: string])[] = [
  [
    "table",
    "a seventh set: reception",
    `no audio | play dead
     lights come on but that is all it does | glow all, play dead
     the dial lights up yet the speaker stays silent | glow all, play dead
     has not made a sound in years | play dead
     will not come to life | play dead
     it was playing last week and now there is nothing | play dead
     sound went off with a click | play dead
     total silence from the loudspeaker | play dead
     reception very poor | play weak
     picks up hardly anything | play weak
     volume has to be at maximum | play weak
     it has become quieter and quieter | play weak
     loses the weaker stations | play weak
     used to be much louder | play weak
     plays only faintly | play weak
     stations come in weakly, even the local one | play weak
     music sounds like through a paper comb | play distorted
     speech is hard to understand | play distorted
     distorts when it is turned up | play distorted
     sound is choked and thin | play distorted
     nothing to complain about | play fine
     all stations come in loud and clear | play fine
     works like a charm | play fine
     no fault found on reception | play fine`,
  ],
  [
    "table",
    "a seventh set: hum and noise",
    `strong mains hum | hum line|double
     there is a hum even with the volume at zero | hum-down line|double
     humming from the moment it is switched on | hum line|double
     a hum at 100 Hz | hum double
     low pitched hum at 50 Hz | hum line
     no trace of hum | hum none
     the hum went away after the new filter capacitor | hum none
     it buzzes badly | hum line|double
     crackling noises from the speaker | noise noisy
     sounds like rain on a roof | noise noisy
     hisses loudly on every station | noise noisy
     a steady frying noise | noise noisy
     crackles like a log fire | noise noisy
     no crackle any more | noise quiet
     scratchy volume control | noise noisy, turn control
     the tone control crackles when turned | noise noisy, turn control
     the wave change switch is noisy | noise noisy, turn switch`,
  ],
  [
    "table",
    "a seventh set: steadiness, warmth, blows",
    `it makes a howling sound | steady unsteady
     the sound comes and goes | play dead
     station drifts away after some minutes | steady unsteady, warm changes
     needs retuning all the time | steady unsteady
     makes putt-putt sounds like a boat | steady unsteady
     whistles between the stations | steady unsteady
     holds its station now | steady steady
     takes five minutes before anything is heard | warm changes
     goes quiet once it has warmed up | play weak, warm changes
     stops playing after half an hour | play dead, warm changes
     starts working when it is hot | play dead, warm changes
     the hum gets worse with time | hum line|double, warm changes
     cuts out when the table shakes | play dead, thump reacts
     a slap on the side brings it back | play dead, thump reacts
     tapping the tubes makes it crackle | noise noisy, thump reacts
     knocking on it has no effect | thump still`,
  ],
  [
    "table",
    "a seventh set: dial, lamps, knobs, smell, fuse",
    `dial reads 30 kHz too high | dial off
     a station that belongs at 900 comes in at 950 | dial off
     the scale is right now | dial right
     tuning knob spins without moving the needle | knob slips
     the dial cord came off | knob slips
     tuning is very stiff | knob slips
     the tuning runs smoothly | knob free
     dial lamps are burnt out | glow dark
     none of the valves glow | glow dark
     the rectifier glows purple | glow bright
     all tubes glow as they should | glow all
     there was a smell of hot wax | smell hot
     smoke came out of the back | smell hot
     a resistor has burnt | smell hot
     nothing smells burnt | smell nothing
     the mains fuse blows at once | fuse blown
     it tripped the breaker | fuse blown
     fuse was blown, a new one blows too | fuse blown
     the fuse is intact | fuse whole`,
  ],
  [
    "table",
    "a seventh set: bands, phono, functions",
    `nothing on short wave, medium wave plays | bands one
     long wave does not work | bands one
     only medium wave works | bands one
     weak on short wave only | bands one
     silent on every waveband | play dead, bands alike
     gramophone works well, but no stations | phono fine, play dead
     through the pickup sockets it plays nicely | phono fine
     no sound with the record player either | phono dead
     the magic eye is dim | works:indicator fails
     the eye closes on strong stations as it should | works:indicator works
     the tuning indicator does not react | works:indicator fails`,
  ],
  [
    "communications",
    "a seventh set",
    `no signals on any band | play dead, bands alike
     very deaf on the top band | bands one
     the BFO does not come on | works:bfo fails
     no beat note | works:bfo fails
     S meter stays at zero | works:s-meter fails
     S meter is pinned | works:s-meter fails
     AGC does not work, strong ones blast | works:agc fails, play distorted
     drifts several kHz in the first hour | steady unsteady, warm changes
     frequency jumps when the cabinet is touched | steady unsteady, thump reacts
     stations appear 20 kHz too low | dial off
     the noise limiter has no effect | works:limiter fails
     receives well on all bands | play fine, bands alike
     hisses but no signals | noise noisy, play dead`,
  ],
  [
    "transceiver",
    "a seventh set",
    `transmits with low power | play-tx weak
     zero output on all bands | play-tx dead, bands-tx alike
     no transmit, receive is perfect | play-tx dead, play fine
     can hear others but nobody hears me | play fine, play-tx dead
     my signal chirps | steady-tx unsteady
     stations tell me that my modulation is distorted | play-tx distorted
     hum on the transmitted signal | hum-tx line|double
     transmits, but the receiver is silent | play-tx fine, play dead
     receiver works on all bands but 40 metres | bands one
     power drops after a minute of transmitting | play-tx weak, warm-tx changes
     drifts on receive and transmit | steady unsteady, steady-tx unsteady
     does not go into transmit | play-tx dead
     CW is fine but there is no SSB output | play-tx dead, mode-tx voice`,
  ],
  [
    "transmitter",
    "a seventh set",
    `makes no power at all | play-tx dead
     carrier is there but no modulation | play-tx fine, play-mod dead
     output only 20 W | play-tx weak
     the note is chirpy | steady-tx unsteady
     modulation is distorted | play-mod distorted`,
  ],
  [
    "amfm",
    "a seventh set",
    `VHF is dead | play-fm dead
     FM is noisy and weak, AM is good | noise noisy, play-fm weak, play fine
     AM works, FM does not | play fine, play-fm dead
     FM needs retuning every few minutes | steady-fm unsteady
     nothing on AM or FM | play dead, play-fm dead
     FM plays, but distorted | play-fm distorted
     medium wave is weak, VHF is excellent | bands one, play-fm fine
     one channel is silent | works:stereo fails`,
  ],
];
