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
export type Line = [at: string, who: Who, line: string, drawing?: Drawing];
export type Day = { daysAgo: number; lines: Line[] };
export type Story = {
  model: keyof typeof MODELS;
  owner: keyof typeof CUSTOMERS;
  serial: string;
  visits: { job: number; days: Day[] }[];
};

/** The make-safe list gone through, a line a minute. */
export function safe(at: string, who: Who, ...lines: string[]): Line[] {
  const [hours = 0, minutes = 0] = at.split(":").map(Number);
  return lines.map((line, index): Line => {
    const minute = hours * 60 + minutes + index;
    const clock = `${String(Math.floor(minute / 60)).padStart(2, "0")}:${String(minute % 60).padStart(2, "0")}`;
    return [clock, who, `safe ${line}`];
  });
}

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
export function rise(at: string, who: Who, ...steps: string[]): Line[] {
  const [hours = 0, minutes = 0] = at.split(":").map(Number);
  return steps.map((step, index): Line => {
    const minute = hours * 60 + minutes + Math.round(index * 2.5);
    const clock = `${String(Math.floor(minute / 60)).padStart(2, "0")}:${String(minute % 60).padStart(2, "0")}`;
    return [clock, who, `power ${step}`];
  });
}
