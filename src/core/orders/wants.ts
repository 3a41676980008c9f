import { allocate, readStock, reshelved, shortages, type PlanNeed } from "../components";
import { openPoints } from "../history";
import { freeOf, isLow, printMarking, type StockItem, type StockKind } from "../stock";
import { judgeStored } from "../tubes";
import { recapOf, stockedTubes, tubePlaces, typeIn, type VisitInput } from "../visit";

/** A place in a set that a part is wanted for. */
export type SetPlace = {
  visit: string;
  job: number;
  set: string;
  place: string;
  /** the entry that says already that the set waits for it */
  wait?: string;
};

/** A drawer that runs low. */
export type Drawer = { part: string; code: string; bin: string };

/** Something that has to be bought. */
export type Want = {
  /** the same from one look to the next */
  key: string;
  for: ({ to: "set" } & SetPlace) | ({ to: "bin" } & Drawer) | { to: "shop" };
  pieces: number;
  /** what does: by its value and rating, or by its name alone */
  ask: PlanNeed | { kind: StockKind; marking: string };
  /** the day that was promised for the set */
  promised?: string;
  /** why it is not ordered yet as a rule */
  held?: string;
};

/** A set in the shop, as far as its parts are concerned. */
export type OrderingSet = {
  job: number;
  name: string;
  promised?: string;
  /** has the owner agreed to an estimate that was told? */
  agreed: boolean;
  input: VisitInput;
  /** pieces of stock lines that are set aside for it */
  reserved: ReadonlyMap<string, number>;
};

export const placeKey = (visit: string, place: string): string => `set:${visit}:${place}`;
export const drawerKey = (part: string): string => `bin:${part}`;

/** A wait for parts that somebody wrote by hand. */
export type Awaited = Omit<SetPlace, "place"> & { wait: string; text: string };

/** Sets that wait for parts by hand. @param ordered entries of waits that belong to an order */
export const awaitedByHand = (sets: readonly OrderingSet[], ordered: ReadonlySet<string>): Awaited[] =>
  sets.toSorted(bySoonest).flatMap(({ job, name, input: { settled, now, visitId } }) =>
    openPoints(settled, now)
      .filter((point) => point.visitId === visitId && point.waits === "parts" && !ordered.has(point.id))
      .map(({ id, text }) => ({ visit: visitId, job, set: name, wait: id, text })),
  );

/** Whose turn it is when the stock does not go round: what was promised first, then by its number. */
export const bySoonest = (a: Pick<OrderingSet, "promised" | "job">, b: Pick<OrderingSet, "promised" | "job">): number =>
  (a.promised ?? "9").localeCompare(b.promised ?? "9") || a.job - b.job;

/** Why a part is not ordered yet as a rule: the owner has not agreed, or somebody wrote that it is on its way. */
function heldFor(set: OrderingSet): (place: string) => string | undefined {
  const { settled, now, visitId } = set.input;
  const open = openPoints(settled, now).filter((point) => point.visitId === visitId);
  if (!set.agreed) return () => "the owner has not agreed yet";
  const owner = open.find(({ waits }) => waits === "owner");
  if (owner) return () => `waits for the owner: ${owner.text}`;
  const parcels = open.filter(({ waits }) => waits === "parts");
  return (place) => {
    const plain = place.replaceAll(/[^A-Za-z\d]/g, "\\$&");
    const named = new RegExp(`(?<![A-Z\\d])${plain}(?![A-Z\\d])`, "i");
    const parcel = parcels.find(({ text }) => named.test(text));
    return parcel ? `waited for already: ${parcel.text}` : undefined;
  };
}

/** Tubes that a test found bad, by place, which the stock cannot replace. */
function tubesLacking(set: OrderingSet, stock: readonly StockItem[], taken: Map<string, number>): [string, string][] {
  return tubePlaces(set.input).flatMap((place): [string, string][] => {
    const last = place.records.findLast(({ current }) => current);
    if (last?.verdict !== "bad") return [];
    const type = typeIn(place.drawn);
    const mine = stock.map((item) => ({ ...item, reservedHere: set.reserved.get(item.id) ?? 0 }));
    const inStock = (type ? stockedTubes(mine, type) : []).find((item) => {
      const test = item.tests.at(-1);
      const good = !test || judgeStored(test).verdict !== "bad";
      return good && freeOf(item) - (taken.get(item.id) ?? 0) > 0;
    });
    if (inStock) {
      taken.set(inStock.id, (taken.get(inStock.id) ?? 0) + 1);
      return [];
    }
    return [[place.position, place.drawn]];
  });
}

/**
 * What all sets lack that the stock cannot give, the stock dealt out among them once.
 * @param stock with nothing set aside for a visit of its own
 * @param year now, for the age of electrolytics
 */
export function setWants(sets: readonly OrderingSet[], stock: readonly StockItem[], year: number): Want[] {
  const shelves = readStock(stock);
  const taken = new Map<string, number>();
  return sets.toSorted(bySoonest).flatMap((set): Want[] => {
    const { visitId } = set.input;
    const held = heldFor(set);
    const filled = allocate(recapOf(set.input), reshelved(shelves, set.reserved), year, new Map(), new Map(taken));
    const pieces = new Map<string, number>();
    for (const { id } of filled.flatMap((line) => line.filled.flatMap(({ chosen }) => chosen?.items ?? [])))
      pieces.set(id, (pieces.get(id) ?? 0) + 1);
    // What was set aside for this set is nobody else's loss.
    for (const [id, count] of pieces)
      taken.set(id, (taken.get(id) ?? 0) + Math.max(0, count - (set.reserved.get(id) ?? 0)));
    const want = (place: string, ask: Want["ask"]): Want => {
      const why = held(place);
      return {
        key: placeKey(visitId, place),
        for: { to: "set", visit: visitId, job: set.job, set: set.name, place },
        pieces: 1,
        ask,
        ...(set.promised ? { promised: set.promised } : {}),
        ...(why ? { held: why } : {}),
      };
    };
    return [
      ...shortages(filled).map((need) => want(need.designator, need)),
      ...tubesLacking(set, stock, taken).map(([place, marking]) => want(place, { kind: "tube", marking })),
    ];
  });
}

/**
 * A drawer is filled up to so many times its reorder point. Shop rule.
 * @example ordered again at 5 pieces with 3 there: 7 more
 */
export const FILL_UP = 2;

/** Drawers that have reached their reorder point, with what fills them up again. */
export const drawerWants = (stock: readonly StockItem[]): Want[] =>
  stock.filter(isLow).map((item) => {
    const { id: part, code, bin, kind, onHand, reserved, reorderAt } = item;
    return {
      key: drawerKey(part),
      for: { to: "bin", part, code, bin },
      pieces: Math.max(1, FILL_UP * (reorderAt ?? 0) - (onHand - reserved)),
      ask: { kind, marking: printMarking(item) },
    };
  });

/** What is still to be ordered: pieces that are on order already are taken off. */
export const notOnOrder = (wants: readonly Want[], onOrder: ReadonlyMap<string, number>): Want[] =>
  wants.flatMap((want) => {
    const pieces = want.pieces - (onOrder.get(want.key) ?? 0);
    return pieces > 0 ? [{ ...want, pieces }] : [];
  });
