import { CR21_BEFORE } from "./cr21-story";
import { LANTERN_STORY } from "./lantern-story";
import { lastLook, MAINS, rise, safe, type Story } from "./story-lines";

export const STORIES: Story[] = [
  LANTERN_STORY,
  {
    model: "fjord",
    owner: "lindqvist",
    serial: "N48-3316",
    visits: [
      {
        job: 1190,
        days: [
          {
            daysAgo: 3,
            lines: [
              [
                "13:30",
                "ines",
                "take in: blows the pilot lamp, one tube glows too bright; since a tube was changed by a neighbour; wants to play again; policy reliability; with two spare tubes in a box; missing back cover; earlier one tube was swapped",
              ],
              ...safe(
                "15:05",
                "tomasz",
                ...MAINS,
                "residual 0 V",
                "isolation ok",
                "knobs ok",
                "polarity ok: marked with a dot on the plug",
                "materials ok",
                "caution-1 ok",
              ),
              ["15:22", "tomasz", "Heater string cold 168"],
              ["15:24", "tomasz", "B+ to B− 38k"],
              ["15:30", "tomasz", "? pilot lamp flashes at switch-on"],
              ["15:32", "tomasz", "? V2 glows far brighter than the others"],
            ],
          },
          {
            daysAgo: 2,
            lines: [
              ...rise(
                "09:36",
                "tomasz",
                "variac all-in 25 %; line 55 V; amps 62 mA; B+ 0 V; held 2 min",
                "variac all-in 50 %; line 110 V; amps 0.12 A; B+ 4 V; held 40 s; seen other; note V2 glows far brighter than the others",
              ),
              ["09:46", "tomasz", "String current 54 mA for 59 mA ±5% with Bench digital check"],
              [
                "09:50",
                "tomasz",
                "note V2 is marked for another heater current: its print is worn, the getter is not a UF41's",
              ],
              [
                "09:56",
                "tomasz",
                "V2 UF41 substituted -> 26A6 on an adapter: take the adapter out and fit a UF41; nothing else was changed",
              ],
              ["10:05", "ines", "wait parts UF41 with its own test, on order"],
            ],
          },
        ],
      },
    ],
  },
  {
    model: "skipper",
    owner: "osei",
    serial: "7-08811",
    visits: [
      {
        job: 1192,
        days: [
          {
            daysAgo: 2,
            lines: [
              [
                "16:20",
                "ines",
                "take in: dead when cold, comes to life in the sun; since last winter; wants to play again; policy reliability; with leather case; looks case scuffed",
              ],
            ],
          },
          {
            daysAgo: 1,
            lines: [
              ...safe("09:10", "tomasz", "unplugged ok", "foreign ok", "burnt ok", "tubes ok"),
              ["09:16", "tomasz", "Supply to earth rail 1.9k"],
              ...rise(
                "09:18",
                "tomasz",
                "bench-supply all-in 50 %; line 4.5 V; amps 1.9 mA; held 20 s",
                "bench-supply all-in 75 %; line 6.75 V; amps 3.1 mA; held 20 s",
                "bench-supply all-in 100 %; line 9 V; amps 4.1 mA; held 60 s",
              ),
              ["09:30", "tomasz", "Battery 9 with Bench digital baseline"],
              ["09:32", "tomasz", "Q1 emitter -0.11 with Bench digital baseline"],
              ["09:34", "tomasz", "Q2 emitter -0.68 with Bench digital baseline"],
              ["09:36", "tomasz", "Q4 collector -4.4 with Bench digital baseline"],
              ["09:38", "tomasz", "Battery current 4.1 mA with Bench digital baseline"],
              ["09:45", "tomasz", "? no signal until warmed with a lamp"],
              ["10:00", "tomasz", "R1 39k = 38.2k lifted"],
              ["10:06", "tomasz", "inject AF = loud"],
              ["10:12", "tomasz", "inject second IF = loud"],
              ["10:20", "tomasz", "inject first IF = loud"],
              ["10:26", "tomasz", "works AGC = works"],
            ],
          },
        ],
      },
    ],
  },
  {
    model: "cr21",
    owner: "rafferty",
    serial: "CR-1174",
    visits: [
      ...CR21_BEFORE,
      {
        job: 1183,
        days: [
          {
            daysAgo: 12,
            lines: [
              [
                "10:00",
                "ines",
                "take in: AGC pumps, one band is off calibration; wants on frequency again; policy original; with mains lead, manual",
              ],
              ...safe("11:00", "wren", ...MAINS, "residual 0.3 V", "materials ok"),
              ...rise(
                "11:40",
                "wren",
                "lamp all-in 100 %; amps 0.28 A; held 60 s; lamp dim",
                "lamp all-in 100 %; line 230 V; amps 0.43 A; then 0.43 A; B+ 247 V; held 3 min",
              ),
              ["11:50", "wren", "B+ 247 @ 230 baseline"],
              ["11:52", "wren", "Regulated 150 baseline"],
              ["11:54", "wren", "AVC -1.1 baseline"],
              ["11:56", "wren", "test outlet level at full volume, strong station 0.74 V min 0.5 on 47 kΩ"],
              ["11:58", "wren", "test output at 7 MHz 1.7 W min 1.5 on 3 Ω load"],
              ["12:00", "wren", "test sensitivity at 7 MHz, 10 dB (S+N)/N 1.8 µV max 2 on generator, AM 30 %"],
              ["12:10", "wren", "? AGC pumps on strong signals"],
              [
                "13:20",
                "wren",
                "tube V5 shorts none; gas none; gm 3110/4400 µS; on mutual-conductance tester, Rk 68 Ω",
              ],
              [
                "13:26",
                "wren",
                "tube V9 shorts none; gas slight; gm 3480/4100 µS; on mutual-conductance tester, bias −12.5 V",
              ],
              ["13:32", "wren", "tube V8 shorts none; gas none; gm 1490/1600 µS; on mutual-conductance tester"],
              ["13:50", "wren", "measure C31 0.13; leak 11 µA at 100 V; lifted"],
              ["14:00", "wren", "C31 .1/200 leaky -> 100 nF 630 V film from @B-13 old in bag"],
              ["14:06", "wren", "found agc.agc-leaky@C31: C31 leaks 11 µA at 100 V, the AGC line is pulled down"],
              ["14:10", "wren", "found #@finding mended: C31 100 nF film"],
              ["14:20", "wren", "steady = steady"],
              ["14:22", "wren", "found #@finding gone #@last"],
              ["14:30", "wren", "wait parts 560 pF silver mica for the padder"],
            ],
          },
        ],
      },
    ],
  },
  {
    model: "promenade",
    owner: "haddad",
    serial: "56-2290",
    visits: [
      {
        job: 1189,
        days: [
          {
            daysAgo: 4,
            lines: [
              [
                "11:00",
                "ines",
                "take in: stops playing as the batteries sag; wants to play at the seaside; policy museum; with handle strap; missing battery plug",
              ],
              ["12:00", "ines", "wait owner may the battery plug be a reproduction?"],
            ],
          },
          {
            daysAgo: 3,
            lines: [
              ["14:00", "tomasz", "done make safe: batteries out, nothing charged"],
              ["14:10", "tomasz", "done first power: 90 V and 1.2 V from the bench supply"],
              ["14:14", "tomasz", "HT 89 baseline"],
              ["14:16", "tomasz", "LT 1.32 baseline"],
              ["14:20", "tomasz", "? dead at 1.2 V"],
              ["14:26", "tomasz", "inject IF = loud"],
              ["14:32", "tomasz", "inject converter = nothing"],
              ["14:40", "tomasz", "trace converter = loud: was the supply still at 1.4 V?"],
            ],
          },
        ],
      },
    ],
  },
  {
    model: "regent",
    owner: "museum",
    serial: "R31-0457",
    visits: [
      {
        job: 1176,
        days: [
          {
            daysAgo: 20,
            lines: [
              [
                "09:00",
                "ines",
                "take in: silent; wants to play in the exhibition; policy museum; with loudspeaker, mains lead",
              ],
              ...safe("09:40", "wren", ...MAINS, "residual 0 V", "materials ok"),
              ["09:52", "wren", "T1 primary, 1 to 3 15.2"],
              ["09:53", "wren", "B+ to chassis 19k"],
              ...rise(
                "09:58",
                "wren",
                "variac rectifier-out 25 %; line 57 V; amps 70 mA; held 5 min",
                "variac rectifier-out 50 %; line 115 V; amps 0.12 A; held 5 min",
                "variac rectifier-out 75 %; line 172 V; amps 0.155 A; held 5 min",
                "variac rectifier-out 100 %; line 230 V; amps 0.185 A; held 5 min",
                "variac rectifier-in 25 %; line 57 V; amps 72 mA; B+ 0 V; held 5 min",
                "variac rectifier-in 50 %; line 115 V; amps 0.125 A; B+ 0 V; held 5 min",
                "variac rectifier-in 75 %; line 172 V; amps 0.16 A; B+ 0 V; held 30 s",
              ),
              ["10:18", "wren", "L1 field coil, C8 to C9 open"],
              ["10:19", "wren", "B+ 190 @ 172 with Grey analogue check"],
              ["10:21", "wren", "pass baseline: no B+ possible with the field coil open"],
              ["10:30", "wren", "? silent, no B+"],
              ["11:00", "wren", "wait process field coil is at the winder, varnish to cure"],
            ],
          },
        ],
      },
    ],
  },
  {
    model: "t60",
    owner: "rafferty",
    serial: "T60-338",
    visits: [
      {
        job: 1102,
        days: [
          {
            daysAgo: 212,
            lines: [
              [
                "09:30",
                "ines",
                "take in: no output on 10 m, weak on 15 m; wants all bands; policy reliability; with key, two crystals",
              ],
              [
                "10:10",
                "tomasz",
                "done make safe: interlock in, bank discharged through the stick and measured, 0.6 V",
              ],
              ["10:30", "tomasz", "done first power: into the dummy load, current watched"],
              ["10:40", "tomasz", "High voltage 601 @ 229 with Bench digital baseline"],
              ["10:46", "tomasz", "test output at 80 m 55 W min 50 on dummy load, carrier"],
              ["10:50", "tomasz", "test output at 10 m 4 W min 35 on dummy load, carrier"],
              ["11:00", "tomasz", "? no output on 10 m"],
              ["11:30", "tomasz", "R19 20k 10W = 31k drifted -> 20k 10W wirewound old in bag"],
              ["13:00", "tomasz", "High voltage 610 @ 230 with Bench digital prove"],
              ["13:06", "tomasz", "test output at 80 m 58 W min 50 on dummy load, carrier"],
              ["13:10", "tomasz", "test output at 10 m 38 W min 35 on dummy load, carrier"],
              ["13:20", "tomasz", "gone no output on 10 m"],
              ["14:30", "tomasz", "pass prove: only the PA was worked on, its rail and its output stand for it"],
              ...lastLook("14:40", "tomasz", "T 3.15 A", "above 50 MΩ at 500 V", "interlock ok"),
              [
                "15:00",
                "ines",
                "hand back: bias resistor of the PA replaced, output on all bands; watch the modulator pair; old parts returned; warranty 6",
              ],
            ],
          },
        ],
      },
      {
        job: 1191,
        days: [
          {
            daysAgo: 2,
            lines: [
              [
                "14:00",
                "ines",
                "take in: chirps on key-down and modulates badly; wants clean on the air; policy reliability; with key, two crystals; missing dummy load",
              ],
              [
                "14:40",
                "wren",
                "done make safe: interlock in, 750 V bank discharged through the stick and measured, 0.4 V",
              ],
              ["14:56", "wren", "done first power: into the dummy load, current watched"],
              ["15:00", "wren", "High voltage 588 @ 230 with Bench digital baseline"],
              ["15:02", "wren", "Regulated 183 with Bench digital baseline"],
              ["15:06", "wren", "test output at 80 m 47 W min 50 on dummy load, carrier"],
              ["15:09", "wren", "test output at 40 m 46 W min 50 on dummy load, carrier"],
              ["15:12", "wren", "test output at 20 m 43 W min 45 on dummy load, carrier"],
              ["15:15", "wren", "test output at 15 m 38 W min 40 on dummy load, carrier"],
              ["15:18", "wren", "test output at 10 m 31 W min 35 on dummy load, carrier"],
              ["15:24", "wren", "test modulation depth at 40 m 54 % min 85 on dummy load, 1 kHz"],
              ["15:30", "wren", "? chirps on key-down"],
              ["15:31", "wren", "? modulates badly"],
              [
                "15:40",
                "wren",
                "mod found Zener regulator: a string of two zeners on a tag strip in place of the regulator tube, made by an earlier hand; part D901 110V zener 5W; part D902 100V zener 5W; tap rail Regulated 200 V to 215 V; reversible; undo take the tag strip out, fit the regulator tube in its socket again",
              ],
            ],
          },
          {
            daysAgo: 1,
            lines: [
              ["09:10", "wren", "tube V5 shorts none; gas none; emission 51/100 %; on emission tester"],
              ["09:16", "wren", "tube V6 shorts none; gas none; emission 57/100 %; on emission tester"],
              ["09:24", "wren", "D902! 100V zener 5W sags when warm -> 100V zener 5W old in bag"],
              ["09:30", "wren", "V5 6L6 soft -> 6L6GC old in bag"],
              ["09:32", "wren", "V6 6L6 soft -> 6L6GC old in bag"],
              ["09:40", "wren", "tube V5 shorts none; gas none; emission 97/100 %; on emission tester"],
              ["09:44", "wren", "tube V6 shorts none; gas none; emission 95/100 %; on emission tester"],
              ["09:50", "wren", "mod kept Zener regulator; about #@mod; remark sound now, the owner wants to keep it"],
              ["10:00", "wren", "labour find 50 min"],
              ["10:01", "wren", "labour fix 1 h 10 min: regulator and modulator pair"],
              ["10:10", "wren", "High voltage 622 @ 230 with Bench digital prove"],
              ["10:12", "wren", "Regulated 209 with Bench digital prove"],
              ["10:20", "wren", "test output at 80 m 61 W min 50 on dummy load, carrier"],
              ["10:23", "wren", "test output at 40 m 60 W min 50 on dummy load, carrier"],
              ["10:26", "wren", "test output at 20 m 56 W min 45 on dummy load, carrier"],
              ["10:29", "wren", "test output at 15 m 49 W min 40 on dummy load, carrier"],
              ["10:32", "wren", "test output at 10 m 33 W min 35 on dummy load, carrier"],
              ["10:40", "wren", "test modulation depth at 40 m 92 % min 85 on dummy load and second probe, 1 kHz"],
              ["10:50", "wren", "gone chirps on key-down"],
            ],
          },
        ],
      },
    ],
  },
  {
    model: "duplex",
    owner: "devos",
    serial: "D80-5521",
    visits: [
      {
        job: 1185,
        days: [
          {
            daysAgo: 9,
            lines: [
              [
                "10:30",
                "ines",
                "take in: transmit fades when warm; wants full output, and an outlet for a frequency counter; policy reliability; with microphone, spare board",
              ],
              ["14:00", "tomasz", "done make safe: interlock in, discharged, 1.1 V by the meter"],
              ["14:40", "tomasz", "done first power: into the dummy load, receive only"],
              ["15:00", "tomasz", "12 V rail 12.1 baseline"],
              ["15:05", "tomasz", "High voltage 590 @ 230 baseline"],
              ["15:10", "tomasz", "test output 38 W min 80 on dummy load 14 MHz"],
              ["15:20", "tomasz", "? transmit fades when warm"],
              ["15:30", "tomasz", "inject tx driver = weak"],
              ["15:36", "tomasz", "swap pa = cured: output was back for a while"],
              ["15:50", "tomasz", "tube V2 shorts none; gas none; gm 6900/7000 µS; on mutual-conductance tester"],
              ["15:56", "tomasz", "tube V3 shorts none; gas none; gm 6600/7000 µS; on mutual-conductance tester"],
              ["16:04", "tomasz", "todo new front panel waits in the store: change it while the front panel is off"],
              ["16:10", "tomasz", "recipe counter planned"],
              [
                "16:14",
                "tomasz",
                "tick #@mod prerequisite 3 done: pin 7 of the accessory socket is free, nothing soldered to it",
              ],
            ],
          },
        ],
      },
    ],
  },
  {
    model: "kestrel",
    owner: "devos",
    serial: "K4-0093",
    visits: [
      {
        job: 1186,
        days: [
          {
            daysAgo: 9,
            lines: [
              [
                "10:40",
                "ines",
                "take in: half its output, one anode red; wants full output; policy reliability; with spare 811A",
              ],
              ["15:40", "wren", "done make safe: 1.5 kV bank discharged through the stick and measured, 0 V"],
              ["16:00", "wren", "pass first power: one anode went red at once, switched off"],
              ["16:02", "wren", "pass baseline: one anode went red at once, switched off"],
              ["16:10", "wren", "R2 47 = 1.2k burnt"],
              ["16:12", "wren", "tube V1 shorts none; gas none; emission 93/100 %; on emission tester"],
              ["16:14", "wren", "tube V2 shorts none; gas none; emission 88/100 %; on emission tester"],
              ["16:20", "wren", "V3 emission 41/100 on emission tester"],
              ["16:24", "wren", "tube V4 shorts none; gas none; emission 90/100 %; on emission tester"],
              ["16:26", "wren", "hum = none"],
              ["16:28", "wren", "found amplifier.pa-suppressor@R2: R2 burnt open, 1.2 kΩ in place of 47 Ω"],
              ["16:30", "wren", "wait parts matched 811A"],
            ],
          },
        ],
      },
    ],
  },
];
