import { any } from "./any";

/** What is spoken of. A stage with a work of its own is `stage:KIND`. */
export const NOUNS = {
  set: any`
    (the )?(whole )?(set|radio set|unit|rig|thing) | everything
  `,
  /** it is in no search: what is said of it says nothing of the set */
  other: any`
    vfo | fan | blower | lid | hinges? | (crystal )?calibrator | markers? | clock | timer | alarm | motor | remote( control)? | squelch | vox | notch | afc
    (push|station|preset)[ -]?buttons? | vibrator
    crystal filter | (tape|cassette) (deck|recorder|player) | tape recorder | (record )?changer | aerial amplifier
  `,
  reception: any`
    reception | recei(ve|ves|ver|ving) | rx | stations? | programmes? | locals? | broadcasts? | radio | wireless
  `,
  fm: any`
    fm | vhf
  `,
  am: any`
    am
  `,
  transmission: any`
    transmi(t|ts|tter|tters|tted|tting|ssion)
    tx | carrier | (antenna|aerial) current | rf out(put)?
    rf(?! (gain|stage|amp|coil|tube|board))
    power output | output power | power out | watts? | \d+ ?w\b(?! (lamp|bulb)) | on the air | key.?down | sends? | sending | when keyed
    into the dummy( load)? | drive | (plate|anode|grid|tank) current
  `,
  modulation: any`
    modulat(ion|es?|ed|ing|or) | mic(rophone)? | speech | my voice | ptt
  `,
  mode: any`
    ssb | cw | usb | lsb | sideband
  `,
  phono: any`
    phono | gram(ophone)? | records? | turntable | record.?player
    pick.?up(?! (\w+ ){0,3}(stations?|anything|much|signals?))
    tape input | aux | bluetooth | the amplifier part
  `,
  phones: any`
    (head)?phones? | ear.?phones?
  `,
  sound: any`
    sound | audio | volume | output | signals? | loudness | tone | music | speech quality | voices? | bass
    treble | sensitivity | gain
  `,
  speaker: any`
    (loud)?speaker | cone
  `,
  control: any`
    (volume|tone|gain|treble|bass) (control|pot|knob)s?
    (band|wave(band)?|range|function) ?(switch|change)( switch)?
    ((band|wave(band)?|range|mode|function) )?selector
    pots? | (rf|af|if) gain( control)?
    switch(es)?\b(?! (it |the (set|radio) )?(on|off|itself))
    controls?
  `,
  drive: any`
    (tuning|dial) (drive|cord|string|knob|mechanism|gang|shaft|spindle)
    (the )?(cord|string) | pointer | needle | dial cord | cursor | flywheel
    drive cord | knobs? | tuning
    (tuning|tune|plate|load|loading|variable|bandspread|main tuning) (capacitor|condenser|cap)s? | bandspread
  `,
  dial: any`
    dial | calibration | scale | frequency | readout
  `,
  lamp: any`
    (lights?|lighting) (in|of|behind|on) the (dial|scale|panel)
    (dial|scale) (illumination|lamps?)
    (?<=\b(stereo|tuning|jewel|indicator) )(light|lamp)s?
    (dial|pilot|panel|scale) ?(lamp|light|bulb)s?
    lamps? | bulbs? | (dial|panel) lighting
  `,
  tubes: any`
    tubes? | valves? | heaters? | filaments?
  `,
  fuse: any`
    ((plate|anode|mains|line|main|ht|heater|supply|internal) )?fuses?
    (circuit )?breaker | rcd | gfci | cut-?out | overload (relay|trip|switch)
  `,
  plates: any`
    plates? | anodes?
  `,
  transformer: any`
    transformer | choke | chassis | cabinet | (?<=\bthe )back | rectifier | resistor | dropper | line cord | amplifier
  `,
} as const;
export type Noun = keyof typeof NOUNS;
