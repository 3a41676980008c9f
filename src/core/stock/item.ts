import { z } from "zod";
import { parsePart, type PartQuantity, type PartSpec } from "../quantity";

/** What a stock line is. */
export const STOCK_KINDS = [
  "electrolytic",
  "film",
  "X",
  "Y",
  "mica",
  "C0G",
  "ceramic",
  "buffer",
  "resistor",
  "tube",
  "transistor",
  "fuse",
  "lamp",
  "hardware",
] as const;
export type StockKind = (typeof STOCK_KINDS)[number];

const CAPACITORS: readonly StockKind[] = ["electrolytic", "film", "X", "Y", "mica", "C0G", "ceramic", "buffer"];
export const isCapacitor = (kind: StockKind): boolean => CAPACITORS.includes(kind);

/** What the marking of a kind says, as a quantity; undefined for what has no value. */
export const quantityOfKind = (kind: StockKind): PartQuantity | undefined =>
  isCapacitor(kind) ? "capacitance" : kind === "resistor" ? "resistance" : undefined;

const line = (most: number) => z.string().trim().max(most);

/** A line of the stock as it is kept; what there is of it follows from its moves. */
export const stockFieldsSchema = z
  .object({
    kind: z.enum(STOCK_KINDS),
    /** value and rating (`0.047 µF 630 V`), the type of a tube, or what it is */
    marking: line(120).min(1, "Say what it is: value and rating, or the type."),
    bin: line(40).default(""),
    maker: line(60).default(""),
    /** the maker's own number of it */
    partNumber: line(60).default(""),
    batch: line(40).default(""),
    supplier: line(60).default(""),
    size: line(40).default(""),
    priceMinor: z
      .number()
      .int()
      .min(0, "A price is not below zero.")
      .max(1e8, "That price is beyond any part.")
      .nullable()
      .default(null),
    currency: z
      .string()
      .regex(/^[A-Z]{3}$/, "A currency is three letters, like EUR.")
      .default("EUR"),
    /** ordered again when there are no more than this */
    reorderAt: z.number().int().min(0, "A reorder point is not below zero.").max(100_000).nullable().default(null),
    /** how long the maker or the shop stands for it */
    warrantyMonths: z.number().int().min(0).max(600).nullable().default(null),
    /** of a tube or a used part: new old stock, pulled from which set, bought from whom */
    provenance: line(200).default(""),
    /** its maker's date, where it ages: electrolytics */
    madeIn: z.number().int().min(1900).max(2100).nullable().default(null),
  })
  .superRefine((fields, context) => {
    const quantity = quantityOfKind(fields.kind);
    if (!quantity) return;
    const parsed = parsePart(fields.marking, {
      quantity,
      ...(fields.kind === "electrolytic" ? { electrolytic: true } : {}),
    });
    const say = (message: string) => context.addIssue({ code: "custom", path: ["marking"], message });
    if (!parsed.ok) return say(parsed.kind === "ambiguous" ? parsed.question : parsed.message);
    if (!parsed.value.sections.every((value) => value > 0)) return say("Enter a value above zero.");
    if ((fields.kind === "X" || fields.kind === "Y") && !parsed.value.safety?.startsWith(fields.kind))
      return say(`A safety-rated part says its class: write ${fields.kind}1 or ${fields.kind}2 behind the value.`);
    if (isCapacitor(fields.kind) && fields.kind !== "X" && fields.kind !== "Y" && parsed.value.volts === undefined)
      return say(
        "A capacitor without its voltage rating cannot be chosen for anything: write it, like 0.047 µF 630 V.",
      );
    return undefined;
  });
export type StockFields = z.infer<typeof stockFieldsSchema>;

/** A test of a tube in stock. */
export type StockTest = {
  at: string;
  test: string;
  /** none where the tube is shorted */
  measured: number | null;
  nominal: number | null;
  /** none where nobody wrote it down */
  shorts: "none" | "found" | null;
  /** electrodes between which they are, `g1-k` */
  between: string;
  gas: "none" | "slight" | "gassy" | null;
  unit: string;
  setup: string;
};

/** A line of the stock with what there is of it. */
export type StockItem = StockFields & {
  id: string;
  /** short code on its label */
  code: string;
  onHand: number;
  reserved: number;
  /** reserved for the visit in question */
  reservedHere: number;
  tests: StockTest[];
  version: number;
};

/** What can still be promised: on hand less what is reserved; for a visit its own reservation counts as free. */
export const freeOf = (item: Pick<StockItem, "onHand" | "reserved" | "reservedHere">): number =>
  item.onHand - item.reserved + item.reservedHere;

/** The marking as a part's spec, where the kind has a value. */
export function specOf(item: Pick<StockFields, "kind" | "marking">): PartSpec | undefined {
  const quantity = quantityOfKind(item.kind);
  if (!quantity) return undefined;
  const parsed = parsePart(item.marking, { quantity, ...(item.kind === "electrolytic" ? { electrolytic: true } : {}) });
  return parsed.ok ? parsed.value : undefined;
}

/** Should it be ordered again? */
export const isLow = (item: Pick<StockItem, "reorderAt" | "onHand" | "reserved">): boolean =>
  item.reorderAt !== null && item.onHand - item.reserved <= item.reorderAt;

/** What the record keeps of a stock line. */
export function fromStockOf(item: StockItem) {
  const { id, code, maker, partNumber, batch, bin, priceMinor, currency, warrantyMonths } = item;
  return {
    part: id,
    code,
    ...(maker ? { maker } : {}),
    ...(partNumber ? { partNumber } : {}),
    ...(batch ? { batch } : {}),
    ...(bin ? { bin } : {}),
    ...(priceMinor === null ? {} : { price: { minor: priceMinor, currency } }),
    ...(warrantyMonths ? { warrantyMonths } : {}),
  };
}

/** Share of nominal by the last test of a stocked tube. */
export function lastShare(item: Pick<StockItem, "tests">): number | undefined {
  const test = item.tests.findLast(({ nominal, measured }) => nominal !== null && measured !== null);
  return test?.nominal && test.measured !== null ? test.measured / test.nominal : undefined;
}
