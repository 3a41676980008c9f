import { any } from "../lexicon/any";
import type { Rewrite } from "./types";

/** What stands around a complaint and says nothing of the set: who says it, since when, what is asked for. */

const WHO =
  "(the |my |our |this |a )?((previous|present|new|old|first|last) )?(customer|owner|client|seller|buyer|dealer|wife|husband|father|mother|dad|mum|mom|son|daughter|brother|uncle|friend|neighbou?r|lady|gentleman|man|woman|user|operator|he|she|we|i)";
const WEEKDAY = "(mon|tues|wednes|thurs|fri|satur|sun)day";
const MONTH = "(january|february|march|april|may|june|july|august|september|october|november|december)";
const SEASON = "(spring|summer|autumn|fall|winter|christmas|easter)";
/** Where a part of a sentence begins and ends. */
const BEGINS = String.raw`(?<=^|[,;.:(] ?|\b(?:and|but|though|however|because|says|that) )`;
const ENDS = String.raw`(?=\s*(?:$|[,;.:)]|\b(?:and|but|though|however)\b))`;

const SAYS = any`
  ${WHO} ((also|only|just|now|then|always|have|has|had|did|further|already) )?(says?|said|reports?|reported|tells? (me|us)|told (me|us)|claims?|claimed|mentions?|mentioned|notes|noted|notices?|noticed|writes?|wrote|states?|stated|describes?|described|thinks?|thought|believes?|believed|feels?|felt|suspects?|suspected|guess(es)?|reckons?|finds?|found|know|knows|observes?|observed|remarks?|remarked|adds|added|insists?|is sure|am sure|is certain|am certain|is afraid|am afraid|fear|must say|would say|have the (feeling|impression)|has the (feeling|impression)|should say|should mention|should add)( about| of)?( that)?(?! (nothing|no ?(body|one)|anything|any|what|me|us|it hard|it difficult|i (am|was) (weak|distorted|off|hard))\b)
  ${WHO} complain(s|ed|ing)?( (about|of|that))?(?= \w)
  (customer|owner|client).?s (complaint|report|description|words|note)( is)?( that)?
  (the |my |our |its |a )?((main|only|usual|actual|real|big|biggest|basic|present|current|original|one|other|second|first) )?(problem|trouble|fault|complaint|symptom|issue|snag|defect|thing|difficulty|concern|worry)s?( (with|of) (it|this|the|my)( (set|radio|receiver|rig|amplifier|unit))?)?( now)? (is|was|are|seems? to be)( that| this)?( the fact that)?(?! (gone|solved|fixed|cured|still|back|intermittent|the same|worse|better|not|no longer|in|with|at|on|only|always|there|here|present|rare|small|minor|bad|serious|known|old|new)\b)
  what (happens|i (hear|notice|find|get|see)|one hears|you hear|it does|bothers me) is( that| this)?
  (i )?(have |has )?(noticed|found out|discovered|observed)( that)
  (please )?(note|notice)( that)
  it (seems|appears|looks|turns out|turned out)( to me)?( that| like| as if| as though)
  it (seems|appears)( to me)?(?! to\b)
  it (looks|turns out)( to me)?(?= (the|it|there)\b)
  (?<!\b(and|but) )now(?! and (then|again))(?= \w)
  (problem|fault|complaint|symptom|issue|defect|trouble|reported|status|condition|remark|note|query|subject)s?( (description|report|reported|by (the )?(owner|customer)))? ?(?=[:=])
  (is|was|are|being) (said|reported|claimed|supposed|known) to (?=be )
  (reported|said|described|brought in|came in|handed in|sent in|booked in|in for repair) (as|with|because( of)?)(?= \w)
  (bought|purchased|acquired|got|given|inherited|found) (it )?as
  sold (to me |to him )?as
  (hi|hello|dear (sir|madam|sirs|all|friends)|good (morning|evening|afternoon))( (all|there|everyone|folks|friends))?
`;

const SINCE = any`
  since (about |around |some |the |last |this |early |late |mid )*(yesterday|morning|afternoon|evening|week|weekend|month|year|${WEEKDAY}|${MONTH}|${SEASON}|\d{4}|holidays?|war|move|storm)( (last|this) (week|month|year|spring|summer|autumn|winter))?
  since (a |an |some |several |quite |about |many )*(days|weeks|months|years|while|(some |long )?time)( ago)?
  since (i|we|he|she) (got|bought|have|had|acquired|inherited|received|brought|moved|put|have had|took)( it)?( home| here| out| over)?
  (for|over|during|in|within) (about |some |the |these |several |a |few |last |past |many |two |three |four |five |six |ten |twenty |thirty |\d+ |couple |of |recent |good |long )*(days|weeks|months|years|decades|ages)( now| past| already)?
  (today|yesterday|tonight|nowadays|lately|recently|currently|presently|just now|(?<!\b(is|all|are|was|sounds?|comes?|quite) )right now|at (present|the moment|this time|this point)|for now|these days|of late|by now|meanwhile|in the meantime|up to now|until now|so far|as of (today|now|late)|now and then again)
  (this|last|the other|the next|one|that) (morning|afternoon|day|week|weekend|month|year|${WEEKDAY}|${SEASON})
  (some|a few|several|two|three|four|\d+|a couple of|many|a) (days?|weeks?|months?|years?) (ago|back|earlier)
  in (the )?(last|past|recent) (few )?(days|weeks|months|years)
`;

