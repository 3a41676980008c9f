import { SO_LONG, lines, type Turn } from "./turned-pieces";

/** Time, approval and waiting. */
export const TURNED_TIME: readonly Turn[] = [
  // owner approved 120 EUR by phone, estimate 120 EUR approved
  [
    lines(
      "(?:the\\s+)?owner\\s+(?:has\\s+)?(?:approved|approves|agreed\\s+to|agrees\\s+to)\\s+(?:up\\s+to\\s+)?(\\S*\\d\\S*(?:\\s?[A-Z]{3}|\\s?€)?)(?:\\s+(?:by|on\\s+the)\\s+(?:phone|telephone))?",
    ),
    "approved $1; by the owner; how phone",
  ],
  [
    lines(
      "estimate\\s+(?:of\\s+)?(\\S*\\d\\S*(?:\\s?[A-Z]{3}|\\s?€)?)\\s+(?:is\\s+|was\\s+)?approved(?:\\s+by\\s+the\\s+owner)?(?:\\s+(?:by|on\\s+the)\\s+(?:phone|telephone))?",
    ),
    "approved $1; by the owner; how phone",
  ],
  // worked 40 min on the dial
  [lines(`(${SO_LONG})\\s+(?:of\\s+)?(?:labour|labor|work)(?:\\s+on\\s+(\\S.*))?`), "labour $1 $2"],
  [
    lines(`wait(?:ing|s)?\\s+for\\s+(?:the\\s+)?owner(?:'s)?(?:\\s+(?:answer|ok|okay|decision|reply|approval))?`),
    "wait owner an answer",
  ],
  [lines(`(?:worked|working)\\s+(?:for\\s+)?(${SO_LONG}(?:\\s.*)?)`), "labour $1"],
];
