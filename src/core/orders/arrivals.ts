/** What came of a line of an order: right, not what was ordered or broken, or sent back after its test. */
export const ARRIVED = ["right", "wrong", "back"] as const;
export type Arrived = (typeof ARRIVED)[number];

/** How a tube that came stood its test; none where it is no tube, or not tested yet. */
export type Arrival = { pieces: number; verdict: Arrived; part?: string; tested?: "good" | "bad" };

/** Who gets what of a line, in this order. */
export type OrderWant = {
  id: string;
  pieces: number;
  visit?: string;
  job?: number;
  place?: string;
  part?: string;
  /** the entry that says that the set waits */
  waitId?: string | null;
};

export type OrderedLine = {
  id: string;
  kind: string;
  pieces: number;
  wants: readonly OrderWant[];
  arrivals: readonly Arrival[];
};

const sum = (arrivals: readonly Arrival[]): number => arrivals.reduce((total, { pieces }) => total + pieces, 0);

/** Pieces that came and stayed. */
export const arrivedRight = ({ arrivals }: Pick<OrderedLine, "arrivals">): number =>
  sum(arrivals.filter(({ verdict }) => verdict === "right")) -
  sum(arrivals.filter(({ verdict }) => verdict === "back"));

/** Pieces that are still to come. */
export const outstanding = (line: Pick<OrderedLine, "pieces" | "arrivals">): number =>
  Math.max(0, line.pieces - arrivedRight(line));

/** Pieces that can go into a set: of tubes those that stood their test. */
export const usable = ({ kind, arrivals }: Pick<OrderedLine, "kind" | "arrivals">): number => {
  if (kind !== "tube") return arrivedRight({ arrivals });
  return sum(arrivals.filter(({ verdict, tested }) => verdict === "right" && tested === "good"));
};

/** Pieces that each want has got, in the order of the wants. */
export function given(line: OrderedLine): Map<string, number> {
  let left = usable(line);
  const got = new Map<string, number>();
  for (const { id, pieces } of line.wants) {
    const mine = Math.min(pieces, left);
    got.set(id, mine);
    left -= mine;
  }
  return got;
}

/** What has come of what a wait is for, and what has not, by place. @param wait its entry */
export function standsWith(wait: string, lines: readonly OrderedLine[]): { here: string[]; lacking: string[] } {
  const all = lines.flatMap((line) => {
    const got = given(line);
    return line.wants
      .filter(({ waitId }) => waitId === wait)
      .map((want) => ({ place: want.place ?? "", full: (got.get(want.id) ?? 0) >= want.pieces }));
  });
  const places = (full: boolean) => all.filter((one) => one.full === full).map(({ place }) => place);
  return { here: places(true), lacking: places(false) };
}
