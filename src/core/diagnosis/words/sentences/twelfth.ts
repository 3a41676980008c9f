/** Written when the rules stood for the twelfth time, and read once before anything was mended: see docs/finding-the-fault.md. */
export const TWELFTH: readonly (readonly [set: string, group: string, lines: string])[] = [
  [
    "table",
    "an eighth set: reception",
    `completely mute | play dead
     there is no reception whatsoever | play dead
     the speaker remains silent | play dead
     I get nothing but silence | play dead
     stopped in the middle of a programme | play dead
     played fine until yesterday, now dead | play dead
     not working at all | play dead
     gets only two stations | play weak
     sounds very far away | play weak
     has no strength | play weak
     the volume is down to a third | play weak
     too quiet for the kitchen | play weak
     hardly any volume left | play weak
     stations are there but faint | play weak
     sound is mushy and dull | play distorted
     every loud note distorts | play distorted
     has a tinny tone | play distorted
     voices are not clear | play weak|distorted
     sounds cracked on loud passages | play distorted
     plays beautifully | play fine
     now it works as it did when it was new | play fine
     volume and tone are good | play fine
     receives all local stations without trouble | play fine`,
  ],
  [
    "table",
    "an eighth set: hum and noise",
    `hums loudly as soon as it is on | hum line|double
     loud hum, no stations | hum line|double, play dead
     a faint hum remains | hum line|double
     hum drowns out the stations | hum line|double
     hums on all stations | hum line|double
     the hum does not change when the volume is turned down | hum-down line|double
     no hum, no crackle | hum none, noise quiet
     hum stopped after the condenser was changed | hum none
     loud static all the time | noise noisy
     it spits and crackles | noise noisy
     makes scratching noises | noise noisy
     crackles when you move the tone knob | noise noisy, turn control
     background noise is strong | noise noisy
     noise has gone since it was cleaned | noise quiet
     silent between the stations | noise quiet`,
  ],
  [
    "table",
    "an eighth set: steadiness, warmth, blows",
    `loud whistle on every station | steady unsteady
     it squeals at the top of the dial | steady unsteady
     motorboats with the volume up | steady unsteady
     goes off frequency as it gets warm | steady unsteady, warm changes
     stays on frequency for hours | steady steady
     does not drift any more | steady steady
     dies after a quarter of an hour | play dead, warm changes
     no sound for the first two minutes | play dead, warm changes
     comes on slowly and then fades | play weak
     gets louder as it warms | warm changes
     volume falls as the set heats up | play weak, warm changes
     distorted until it is warm | play distorted, warm changes
     plays again after a knock | play dead, thump reacts
     when I bang the table it stops | play dead, thump reacts
     reacts to the slightest knock | thump reacts
     tapping makes no difference | thump still`,
  ],
  [
    "table",
    "an eighth set: dial, lamps, knobs, smell, fuse",
    `stations do not match the dial | dial off
     dial is 5 kHz out | dial off
     stations are where they should be | dial right
     the pointer hangs half way | knob slips
     dial drive slips | knob slips
     tuning shaft is jammed | knob slips
     the pilot lamp is out | glow dark
     the valves stay cold | glow dark
     one valve does not light | glow dark
     tube glows blue inside | glow bright
     heaters all glow | glow all
     a burning smell comes from the chassis | smell hot
     the mains transformer smells | smell hot
     one resistor is charred | smell hot
     it smokes | smell hot
     no burning smell | smell nothing
     blows its fuse every time | fuse blown
     new fuse went straight away | fuse blown
     the house fuse goes when I plug it in | fuse blown
     fuse is all right | fuse whole`,
  ],
  [
    "table",
    "an eighth set: bands, phono, functions",
    `no stations on long wave | bands one
     short wave gives nothing | bands one
     medium wave has gone dead | bands one
     all bands dead | play dead, bands alike
     the record input works | phono fine
     radio is dead but the gram works | play dead, phono fine
     records sound distorted | phono distorted
     eye tube has no glow | works:indicator fails
     the eye does not close | works:indicator fails
     magic eye works normally | works:indicator works`,
  ],
  [
    "communications",
    "an eighth set",
    `insensitive on 10 metres | bands one
     will not receive CW | works:bfo fails
     there is no BFO note | works:bfo fails
     the S-meter sticks | works:s-meter fails
     S-meter works | works:s-meter works
     volume jumps from station to station, the AGC does nothing | steady unsteady, works:agc fails
     warbles on CW | steady unsteady
     signals drift down in frequency for an hour | steady unsteady, warm changes
     dial is spot on | dial right
     microphonic when the cabinet is tapped | thump reacts
     plays well on 80 but is dead on 20 m | bands one`,
  ],
  [
    "transceiver",
    "an eighth set",
    `no RF output | play-tx dead
     output falls off on 15 and 10 metres | bands-tx one
     puts out 100 W on every band | bands-tx alike
     stations report a rough note | play-tx distorted
     reports say there is hum on my audio | hum-tx line|double
     FMs on voice peaks | steady-tx unsteady
     no receive, but it transmits | play dead, play-tx fine
     receive audio is distorted | play distorted
     transmit is dead after a few minutes | play-tx dead, warm-tx changes
     relay clicks but no power comes out | play-tx dead
     hears nothing and sends nothing | play dead, play-tx dead`,
  ],
  [
    "amfm",
    "an eighth set",
    `FM weak, AM strong | play-fm weak, play fine
     hiss on FM | noise noisy
     no FM stations | play-fm dead
     FM is distorted on every station | play-fm distorted
     both AM and FM are silent | play dead, play-fm dead
     AM hums | hum line|double
     stereo does not work | works:stereo fails
     FM slides away from the station | steady-fm unsteady`,
  ],
];
