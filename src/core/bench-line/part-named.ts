import { knownOf } from "../diagnosis";
import { ELECTROLYTIC_ROLES, roleWord, type Role } from "../model";
import { asWords, notUnderstood, type LineContext, type LineProblem, type LineQuestion } from "../shorthand";

/** A part called by what it does, where the sheet tells which one it is: `V4 cathode resistor burnt -> 390R`. */

type Named = { said: string; letter: "C" | "R"; roles: readonly Role[] };
const CAP = "(?:caps?|capacitors?|condensers?|electrolytics?)";
const RES = "(?:res|resistors?)";
const named = (said: string, letter: Named["letter"], ...roles: Role[]): Named => ({ said, letter, roles });
/** The longer name first. */
const NAMES: readonly Named[] = [
  named(`(?:cathode )?by-?pass(?: ${CAP})?(?! res)`, "C", "cathode-bypass"),
  named(`cathode ${CAP}`, "C", "cathode-bypass"),
  named(`coupling(?: ${CAP})`, "C", "coupling"),
  named(`(?:screen |plate |anode )?(?:decoupling|by-?pass) ${CAP}|screen ${CAP}`, "C", "decoupling"),
  named(`(?:main |first )?(?:reservoir|input filter)(?: ${CAP})?`, "C", "reservoir"),
  named(`(?:smoothing|second filter|output filter)(?: ${CAP})?`, "C", "smoothing"),
  named(`filter ${CAP}|electrolytics?`, "C", ...ELECTROLYTIC_ROLES.filter((role) => role !== "cathode-bypass")),
  named(`(?:avc|agc)(?: line)? ${CAP}`, "C", "avc"),
  named(`tone ${CAP}`, "C", "tone"),
  named(`buffer ${CAP}`, "C", "vibrator-buffer"),
  named(`mains(?: filter)? ${CAP}`, "C", "mains", "mains-to-chassis"),
  named(`cathode ${RES}|bias ${RES}`, "R", "bias"),
  named(`(?:plate|anode)(?: load)? ${RES}|(?:plate|anode) load`, "R", "anode-load"),
  named(`screen(?: dropp\\w+| feed)? ${RES}`, "R", "screen"),
  named(`grid(?:[- ]leak)? ${RES}|grid[- ]leak`, "R", "grid-leak"),
  named(`dropp(?:er|ing)(?: ${RES})?`, "R", "dropper"),
];
const BEFORE =
  "((?:replaced|renewed|changed|exchanged|recapped|checked|bridged|tested|measured|lifted|resoldered|fitted|found|cut)\\s+)?(?:the |old |a new |new )*(both |all |all the )?";
const PLACE = "(?:((?:V|Q|TR)\\d{1,2}|[a-z][a-z0-9]*)(?:'s)?\\s+)??";
const OF = "(?:\\s+(?:of|at|on|in)\\s+(?:the )?((?:V|Q|TR)\\d{1,2}|[a-z]+)(?: stage)?)?";
const READS = NAMES.map(({ said, ...rest }) => ({
  ...rest,
  said: new RegExp(`^${BEFORE}${PLACE}(${said})${OF}(?![\\w-])(.*)$`, "i"),
}));
/** Work: what else is said of a part in passing is no entry of it. */
const WORKED =
  /->|→|=|\b(?:replaced|renewed|changed|leaky|leaks?|open|short(?:ed)?|dry|burnt|cracked|drifted|bad|good|ok|fine|resoldered|removed|bridged|lifted|cut|restuffed)\b/i;
/** A figure at a part that is called a part; what a rail reads is another thing. */
const FIGURE = /^\s*:?\s*[\d.,]+\s*(?!m?V\b)\S/i;
const IS_A_PART = new RegExp(`\\b(?:${CAP}|${RES})$`, "i");
const isOfAPart = (name: string, rest: string) => WORKED.test(rest) || (IS_A_PART.test(name) && FIGURE.test(rest));
const DESIGNATOR = /^\s+[CR]\d{1,3}[a-z]?(?=\s|$)/i;
const MANY = /\b(?:caps|capacitors|condensers|electrolytics|resistors)\b/i;

