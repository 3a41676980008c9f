import type { MODELS } from "./models";

export const PEOPLE = {
  wren: ["Wren Okafor", "lead technician"],
  tomasz: ["Tomasz Bielak", "technician"],
  ines: ["Ines Marchetti", "front desk and parts"],
} as const;
export type Who = keyof typeof PEOPLE;

export const CUSTOMERS = {
  osei: ["Marguerite Osei", "Eastholm, Rope Walk"],
  rafferty: ["Callum Rafferty", "Eastholm, Beacon Hill"],
  haddad: ["Noor Haddad", "Eastholm, Saltern Lane"],
  lindqvist: ["Greta Lindqvist", "Eastholm, North Quay"],
  devos: ["Bram de Vos", "Eastholm, Mill Dyke"],
  museum: ["Eastholm Harbour Museum", "Old Custom House"],
} as const;

/** A line as it is typed at the bench; behind | who typed it and when. */
export type Day = { daysAgo: number; lines: [at: string, who: Who, line: string][] };
export type Story = {
  model: keyof typeof MODELS;
  owner: keyof typeof CUSTOMERS;
  serial: string;
  visits: { job: number; days: Day[] }[];
};

const NINE_YEARS = 3290;

export const STORIES: Story[] = [
  {
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
              ["10:20", "wren", "done make safe: looked over and discharged; 0.4 V left on the reservoir by the meter"],
              ["10:50", "wren", "done first power: on a variac in steps; 0.41 A at 230 V, so stopped at 80 %"],
              ["11:05", "wren", "? hum at twice the line frequency"],
              ["11:10", "wren", "B+ 198 @ 228 with 20 kΩ/V meter baseline"],
              ["11:14", "wren", "V4 cathode 10.2 @ 228 with 20 kΩ/V meter baseline"],
              ["11:16", "wren", "pass baseline: stopped early, the reservoir gets warm"],
            ],
          },
          {
            daysAgo: NINE_YEARS + 7,
            lines: [
              ["09:30", "wren", "C1 16/450 = 3.1µ dried out restuffed -> 22µ/450 electrolytic old in shell"],
              ["10:05", "wren", "C2 16/450 = 4.4µ dried out restuffed -> 22µ/450 electrolytic old in shell"],
              ["10:40", "wren", "C16 .02/600 burst -> 0.022/630 film old discarded"],
              ["11:00", "wren", "R9 25k = 27k left: within tolerance, watch it"],
              [
                "11:04",
                "wren",
                "C14 .05/400 = 52n left: value is good; leakage not measured, no instrument for it here",
              ],
              ["11:30", "wren", "V4 gm 3700/4100 on mutual-conductance tester"],
              ["11:36", "wren", "V5 emission 88/100 on emission tester"],
              ["14:10", "wren", "B+ 258 @ 230 with 20 kΩ/V meter prove"],
              ["14:14", "wren", "V4 cathode 12.2 @ 230 with 20 kΩ/V meter prove"],
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
                "take in: distorted and fading after ten minutes; since late summer; wants to play again, unmodified; policy original; with mains lead, back cover, both knobs; earlier our own job of nine years ago; looks as it left us",
              ],
              [
                "10:15",
                "tomasz",
                "done make safe: unplugged, dial glass off, discharged; 0.2 V left on the reservoir by the meter",
              ],
              ["10:40", "tomasz", "done first power: variac in steps with the 5Y3 out, then in; 0.36 A at 230 V"],
              ["11:00", "tomasz", "B+ 224 @ 231 with digital meter baseline"],
              ["11:02", "tomasz", "V1 plate 221 @ 231 with digital meter baseline"],
              ["11:04", "tomasz", "V1 screen 92 @ 231 with digital meter baseline"],
              ["11:06", "tomasz", "V2 screen 71 @ 231 with digital meter baseline"],
              ["11:08", "tomasz", "V3 plate 68 @ 231 with digital meter baseline"],
              ["11:10", "tomasz", "V4 plate 203 @ 231 with digital meter baseline"],
              ["11:12", "tomasz", "V4 cathode 19.4 @ 231 with digital meter baseline"],
              ["11:14", "tomasz", "Heaters 6.3 @ 231 with digital meter baseline"],
              ["11:15", "tomasz", "Line current 0.39 A @ 231 with digital meter baseline"],
              ["11:20", "tomasz", "? distorted after ten minutes, worse with volume down"],
              ["11:21", "tomasz", "? fades as it warms up"],
              ["11:30", "tomasz", "V4 grid 3.9 @ 231 with digital meter check"],
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
              ["14:00", "wren", "B+ 262 @ 230 with digital meter prove"],
              ["14:02", "wren", "V2 screen 97 @ 230 with digital meter prove"],
              ["14:04", "wren", "V3 plate 104 @ 230 with digital meter prove"],
              ["14:06", "wren", "V4 cathode 11.9 @ 230 with digital meter prove"],
              ["14:20", "wren", "gone distorted after ten minutes, worse with volume down"],
              ["14:40", "wren", "todo soak four hours, then read V4 cathode again"],
            ],
          },
        ],
      },
    ],
  },
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
              [
                "15:10",
                "tomasz",
                "done make safe: on the isolation transformer; wax on the grub screws; discharged, 0 V by the meter",
              ],
              ["15:30", "tomasz", "? pilot lamp flashes at switch-on"],
              ["15:32", "tomasz", "? V2 glows far brighter than the others"],
            ],
          },
          {
            daysAgo: 2,
            lines: [
              ["09:40", "tomasz", "String current 0.118 A @ 220 with digital meter check"],
              [
                "09:50",
                "tomasz",
                "note V2 is marked for another heater current: its print is worn, the getter is not a UF41's",
              ],
              ["10:00", "tomasz", "pass first power: stopped at 60 V, the string is out of balance"],
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
              ["09:10", "tomasz", "done make safe: battery out, polarity checked, contacts clean"],
              ["09:20", "tomasz", "done first power: bench supply at 9 V, limit 40 mA; draws 4 mA when dead"],
              ["09:30", "tomasz", "Battery 9 with digital meter baseline"],
              ["09:32", "tomasz", "Q1 emitter -0.11 with digital meter baseline"],
              ["09:34", "tomasz", "Q2 emitter -0.68 with digital meter baseline"],
              ["09:36", "tomasz", "Q4 collector -4.4 with digital meter baseline"],
              ["09:38", "tomasz", "Battery current 4.1 mA with digital meter baseline"],
              ["09:45", "tomasz", "? no signal until warmed with a lamp"],
              ["10:00", "tomasz", "R1 39k = 38.2k lifted"],
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
              ["11:00", "wren", "done make safe: discharged, measured 0.3 V"],
              ["11:40", "wren", "done first power: series lamp, dims within seconds"],
              ["11:50", "wren", "B+ 247 @ 230 baseline"],
              ["11:52", "wren", "Regulated 150 baseline"],
              ["11:54", "wren", "AVC -1.1 baseline"],
              ["12:10", "wren", "? AGC pumps on strong signals"],
              ["14:00", "wren", "C31 .1/200 leaky -> 0.1/400 film old in bag"],
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
              ["10:00", "wren", "done make safe: field coil open at the meter; discharged, 0 V"],
              ["10:20", "wren", "pass first power: no B+ possible with the field coil open"],
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
              ["16:20", "wren", "V3 emission 41/100 on emission tester"],
              ["16:30", "wren", "wait parts matched 811A"],
            ],
          },
        ],
      },
    ],
  },
];
