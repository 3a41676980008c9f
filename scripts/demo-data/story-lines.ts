import type { Drawing } from "./drawings";
import type { MADE_UP_SETS } from "@/core/practice";

export const PEOPLE = {
  wren: ["Wren Okafor", "lead"],
  tomasz: ["Tomasz Bielak", "technician"],
  // The front desk; the shop is hers, so that the demo has an owner too.
  ines: ["Ines Marchetti", "owner"],
} as const;

/** Everybody's password in the demo, where its archive is restored elsewhere: its data are made up, and this is no secret. */
export const DEMO_PASSWORD = "seven herons at low tide";
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
export type Line = [at: string, who: Who, line: string, drawing?: Drawing];
export type Day = { daysAgo: number; lines: Line[] };
export type Story = {
  model: keyof typeof MADE_UP_SETS;
  owner: keyof typeof CUSTOMERS;
  serial: string;
  visits: { job: number; days: Day[] }[];
};

/** Lines one after the other, so many minutes apart. */
function paced(at: string, who: Who, every: number, lines: readonly string[]): Line[] {
  const [hours = 0, minutes = 0] = at.split(":").map(Number);
  return lines.map((line, index): Line => {
    const minute = hours * 60 + minutes + Math.round(index * every);
    const clock = `${String(Math.floor(minute / 60)).padStart(2, "0")}:${String(minute % 60).padStart(2, "0")}`;
    return [clock, who, line];
  });
}

/** The make-safe list gone through, a line a minute. */
export const safe = (at: string, who: Who, ...lines: string[]): Line[] =>
  paced(
    at,
    who,
    1,
    lines.map((line) => `safe ${line}`),
  );

/** The last look before a mains set goes out, a line a minute. */
export const lastLook = (at: string, who: Who, fuse: string, insulation: string, ...more: string[]): Line[] =>
  paced(
    at,
    who,
    1,
    ["lead ok", `fuse ok: ${fuse}`, `isolation ok: ${insulation}`, ...more, "screws ok", "accessories ok"].map(
      (line) => `final ${line}`,
    ),
  );

/** Lines that every mains set has. */
export const MAINS = [
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
export const rise = (at: string, who: Who, ...steps: string[]): Line[] =>
  paced(
    at,
    who,
    2.5,
    steps.map((step) => `power ${step}`),
  );

/** Rows of a test sheet, one after the other. */
export const rows = (at: string, who: Who, every: number, sheet: string, ...lines: string[]): Line[] =>
  paced(
    at,
    who,
    every,
    lines.map((line) => `row ${sheet}: ${line}`),
  );

/** Source resistance at the Lantern's tone capacitor, Ω: plate and load of its output stage, as the demo has it. */
export const TONE_OHMS = 4700;

/** Volts at the voice coil with a tone capacitor: bass falls with the loudspeaker, treble by |1/(1 + j·2πf·R·C)|. */
export const toneVolts = (hertz: number, farads: number): number =>
  1.2 / Math.hypot(1, 110 / hertz) / Math.hypot(1, 2 * Math.PI * hertz * TONE_OHMS * farads);

/** A response with a tone capacitor, measured at twelve frequencies. */
export const response = (at: string, who: Who, nano: number): Line[] =>
  rows(
    at,
    who,
    1,
    "audio response",
    ...[50, 100, 200, 400, 700, 1000, 1500, 2000, 3000, 5000, 7000, 10_000].map(
      (hertz, n) =>
        `${hertz} Hz v ${toneVolts(hertz, nano * 1e-9).toPrecision(3)}${n === 0 ? `; set tone ${nano} nF, load 4 Ω, controls volume half` : ""}`,
    ),
  );
