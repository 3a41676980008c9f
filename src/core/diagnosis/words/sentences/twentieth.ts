/** Written when the rules stood for the twentieth time, and read once before anything was mended: see docs/finding-the-fault.md. */
export const TWENTIETH: readonly (readonly [set: string, group: string, lines: string])[] = [
  [
    "table",
    "a fifteenth set",
    `The radio turns on, the dial lights, but there is no reception | play dead, glow all
     Turned it on and there was a pop, then nothing | noise noisy, play dead
     it lit up, hummed for a second and went quiet | glow all, hum line|double, play weak
     my dad's radio stopped working last month | play dead
     it suddenly stopped in the middle of a song | play dead
     had a loud pop and has been dead since | noise noisy, play dead
     it makes a terrible humming sound | hum line|double
     hums badly, music is in the background | hum line|double
     hum even with no antenna | hum line|double
     hums only when tuned to a station | hum line|double
     low hum in the background | hum line|double
     you hear a hum when it's turned on and it never goes away | hum line|double
     there's music but very faint | play weak
     you need to put your ear to the speaker | play weak
     barely any sound | play weak
     sound is very soft | play weak
     much quieter than it used to be | play weak
     it gets quieter and quieter | play weak
     sound breaks up on loud notes | play distorted
     sounds like it is underwater | play distorted
     the music sounds scratchy | noise noisy
     voices sound fuzzy | play distorted
     everything sounds muffled | play distorted
     sounds raspy | play distorted
     makes crackling noises even with the volume down | noise-down noisy
     cracks and bangs at random | noise noisy
     pops every few seconds | noise noisy
     hissing in the background | noise noisy
     loud static between stations | noise noisy
     there is a screeching noise | steady unsteady
     whistles when I tune across stations | steady unsteady
     squeals until it warms up | steady unsteady, warm changes
     station wanders off while I listen | steady unsteady
     won't stay on the station | steady unsteady
     I can only get two stations | play weak
     gets nothing but one local station | play weak
     hardly picks up anything | play weak
     needs a very long aerial to get anything | play weak
     picks up stations only at night | play weak
     AM stations come in at the wrong numbers | dial off
     numbers on the dial don't match the stations | dial off
     the dial pointer is off | dial off
     the needle doesn't move when I turn the knob | knob slips
     the tuning knob turns but the station doesn't change | knob slips
     tuning cord is off the pulley | knob slips
     band selector doesn't make contact | turn switch
     have to wiggle the band switch to get sound | play dead, turn switch
     one of the bands doesn't work | bands one
     short wave won't work at all | bands one
     long wave very weak, rest OK | bands one
     all bands dead except medium wave | bands one
     on-off switch doesn't work |
     volume knob is loose | knob slips
     smells like something is burning | smell hot
     there was a fishy smell | smell hot
     wax is leaking out of the transformer | smell hot
     a resistor got so hot that it turned black | smell hot
     it blew the fuse in my house | fuse blown
     the fuse is fine | fuse whole
     keeps blowing its fuse | fuse blown
     two of the five tubes don't glow | glow dark
     tubes glow but it doesn't play | glow all, play dead
     none of the tubes come on | glow dark
     one of the tubes glows blue | glow bright
     rectifier tube glows purple | glow bright
     tube flickers when touched | thump reacts
     the light behind the dial doesn't work | glow dark
     the green eye is very dim | works:indicator fails
     eye opens and closes fine | works:indicator works
     record player sounds fine but the radio is distorted | phono fine, play distorted
     turntable plays, no radio | phono fine, play dead
     nothing from the gram input | phono dead
     headphone jack is dead | phones dead
     works if I hit it | play dead, thump reacts
     cuts out when I walk past | play dead, thump reacts
     a knock makes it crackle | noise noisy, thump reacts
     acts up only when it's hot | warm changes
     ok for an hour, then distorted | play distorted, warm changes
     cold start is fine, fails when hot | play dead, warm changes
     takes forever to warm up | warm changes
     still plays fine after all these years | play fine
     excellent reception, no hum | play fine, hum none`,
  ],
  [
    "communications",
    "a fifteenth set",
    `set is deaf on the two highest ranges | bands one
     nothing at all on 20 meters | bands one
     ranges 1 to 3 OK, range 4 dead | bands one
     very noisy on the highest band | noise noisy, bands one
     no signals but lots of hiss | play dead, noise noisy
     CW signals warble | steady unsteady
     SSB signals drift out of tune | dial off, steady unsteady
     BFO pitch wanders | steady unsteady, works:bfo fails
     BFO switch does nothing | works:bfo fails
     S-meter pinned with no signal | works:s-meter fails
     S-meter hardly moves on strong signals | works:s-meter fails
     AGC too slow | works:agc fails
     strong signals distort with AGC on | play distorted, works:agc fails
     noise limiter distorts the audio | play distorted
     works well but dial is 20 kHz out on the top band | bands one, dial off
     main dial slips at the ends | knob slips
     audio crackles when the RF gain is moved | noise noisy, turn control
     images everywhere above 15 MHz | bands one
     dead when the cover is on | play dead`,
  ],
  [
    "transceiver",
    "a fifteenth set",
    `puts out 10 W instead of 100 | play-tx weak
     10 m is way down in output | bands-tx one
     tx power slowly falls off | play-tx weak
     loads fine on 80 but not on 20 | bands-tx one
     receive fades after a few minutes | play weak, warm changes
     receive is scratchy and weak | noise noisy, play weak
     receive sounds distorted on SSB | play distorted
     no receive on 40 | bands one
     receiver comes and goes | play dead
     receiver comes back when I tap the chassis | play dead, thump reacts
     people tell me I'm off frequency | dial-tx off
     they tell me I'm drifting | steady-tx unsteady
     told my audio is bassy and distorted | play-tx distorted
     no audio on transmit | play-tx dead
     mic is dead | play-tx dead
     keying is erratic | works:keying fails
     it chirps when keyed | steady-tx unsteady
     no power when I whistle into the mic | play-tx dead
     plate current goes off scale |
     plate current does not rise when I key it | play-tx dead
     finals glow cherry red on transmit | smell hot
     fuse pops when I go to transmit | fuse blown
     power supply hums loudly | hum line|double
     VFO frequency jumps around | steady unsteady
     frequency display is wrong | dial off
     tuning knob feels rough | knob slips
     meter shows nothing on transmit | works:metering fails
     completely dead, no lights, fuse OK | play dead, glow dark, fuse whole`,
  ],
  [
    "transmitter",
    "a fifteenth set",
    `carrier is fine but nobody understands me | play-tx fine, play-mod distorted
     the carrier hums | hum-tx line|double
     modulation drops when warm | play-mod weak, warm-mod changes
     output drops as it gets hot | play-tx weak, warm-tx changes
     dead on 160, fine on 80 | bands-tx one
     final won't load | play-tx weak
     crystal won't start on 40 | bands-tx one
     no output but the oscillator runs | play-tx dead
     modulator tubes glow red | smell hot
     high voltage fuse blows when keyed | fuse blown`,
  ],
  [
    "amfm",
    "a fifteenth set",
    `FM works for ten minutes and then goes | play-fm dead, warm-fm changes
     FM is noisy, AM fine | noise noisy, play fine
     FM keeps drifting off | steady-fm unsteady
     FM is mono only | works:stereo fails
     stereo lamp lights but no separation | works:stereo fails
     muddy sound on FM | play-fm distorted
     there's no FM, just a hiss | play-fm dead, noise noisy
     can't get any AM stations | play dead
     AM whistles at night | steady unsteady
     FM dial is about 1 MHz off | dial-fm off
     FM and AM both hum | hum line|double, hum-fm line|double
     one speaker is silent | works:stereo fails`,
  ],
];
