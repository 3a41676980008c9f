import { drawnSpec, type Component, type Join } from "../../model";
import { valueOf, type CircuitSheet } from "../from-sheet";

/** A row of the net with the reason for it. */
export type Proposed = Join & { reason: string };
export type Proposal = { rows: Proposed[]; left: { part: string; why: string }[] };

const words = (text: string) =>
  text
    .toLowerCase()
    .split(/[^a-z0-9]+/)
    .filter((word) => word.length > 1 && !["and", "the", "of", "tube", "stage"].includes(word));

/** How well a stage's name fits to what a tube does. */
export const fits = (stage: string, work: string): number => {
  const [one, other] = [words(stage), words(work)];
  return one.filter((word) => other.includes(word)).length / Math.max(1, one.length);
};

export const isTransistor = (position: string) => /^(Q|TR)/.test(position);

/** What is placed so far, and what could not be: each part once. */
export class Places {
  readonly rows: Proposed[] = [];
  readonly left: { part: string; why: string }[] = [];
  private readonly done = new Set<string>();
  constructor(readonly sheet: CircuitSheet) {}

  put(part: string, from: string, to: string, reason: string, more: Partial<Join> = {}): void {
    if (this.done.has(part)) return;
    this.done.add(part);
    this.rows.push({ part, from, to, ...more, reason });
  }
  leave(part: string, why: string): void {
    if (this.done.has(part)) return;
    this.done.add(part);
    this.left.push({ part, why });
  }
  has = (part: string) => this.done.has(part);

  /** The tube or transistor that does the work of a stage. */
  tubeOf(stage: string | undefined): CircuitSheet["tubes"][number] | undefined {
    if (!stage) return undefined;
    const ranked = this.sheet.tubes
      .map((tube) => ({ tube, fit: tube.position.toLowerCase() === stage.toLowerCase() ? 2 : fits(stage, tube.work) }))
      .filter(({ fit }) => fit > 0)
      .sort((a, b) => b.fit - a.fit);
    return ranked[0]?.tube;
  }

  /** Parts of a stage with a role, by the letters of their designators. */
  inStage(stage: string | undefined, role: Component["role"], letters: string): Component[] {
    return this.sheet.components.filter(
      (one) => one.stage === stage && one.role === role && one.designator.startsWith(letters),
    );
  }

  valueOf = (part: string): number => valueOf(this.sheet, part) ?? 0;
  wattsOf = (component: Component): number => drawnSpec(this.sheet, component)?.watts ?? 0;
}
