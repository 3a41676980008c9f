/** Written when the rules stood for the thirtieth time, and read once before anything was mended: see docs/finding-the-fault.md. */
export const THIRTIETH: readonly (readonly [set: string, group: string, lines: string])[] = [
  [
    "amfm",
    "a thirtieth set",
    `FM perfect, AM full of whistles | steady unsteady, play-fm fine
     AM reception weak, FM normal | play weak, play-fm fine
     FM crackles when warm | noise noisy, warm-fm changes
     No sound on FM | play-fm dead
     Stereo drops out | works:stereo fails
     Left side louder than right | works:stereo fails
     FM tuning drifts in the first minutes | steady-fm unsteady, warm-fm changes
     FM hisses on weak stations | noise noisy, play-fm weak`,
  ],
  [
    "communications",
    "a thirtieth set",
    `CW signals can't be heard with the BFO on | works:bfo fails
     BFO is off frequency | works:bfo fails
     AGC hangs | works:agc fails
     AGC pumps on strong signals | steady unsteady, works:agc fails
     S-meter stays low | works:s-meter fails
     Noise limiter makes it worse | works:limiter fails
     Top band weak | bands one
     Only works on the two lower bands | bands one
     Dial light flickers |
     Reception stops when the set is warm | warm changes, play dead
     The receiver is very sensitive and stable | steady steady, play fine`,
  ],
  [
    "table",
    "a thirtieth set",
    `It plays for a minute, then the sound dies | warm changes, play dead
     Radio is quiet on all wavebands | bands alike, play weak
     There's a humming noise as soon as it's on | hum line|double
     I only get a crackling noise | noise noisy
     The sound is cracked and hoarse | play distorted
     It whistles on medium wave | steady unsteady, bands one
     Some stations whistle | steady unsteady
     The station fades in and out | play weak
     After an hour the volume drops by half | warm changes, play weak
     Comes on only when I tap the side | thump reacts, play dead
     Works after being tapped on the side | thump reacts, play dead
     Goes off when I close the cabinet door | thump reacts, play dead
     The pointer is loose on its cord | knob slips
     Pointer doesn't reach the end of the scale | knob slips
     Stations on the dial are 20 kHz too high | dial off
     The dial glass is broken |
     Tuning eye stays open | works:indicator fails
     Tuning eye is out | works:indicator fails
     The eye closes, but no sound | play dead, works:indicator works
     Tubes don't get warm | glow dark
     The rectifier tube stays dark | glow dark
     One of the tubes is very bright | glow bright
     Rectifier glows violet | glow bright
     There is a burning smell after a while | smell hot, warm changes
     It smells of hot bakelite | smell hot
     The choke gets very hot | smell hot
     Sparks and smoke from the back | smell hot, noise noisy
     The fuse went with a flash | fuse blown, noise noisy
     Circuit breaker goes at once | fuse blown
     Fuse doesn't hold | fuse blown
     It has a good fuse but stays dark | fuse whole, glow dark
     Volume pot crackles at the low end | noise noisy, turn control
     The band switch is rough and noisy | noise noisy, turn switch
     Turning the band switch makes it come and go | turn switch, play dead
     Tone control scratches | noise noisy, turn control
     Short wave only hisses | noise noisy, bands one
     Long wave has only one station | bands one
     Medium wave plays, the others don't | bands one
     All wave bands weak | bands alike, play weak
     Both bands dead | bands alike, play dead
     Phono input is loud, radio very low | play weak, phono fine
     With a record player connected it hums | hum line|double
     Through the pick-up it sounds good | phono fine
     Headphones work, loudspeaker silent | play dead, phones fine
     Loudspeaker has a tear | play distorted
     Loudspeaker rattles | play distorted
     Loudspeaker hums with the volume off | hum-down line|double
     Radio hums less with the volume down | hum-down line|double
     It hisses with no station tuned | noise noisy
     It hisses like a snake | noise noisy
     It crackles like popcorn | noise noisy
     It ticks | noise noisy
     It pops when the fridge goes on | noise noisy
     Noise only in the evening | noise noisy
     Noise stops when I unplug the aerial | noise noisy
     Rain makes it crackle | noise noisy
     It hums more on some stations | hum line|double
     Hum on the strong stations | hum line|double
     Distorts on the strong stations | play distorted, works:agc fails
     Weak stations are noisy, strong ones are fine | noise noisy, play weak
     Strong stations only at night | play weak
     Nice tone, no hum, good reception | hum none, play fine
     Excellent reception on every band | bands alike, play fine
     It works as well as ever | play fine
     No sound, no light, no smell | smell nothing, glow dark, play dead
     No sign of life, fuse replaced | play dead
     It was silent for a week and now it works | play fine
     Stopped working when I changed the tubes | play dead
     Since the repair it howls | steady unsteady`,
  ],
  [
    "transceiver",
    "a thirtieth set",
    `RX OK, TX no power | play fine, play-tx dead
     No receive audio but S-meter moves | play dead, works:s-meter works
     Receive audio is distorted on SSB | play distorted
     Receiver hisses, no signals | noise noisy, play dead
     TX power 20 W instead of 100 | play-tx weak
     Power varies while transmitting | steady-tx unsteady
     Output on 15 m is zero | bands-tx one
     No transmit above 14 MHz | bands-tx one
     Transmits a carrier without audio on AM | play-tx dead
     Stations say my audio is muffled | play-tx distorted
     My signal drifts while I talk | steady-tx unsteady
     VFO jumps when I key | steady-tx unsteady
     Chirp on 10 m | steady-tx unsteady, bands-tx one
     Tubes in the final get red | smell hot
     Final current rises until the fuse blows | fuse blown
     Blows fuses on transmit only | fuse blown
     Relay hums | works:changeover fails
     Relay doesn't go back | works:changeover fails
     S-meter reads too high | works:s-meter fails
     S-meter doesn't return to zero | works:s-meter fails
     ALC does not move | works:alc fails
     Dial scale 3 kHz off on all bands | dial off, bands alike
     Tuning knob has play | knob slips`,
  ],
];
