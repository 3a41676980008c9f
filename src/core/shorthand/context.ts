import type { Rules } from "../components";
import type { KnownSet } from "../diagnosis";
import type { AnyContent } from "../log";
import type { Sheet, Step } from "../model";
import type { Policy, Switches } from "../policy";
import type { MainsLine } from "../power";
import type { Phase, PointRow } from "../readings";
import type { Cell, Limit, TestSheet } from "../sheets";
import type { StockItem } from "../stock";

/** An entry on the tape, with the number that it is shown under. */
export type TapeEntry = { n: number; id: string; content: AnyContent | null };

/** The set-up in force for readings: it goes along with them. */
export type SetupInForce = {
  id: string;
  payload: {
    instrument?: { name: string; ohmsPerVolt?: number | undefined; inputOhms?: number | undefined } | undefined;
    lineVolts?: number | undefined;
    tapVolts?: number | undefined;
  };
};

/** The run of a test sheet that rows go on with. */
export type RunInHand = {
  /** the entry of its first row */
  id: string;
  sheet: TestSheet;
  given: Cell[];
  preflight: { key: string; text: string; ok: boolean }[];
};

/** What the form of the hand-back and its line hold to, worked out in one place (core/handback). */
export type HandBackRules = {
  /** what stands in the way, whatever is said of it */
  bars: readonly string[];
  /** what may go out so, where “what was left” says why */
  explain: readonly string[];
  /** fields that it has where nothing else is said: warranty, next service, old parts, instructions, price */
  proposal: Readonly<Record<string, unknown>>;
};

/** What the line is read against: the set on the bench, and what is on the tape. */
export type LineContext = {
  sheet: Sheet;
  /** year of make, when known */
  year: number | null;
  /** what comes out of the wall here */
  bench: MainsLine;
  /** the tap of the selector that was chosen last, V */
  tap?: number;
  policy: Policy;
  /** the visit's own choices where schools disagree */
  switches?: Switches;
  /** the shop's rules for parts; without them the trade's */
  rules?: Rules;
  /** the stock, so that a part can be named by its label */
  stock?: readonly StockItem[];
  setups: Partial<Record<Phase, SetupInForce>>;
  /** something that should be said before work on a part, where nothing was measured first */
  warning?: string;
  /** why nothing should be read under power yet: make safe is not done. Such a reading is asked about first */
  unsafe?: string;
  /** what bars handing back, and what it would say of itself; without it nothing bars */
  handBack?: HandBackRules;
  /** rows of the chart, of the cold checks, and of what was measured on this set; their names may contain spaces */
  points: PointRow[];
  /** designators of the set: from the model and from the log. Empty: nothing to check a designator against */
  known: ReadonlySet<string>;
  /** which phase a reading belongs to when the line does not say */
  phase: Phase;
  /** the step whose plate is in sight, where there is one */
  step?: Step;
  /** the reader's day, for “by Friday” and the like */
  today: string;
  /** of the shop, for a sum that names none */
  currency: string;
  /** test sheets: those that ship and the shop's own; the shipped ones where it is not given */
  sheets?: readonly TestSheet[];
  /** limits that the model has for a sheet */
  limitsOf?: (sheet: string) => readonly Limit[];
  /** the run of a sheet that was measured last in this step */
  run?: RunInHand;
  tape: readonly TapeEntry[];
  /** when an entry is corrected: what it said before */
  base?: AnyContent;
};

/** The same while a line is read: what the search knows of the set is worked out when a line asks for it. */
export type ReadContext = LineContext & { searched: () => KnownSet };

/** The payload of a content, where it is of that kind. */
export const payloadOf = <P>(content: AnyContent | null | undefined, kind: string): P | undefined =>
  content?.kind === kind ? (content.payload as P) : undefined;

/** The entry that stands under a number on the tape. */
export const onTape = (n: string | number | undefined, context: LineContext): TapeEntry | undefined =>
  context.tape.find((item) => item.n === Number(n));
