/** A test of the search in a technician's own words, as the line that it is: `bridged C1: hum gone` is `bridge C1 = cured`. */

type Answer = readonly [outcome: string, words: RegExp];

const HEARD = "(?:the )?(?:hum|buzz(?:ing)?|noise|hiss|whistle|howl|motorboating|distortion|crackl(?:e|ing)|fault)";
const BEFORE =
  "^(?:(?:it|that|this|which|sound|signal|tone) )?(?:is |was |has |had |comes (?:out|through) |sounds |gives |makes )?";
const starts = (words: string) => new RegExp(`${BEFORE}(?:${words})(?![\\w-])`, "i");

const SOUND: readonly Answer[] = [
  [
    "dead",
    starts(
      "nothing|lost|gone|missing|silent|silence|dead|not a sound|no (?:sound|hum|buzz|signal|output|audio|tone|click|noise)",
    ),
  ],
  ["weak", starts("(?:only |very |quite |a |rather |just )*(?:weak|faint|low|quiet|soft|little|whisper)")],
  ["distorted", starts("(?:badly |very |quite |slightly )?(?:distorted|harsh|rough|mushy|raspy|garbled)")],
  [
    "fine",
    starts(
      "(?:a |very |quite |nice )*(?:loud|strong|good|clear|clean|fine|ok|normal|plays|hums?|buzz(?:es)?|clicks?|pops?|crackles?|full|present|there)",
    ),
  ],
];
const UNCHANGED =
  "no (?:change|difference|effect|better|improvement|help)|(?:does|did)(?: not|n't) (?:help|change|cure|matter)|(?:the )?same(?: as before)?|unchanged|still (?:hums?|buzz(?:es)?|dead|weak|distorted|howls?|the same|there|noisy)";
const STAYS = `${HEARD}(?: is)?(?: still)? (?:stays|remains|there|the same|unchanged|as (?:loud|strong|bad)(?: as)?(?: before)?)`;
const GOES = `${HEARD}(?: is| has| was)?(?: much| nearly| almost| quite| completely)* (?:gone|stops?|stopped|goes(?: away)?|went(?: away)?|disappears?|disappeared|cured|better|less|drops?)`;
const CURES: readonly Answer[] = [
  ["same", starts(`${UNCHANGED}|${STAYS}`)],
  [
    "cured",
    starts(
      `${GOES}|no (?:more )?(?:hum|noise|buzz|whistle|howl)(?: (?:any more|now))?|cured?|(?:cures|stops|kills|takes away|removes|quiets) (?:it|the \\w+)|gone|(?:much |a lot |far )?(?:better|louder|stronger|clearer)|works|plays|helps|fixes it|quiet|comes (?:back|alive)|ok now`,
    ),
  ],
];
const REACTS: readonly Answer[] = [
  [
    "still",
    starts(
      `nothing|no (?:reaction|change|effect|noise|crackle|difference)|(?:does|did)(?: not|n't) react|quiet|steady`,
    ),
  ],
  [
    "reacts",
    starts(
      "(?:it )?(?:reacts|crackles?|crackling|noise|noisy|cuts? (?:in and )?out|comes (?:and goes|back)|goes (?:off|dead|away|quiet)|rings?|ringing|pings?|microphonic|pops?|changes|cuts (?:the|it)|stops (?:the|it)|makes (?:it|the \\w+) \\w+|dies|plays|sound (?:comes|goes))",
    ),
  ],
];
const NOISE: readonly Answer[] = [
  ["noisy", starts(`${UNCHANGED}|${STAYS}|(?:still )?noisy`)],
  ["quiet", starts(`${GOES}|quiet|silent|no (?:more )?(?:noise|hiss|crackl\\w+)`)],
];
const HUM: readonly Answer[] = [
  ["?", starts(`${UNCHANGED}|${STAYS}`)],
  ["none", starts(`${GOES}|quiet|no (?:more )?(?:hum|buzz)`)],
];

const CHECKED: readonly Answer[] = [
  ["good", starts("good|ok|fine|sound|passes")],
  [
    "bad",
    starts(
      "(?:very |quite |slightly )?(?:bad|leaky|leaks?|open|short(?:ed)?|drifted|failed|dead|weak|worn|dirty|dry|broken|low|high)",
    ),
  ],
];

/** What is done, as it is said; `only` says of which places it is a test at all. */
type Doing = { said: RegExp; act: string; answers: readonly Answer[]; only?: RegExp; never?: RegExp };

