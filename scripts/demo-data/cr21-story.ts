import { MAINS, rise, safe, type Story } from "./story-lines";

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
            "take in: dial is off on the top band; wants on frequency again; policy original; with mains lead, manual",
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
          ["09:30", "ines", "take in: weak on all bands; wants as it was; policy original; with mains lead, manual"],
          ...safe("10:00", "tomasz", ...MAINS, "residual 0.3 V", "materials ok"),
          ...rise(
            "10:20",
            "tomasz",
            "lamp all-in 100 %; amps 0.27 A; held 60 s; lamp dim",
            "lamp all-in 100 %; line 229 V; amps 0.42 A; then 0.42 A; B+ 248 V; held 3 min",
          ),
          ["10:40", "tomasz", "B+ 248 @ 229 baseline"],
          ["10:42", "tomasz", "AVC -2.2 baseline"],
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
          ["15:00", "ines", "hand back: RF tube replaced; left V5 on its way down; watch V5; old parts returned"],
        ],
      },
    ],
  },
];
