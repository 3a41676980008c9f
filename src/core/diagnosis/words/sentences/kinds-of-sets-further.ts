/** Of sets of the other kinds, for the fourth and the fifth time, and read once before anything was mended: see docs/finding-the-fault.md. */
export const KINDS_FURTHER: readonly (readonly [set: string, group: string, lines: string])[] = [
  [
    "audio-amplifier",
    "further words",
    `both channels hum | hum line|double
     hum stays with the volume at zero | hum-down line|double
     distorts when played loud | play distorted
     weak output on the right | play weak
     output tube red-plating | smell hot
     crackles through both speakers | noise noisy
     left channel cuts out now and then | play dead
     fuse blows when the standby is opened | fuse blown
     scratchy volume pot | noise noisy, turn control
     no sound, tubes glow | glow all, play dead
     hiss with the volume down | noise-down noisy
     a tap on the input tube rings in the speaker | thump reacts
     sounds thin without bass | play distorted
     selector switch loses a channel | turn switch
     fades after warming up | warm changes, play weak`,
  ],
  [
    "linear",
    "further words",
    `no output at all, heaters lit | glow all, play-tx dead
     output only half of normal | play-tx weak
     arcing inside when tuning | noise noisy
     a tube glows orange hot | smell hot
     trips the breaker at switch-on | fuse blown
     plate voltage reads zero | rail:high-voltage none
     works on 80, no output on 10 | bands-tx one
     relay does not pull in | works:changeover fails
     fan is stuck | works:fan fails
     oscillates without drive | steady-tx unsteady
     grid current too high |
     load capacitor is stiff | knob slips
     signal through it is distorted | play-tx distorted`,
  ],
  [
    "portable",
    "further words",
    `dead with new batteries | play dead
     plays on batteries, hums on the mains | hum line|double
     stops playing after a few minutes | warm changes, play dead
     only the local station can be heard | play weak
     works only when held in one direction |
     oscillates when the battery is low | steady unsteady
     loop aerial wire is broken |
     no sound on short wave | bands one
     one band missing | bands one`,
  ],
  [
    "regenerative",
    "further words",
    `set doesn't regenerate |
     weak signals, even with full reaction | play weak
     howls when reaction is turned up | steady unsteady
     nothing heard in the phones | phones dead
     tuning changes when my hand comes near | steady unsteady
     reaction control is scratchy | noise noisy, turn control
     plays well on one band only | bands one`,
  ],
  [
    "solid-receiver",
    "further words",
    `no sound from either speaker | play dead
     left speaker silent | works:stereo fails
     FM stereo light never lights | works:stereo fails
     protection relay doesn't click in | play dead
     hum in both speakers | hum line|double
     dial lamps lit, no sound | glow all, play dead
     crackly volume control | noise noisy, turn control
     switches off when turned up loud | play dead
     hot smell from the power amp | smell hot
     blows the fuse at power-on | fuse blown`,
  ],
  [
    "solid-transceiver",
    "further words",
    `receives fine, no transmit power | play fine, play-tx dead
     output 5 W on all bands | bands-tx alike
     no receive on 160 m | bands one
     dead, no display | play dead
     display lit, no audio | play dead
     final transistors run hot | smell hot
     power drops back as it heats up | warm-tx changes, play-tx weak
     mic audio is distorted on the air | play-tx distorted
     hum on transmit audio | hum-tx line|double
     AGC too slow, strong signals distort | play distorted, works:agc fails
     main knob slips | knob slips
     no CW sidetone |
     frequency jumps about | steady unsteady
     blows the fuse on transmit | fuse blown
     weak receive, transmit normal | play weak, play-tx fine`,
  ],
  [
    "transistor",
    "further words",
    `no sound with a fresh battery | play dead
     weak, drains the battery quickly | play weak
     distorted until it warms up | warm changes, play distorted
     cuts out when tapped | thump reacts, play dead
     stations drift | steady unsteady
     motorboating with a weak battery | steady unsteady
     works with the earphone but not with the speaker | play dead, phones fine
     short wave dead | bands one
     sounds distorted at full volume | play distorted
     one transistor gets very hot | smell hot`,
  ],
  [
    "trf",
    "further words",
    `no stations, just a faint hum | hum line|double, play dead
     stations overlap | play distorted
     howls when all dials are in tune | steady unsteady
     weak at the low end of the dial |
     one tube doesn't light | glow dark
     squeals at the high end | steady unsteady
     weak, the detector tube was changed | play weak`,
  ],
  [
    "vibrator",
    "further words",
    `vibrator doesn't buzz | play dead
     no sound, vibrator runs | play dead
     blows the fuse in the car | fuse blown
     vibrator hash in the speaker | noise noisy
     plays weakly | play weak
     noise only with the engine running | noise noisy
     stops on bumpy roads | thump reacts, play dead
     tubes light, no B+ | rail:reservoir none, glow all
     buzz from the loudspeaker | hum line|double
     works for five minutes, then the fuse goes | fuse blown, warm changes, play fine`,
  ],
  [
    "audio-amplifier",
    "further words",
    `no output from either channel | play dead
     right channel distorts | play distorted
     one channel hums | hum line|double
     hum even with no input | hum line|double
     loud crackles from the left speaker | noise noisy
     hiss is too loud | noise noisy
     tubes glow but no sound | glow all, play dead
     amp smells hot | smell hot
     sound is weak in both channels | play weak
     loses power when hot | warm changes, play weak
     standby switch arcs | noise noisy, turn switch
     fuse goes at switch-on | fuse blown
     low frequency oscillation | steady unsteady
     volume control noisy | noise noisy, turn control
     intermittent left channel | play dead
     phono input dead, tuner input fine | phono dead`,
  ],
  [
    "linear",
    "further words",
    `low output on 10 m | bands-tx one
     trips when keyed | fuse blown
     HV is missing | rail:high-voltage none
     plate meter reads zero | works:metering fails
     big bang and no more output | smell hot, play-tx dead
     relay does not key | works:changeover fails
     arc in the plate tank on 15 m | noise noisy, bands-tx one
     plates run cherry red | smell hot
     output drops as it heats up | warm-tx changes, play-tx weak
     filaments do not light | glow dark`,
  ],
  [
    "portable",
    "further words",
    `no sound on batteries | play dead
     hums on mains | hum line|double
     tubes not lit | glow dark
     fades out after some minutes | warm changes, play weak`,
  ],
  [
    "regenerative",
    "further words",
    `no signals | play dead
     howls all the time | steady unsteady
     regeneration control crackles | noise noisy, turn control
     tubes lit, nothing in the phones | glow all, phones dead`,
  ],
  [
    "solid-receiver",
    "further words",
    `no sound, lights on | glow all, play dead
     right channel cuts out | works:stereo fails
     FM weak, AM OK | play-fm weak, play fine
     crackles in one speaker | noise noisy
     FM station drifts | steady-fm unsteady
     blows the mains fuse | fuse blown
     distorts after warming up | warm changes, play distorted
     hum in the headphones too | hum line|double
     power transistor very hot | smell hot`,
  ],
  [
    "solid-transceiver",
    "further words",
    `receiver dead on all bands | bands alike, play dead
     transmits 2 W only | play-tx weak
     receiver distorts | play distorted
     shuts down on transmit | play-tx dead
     hum on receive | hum line|double
     display dark but it receives | play fine
     relay chatters on keying | works:changeover fails
     gets very hot on transmit | smell hot
     S-meter doesn't move, receives fine | play fine, works:s-meter fails
     deaf on the higher bands | bands one`,
  ],
  [
    "transistor",
    "further words",
    `dead, new battery fitted | play dead
     weak and whistling | steady unsteady, play weak
     distorted sound | play distorted
     medium wave works, short wave dead | bands one
     noise when volume is turned | noise noisy, turn control
     fades after a minute | warm changes, play weak
     ear phone fine, no speaker | phones fine, play dead
     tuning knob broken | knob slips`,
  ],
  [
    "vibrator",
    "further words",
    `vibrator runs but no sound | play dead
     vibrator sticks | play dead
     plays but vibrator noise is loud | noise noisy, play fine
     fuse blows | fuse blown
     tubes don't glow | glow dark
     hum in the speaker | hum line|double
     weak reception | play weak`,
  ],
];
