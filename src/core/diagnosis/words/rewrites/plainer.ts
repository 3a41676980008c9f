import type { Rewrite } from "./types";

/** What hedges or weighs a word, what it did once, and what only says when: in this order. */
export const PLAINER: readonly Rewrite[] = [
  // However much it is so.
  [
    /\b(?:terribly|awfully|dreadfully|horribly|badly|really|extremely|exceptionally|remarkably|extraordinarily|incredibly|unbelievably|ridiculously|tremendously|exceedingly|intensely|severely|seriously|hugely|ever so|very very|unusually|abnormally|noticeably|distinctly|decidedly|particularly|especially) (?=(?:weak|low|quiet|faint|loud|noisy|dead|distorted|bright|hot|warm|long|slow|stiff|sensitive|stable|steady|good|bad|harsh|muffled|unstable|far|dim|dark|rough|scratchy|clear|clean|well|strong|poor|insensitive|silent|soft|thin|dull|tinny|hissy|crackly|erratic|intermittent|sluggish|loose|dirty)(?:ly)?\b)/g,
    "very ",
  ],
  [/\bjust (?=(?:fine|right|ok|okay|perfect|great|as it should)\b)/g, ""],
  [
    /(?<!\b(?:at|with|to|from|on) )zero (?=(?:sound|audio|output|reception|stations?|signals?|modulation|carrier|drive|power|rf|watts?|response|activity|lights?|glow|hum|noise|sensitivity|volume(?= ?$))\b)/g,
    "no ",
  ],
  [
    /\b(?:has |have |is |are |had )?(?:gone|went|going|grown|become|turned) (?:all |very |rather |quite |a bit )?(?=(?:weak|low|faint|noisy|distorted|harsh|unstable|muffled|deaf|dim|soft|hollow|thin|dull|tinny|hissy|crackly|scratchy|fuzzy|hoarse)(?:er)?\b)/g,
    "is ",
  ],
  [
    /\b(?:tends?|starts?|begins?|seems?|appears?|will|would) (?:to )?(play|work|receive|transmit|hum|drift|crackle|fade|distort|stop|cut)(?= |$)/g,
    "$1s",
  ],
  // What hedges or weighs a word does not change it.
  [/\b(?:does|do|did) not (?:seem|appear) to\b/g, "does not"],
  [/\b(?:seems?|appears?|looks?) to be\b/g, "is"],
  [/\b(?:seems?|appears?|tends?|started|begins?|began) to (?=[a-z])/g, ""],
  [
    /\b(?:absolutely|totally|entirely|utterly|somewhat|fairly|incredibly|simply|actually|basically|apparently|obviously|unfortunately|clearly(?= (?:dead|silent|weak|distorted))) /g,
    "",
  ],
  [
    /\b(?:roughly|approximately|nearly|almost|maybe|perhaps|around) (?=(?:an? |\d|one |two |three |five |ten |fifteen |twenty |thirty |half )\w* ?(?:minutes?|mins?|hours?|seconds?|quarter))/g,
    "about ",
  ],
  [/\b(?:whenever|every time|each time|any ?time)\b/g, "when"],
  [
    /\b(?:gets|goes|is|plays) (?:\w+ )?loud(?:er)? and (?:then )?(?:\w+ )?(?:soft|quiet|weak|low|faint)(?:er)?\b|\b(?:gets|goes|is|plays) (?:\w+ )?(?:soft|quiet|weak|low|faint)(?:er)? and (?:then )?(?:\w+ )?loud(?:er)?\b/g,
    "varies",
  ],
  // “No smoke or smell.”
  [/\b(no|without|not) (any )?(\w+) (?:or|nor) (?=\w+($| ?[,;.]))/g, "$1 $3, $1 "],
  [
    /\b(?:goes|changes|swings|jumps) from (?:loud to (?:soft|quiet|weak|faint)|(?:soft|quiet|weak|faint) to loud)\b/g,
    "varies",
  ],
  [/\bback and forth\b/g, "to-and-fro"],
  [/\b(?:some days|some of the time|every other day|every now and (?:then|again)|once in a while)\b/g, "sometimes"],
  [/\bthe (?:moment|instant|second)\b(?= (?:i|you|one|it|a|the)\b)/g, "when"],
  // What comes back when it has cooled is gone when it is warm.
  [
    /\b(?:recovers|comes back|returns|(?:plays|works) again) (?:after|when|once) (?:being (?:switched |turned )?off|a (?:rest|pause|break)|cooling(?: down)?|it (?:has |is )?(?:cooled|cold|cool)(?: down)?)(?: for [^,;.]*)?/g,
    "dead when warm",
  ],
  [
    /\b(?:stereo|it|set|sound|music|fm) (?:is|plays|comes|sounds|comes out)(?: only)?(?: in)? mono(?: only)?\b|\bmono only\b|\bonly (?:in )?mono\b|\bnot in stereo\b/g,
    "stereo fails",
  ],
  [/\bwhen (?:i|you|one) (?:talk|speak|whistle|blow|sing|shout)s? into the (mic\w*)/g, "with the $1"],
  // Bands of amateurs, without their unit.
  [
    /\b(on|and|or) (160|80|60|40|30|20|17|15|12|10|6|2)(?= |,|\.|;|$)(?! ?(?:m\b|met|[kmg]?hz|w\b|watts?|v\b|volts?|percent|%|minutes?|hours?|seconds?|stations?))/g,
    "$1 $2 m",
  ],
  // What it did once it does not do now: said.ts asks whether something else is said of that.
  [
    /\b(?:has |have |had )?(?:never|not) (?:worked|played(?! (?:for|in)\b))(?: (?:right|properly))?\b/g,
    "does not work",
  ],
  [
    /\b(?:worked|played|was (?:fine|all right|ok|good|playing|working))(?: (?:fine|well|perfectly|all right|ok|good))? (?:until|till|up to)\b/g,
    "once played since",
  ],
  [/\bused to (?:play|work)(?: (?:fine|well|perfectly|all right|ok|good))?\b/g, "once played"],
  // “Fails to play” does not play, and “stopped crackling” does not crackle.
  [/\b(?:fails?|failed|unable|is not able|not able|seems unable|declines|is unwilling) to\b/g, "does not"],
  [/\b(?:stopped|ceased|quit) (?!playing|working|receiving|transmitting)(\w+ing)\b/g, "not $1"],
  [/\b(?:does|do|did|will|can) not do (?:anything|a thing)\b/g, "does nothing"],
  [/\b(hum|noise|drift|distortion|crackle|smell|trouble|fault)[- ]free\b/g, "no $1"],
  [/\bsmells? (?:of|like) nothing(?: \w+)?\b/g, "no smell"],
  [/\b(?:quiet|silent|clean|black) background\b/g, "no noise"],
  [/\bno background (noise|hiss|sound)\b/g, "no noise"],
  // “Weak in the headphones too” says it of both.
  [
    /\b(no|weak|faint|poor|distorted) (audio|sound) (?:in|on|from|through) the (headphones|phones) (?:too|also|as well|either)\b/g,
    "$1 $2, $1 $2 in the $3",
  ],
  [
    /\b(?:just|only|nothing but) (?:a |one )?(?:single |short |loud )?(?:click|pop|thump|crack)(?: (?:from|in|out of) the \w+)?(?:,? and)?(?:,? then)? (?=silence|nothing|dead)/g,
    "",
  ],
  // “Only gets local stations” and “gets only local stations”.
  [
    /\bonly (?:gets?|picks? up|receives?|hears?|finds?|plays?|brings? in|pulls? in)(?= (?:the |a |one|two|three|some|local|near|strong|loud|very|powerful))/g,
    "only",
  ],
  [
    /\b(?:gets?|picks? up|receives?|hears?|finds?|plays?|brings? in|pulls? in) only(?= (?:the |a |one|two|three|some|local|near|strong|loud|very|powerful))/g,
    "only",
  ],
  [
    /\b(?:(?:gets?|picks? up|receives?|hears?|finds?|plays?|brings? in|pulls? in) )?nothing (?:but|except|besides|other than|apart from)(?= (?:the |a |one|two|three|some|local|near|strong|loud|very|powerful))/g,
    "only",
  ],
  // “You have to wiggle the switch to get sound.”
  [
    /\b(?:(?:i|you|one|it) )?(?:have|has|need|needs|must) (?:to )?(?:be )?(wiggle|jiggle|rock|press|push|tap|hit|knock|thump|bang|kick|shake|slap|touch|move|lean on)d? ((?:the|its|my) (?:\w+ ){0,2}\w+|it)(?: to-and-fro| hard| a bit| several times)? (?:to (?:get|make|hear|have|bring|start)|before|until|for) (?:(?! and | but )[^,;.])*/g,
    "plays when i $1 $2",
  ],
  [
    /\b(?:has|have|needs?|must) (?:to )?be (tapped|hit|knocked|thumped|banged|kicked|shaken|slapped|touched|pushed) (?:to (?:get|make|hear|have|bring|start)|before|until|for) (?:(?! and | but )[^,;.])*/g,
    "plays when $1",
  ],
  [
    /\b(?:after all these years|all these years|for (?:its|the|their) age|considering (?:its|the) age|for an old (?:set|radio))\b/g,
    "",
  ],
  [/\bcould be (?:better|clearer|cleaner|nicer)\b/g, "is not good"],
  // What is done when it happens.
  [
    /\b(?:when|as soon as) (?:i|you|one|it) (?:go(?:es)?|switch(?:es)?|changes?|turns?)(?: over| it)? (?:in)?to transmit\b/g,
    "on transmit",
  ],
  // What drives it when it does so.
  [
    /\b(?:(?:with|on|when|as|once) )?(?:the )?(?:weak|low|flat|old|new|fresh|full|good|tired)(?: set of)? batter(?:y|ies)\b|\b(?:when|as) the batter(?:y|ies) (?:is|are|gets?|runs?) (?:low|weak|flat|down|old|new)\b/g,
    "",
  ],
  [
    /\b(?:when|with|while|as) the (?:engine|motor)(?: is)? (?:off|on|running|stopped|idling|switched off)\b/g,
    "with the engine idle",
  ],
  [
    /\b(?:works|plays|fine|ok|good)(?: only)? (?:on|from) (?:the )?(?:mains|ac|line|batter(?:y|ies)|dc|adapter)\b[ ,]*(?:but |and )?(?:is |it is )?(?:not|never|dead|silent|nothing|no sound|does not (?:work|play))(?: at all)? (?:on|from|with) (?:the )?(?:mains|ac|line|batter(?:y|ies)|dc|adapter)\b/g,
    "one source of power",
  ],
  [/\bno power on(?= ?$| ?[,;.])/g, "dead"],
  [/(?<=^|[.:] )(?:only am|am only)(?= ?(?:$|\.))/g, "am works, fm dead"],
  [/(?<=^|[.:] )(?:only fm|fm only)(?= ?(?:$|\.))/g, "fm works, am dead"],
  // “Works for five minutes only” is dead afterwards.
  [
    /\b(?:works?|plays?|runs?|receives?|lasts?) (?:only |just )for (?:about )?(\S+ (?:seconds?|minutes?|mins?|hours?))\b|\b(?:works?|plays?|runs?|receives?|lasts?) for (?:about |only |just )?(\S+ (?:seconds?|minutes?|mins?|hours?))(?: only| at most| and no longer)\b/g,
    "dead after $1$2",
  ],
  [
    /\b(?:only )?(?:starts?|begins?)(?: playing| working| to play| to work)? (?:only )?(after \S+ (?:seconds?|minutes?|mins?|hours?))\b/g,
    "dead $1",
  ],
  [
    /\b(?:only )?(?:starts?|begins?)(?: playing| working| to play| to work)? (?:only )?((?:when|once|as soon as|if) (?:it|the set) (?:is|has|gets) (?:\w+ )?(?:hot|warm\w*|cold|cool\w*|heated)(?: up)?)\b/g,
    "dead $1",
  ],
  [/\bneither (\w+) nor (\w+)\b/g, "not $1, not $2"],
  [
    /\bonly am (?:works|plays|receives)\b|(?<=^|[,;.] |\b(?:it|set|radio|receiver|tuner) )(?:works|plays|receives) (?:only (?:on )?am\b|(?:on )?am only\b)/g,
    "am works, fm dead",
  ],
  [
    /\bonly fm (?:works|plays|receives)\b|(?<=^|[,;.] |\b(?:it|set|radio|receiver|tuner) )(?:works|plays|receives) (?:only (?:on )?fm\b|(?:on )?fm only\b)/g,
    "fm works, am dead",
  ],
  // When it does so is not how it is.
  [
    /,? ?\beven (without|with no|when there is no) (an? |any |the )?(station|antenna|aerial|signal|reception)s?( tuned in| connected)?\b/g,
    "",
  ],
  [/(?<!\bonly )\b(at|with) (a )?(low|small) (volume|gain)( setting)?s?\b/g, ""],
  [/\b(the )?background is (clean|quiet|silent|still)\b/g, "no noise"],
  // “Lights up, but that is all it does.”
  [/\b(that|this) is all( (that )?(it does|happens|it is doing|there is))?\b/g, "silent"],
  [/\b(silent|quiet|silence) between (the )?stations\b/g, "no noise"],
  [
    /\bstations? (are|is|comes? in|appears?|sits?) (where (they|it) (should|belongs?|ought)( to)?( be)?|(in|at) the(ir)? right (places?|spots?|positions?))( on the (dial|scale))?\b/g,
    "dial right",
  ],
  [/\b(can|will|does|do) not (receive|copy|resolve|demodulate) (cw|ssb|sideband)\b/g, "$3 inoperative"],
  [
    /\b(cw|ssb|sideband)( signals?)? (can|will|does|do) not (be )?(resolved?|received?|copied|heard|demodulated?|read)\b/g,
    "$1 inoperative",
  ],
  [/\b(no|without( any)?) difference (between|among) (the )?(bands?|ranges?|waves?|wavebands?)\b/g, "all bands"],
  [/\bchanges? nothing\b/g, "has no effect"],
  [/\b(transmitter|rig|set) (will|does|can) not key( up)?\b/g, "transmitter dead"],
  [/\bstereo (indicator|beacon)\b/g, "stereo lamp"],
  [/\bptt( switch| key| button)? (does nothing|has no effect|does not work|is dead)\b/g, "transmit dead"],
  // On either mode is on both.
  [/\b(in|on) (cw|ssb|am|usb|lsb)( and | or )(cw|ssb|am|usb|lsb)\b/g, ""],
  // When it is loud is not how loud it is.
  [
    /(?<!\bbuzz(es|ing)? )\b(on|at|in|during) (the )?(louder|loud|strong|quiet|soft|low|high) (passages?|notes?|parts?|tones?|music|peaks?|voices?|sounds?)\b/g,
    "",
  ],
  // With what sound it stopped is no noise.
  [/\bwith an? (loud |soft |sudden )?(click|pop|crack|snap)\b/g, ""],
  [
    /\b(all|every|each) (bands?|ranges?|waves?|wavebands?) but\b(?= (?:the |on |for )?(?:\d|one\b|two\b|sw\b|mw\b|lw\b|short|medium|long|high|low|top|bottom|upper|lower|last|first))/g,
    "$1 $2 except",
  ],
  // The limiter is no noise, and “as well” says nothing of how well.
  [/\bnoise (limiter|blanker)/g, "limiter"],
  [/\b(as well|too|also)(?=\s*([,;.]|$))/g, ""],
  // “So loud that nothing is understood” speaks of the hum.
  [/\bso (loud|strong|bad|much)(ly)?\b( that [^,;.]*)?/g, ""],
  // “The knob turns but nothing happens” is one thing, and so is a set that stays in one of its two states.
  [
    /\b(turns?|moves?|spins?)( round)?,?( but| and| yet)? (nothing (happens|moves|changes)|no stations? \w+|the pointer stays|the (station|pointer|needle|dial|frequency|cursor|scale)s? (do(es)? not (change|move|follow|turn)( with it)?|stays?( put| the same| where it is)?))/g,
    "turns freely",
  ],
  [/\b(stays?|stuck|hangs?|remains?) (in|on) transmit\b/g, "receive dead"],
  [/\b(stays?|stuck|hangs?|remains?) (in|on) receive\b/g, "transmit dead"],
  [
    /\b(?:only )?(?:works?|plays?) (?:only )?(?:on|from) (?:the )?(?:gram(?:ophone)?|phono|tape|aux|records)(?: only| alone)\b|\bonly (?:works?|plays?) (?:on|from) (?:the )?(?:gram(?:ophone)?|phono|tape|aux|records)\b/g,
    "phono works, no radio",
  ],
  // “AM and FM are both weak” says it of each.
  [
    /\b(am|fm|receive|transmit|reception|transmission|phono|gram|headphones|phones|speaker|cw|ssb) and (am|fm|receive|transmit|reception|transmission|phono|gram|headphones|phones|speaker|cw|ssb) (?:are |is )?(?:both |equally )?(dead|weak|silent|distorted|fine|gone|poor|hums?|hiss|buzz|crackles?|drifts?|distorts?|noisy|works?|plays?|good|ok)\b/g,
    "$1 $3 and $2 $3",
  ],
];
