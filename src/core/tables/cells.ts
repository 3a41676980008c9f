import type { ZodType } from "zod";
import { format, parseQuantity, type Quantity } from "../quantity";
import type { CellRead, RowRead } from "./types";

/** Collects the cells of one row while they are read. */
export class Row {
  readonly cells: Record<string, CellRead> = {};
  readonly remarks: string[] = [];

  constructor(private readonly raw: Record<string, string>) {}

  text(key: string): string {
    const raw = (this.raw[key] ?? "").trim();
    this.cells[key] = { raw, shown: raw };
    return raw;
  }

  problem(key: string, message: string): undefined {
    this.cells[key] = { ...(this.cells[key] ?? { raw: "", shown: "" }), problem: message };
    return undefined;
  }

  shown(key: string, shown: string): void {
    this.cells[key] = { ...(this.cells[key] ?? { raw: "" }), shown };
  }

  remark(key: string, remark: string): void {
    this.cells[key] = { ...(this.cells[key] ?? { raw: "", shown: "" }), remark };
    this.remarks.push(remark);
  }

  /** A value of a known quantity; an empty cell is none. */
  value(key: string, quantity: Quantity, rules: Parameters<typeof parseQuantity>[2] = {}): number | undefined {
    const text = this.text(key);
    if (text === "") return undefined;
    const bare = quantity === "current" && /^[\d.,]+$/.test(text);
    const parsed = parseQuantity(bare ? `${text} A` : text, quantity, rules);
    if (!parsed.ok) return this.problem(key, parsed.kind === "ambiguous" ? parsed.question : parsed.message);
    this.shown(key, format(parsed.value, quantity, 6));
    return parsed.value;
  }

  /** One of a list of words; spaces and hyphens are alike. An empty cell is none. */
  choice<T extends string>(key: string, choices: readonly T[]): T | undefined {
    const text = this.text(key);
    if (text === "") return undefined;
    const plain = (word: string) => word.toLowerCase().replace(/[\s_-]+/g, "-");
    const found = choices.find((one) => plain(one) === plain(text));
    return found ?? this.problem(key, `“${text}” is none of: ${choices.join(", ")}.`);
  }

  /** Holds what was read against the schema; its sentences go to the cells they belong to. */
  finish<T>(schema: ZodType<T>, value: unknown, keyOf: (path: string) => string = (path) => path): RowRead<T> {
    const broken = () => Object.values(this.cells).flatMap(({ problem }) => (problem ? [problem] : []));
    if (broken().length === 0) {
      const parsed = schema.safeParse(value);
      if (parsed.success) return { cells: this.cells, row: parsed.data, problems: [], remarks: this.remarks };
      for (const issue of parsed.error.issues)
        this.problem(keyOf(String(issue.path[0] ?? "")), plainSentence(issue.message));
    }
    return { cells: this.cells, problems: broken(), remarks: this.remarks };
  }
}

/** The schema library's own wording is for developers; these cells want a sentence. */
function plainSentence(message: string): string {
  const long = /expected string to have <=(\d+) characters/.exec(message);
  if (long) return `Longer than ${long[1]} characters.`;
  const big = /expected number to be (<=|>|<|>=)\s?([\d.e+]+)/.exec(message);
  if (big)
    return `That figure must be ${{ "<=": "at most", "<": "below", ">": "above", ">=": "at least" }[big[1] ?? ""]} ${big[2]}.`;
  return /^Too small|^Invalid/.test(message) ? "Something belongs here." : message;
}
