import type { Rules } from "../components";
import type { Amendment, Content, Line } from "../history";
import type { Phase } from "../readings";
import type { Policy, Switches } from "../policy";
import type { Sheet } from "../model";
import type { Line as MainsLine } from "../power";
import type { StockItem } from "../stock";
import type { PointRow, SetupOf } from "../visit";

/** What the line is read against: the set on the bench, and what is on the tape. */
export type LineContext = {
  sheet: Sheet;
  /** year of make, when known */
  year: number | null;
  /** what comes out of the wall here */
  bench: MainsLine;
  policy: Policy;
  /** the visit's own choices where schools disagree */
  switches?: Switches;
  /** the shop's rules for parts; without them the trade's */
  rules?: Rules;
  /** the stock, so that a part can be named by its label */
  stock?: readonly StockItem[];
  /** the set-up in force for readings of each phase; it goes along with them */
  setups: Partial<Record<Phase, SetupOf>>;
  /** something that should be said before work on a part, where nothing was measured first */
  warning?: string;
  /** what stands in the way of handing back, whatever is said of it: loans, modifications, a soak, the last look, the price */
  barred?: readonly string[];
  /** rows of the chart, of the cold checks, and of what was measured on this set; their names may contain spaces */
  points: PointRow[];
  /** designators of the set: from the model and from the log. Empty: nothing to check a designator against */
  known: ReadonlySet<string>;
  /** which phase a reading belongs to when the line does not say */
  phase: Phase;
  /** entries on the tape with the numbers they are shown under */
  tape: readonly { n: number; id: string; content: Content | null }[];
  /** when an entry is corrected: what it said before, so that a reading keeps its expectation and phase */
  base?: Content;
};

export type LineDraft =
  { type: "content"; content: Content } | { type: "amendment"; amends: string; amendment: Amendment };

/** Whatever is typed becomes one of these; there is no text that fails otherwise. */
export type LineResult =
  | { kind: "empty" }
  | { kind: "draft"; draft: LineDraft; line: Line; hints: string[] }
  | { kind: "question"; question: string; choices: { label: string; text: string }[] }
  | { kind: "not-understood"; at: number; message: string };

export const notUnderstood = (at: number, message: string): LineResult => ({ kind: "not-understood", at, message });

/** Part of a line that could be read, or the result that ends the reading. */
export type Step<T> = { ok: true; value: T } | { ok: false; result: LineResult };
export const got = <T>(value: T): Step<T> => ({ ok: true, value });
export const stop = (result: LineResult): Step<never> => ({ ok: false, result });