const A_TONE = "(?:an? |the )?(?:(?:signal |audio |rf )?generator|tone|\\d[\\d.,]* ?[kM]?Hz(?: (?:tone|signal))?)";
const A_SIGNAL = `(?:${A_TONE}|(?:an? |the )?signal)`;
const doing = (
  said: string,
  act: string,
  answers: readonly Answer[],
  rest: Pick<Doing, "only" | "never"> = {},
): Doing => ({
  said: new RegExp(`^(?:i )?(?:${said})\\s+(?:the )?`, "i"),
  act,
  answers,
  ...rest,
});
const OF_ITS_OUTPUT = /\b(plate|anode|collector|output transformer)\b/i;
const OF_ITS_INPUT = /\b(grid|base|input|top cap)\b/i;
const A_TUBE = /\b(?:(?:V|Q|TR)\d{1,2}|tube|valve)\b/i;
const A_PART = /^(?:[CRLTVQ]|TR)\d/i;
const THE_CABINET = /^(?:cabinet|set|case|side|top|chassis|it)\b/i;
const DOINGS: readonly Doing[] = [
  doing(
    "bridg(?:ed|ing)|(?:clipped |put )?(?:an? )?(?:good |known good |test |new )?(?:cap(?:acitor)?|condenser|[\\d.]+ ?(?:[uµn]F?|MFD|mfd)\\S*) across",
    "bridge",
    CURES,
  ),
  doing("(?:finger|screwdriver) on|touch(?:ed|ing)?", "finger", SOUND, { only: /\bvolume\b/i }),
  doing("(?:finger|screwdriver) on|touch(?:ed|ing)?", "inject", SOUND, { only: OF_ITS_INPUT }),
  doing(`(?:inject(?:ed|ing)?|fed|feeding)(?: ${A_SIGNAL})?(?: (?:in|into|to|at|on))?`, "inject", SOUND, {
    never: OF_ITS_OUTPUT,
  }),
  doing(
    `(?:put |putting |applied )?${A_SIGNAL} (?:(?:injected |fed |applied )(?:in|into|to|at|on)|in|into|to)|${A_TONE} (?:at|on)`,
    "inject",
    SOUND,
    { never: OF_ITS_OUTPUT },
  ),
  doing("(?:trac(?:ed|ing)|tracer|scoped?|probe|listened|listening|signal) (?:on|at|to|after|behind)", "trace", SOUND, {
    never: OF_ITS_INPUT,
  }),
  doing("(?:tapp?(?:ed|ing)?|knock(?:ed|ing)?|thump(?:ed|ing)?|hit(?:ting)?)(?: on| at)?", "thump", REACTS, {
    only: THE_CABINET,
  }),
  doing("(?:tapp?(?:ed|ing)?|knock(?:ed|ing)?|flick(?:ed|ing)|wiggl(?:ed|ing))(?: on| at)?", "tap", REACTS),
  doing(
    "froze|freez(?:e|ing)|cool(?:ed|ing)|(?:cold |freezer? )?spray(?:ed|ing)?(?: on)?|heat(?:ed|ing)|warm(?:ed|ing)",
    "freeze",
    REACTS,
  ),
  doing(
    "swapp?(?:ed|ing)?|tried (?:another|an? (?:new|good|different|known good))|substitut(?:ed|ing)|exchang(?:ed|ing)",
    "swap",
    CURES,
  ),
  doing("pull(?:ed|ing)?(?: out)?|unplugg(?:ed|ing)|remov(?:ed|ing)|took out|taking out|with", "pull", HUM, {
    only: A_TUBE,
  }),
  doing("(?:with |on )?(?:tried )?(?:another|an? (?:long|longer|better|different|outdoor))", "aerial", CURES, {
    only: /^(?:antenna|aerial)\b/i,
  }),
  doing("check(?:ed|ing)?", "check", CHECKED, { only: A_PART }),
  doing("ground(?:ed|ing)", "agc-off", CURES, { only: /^(?:agc|avc)\b/i }),
  doing("ground(?:ed|ing)", "ground", NOISE, { never: /^(?:agc|avc)\b/i }),
];

