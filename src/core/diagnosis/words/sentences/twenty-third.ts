/** Written when the rules stood for the twenty-third time, and read once before anything was mended: see docs/finding-the-fault.md. */
export const TWENTY_THIRD: readonly (readonly [set: string, group: string, lines: string])[] = [
  [
    "amfm",
    "a twenty-third set",
    `AM works, FM dead | play fine, play-fm dead
     FM OK, no AM | play-fm fine, play dead
     FM distorted, AM clear | play-fm distorted, play fine
     FM weak and noisy | noise noisy, play-fm weak
     FM only gets the strongest station | play-fm weak
     FM stops after half an hour | warm-fm changes, play-fm dead
     stereo lamp lit but sound is mono | works:stereo fails
     left channel is dead on FM and AM | works:stereo fails
     FM dial reads 1 MHz low | dial-fm off
     both AM and FM are dead, phono plays | play dead, play-fm dead, phono fine
     eye works on AM, not on FM | works:indicator works`,
  ],
  [
    "communications",
    "a twenty-third set",
    `receiver is dead on all bands, dial lights on | bands alike, glow all, play dead
     no signals above 14 MHz | bands one
     sensitivity falls off on the high bands | bands one
     15 metres dead, other bands good | bands one
     S meter stuck at S5 | works:s-meter fails
     S meter works on strong signals only | works:s-meter fails
     meter doesn't move but it plays fine | play fine, works:s-meter fails
     BFO does nothing | works:bfo fails
     BFO pitch drifts | steady unsteady, works:bfo fails
     strong signals overload and distort | play distorted, works:agc fails
     selectivity is poor, hears stations 10 kHz away | play distorted
     dial calibration is out by 30 kHz on the top band | dial off, bands one
     frequency jumps now and then | steady unsteady
     drifts 2 kHz in the first half hour | steady unsteady, warm changes
     main tuning knob slips | knob slips
     bandspread dial is loose | knob slips
     only atmospheric noise, no signals | noise noisy, play dead
     very noisy on 10 metres | noise noisy, bands one
     fades out after 20 minutes, comes back after cooling | warm changes, play dead
     standby switch does not mute it |
     phones OK, speaker dead | play dead, phones fine
     nothing from speaker or phones | play dead, phones dead
     band change switch needs cleaning, cuts out when touched | turn switch, play dead
     crackles when the RF gain is moved | noise noisy, turn control
     100 kHz calibrator gives no signal |
     hum when the BFO is on | hum line|double`,
  ],
  [
    "table",
    "a twenty-third set",
    `No audio at all but the tubes light up | glow all, play dead
     set lights up but is completely silent | glow all, play dead
     plays for half an hour and then stops | warm changes, play dead
     won't play until it has been on for ten minutes | warm changes, play dead
     reception gets worse as the evening goes on | warm changes, play weak
     loud crackling when I turn the volume knob | noise noisy, turn control
     volume jumps up and down by itself | steady unsteady
     sound suddenly drops to a whisper | play weak
     volume drops after a while and comes back when I switch the lamp on | warm changes, play weak
     only a faint whisper from the speaker | play weak
     very weak on the upper half of the dial | bands one
     medium wave works, long wave is dead | bands one
     no stations on short wave | bands one
     short wave weak, medium wave normal | bands one
     all three bands are dead | bands alike, play dead
     stations are not where they should be on the scale | dial off
     BBC comes in at the wrong spot | dial off
     pointer does not move when I turn the knob | knob slips
     tuning cord is broken | knob slips
     tuning knob is very stiff | knob slips
     pointer sticks halfway | knob slips
     there's a whistle on every station | steady unsteady
     squeals like a pig when tuning | steady unsteady
     makes a popping sound about twice a second | steady unsteady
     goes plop-plop-plop | steady unsteady
     howls until the volume is turned back | steady unsteady
     oscillates at the high end of the band | steady unsteady
     the station slides away and I have to retune | steady unsteady
     drifts for the first quarter of an hour | steady unsteady, warm changes
     sound is muffled and thick | play distorted
     distorted from the moment it's switched on | play distorted
     clear when cold, distorted when warm | warm changes, play distorted
     sounds harsh, like a torn speaker | play distorted
     voices sound like through a handkerchief | play distorted
     distortion gets worse the longer it plays | warm changes, play distorted
     distorts only on the local station | play distorted, works:agc fails
     local station blasts, weak ones are hardly audible | play distorted, works:agc fails
     a deep hum that does not change with the volume | hum-down line|double
     hum is there even with the volume all the way down | hum-down line|double
     bad hum, only on strong stations | hum line|double
     humming sound gets louder as it warms up | hum line|double, warm changes
     hums for a minute, then it is fine | hum line|double, warm changes, play fine
     transformer buzzes mechanically | hum line|double
     loud hum and no stations | hum line|double, play dead
     hum on radio, not on phono | hum line|double, phono fine
     record player input gives only hum | hum line|double
     phono plays fine, nothing from the radio | play dead, phono fine
     the eye glows but never closes | works:indicator fails
     eye works but no sound | play dead, works:indicator works
     the tuning eye flickers | works:indicator fails
     no tubes light, dial lamp is on | glow dark
     the rectifier has blue light inside | glow bright
     rectifier plates are red hot | smell hot
     output tube's plate turns red | smell hot
     there was smoke and a bad smell | smell hot
     something got so hot that it dripped wax | smell hot
     resistor under the chassis burnt black | smell hot
     fuse blew when I first plugged it in | fuse blown
     replaced the fuse and it went again straight away | fuse blown
     the fuse only goes after some minutes | fuse blown, warm changes
     fuse is good but nothing lights up | fuse whole, glow dark
     a slap on the side makes it play again | thump reacts, play dead
     crackles when I walk across the room | noise noisy, thump reacts
     moving the tubes in their sockets makes it crackle | noise noisy, thump reacts
     noisy on all stations even at night | noise noisy
     hissing between stations, nothing else | noise noisy, play dead
     sizzling noise that comes and goes | noise noisy
     band switch is noisy and loses stations | noise noisy, turn switch, play weak
     wave change switch must be held over to one side | turn switch
     tone switch crackles | noise noisy, turn control
     sounds fine now, no distortion any more | play fine
     it doesn't hum and it doesn't crackle | hum none, noise quiet
     a bit quiet but clear | play weak
     works fine except the dial lamp | glow dark, play fine
     plays well on the local stations only | play weak
     touching the aerial terminal gives a crackle, no stations | noise noisy, play dead
     stations mixed together | play distorted
     two stations come in at once | play distorted`,
  ],
  [
    "transceiver",
    "a twenty-third set",
    `receives well but has no output on transmit | play fine, play-tx dead
     no receive, transmit is fine | play dead, play-tx fine
     PTT keys the relay but there is no power | play-tx dead
     output is down to 20 W on every band | bands-tx alike, play-tx weak
     no output on 10 and 15 m, others full | bands-tx one
     low output on 20 m only | bands-tx one
     full output on CW, none on SSB | mode-tx voice, play-tx dead
     SSB audio is distorted on transmit | mode-tx voice, play-tx distorted
     splatters, so I'm told | play-tx distorted
     hum on my transmitted signal | hum-tx line|double
     transmitted signal drifts | steady-tx unsteady
     finals glow red when transmitting | smell hot
     plate current does not dip | play-tx weak
     final tubes take no current | play-tx dead
     bias can't be set to 60 mA |
     takes off by itself when keyed | steady-tx unsteady
     VOX does not work |
     relay chatters | works:changeover fails
     stays in transmit after the key is released | play dead
     receiver dead until PTT is pressed once | play dead
     power falls off after a minute of transmitting | warm-tx changes, play-tx weak
     fan doesn't run |
     ALC reads nothing | works:alc fails
     S-meter dead, receive OK | play fine, works:s-meter fails
     VFO jumps 500 Hz when tapped | steady unsteady, thump reacts
     dial is 2 kHz out on LSB | dial off
     receive goes deaf after a minute | warm changes, play weak
     weak receive on all bands, transmit OK | bands alike, play weak, play-tx fine
     receives on 40 only | bands one
     no sidetone on CW |
     key clicks reported by other stations | works:keying fails
     carrier present on SSB without speaking |
     mic gain has no effect, no SSB output | mode-tx voice, play-tx dead`,
  ],
  [
    "transmitter",
    "a twenty-third set",
    `carrier but no audio on it | play-mod dead
     modulation is distorted on peaks | play-mod distorted
     modulation level too low even with gain at full | play-mod weak
     power output half of what it was | play-tx weak
     no grid current in the final | play-tx dead
     oscillator doesn't start on 20 m | bands-tx one
     arcs in the tank coil | noise noisy
     modulation transformer gets hot and smells | smell hot
     plate meter pinned | works:metering fails
     key clicks can be heard all over the band | works:keying fails`,
  ],
];
