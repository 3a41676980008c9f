/** The stock: lines and what they say, moves and balances, labels, lists in and out. */
export { labelCode, labelNumber, readScan, type Scan } from "./code";
export {
  freeOf,
  fromStockOf,
  isCapacitor,
  isLow,
  lastShare,
  quantityOfKind,
  specOf,
  STOCK_KINDS,
  stockFieldsSchema,
  type StockFields,
  type StockItem,
  type StockKind,
  type StockTest,
} from "./item";
export {
  balanceOf,
  counted,
  issue,
  MOVE_KINDS,
  MOVE_WORDS,
  reserve,
  reservedFor,
  type Balance,
  type Move,
  type MoveKind,
  type Planned,
} from "./moves";
export { priceListTable, type Offer } from "./price-list";
export { describeItem, printMarking, sortValue, STOCK_TABLE, stockKey, type StockRow } from "./table";
