import type { Sheet } from "../model";
import type { Amendment, Content, ContentOf, Entry } from "./entries";
import type { Settled } from "./settle";

/** Made-up entries for tests: ids and times grow with a counter. */

export const SET = "01890000-0000-7000-8000-000000000001";
export const VISIT = "01890000-0000-7000-8000-000000000002";
export const PERSON = "01890000-0000-7000-8000-000000000003";

export const idOf = (n: number): string => `01890000-0000-7000-8000-${(n + 0x1000).toString(16).padStart(12, "0")}`;
export const atOf = (n: number): string => new Date(Date.UTC(2026, 0, 1) + n * 3_600_000).toISOString();

const envelope = (n: number) => ({
  id: idOf(n),
  setId: SET,
  visitId: VISIT,
  at: atOf(n),
  recordedAt: atOf(n),
  by: PERSON,
});

export const entry = (n: number, content: Content): Entry => ({ ...envelope(n), amends: null, ...content });

export const amend = (n: number, amends: string, payload: Amendment): Entry => ({
  ...envelope(n),
  amends,
  kind: "amendment",
  payload,
});

export const note = (text: string, extra: { open?: boolean; closes?: string[] } = {}): Content => ({
  kind: "note",
  payload: { v: 1, text, open: extra.open ?? false, closes: extra.closes ?? [] },
});

export const work = (
  designators: string[],
  action: "replaced" | "restuffed" | "removed" | "cleaned" | "disconnected" | "left",
  extra: Partial<Extract<Content, { kind: "part-work" }>["payload"]> = {},
): Content => ({
  kind: "part-work",
  payload: { v: 1, designators, action, now: [], ...extra },
});

export const replace = (designator: string, text: string): Content =>
  work([designator], "replaced", { now: [{ designator, text }] });

export const symptom = (what: string, state: "present" | "gone" | "changed" = "present", about?: string): Content => ({
  kind: "symptom",
  payload: { v: 1, what, state, ...(about ? { about } : {}) },
});

export const resistance = (designator: string, measured: number, nominal: number): Content => ({
  kind: "reading",
  payload: {
    v: 1,
    phase: "check",
    point: designator,
    designator,
    quantity: "resistance",
    measured: { text: String(measured), value: measured },
    expected: { text: String(nominal), value: nominal, tolerance: 0.2 },
  },
});

export const withdraw = (reason = "wrong"): Amendment => ({ v: 1, action: "withdraw", reason });
export const correct = (content: Content, at?: string): Amendment => ({
  v: 1,
  action: "correct",
  reason: "mistyped",
  content,
  ...(at ? { at } : {}),
});

export const SHEET: Sheet = {
  kind: "AC table superhet",
  supply: "transformer",
  lineVolts: 230,
  highestVolts: 340,
  watts: 65,
  dialect: "m-is-million",
  tubes: [{ position: "V4", type: "6V6", work: "output" }],
  components: [
    { designator: "C14", role: "coupling", drawn: ".05/400", stage: "output" },
    { designator: "C1", role: "reservoir", drawn: "2x16µ 450V", stage: "power" },
    { designator: "R7", role: "anode-load", drawn: "470k", stage: "first audio" },
    { designator: "R9", role: "screen", drawn: "22k 1W", stage: "IF" },
  ],
  windings: [],
  points: [
    { point: "B+", quantity: "voltage", expected: 250, withLine: true },
    { point: "V4 grid", quantity: "voltage", expected: -12.5 },
  ],
  cautions: [{ step: "fix", text: "The tuning indicator's lead tears when the chassis comes out." }],
};

/** What the settled entries say, without the entries themselves. */
export const says = (settled: readonly Settled[]) => settled.map((item) => item.content?.payload ?? null);

/** A modification of which nothing is known but its name and where it stands. */
export const bareModification = (
  name: string,
  extra: Partial<ContentOf<"modification">["payload"]> = {},
): ContentOf<"modification"> => ({
  kind: "modification",
  payload: {
    v: 1,
    name,
    state: "fitted",
    what: "x",
    needs: [],
    parts: [],
    taps: [],
    chassis: "none",
    steps: [],
    verify: [],
    recalibrate: [],
    reversible: false,
    ...extra,
  },
});
