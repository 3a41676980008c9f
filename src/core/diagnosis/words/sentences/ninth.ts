/** A ninth set, written when the eighth was mended. Its result at the first go stands in docs/finding-the-fault.md. */
export const NINTH: readonly (readonly [set: string, group: string, lines: string])[] = [
  [
    "table",
    "a ninth set",
    `my grandfather's radio, it does not play | play dead
     dead after a thunderstorm | play dead
     was fine yesterday, dead today | play dead
     no reaction when switched on | play dead
     there is light but no sound | glow all, play dead
     no stations at all | play dead
     it is mute on all bands | play dead, bands alike
     quieter than it used to be | play weak
     plays but too softly | play weak
     volume has dropped | play weak
     does not pick up many stations | play weak
     receives badly | play weak
     needs a long aerial to get anything | play weak
     poor tone | play distorted
     sound is harsh | play distorted
     distortion on loud passages | play distorted
     crackly and distorted sound | noise noisy, play distorted
     voices sound like a robot | play distorted
     plays well but hums | play fine, hum line|double
     hums quietly | hum line|double
     hum increases with the volume | hum line|double
     there's a constant buzzing | hum line|double
     hum without any signal | hum line|double
     pops when switched on | noise noisy
     hissing between stations | noise noisy
     crackling from the speaker | noise noisy
     crackle stops when tapped | noise noisy, thump reacts
     noisy when the band switch is turned | noise noisy, turn switch
     squeals when the volume is up | steady unsteady
     whistle on strong stations | steady unsteady
     goes off tune | steady unsteady
     keeps drifting off station | steady unsteady
     motorboating | steady unsteady
     pointer shows the wrong station | dial off
     dial calibration is out | dial off
     dial cord broke | knob slips
     pointer no longer moves | knob slips
     tuning capacitor is stuck | knob slips
     no dial lights | glow dark
     one dial lamp is out | glow dark
     rectifier tube glows blue | glow bright
     fuse blown | fuse blown
     breaker trips when I plug it in | fuse blown
     plates of the output tube glow red | smell hot
     smoke from the power transformer | smell hot
     resistor burnt up | smell hot
     no smell, no smoke | smell nothing
     long wave does not work, medium wave does | bands one
     nothing on short wave, medium wave good | bands one
     short wave is weak | bands one
     phono input is dead | phono dead
     no sound on phono or radio | phono dead, play dead
     magic eye does not light | works:indicator fails
     the eye glows but does not move | works:indicator fails
     starts playing after twenty minutes | play dead, warm changes
     loses stations as it warms up | play weak, warm changes
     dies after an hour, fine again when cool | play dead, warm changes
     crackles when moved | noise noisy, thump reacts
     cuts out intermittently | play dead
     sound fades in and out | play weak
     works normally | play fine
     repaired by a neighbour, now silent | play dead`,
  ],
  [
    "communications",
    "a ninth set",
    `no sensitivity above 10 MHz | bands one
     weak on every band | play weak, bands alike
     BFO pitch control does nothing | works:bfo fails
     S-meter needle sticks | works:s-meter fails
     noise limiter does not work | works:limiter fails
     frequency jumps when the cabinet is touched | steady unsteady, thump reacts
     dial reads low by 10 kHz | dial off
     gain falls as it warms | play weak, warm changes`,
  ],
  [
    "transceiver",
    "a ninth set",
    `transmit output is zero | play-tx dead
     puts out only 20 watts | play-tx weak
     audio reports are bad | play-tx distorted
     transmitter drifts | steady-tx unsteady
     neither receives nor transmits | play dead, play-tx dead
     receiver deaf, transmitter fine | play weak, play-tx fine
     fuse blows on transmit | fuse blown`,
  ],
  [
    "amfm",
    "a ninth set",
    `FM is distorted, AM clear | play-fm distorted, play fine
     FM hisses | noise noisy
     only AM works | play fine, play-fm dead
     one channel is missing | works:stereo fails`,
  ],
];
