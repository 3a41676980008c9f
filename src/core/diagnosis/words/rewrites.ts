/**
 * Ways to put it that are first made into plainer words, in this order: a pattern over small letters, and what stands in
 * its place.
 */
export const REWRITES: readonly (readonly [RegExp, string])[] = [
  [/[’‘`]/g, "'"],
  [/\bcan'?t\b|\bcannot\b/g, "can not"],
  [/\bwon'?t\b/g, "will not"],
  [/n't\b/g, " not"],
  [/\bwont\b/g, "will not"],
  [/\b(does|is|do|did|are|was|has|have|would|could)nt\b/g, "$1 not"],
  [/\b(it|that|there|he|she)'s\b/g, "$1 is"],
  [/\bno longer\b|\bnot any ?more\b/g, "not"],
  [/\b(plays?|works?|receives?|transmits?|sounds?) no more\b/g, "not $1"],
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
  [/\bonly am (?:works|plays|receives)\b|\b(?:works|plays|receives) (?:only on|on) am only\b/g, "am works, fm dead"],
  [/\bonly fm (?:works|plays|receives)\b|\b(?:works|plays|receives) (?:only on|on) fm only\b/g, "fm works, am dead"],
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
    /\b(cw|ssb|sideband)( signals?)? (can|will|does|do) not (be )?(resolved?|received?|copied|demodulated?|read)\b/g,
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
  [/\b(all|every|each) (bands?|ranges?|waves?|wavebands?) but\b/g, "$1 $2 except"],
  // The limiter is no noise, and “as well” says nothing of how well.
  [/\bnoise (limiter|blanker)/g, "limiter"],
  [/\b(as well|too|also)(?=\s*([,;.]|$))/g, ""],
  // “So loud that nothing is understood” speaks of the hum.
  [/\bso (loud|strong|bad|much|badly)\b( that [^,;.]*)?/g, ""],
  // “The knob turns but nothing happens” is one thing, and so is a set that stays in one of its two states.
  [
    /\b(turns?|moves?|spins?)( round)?,?( but| and| yet)? (nothing (happens|moves|changes)|no stations? \w+|the pointer stays)/g,
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
    /\b(am|fm|receive|transmit|reception|transmission) and (am|fm|receive|transmit|reception|transmission) (?:are |is )?(?:both |equally )?(dead|weak|silent|distorted|fine|gone|poor)\b/g,
    "$1 $3 and $2 $3",
  ],
];
