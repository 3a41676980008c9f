/** Common complaints once more, written when the rules stood for the twenty-ninth time, and read once before anything was mended: see docs/finding-the-fault.md. */
export const TWENTY_NINTH: readonly (readonly [set: string, group: string, lines: string])[] = [
  [
    "amfm",
    "a twenty-ninth set",
    `FM doesn't work, AM does | play-fm dead, play fine
     AM doesn't work, FM does | play dead, play-fm fine
     FM is very noisy | noise noisy
     FM reception poor | play-fm weak
     Stereo light doesn't come on | works:stereo fails
     Only the left channel works | works:stereo fails
     FM good, AM weak | play-fm fine, play weak
     FM dial 500 kHz off | dial-fm off`,
  ],
  [
    "communications",
    "a twenty-ninth set",
    `No signals, only receiver noise | noise noisy, play dead
     Band 1 is dead | bands one
     The two highest bands don't work | bands one
     Poor sensitivity on all ranges | bands alike, play weak
     S-meter shows no signal strength | works:s-meter fails
     S-meter off zero | works:s-meter fails
     BFO can't be heard | works:bfo fails
     No zero beat possible | works:bfo fails
     AVC too slow | works:agc fails
     AVC doesn't control | works:agc fails
     Overloads on every strong signal | play distorted, works:agc fails
     ANL dead | works:limiter fails
     Limiter OK | works:limiter works
     Calibration off by a division | dial off
     Dial error grows toward the top | dial off
     Stable after an hour only | steady unsteady, warm changes
     Signals warble | steady unsteady
     Jumps when the band switch is touched | steady unsteady
     RF gain pot noisy | noise noisy, turn control
     Headphone jack dead | phones dead
     Speaker dead, headphones good | play dead, phones fine
     Loud mains hum in the phones | hum line|double`,
  ],
  [
    "table",
    "a twenty-ninth set",
    `Radio doesn't work at all | play dead
     Radio switches on but there's no sound | play dead
     There's light but no sound | glow all, play dead
     Set has been dead since last winter | play dead
     Plays for a bit and then goes off | warm changes, play dead
     Comes back to life when I switch it off and on | play dead
     It goes silent as soon as it is warm | warm changes, play dead
     After 30 minutes the sound is gone | warm changes, play dead
     No sound for the first ten minutes | warm changes, play dead
     Only plays after warming up for a long time | warm changes, play dead
     Can only hear something with my ear on the speaker | play weak
     Sound is too low to be useful | play weak
     Volume all the way up and still too soft | play weak
     Works, but it is much weaker than before | play weak
     Weak sound on all stations | play weak
     The reception has become very poor | play weak
     It only brings in the local station | play weak
     Bad reception, lots of noise | noise noisy, play weak
     Signal fades in and out | play weak
     Sound is distorted when turned up | play distorted
     Sound is rough and unpleasant | play distorted
     The loudspeaker buzzes | hum line|double
     The speaker sounds torn | play distorted
     Voices hard to understand | play distorted
     Music is all right, speech is distorted | play distorted
     Everything sounds like through a telephone | play distorted
     A loud hum from the speaker at all times | hum line|double
     Hum with no station tuned in | hum line|double
     It hums even when the volume is at zero | hum-down line|double
     Humming gets louder when I turn up the volume | hum line|double
     Hum is gone when I turn the volume down | hum-down none
     The hum appears after twenty minutes | hum line|double, warm changes
     Rather strong hum on the gramophone input | hum line|double
     Whistling noise | steady unsteady
     There's a squeal when tuning in a station | steady unsteady
     Screeching when the volume is high | steady unsteady
     It gurgles | play distorted
     Chugging noise like a train | steady unsteady
     It pops every few seconds | noise noisy
     Crackles when I touch the knob | noise noisy, turn control
     Volume control makes noise | noise noisy, turn control
     Loud crackling, then silence | noise noisy, play dead
     Static on every station | noise noisy
     Constant crackle, even with no antenna | noise noisy
     Crackles like fire | noise noisy
     Stations slide away from the dial mark | steady unsteady
     The station needs to be readjusted constantly | steady unsteady
     Frequency not stable | steady unsteady
     Wrong stations on the dial | dial off
     All stations appear 5 mm too far right | dial off
     Dial doesn't agree with the station names | dial off
     Dial is correct at one end only | dial off
     Pointer came loose | knob slips
     Pointer slides off the cord | knob slips
     Tuning has too much backlash | knob slips
     Tuning knob rubs | knob slips
     Tuning knob hard to move | knob slips
     On medium wave nothing, on long wave fine | bands one
     Long wave fine, medium wave silent | bands one
     Short wave gets no stations | bands one
     Reception only on short wave | bands one
     Band switch must be pressed to get sound | turn switch, play dead
     Sound cuts out when the band switch is moved | turn switch, play dead
     No sound with the pickup either | phono dead
     Pickup gives good sound, radio gives none | play dead, phono fine
     Magic eye doesn't close fully | works:indicator fails
     The eye moves with the stations | works:indicator works
     Pilot light out | glow dark
     Panel lamps don't burn | glow dark
     Tubes remain dark | glow dark
     One tube burns very bright | glow bright
     Blue light in the rectifier | glow bright
     Rectifier overheats | smell hot
     Smell of tar | smell hot
     Thick smoke from the chassis | smell hot
     White smoke and a fizzing noise | smell hot, noise noisy
     Blew the fuse when I turned it on | fuse blown
     Fuse blows after warm-up | fuse blown, warm changes
     Main fuse blown | fuse blown
     The fuse melts slowly | fuse blown
     Fuse fine, no lights | fuse whole, glow dark
     Knock it and the sound returns | thump reacts, play dead
     Sound returns when I press on the tube | thump reacts, play dead
     Every footstep makes it crackle | noise noisy, thump reacts
     Tube rings when flicked | thump reacts
     Reacts to tapping on the second tube | thump reacts
     Local station distorts and others are fine | play distorted, works:agc fails
     It plays fine, please check it anyway | play fine
     Nothing wrong except the dial lamp | glow dark, play fine`,
  ],
  [
    "transceiver",
    "a twenty-ninth set",
    `No output in any mode | play-tx dead
     Power output down to 30 W | play-tx weak
     Power output low, receive fine | play-tx weak, play fine
     No power on 160 m | bands-tx one
     No SSB modulation | mode-tx voice, play-tx dead
     Hum on transmitted carrier | hum-tx line|double
     Carrier drifts on transmit | steady-tx unsteady
     Finals get red on transmit | smell hot
     Final current too high | line high
     Relay doesn't click | works:changeover fails
     Receiver doesn't come back after transmit | play dead
     Receiver is deaf | play weak
     Receiver weak after lightning | play weak
     S-meter doesn't work | works:s-meter fails
     VFO frequency jumps | steady unsteady
     PTT doesn't work | play-tx dead
     Key doesn't key | works:keying fails
     Fuse blows when I transmit | fuse blown`,
  ],
];