/** The sheet's parts of these roles, at the place that was named where one was. */
function partsAt(place: string, { letter, roles }: Omit<Named, "said">, { sheet }: LineContext): string[] {
  const { circuit, placed, stageNamed } = knownOf(sheet);
  const inTube = circuit.stages.filter(({ tubes }) => tubes.includes(place.toUpperCase()));
  const stage = stageNamed(place);
  const stages = new Set([...inTube, ...(inTube.length === 0 && stage ? [stage] : [])].map(({ id }) => id));
  const own = sheet.components.filter(({ designator, role }) => designator.startsWith(letter) && roles.includes(role));
  if (place === "") return own.map(({ designator }) => designator);
  const there = new Set(placed.filter((part) => stages.has(part.stage)).map(({ designator }) => designator));
  return own.map(({ designator }) => designator).filter((designator) => there.has(designator));
}

/** What a line with a part by its name is: lines with its designator, or what is missing for one. */
export function partNamed(line: string, context: LineContext): LineQuestion | LineProblem | string | undefined {
  const { sheet } = context;
  for (const { said, ...what } of READS) {
    const [, verb = "", all = "", before = "", name = "", after = "", rest = ""] = said.exec(line.trim()) ?? [];
    // “V4 cathode bypass C9 -> 22u/50” names it twice.
    if (name !== "" && DESIGNATOR.test(rest)) return `${verb}${rest.trim()}`;
    if (name === "" || !(isOfAPart(name, rest) || verb !== "")) continue;
    const place = before || after;
    const tube = /^(?:V|Q|TR)\d/i.test(place);
    if (sheet.components.length === 0 || (place !== "" && !tube && !knownOf(sheet).stageNamed(place))) continue;
    const parts = partsAt(place, what, context);
    const [only, another] = parts;
    if (only === undefined) {
      const where = place === "" ? "" : ` at ${place}`;
      return {
        ...notUnderstood(
          line.length,
          `The sheet has no ${name.toLowerCase()}${where}. Name the part by its designator, like C14.`,
        ),
        choices: asWords(line),
      };
    }
    const lines = parts.map((part) => `${verb}${part}${rest}`);
    const many = all !== "" || MANY.test(name);
    const note = { label: "A note", text: `note ${line.trim()}` };
    if (another === undefined)
      return many
        ? {
            kind: "question",
            question: `The sheet has one ${name.toLowerCase().replace(/s$/, "")} only: ${only}.`,
            choices: [{ label: `${only} alone`, text: lines[0] ?? "" }, note],
          }
        : lines[0];
    return {
      kind: "question",
      question: many ? "Each of them is an entry of its own." : `Which ${name.toLowerCase()}?`,
      choices: many
        ? [{ label: `One after the other: ${lines.join("; ")}`, text: lines[0] ?? "", then: lines.slice(1) }, note]
        : parts.slice(0, 6).map((part, at) => ({ label: told(part, context), text: lines[at] ?? "" })),
    };
  }
  return undefined;
}

function told(designator: string, { sheet }: LineContext): string {
  const { role = "other", stage } = sheet.components.find((part) => part.designator === designator) ?? {};
  return [designator, roleWord(role), stage].filter(Boolean).join(", ");
}

/** Parts of a kind, many at once: what went in is not said, so it is no work on any one of them. */
const MANY_AT_ONCE =
  /^(?:(?:replaced|renewed|changed|recapped)\s+(?:all |both |the |every |most )+|(?:all |both |every |most |the )+)(?:of )?(?:the )?(?:(?:old|other|bad|leaky|paper|wax|film|mica|electrolytic|filter|coupling|bypass|carbon|composition|cathode|audio|output|power|rectifier|small|signal)\s+)*(?:caps|capacitors|condensers|electrolytics|resistors|tubes|valves|lamps|bulbs)\b(?:\s+(?:were |are |have been )?(?:replaced|renewed|changed|recapped|new))?[.!]?$/i;
export const manyAtOnce = (line: string): LineProblem | undefined =>
  MANY_AT_ONCE.test(line.trim())
    ? {
        ...notUnderstood(
          line.length,
          "Each part is an entry of its own, with what went in: C14 -> 47n/630. The recap plan does many at once.",
        ),
        choices: asWords(line),
      }
    : undefined;
