import { dialLines } from "./alignments";
import { CR21_BEFORE } from "./cr21-before";
import { MAINS, rise, rows, safe, type Story } from "./story-lines";

export const CR21_STORY: Story = {
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
            ...rows(
              "12:01",
              "wren",
              0.4,
              "sensitivity",
              "A, 1 MHz in 2.4 µV on 0.40 off 0.13; set gen 50 Ω, shows terminated, load 3 Ω, mod 30 % 400 Hz",
              "B, 3.5 MHz in 2.0 µV on 0.40 off 0.13",
              "C, 7 MHz in 1.8 µV on 0.41 off 0.13",
              "D, 14 MHz in 0.4 µV on 0.52 off 0.11; void AM and FM were both on at the generator",
              "D, 14 MHz in 2.1 µV on 0.40 off 0.13",
              "E, 28 MHz in 3.9 µV on 0.39 off 0.14",
            ),
            // Half the bandwidth at −6 dB is 1.5 kHz: two IFs, the last one at 110 kHz.
            ...rows(
              "12:04",
              "wren",
              0.3,
              "selectivity",
              "0 kHz in 2 µV; set gen 50 Ω, shows terminated",
              "-1 kHz in 2.9 µV",
              "-2 kHz in 6.5 µV",
              "-4 kHz in 90 µV",
              "-6 kHz in 2200 µV",
              "1 kHz in 2.8 µV",
              "2 kHz in 6.1 µV",
              "4 kHz in 82 µV",
              "6 kHz in 2100 µV",
            ),
            ...rows(
              "12:07",
              "wren",
              0.4,
              "s-meter",
              "3.1 µV s 4.5; set gen 50 Ω, shows terminated, at 7 MHz",
              "12.5 µV s 6.8",
              "50 µV s 9",
              "158 µV s 10.9",
            ),
            ...rows(
              "12:08",
              "wren",
              0.1,
              "backlash",
              ...[7100.2, 7100.4, 7100.1, 7100.3, 7100.3].map(
                (dial, n) => `from below, ${n + 1} dial ${dial}${n === 0 ? "; set at 7100 kHz" : ""}`,
              ),
              ...[7102.9, 7103.1, 7102.8, 7103.0, 7102.9].map((dial, n) => `from above, ${n + 1} dial ${dial}`),
            ),
            // The padder of band B: 470 pF where 560 pF is drawn.
            ...rows(
              "12:10",
              "wren",
              1,
              "dial",
              ...dialLines("cr21", "B", { padder: 470 / 560 }, [2100, 2400, 3000, 3700, 4400], 560e-12).map(
                (line, n) => `${line}${n === 0 ? "; set chassis out of the cabinet, antenna 50 Ω, min 25" : ""}`,
              ),
            ),
            ["12:15", "wren", "? AGC pumps on strong signals"],
            ["12:16", "wren", "? dial is off on band B, most at the low end"],
            [
              "12:17",
              "wren",
              "plan C44 replace with 560p: by the dial's errors it is 470 pF, an earlier hand fitted the wrong one",
            ],
            ["13:20", "wren", "tube V5 shorts none; gas none; gm 3110/4400 µS; on mutual-conductance tester, Rk 68 Ω"],
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
};
