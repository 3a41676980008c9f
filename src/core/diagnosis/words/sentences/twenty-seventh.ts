/** Complaints as they are told, written when the rules stood for the twenty-seventh time, and read once before anything was mended: see docs/finding-the-fault.md. */
export const TWENTY_SEVENTH: readonly (readonly [set: string, group: string, lines: string])[] = [
  [
    "amfm",
    "a twenty-seventh set",
    `FM plays for ten minutes, then only hiss | noise noisy, warm-fm changes, play-fm dead
     AM is fine but FM stations are distorted and hissy | noise noisy, play fine, play-fm distorted
     On FM the left channel is silent, AM both channels play | play fine, works:stereo fails
     No sound on FM, eye closes | play-fm dead, works:indicator works
     Everything works but there is no stereo | play fine, works:stereo fails
     FM hums when a station is tuned in | hum-fm line|double`,
  ],
  [
    "audio-amplifier",
    "a twenty-seventh set",
    `right channel weaker and distorted | play distorted
     hums loudly until it warms up | hum line|double, warm changes
     bang and smoke, fuse blown | fuse blown, smell hot
     output tubes glow red after a minute | smell hot, warm changes
     left channel crackles when the tube is touched | noise noisy, thump reacts
     no bass from one channel | play distorted
     oscillates with the speaker disconnected | steady unsteady
     both channels weak | play weak
     volume control crackles on the left | noise noisy, turn control`,
  ],
  [
    "communications",
    "a twenty-seventh set",
    `Receiver plays but is 20 dB down on all bands | bands alike, play weak
     Only the strongest broadcasters come in on 49 m | bands one
     CW pitch control has no effect | works:bfo fails
     S-meter shows nothing, AVC works | works:s-meter fails, works:agc works
     Noise limiter on kills the audio | works:limiter fails
     Dial drags and slips | knob slips
     Bandspread calibration is wrong on 20 m | dial off, bands one
     Receiver is unstable on the top band and drifts | steady unsteady, bands one
     Loud hiss, no stations above 20 MHz | noise noisy, bands one
     Audio distorted with AVC on, clear with AVC off | play distorted, works:agc fails
     Phones work, loudspeaker crackles | noise noisy, phones fine
     Selectivity switch crackles | noise noisy, turn switch
     Sensitivity drops when the set has been on for an hour | warm changes, play weak
     Motorboats with the RF gain full up | steady unsteady`,
  ],
  [
    "linear",
    "a twenty-seventh set",
    `arcs on voice peaks | noise noisy
     only 300 W from 100 W drive | play-tx weak
     plate current won't dip on 15 | bands-tx one
     fuses blow when HV is switched on | fuse blown
     grid current, but no output | play-tx dead
     tube goes orange when keyed | smell hot
     bypass relay sticks | works:changeover fails`,
  ],
  [
    "solid-transceiver",
    "a twenty-seventh set",
    `lights up, no receive, no transmit | glow all, play dead, play-tx dead
     transmits full power, receives nothing | play-tx fine, play dead
     output drops to zero when hot | warm-tx changes, play-tx dead
     SSB audio reported as distorted | mode-tx voice, play-tx distorted
     PLL unlocks on the 15 m band | steady unsteady, bands one
     AGC doesn't hold strong stations | works:agc fails
     draws too much current on receive | line high
     power button does nothing | play dead
     receives only strong stations | play weak`,
  ],
  [
    "table",
    "a twenty-seventh set",
    `Worked when I bought it, now only a hum comes out | hum line|double
     My grandfather's radio: lights up, no sound | glow all, play dead
     It used to play all day, now it stops after five minutes | warm changes, play dead
     Plays, but so quietly that nobody can understand a word | play weak
     The sound is OK but it hums badly | hum line|double, play fine
     Sound good, dial lamp dead | glow dark, play fine
     No sound on radio or gramophone | play dead, phono dead
     Radio fine, gramophone input dead | play fine, phono dead
     Gramophone input hums, radio does not | hum line|double
     Bad crackling, sometimes the sound goes away completely | noise noisy, play dead
     Crackles, then goes quiet until I hit it | noise noisy, thump reacts, play weak
     Very loud crackling on medium wave, long wave is clean | noise noisy, bands one
     Whistles on short wave only | steady unsteady, bands one
     Distorted on all stations and it smells hot | smell hot, play distorted
     Smelled hot last time, since then dead | smell hot, play dead
     Fuse blew with a bang, smoke too | fuse blown, smell hot
     Rectifier glows red and the fuse blows | fuse blown, smell hot
     It takes a minute to come on and then it is distorted | warm changes, play distorted
     It motorboats when I turn it up, otherwise plays well | steady unsteady, play fine
     Howls on the upper part of the dial, weak on the lower part | steady unsteady, bands one
     Tuning eye doesn't move but reception is good | play fine, works:indicator fails
     Eye is dim, sound is fine | play fine, works:indicator fails
     Can't get long wave, the rest is all right | bands one
     Short wave weak, others strong | bands one
     Drifts for half an hour, then stable | steady unsteady, warm changes
     Station drifts, I have to retune every few minutes | steady unsteady
     Pointer moves but the stations don't change | knob slips
     Knob turns, nothing moves | knob slips
     Dial cord broken, but it still receives one station | knob slips, play weak
     Dial pointer is one centimetre off, plays well | dial off, play fine
     Noisy controls, otherwise works | noise noisy, turn control, play fine
     Mains cord is cracked, works fine | play fine
     Cabinet scratched, plays perfectly | play fine
     Speaker cloth torn, sound is OK | play fine
     Back is missing, set is dead | play dead
     The on-off switch doesn't work any more |
     It was dropped, now it rattles inside |
     A mouse has nested in it, doesn't play | play dead
     All tubes were replaced, still no sound | play dead
     New capacitors fitted, hum is still there | hum line|double
     After recapping it hums more than before | hum line|double
     Since the new output tube it distorts | play distorted
     Was repaired last year, same fault again |
     Works fine with an outside aerial, nothing without | play dead
     Needs a ground wire, else it hums | hum line|double
     Hums less when the plug is turned round | hum line|double
     Hum changes when I turn the plug | hum line|double
     Sound comes only from the headphone socket | play dead, phones fine
     External speaker works, internal one is dead | play dead
     Plays on one speaker only |
     There is a ticking sound every second | steady unsteady
     Ticks like a clock | noise noisy
     Sounds like a motor running in the background | steady unsteady
     It makes a noise like a siren | steady unsteady
     High-pitched tone all the time | steady unsteady
     Low growl | hum line|double
     Distant thunder in the speaker | noise noisy
     The same station appears twice on the dial |
     Foreign stations at night only | play weak
     Tone is muffled, treble control does nothing | play distorted
     Sounds better with the back off |
     The bass makes the cabinet buzz | play distorted
     The sound pumps with the music | steady unsteady
     Sudden loud bangs from the speaker | noise noisy
     Buzz when the light is on, gone when it is off | hum line|double
     It only crackles while warming up | noise noisy, warm changes
     A faint smell of burning after an hour | smell hot, warm changes
     Wax dripped out of a capacitor | smell hot
     Resistor burnt in two | smell hot
     A tube sparks inside | noise noisy
     The rectifier flashes when switched on | noise noisy
     One tube is cracked, white inside |
     Tube loose in its socket, crackles | noise noisy`,
  ],
  [
    "transceiver",
    "a twenty-seventh set",
    `Receives fine on all bands but no power out on 15 and 10 | bands alike, bands-tx one, play fine
     Transmit audio has a hum on SSB, CW is clean | hum-tx line|double, mode-tx voice
     Puts out 100 W on CW but only 20 on SSB | mode-tx voice, play-tx weak
     Output falls from 100 to 40 W within a minute | warm-tx changes, play-tx weak
     The finals don't draw current when I key it | play-tx dead
     Does not load on 40 m, fine on the rest | bands-tx one
     Receiver dead after I keyed it into a bad antenna | play dead
     S-meter works but the audio is gone | play dead, works:s-meter works
     RX noise is normal but I hear no stations | play dead
     Plenty of noise, no signals on 20 m | noise noisy, bands one
     Drifts 3 kHz in the first hour, TX and RX | steady unsteady, steady-tx unsteady, warm changes
     Chirps on CW, SSB sounds fine | steady-tx unsteady
     Nobody answers, the power meter shows full output | play-tx dead
     Reports of distorted audio on 80 m only | bands-tx one
     VOX relay chatters when I speak | works:changeover fails
     It goes into transmit by itself |
     Fuse blows at switch-on, with the finals out too | fuse blown
     Fan doesn't turn and it gets very hot | smell hot
     Frequency display jumps | steady unsteady
     Crackling on receive when the cabinet is tapped | noise noisy, thump reacts
     Relay doesn't drop out after transmit | works:changeover fails
     Mic gain at maximum and still hardly any output | play-tx weak
     CW fine, no SSB at all on transmit | mode-tx voice, play-tx dead
     AM carrier present, no modulation | play-tx dead
     Plate current jumps when tuning | steady-tx unsteady
     Blue flash in the final when keyed | noise noisy
     No sidetone but it transmits | play-tx fine`,
  ],
];
