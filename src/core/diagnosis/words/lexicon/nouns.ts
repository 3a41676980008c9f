import { any } from "./any";

/** What is spoken of. A stage with a work of its own is `stage:KIND`. */
export const NOUNS = {
  set: any`
    (the )?(set|radio set|unit|rig|thing)
  `,
  reception: any`
    reception | recei(ve|ves|ver|ving) | rx | stations? | programmes? | locals? | broadcasts? | radio
  `,
  fm: any`
    fm | vhf
  `,
  am: any`
    am
  `,
  transmission: any`
    transmi(t|ts|tter|tters|tted|tting|ssion)
    tx | carrier | (antenna|aerial) current | rf output
    rf(?! (gain|stage|amp|coil|tube|board))
    power output | output power | power out | watts? | on the air | key.?down | sends? | sending | when keyed
    into the dummy( load)? | drive
  `,
  modulation: any`
    modulat(ion|es?|ed|ing) | mic(rophone)? | speech | my voice | ptt
  `,
  mode: any`
    ssb | cw | usb | lsb | sideband
  `,
  phono: any`
    phono | gram(ophone)? | records? | turntable
    pick.?up(?! (\w+ ){0,3}(stations?|anything|much|signals?))
    tape input | aux | bluetooth | the amplifier part
  `,
  phones: any`
    (head)?phones? | earphones?
  `,
  sound: any`
    sound | audio | volume | output | signals? | loudness | tone | music | speech quality | voices? | bass
    treble
  `,
  speaker: any`
    (loud)?speaker | cone
  `,
  control: any`
    (volume|tone|gain|treble|bass) (control|pot|knob)s?
    (band|wave(band)?|range|function) ?(switch|change)
    pots?
    switch(es)?\b(?! (it |the (set|radio) )?(on|off|itself))
    controls?
  `,
  drive: any`
    (tuning|dial) (drive|cord|string|knob|mechanism|gang|shaft|spindle)
    (the )?(cord|string) | pointer | needle | dial cord | cursor | flywheel
    drive cord | knobs? | tuning
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
    fuses? | breaker | rcd
  `,
  plates: any`
    plates? | anodes?
  `,
  transformer: any`
    transformer | choke | chassis | cabinet | back | rectifier | resistor | dropper | line cord | amplifier
  `,
} as const;
export type Noun = keyof typeof NOUNS;
