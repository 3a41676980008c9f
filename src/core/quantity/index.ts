/** Values as the trade writes them: parse, format, colour bands, preferred values. */
export { BEYOND, isMeant, LARGEST, SMALLEST } from "./bounds";
export { positive, signed } from "./schemas";
export { COLOURS, decodeBands, encodeBands, type Banded, type Colour } from "./colours";
export { figuresOf } from "./figure";
export { unitName } from "./unit-name";
export { keepsTo, reaches } from "./edge";
export { ownValue } from "./own-value";
export { format, formatDeviation, printValue, roundTo, type Printed } from "./format";
export { formatMoney, isCurrency, minorIn, parseMoney, parseSum, share, type Money } from "./money";
export { decodeBodyEndDot, decodeDots, DOT_COUNTS, type Dots, type MicaReading } from "./old-codes";
export { notNumber, readNumber, readWhole } from "./number";
export { parseQuantity, type Parsed } from "./parse";
export {
  behindKind,
  formatPart,
  parsePart,
  PART_QUANTITIES,
  quantityOfDesignator,
  SAFETY_CLASSES,
  type PartQuantity,
  type PartRules,
  type PartSpec,
} from "./part";
export { decade, nearestPreferred, SERIES, type Series } from "./preferred";
export { QUANTITIES, QUANTITY_WORDS, type Dialect, type Quantity } from "./units";
export { spread } from "./spread";
