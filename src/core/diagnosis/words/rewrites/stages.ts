import type { Rewrite } from "./types";

/** What a stage, a meter, a lamp or a supply does. */
export const STAGES: readonly Rewrite[] = [
  // “The dial stays dark” speaks of its lamp.
  [
    /\b(dial|scale)(?= (?:is|stays|stayed|remains|goes|went) (?:dark|unlit|black|dim)\b| (?:does|do) not light\b)/g,
    "$1 lamp",
  ],
  // The house's own fuse, or its breaker.
  [
    /\b(?:(?:all )?the )?(?:house |room |shop )?(?:lights?|electricity|power|mains) (?:in the (?:house|room|shop) )?(?:go|goes|went) (?:out|off)(?= (?:when|as soon as) (?:i|you|one|it|the set)\b[^,;.]*\b(?:plug|switch|turn)\w*)/g,
    "fuse blows",
  ],
  [
    /\b(?:cw|morse|code)(?: signals?| stations?)? (?:have|has|with|gives?|makes?) no (?:tone|note|beat|pitch)\b/g,
    "bfo does not work",
  ],
  [
    /\bs.?meter (?:reads|shows|is at|sits at|stands at|stays at) (?:s ?\d|full scale|the (?:end|stop)|maximum|half scale)(?: \+? ?\d* ?(?:db)?)? (?:without|with no)(?: any| an?)? (?:signals?|antenna|aerial|stations?)\b/g,
    "s-meter does not work",
  ],
  [
    /\b(?:there is )?(?:an? |some )?(?:carrier|output) (?:(?:stays(?: on)?|is there|remains|does not drop|comes through|is on) )?(?:with|when|even with) (?:the )?key(?: is)? up\b|\bkey up (?:still )?(?:gives|shows|leaves) (?:a |some )?(?:carrier|output)\b/g,
    "keying does not work",
  ],
  [
    /\b(?:plate|anode|cathode|idle|bias|quiescent) current (?:runs away|keeps (?:rising|climbing)|creeps up|climbs)\b/g,
    "",
  ],
  [
    /\b(?:shuts|switches|turns|cuts) (?:itself )?(?:off|down|out) (?:when|as soon as|every time|if) (?:(?:i|you|one) (?:key|transmit|press the (?:key|ptt))|(?:it is )?keyed)\b(?: it)?/g,
    "transmit is dead",
  ],
  [
    /\b(?:power supply|psu|supply) (?:trips|shuts down|cuts out|goes into (?:protection|current limit))\b/g,
    "fuse blows",
  ],
  [
    /\b(?:pll|synthesi[sz]er|vco) (?:is )?(?:out of lock|unlocked|unlocks|drops out of lock|(?:loses|lost) lock|(?:does|will|can) not lock)\b/g,
    "frequency jumps",
  ],
  [/\b(?:swr |alc |the )?protection (?:cuts|kicks|comes|sets) in\b/g, "transmit power drops"],
  [/\b(?:will|does) not (?:go|break|come) into oscillation\b/g, "will not oscillate"],
  // Who is to look it over has not said how it is.
  [
    /\b(?:gone|went|go|going) (?:through|over)\b(?= ?(?:$|[,;.]|before|by|again|and|thoroughly|properly|please))/g,
    "served",
  ],
  [
    /\b(?:finals?|final (?:tubes?|valves?|stage|transistors?)|pa(?: (?:tubes?|valves?|stage|transistors?))?|output (?:tubes?|valves?|stage|transistors?)) (?:(?:draws?|takes?|pulls?|shows?|has|have) (?:no|zero|hardly any)|(?:does|do|will) not (?:draw|take|pull|show)(?: any)?) (?:plate |anode |cathode |collector )?current\b/g,
    "no plate current",
  ],
  [
    /\bloading(?: control| capacitor)? (?:has no effect|does nothing|makes no difference|does not work)\b/g,
    "does not load",
  ],
  [
    /\b(?:panel |the )?meter (?:does|will) not (?:show|read|indicate|register)(?: any| the)? (plate|anode|grid|cathode|screen) current\b/g,
    "$1 current meter dead",
  ],
  [
    /\b(?:works?|good|ok|fine|functions|operates) (?:only on (?:receive|rx)|on (?:receive|rx) only)\b|(?<=^|[,;.] ?)(?:receives|receive|rx) only(?= ?(?:$|[,;.]))/g,
    "receive works, transmit is dead",
  ],
  [
    /\b(?:works?|good|ok|fine|functions|operates) (?:only on (?:transmit|tx)|on (?:transmit|tx) only)\b|(?<=^|[,;.] ?)(?:transmits|transmit|tx) only(?= ?(?:$|[,;.]))/g,
    "transmit works, receive is dead",
  ],
  [/\b(am|fm|receive|receiver|transmit|phono|gram)(?: always)? (?:stays|remains)(?= ?(?:$|[,;.]))/g, "$1 is fine"],
  [
    /\b(?:blocks|blocking|is blocked|chokes|is paraly[sz]ed)(?: up)? (?:on|with|by|under|from) (?:the )?(?:very )?(?:strong|loud|local|big|powerful) (?:signals?|stations?)/g,
    "agc does not work",
  ],
  [/\b(?:normal|usual|typical|to be expected|as expected)(?: for (?:its|the|his|her|that) \w+)/g, ""],
  [
    /\b(?:switches|drops|falls|goes|kicks|jumps) (?:back )?(?:in)?to (?:receive|rx)\b(?:(?! and | but )[^,;.])*/g,
    "transmit cuts out",
  ],
  // “S-meter and ALC meter are dead” says it of each.
  [
    /\b((?:s|alc|plate|grid|tuning).?(?:current )?meter|bfo|agc|avc|noise limiter|limiter|(?:magic |tuning )?eye|headphones|phones|phono|gram|dial lamps?|stereo|fan) and (?:the )?((?:s|alc|plate|grid|tuning).?(?:current )?meter|bfo|agc|avc|noise limiter|limiter|(?:magic |tuning )?eye|headphones|phones|phono|gram|dial lamps?|stereo|fan) (are|have|do|were|both) ([^,;.]+)/g,
    "$1 $3 $4, $2 $3 $4",
  ],
  [/\bno (?:tone|note|beat|beat note|pitch) (?:on|with|from|for) (?:cw|morse)\b/g, "bfo does not work"],
  [
    /\b(?:strong|local|loud|near) (?:signals?|stations?) (?:are |is )?(?:much |far |way )?too loud\b/g,
    "agc does not work",
  ],
  [
    /\b(?:volume|loudness|level) (?:is )?(?:very |quite )?(?:different|not the same) (?:from|between) (?:one )?stations?(?: to (?:station|the next|another))?\b/g,
    "agc does not work",
  ],
  [/\bno (plate|anode|grid|cathode) current (?:reading|indication|shown)\b/g, "$1 current meter dead"],
  [/\b(?:was|got|has been|had been) dropped\b(?: (?:once|by \w+))?/g, ""],
  [/\bstuck (?:on|at) (?:one|a|the same) station\b/g, "pointer stuck"],
  [
    /\b(?:dynamotor|converter|motor generator) (?:(?:does|will) not (?:turn|run|start|spin|work|go)|is (?:dead|stuck))\b/g,
    "set is dead",
  ],
  [
    /\b(?:plates?|anodes?) (?:shows?|goes|go|turns?|gets?|has|have) (?:a |some )?(?:colou?r|red|orange)\b/g,
    "plates glow red",
  ],
  [/\bkeyer (?:does not key|does not work|is dead|does nothing)\b/g, "keying does not work"],
  [
    /\b(?:only (?:the )?)?(?:dial|pilot|panel) (?:lights?|lamps?) only\b|\bonly (?:the )?(?:(?:dial|pilot|panel) (?:lights?|lamps?)|(?:lamps?|bulbs?|lights?)(?= (?:lights?|glows?|works?|is lit|comes? on|burns?)))(?: lights?(?: up)?| glows?| works?| is lit| comes? on| burns?)?(?= ?(?:$|[,;.]))/g,
    "dial lamp lights, dead",
  ],
  [/\bbfo (?:can ?not|is not|does not get) (?:be )?(?:heard|audible)\b/g, "bfo is silent"],
  [/\b(?:dial|calibration) errors?\b/g, "dial is off"],
  [
    /\b(dial|calibration|scale) (?:is )?(?:only )?(?:correct|right|good|accurate) (?:only )?(?:at|on) one (?:end|side)(?: only)?\b/g,
    "$1 is off",
  ],
  [/\b(?:receiver|receive|rx|reception) (?:does|will) not (?:come|go|switch|return) back\b/g, "receive dead"],
  // The protection keeps the loudspeakers off.
  [
    /\bprotection(?: relay| circuit)? (?:(?:does|do|will) not (?:click|pull|close|come|switch|cut|release|let go)(?: in| on| over| out)?|stays (?:on|open|in|active)|never (?:clicks|pulls|closes|comes|switches)(?: in| on| over)?)\b/g,
    "set is dead",
  ],
  [
    /\b(?:when|if|as|as soon as|with) (?:my|the|your|a|i (?:bring|put|hold|move) (?:my|a|the)|you (?:bring|put|hold|move) (?:your|a|the)) hand(?: is| comes| gets| goes| moves)?(?: close| near(?:er)?| nearby| to| it| the (?:set|dial|coil|cabinet|knob|panel|tuning))+/g,
    "with hand capacity",
  ],
  [
    /\bvibrator (?:does not (?:buzz|hum|run|start|vibrate|work|go)|is (?:silent|dead|stuck)|sticks|hangs|jams)\b/g,
    "set is dead",
  ],
  [
    /\b(?:left|right)(?: side| channel| speaker)? (?:is )?(?:much |a bit )?louder than (?:the )?(?:right|left|other)\b/g,
    "stereo fails",
  ],
  [/\b(?:dial|scale) glass\b/g, "glass"],
  [/\b(tubes?|valves?|heaters?) (?:do|does) not (?:get|become|turn) (?:warm|hot)\b/g, "$1 stay cold"],
  [/\bcarrier (?:without|with no) (?:any )?(?:audio|modulation|speech|voice)\b/g, "carrier, no modulation"],
  [/\brelay (?:does|will) not (?:go back|return|release|let go|fall back)\b/g, "relay sticks"],
];
