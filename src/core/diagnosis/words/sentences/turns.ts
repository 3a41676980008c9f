/** Short ones for each way to put it that was mended after the nineteenth and later lots. */
export const TURNS: readonly (readonly [set: string, group: string, lines: string])[] = [
  [
    "table",
    "ways to put it",
    `everything works except the dial lamp | play fine, glow dark
     plays fine apart from the tuning eye | play fine, works:indicator fails
     works well, just the eye is dead | play fine, works:indicator fails
     all good except the phono input | play fine, phono dead
     works fine except for the hum | play fine, hum line|double
     plays everything except short wave | bands one
     plays well except at night |
     works except when it is cold | warm changes
     goes silent when I move the volume knob | play dead, turn control
     I get a shock from the chassis and it hums | hum line|double
     gives me a shock but plays fine | play fine
     so quiet that I can't follow it and it hums | hum line|double, play weak
     takes a knock to start and then it plays | play dead, thump reacts
     the noise stops when I pull the first tube and it smells | noise noisy, smell hot
     the switch must be held to get sound and it crackles | noise noisy, turn switch, play dead
     drops out when the volume is turned | play dead, turn control
     cuts out when switching bands | play dead, turn switch
     stops when I touch the band switch | play dead, turn switch
     plays only if I hold the knob | play dead, turn control
     only works with the wave switch pushed in | play dead, turn switch
     plays while I press the switch | play dead, turn switch
     runs for a bit and goes dead | play dead, warm changes
     good for a while, then weak | play weak, warm changes
     fine for some time and then it hums | hum line|double, play fine, warm changes
     not played for a while |
     has stood for some time |
     unused for a long time |
     band 3 is dead | bands one
     no reception on band 1 | bands one
     range 2 is weak | bands one
     bands 1 and 2 are dead | bands one
     both wavebands silent | play dead, bands alike
     both bands play | play fine, bands alike
     both tubes are dark | glow dark
     only plays when it has been on for two hours | play dead, warm changes
     comes on only after a good ten minutes | play dead, warm changes
     will only play once it is properly warm | play dead, warm changes
     only gets loud after ten minutes | play weak, warm changes
     should be gone over |
     please go through it |
     has been gone through by a friend, now dead | play dead
     hum on long wave, not on medium wave | hum line|double, bands one
     distorts on some stations | play distorted
     crackles on some days | noise noisy
     plays for a minute, then it goes | play dead, warm changes
     works fine for its age | play fine
     reception could be better | play weak|distorted
     sound could be louder | play weak
     I have to hit it to get sound | play dead, thump reacts
     you have to jiggle the volume knob before it plays | play dead, turn control
     it needs to be tapped to make it work | play dead, thump reacts
     hears nothing but strong locals | play weak
     nothing but noise | noise noisy, play dead
     nothing but static on all bands | bands alike, noise noisy, play dead
     nothing but a hum | hum line|double
     two of the bands are dead | bands one
     tar oozes from the choke | smell hot
     wave selector has no contact | turn switch
     band selector is dirty | turn switch
     the knob turns and the dial stays where it is | knob slips
     pointer moves, station stays the same | knob slips
     only plays at night | play weak
     the tuning is rough | knob slips
     sound is rough | play distorted
     heaters come on | glow all
     tubes don't come on | glow dark
     dial doesn't come on | glow dark
     comes on but goes off again | play dead`,
  ],
  [
    "transceiver",
    "ways to put it",
    `everything works except transmit | play fine, play-tx dead
     works fine except for the S-meter | play fine, works:s-meter fails
     receives well except on 10 m | bands one
     I get bad reports | play-tx distorted
     got a bad audio report last night | play-tx distorted
     FMing on transmit | steady-tx unsteady
     hum on transmit, not on receive | hum-tx line|double, hum none
     distorted on SSB, not on CW | play distorted
     drifts on receive but not on transmit | steady unsteady, steady-tx steady
     power supply buzzes | hum line|double
     power switch has to be jiggled | play dead, turn switch
     nobody understands me on SSB | mode-tx voice, play-tx distorted
     grid current goes off scale |
     fuse goes when I switch to transmit | fuse blown
     relay clicks when I go to transmit, no power | play-tx dead
     antenna current doesn't rise | play-tx dead`,
  ],
  [
    "amfm",
    "ways to put it",
    `noise on FM, not on AM | noise noisy
     eye works on FM only |
     works on FM only | play-fm fine, play dead
     the radio plays on AM only | play fine, play-fm dead
     all fine except stereo | play fine, works:stereo fails
     neither band works | play dead
     FM and AM are both weak | play weak, play-fm weak
     left speaker crackles | noise noisy
     FM 300 kHz out | dial-fm off
     FM is off by 0.5 MHz | dial-fm off
     AM and FM play | play fine, play-fm fine`,
  ],
  [
    "table",
    "ways to put it once more",
    `scale does not light, plays well | glow dark, play fine
     the dial is unlit | glow dark
     a light tap on the case and it plays again | play dead, thump reacts
     lights in the house go out when I switch it on | fuse blown
     pointer is half an inch off | dial off
     pointer sits 5 mm to the left of the station | dial off
     sound comes and goes when the volume control is moved | turn control, play dead`,
  ],
  [
    "transmitter",
    "ways to put it once more",
    `modulation is under 50 % | play-mod weak
     modulates only 30 percent | play-mod weak
     there is output with the key up | works:keying fails`,
  ],
  [
    "solid-receiver",
    "ways to put it once more",
    `AM only gets locals | play weak
     only locals on AM | play weak
     works on locals only | play weak`,
  ],
  [
    "audio-amplifier",
    "ways to put it once more",
    `both sides play well | play fine
     the hiss stops when I take out the first tube | noise noisy`,
  ],
  [
    "solid-transceiver",
    "ways to put it once more",
    `turns itself off as soon as I key it | play-tx dead
     synthesizer does not lock | steady unsteady
     freezer spray over the IF board brings it back | play dead, warm changes`,
  ],
];
