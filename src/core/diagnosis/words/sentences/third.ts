/** A third set, written after the second was mended. */
export const THIRD: readonly (readonly [set: string, group: string, lines: string])[] = [
  [
    "table",
    "a third set",
    `quite dead, not even a hum | play dead, hum none
     dead, though the tubes glow | play dead, glow all
     plays faintly | play weak
     the volume has to be full up | play weak
     volume slowly goes down | play weak
     distortion on loud passages | play distorted
     sounds like a broken cone | play distorted
     hum that does not go away | hum line|double
     faint hum | hum line|double
     there is a lot of crackling | noise noisy
     it crackles and then goes silent | noise noisy, play dead
     whistling between the stations | steady unsteady
     starts to motorboat after ten minutes | steady unsteady, warm changes
     station slides away | steady unsteady
     fuse went | fuse blown
     it blows the house fuse | fuse blown
     burning smell from the back | smell hot
     no smoke, but dead | smell nothing, play dead
     dial not lit | glow dark
     dial lamp flickers |
     knobs are loose | knob slips
     tuning gets stuck | knob slips
     pointer off by 20 kHz | dial off
     band switch noisy | noise noisy, turn switch
     long wave is weak | bands one
     works only on short wave | bands one
     no long wave | bands one
     gram input dead, radio works | phono dead, play fine
     nothing on gram | phono dead
     eye does not move | works:indicator fails
     worse when cold | warm changes
     cuts out now and again | play dead
     sometimes hums | hum line|double
     hums when touched | hum line|double, thump reacts
     perfect | play fine
     plays well again | play fine
     no complaints about the sound | play fine`,
  ],
  [
    "transceiver",
    "a third set",
    `no receive | play dead
     receives nothing, transmits | play dead, play-tx fine
     half power on transmit | play-tx weak
     power fades on transmit | play-tx weak
     transmit cuts out | play-tx dead
     drifts on both | steady unsteady
     CW is fine, SSB distorted on transmit | play-tx distorted, mode-tx voice
     SSB and CW dead on transmit | play-tx dead
     frequency jumps | steady unsteady
     output is not steady | steady-tx unsteady
     transmit power varies | steady-tx unsteady
     whines on receive | noise noisy
     no RF, receive fine | play-tx dead, play fine
     S-meter pinned, receive is fine | works:s-meter fails, play fine`,
  ],
  [
    "amfm",
    "a third set",
    `FM distorts | play-fm distorted
     AM silent | play dead
     no sound on FM or AM | play-fm dead, play dead
     stereo decoder does not work | works:stereo fails`,
  ],
];
