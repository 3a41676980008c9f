/** What is spoken of, how it is, and when: each with each, and read once before anything was mended: see docs/finding-the-fault.md. */
export const TWENTY_EIGHTH: readonly (readonly [set: string, group: string, lines: string])[] = [
  [
    "amfm",
    "a twenty-eighth set",
    `FM dead when cold | warm-fm changes, play-fm dead
     FM drifts when warm, AM is stable | steady-fm unsteady, steady steady, warm-fm changes
     FM distorted on strong signals only | play-fm distorted, works:agc fails
     FM intermittent when thumped | thump reacts, play-fm dead
     FM noisy, AM quiet | noise noisy
     FM hums when warm | hum-fm line|double, warm-fm changes
     FM off frequency | dial-fm off
     FM weak on one side of the dial | play-fm weak
     AM dead, FM and phono work | play dead, play-fm fine, phono fine
     AM whistles, FM does not | steady unsteady, steady-fm steady
     Stereo dead, mono fine | play fine, works:stereo fails
     Stereo intermittent | works:stereo fails
     One channel dead on phono too | works:stereo fails
     Works on AM only | play fine, play-fm dead`,
  ],
  [
    "communications",
    "a twenty-eighth set",
    `Dead on CW, works on AM | play fine, works:bfo fails
     CW works, AM is dead | play dead, works:bfo works
     AM distorted, SSB clear | play distorted, works:bfo works
     SSB distorted on strong signals | play distorted, works:agc fails
     BFO stuck | works:bfo fails
     BFO intermittent when tapped | thump reacts, works:bfo fails
     BFO works when cold only | warm changes, works:bfo fails
     BFO neither on CW nor on SSB | works:bfo fails
     S-meter stuck when cold | warm changes, works:s-meter fails
     S-meter works on strong signals only | works:s-meter fails
     S-meter intermittent | works:s-meter fails
     S-meter reads S9 with no antenna | works:s-meter fails
     AGC slow on strong signals | works:agc fails
     AGC intermittent | works:agc fails
     Limiter stuck on | works:limiter fails
     Limiter distorts when on | play distorted
     Band 3 dead, bands 1 and 2 fine | bands one
     Band 4 drifts | steady unsteady, bands one
     Band 2 is noisy | noise noisy, bands one
     Highest band is off frequency | dial off, bands one
     Highest band dead when warm | bands one, warm changes
     All bands off frequency | dial off, bands alike
     Main tuning stuck | knob slips
     Bandspread slips | knob slips
     RF gain intermittent | turn control
     AF gain crackles when warm | noise noisy, warm changes, turn control
     Headphones dead | phones dead
     Headphones fine, speaker distorted | play distorted, phones fine
     Dial lamp dead | glow dark
     Hum on CW only | hum line|double
     Noise on one band only | noise noisy, bands one
     Dead when the limiter is on | works:limiter fails
     Weak when cold, normal after an hour | warm changes, play weak`,
  ],
  [
    "table",
    "a twenty-eighth set",
    `Reception dead when cold, comes in after ten minutes | warm changes, play dead
     Reception is distorted on strong stations | play distorted, works:agc fails
     Reception is intermittent when thumped | thump reacts, play dead
     Reception drifts when cold | steady unsteady, warm changes
     Reception fades after fifteen minutes | warm changes, play weak
     Reception whistles on one band | steady unsteady, bands one
     Reception hums on medium wave only | hum line|double, bands one
     Medium wave is dead until it warms up | bands one, warm changes
     Medium wave is intermittent | bands one
     Medium wave crackles when the switch is touched | noise noisy, bands one, turn switch
     Short wave is off frequency | dial off, bands one
     Short wave drifts badly | steady unsteady, bands one
     Short wave is noisy | noise noisy, bands one
     Long wave distorts | bands one
     The volume control arcs | noise noisy, turn control
     The volume control is stuck | knob slips
     The tone control is intermittent | turn control
     The band switch is stuck between two bands | knob slips
     The band switch is intermittent | turn switch
     The dial lamp flickers |
     The dial lamp goes out when thumped | glow dark, thump reacts
     The dial lamp is dead but the set works | glow dark, play fine
     The sound is weak when cold | warm changes, play weak
     The sound is not weak, but distorted | play distorted
     The sound whistles when warm | steady unsteady, warm changes
     The sound crackles when touched | noise noisy, thump reacts
     The smell comes after half an hour | smell hot, warm changes
     No smell, no heat, no smoke | smell nothing
     Heat and smell after ten minutes | smell hot, warm changes
     The fuse blows when warm | fuse blown, warm changes
     The fuse blows intermittently | fuse blown
     The fuse does not blow any more | fuse whole
     The fuse blows only when cold | fuse blown, warm changes
     No tube glows | glow dark
     The output tube glows blue and arcs | glow bright, noise noisy
     The tubes glow but nothing else | glow all, play dead
     The tubes don't glow when cold | glow dark, warm changes
     The tuning mechanism is stuck | knob slips
     The tuning mechanism slips when cold | warm changes, knob slips
     The pointer is stuck, the tuning works | knob slips
     The pointer hangs at one end | knob slips
     The tuning knob slips when turned fast | knob slips
     It is dead when warm and works when cold | warm changes, play dead
     It isn't dead, only very weak | play weak
     It never hums | hum none
     It never whistles, but it hums | hum line|double, steady steady
     It hums neither on radio nor on phono | hum none
     It distorts on radio, not on phono | play distorted, phono fine
     It is weak on radio and on phono | play weak, phono weak
     It works on phono but hums there | hum line|double, phono fine
     It whistles on every station but not on phono | steady unsteady, phono fine
     Crackles on radio only, phono is quiet | noise noisy
     Dead on all bands but phono is loud | bands alike, play dead, phono fine
     Works on all bands apart from long wave | bands one
     All bands work except the short wave | bands one
     All is well except for a hum | hum line|double, play fine
     Everything works apart from the eye | play fine, works:indicator fails
     Without an aerial it is silent, with one it hums | hum line|double, play dead
     With the aerial off it still crackles | noise noisy
     Crackles even with the aerial unplugged | noise noisy
     Stops crackling when the aerial is taken off | noise noisy
     It works, though weakly | play weak
     It works but not well | play weak|distorted
     It plays but not as it should | play weak|distorted
     It doesn't play well | play weak|distorted
     It plays well again | play fine
     It plays, but only just | play weak
     It is neither loud nor clear | play weak|distorted
     It sounds neither good nor loud | play weak|distorted
     Distortion, no hum | hum none, play distorted
     Hum, no distortion | hum line|double
     Weak, no noise | noise quiet, play weak
     Loud noise, no stations | noise noisy, play dead
     Hum but no stations | hum line|double, play dead
     Whistle but no stations | steady unsteady, play dead
     Stations but no bass | play distorted
     Good sound, wrong dial | dial off, play fine
     Right dial, weak sound | dial right, play weak
     Drifts but plays | steady unsteady, play fine
     Plays, but drifts off after a time | steady unsteady, warm changes, play fine
     Plays for a time and then hums | hum line|double, warm changes, play fine
     Blows its fuse as soon as the tubes are warm | fuse blown, warm changes
     Arcs when switched on | noise noisy
     Arcs and smells when warm | smell hot, noise noisy, warm changes
     Arcing inside the cabinet when damp | noise noisy
     Sparks at the rectifier socket | noise noisy
     Stuck on one band | bands one
     Stuck on one station | knob slips
     Off frequency on all bands | dial off, bands alike
     Off frequency when warm | dial off, warm changes
     Off frequency by one dial division | dial off
     Touching the chassis makes it hum | hum line|double, thump reacts
     Touching a tube makes it whistle | steady unsteady, thump reacts
     Hitting the cabinet restores the sound for a minute | thump reacts, play dead
     Thumping it changes nothing | thump still
     Not sensitive to knocks | thump still
     No change when warm |
     Same cold or warm |
     Same on all stations |`,
  ],
  [
    "transceiver",
    "a twenty-eighth set",
    `Transmission dead when warm | warm-tx changes, play-tx dead
     Transmission weak on one band | bands-tx one
     Transmission distorted on SSB | mode-tx voice, play-tx distorted
     Transmission intermittent | play-tx dead
     Transmission drifts when cold | steady-tx unsteady, warm-tx changes
     Transmission hums | hum-tx line|double
     Transmission is off frequency | dial-tx off
     Transmission stops when thumped | thump reacts, play-tx dead
     Dead on transmit, receive distorted | play-tx dead, play distorted
     Weak on transmit, good on receive | play-tx weak, play fine
     Receives, transmits weakly | play fine, play-tx weak
     Noise on receive only | noise noisy
     Whistle on receive, transmit clean | steady unsteady, play-tx fine
     Arcs on transmit | noise noisy
     Arcs on transmit on 15 m | noise noisy, bands-tx one
     Fuse blows on transmit when warm | fuse blown, warm-tx changes
     Fuse holds on receive, blows on transmit | fuse blown
     Smells on transmit | smell hot
     Gets hot on transmit | smell hot
     Relay stuck | works:changeover fails
     Relay stuck in transmit | play dead
     Relay intermittent | works:changeover fails
     VFO drifts when warm | steady unsteady, warm changes
     VFO jumps when thumped | steady unsteady, thump reacts
     Off frequency on LSB only | dial off
     SSB dead on transmit and receive | mode-tx voice, play-tx dead, play dead
     CW keying intermittent | works:keying fails
     S-meter dead, ALC works | works:s-meter fails, works:alc works
     No transmit on 10 m, receive there is fine | bands-tx one, play fine
     No receive on 10 m, transmit there is fine | bands one, play-tx fine
     Finals arc when warm | noise noisy, warm-tx changes
     Not a whisper on receive | play dead`,
  ],
  [
    "transmitter",
    "a twenty-eighth set",
    `Carrier dead when warm | warm-tx changes, play-tx dead
     Carrier weak on 20 m | bands-tx one
     Carrier intermittent | play-tx dead
     Modulation distorted on peaks only | play-mod distorted
     Modulation hums | hum-mod line|double
     Keying stuck | works:keying fails
     Key clicks on 80 m | bands-tx one, works:keying fails
     Output drifts in frequency | steady-tx unsteady
     Arcs on modulation peaks | noise noisy
     Fuse blows when the plate voltage is switched on | fuse blown`,
  ],
];
