import type { Rewrite } from "./types";

/** How long, when and how well, in the words and in the order that the lexicon has. */

const UNIT = "(?:seconds?|minutes?|hours?)";
const NUMBERS: Record<string, string> = {
  two: "2",
  three: "3",
  four: "4",
  five: "5",
  six: "6",
  seven: "7",
  eight: "8",
  nine: "9",
  ten: "10",
  eleven: "11",
  twelve: "12",
  fifteen: "15",
  twenty: "20",
  "twenty[- ]five": "25",
  thirty: "30",
  "forty[- ]five": "45",
  forty: "40",
  fifty: "50",
  sixty: "60",
  ninety: "90",
};

const HOW_LONG: readonly Rewrite[] = [
  // What it does for a second is not warmth.
  [/\bfor (?:an?|one|half a|a split|a brief|a short) (?:second|moment|instant)\b/g, "briefly"],
  [
    /\b(?:(?:still |goes on |keeps(?: on)? )?play(?:s|ing) )?(?:for )?(?:a few |some |several |\w+ )?(?:seconds?|minutes?) after (?:switching|turning|being switched|being turned|it is switched|i switch|i turn)(?: it)? off\b/g,
    "",
  ],
  [/\bmins?\b/g, "minutes"],
  [/\bsecs?\b/g, "seconds"],
  [/\bhrs?\b/g, "hours"],
  [new RegExp(`\\b(?:a )?couple(?: of)? (?=${UNIT}\\b)`, "g"), "2 "],
  [new RegExp(`\\b(?:some|several) (?=${UNIT}\\b)`, "g"), "a few "],
  [/\b(first|last|good) a (?=few\b)/g, "$1 "],
  ...Object.entries(NUMBERS).map(([word, figure]): Rewrite => [
    new RegExp(`\\b${word}(?= (?:(?:or|to) \\w+ )?${UNIT}\\b)`, "g"),
    figure,
  ]),
];

const SUBJECT =
  "(?:i|you|one|we|it|he|she|the|this|my|an?|any|some\\w+|keyed|tapped|hit|touched|moved|knocked|thumped|switched|turned|switching|turning|warm|hot|cold|cool|tuned|transmitting|receiving)";
const WHEN: readonly Rewrite[] = [
  [
    new RegExp(
      `\\b(?:whenever|as soon as|as often as|(?:every|each|any) ?time(?: that)?|the (?:moment|instant|second)|once|(?<!\\bas )if|in case) (?=${SUBJECT}\\b)`,
      "g",
    ),
    "when ",
  ],
];

const HOW_WELL: readonly Rewrite[] = [
  [
    /(?<=\b(?:works?|worked|plays?|played|sounds?|sounded|is|are|was|were|receives?|transmits?|runs|performs?) (?:just |quite |very |absolutely |all |really )?)(?:great|superb(?:ly)?|brilliant(?:ly)?|wonderful(?:ly)?|marvellous(?:ly)?|flawless(?:ly)?|faultless(?:ly)?|beautiful(?:ly)?|splendid(?:ly)?|excellent(?:ly)?|fantastic(?:ally)?|fabulous(?:ly)?|terrific|super|perfectly|properly|okay|impeccabl[ey]|nicely)(?= ?(?:$|[,;.]|\b(?:but|and|except|until|on|in|for|when|after|with|at|apart|though|now|again|otherwise|then)\b))/g,
    "fine",
  ],
  [
    /\b(radio|set|fm|am|receiver|transmitter|receive|transmit|reception|mic\w*|ptt|sound|audio|phono) (?:is|are|seems) (?:broken|bust|busted|faulty|defective)(?! (?:up|in))\b/g,
    "$1 is dead",
  ],
];

/** “When it is warm, the sound goes” is “the sound goes when it is warm”. */
const LAST: readonly Rewrite[] = [
  [
    /(?<=^|[.;] ?)((?:when|after|until|while|within|during) [^,;.]+), (?!then\b|but\b|and\b|or\b|so\b|not\b|after\b|when\b|it just\b)([^,;.]+?)(?= ?(?:$|[,;.]|\b(?:but|and)\b))/g,
    "$2 $1",
  ],
];

const THINGS: readonly Rewrite[] = [
  // What comes in by the phono input.
  [
    /\b(?:when|with) (?:(?:i|you|we|one) (?:plug in|connect|hook up|attach|use|plug|put on|put) )?(?:an? |the |my )?(?:record player|gramophone|cd player|tape recorder|turntable|telephone|mp3 player|bluetooth \w+)(?: in| on| to it| into it| plugged in| connected| attached)? (?:it|the set) (?=works|plays|sounds|hums|is)/g,
    "phono ",
  ],
  // The eye closes on a station, the S-meter moves with the signal.
  [
    /\b(reacts?|responds?|moves?|closes?|deflects?) (?:to|on|with|for) (?:the |any |an? |all |strong |strongest |local )*(?:stations?|signals?|tuning)\b/g,
    "$1",
  ],
  // “It howls as soon as the BFO is on” speaks of the set.
  [
    /(?<!\bno )\b(howls?|whistles?|hums?|buzz\w*|crackles?|hiss\w*|squeals?|distorts?|drifts?)((?: \w+)?) (?:when|with) the (?:bfo|agc|avc|limiter|noise limiter)(?: is)? (?:turned |switched )?(?:on|in)\b/g,
    "$1$2",
  ],
  // Others hear what it transmits.
  [
    /\b(?:my contacts?|other stations|other operators|the other (?:side|end|station|operator)|my reports|on.?air reports) (?:tells?|told|says?|said|reports?|reported|complains?|complained)(?: me| us)?(?: that| about| of)? /g,
    "on transmit ",
  ],
  [
    /\b(?:reception |it |sound |volume )?(?:improves|is better|gets better|plays better|gets louder|is louder) when (?:i|you|one) (?:hold|touch|grab|put (?:a|my) (?:hand|finger) (?:on|to|near)) (?:the )?(?:aerial|antenna)(?: wire| lead| terminal| socket)?\b/g,
    "is weak",
  ],
];

export const USUAL: readonly Rewrite[] = [...HOW_LONG, ...WHEN, ...HOW_WELL, ...LAST, ...THINGS];
