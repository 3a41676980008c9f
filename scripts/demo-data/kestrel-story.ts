import { rows, type Story } from "./story-lines";

export const KESTREL_STORY: Story = {
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
            ...rows(
              "16:04",
              "wren",
              2,
              "transmitter per band",
              "80 m, CW drive 55 out 318 ia 430 va 1460; set dummy oil load 1.5 kW; remark ten seconds, one anode red",
              "40 m, CW drive 55 out 305 ia 428 va 1460; remark ten seconds",
            ),
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
};
