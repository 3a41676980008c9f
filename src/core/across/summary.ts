import { handedBackOf, type HandedBack } from "../exchange";
import { designatorsIn, ofKind } from "../kinds";
import { modelName } from "../model";
import { leftOf, type Left } from "../plan";
import { boardState, foundIn, type BoardState, type FoundOnce } from "../visit";
import { asBuilt, originality } from "../history";
import { agedIn } from "./aged";
import { failedIn, type Failed } from "./failures";
import type { FileOf } from "./file";
import { holdingsOf, type Holding } from "./holders";
import { staysOf, type Stay } from "./stays";
import { returnOf, type Return } from "./warranty";

/** A visit that is not handed back, and where it stands. */
export type OpenVisit = {
  visitId: string;
  job: number;
  openedAt: string;
  state: BoardState;
  left: Left;
  back?: Return;
};

/**
 * What questions over all sets ask of one: a cache of the fold of its log. It can be made anew at any time, and says
 * nothing that the log does not.
 */
export type Summary = {
  stays: Stay[];
  open: OpenVisit[];
  holdings: Holding[];
  failed: Failed[];
  findings: FoundOnce[];
  /** the last hand-back, while the set is away: services and warranties follow from it */
  handedBack: HandedBack | null;
  /** when something was last written about it */
  lastAt: string | null;
  /** texts that are searched letter by letter */
  text: string;
  /** words that are searched as a whole: designators, numbers of jobs */
  words: string[];
};

/** Later than anything that a log can say: a summary is of all of it. */
const EVER = "9999-12-31T00:00:00.000Z";

/** Most of a log's own texts that are searched, characters: of a long life the latest. */
const LONGEST_TEXT = 20_000;

/** A telephone number in one piece, beside how it is written. */
const digitsIn = (text: string): string => text.replaceAll(/\D/g, "");

/** The summary of a set. */
export function summaryOf(file: FileOf & { owner: { name: string; contact?: string } }): Summary {
  const { model, owner, settled } = file;
  const aged = agedIn(file);
  const stays = staysOf(file).map((stay): Stay => ({
    ...stay,
    aged: aged.filter(({ visitId }) => visitId === stay.visitId),
    ...(stay.closedAt ? { original: originality(asBuilt(settled, model.sheet, stay.closedAt)).share } : {}),
  }));
  const said = settled.flatMap(({ content }): string[] => {
    if (content?.kind === "note") return [content.payload.text];
    if (content?.kind === "take-in") return [content.payload.complaint];
    return content?.kind === "symptom" ? [content.payload.what] : [];
  });
  const contact = owner.contact ?? "";
  const fixed = [modelName(model), model.designation, file.serial, owner.name, contact, digitsIn(contact)];
  const designators = [
    ...model.sheet.components.map(({ designator }) => designator),
    ...model.sheet.tubes.map(({ position }) => position),
    ...settled.flatMap(({ content }) => (content ? designatorsIn(content) : [])),
    ...ofKind(settled, "part-work").flatMap(({ content }) => (content.payload.now ?? []).map((now) => now.designator)),
  ];
  return {
    stays,
    open: stays
      .filter(({ closedAt }) => closedAt === undefined)
      .map(({ visitId, job, openedAt }) => {
        const input = { sheet: model.sheet, year: model.year, settled, visitId, now: EVER };
        const state = boardState(input);
        const back = returnOf(stays, visitId, model.sheet);
        return { visitId, job, openedAt, state, left: leftOf(input, state.sheet), ...(back ? { back } : {}) };
      }),
    holdings: holdingsOf(file, EVER),
    failed: failedIn(file),
    findings: foundIn(file),
    handedBack: handedBackOf(settled, file.visits) ?? null,
    lastAt: settled.reduce<string | null>((last, { at }) => (last === null || at > last ? at : last), null),
    text: [...fixed, said.join("\n").slice(-LONGEST_TEXT)].filter(Boolean).join("\n"),
    words: [
      ...new Set([
        ...designators.filter(Boolean).map((one) => one.toUpperCase()),
        ...stays.map(({ job }) => String(job)),
      ]),
    ],
  };
}
