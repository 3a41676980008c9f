import { rise, safe, type Story } from "./story-lines";

export const SKIPPER_STORY: Story = {
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
};
