/** Short phrases, one for each word and turn that was thought of, by what they mean; no whole stories: see docs/finding-the-fault.md. */
export const FIFTEENTH: readonly (readonly [set: string, group: string, lines: string])[] = [
  [
    "table",
    "words and turns",
    `no sound whatsoever | play dead
     not a thing comes out of it | play dead
     will not make a sound | play dead
     it just sits there | play dead
     it has gone quiet completely | play dead
     totally mute | play dead
     absolutely no audio | play dead
     won't produce any sound | play dead
     does not do anything | play dead
     fails to play | play dead
     unable to get anything on it | play dead
     there is nothing on any wave | play dead, bands alike
     no music at all | play dead
     gave up last week | play dead
     went dead during a programme | play dead
     stopped suddenly | play dead
     breaks off in the middle of a programme | play dead
     sound breaks off after ten minutes | play dead, warm changes
     sound fails when hot | play dead, warm changes
     it quit on me | play dead
     came to us not working | play dead
     inoperative | play dead
     out of order | play dead
     doesn't receive anything | play dead
     no stations anywhere on the dial | play dead
     can't get a single station | play dead
     won't tune in anything | play dead
     just a click from the speaker and then silence | play dead
     speaker is silent | play dead
     all dead | play dead
     completely lifeless | play dead
     it's as dead as mutton | play dead
     the thing is dead | play dead
     sound is very faint | play weak
     very low volume | play weak
     volume too low | play weak
     not loud enough | play weak
     lost most of its volume | play weak
     hard to hear | play weak
     can hardly hear it | play weak
     hardly makes a sound | play weak
     you have to hold your ear to the grille | play weak
     lacks sensitivity | play weak
     reception poor | play weak
     bad reception | play weak
     it only gets one station | play weak
     only picks up local stations | play weak
     picks up only the strongest stations | play weak
     few stations come in | play weak
     hardly any stations | play weak
     we used to get far more stations | play weak
     gain has dropped | play weak
     signal is weak | play weak
     feeble output | play weak
     volume fades | play weak
     the volume goes down by itself | play weak
     sound gradually gets weaker | play weak, warm changes
     getting quieter and quieter | play weak
     volume drops after half an hour | play weak, warm changes
     turned fully up it is just audible | play weak
     needs the volume at maximum | play weak
     music sounds distorted | play distorted
     sound is bad | play distorted
     bad tone | play distorted
     very tinny | play distorted
     no bass | play distorted
     lacks bass | play distorted
     lacks treble | play distorted
     it sounds horrible | play distorted
     raspy sound | play distorted
     sounds scratchy and thin | noise noisy, play distorted
     hoarse when turned up | play distorted
     distorts at high volume | play distorted
     distorts when it gets loud | play distorted
     music breaks up | play distorted
     sound cracks up on peaks | play distorted
     speech can't be understood | play distorted
     speech sounds as if through a blanket | play distorted
     like talking through a comb | play distorted
     speaker rattles on bass notes | play distorted
     speaker buzzes on low notes | play distorted
     the cone scrapes | play distorted
     loud hum | hum line|double
     humming noise | hum line|double
     constant hum | hum line|double
     hum in the loudspeaker | hum line|double
     mains hum is too strong | hum line|double
     hums like a beehive | hum line|double
     hum level too high | hum line|double
     excessive hum | hum line|double
     hums loudly | hum line|double
     hums even with the volume down | hum-down line|double
     the hum stays when I turn the volume down | hum-down line|double
     hum does not depend on the volume setting | hum-down line|double
     hum only when tuned to a station | hum line|double
     the hum comes up with the volume | hum line|double
     hum goes away with the volume down | hum-down none
     a 100 Hz hum | hum double
     hum at 50 Hz | hum line
     buzzing noise in the background | hum line|double
     hum after warm-up | hum line|double, warm changes
     starts to hum after an hour | hum line|double, warm changes
     crackling | noise noisy
     crackles all the time | noise noisy
     loud cracks from the speaker | noise noisy
     intermittent crackling | noise noisy
     static | noise noisy
     sounds like frying bacon | noise noisy
     hissing | noise noisy
     a strong hiss | noise noisy
     background noise is high | noise noisy
     very noisy | noise noisy
     pops and bangs | noise noisy
     random popping | noise noisy
     noisy volume pot | noise noisy, turn control
     volume control crackles | noise noisy, turn control
     crackles when turning the volume knob | noise noisy, turn control
     noise when I turn up the volume | noise noisy, turn control
     tone control is scratchy | noise noisy, turn control
     noisy band switch | noise noisy, turn switch
     crackles when changing bands | noise noisy, turn switch
     wave change switch is noisy | noise noisy, turn switch
     band switch makes poor contact | turn switch
     whistling | steady unsteady
     howls | steady unsteady
     a howl when the volume is turned up | steady unsteady
     squeals when tuning | steady unsteady
     makes a putt-putt sound | steady unsteady
     motorboats at high volume | steady unsteady
     drifts | steady unsteady
     drifts off station | steady unsteady
     station drifts away after a while | steady unsteady, warm changes
     tuning drifts | steady unsteady
     you have to retune all the time | steady unsteady
     needs constant retuning | steady unsteady
     keeps losing the station | steady unsteady
     won't stay tuned | steady unsteady
     station wanders | steady unsteady
     volume goes up and down | steady unsteady
     volume fluctuates | steady unsteady
     loudness varies | steady unsteady
     tuning is off | dial off
     dial calibration is off | dial off
     stations are not where they should be | dial off
     stations come in at the wrong place on the dial | dial off
     pointer is off | dial off
     dial is out by 20 kHz | dial off
     the scale is not right | dial off
     dial cord slips | knob slips
     dial cord broken | knob slips
     the cord has snapped | knob slips
     pointer doesn't move | knob slips
     pointer sticks | knob slips
     tuning knob turns but the pointer stays put | knob slips
     tuning shaft is seized | knob slips
     volume knob is stuck | knob slips
     tuning has backlash | knob slips
     knob turns without effect | knob slips
     burnt smell | smell hot
     smell of hot wax | smell hot
     something is smoking | smell hot
     smoke from under the chassis | smell hot
     power transformer runs hot | smell hot
     a resistor is burnt | smell hot
     output tube glows red | smell hot
     plates turn red | smell hot
     wax is dripping | smell hot
     blows the fuse at switch-on | fuse blown
     fuse blows immediately | fuse blown
     the fuse had blown | fuse blown
     fuse goes every time | fuse blown
     fuse burnt out | fuse blown
     trips the RCD | fuse blown
     fuse is fine | fuse whole
     fuse okay | fuse whole
     tubes don't light | glow dark
     tubes do not light up | glow dark
     no tubes lit | glow dark
     none of the tubes glow | glow dark
     one tube is dark | glow dark
     a tube doesn't light | glow dark
     the rectifier doesn't glow | glow dark
     no heater glow | glow dark
     no filament glow | glow dark
     dial light is out | glow dark
     dial lamp burnt out | glow dark
     pilot lamp doesn't light | glow dark
     all tubes light | glow all
     tubes light up | glow all
     all the tubes glow | glow all
     heaters glow | glow all
     lamps light but no sound | glow all, play dead
     the dial lights up but there's no sound | glow all, play dead
     the tubes glow very brightly | glow bright
     a tube glows blue | glow bright
     plays when cold, dies when warm | play dead, warm changes
     cuts out when warm | play dead, warm changes
     stops after it warms up | play dead, warm changes
     works only after an hour | play dead, warm changes
     takes ages to come on | warm changes
     takes ten minutes to start | warm changes
     comes on if I hit it | play dead, thump reacts
     cuts out when knocked | play dead, thump reacts
     a tap on the cabinet makes it work | play dead, thump reacts
     tapping makes it crackle | thump reacts, noise noisy
     microphonic | thump reacts
     rings when tapped | thump reacts
     sound returns when I tap a tube | play dead, thump reacts
     crackles when the set is moved | noise noisy, thump reacts
     tapping has no effect | thump still
     cuts in and out | play dead
     works on and off | play dead
     works sometimes | play dead
     it plays only occasionally | play dead
     intermittent sound | play dead
     sound drops in and out | play dead
     phono works, radio doesn't | phono fine, play dead
     plays records but no radio | phono fine, play dead
     radio OK but no sound from the record player | play fine, phono dead
     gram dead | phono dead
     phono is distorted | phono distorted
     hum on phono | hum line|double
     no short wave | bands one
     medium wave only | bands one
     long wave doesn't work | bands one
     works on medium wave only | bands one
     plays well | play fine
     plays perfectly | play fine
     works great | play fine
     no faults | play fine
     plays beautifully now | play fine
     no hum | hum none
     hum-free | hum none
     no crackles | noise quiet
     quiet background | noise quiet
     stays on frequency | steady steady
     dial is accurate | dial right
     stations are where they belong | dial right
     smells of nothing | smell nothing
     no smoke or smell | smell nothing
     no smell | smell nothing
     magic eye is dark | works:indicator fails
     magic eye doesn't close | works:indicator fails
     tuning eye is dim | works:indicator fails
     green eye dead | works:indicator fails`,
  ],
  [
    "communications",
    "words and turns",
    `BFO dead | works:bfo fails
     BFO inoperative | works:bfo fails
     no BFO injection | works:bfo fails
     BFO has no effect | works:bfo fails
     BFO works | works:bfo works
     can't resolve SSB | works:bfo fails
     SSB can't be read | works:bfo fails
     S meter stuck at zero | works:s-meter fails
     S-meter does not move | works:s-meter fails
     meter needle does not move | works:s-meter fails
     AVC dead | works:agc fails
     no AVC action | works:agc fails
     AVC does not hold strong stations back | works:agc fails
     strong stations blast | play distorted, works:agc fails
     local stations are distorted | play distorted, works:agc fails
     noise limiter dead | works:limiter fails
     RF gain has no effect |
     crystal calibrator dead |
     calibrator doesn't work |
     no marker from the calibrator |
     dead above 10 MHz | bands one
     the top band is dead | bands one
     deaf on the highest range | bands one
     receives only on the lowest band | bands one
     frequency drifts as it warms | steady unsteady, warm changes
     frequency drift on the upper bands | steady unsteady, bands one
     frequency jumps | steady unsteady
     frequency jumps when tapped | steady unsteady, thump reacts
     very stable | steady steady
     no drift | steady steady
     calibration is off | dial off
     off calibration | dial off
     dial off by 30 kHz | dial off
     calibration is correct | dial right
     reads 15 kHz low | dial off
     low sensitivity | play weak
     sensitivity low on all bands | play weak, bands alike
     needs realignment |
     images everywhere |
     heavy hiss and no signals | noise noisy, play dead
     only noise | noise noisy
     only hiss | noise noisy
     nothing but hiss | noise noisy, play dead
     no signals, no noise | play dead, noise quiet
     completely silent in the headphones | phones dead
     phones dead, speaker works | phones dead, play fine
     no sound in the headphones | phones dead
     antenna relay clicks but no signals | play dead
     quiet on all bands | play weak, bands alike
     noise rises when the antenna is connected | noise noisy
     band switch intermittent | turn switch
     tuning gang scrapes | knob slips
     main tuning is stiff | knob slips
     bandspread knob slips | knob slips
     dial drive slips | knob slips`,
  ],
  [
    "transceiver",
    "words and turns",
    `won't transmit | play-tx dead
     no RF out | play-tx dead
     doesn't transmit but receives | play-tx dead, play fine
     dead on transmit | play-tx dead
     transmitter dead | play-tx dead
     no power out | play-tx dead
     no grid drive | play-tx dead
     will not load | play-tx weak
     won't load up | play-tx weak
     low power | play-tx weak
     power is down | play-tx weak
     output has dropped to half | play-tx weak
     only 30 W out | play-tx weak
     low power on 10 m | bands-tx one
     no output on 15 m | bands-tx one
     transmits only on 80 m | bands-tx one
     full output on all bands | play-tx fine, bands-tx alike
     full power on every band | play-tx fine, bands-tx alike
     makes its rated power | play-tx fine
     receive dead, transmit OK | play dead, play-tx fine
     receives but doesn't transmit | play fine, play-tx dead
     transmits but doesn't receive | play-tx fine, play dead
     receiver deaf | play weak
     receive is weak | play weak
     receive OK, no transmit | play fine, play-tx dead
     receives fine, low power out | play fine, play-tx weak
     no modulation on SSB | play-tx dead, mode-tx voice
     mic dead | play-tx dead
     no mic audio | play-tx dead
     my audio is distorted | play-tx distorted
     transmit audio distorted | play-tx distorted
     splatters on voice peaks | play-tx distorted
     signal is reported to chirp | steady-tx unsteady
     chirps | steady-tx unsteady
     chirpy on CW | steady-tx unsteady
     final tubes run red | smell hot
     plates glow red on transmit | smell hot
     finals get red hot | smell hot
     arcs in the tank on transmit | noise noisy
     relay does not click | works:changeover fails
     PTT dead | play-tx dead
     keying does nothing | works:keying fails
     stuck in receive | play-tx dead
     VFO unstable | steady unsteady
     VFO drifts | steady unsteady
     VFO jumps | steady unsteady
     dead on receive and transmit | play dead, play-tx dead
     no receive and no transmit | play dead, play-tx dead
     receive and transmit both weak | play weak, play-tx weak
     everything is dead | play dead
     power drops when hot | play-tx weak, warm-tx changes
     output falls during a long over | play-tx weak
     output fluctuates | steady-tx unsteady
     power output varies | steady-tx unsteady
     no AGC | works:agc fails
     S-meter dead on receive | works:s-meter fails
     fuse blows when keyed | fuse blown
     transmits well | play-tx fine
     good reports | play-tx fine
     the other station hears me with hum | hum-tx line|double
     nobody comes back to me | play-tx dead
     nobody hears me | play-tx dead
     I can hear them but they can't hear me | play fine, play-tx dead
     they hear me but I can't hear them | play-tx fine, play dead`,
  ],
  [
    "transmitter",
    "words and turns",
    `no output | play-tx dead
     no RF | play-tx dead
     plate current but no output | play-tx dead
     no plate current | play-tx dead
     won't dip | play-tx weak
     no grid current | play-tx dead
     grid current low | play-tx weak
     low drive to the final | play-tx weak
     output low on the high bands | bands-tx one
     carrier weak | play-tx weak
     carrier is fine but no modulation | play-tx fine, play-mod dead
     no modulation | play-mod dead
     modulation dead | play-mod dead
     low modulation | play-mod weak
     modulation too low | play-mod weak
     audio is distorted | play-mod distorted
     speech is muffled | play-mod distorted
     downward modulation | play-mod distorted
     carrier hums | hum-tx line|double
     modulates well | play-mod fine
     carrier unstable | steady-tx unsteady
     note is rough | play-tx distorted
     oscillator won't start | play-tx dead
     crystal doesn't oscillate | play-tx dead
     modulator dead | play-mod dead
     final tube glows red | smell hot
     rectifier arcs over | noise noisy
     mercury rectifiers flash over | noise noisy
     blows the plate fuse when keyed | fuse blown
     overload relay trips | fuse blown`,
  ],
  [
    "amfm",
    "words and turns",
    `no FM reception | play-fm dead
     FM is noisy | noise noisy
     FM distorted | play-fm distorted
     FM drifts until warm | steady-fm unsteady, warm-fm changes
     FM works, AM dead | play-fm fine, play dead
     AM works but FM doesn't | play fine, play-fm dead
     AM dead, FM OK | play dead, play-fm fine
     FM only | play-fm fine, play dead
     nothing on FM | play-fm dead
     AM and FM both dead | play dead, play-fm dead
     both AM and FM are weak | play weak, play-fm weak
     stereo doesn't work | works:stereo fails
     stereo lamp out | works:stereo fails
     stereo indicator does not light | works:stereo fails
     left channel dead | works:stereo fails
     one channel dead | works:stereo fails
     no channel separation | works:stereo fails
     hum on FM | hum-fm line|double
     no hum on FM | hum-fm none
     hum on both AM and FM | hum line|double, hum-fm line|double
     FM stations are at the wrong place on the dial | dial-fm off
     FM tuning drifts off | steady-fm unsteady
     AFC doesn't work |
     FM whistles | steady-fm unsteady
     FM is perfect | play-fm fine
     FM sounds fine but AM hums | play-fm fine, hum line|double
     phono works, both AM and FM dead | phono fine, play dead, play-fm dead`,
  ],
];
