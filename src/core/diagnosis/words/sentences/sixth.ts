/** A sixth set, written when the fifth was mended. Its result at the first go stands in docs/finding-the-fault.md. */
export const SIXTH: readonly (readonly [set: string, group: string, lines: string])[] = [
  [
    "table",
    "a sixth set",
    `does nothing at all | play dead
     it plays but you have to sit right beside it | play weak
     only a murmur comes out | play weak
     hardly audible | play weak
     gets quieter and quieter | play weak
     all stations are weak | play weak
     sound breaks up on loud music | play distorted
     sounds like from a barrel | play distorted
     voices are muddy | play distorted
     it grates | play distorted
     deep hum, no programme | hum line|double, play dead
     hums like a transformer | hum line|double
     still hums | hum line|double
     hum only on the gram input | hum line|double
     no hum, no distortion, just faint | hum none, play weak
     noise like rain | noise noisy
     a click every few seconds | noise noisy
     it hisses more than before | noise noisy
     scratching noise when tuning | noise noisy
     the tuning crackles | noise noisy
     whistle that changes as I tune | steady unsteady
     whoops and howls | steady unsteady
     slowly drifts off tune | steady unsteady
     the stations move about | steady unsteady
     reads 50 kHz too low at the top of the dial | dial off
     pointer is loose | knob slips
     tuning slips at one end | knob slips
     volume knob has come off | knob slips
     pilot lamp does not light | glow dark
     tubes light up, lamps too | glow all
     no glow in the rectifier | glow dark
     keeps blowing fuses | fuse blown
     new fuse went at once | fuse blown
     smokes from underneath | smell hot
     the transformer gets too hot to touch | smell hot
     goes off when I bang the door | thump reacts, play dead
     a tap on the output tube makes it crackle | thump reacts, noise noisy
     nothing on short wave 2 | bands one
     medium wave weak, long wave normal | bands one
     all bands dead | bands alike, play dead
     works on gram only | phono fine, play dead
     tape input dead too | phono dead
     green eye stays wide open | works:indicator fails
     magic eye dim but moves | works:indicator fails
     tone control has no effect |
     came back from the cellar, not tried |
     everything fine except that it hums | hum line|double, play fine`,
  ],
  [
    "communications",
    "a sixth set",
    `no sensitivity above 10 MHz | bands one
     good on the low bands, dead on the high ones | bands one
     no beat note | works:bfo fails
     beat note drifts | steady unsteady, works:bfo fails
     S-meter reads full scale without a signal | works:s-meter fails
     strong signals distort | play distorted, works:agc fails
     AGC pumps | steady unsteady, works:agc fails
     dial is off by 30 kHz on all bands | bands alike, dial off
     jumps in frequency when the bench is knocked | steady unsteady, thump reacts
     noisy as if the antenna were off | noise noisy`,
  ],
  [
    "transceiver",
    "a sixth set",
    `no output when I press the key | play-tx dead
     puts out only half its power | play-tx weak
     output jumps up and down | steady-tx unsteady
     SSB reports are bad, CW is good | play-tx distorted, mode-tx voice
     transmit audio is rough | play-tx distorted
     receiver deaf after a transmission | play weak
     receives and transmits fine | play fine, play-tx fine
     frequency wanders on both | steady unsteady
     relay clicks but nothing goes out | play-tx dead
     a fuse blows when it is switched on | fuse blown`,
  ],
  [
    "transmitter",
    "a sixth set",
    `puts no power into the dummy load | play-tx dead
     carrier drops under modulation | play-mod weak
     the note chirps | steady-tx unsteady
     modulation is weak | play-mod weak
     hums under the carrier | hum-tx line|double`,
  ],
  [
    "amfm",
    "a sixth set",
    `FM works, AM does not | play-fm fine, play dead
     FM hisses | noise noisy
     FM goes off after an hour | play-fm dead, warm-fm changes
     stereo lamp stays dark | works:stereo fails
     distorted on FM, clean on AM | play-fm distorted, play fine`,
  ],
];
