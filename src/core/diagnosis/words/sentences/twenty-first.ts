/** Written when the rules stood for the twenty-first time, and read once before anything was mended: see docs/finding-the-fault.md. */
export const TWENTY_FIRST: readonly (readonly [set: string, group: string, lines: string])[] = [
  [
    "table",
    "complaints of several parts",
    `Switched on after 30 years in the loft: loud hum and a smell, so I switched it off again | hum line|double, smell hot
     Worked fine last Christmas. Now it only hums. | hum line|double
     When I turn it on nothing happens at first. After about a minute there's a loud hum and no stations. | hum line|double, play dead, warm changes
     Plays for about 20 minutes, then the sound slowly fades. If I switch it off for an hour it plays again. | play weak, warm changes
     The sound is fine for the first half hour and then starts to distort. | play distorted, warm changes
     It crackles a lot, worse when I touch the volume knob. | noise noisy, turn control
     AM works but the short wave bands are silent. | bands one
     I get a few stations on medium wave, nothing on the other bands. | bands one
     Dial lamp is on, tubes are warm, but not a sound from the speaker. | glow all, play dead
     The set is dead. The fuse is OK and all tubes light. | play dead, fuse whole, glow all
     Fuse blew as soon as I plugged it in. I put in a new one and it blew too. | fuse blown
     Sound is distorted and weak, and the output tube gets very hot. | play distorted, smell hot
     Station drifts, I must retune every quarter of an hour. | steady unsteady
     Reception is weak in the evening and there's a whistle on all stations. | play weak, steady unsteady
     The magic eye no longer lights but the radio plays well. | works:indicator fails, play fine
     It plays, but there's a constant hum, even with the volume at zero. | hum line|double, hum-down line|double, play fine
     no hum, no crackle, no sound | hum none, noise quiet, play dead
     Someone replaced the capacitors, since then it squeals. | steady unsteady
     My brother changed a tube and now it is completely silent. | play dead
     I replaced the rectifier tube but it still hums. | hum line|double
     New tubes made no difference, still weak. | play weak
     After a new dial cord the stations are in the wrong place. | dial off
     It fell off the shelf and has not worked since. | play dead
     It got wet and now it smells when it is on. | smell hot
     Was struck by lightning; now dead. | play dead
     The volume is low on radio but records are loud. | play weak, phono fine
     Radio is silent, phono input hums and plays. | play dead, phono fine, hum line|double
     Loud pop when switched on, then plays normally. | noise noisy, play fine
     It works but sometimes it goes quiet until I tap the case. | play weak, thump reacts
     Works on long wave; medium wave is full of whistles. | steady unsteady, bands one
     the sound goes away when it gets hot and the tubes stay lit | play dead, warm changes, glow all
     one channel hums, the other is fine | hum line|double, play fine
     has a 100 Hz buzz that gets louder with the volume | hum double
     no crackling, but the sound is thin | noise quiet, play distorted
     it hisses like a frying pan | noise noisy
     strange noises at night | noise noisy
     you can only hear it in the dead of night |
     it took two people to lift it |
     the back is missing |
     one knob is missing |
     cabinet is in poor shape |
     finish is worn, grille cloth torn |
     has a cracked dial glass |
     mains lead is perished |
     someone has cut the speaker leads |
     wants it to look original |
     please fit a new mains lead |`,
  ],
  [
    "communications",
    "complaints of several parts",
    `Receiver works on all bands but the S-meter stays at zero. | play fine, bands alike, works:s-meter fails
     Good on 80 and 40, deaf on 20 and above. | bands one
     Hears nothing on SSB with the BFO on, AM is fine. | play fine, works:bfo fails
     Drifts for an hour after switch-on, then it is stable. | steady unsteady, warm changes
     Crystal calibrator gives no marker, receiver otherwise fine | play fine
     AVC does nothing: strong stations blast, weak ones are fine | play distorted, works:agc fails
     Noise limiter makes no difference, set plays well | works:limiter fails, play fine
     Audio has a hum with the headphones too | hum line|double
     Band switch must be rocked before band C comes in | bands one, turn switch`,
  ],
  [
    "transceiver",
    "complaints of several parts",
    `Receives well on all bands. On transmit there is no output at all. | play fine, bands alike, play-tx dead
     Transmits fine, but receive is dead since yesterday. | play-tx fine, play dead
     100 W on 80 m, 20 W on 10 m. | bands-tx one
     Power falls from 100 to 50 W during a long over | play-tx weak
     Others report a hum on my signal; receive sounds clean. | hum-tx line|double, play fine
     I'm told my signal is wide and splatters | play-tx distorted
     Frequency jumps by some hundred hertz now and then | steady unsteady
     Receiver sensitivity dropped after I keyed it without an antenna | play weak
     VFO drifts 1 kHz in ten minutes | steady unsteady
     Mic gain has to be all the way up to get any output | play-tx weak
     no receive audio, but the S-meter moves | play dead, works:s-meter works
     S-meter moves but I hear nothing | works:s-meter works, play dead
     CW works, SSB has no output | mode-tx voice, play-tx dead
     Blows the fuse when the finals are plugged in | fuse blown
     Relay clicks, plate current stays at zero | play-tx dead
     It smells hot after ten minutes of transmitting | smell hot, warm-tx changes`,
  ],
  [
    "transmitter",
    "complaints of several parts",
    `Carrier 50 W as it should be, but no audio on it | play-tx fine, play-mod dead
     Oscillator runs, no drive to the final | play-tx dead
     Audio is clean but weak, others say it's under-modulated | play-mod weak
     The final loads on 80 and 40 but not on 20 | bands-tx one
     It hums on the air when I stop talking | hum-tx line|double`,
  ],
  [
    "amfm",
    "complaints of several parts",
    `AM plays well, FM has been dead since it was moved | play fine, play-fm dead
     FM comes in with a lot of hiss, stereo lamp is off | noise noisy, works:stereo fails
     Plays on both, but FM drifts for the first minutes | play fine, steady-fm unsteady, warm-fm changes
     FM is distorted unless I tune a little off the station | play-fm distorted`,
  ],
];
