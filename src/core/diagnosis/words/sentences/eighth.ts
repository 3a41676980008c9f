/** An eighth set, written when the seventh was mended. Its result at the first go stands in docs/finding-the-fault.md. */
export const EIGHTH: readonly (readonly [set: string, group: string, lines: string])[] = [
  [
    "table",
    "an eighth set",
    `radio does not make a sound | play dead
     no music, no voices, nothing | play dead
     it has stopped working | play dead
     will not play | play dead
     no output whatsoever | play dead
     receives nothing | play dead
     the speaker is quiet as a grave | play weak
     the volume is very low | play weak
     you have to put your ear to the speaker | play weak
     sound is weak and distorted | play distorted
     too quiet | play weak
     volume drops after ten minutes | play weak, warm changes
     lost its sensitivity | play weak
     cannot be turned up loud enough | play weak
     gets no distant stations | play weak
     voices are unclear | play distorted
     sounds as if the speaker is torn | play distorted
     music sounds awful | play distorted
     low notes rattle | play distorted
     hum drowns the music | hum line|double
     loud hum, volume control has no effect on it | hum line|double, hum-down line|double
     only a hum can be heard | hum line|double
     hums at 100 Hz | hum double
     humming when the aerial is connected | hum line|double
     no hum, no hiss | hum none, noise quiet
     rustling noise when tuning | noise noisy
     crackling and spluttering | noise noisy
     loud bang then silence | smell hot, play dead
     crackles like a fire | noise noisy
     scratchy tone control | noise noisy, turn control
     static when the wave switch is moved | noise noisy, turn switch
     whistling on every station | steady unsteady
     high pitched squeal | steady unsteady
     oscillates at the top of the band | steady unsteady
     won't hold the station | steady unsteady
     frequency drift | steady unsteady
     the dial reads wrong | dial off
     stations appear 50 kHz too high | dial off
     dial pointer stuck | knob slips
     tuning knob slips | knob slips
     tuning is stiff | knob slips
     dial lamp does not light | glow dark
     tubes stay dark | glow dark
     heaters do not glow | glow dark
     fuse blows after a minute | fuse blown, warm changes
     blows fuses | fuse blown
     smoke came out of the back | smell hot
     smells hot | smell hot
     only plays on long wave | bands one
     dead on medium wave, fine on long wave | bands one
     all bands are weak | bands alike, play weak
     phono is weak too | phono weak
     records sound fine, radio is distorted | phono fine, play distorted
     magic eye does not close | works:indicator fails
     magic eye is dead | works:indicator fails
     goes quiet when it gets warm | play weak, warm changes
     plays when cold, stops when hot | play dead, warm changes
     cuts out when the table is knocked | play dead, thump reacts
     works after a tap on the tube | play dead, thump reacts
     plays like new | play fine
     no faults found | play fine`,
  ],
  [
    "communications",
    "an eighth set",
    `insensitive on the ten metre band | bands one
     deaf above 14 MHz | bands one
     BFO does not work | works:bfo fails
     CW gives no tone | works:bfo fails
     S-meter reads backwards | works:s-meter fails
     S meter sits at full scale | works:s-meter fails
     drifts until warm | steady unsteady, warm changes
     dial is 20 kHz out on the highest band | dial off, bands one
     AVC has no effect | works:agc fails`,
  ],
  [
    "transceiver",
    "an eighth set",
    `no output on transmit | play-tx dead
     transmit is weak, receive good | play-tx weak, play fine
     receive is dead but transmit works | play dead, play-tx fine
     distorted audio on transmit | play-tx distorted
     reports of hum on my audio | hum-tx line|double
     drifts on transmit only | steady-tx unsteady
     no output on 10 m | bands-tx one
     power output low on the upper bands | bands-tx one`,
  ],
  [
    "amfm",
    "an eighth set",
    `FM dead, AM fine | play-fm dead, play fine
     no FM | play-fm dead
     AM is weak, FM is fine | play weak, play-fm fine
     FM drifts as it warms up | steady-fm unsteady, warm-fm changes
     no stereo | works:stereo fails
     hum on FM only | hum-fm line|double`,
  ],
];
