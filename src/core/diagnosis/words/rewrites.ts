/**
 * Ways to put it that are first made into plainer words, in this order: a pattern over small letters, and what stands in
 * its place.
 */
export const REWRITES: readonly (readonly [RegExp, string])[] = [
  [/[’‘`]/g, "'"],
  [/(\d) ?%/g, "$1 percent"],
  [/\bdead of (?:the )?night\b/g, "night"],
  [/\bcan'?t\b|\bcannot\b/g, "can not"],
  [/\bwon'?t\b/g, "will not"],
  [/n't\b/g, " not"],
  [/\bwont\b/g, "will not"],
  [/\b(does|is|do|did|are|was|has|have|would|could)nt\b/g, "$1 not"],
  [/\b(it|that|there|he|she)'s\b/g, "$1 is"],
  [/\bno longer\b|\bnot any ?more\b/g, "not"],
  [/\b(plays?|works?|receives?|transmits?|sounds?) no more\b/g, "not $1"],
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
  // “Works, except for the eye.” What is excepted with its fault (“except for a hum”) is told by that.
  [
    /,? \b(?:except|excepting|apart from|aside from|other than|save|bar|barring|(?<!\bat )all but)(?: for| on| in)? (?:(?:the|its|my) (?!(?:\w+ )?(?:hum|buzz|noise|hiss|crackl|whistl|drift|distort|smell|howl|squeal|static|fact|band|range|wave)|(?:short|medium|long|top|low|high|last|first|other|bottom|highest|lowest|upper|lower|sw|mw|lw)\b|\d)|(?=(?:transmi|recei|recep|stereo|phono|gram|records?\b|ssb|cw|am\b|fm\b|bfo|agc|avc|alc|s.?meter|headphones|magic|dial (?:lamp|light))))((?:[\w-]+ ){0,2}[\w-]+)(?=$| ?[,;.])/g,
    ", the $1 does not work",
  ],
  // “The dial stays dark” speaks of its lamp.
  [
    /\b(dial|scale)(?= (?:is|stays|stayed|remains|goes|went) (?:dark|unlit|black|dim)\b| (?:does|do) not light\b)/g,
    "$1 lamp",
  ],
  // “One thump and it works again.”
  [
    /\b(?:an?|one|after an?)(?: (?:good|hard|firm|light|gentle|little|small|single|quick))? (thump|tap|knock|slap|bang|bump|kick|hit)(?: (?:on|to|against) [^,;.]*?)?,? and (?:it|the (?:set|sound|radio)|everything)(?: is)? (?:works?|plays?|comes? back|back|goes|runs?|starts?)(?: again| fine| on| to play| playing)*/g,
    "plays when i $1 it",
  ],
  [/\bmakes? (?:it|the (?:set|speaker|sound)) (?:ring|ping|bong|chime|ping like a bell)\b/g, "is microphonic"],
  // The house's own fuse, or its breaker.
  [
    /\b(?:(?:all )?the )?(?:house |room |shop )?(?:lights?|electricity|power|mains) (?:in the (?:house|room|shop) )?(?:go|goes|went) (?:out|off)(?= (?:when|as soon as) (?:i|you|one|it|the set)\b[^,;.]*\b(?:plug|switch|turn)\w*)/g,
    "fuse blows",
  ],
  [
    /\b(?:have|has|need|needs|must|got) (?:to )?(?:\w+ )?(?:follow|chase) (?:the |a )?stations?(?: with the \w+)?/g,
    "drifts",
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
    /\b(fm|am|ssb|cw)(?: side| part)?(?: is| gives| has| plays)? (?:just|only|nothing but|all) (noise|hiss|static)\b/g,
    "$1 is dead, only $2",
  ],
  [/\bloses (fm|am|ssb|cw|reception|receive|transmit|transmission)\b/g, "$1 is dead"],
  [
    /\b(?:there is )?(?:an? |some )?(?:carrier|output) (?:(?:stays(?: on)?|is there|remains|does not drop|comes through|is on) )?(?:with|when|even with) (?:the )?key(?: is)? up\b|\bkey up (?:still )?(?:gives|shows|leaves) (?:a |some )?(?:carrier|output)\b/g,
    "keying does not work",
  ],
  // A hum that goes with a tube that is pulled is there.
  [
    /\b(hum|noise|hiss|buzz|whistle|squeal) (?:disappears|stops|goes away|goes|is gone|vanishes) (?:when|if|as soon as|with) (?:(?:i|you|one) (?:pull|remove|take out|unplug|disconnect)|(?:the |an? )?(?:antenna|aerial) (?:is )?(?:removed|disconnected|unplugged|pulled|off|out|taken))[^,;.]*/g,
    "$1",
  ],
  [
    /\bboth (?:channels|sides|speakers) (?:(?:are|play|work|sound)(?: equally)?(?: (?:fine|ok|good|well|all right))+|(?:play|work)(?= ?(?:$|[,;.])))/g,
    "plays fine",
  ],
  [
    /\b(?:plate|anode|cathode|idle|bias|quiescent) current (?:runs away|keeps (?:rising|climbing)|creeps up|climbs)\b/g,
    "",
  ],
  // What is switched on with a thump is heard once.
  [
    /\b(?:thump|bang|plop|crack)s?(?= (?:at|on|when|after) (?:switch(?:ing)?.?on|switched on|turned on|turn(?:ing)? (?:it )?on|i (?:switch|turn) (?:it )?on))/g,
    "pop",
  ],
  [
    /\b(?:works|plays|receives)(?: \w+)? on (?:the )?(?:local|strong|near|nearby|powerful)(?:s| stations?| ones?)? only\b/g,
    "only locals",
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
  [
    /\b(?:cold|freez\w*|cooling) spray(?:ing)? (?:on|onto|over|to) [^,;.]*?(?:brings|cures|restores|helps|makes)\b[^,;.]*/g,
    "dead when warm",
  ],
  [/\b(?:will|does) not (?:go|break|come) into oscillation\b/g, "will not oscillate"],
  // Who is to look it over has not said how it is.
  [
    /\b(?:gone|went|go|going) (?:through|over)\b(?= ?(?:$|[,;.]|before|by|again|and|thoroughly|properly|please))/g,
    "served",
  ],
  [
    /\bbad (?:audio |signal |voice )?reports?\b|\breports? of (?:bad|poor|awful|terrible) (?:audio|sound|quality|speech|modulation)\b/g,
    "reports are bad",
  ],
  // A noise that comes so many times a second, or is written twice, is motorboating.
  [
    /\b(?:putt?|plop|pop|chug|thump|thud|blub|blob|bup|boop|puff|dup|whup|wub|womp|flop)(?:[- ,]+(?:putt?|plop|pop|chug|thump|thud|blub|blob|bup|boop|puff|dup|whup|wub|womp|flop)(?:ing|s)?)+(?: (?:noise|sound)s?)?\b/g,
    "motorboats",
  ],
  [
    /\b(?:pops?|popping|clicks?|clicking|plops?|plopping|thumps?|thumping|thuds?|ticks?|ticking|bangs?|beats?)(?: (?:noises?|sounds?))?(?: (?:about|some|around|roughly))? (?:(?:once|twice|two|three|four|five|ten|several|a few|many|\d+)(?: times)? (?:a|per|every|each)|every|each) (?:half )?(?:a )?second\b/g,
    "motorboats",
  ],
  [
    /\b(?:finals?|final (?:tubes?|valves?|stage|transistors?)|pa(?: (?:tubes?|valves?|stage|transistors?))?|output (?:tubes?|valves?|stage|transistors?)) (?:(?:draws?|takes?|pulls?|shows?|has|have) (?:no|zero|hardly any)|(?:does|do|will) not (?:draw|take|pull|show)(?: any)?) (?:plate |anode |cathode |collector )?current\b/g,
    "no plate current",
  ],
  // “Comes on after a long time only.”
  [/\b(works?|plays?|comes? on|comes? alive) ((?:after|when|once|if) [^,;.]*?) only(?= ?(?:$|[,;.]))/g, "dead $2"],
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
  [/\bfull (?:blast|tilt|throttle|bore)\b/g, "full volume"],
  // A hum that comes up with the volume goes with it.
  [
    /\b(hum|buzz|noise|hiss|crackle)(?: is)? only (?:there |heard |present |comes )?(?:when|if|with|once) (?:the )?volume(?: control)?(?: is)?(?: turned)? up\b/g,
    "no $1 with the volume down",
  ],
  [
    /\b(?:i |you |it |one )?(?:can |could )?(?:get|gets|got|getting|gives?(?: me| you)?|feel|felt) (?:an? )?(?:electric |slight |nasty |small |mild )?(?:shock|tingle|tingling)s?\b[^,;.]*/g,
    "shock",
  ],
  [/\b(?:switches|drops|falls|goes|kicks|jumps) (?:back )?(?:in)?to (?:receive|rx)\b[^,;.]*/g, "transmit cuts out"],
  [/\b(?:has |have )?gone down\b/g, "dropped"],
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
  [/\bno speaker (sound|audio|output)\b/g, "no $1"],
  [/\b(one|two|three|four|five|six) or (?:two|three|four|five|six|seven)\b/g, "$1"],
  [/\b(hum|buzz)(?:ing)?(?: that)? (?:can ?not|will not|does not) be turned down\b/g, "$1 with the volume down"],
  [
    /\b(?:the )?volume (?:is )?(?:at|on|to) (?:zero|minimum|nothing)[, ]+(?:and |but )?(?:there is )?still (?:an? |the )?(hum|buzz)(?:s|zes)?\b/g,
    "$1 with the volume down",
  ],
  [
    /\bturning (?:down )?the volume(?: control)?(?: down)? (?:takes|makes) the (hum|buzz) (?:away|go away|disappear|vanish|stop)\b/g,
    "no $1 with the volume down",
  ],
  [
    /\b(?:have|has|need|needs|must|got) (?:to )?(?:wiggle|jiggle|rock|work|clean|exercise) (?:the |its )?((?:band|wave|range|function|mode|volume|tone)(?: change)? (?:switch|control|knob|pot))(?= ?(?:$|[,;.]))/g,
    "$1 needs wiggling",
  ],
  [
    /\b(?:complains?|complaints?|complained) about my (audio|modulation|signal|voice|speech|transmission)\b/g,
    "say my $1 is bad",
  ],
  [/\bno (plate|anode|grid|cathode) current (?:reading|indication|shown)\b/g, "$1 current meter dead"],
  [
    /\b(fm|am)\b([^,;.]*), (?:then|now|afterwards) (?:only|just|nothing but) (hiss|noise|static)\b/g,
    "$1$2, $1 dead, only $3",
  ],
  [/\b(?:was|got|has been|had been) dropped\b(?: (?:once|by \w+))?/g, ""],
  [/\bso (quiet|weak|faint|low|soft)(?:ly)? that [^,;.]*/g, "$1"],
  [/\b(?:something )?(?:is )?(?:rattles|rattling|loose) inside\b/g, ""],
  [
    /\b(?:sound|music|plays|works|audio)(?: comes| is)? only (?:from|in|on|through|over|with) (?:the )?(?:head|ear)?phones?(?: socket| jack)?\b/g,
    "headphones work, no sound",
  ],
  [
    /\b(?:noise|sound|tone)s? like an? (?:siren|whistle|flute|kettle|owl|foghorn|air raid siren)\b|\b(?:high.?pitched|shrill) (?:tone|note|sound|noise)\b/g,
    "whistles",
  ],
  [/\b(?:bass|low notes?|loud (?:music|passages)) makes? (?:it|the \w+) (?:buzz|rattle|vibrate)\b/g, "rattles"],
  // What else is on in the house is no lamp of the set.
  [
    /\b(?:when|if|while|with|as soon as) (?:the |a |my |some |another )?(?:(?:room |kitchen |neon |fluorescent |desk )?lights?|fridge|tv|television|computer|heater|dimmer|vacuum cleaner|drill)(?: \w+)? (?:is |are |gets? )?(?:switched |turned )?(?:on|off|running)\b/g,
    "",
  ],
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
    /\b(scratchy|noisy|crackly|dirty|rough) (volume|tone|gain|balance|treble|bass)(?! (?:control|pot|knob|notes?))\b/g,
    "$1 $2 control",
  ],
  [
    /\bstations? (?:can ?not|will not) be (?:separated|told apart)\b|\b(?:does|will|can) not separate (?:the )?stations\b/g,
    "stations overlap",
  ],
  [
    /\b(?:only (?:the )?)?(?:dial|pilot|panel) (?:lights?|lamps?) only\b|\bonly (?:the )?(?:dial|pilot|panel) (?:lights?|lamps?)(?: lights?(?: up)?| glows?| works?| is lit| comes? on| burns?)?(?= ?(?:$|[,;.]))/g,
    "dial lamp lights, dead",
  ],
  [
    /\b(?:takes|needs|wants|requires) (?:an? )?(?:\w+ )?(knock|thump|tap|slap|kick|bang|hit|bump)s? (?:to (?:start|play|work|get|come|wake|make)|before it)[^,;.]*/g,
    "plays when i $1 it",
  ],
  [/\bbfo (?:can ?not|is not|does not get) (?:be )?(?:heard|audible)\b/g, "bfo is silent"],
  [/\b(?:dial|calibration) errors?\b/g, "dial is off"],
  [
    /\b(dial|calibration|scale) (?:is )?(?:only )?(?:correct|right|good|accurate) (?:only )?(?:at|on) one (?:end|side)(?: only)?\b/g,
    "$1 is off",
  ],
  [
    /\b(?:comes? back|comes? on|works?|plays?)(?: to life| again)* (?:when|after|if|once) (?:i |you )?(?:switch|turn)(?:ing|ed)? (?:it |the set )?off and on(?: again)?\b/g,
    "cuts out",
  ],
  // “The switch must be pressed to get sound.”
  [
    /\b((?:(?:band|wave|range|tone|volume|first|output|rectifier|mains) )*(?:switch|knob|control|tube|valve|socket|cabinet|plug)) (?:must|has to|needs to) be (wiggled|pressed|pushed|held|moved|tapped|hit|rocked|jiggled)(?: \w+)? (?:to|before it|so that it) (?:get|make|hear|have|play|plays|work|works)\b[^,;.]*/g,
    "plays when the $1 is $2",
  ],
  [
    /\b(knock|hit|tap|thump|slap|kick|bang)(?: on)? (?:it|the \w+) and (?:the )?(?:(?:sound|radio|set|music|it|reception) )?(?:returns|comes back|plays|works|is back|comes on)(?: again)?\b/g,
    "plays when i $1 it",
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
  // A tap that is heard in the speaker.
  [
    /\b(?:an?|every|each|any) (?:light |gentle |slight |small )?(?:tap|touch|knock|flick)(?: (?:on|at|against|of) [^,;.]*?)? (?:rings|pings|is heard|can be heard|sounds|comes|comes out|comes through|bongs|gongs)(?: loudly| clearly)?(?: (?:in|from|through|out of|over) the (?:speaker|loudspeaker|headphones|phones))?/g,
    "is microphonic",
  ],
  [
    /\bselectivity (?:is )?(?:very |quite |so |too )?(?:poor|bad|gone|low|lost|terrible|not good)\b|\b(?:poor|no|bad|lacks) selectivity\b/g,
    "stations overlap",
  ],
  // Two at once, however it is put.
  [
    /\b(?:(?:two|several|three|some|all|many)(?: \w+)? (?:stations|programmes|programs)|stations|programmes|programs)(?: are| come| comes| can be| play| get| run| is)?(?: all)?(?: in| heard| through| mixed| received| audible| playing)*(?: up)? (?:at once|at the same time|together|mixed(?: (?:up|together))?|through each other|over each other|on top of (?:each other|one another)|into one another|at one spot|in one place)/g,
    "stations overlap",
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
    /\b(?:(?:i|you|one|it) )?(?:have|has|need|needs|must) (?:to )?(?:be )?(wiggle|jiggle|rock|press|push|tap|hit|knock|thump|bang|kick|shake|slap|touch|move|lean on)d? ((?:the|its|my) (?:\w+ ){0,2}\w+|it)(?: to-and-fro| hard| a bit| several times)? (?:to (?:get|make|hear|have|bring|start)|before|until|for) [^,;.]*/g,
    "plays when i $1 $2",
  ],
  [
    /\b(?:has|have|needs?|must) (?:to )?be (tapped|hit|knocked|thumped|banged|kicked|shaken|slapped|touched|pushed) (?:to (?:get|make|hear|have|bring|start)|before|until|for) [^,;.]*/g,
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
  [/^(?:only am|am only)$/g, "am works, fm dead"],
  [/^(?:only fm|fm only)$/g, "fm works, am dead"],
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
    /\bonly am (?:works|plays|receives)\b|(?<=^|[,;.] |\b(?:it|set|radio|receiver|tuner) )(?:works|plays|receives) (?:only on am\b|on am only\b)/g,
    "am works, fm dead",
  ],
  [
    /\bonly fm (?:works|plays|receives)\b|(?<=^|[,;.] |\b(?:it|set|radio|receiver|tuner) )(?:works|plays|receives) (?:only on fm\b|on fm only\b)/g,
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
  [/\bso (loud|strong|bad|much|badly)\b( that [^,;.]*)?/g, ""],
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
