import type { Rewrite } from "./types";

/** What is heard: hum, noise, whistles, two stations at once. */
export const SOUNDS: readonly Rewrite[] = [
  [/\bmakes? (?:it|the (?:set|speaker|sound)) (?:ring|ping|bong|chime|ping like a bell)\b/g, "is microphonic"],
  [
    /\b(?:have|has|need|needs|must|got) (?:to )?(?:\w+ )?(?:follow|chase) (?:the |a )?stations?(?: with the \w+)?/g,
    "drifts",
  ],
  [
    /\b(fm|am|ssb|cw)(?: side| part)?(?: is| gives| has| plays)? (?:just|only|nothing but|all) (noise|hiss|static)\b/g,
    "$1 is dead, only $2",
  ],
  [
    /\bon (fm|am|ssb|cw)(?: there is| i hear| one hears| you hear| i get| we hear)? (?:just|only|nothing but) (?:an? )?(?:\w+ )?(noise|hiss|static)\b/g,
    "$1 is dead, only $2",
  ],
  [/\bloses (fm|am|ssb|cw|reception|receive|transmit|transmission)\b/g, "$1 is dead"],
  // A hum that goes with a tube that is pulled is there.
  [
    /\b(hum|noise|hiss|buzz|whistle|squeal) (?:disappears|stops|goes away|goes|is gone|vanishes) (?:when|if|as soon as|with) (?:(?:i|you|one) (?:pull|remove|take out|unplug|disconnect)|(?:the |an? )?(?:antenna|aerial) (?:is )?(?:removed|disconnected|unplugged|pulled|off|out|taken))(?:(?! and | but )[^,;.])*/g,
    "$1",
  ],
  [
    /\bboth (?:channels|sides|speakers) (?:(?:are|play|work|sound)(?: equally)?(?: (?:fine|ok|good|well|all right))+|(?:play|work)(?= ?(?:$|[,;.])))/g,
    "plays fine",
  ],
  // What is switched on with a thump is heard once.
  [
    /\b(?:thump|bang|plop|crack)s?(?= (?:at|on|when|after) (?:switch(?:ing)?.?on|switched on|turned on|turn(?:ing)? (?:it )?on|i (?:switch|turn) (?:it )?on))/g,
    "pop",
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
  // A hum that comes up with the volume goes with it.
  [
    /\b(hum|buzz|noise|hiss|crackle)(?: is)? only (?:there |heard |present |comes )?(?:when|if|with|once) (?:the )?volume(?: control)?(?: is)?(?: turned)? up\b/g,
    "no $1 with the volume down",
  ],
  [
    /\b(?:i |you |it |one )?(?:can |could )?(?:get|gets|got|getting|gives?(?: me| you)?|feel|felt) (?:an? )?(?:electric |slight |nasty |small |mild )?(?:shock|tingle|tingling)s?\b(?:(?! and | but )[^,;.])*/g,
    "shock",
  ],
  [/\b(?:has |have )?gone down\b/g, "dropped"],
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
    /\b(?:complains?|complaints?|complained) about my (audio|modulation|signal|voice|speech|transmission)\b/g,
    "say my $1 is bad",
  ],
  [
    /\b(fm|am)\b([^,;.]*), (?:then|now|afterwards) (?:only|just|nothing but) (hiss|noise|static)\b/g,
    "$1$2, $1 dead, only $3",
  ],
  [/\bso (quiet|weak|faint|low|soft)(?:ly)? that (?:(?! and | but )[^,;.])*/g, "$1"],
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
  [
    /\b(scratchy|noisy|crackly|dirty|rough) (volume|tone|gain|balance|treble|bass)(?! (?:control|pot|knob|notes?))\b/g,
    "$1 $2 control",
  ],
  [
    /\bstations? (?:can ?not|will not) be (?:separated|told apart)\b|\b(?:does|will|can) not separate (?:the )?stations\b/g,
    "stations overlap",
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
  [/\b(?:loud)?(?:speaker|cone) has an? (?:tear|hole|rip)\b/g, "speaker is torn"],
];
