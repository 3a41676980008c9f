import { lastLook, MAINS, rise, safe, type Story } from "./story-lines";

const YEAR = 365;

/** The earlier visits of the communications receiver: the tubes were tested each time, so their decline can be seen. */
export const CR21_BEFORE: Story["visits"] = [
  {
    job: 121,
    days: [
      {
        daysAgo: 11 * YEAR,
        lines: [
          [
            "10:00",
            "ines",
            "take in: dial is off on the top band; wants on frequency again and an outlet for a recorder; policy original; with mains lead, manual",
          ],
          ...safe("10:30", "wren", ...MAINS, "residual 0.4 V", "materials ok"),
          ...rise(
            "10:50",
            "wren",
            "lamp all-in 100 %; amps 0.27 A; held 60 s; lamp dim",
            "lamp all-in 100 %; line 231 V; amps 0.42 A; then 0.42 A; B+ 251 V; held 3 min",
          ),
          ["11:10", "wren", "B+ 251 @ 231 baseline"],
          ["11:12", "wren", "AVC -2.9 baseline"],
          ["11:30", "wren", "? dial off on the top band"],
          ["13:00", "wren", "tube V1 shorts none; gas none; gm 4450/4400 µS; on mutual-conductance tester, Rk 68 Ω"],
          ["13:06", "wren", "tube V3 shorts none; gas none; gm 4380/4400 µS; on mutual-conductance tester, Rk 68 Ω"],
          ["13:12", "wren", "tube V5 shorts none; gas none; gm 4290/4400 µS; on mutual-conductance tester, Rk 68 Ω"],
          [
            "13:18",
            "wren",
            "tube V9 shorts none; gas none; gm 2350/4100 µS; on mutual-conductance tester, bias −12.5 V",
          ],
          ["13:30", "wren", "V9 6AQ5 weak -> 6AQ5 old in bag"],
          [
            "13:36",
            "wren",
            "tube V9 shorts none; gas none; gm 4180/4100 µS; on mutual-conductance tester, bias −12.5 V",
          ],
          ["14:00", "wren", "C44 560p = 556p"],
          ["15:00", "wren", "gone dial off on the top band"],
          ["15:10", "wren", "B+ 250 @ 231 prove"],
          ["15:20", "wren", "recipe outlet planned"],
          [
            "15:30",
            "wren",
            "mod not done Line-level audio outlet; about #@mod; remark the back apron has no spare hole free: the owner asks again when the trimmer cover is off",
          ],
          ["15:35", "wren", "pass prove: heard on all bands for an hour, nothing read again"],
          ...lastLook("15:40", "wren", "T 1 A", "above 50 MΩ at 500 V"),
          [
            "16:00",
            "ines",
            "hand back: output tube replaced, top band set; left everything else as it was; watch V5 and V9 at the next visit; old parts returned",
          ],
        ],
      },
    ],
  },
  {
    job: 688,
    days: [
      {
        daysAgo: 5 * YEAR,
        lines: [
          [
            "09:30",
            "ines",
            "take in: weak on all bands; wants as it was, and the outlet for a recorder now; policy original; with mains lead, manual",
          ],
          ...safe("10:00", "tomasz", ...MAINS, "residual 0.3 V", "materials ok"),
          ...rise(
            "10:20",
            "tomasz",
            "lamp all-in 100 %; amps 0.27 A; held 60 s; lamp dim",
            "lamp all-in 100 %; line 229 V; amps 0.42 A; then 0.42 A; B+ 248 V; held 3 min",
          ),
          ["10:40", "tomasz", "B+ 248 @ 229 baseline"],
          ["10:42", "tomasz", "AVC -2.2 baseline"],
          ["10:44", "tomasz", "test output at 7 MHz 0.9 W min 1.5 on 3 Ω load"],
          ["10:46", "tomasz", "test sensitivity at 7 MHz, 10 dB (S+N)/N 4.1 µV max 2 on generator, AM 30 %"],
          ["10:50", "tomasz", "? weak on all bands"],
          ["11:00", "tomasz", "tube V1 shorts none; gas none; gm 2450/4400 µS; on mutual-conductance tester, Rk 68 Ω"],
          ["11:06", "tomasz", "tube V3 shorts none; gas none; gm 4010/4400 µS; on mutual-conductance tester, Rk 68 Ω"],
          ["11:12", "tomasz", "tube V5 shorts none; gas none; gm 3740/4400 µS; on mutual-conductance tester, Rk 68 Ω"],
          [
            "11:18",
            "tomasz",
            "tube V9 shorts none; gas none; gm 3870/4100 µS; on mutual-conductance tester, bias −12.5 V",
          ],
          ["11:40", "tomasz", "V1 6BA6 weak -> 6BA6 old in bag"],
          ["11:46", "tomasz", "tube V1 shorts none; gas none; gm 4520/4400 µS; on mutual-conductance tester, Rk 68 Ω"],
          ["13:30", "tomasz", "gone weak on all bands"],
          ["13:40", "tomasz", "B+ 249 @ 230 prove"],
          ["13:42", "tomasz", "test output at 7 MHz 1.8 W min 1.5 on 3 Ω load"],
          ["13:44", "tomasz", "test sensitivity at 7 MHz, 10 dB (S+N)/N 1.6 µV max 2 on generator, AM 30 %"],
          ["13:50", "tomasz", "recipe outlet planned"],
          ["13:52", "tomasz", "tick #@mod prerequisite 3 done: plays on all bands, proved at 13:44"],
          ["13:54", "tomasz", "tick #@mod prerequisite 4 done: the trimmer cover's old hole, 7 mm, is free now"],
          ["13:56", "tomasz", "tick #@mod read 1 done"],
          ["13:58", "tomasz", "tick #@mod step 1 done; out 6"],
          ["14:04", "tomasz", "tick #@mod step 2 done"],
          ["14:10", "tomasz", "tick #@mod step 3 done"],
          ["14:16", "tomasz", "tick #@mod step 4 done"],
          ["14:20", "tomasz", "tick #@mod step 5 done"],
          ["14:26", "tomasz", "tick #@mod step 6 done; back 6"],
          ["14:28", "tomasz", "recipe outlet fitted"],
          ["14:32", "tomasz", "test outlet level at full volume, strong station 0.82 V min 0.5 on 47 kΩ"],
          ["14:34", "tomasz", "tick #@mod verify 1 done: 0.82 V into 47 kΩ"],
          ["14:36", "tomasz", "tick #@mod verify 2 done: 1.1 mV of hum, aerial shorted"],
          ["14:38", "tomasz", "tick #@mod verify 3 done: no difference to hear"],
          ["14:40", "tomasz", "B+ 249 @ 230 prove"],
          ["14:41", "tomasz", "test output at 7 MHz 1.8 W min 1.5 on 3 Ω load"],
          ["14:42", "tomasz", "test sensitivity at 7 MHz, 10 dB (S+N)/N 1.6 µV max 2 on generator, AM 30 %"],
          ["14:44", "tomasz", "tick #@mod recalibrate 1 done: 540, 900 and 1500 kHz on the mark"],
          ["14:48", "tomasz", "pass prove: the plates were not touched, B+ and the tests stand for them"],
          ...lastLook("14:50", "tomasz", "T 1 A", "above 50 MΩ at 500 V"),
          [
            "15:00",
            "ines",
            "hand back: RF tube replaced, line-level outlet fitted; left V5 on its way down; use the outlet feeds a line input, the volume control does not act on it; watch V5; old parts returned",
          ],
        ],
      },
    ],
  },
];
