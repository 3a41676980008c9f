/** Of sets of the other kinds, written when the rules stood for the twenty-second time, and read once before anything was mended. */
export const KINDS: readonly (readonly [set: string, group: string, lines: string])[] = [
  [
    "linear",
    "in its own words",
    `no output with full drive | play-tx dead
     amplifier gives only 200 W instead of 600 | play-tx weak
     output drops after a minute of key-down | play-tx weak, warm-tx changes
     trips the breaker when I key it | fuse blown
     plate current is zero when keyed | play-tx dead
     high plate current, red plates | smell hot
     fan doesn't turn | works:fan fails
     blower is noisy |
     arcs in the tank circuit when I tune up | noise noisy
     loads fine on 80, no output on 10 | bands-tx one
     signal is wide and splatters with the amplifier on | play-tx distorted
     relay doesn't switch over to transmit | works:changeover fails
     exciter sees high SWR at the input |
     plate meter reads nothing | works:metering fails
     grid meter stuck | works:metering fails
     it hums loudly on standby | hum-tx line|double
     bang and smoke when high voltage came on | smell hot
     high voltage fuse blew | fuse blown
     tubes light up but no power out | glow all, play-tx dead`,
  ],
  [
    "audio-amplifier",
    "in its own words",
    `no sound from the amplifier | play dead
     loud hum from the speakers | hum line|double
     one channel is weak | play weak
     left channel distorts | play distorted
     right channel is dead | play dead
     output tubes glow red | smell hot
     blows the mains fuse after a minute | fuse blown, warm changes
     volume pot crackles | noise noisy, turn control
     hisses with the volume down | noise-down noisy
     distorted at full power | play distorted
     sounds harsh after warming up | play distorted, warm changes
     guitar sounds muffled | play distorted
     squeals when the treble is turned up | steady unsteady
     tube rattles when tapped | thump reacts, play distorted
     amplifier works fine, only the pilot lamp is out | play fine, glow dark
     rectifier tube arcs | noise noisy
     crackles through the left speaker | noise noisy
     half its usual power | play weak`,
  ],
  [
    "vibrator",
    "in its own words",
    `no buzz from the vibrator, set is dead | play dead
     vibrator buzzes but there's no sound | play dead
     vibrator hums and the radio is silent | play dead
     lots of hash on all stations | noise noisy
     noise stops when the engine is off |
     blows the fuse as soon as the vibrator starts | fuse blown
     weak when the engine is off | play weak
     dies when the car hits a bump | play dead, thump reacts
     whine that follows engine speed | noise noisy
     tubes don't light up | glow dark
     plays after I thump the dash | play dead, thump reacts
     push buttons don't select the stations |
     dial lamp burnt out, plays fine | glow dark, play fine`,
  ],
  [
    "portable",
    "in its own words",
    `dead with fresh batteries | play dead
     plays weakly with new batteries | play weak
     goes dead after a few minutes on battery | play dead, warm changes
     batteries go flat within a day |
     squeals when the batteries are low | steady unsteady
     crackles when the handle is moved | noise noisy, thump reacts
     one tube stays dark | glow dark
     works on mains, dead on batteries |
     distorted as the battery runs down | play distorted
     motorboats with weak batteries | steady unsteady
     switch doesn't turn it off |
     plays only near the window | play weak`,
  ],
  [
    "regenerative",
    "in its own words",
    `reaction doesn't work |
     won't oscillate at the low end |
     regeneration control has no effect |
     howls as soon as reaction is advanced | steady unsteady
     squeals when the reaction knob is turned up | steady unsteady
     very weak, no reaction | play weak
     hand capacity effect, detunes when I come near | steady unsteady
     plays in headphones but not in the speaker | phones fine, play dead
     hum in the phones when it is near oscillation | hum line|double, steady unsteady
     fringe howl | steady unsteady
     no stations, only hum | play dead, hum line|double`,
  ],
  [
    "transistor",
    "in its own words",
    `transistor radio is dead with new batteries | play dead
     volume very low | play weak
     only hiss, no stations | play dead, noise noisy
     pocket radio sounds tinny | play distorted
     distorts with a fresh battery | play distorted
     earphone works, speaker doesn't | phones fine, play dead
     volume control is scratchy and cuts out | noise noisy, turn control, play dead
     battery gets hot | smell hot
     drains the battery overnight |
     whistles at the top of the dial | steady unsteady
     plays only when squeezed | play dead, thump reacts
     SW is dead, MW works | bands one`,
  ],
  [
    "solid-receiver",
    "in its own words",
    `FM dead, AM plays | play-fm dead, play fine
     stereo light is off and sound is mono | works:stereo fails
     protection relay clicks off after a second | warm changes
     one channel missing | works:stereo fails
     pop in the speakers at switch-on | noise noisy
     tuning display is dark |
     FM drifts when warm | steady-fm unsteady, warm-fm changes
     loud hum from both speakers | hum line|double
     smells burnt, fuse blown | smell hot, fuse blown
     AM is full of noise, FM clear | noise noisy, play-fm fine
     FM muting stays on, no sound | play-fm dead`,
  ],
  [
    "solid-transceiver",
    "in its own words",
    `no power on, draws no current | play dead
     won't switch on | play dead
     PLL unlocked, no receive and no transmit | play dead, play-tx dead, steady unsteady
     receive is dead, display works | play dead
     no output on any band, receive fine | play-tx dead, bands-tx alike, play fine
     output is 5 W instead of 100 | play-tx weak
     power folds back when it gets hot | play-tx weak, warm-tx changes
     fan runs all the time |
     S-meter doesn't move | works:s-meter fails
     deaf after a nearby lightning strike | play weak
     transmits carrier only on SSB | bands-tx one
     mic gain fully up and still no modulation | play-tx dead
     audio crackles on transmit | noise noisy
     CW keying clicks badly | works:keying fails
     blows the supply fuse on transmit | fuse blown
     frequency off by 2 kHz on all bands | dial off, bands alike
     display is dim |
     T/R relay doesn't switch | works:changeover fails`,
  ],
];
