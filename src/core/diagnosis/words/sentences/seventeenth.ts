/** Written when the rules stood for the seventeenth time, in words that were looked for, and read once before anything was mended: see docs/finding-the-fault.md. */
export const SEVENTEENTH: readonly (readonly [set: string, group: string, lines: string])[] = [
  [
    "table",
    "a twelfth set",
    `Bought it at a sale, plugged it in, not a sound | play dead
     the set came on but then went quiet for good | play dead
     hum so strong that you can't hear the programme | hum line|double
     there's a hum in it which stays at every volume setting | hum-down line|double
     low sound and a lot of hum | play weak, hum line|double
     distortion gets worse the longer it is on | play distorted, warm changes
     only distorts when it has been on for an hour | play distorted, warm changes
     you can hear the announcer but he sounds like he has a cold | play distorted
     music is shrill and without bass | play distorted
     no highs, everything is dull | play distorted
     loud crackle every few minutes | noise noisy
     it cracks like a whip from time to time | noise noisy
     scraping noise when turning the volume control | noise noisy, turn control
     medium wave dead, short wave plays | bands one
     only long wave still works | bands one
     won't pick up a station below 800 kHz | bands one
     station disappears when I let go of the knob | play dead
     stations are all bunched at one end of the scale | dial off
     dial pointer no longer moves | knob slips
     the pointer moves in jerks | knob slips
     glass dial is cracked |
     cabinet is scratched |
     knob missing |
     speaker cloth is torn |
     cone is torn | play distorted
     the smell of hot dust, otherwise fine | play fine
     there was a bang and then smoke | smell hot
     flash inside and the house fuse went | fuse blown, noise noisy
     fuse in order, tubes dark | fuse whole, glow dark
     tubes all lit up, only noise in the speaker | glow all, noise noisy
     eye lights but does not move | works:indicator fails
     eye tube glows but never closes | works:indicator fails
     stops the moment a lorry goes by | play dead, thump reacts
     plays at random | play dead
     some days it plays and some days not | play dead
     goes from loud to soft without reason | steady unsteady
     fades, then booms back | play weak
     signal strength swings up and down | steady unsteady
     howling like a wolf | steady unsteady
     squeaks at the top of the dial | steady unsteady
     breaks into a whistle above a certain volume | steady unsteady
     lots of noise, few stations | noise noisy, play weak
     a good ground does not help |
     better after dark |
     recovers after being switched off for a while | play dead, warm changes
     plays for 20 minutes, then nothing | play dead, warm changes
     loses volume over an evening | play weak, warm changes
     sound is fine, no hum, no crackle | play fine, hum none, noise quiet
     everything works as it should | play fine
     all in order | play fine
     repaired last year, now the same fault again |
     radio silent, but the gram plays loud and clear | play dead, phono fine
     hums on gram too | hum line|double`,
  ],
  [
    "communications",
    "a twelfth set",
    `beat oscillator doesn't come on | works:bfo fails
     nothing above 7 MHz | bands one
     meter needle lies dead at zero | works:s-meter fails
     AVC off or on makes no difference | works:agc fails
     drifting on the high bands | steady unsteady, bands one
     the set is rock stable now | steady steady
     dial lights fine, receiver dead | glow all, play dead
     weak signals can't be heard any more | play weak
     crackles as I turn the band switch | noise noisy, turn switch
     tuning slips when turned quickly | knob slips`,
  ],
  [
    "transceiver",
    "a twelfth set",
    `rig receives but won't go into transmit | play fine, play-tx dead
     relay pulls in, no power | play-tx dead
     power creeps down during long transmissions | play-tx weak, steady-tx unsteady
     only 5 W on 20 m, 100 W elsewhere | bands-tx one
     output is the same poor 10 W on every band | play-tx weak, bands-tx alike
     no speech gets through, tone on CW is fine | play-tx dead, mode-tx voice
     my signal has a hum on it | hum-tx line|double
     signal reports say rough note | play-tx distorted
     the band scope is dead |
     deaf as a post on all bands | play weak, bands alike
     the receiver is quiet, S-meter moves | play weak, works:s-meter works
     receive fades after ten minutes | play weak, warm changes
     frequency jumps around on transmit | steady-tx unsteady
     when I whistle into the mic nothing happens | play-tx dead
     smells hot when transmitting | smell hot
     finals draw too much current | line high
     dead, fuse is good | play dead, fuse whole
     dial and actual frequency disagree by 2 kHz | dial off
     AGC doesn't recover | works:agc fails
     on SSB I sound fine, on CW there is nothing | play-tx dead`,
  ],
  [
    "transmitter",
    "a twelfth set",
    `carrier comes up, voice doesn't | play-tx fine, play-mod dead
     barely any modulation | play-mod weak
     no RF and the final runs red | play-tx dead, smell hot
     hum can be heard on the transmitted signal | hum-tx line|double
     power is only half | play-tx weak
     frequency walks after keying | steady-tx unsteady`,
  ],
  [
    "amfm",
    "a twelfth set",
    `FM is gone, AM still there | play-fm dead, play fine
     AM is fine, FM is dead as a doornail | play fine, play-fm dead
     FM comes through with a lot of noise | noise noisy
     stereo is mono | works:stereo fails
     FM has to be retuned after warming up | steady-fm unsteady, warm-fm changes
     AM whistles, FM is clean | steady unsteady, play-fm fine`,
  ],
];
