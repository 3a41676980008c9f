import { dialLines } from "./alignments";
import { rows, type Story } from "./story-lines";

export const PROMENADE_STORY: Story = {
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
            ...rows(
              "14:17",
              "tomasz",
              0.5,
              "battery drain",
              "1.5 V ma 129 plays yes; set ah 5, battery LT",
              "1.4 V ma 122 plays yes",
              "1.3 V ma 115 plays yes",
              "1.2 V ma 108 plays no",
            ),
            ["14:20", "tomasz", "? dead at 1.2 V"],
            ["14:26", "tomasz", "inject IF = loud"],
            ["14:32", "tomasz", "inject converter = nothing"],
            ["14:40", "tomasz", "trace converter = loud: was the supply still at 1.4 V?"],
            // In its cabinet the loop lies nearer to the chassis: the dial is off by the strays that it adds.
            ...rows(
              "15:00",
              "tomasz",
              1,
              "dial",
              ...dialLines("promenade", "MW", { trimmer: 1.06 }, [600, 1000, 1500]).map(
                (line, n) => `${line}${n === 0 ? "; set chassis in the cabinet, antenna own loop, min 20" : ""}`,
              ),
            ),
            ["15:06", "tomasz", "align C17 0.20 V -> 0.31 V, 1/8 out; cabinet in"],
            ["15:10", "tomasz", "align L3 core right, 0.30 V; cabinet in"],
            ["15:13", "tomasz", "align C17 right, 0.31 V; cabinet in"],
            ["15:15", "tomasz", "align L3 core right, 0.30 V; cabinet in"],
            ...rows(
              "15:20",
              "tomasz",
              1,
              "dial",
              ...dialLines("promenade", "MW", { trimmer: 1.006 }, [600, 1000, 1500]).map(
                (line, n) => `${line}${n === 0 ? "; set min 40" : ""}`,
              ),
            ),
          ],
        },
      ],
    },
  ],
};