/** What is said last, said first: `hum gone with C1 bridged`, `V3 crackles when tapped`. */
const DONE = "tapped|touched|heated|warmed|cooled|frozen|sprayed|swapped|bridged|grounded|pulled|removed";
const AS_DONE: Record<string, string> = { touched: "touching", frozen: "froze", out: "pulled", cooled: "froze" };
const TURNED: readonly (readonly [RegExp, string])[] = [
  [
    new RegExp(
      `^(.+?),? (?:when|with|if|while|on|after|by) ((?:touch|tapp|inject|bridg|ground|pull|swapp|heat|cool|freez|warm)ing .+)$`,
      "i",
    ),
    "$2: $1",
  ],
  [new RegExp(`^(\\S+) (.+?) (?:when|if|while) (${DONE})$`, "i"), "$3 $1: $2"],
  [new RegExp(`^(.+?),? (?:with|when|if) (.+?) (?:is )?(${DONE}|out)$`, "i"), "$3 $2: $1"],
  [
    /^(no|weak|faint|good|strong|distorted|clean|loud) (?:signal|audio|sound|tone) (?:at|on|after|behind) (.+)$/i,
    "signal at $2: $1 signal",
  ],
  [new RegExp(`^(.+?) (?:is |was )?(${DONE})[:,] (.+)$`, "i"), "$2 $1: $3"],
  [
    /^(?:signal|audio|sound|tone) (?:is )?(ok|good|fine|loud|weak|faint|distorted|present|there|lost|gone|missing|dead) (?:at|on|after|behind) (.+)$/i,
    "signal at $2: $1",
  ],
  [/^(nothing) (?:at|on|after|behind) (.+)$/i, "signal at $2: $1"],
];

/** Where a place may end and an answer begin. */
const BETWEEN = /\s*[:;,]\s*|\s+(?:gives?|gave|makes?|made|brings?|and|then|->|→|-|—)\s+(?:it\s+|an?\s+)?|\s+/g;
const SMALL =
  /\b(?:the|(?:with|by|using|for|in its (?:socket|clip)) .*|in its (?:socket|clip)|out|pulled|line|bus|stage)\b/gi;
const placeOf = (text: string) =>
  text
    .replace(SMALL, " ")
    .replace(/\b(?:base|top cap)\b/i, "grid")
    .replace(/^\S+ (?:in|at|for) (?=V\d)/i, "")
    .replaceAll(/\s+/g, " ")
    .trim();

/** Tests of the whole set: they name no place. */
const WHOLE: ReadonlySet<string> = new Set(["finger", "agc-off", "aerial", "thump"]);

/** What comes behind an answer may turn it round: “works no better”, “hum gone but it crackles”. */
const TURNS_ROUND = /\b(?:not|no|never|nor|but|only|until|then|except)\b|n't\b/i;
function outcomeOf(answer: string, answers: readonly Answer[]): string | undefined {
  for (const [outcome, words] of answers) {
    const found = words.exec(answer);
    if (found) return TURNS_ROUND.test(answer.slice(found[0].length)) ? undefined : outcome;
  }
  return undefined;
}

function asLine(text: string): string[] {
  return DOINGS.flatMap(({ said, act, answers, only, never }) => {
    const [head] = said.exec(text) ?? [];
    if (head === undefined) return [];
    const rest = text.slice(head.length);
    for (const { index, 0: mark } of rest.matchAll(BETWEEN)) {
      const [place, answer] = [rest.slice(0, index), rest.slice(index + mark.length)];
      const outcome = outcomeOf(answer, answers);
      if (!outcome || (only && !only.test(place)) || never?.test(place)) continue;
      const where = WHOLE.has(act) ? "" : ` ${placeOf(place)}`;
      return [`${act}${where} = ${outcome}: ${answer}`];
    }
    return [];
  });
}

/** Two hums that may be left when a tube is pulled. */
const WHICH_HUM = ["double", "line"];

/**
 * The lines of the search that a line in a technician's own words may be; several where it does not say which.
 * @example searchWords("bridged C1: hum gone") // ["bridge C1 = cured: hum gone"]
 */
export function searchWords(line: string): string[] {
  // With an equals sign the line says it in the line's own way.
  if (line.includes("=")) return [];
  const text = line.trim().replace(/[.!]$/, "");
  const ways = [text, ...TURNED.flatMap(([pattern, as]) => (pattern.test(text) ? [text.replace(pattern, as)] : []))];
  const [found] = ways.map((way) => way.replace(/^\S+/, (word) => AS_DONE[word.toLowerCase()] ?? word)).flatMap(asLine);
  if (!found) return [];
  return found.includes(" = ?") ? WHICH_HUM.map((hum) => found.replace(" = ?", ` = ${hum}`)) : [found];
}
