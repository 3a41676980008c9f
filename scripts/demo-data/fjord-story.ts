import { MAINS, rise, safe, type Story } from "./story-lines";

export const FJORD_STORY: Story = {
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
};
