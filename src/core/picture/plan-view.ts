import type { AlignmentRow, Circuit, Component, Pin, Tube } from "../model";

/** A stage as a block of the plan, in units of its width and height. */
export type PlanBlock = { name: string; x: number; y: number; width: number; height: number };
export type PlanView = { blocks: PlanBlock[]; spots: Omit<Pin, "view">[] };

/** Width over height of the plan. */
export const PLAN_ASPECT = 1.6;
const MARGIN = 0.012;
/** Share of a block's height that its name takes. */
const HEAD = 0.22;

type Parts = {
  components: readonly Pick<Component, "designator" | "stage">[];
  tubes: readonly Pick<Tube, "position">[];
  alignment?: readonly Pick<AlignmentRow, "adjust">[] | undefined;
};

/** Stages in the order of the signal, those beside it behind. */
function inOrder({ stages, paths }: Pick<Circuit, "stages" | "paths">) {
  const chain = [...new Set(paths.flatMap((path) => path.chain))];
  const place = (id: string) => (chain.includes(id) ? chain.indexOf(id) : chain.length);
  return [...stages].sort((a, b) => place(a.id) - place(b.id));
}

/**
 * A plan of the set where there is no photo: its stages as blocks in the order of the signal, each with its tubes and
 * parts. It is a drawing of the circuit, and says nothing of where things really sit.
 */
export function planView(
  circuit: Pick<Circuit, "stages" | "paths">,
  { components, tubes, alignment = [] }: Parts,
): PlanView {
  const plain = (text: string) => text.trim().toLowerCase();
  const ordered = inOrder(circuit);
  const names = new Map<string, string[]>(ordered.map(({ name }) => [name, []]));
  const stageOf = (words: string | undefined) =>
    words === undefined
      ? undefined
      : ordered.find(({ name, kind, id }) => [name, kind, id].map(plain).includes(plain(words)))?.name;
  const put = (stage: string, name: string) => {
    const mine = names.get(stage) ?? [];
    if (!mine.includes(name)) names.set(stage, [...mine, name]);
  };
  for (const { name, tubes: mine } of ordered)
    for (const position of mine) if (tubes.some((tube) => tube.position === position)) put(name, position);
  for (const { position } of tubes)
    if (![...names.values()].some((mine) => mine.includes(position))) put("Elsewhere", position);
  const stages = new Map(
    components.map(({ designator, stage }) => [designator, stageOf(stage) ?? (stage || "Elsewhere")]),
  );
  for (const [designator, stage] of stages) put(stage, designator);
  for (const { adjust } of alignment) {
    const part = adjust.split(" ")[0] ?? adjust;
    if (adjust !== part || !stages.has(part)) put(stages.get(part) ?? "Elsewhere", adjust);
  }
  const used = [...names].filter(([, mine]) => mine.length > 0);
  const across = Math.max(1, Math.ceil(Math.sqrt(used.length * 1.3)));
  const down = Math.max(1, Math.ceil(used.length / across));
  const [width, height] = [1 / across, 1 / down];
  const blocks = used.map(([name], n) => ({
    name,
    x: (n % across) * width + MARGIN,
    y: Math.floor(n / across) * height + MARGIN,
    width: width - 2 * MARGIN,
    height: height - 2 * MARGIN,
  }));
  const spots = used.flatMap(([, mine], n) => {
    const block = blocks[n];
    if (!block) return [];
    const columns = Math.max(1, Math.ceil(Math.sqrt(mine.length * (block.width / block.height) * PLAN_ASPECT * 0.6)));
    const rows = Math.ceil(mine.length / columns);
    return mine.map((name, at) => ({
      name,
      x: block.x + (block.width * ((at % columns) + 0.5)) / columns,
      y: block.y + block.height * HEAD + (block.height * (1 - HEAD) * (Math.floor(at / columns) + 0.5)) / rows,
    }));
  });
  return { blocks, spots };
}
