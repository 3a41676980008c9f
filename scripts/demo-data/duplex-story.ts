import { rows, type Story } from "./story-lines";

export const DUPLEX_STORY: Story = {
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
            ...rows(
              "15:11",
              "tomasz",
              1,
              "output over time",
              "0 min out 92; set dummy oil load 250 W, band 20 m",
              "1 min out 90",
              "2 min out 84",
              "3 min out 71",
              "5 min out 52",
              "8 min out 38",
            ),
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
            ["16:30", "tomasz", "align C90 38 mW -> 0.9 mW, 3/8 out; remark on 15 m, high voltage of the final off"],
            ["16:40", "tomasz", "align R91 low 7.5 W -> 10 W, 1/4 in"],
            ["16:44", "tomasz", "align R91 high 92 W -> 90 W, 1/8 out"],
          ],
        },
      ],
    },
  ],
};
