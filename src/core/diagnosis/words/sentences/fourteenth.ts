/** Written when the rules stood for the fourteenth time, and read once before anything was mended: see docs/finding-the-fault.md. */
export const FOURTEENTH: readonly (readonly [set: string, group: string, lines: string])[] = [
  [
    "communications",
    "a tenth set",
    `nothing is heard above the noise | play weak
     receiver is dead on 15 metres | bands one
     sensitivity is poor on all ranges | play weak, bands alike
     the BFO will not oscillate | works:bfo fails
     no whistle when the BFO is switched on | works:bfo fails
     the S-meter needle stays at the left | works:s-meter fails
     S-meter reads full scale without a signal | works:s-meter fails
     AVC is inoperative | works:agc fails
     crackles when the band switch is turned | noise noisy, turn switch
     drifts for the first half hour and then settles | steady unsteady, warm changes
     the main tuning knob slips | knob slips
     frequency readout is 4 kHz off | dial off
     hum on the headphones | hum line|double
     hum disappears when the volume is turned down | hum-down none
     loud rushing but no stations | noise noisy, play dead
     strong signals are distorted, weak ones are clear | play distorted, works:agc fails
     works fine on AM, but SSB is unreadable | play distorted
     receives nothing at all after ten minutes | play dead, warm changes
     a knock makes it jump in frequency | steady unsteady, thump reacts
     the noise limiter works | works:limiter works`,
  ],
  [
    "transceiver",
    "a tenth set",
    `transmitter output is zero | play-tx dead
     only half the rated power | play-tx weak
     will not transmit on 10 m | bands-tx one
     receiver weak on all bands | play weak, bands alike
     RF power drops as it gets hot | play-tx weak, warm-tx changes
     no power out on CW or SSB | play-tx dead
     my transmitted audio is distorted, receive is fine | play-tx distorted, play fine
     VFO drifts on receive | steady unsteady
     people tell me I drift | steady-tx unsteady
     hum on transmit only | hum-tx line|double
     PTT does nothing | play-tx dead
     receives well but does not transmit | play fine, play-tx dead
     transmits well but does not receive | play dead, play-tx fine
     it is deaf, transmits as it should | play weak, play-tx fine
     power output jumps up and down | steady-tx unsteady
     the receiver oscillates | steady unsteady
     carrier on SSB, no speech | play-tx dead
     transmits on all bands | play-tx fine, bands-tx alike`,
  ],
  [
    "transmitter",
    "a tenth set",
    `no carrier | play-tx dead
     output power is low | play-tx weak
     carrier present, modulation missing | play-tx fine, play-mod dead
     chirps when keyed | steady-tx unsteady
     modulation is weak | play-mod weak
     there is hum on the carrier | hum-tx line|double
     it keys but there is no output | play-tx dead
     power falls after a few minutes of key down | play-tx weak, warm-tx changes`,
  ],
  [
    "amfm",
    "a tenth set",
    `FM comes and goes | play-fm dead
     FM is mute | play-fm dead
     AM is fine but FM hisses | play fine, noise noisy
     medium wave is dead, FM plays | bands one, play-fm fine
     FM is weak even with a good aerial | play-fm weak
     FM is distorted when it is cold | play-fm distorted, warm-fm changes
     the stereo lamp never lights | works:stereo fails
     hums on AM and FM | hum line|double, hum-fm line|double
     AFC does not hold the station | steady-fm unsteady`,
  ],
  [
    "table",
    "a tenth set",
    `I switch it on and nothing happens | play dead
     the tubes light but there is no sound | glow all, play dead
     came in dead | play dead
     the sound is weak and hollow | play distorted
     crackly and weak | noise noisy, play weak
     hums and is weak | hum line|double, play weak
     plays for an hour, then a loud crackle | play fine, warm changes, noise noisy
     there is a smell of burning and it hums | smell hot, hum line|double
     dial lamp out, plays well | glow dark, play fine
     the volume control has a dead spot | noise noisy, turn control
     sound only when the switch is wiggled | play dead, turn switch
     a faint station here and there | play weak
     voices boom and are hard to follow | play distorted
     it got quieter last year and now it is dead | play dead
     whistles at the low end of the dial | steady unsteady
     two stations at once | play distorted
     plays, but with a rattle | play distorted
     reception is better with a longer aerial | play weak`,
  ],
];
