import type { Offer } from "../stock";

/** What a supplier asks beside the price of the parts. Money in minor units of the shop's currency. */
export type SupplierTerms = {
  supplier: string;
  /** goods below this are not sent */
  minimumMinor: number;
  postageMinor: number;
  /** from here on the postage is theirs; null: never */
  freeFromMinor: number | null;
  /** working days from the order to the bench; null: nobody knows */
  deliveryDays: number | null;
};

/** Something that is wanted, with who has it: at most one article of each supplier. */
export type Wanted = { key: string; pieces: number; offers: readonly Offer[] };

/** An article of an order, and what it is for. */
export type BasketLine = { offer: Offer; wants: string[]; wanted: number; pieces: number; minor: number };

/** What one supplier gets to send. */
export type Basket = {
  supplier: string;
  lines: BasketLine[];
  goodsMinor: number;
  postageMinor: number;
  /** what is missing to the least order */
  shortMinor: number;
};

export type Split = { baskets: Basket[]; nowhere: string[]; totalMinor: number };

/** Which article is taken for which want. */
type Assignment = ReadonlyMap<string, Offer>;

const NO_TERMS = { minimumMinor: 0, postageMinor: 0, freeFromMinor: null, deliveryDays: null };

/** Postage of goods by a supplier's terms, minor units; nothing is known of a supplier without any. */
export const postageOf = (goodsMinor: number, terms: SupplierTerms | undefined): number => {
  const { postageMinor, freeFromMinor } = terms ?? NO_TERMS;
  return freeFromMinor !== null && goodsMinor >= freeFromMinor ? 0 : postageMinor;
};

/** Pieces that have to be bought: whole packs. @example 7 pieces in packs of 5: 10 */
export const inPacks = (pieces: number, pack: number): number => Math.ceil(pieces / Math.max(1, pack)) * pack;

function basketsOf(wanted: readonly Wanted[], taken: Assignment, terms: ReadonlyMap<string, SupplierTerms>): Basket[] {
  const lines = new Map<Offer, BasketLine>();
  for (const { key, pieces } of wanted) {
    const offer = taken.get(key);
    if (!offer) continue;
    const line = lines.get(offer) ?? { offer, wants: [], wanted: 0, pieces: 0, minor: 0 };
    line.wants.push(key);
    line.wanted += pieces;
    line.pieces = inPacks(line.wanted, offer.pack);
    line.minor = line.pieces * offer.priceMinor;
    lines.set(offer, line);
  }
  const suppliers = [...new Set([...lines.keys()].map(({ supplier }) => supplier))].sort();
  return suppliers.map((supplier): Basket => {
    const mine = [...lines.values()].filter(({ offer }) => offer.supplier === supplier);
    const goodsMinor = mine.reduce((sum, { minor }) => sum + minor, 0);
    const { minimumMinor } = terms.get(supplier) ?? NO_TERMS;
    return {
      supplier,
      lines: mine,
      goodsMinor,
      postageMinor: postageOf(goodsMinor, terms.get(supplier)),
      shortMinor: Math.max(0, minimumMinor - goodsMinor),
    };
  });
}

/** What has to be paid: what is missing to a least order is paid for as well. */
const totalOf = (baskets: readonly Basket[]): number =>
  baskets.reduce((sum, { goodsMinor, postageMinor, shortMinor }) => sum + goodsMinor + postageMinor + shortMinor, 0);

type Question = {
  wanted: readonly Wanted[];
  terms: ReadonlyMap<string, SupplierTerms>;
  total: (taken: Assignment) => number;
};

/** Moves one want after the other to another supplier for as long as that saves money. */
function improved({ wanted, total }: Question, start: Assignment): Assignment {
  const taken = new Map(start);
  let least = total(taken);
  for (let better = true; better;) {
    better = false;
    for (const { key, offers } of wanted)
      for (const offer of offers) {
        const before = taken.get(key);
        if (!before || before === offer) continue;
        taken.set(key, offer);
        const now = total(taken);
        if (now < least) {
          least = now;
          better = true;
        } else taken.set(key, before);
      }
  }
  return taken;
}

/** Up to so many suppliers every choice of them is tried; of more, each is left out once. */
const MOST_TRIED = 7;

/** Choices of suppliers that are worth a look. */
function choicesOf(suppliers: readonly string[]): ReadonlySet<string>[] {
  if (suppliers.length > MOST_TRIED)
    return [new Set(suppliers), ...suppliers.map((left) => new Set(suppliers.filter((one) => one !== left)))];
  return Array.from(
    { length: 2 ** suppliers.length - 1 },
    (_, bits) => new Set(suppliers.filter((_one, index) => ((bits + 1) >> index) & 1)),
  );
}

/**
 * Each want from the cheapest of these suppliers; undefined where one of them is had elsewhere alone.
 * @param first whoever gets all that they have, whatever it costs: a least order may be reached that way
 */
function fromThese(wanted: readonly Wanted[], suppliers: ReadonlySet<string>, first?: string): Assignment | undefined {
  const taken = new Map<string, Offer>();
  const dear = ({ supplier }: Offer) => (first === undefined || supplier === first ? 0 : 1);
  for (const { key, pieces, offers } of wanted) {
    const [cheapest] = offers
      .filter(({ supplier }) => suppliers.has(supplier))
      .sort(
        (a, b) => dear(a) - dear(b) || a.priceMinor * inPacks(pieces, a.pack) - b.priceMinor * inPacks(pieces, b.pack),
      );
    if (!cheapest) return undefined;
    taken.set(key, cheapest);
  }
  return taken;
}

/**
 * Divides what is wanted among suppliers so that goods in whole packs, postage and least orders come to as little as can
 * be found: from every choice of suppliers on, wants are moved for as long as that saves money.
 * @param chosen who shall have what, said by hand: the supplier by want
 * @example three film capacitors at 0.60, or 0.38 with 6.00 postage: all from the first
 */
export function split(
  wanted: readonly Wanted[],
  suppliers: readonly SupplierTerms[],
  chosen: ReadonlyMap<string, string> = new Map(),
): Split {
  const terms = new Map(suppliers.map((one) => [one.supplier, one]));
  const had = wanted
    .filter(({ offers }) => offers.length > 0)
    .map((one) => {
      const mine = one.offers.filter(({ supplier }) => supplier === chosen.get(one.key));
      return mine.length > 0 ? { ...one, offers: mine } : one;
    });
  const question: Question = { wanted: had, terms, total: (taken) => totalOf(basketsOf(had, taken, terms)) };
  const names = [...new Set(had.flatMap(({ offers }) => offers.map(({ supplier }) => supplier)))].sort();
  const all = new Set(names);
  const starts = [
    ...choicesOf(names).map((choice) => fromThese(had, choice)),
    ...names.map((first) => fromThese(had, all, first)),
  ];
  const [best] = starts
    .flatMap((start) => {
      if (!start) return [];
      const taken = improved(question, start);
      const baskets = basketsOf(had, taken, terms);
      return [{ baskets, totalMinor: totalOf(baskets) }];
    })
    .sort((a, b) => a.totalMinor - b.totalMinor || a.baskets.length - b.baskets.length);
  return {
    baskets: best?.baskets ?? [],
    nowhere: wanted.filter(({ offers }) => offers.length === 0).map(({ key }) => key),
    totalMinor: best?.totalMinor ?? 0,
  };
}
