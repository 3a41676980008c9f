/** `doesn’t` is `does not`. */
export const plain = (text: string): string =>
  text
    .toLowerCase()
    .replaceAll(/[’‘`]/g, "'")
    .replaceAll(/\bcan'?t\b|\bcannot\b/g, "can not")
    .replaceAll(/\bwon'?t\b/g, "will not")
    .replaceAll(/n't\b/g, " not")
    .replaceAll(/\b(doesnt|isnt|dont|didnt|wont)\b/g, (word) => `${word.slice(0, -2)} not`)
    .replaceAll(/\b(it|that|there|he|she)'s\b/g, "$1 is")
    .replaceAll(/\bno longer\b|\bnot any ?more\b/g, "not")
    .replaceAll(/\b(plays?|works?|receives?|transmits?|sounds?) no more\b/g, "not $1")
    // “Works for five minutes only” is dead afterwards.
    .replaceAll(
      /\b(?:works?|plays?|runs?|receives?|lasts?) (?:only |just )for (?:about )?(\S+ (?:seconds?|minutes?|mins?|hours?))\b|\b(?:works?|plays?|runs?|receives?|lasts?) for (?:about |only |just )?(\S+ (?:seconds?|minutes?|mins?|hours?))(?: only| at most| and no longer)\b/g,
      "dead after $1$2",
    )
    .replaceAll(
      /\b(?:only )?(?:starts?|begins?)(?: playing| working| to play| to work)? (?:only )?(after \S+ (?:seconds?|minutes?|mins?|hours?))\b/g,
      "dead $1",
    )
    .replaceAll(
      /\b(?:only )?(?:starts?|begins?)(?: playing| working| to play| to work)? (?:only )?((?:when|once|as soon as|if) (?:it|the set) (?:is|has|gets) (?:\w+ )?(?:hot|warm\w*|cold|cool\w*|heated)(?: up)?)\b/g,
      "dead $1",
    )
    .replaceAll(/\bneither (\w+) nor (\w+)\b/g, "not $1, not $2")
    .replaceAll(
      /\bonly (am|fm) (?:works|plays|receives)\b|\b(?:works|plays|receives) (?:only on|on) (am|fm) only\b/g,
      (_all, first: string, second: string) => ((first ?? second) === "am" ? "am works, fm dead" : "fm works, am dead"),
    )
    // When it does so is not how it is.
    .replaceAll(
      /,? ?\beven (without|with no|when there is no) (an? |any |the )?(station|antenna|aerial|signal|reception)s?( tuned in| connected)?\b/g,
      "",
    )
    .replaceAll(/(?<!\bonly )\b(at|with) (a )?(low|small) (volume|gain)( setting)?s?\b/g, "")
    .replaceAll(/\b(the )?background is (clean|quiet|silent|still)\b/g, "no noise")
    // “Lights up, but that is all it does.”
    .replaceAll(/\b(that|this) is all( (that )?(it does|happens|it is doing|there is))?\b/g, "silent")
    .replaceAll(/\b(silent|quiet|silence) between (the )?stations\b/g, "no noise")
    .replaceAll(
      /\bstations? (are|is|comes? in|appears?|sits?) (where (they|it) (should|belongs?|ought)( to)?( be)?|(in|at) the(ir)? right (places?|spots?|positions?))( on the (dial|scale))?\b/g,
      "dial right",
    )
    .replaceAll(/\b(can|will|does|do) not (receive|copy|resolve|demodulate) (cw|ssb|sideband)\b/g, "$3 inoperative")
    .replaceAll(
      /\b(cw|ssb|sideband)( signals?)? (can|will|does|do) not (be )?(resolved?|received?|copied|demodulated?|read)\b/g,
      "$1 inoperative",
    )
    .replaceAll(
      /\b(no|without( any)?) difference (between|among) (the )?(bands?|ranges?|waves?|wavebands?)\b/g,
      "all bands",
    )
    .replaceAll(/\bchanges? nothing\b/g, "has no effect")
    .replaceAll(/\b(transmitter|rig|set) (will|does|can) not key( up)?\b/g, "transmitter dead")
    .replaceAll(/\bstereo (indicator|beacon)\b/g, "stereo lamp")
    .replaceAll(/\bptt( switch| key| button)? (does nothing|has no effect|does not work|is dead)\b/g, "transmit dead")
    // On either mode is on both.
    .replaceAll(/\b(in|on) (cw|ssb|am|usb|lsb)( and | or )(cw|ssb|am|usb|lsb)\b/g, "")
    // When it is loud is not how loud it is.
    .replaceAll(
      /(?<!\bbuzz(es|ing)? )\b(on|at|in|during) (the )?(louder|loud|strong|quiet|soft|low|high) (passages?|notes?|parts?|tones?|music|peaks?|voices?|sounds?)\b/g,
      "",
    )
    // With what sound it stopped is no noise.
    .replaceAll(/\bwith an? (loud |soft |sudden )?(click|pop|crack|snap)\b/g, "")
    .replaceAll(/\b(all|every|each) (bands?|ranges?|waves?|wavebands?) but\b/g, "$1 $2 except")
    // The limiter is no noise, and “as well” says nothing of how well.
    .replaceAll(/\bnoise (limiter|blanker)/g, "limiter")
    .replaceAll(/\b(as well|too|also)(?=\s*([,;.]|$))/g, "")
    // “So loud that nothing is understood” speaks of the hum.
    .replaceAll(/\bso (loud|strong|bad|much|badly)\b( that [^,;.]*)?/g, "")
    // “The knob turns but nothing happens” is one thing, and so is a set that stays in one of its two states.
    .replaceAll(
      /\b(turns?|moves?|spins?)( round)?,?( but| and| yet)? (nothing (happens|moves|changes)|no stations? \w+|the pointer stays)/g,
      "turns freely",
    )
    .replaceAll(/\b(stays?|stuck|hangs?|remains?) (in|on) transmit\b/g, "receive dead")
    .replaceAll(/\b(stays?|stuck|hangs?|remains?) (in|on) receive\b/g, "transmit dead")
    .replaceAll(
      /\b(?:only )?(?:works?|plays?) (?:only )?(?:on|from) (?:the )?(?:gram(?:ophone)?|phono|tape|aux|records)(?: only| alone)\b|\bonly (?:works?|plays?) (?:on|from) (?:the )?(?:gram(?:ophone)?|phono|tape|aux|records)\b/g,
      "phono works, no radio",
    )
    // “AM and FM are both weak” says it of each.
    .replaceAll(
      /\b(am|fm|receive|transmit|reception|transmission) and (am|fm|receive|transmit|reception|transmission) (?:are |is )?(?:both |equally )?(dead|weak|silent|distorted|fine|gone|poor)\b/g,
      "$1 $3 and $2 $3",
    )
    .replaceAll(/\s+/g, " ")
    .trim();

/** What stands on either side of a comma, a “but” or an “and” may be about something else. */
const BETWEEN =
  /\s*(?:[,;.!?]+(?!\d)|\bbut\b|(?<!\ba )\bwhile\b(?! (?:i|you|one|(?:it|the set|she) (?:is )?(?:warm|heat|cool)\w*)\b)|\bwhereas\b|(?<!\bas )\bthough\b|\balthough\b|\byet\b|\bhowever\b|\bexcept that\b|(?<!\bloud )(?<!\bup )(?<!\bnow )(?<!\bcomes )(?<!\bin )(?<!\bcome )(?<!\bon )(?<!\bfades in )(?<!\b(?:worse|weaker|quieter|louder|fainter) )\band\b|\bplus\b|\bor\b|\bthen\b|: | - | – )\s*/;
export const partsOf = (text: string): string[] =>
  text
    .split(BETWEEN)
    .map((part) => part.trim())
    .filter(Boolean);
