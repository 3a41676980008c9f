import { MAINS, rise, safe, type Story } from "./story-lines";

const NINE_YEARS = 3290;

/** Two visits nine years apart: the first left notes, the second finds what they foretold. */
export const LANTERN_STORY: Story = {
  model: "lantern",
  owner: "osei",
  serial: "H-20417",
  visits: [
    {
      job: 214,
      days: [
        {
          daysAgo: NINE_YEARS + 8,
          lines: [
            [
              "09:10",
              "ines",
              "take in: loud hum, then silent; since the winter; wants to play again; policy original; with mains lead, back cover; missing one control knob; earlier C16 looks newer than the rest; looks cabinet good, cloth torn",
            ],
            ...safe("10:20", "wren", ...MAINS, "residual 0.4 V", "materials ok", "caution-1 ok"),
            ["10:35", "wren", "B+ to chassis 46k"],
            ...rise(
              "10:40",
              "wren",
              "variac rectifier-out 25 %; line 58 V; amps 46 mA; heaters 1.5 V; held 2 min",
              "variac rectifier-out 50 %; line 115 V; amps 81 mA; heaters 3.1 V; held 2 min",
              "variac rectifier-out 75 %; line 172 V; amps 106 mA; heaters 4.7 V; held 2 min",
              "variac rectifier-out 100 %; line 229 V; amps 127 mA; heaters 6.2 V; held 2 min",
              "variac rectifier-in 25 %; line 58 V; amps 52 mA; B+ 0 V; heaters 1.5 V; held 2 min",
              "variac rectifier-in 50 %; line 115 V; amps 122 mA; B+ 9 V; heaters 3.1 V; held 2 min",
              "variac rectifier-in 75 %; line 172 V; amps 0.24 A; then 0.31 A; B+ 138 V; heaters 4.7 V; held 95 s; note the reservoir gets warm",
            ),
            ["11:05", "wren", "? hum at twice the line frequency"],
            ["11:10", "wren", "B+ 138 @ 172 with Grey analogue baseline"],
            ["11:14", "wren", "V4 cathode 7.1 @ 172 with Grey analogue baseline"],
            ["11:16", "wren", "pass baseline: stopped in the rise, the reservoir gets warm"],
          ],
        },
        {
          daysAgo: NINE_YEARS + 7,
          lines: [
            ["09:30", "wren", "C1 16/450 = 3.1µ dried out restuffed -> 22µ/450 electrolytic old in shell"],
            ["10:05", "wren", "C2 16/450 = 4.4µ dried out restuffed -> 22µ/450 electrolytic old in shell"],
            ["10:40", "wren", "C16 .02/600 burst -> 0.022/630 film old discarded"],
            ["11:00", "wren", "R9 25k = 27k left: within tolerance, watch it"],
            ["11:04", "wren", "C14 .05/400 = 52n left: value is good; leakage not measured, no instrument for it here"],
            ["11:30", "wren", "V4 gm 3700/4100 on mutual-conductance tester"],
            ["11:36", "wren", "V5 emission 88/100 on emission tester"],
            ...rise(
              "13:40",
              "wren",
              "variac rectifier-in 25 %; line 58 V; amps 49 mA; B+ 0 V; heaters 1.5 V; held 2 min",
              "variac rectifier-in 50 %; line 115 V; amps 112 mA; B+ 14 V; heaters 3.1 V; held 2 min",
              "variac rectifier-in 75 %; line 172 V; amps 0.221 A; then 0.219 A; B+ 168 V; heaters 4.7 V; held 3 min",
              "variac rectifier-in 100 %; line 230 V; amps 0.322 A; then 0.32 A; B+ 259 V; heaters 6.3 V; held 5 min",
            ),
            ["14:10", "wren", "B+ 258 @ 230 with Grey analogue prove"],
            ["14:14", "wren", "V4 cathode 12.2 @ 230 with Grey analogue prove"],
            ["14:30", "wren", "gone hum at twice the line frequency"],
          ],
        },
        {
          daysAgo: NINE_YEARS,
          lines: [
            [
              "15:00",
              "ines",
              "hand back: filter capacitors restuffed in their own cans, tone capacitor replaced, plays on all bands; left R9 a little high and C14 untested for leakage; watch distortion as it warms up would point at C14; old parts returned",
            ],
          ],
        },
      ],
    },
    {
      job: 1187,
      days: [
        {
          daysAgo: 6,
          lines: [
            [
              "09:05",
              "ines",
              "take in: distorted and fading after ten minutes; since late summer; wants to play again, unmodified; policy original; with mains lead, back cover, both knobs; earlier our own job of nine years ago; looks as it left us; grades cabinet good, dial as-new, knobs good, cloth worn; provenance bought new by the owner's grandfather; limit 280 EUR; choose power variac, resistors twice, modify none",
            ],
            ...safe("10:15", "tomasz", ...MAINS, "residual 0.2 V", "materials ok", "caution-1 ok"),
            ["10:27", "tomasz", "T1 primary, 1 to 4 20.6"],
            ["10:28", "tomasz", "T1 HT, a to centre 139"],
            ["10:29", "tomasz", "T1 HT, centre to b 146"],
            ["10:30", "tomasz", "L1 choke, C1 to C2 405"],
            ["10:31", "tomasz", "T2 output primary, plate to C2 334"],
            ["10:32", "tomasz", "B+ to chassis 61k"],
            ["10:33", "tomasz", "V4 heater cold 2.3"],
            ...rise(
              "10:36",
              "tomasz",
              "variac rectifier-out 25 %; line 58 V; amps 45 mA; heaters 1.5 V; held 2 min",
              "variac rectifier-out 50 %; line 116 V; amps 79 mA; heaters 3.1 V; held 2 min",
              "variac rectifier-out 75 %; line 173 V; amps 104 mA; heaters 4.7 V; held 2 min",
              "variac rectifier-out 100 %; line 231 V; amps 125 mA; heaters 6.3 V; held 2 min",
              "variac rectifier-in 25 %; line 58 V; amps 48 mA; B+ 0 V; heaters 1.5 V; held 2 min",
              "variac rectifier-in 50 %; line 115 V; amps 108 mA; B+ 11 V; heaters 3.1 V; held 2 min",
              "variac rectifier-in 75 %; line 173 V; amps 0.23 A; then 0.228 A; B+ 156 V; heaters 4.7 V; held 3 min",
              "variac rectifier-in 100 %; line 231 V; amps 0.345 A; then 0.351 A; B+ 238 V; heaters 6.3 V; held 4 min",
            ),
            [
              "10:59",
              "tomasz",
              "setup baseline: as found; meter Bench digital; input 11 MΩ; line 231 V; hz 50; tap 230 V; load own loudspeaker; signal none, aerial socket shorted; controls volume full, MW; checked meter-on, minus, signal, load, generator, controls",
            ],
            ["11:00", "tomasz", "B+ 236 baseline"],
            ["11:02", "tomasz", "V1 plate 231 baseline"],
            ["11:04", "tomasz", "V1 screen 92 baseline"],
            ["11:06", "tomasz", "V2 screen 78 baseline"],
            ["11:08", "tomasz", "V3 plate 58 baseline"],
            ["11:10", "tomasz", "V4 plate 215 baseline"],
            ["11:12", "tomasz", "V4 cathode 17.2 baseline"],
            ["11:14", "tomasz", "Heaters 6.3 baseline"],
            ["11:15", "tomasz", "Line current 0.35 A baseline"],
            ["11:20", "tomasz", "? distorted after ten minutes, worse with volume down"],
            ["11:21", "tomasz", "? fades as it warms up"],
            ["11:30", "tomasz", "V4 grid 10.6 @ 231 with Bench digital check", "underside"],
          ],
        },
        {
          daysAgo: 5,
          lines: [
            [
              "09:20",
              "wren",
              "note positive grid on V4 and a high cathode: it conducts too hard. C14 was left untested in job 214",
            ],
            ["09:40", "wren", "R7 470k = 612k"],
            ["09:44", "wren", "R9 25k = 33.6k"],
            ["09:47", "wren", "R8 470k = 455k"],
            ["09:50", "wren", "done find: C14 leaks; grid falls to zero with it lifted"],
            [
              "10:30",
              "wren",
              "C14 .05/400 leaky restuffed -> 0.047/630 film: 2 MΩ at 250 V, measured on the bench old in shell",
              "restuffed",
            ],
            ["11:10", "wren", "R7 470k = 612k drifted -> 470k 1W old in bag"],
          ],
        },
        {
          daysAgo: 3,
          lines: [
            ["10:00", "ines", "note 27k 3W metal oxide came in, bin R-31"],
            [
              "10:40",
              "wren",
              "R9 25k = 33.6k drifted -> 27k 3W metal oxide: 25 k is no preferred value; 27 k lowers the screen by 3 V old in bag",
            ],
            ["11:00", "wren", "R10 250 = 247 left: within tolerance"],
            ["11:20", "wren", "V4 gm 2900/4100 on mutual-conductance tester"],
            ["11:50", "wren", "VR1 cleaned: scratchy at the quiet end"],
            [
              "13:58",
              "wren",
              "setup prove: as at the baseline; meter Bench digital; input 11 MΩ; line 230 V; hz 50; tap 230 V; load own loudspeaker; signal none, aerial socket shorted; controls volume full, MW; checked meter-on, minus, signal, load, generator, controls",
            ],
            ["14:00", "wren", "B+ 262 prove"],
            ["14:02", "wren", "V2 screen 97 prove"],
            ["14:04", "wren", "V3 plate 84 prove"],
            ["14:06", "wren", "V4 cathode 11.9 prove"],
            ["14:20", "wren", "gone distorted after ten minutes, worse with volume down"],
            ["14:40", "wren", "todo soak four hours, then read V4 cathode again"],
          ],
        },
      ],
    },
  ],
};
