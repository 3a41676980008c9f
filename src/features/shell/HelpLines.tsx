import { ALL_LINES } from "@/core/kinds";
import { HelpRows } from "./HelpRows";

/** Every kind of entry tells its own lines; these work on any of them. */
const LINES: [string, string][] = [
  ...Object.values(ALL_LINES).flatMap(({ examples }) =>
    examples.map(({ line, says }): [string, string] => [line, says]),
  ),
  ["C14 -> 0.047/630 from JP00001A7", "a part out of stock, by its label"],
  [
    "amend #12 R7 = 471k because misread",
    "correct an entry: its whole line anew; what a line cannot say stays as it was",
  ],
  ["withdraw #12 because written twice", "withdraw an entry"],
];

/** The lines that can be typed, as the kinds of entries tell them. */
export function HelpLines() {
  return <HelpRows rows={LINES} mono />;
}
