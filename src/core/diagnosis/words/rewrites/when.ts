import type { Rewrite } from "./types";

/** When it plays, and what has to be done to it: knocks, warmth, switches. */
export const WHEN: readonly Rewrite[] = [
  // “Works only after an hour” does not before.
  [
    /\b(?:only (?:works?|plays?|comes? on|comes? alive)|(?:works?|plays?|comes? on|comes? alive) only)(?= (?:after|when|once|if|as soon as) (?!(?:it is |it gets )?(?:cold|cool)\b|(?:i|you|one|it is (?:hit|tapped|knocked|moved|touched|wiggled))\b|(?:tapp|hitt|knock|wiggl|mov|touch))(?:it |the set )?(?:\S+ ){0,5}(?:minutes?|mins?|hours?|hot|warm\w*|while|time)\b)/g,
    "dead",
  ],
  // “Only comes in strong after warm-up” is not so before.
  [
    /\bonly (?:comes? in|comes? up|comes? out|gets?|becomes?|is|plays?|sounds?) (loud|strong|well|good|fine|right|clear|clean|properly)(?= (?:after|when|once|if|as soon as)\b)/g,
    "is not $1",
  ],
  // “One thump and it works again.”
  [
    /\b(?:an?|one|after an?)(?: (?:good|hard|firm|light|gentle|little|small|single|quick))? (thump|tap|knock|slap|bang|bump|kick|hit)(?: (?:on|to|against) [^,;.]*?)?,? and (?:it|the (?:set|sound|radio)|everything)(?: is)? (?:works?|plays?|comes? back|back|goes|runs?|starts?)(?: again| fine| on| to play| playing)*/g,
    "plays when i $1 it",
  ],
  [
    /\b(?:works|plays|receives)(?: \w+)? on (?:the )?(?:local|strong|near|nearby|powerful)(?:s| stations?| ones?)? only\b/g,
    "only locals",
  ],
  [
    /\b(?:cold|freez\w*|cooling) spray(?:ing)? (?:on|onto|over|to) [^,;.]*?(?:brings|cures|restores|helps|makes)\b(?:(?! and | but )[^,;.])*/g,
    "dead when warm",
  ],
  // “Comes on after a long time only.”
  [/\b(works?|plays?|comes? on|comes? alive) ((?:after|when|once|if) [^,;.]*?) only(?= ?(?:$|[,;.]))/g, "dead $2"],
  [/\bfull (?:blast|tilt|throttle|bore)\b/g, "full volume"],
  [
    /\b(?:have|has|need|needs|must|got) (?:to )?(?:wiggle|jiggle|rock|work|clean|exercise) (?:the |its )?((?:band|wave|range|function|mode|volume|tone)(?: change)? (?:switch|control|knob|pot))(?= ?(?:$|[,;.]))/g,
    "$1 needs wiggling",
  ],
  // What else is on in the house is no lamp of the set.
  [
    /\b(?:when|if|while|with|as soon as) (?:the |a |my |some |another )?(?:(?:room |kitchen |neon |fluorescent |desk )?lights?|fridge|tv|television|computer|heater|dimmer|vacuum cleaner|drill)(?: \w+)? (?:is |are |gets? )?(?:switched |turned )?(?:on|off|running)\b/g,
    "",
  ],
  [
    /\b(?:takes|needs|wants|requires) (?:an? )?(?:\w+ )?(knock|thump|tap|slap|kick|bang|hit|bump)s? (?:to (?:start|play|work|get|come|wake|make)|before it)(?:(?! and | but )[^,;.])*/g,
    "plays when i $1 it",
  ],
  [
    /\b(?:comes? back|comes? on|works?|plays?)(?: to life| again)* (?:when|after|if|once) (?:i |you )?(?:switch|turn)(?:ing|ed)? (?:it |the set )?off and on(?: again)?\b/g,
    "cuts out",
  ],
  // “The switch must be pressed to get sound.”
  [
    /\b((?:(?:band|wave|range|tone|volume|first|output|rectifier|mains) )*(?:switch|knob|control|tube|valve|socket|cabinet|plug)) (?:must|has to|needs to) be (wiggled|pressed|pushed|held|moved|tapped|hit|rocked|jiggled)(?: \w+)? (?:to|before it|so that it) (?:get|make|hear|have|play|plays|work|works)\b(?:(?! and | but )[^,;.])*/g,
    "plays when the $1 is $2",
  ],
  [
    /\b(knock|hit|tap|thump|slap|kick|bang)(?: on)? (?:it|the \w+) and (?:the )?(?:(?:sound|radio|set|music|it|reception) )?(?:returns|comes back|plays|works|is back|comes on)(?: again)?\b/g,
    "plays when i $1 it",
  ],
  [/\b(receiver|receive|reception|sound) (?:comes back|returns|comes on) only\b/g, "$1 cuts out until"],
  [
    /\bwas (?:silent|dead|weak|noisy|distorted)[^,;.]*?(?:,| and| but)+ now (?:it )?(works|plays|is fine|is ok)\b/g,
    "now it $1",
  ],
  [
    /\b(?:when|after|since|once) (?:i|we|they|he|she|somebody|someone) (?:changed|replaced|swapped|fitted|renewed) (?:the |all the |some |a |new )*\w+\b/g,
    "",
  ],
];
