import { lastLook, MAINS, rise, rows, safe, type Story } from "./story-lines";

export const REGENT_STORY: Story = {
  model: "regent",
  owner: "museum",
  serial: "R31-0457",
  visits: [
    {
      job: 655,
      days: [
        {
          daysAgo: 2190,
          lines: [
            [
              "09:10",
              "ines",
              "take in: weak at the top of the dial; wants to play; policy museum; with loudspeaker, mains lead",
            ],
            ...safe("09:40", "wren", ...MAINS, "residual 0.2 V", "materials ok"),
            ["09:52", "wren", "done first power: variac and current watched"],
            ["10:00", "wren", "B+ 248 @ 230 baseline"],
            ["10:04", "wren", "? weak at the top of the dial"],
            ["10:20", "wren", "align C1 rear trimmer 0.35 V -> 0.44 V, 1/4 out"],
            ["10:24", "wren", "align C1 middle trimmer 0.44 V -> 0.71 V, 1/2 out"],
            ["10:28", "wren", "align C1 front trimmer 0.71 V -> 0.80 V, 1/8 in"],
            ["10:34", "wren", "align C1 plates right, 0.66 V"],
            ["10:40", "wren", "align C1 rear trimmer 0.80 V -> 0.82 V, 1/8 in"],
            ["10:43", "wren", "align C1 middle trimmer right, 0.82 V"],
            ["10:46", "wren", "align C1 front trimmer right, 0.82 V"],
            ["10:49", "wren", "align C1 plates right, 0.66 V"],
            ...rows(
              "10:52",
              "wren",
              1,
              "backlash",
              ...[1003, 1005, 1004].map(
                (dial, n) => `from below, ${n + 1} dial ${dial}${n === 0 ? "; set at 1000 kHz" : ""}`,
              ),
              ...[1017, 1016, 1018].map((dial, n) => `from above, ${n + 1} dial ${dial}`),
            ),
            ["11:00", "wren", "gone weak at the top of the dial"],
            ["11:10", "wren", "B+ 248 @ 230 prove"],
            ["11:20", "wren", "pass prove: heard at both ends of the dial, only the gang was touched"],
            ...lastLook("11:30", "wren", "T 1 A", "above 20 MΩ at 500 V"),
            [
              "12:00",
              "ines",
              "hand back: the three sections of the gang trimmed together; left everything else; watch the field coil, it runs hot",
            ],
          ],
        },
      ],
    },
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
            ["10:19", "wren", "Reservoir 365 @ 172 with Grey analogue check"],
            ["10:20", "wren", "B+ 0 @ 172 with Grey analogue check"],
            ["10:21", "wren", "pass baseline: no B+ possible with the field coil open"],
            ["10:30", "wren", "? silent, no B+"],
            ["11:00", "wren", "wait process field coil is at the winder, varnish to cure"],
          ],
        },
      ],
    },
  ],
};
