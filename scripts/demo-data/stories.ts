import type { Drawing } from "./drawings";
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
type Line = [at: string, who: Who, line: string, drawing?: Drawing];
export type Day = { daysAgo: number; lines: Line[] };
export type Story = {
  model: keyof typeof MODELS;
  owner: keyof typeof CUSTOMERS;
  serial: string;
  visits: { job: number; days: Day[] }[];
};

const NINE_YEARS = 3290;

/** The make-safe list gone through, a line a minute. */
function safe(at: string, who: Who, ...lines: string[]): Line[] {
  const [hours = 0, minutes = 0] = at.split(":").map(Number);
  return lines.map((line, index): Line => {
    const minute = hours * 60 + minutes + index;
    const clock = `${String(Math.floor(minute / 60)).padStart(2, "0")}:${String(minute % 60).padStart(2, "0")}`;
    return [clock, who, `safe ${line}`];
  });
}

const MAINS = [
  "unplugged ok",
  "discharged ok",
  "lead ok",
  "fuse ok",
  "foreign ok",
  "burnt ok",
  "tubes ok",
  "speaker ok",
];

/** Steps of a rise, two and a half minutes each. */
function rise(at: string, who: Who, ...steps: string[]): Line[] {
  const [hours = 0, minutes = 0] = at.split(":").map(Number);
  return steps.map((step, index): Line => {
    const minute = hours * 60 + minutes + Math.round(index * 2.5);
    const clock = `${String(Math.floor(minute / 60)).padStart(2, "0")}:${String(minute % 60).padStart(2, "0")}`;
    return [clock, who, `power ${step}`];
  });
}

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
              [
                "11:04",
                "wren",
                "C14 .05/400 = 52n left: value is good; leakage not measured, no instrument for it here",
              ],
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
              ["09:46", "tomasz", "String current 59 mA for 50 mA ±10% with Bench digital check"],
              [
                "09:50",
                "tomasz",
                "note V2 is marked for another heater current: its print is worn, the getter is not a UF41's",
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
