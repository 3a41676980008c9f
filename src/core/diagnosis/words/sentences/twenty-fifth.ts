/** Written when the rules stood for the twenty-fifth time, and read once before anything was mended: see docs/finding-the-fault.md. */
export const TWENTY_FIFTH: readonly (readonly [set: string, group: string, lines: string])[] = [
  [
    "amfm",
    "a twenty-fifth set",
    `no FM stations, AM stations are normal | play-fm dead, play fine
     FM is weak and distorted | play-fm distorted
     only one FM station comes in | play-fm weak
     AM is noisy, FM is clean | noise noisy, play-fm fine
     FM crackles | noise noisy
     FM stereo is noisy, mono is fine | noise noisy, play-fm fine
     left speaker hums | hum line|double
     FM buzzes | hum-fm line|double
     FM drifts for ten minutes, then stays | steady-fm unsteady, warm-fm changes`,
  ],
  [
    "communications",
    "a twenty-fifth set",
    `no reception above 20 MHz | bands one
     only strong signals on 10 metres | bands one
     receiver is insensitive on all bands | bands alike, play weak
     no audio, S-meter works | play dead, works:s-meter works
     S-meter is slow to react | works:s-meter fails
     S-meter drops to zero when hot | warm changes, works:s-meter fails
     BFO won't start | works:bfo fails
     BFO stops when warm | warm changes, works:bfo fails
     the BFO is fine | works:bfo works
     the BFO has no effect | works:bfo fails
     AVC off works, AVC on is dead | works:agc fails
     noise limiter is dead | works:limiter fails
     calibration is off at the top of each band | dial off, bands alike
     drifts one kHz an hour | steady unsteady
     jumps in frequency when the bench is bumped | steady unsteady, thump reacts
     loud hum in the headphones | hum line|double
     images on 10 metres | bands one
     IF filter doesn't switch |
     squeals at full RF gain | steady unsteady
     blocks on strong signals | works:agc fails
     audio is distorted on SSB only | play distorted
     needs a minute before it receives anything | warm changes`,
  ],
  [
    "table",
    "a twenty-fifth set",
    `The set came on, played two minutes and died | warm changes, play dead
     There is no sound at all, only the dial is lit | play dead
     Sound disappears completely when it gets hot | warm changes, play dead
     It plays only after I slap the cabinet | thump reacts, play dead
     Nothing comes out of the speaker but the phono input works | play dead, phono fine
     Stations are there but extremely weak | play weak
     Barely any volume even at full blast | play weak
     Reception is fine in the evening, poor in daytime | play weak
     The louder I turn it the more it distorts | play distorted
     Distorted sound after it has warmed up for 15 minutes | warm changes, play distorted
     The sound is tinny and there is no bass | play distorted
     It hums loudly and the sound is distorted | hum line|double, play distorted
     It hums and squeals | hum line|double, steady unsteady
     Loud buzz that drowns the music | hum line|double
     Hum is only there when the volume is up | hum-down none
     Hum comes and goes | hum line|double
     A hum you can feel in the cabinet | hum line|double
     slight hum, normal for its age | hum line|double
     it hums on both phono and radio | hum line|double
     hums only after an hour | hum line|double, warm changes
     crackles on and off | noise noisy
     crackles and fades when it is touched | noise noisy, thump reacts, play weak
     scratchy sound on all stations | noise noisy
     lots of static on AM | noise noisy
     noise like rain on a roof | noise noisy
     noise disappears when I pull out the first tube | noise noisy
     background noise is very strong | noise noisy
     no noise, no hum, no stations | hum none, noise quiet, play dead
     squealing noises while tuning through the band | steady unsteady
     whistles like a kettle | steady unsteady
     whistle at one spot on the dial | steady unsteady
     it oscillates when the aerial is connected | steady unsteady
     motorboating when the batteries are low | steady unsteady
     warbling tone on all stations | steady unsteady
     the station won't stay tuned | steady unsteady
     drifts off within ten minutes | steady unsteady, warm changes
     stations drift when the fridge switches on | steady unsteady
     The scale is off by one station | dial off
     dial pointer stops before the end of the scale | knob slips
     tuning knob turns hard | knob slips
     dial lights are out | glow dark
     dial lamp burnt out, otherwise it plays | glow dark, play fine
     the tubes light but it's dead | glow all, play dead
     one tube isn't lit | glow dark
     the rectifier does not light up | glow dark
     heater of the output tube is open | glow dark
     sparks in the rectifier | noise noisy
     the rectifier tube glows blue | glow bright
     Smoke came out of it, I pulled the plug | smell hot
     It smells like an electrical fire | smell hot
     the mains transformer gets so hot you can't touch it | smell hot
     smell of hot dust |
     a resistor has burned up | smell hot
     Fuse blows as soon as I switch on | fuse blown
     Fuse blows when the rectifier warms up | fuse blown, warm changes
     it blew the fuse twice | fuse blown
     tripped the breaker | fuse blown
     never blows a fuse | fuse whole
     no shocks, no smoke | smell nothing
     I get a shock when touching the chassis |
     magic eye shows a signal but there's no sound | play dead, works:indicator works
     magic eye stays wide open on every station | works:indicator fails
     The eye tube is worn out | works:indicator fails
     eye doesn't glow, otherwise fine | play fine, works:indicator fails
     volume control has dead spots | noise noisy, turn control
     volume can't be adjusted |
     the tone control has no effect |
     on/off switch doesn't switch off |
     band switch sticks | knob slips
     short wave comes and goes when I move the switch | bands one, turn switch
     pushing the band switch brings the sound back | turn switch, play dead
     medium wave only works if the switch is wiggled | bands one, turn switch
     long wave hums | hum line|double, bands one
     only long wave can be received | bands one
     medium wave dead, all others fine | bands one
     nothing below 900 kHz | bands one
     no short wave reception at all | bands one
     plays all bands | bands alike, play fine
     works flawlessly | play fine
     nothing wrong with it, just a check | play fine`,
  ],
  [
    "transceiver",
    "a twenty-fifth set",
    `nothing on receive, nothing on transmit | play dead, play-tx dead
     receives but won't transmit | play fine, play-tx dead
     transmit is OK, receive is very weak | play-tx fine, play weak
     no output on SSB, tune works | mode-tx voice, play-tx dead
     output on all bands is 10 W | bands-tx alike
     no output on the 20 m band | bands-tx one
     mic doesn't work | play-tx dead
     people say I am off frequency | dial-tx off
     they hear hum on my voice | hum-tx line|double
     my signal is very wide |
     my carrier drifts | steady-tx unsteady
     transmits by itself |
     switches back to receive while I talk | play-tx dead
     finals arc when keyed | noise noisy
     fuse blows as soon as I transmit | fuse blown
     plate current is too high | line high
     plate current rises slowly and the tubes get red | smell hot
     S-meter and ALC meter are dead | works:s-meter fails, works:metering fails
     relay buzzes | works:changeover fails
     calibrator is off |
     VFO drifts for an hour | steady unsteady, warm changes
     VFO knob has backlash | knob slips
     RF gain knob is loose | knob slips
     receive comes back when I hit the case | thump reacts, play dead
     power supply hums | hum line|double
     receiver distorts strong stations | play distorted, works:agc fails
     no receive on 15 m, transmits there | bands one, play-tx fine`,
  ],
  [
    "transmitter",
    "a twenty-fifth set",
    `puts out full carrier but no modulation | play-mod dead
     modulation cuts out | play-mod dead
     carrier drops when modulated | play-mod weak
     output has gone down over the years | play-tx weak
     oscillator dead on 40 | bands-tx one
     key is stuck on | works:keying fails
     tank coil arcs on 80 m | noise noisy, bands-tx one`,
  ],
];