const ASKED = any`
  (many |kind |with )?(thanks|thank you|regards|greetings|cheers)( (in advance|very much|so much|a lot))?
  please( (help|check|advise|repair|fix|mend|look|see|investigate|overhaul|sort( it)? out|quote|call|ring))?( (it|me|this|at it|into it|and (repair|fix|mend)( it)?))?
  (please |kindly )?(help|advise)( (me|needed|wanted|please))?
  (any|some) (ideas?|thoughts|suggestions|help|clues?|advice|tips?)( (please|welcome|appreciated|what (it|this) (is|could be)))?
  (what|where) (is|could be|can be|might be|would be|should i|do i|to) (it|wrong|the (cause|reason|problem|trouble|fault)|this|do|look|check|start|begin)( first)?
  what (could|can|might|would|should) (it|this|i) (be|do|check)
  (can|could|would) you (please )?(fix|repair|mend|look at|check|help)( (it|this|me))?( (with|please|for me)( (it|this))?)?
  why( (is|would|does) (that|this|it))?( (be|happen|so|do (that|this)))?
  (needs?|wants?) (a )?(repair|repairing|fixing|mending|attention|a look|looking at|sorting)
`;

const HEDGES = any`
  (i|we) (think|believe|guess|suppose|reckon|fear|feel|hope|am told|was told|understand|am afraid)
  (he|she|the owner|the customer) (says|said|thinks|reports|claims|tells me|believes)
  (it|so it) (seems|appears)
  as far as (i|we|one|he|she) (can|could|know|knows)( (tell|hear|see|judge|say))?
  (to|in) my (ears?|eyes|opinion|view|experience|mind)
  for (some|no|whatever) ((apparent|obvious|good|particular|known|odd|strange|clear) )(reason|cause)s? | for some reason
  (whatever|no matter what)( (i|you|one) (do|does|try|tries))?
  to be honest | so to speak | if you ask me | sad to say | sorry to say | as it happens | as (you can|one can) hear | of course | you know | so i (am|was) told | or so it seems | if that (helps|matters)
  as (usual|expected|always|mentioned|described|said)( (above|before|already))?
  when (i|we|he|she|last|you) (last )?(tried|tested|checked|used|played|had|heard|got|bought|received|collected|fetched|looked|switched it on last)( it)?( (last|out|home|today|yesterday|last week|last time))?
`;

const ADVERBS = any`
  all the time | the whole time | day and night | round the clock | non.?stop | unfortunately | apparently | basically | sadly | strangely( enough)? | oddly( enough)? | honestly | actually | obviously | evidently | luckily | fortunately | thankfully | annoyingly | alas | surprisingly | interestingly | curiously | frankly | regrettably | admittedly | mysteriously | inexplicably | definitely | certainly | undoubtedly | in fact | in general | generally speaking | generally | by and large | on the whole | in addition | additionally | furthermore | moreover | besides | naturally | of course | as well as that | to my surprise | anyway | anyhow
`;

const anywhere = (words: RegExp): RegExp => new RegExp(words.source, "g");
const beginning = (words: RegExp): RegExp => new RegExp(`${BEGINS}${words.source}(?: ?[:=,-]+)?(?= )`, "g");
const ending = (words: RegExp): RegExp => new RegExp(`,? ?${words.source}${ENDS}`, "g");

const OLD =
  "((very|rather|good|dear|nice|little|small|big|large|old|ancient|vintage|antique|trusty|beloved|lovely|wooden|bakelite|plastic|portable|table|kitchen|bedroom|garage|workshop|family|new|poor|other|second|spare|inherited|restored|refurbished|recapped|home.?made|homebrew|nineteen \\w+|19\\d\\d|\\d\\ds|(grand)?(father|mother|dad|uncle|aunt|parent)s?(.s)?) )*";

export const FRAMING: readonly Rewrite[] = [
  [/[’‘`]/g, "'"],
  [/[!?…]+|\.{2,}/g, "."],
  [anywhere(ADVERBS), ""],
  [beginning(SAYS), ""],
  [beginning(SAYS), ""],
  [ending(ASKED), ""],
  [ending(HEDGES), ""],
  // “Worked fine last week” is what it did once.
  [
    /\b(?:played|worked|performed|received|was (?:fine|ok|good|alright|perfect|working|playing|all right))\b(?: (?:very )?(?:fine|well|ok|perfectly|normally|properly|without (?:trouble|problems)))? (?=(?:yesterday|last|the other|this morning|(?:until|up to|before|till) (?:yesterday|last|this|recently|today|a (?:few|couple))|(?:a|some|two|three|\d+) \w+ ago)\b)/g,
    "",
  ],
  [anywhere(SINCE), ""],
  // “My old radio hums” speaks of the set.
  [
    new RegExp(
      `\\b(?:(?:my|our|his|her|this|that|a|an) ${OLD}|the ${OLD.replace(/\*$/, "+")})(?:radio(?: set)?|wireless(?: set)?|set)\\b(?! (?:stations?|programmes?|reception|signals?|lamp|part|side|section))`,
      "g",
    ),
    "the set",
  ],
  [
    /\b(?:this|that)(?: \w+)? (?:one|thing|beast|box|machine|unit)\b|\b(?:the|my|this) old (?:one|thing|girl|lady|beast|box|dear|timer|boy)\b/g,
    "the set",
  ],
  [/\s+/g, " "],
  [/\s+(?=[,;.])/g, ""],
  [/^[\s,;.:-]+|[\s,;.:-]+$/g, ""],
];
