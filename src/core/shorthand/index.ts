/** Pieces of the bench line: what every reader of a line works with. */
export { asWords } from "./as-words";
export { clause, clauses, escaped, headAndTail, list, numberIn, tailOf, type Clause } from "./clauses";
export {
  onTape,
  payloadOf,
  type HandBackRules,
  type LineContext,
  type ReadContext,
  type RunInHand,
  type SetupInForce,
  type TapeEntry,
} from "./context";
export { figuresOfTest } from "./figures";
export { headOf, unknownDesignator, type Head } from "./designators";
export { longest, markingAt, piece, quantityAt, rewrite, take, textOf, type Piece } from "./piece";
export { asQuoted, asRemark, looksLikeMore, remarkAt } from "./remark";
export {
  got,
  notUnderstood,
  readAs,
  refer,
  stop,
  type LineDraftOf,
  type LinePayload,
  type LineProblem,
  type LineChoice,
  type LineQuestion,
  type LineReading,
  type LineResultOf,
  type NumberOf,
  type PieceRead,
  type TapeLine,
} from "./result";
