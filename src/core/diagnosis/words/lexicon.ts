/**
 * Words of the trade that complaints and symptoms are made of. Each line: a tag, then what means it. The longest match
 * counts, so that “volume control” is not “volume”. Small letters; `n't` was written out as `not` before.
 */

/** What is spoken of. A stage with a work of its own is `stage:KIND`. */
export const NOUNS = {
  set: /\b(the )?(set|radio set|unit|rig|thing)\b/,
  reception: /\b(reception|recei(ve|ves|ver|ving)|rx|stations?|programmes?|locals?|broadcasts?|radio)\b/,
  fm: /\b(fm|vhf)\b/,
  am: /\bam\b/,
  transmission:
    /\b(transmi(t|ts|tter|tters|tted|tting|ssion)|tx|carrier|(antenna|aerial) current|rf output|rf(?! (gain|stage|amp|coil|tube|board))|power output|output power|power out|watts?|on the air|key.?down|when keyed|into the dummy( load)?|drive)\b/,
  modulation: /\b(modulat(ion|es?|ed|ing)|mic(rophone)?|speech|my voice|ptt)\b/,
  mode: /\b(ssb|cw|usb|lsb|sideband)\b/,
  phono:
    /\b(phono|gram(ophone)?|records?|turntable|pick.?up(?! (\w+ )?(stations?|anything|much|signals?))|tape input|aux|bluetooth|the amplifier part)\b/,
  phones: /\b(head)?phones?\b|\bearphones?\b/,
  sound: /\b(sound|audio|volume|output|signals?|loudness|tone|music|speech quality|voices?|bass|treble)\b/,
  speaker: /\b(loud)?speaker\b|\bcone\b/,
  control:
    /\b(volume|tone|gain|treble|bass) (control|pot|knob)s?\b|\b(band|wave(band)?|range|function) ?(switch|change)\b|\bpots?\b|\bswitch(es)?\b(?! (on|off|itself))|\bcontrols?\b/,
  drive:
    /\b(tuning|dial) (drive|cord|string|knob|mechanism|gang|shaft|spindle)\b|\b(the )?(cord|string)\b|\b(pointer|needle)\b|\bdial cord\b|\bcursor\b|\bflywheel\b|\bdrive cord\b|\bknobs?\b|\btuning\b/,
  dial: /\b(dial|calibration|scale|frequency|readout)\b/,
  lamp: /\b(light|lights|lighting) (in|of|behind|on) the (dial|scale|panel)\b|\b(dial|scale) (illumination|lamps?)\b|(?<=\b(stereo|tuning|jewel|indicator) )(light|lamp)s?\b|\b(dial|pilot|panel|scale) ?(lamp|light|bulb)s?\b|\blamps?\b|\bbulbs?\b|\b(dial|panel) lighting\b/,
  tubes: /\b(tubes?|valves?|heaters?|filaments?)\b/,
  fuse: /\b(fuses?|breaker|rcd)\b/,
  plates: /\b(plates?|anodes?)\b/,
  transformer: /\b(transformer|choke|chassis|cabinet|back|rectifier|resistor|dropper|line cord|amplifier)\b/,
} as const;
export type Noun = keyof typeof NOUNS;

/** What is said of it. */
export const PREDICATES = {
  /** it does what it should */
  works:
    /\b(nothing (is )?wrong( with)?|nothing to (complain|criticise|object|report)( about| of| to)?|(can |i )?hears? (others|everybody|everyone|them|all stations?)( very)?( well| fine)?|(?<=\b(carrier|output|power|signal|sound|audio|reception|drive) (is |are )(still )?)(there|present)|(?<=\b(fuses?|heaters?|filaments?|lamps?) (is |are |was |were )?(still )?)(intact|whole|unbroken)|no (problems?|trouble|faults?|complaints?)( with)?|(works?|plays?|playing|working|sounds?|go(es)?|performs?|receives?|transmits?) (very |quite |really |so |again )?(well|fine|right|ok(ay)?|good|perfectly|properly|normally|correctly|as it should)|(?<=\bfuses? (now |still )?)holds|works?|plays?(?! (all )?(alike|the same|equally))|playing|working|receives|transmits|(?<=not |to )(receive|transmit)|properly|correctly|fine|well|ok(ay)?|good|perfect(ly)?|normal(ly)?|right|as (it|they) should|as new|loud and clear|loud|clear|clean|strong|like new|great|healthy|in order|excellent(ly)?|(?<!\b(at|with|even) )full (output|power|volume)|lovely|wonderful(ly)?|beautiful(ly)?|superb(ly)?|nice(ly)?|marvellous(ly)?|as (it was |they were )?(before|when new))\b|\bnot bad\b/,
  dead: /\b(no reaction(?! to)|(does|do|will|can) not (pick up|get|find) (anything|any)( \w+)?|(is|are) (zero|nil|nought)|zero (output|watts|power)|(does|do|did|will|can) not (make|give|produce|utter) (an?|any|one) (single )?(sound|noise|note|tone|peep)|(stone |completely |quite )?dead( as a (doornail|stone))?|silent|silence|mute|nothing(?! (smells?|smokes?|burns?|gets?|overheats?|glows?|lights?|hums?|buzzes|crackles?|drifts?)\b)( at all| to hear| comes( out| through)?| happens)?|no sign of life|can not hear (anything|a thing|it|a word)|lifeless|gone(?! deaf)|stop(s|ped)?( (playing|working|receiving|transmitting|dead|altogether))?|cuts? (in and )?out|die(s|d)|drop(s|ped) out|goes off|went (off|silent|dead)|kaput|refuses( to \w+)?|out of action|(nobody|no one) (can )?hears?|vanish(es|ed)|disappear(s|ed)|quits?|missing|not a (sound|peep|thing|whisper)|switches (itself )?off|shuts? down|gave up)\b/,
  weak: /\b((does|do|will) not (play|get|go|sound|come) (very )?(loud|strong)( enough)?|can not be (turned|brought|made) (up )?(loud|high|strong) enough|no (distant|far|weak|remote) (stations?|ones?|signals?)|not (very |so )?(loud|strong)( enough)?|(has|needs|have) to be (turned )?(right |fully? |all the way )?up( full)?|(has|needs|have|must) (to )?be (set |turned )?(at|to|on) (the |its )?(maximum|max|full|top|highest|stop|end)( (volume|gain|setting))?|only (at|with) (full|maximum|the highest) (volume|gain)|(used to be|was once|once was) (much |far |a lot )?(louder|stronger|more sensitive)|turn (it )?(right |fully? |all the way )?(up )?(fully )?(up )?to hear( \w+)?|needs (full|maximum|all the) (volume|gain)( to \w+( \w+)?)?|weak(er|ly)?|faint(ly|er)?|low|lower|quiet(er|ly)?|insensitive|deaf|half( of)?( its| the)?( usual| normal)?( output| power| volume)?|fad(es?|ed|ing)( (away|out))?|(hardly|barely|scarcely)(?! any (hum|buzz|noise|hiss|crackl|distort|drift))|drop(s|ped)?( off| away)?(?! out)|receiv(es?|ing) (very )?(badly|poorly|terribly)|(does|do|will|can) not (pick up|get|receive|find) (many|much|most)( \w+)?|lo(st|ses?|sing) (the |some |its |all )?stations?|(needs|wants|requires|only with) an? (very )?(long|outdoor|external|good) (aerial|antenna)( to \w+( \w+)?)?|down|poor(ly)?|feeble|less|little|sags?|reduced|soft(ly)?|sinks|(far(.?away)?|distant|remote|weak(er)?|faint) (stations?|ones?|signals?) ((do|will|can) not|are (gone|not|lost|missing)|have (gone|vanished)|fail to)( \w+){0,3}|(falls?|fell|fallen)( (off|away|back|to( an?)?( \w+)?))?|only (about )?\d+ ?w(atts?)?|(the )?(local|strong|near) (stations?|ones?) only|lo(st|ses?|sing) (its )?(power|volume|sensitivity|strength)|only (the )?(strong|local|near|one|a few|two) (stations?|ones?)|lacks (power|volume|sensitivity|gain)|at (its )?full volume (only )?|(you |i )?(have|need|must) (to )?(sit|stand|be) (right |very )?(beside|next to|close to|near) it|ear (to|against|at) (it|the (speaker|cloth|set))|(only )?an? (murmur|whisper|trickle)( comes( out)?)?)\b/,
  distorted:
    /\b(buzz(es|ing)? (in|on|with) (the |loud )?(speech|voices?|words|music|passages?)|distort(s|ed|ion|ing)?|harsh|rough(ly)?|mushy|garbled|splatter(s|ing)?|muffled|tinny|rasp(s|y|ing)?|fuzzy|gritty|clipp(s|ed|ing)?|(poor|bad) (tone|(sound )?quality)|sounds? like an? (?!(new|dream|bell|charm|concert|motor|putt|boat|steam|engine|tractor|train|helicopter|buzz|hum|hiss|frying|fire|log|rain|storm|waterfall|static|whistle))\w+|unintelligible|unclear|indistinct|(speaker|cone|paper) (is |was |were )?(torn|ripped|damaged)|(torn|ripped|damaged) (speaker|cone|paper)|unreadable|strangled|hoarse|blurred|thin|shrill|woolly|boomy|break(s|ing)? up|rattl(es?|ing)|blasts?|croak(s|ing|y)?|mudd(y|ily)|grat(es|ing)|(like|as( if)?) (it (came|comes|was|were) )?(from|out of|in|inside|through|over|down) an? (?!distance|far|another|long)\w+( \w+)?|(?<=\b(reports?|audio|voices?|sound|tone|quality|speech) (are|is) )bad|overload(s|ed|ing)?|terribl[ey]|dreadful(ly)?|nasty|(hard|difficult|impossible) to (understand|follow|make out)|can not (be )?(understand|understood|make out|follow)( \w+)?|nasal|choked|chopp(y|ed)|badly|horribl[ey]|awful(ly)?|ugly|like a (broken|torn|blown|tin) \w+)\b/,
  hum: /\b(hum(s|med|ming|my)?|buzz(es|ing)?|drone(s)?|mains (noise|tone)|ripple)\b/,
  noise:
    /\b((sounds? |noises? )?like (an? |the )?(steady |heavy |log |camp )?(rain|waterfall|wind|sea|surf|sand|gravel|fire|frying( \w+)?|steam|storm|hail)( on an? \w+)?|rustl(es|ing)|crackl(e|es|ed|ing|y)|scratch(y|es|ing)?|noisy|(?<!\b(humming|hum|buzzing|buzz|howling|whistling|squealing|rattling|(putt?|motor).?(putt?(ing)?|boat(ing)?)) )noises?|hiss(es|ing|y)?|frying|fries|sputter(s|ing)?|static|pop(s|ping)?|spit(s|ting)?|sizzl(e|es|ing)|whin(e|es|ed|ing|y)|hash|rush(es|ing)|click(s|ing)?|(loud|sharp|occasional) cracks?|bangs (in|from)|arc(s|ed|ing)?|flash(es|ed)? over|sparks?|sparking)\b/,
  unsteady:
    /\b((drifts?|wanders?|slides?|creeps?|slips?) off( the)? (tune|frequency|stations?)|(drifts?|wanders?|slides?|creeps?|slips?|moves?|walks?|runs?) away|(does|do|will|can) not (hold|keep)( on)?( to)? (the |a |its )?(stations?|frequency|tuning|tune|pitch)|(goes|moves|jumps|swings) up and down|howl(s|ed|ing)?|whistl(e|es|ed|ing)|motor.?boat(s|ed|ing)?|(sounds? |noises? )?like an? (small |old |motor ?|steam ?)?(boat|tractor|engine|helicopter|train)|putt?.?putt?(s|ing)?|pump(s|ed|ing)|drift(s|ed|ing|y)?|creep(s|ing)?|chirp(s|ed|ing|y)?|flutter(s|ed|ing)?|unstable|instability|squeal(s|ed|ing)?|(self.?)?oscillat(es?|ed|ing|ion)|squeak(s|ing)?|sings|birdies|wander(s|ed|ing)?|slid(es?|ing)|jump(s|ed|ing|y)?(?! back)( (in|off) (frequency|pitch))?|unsteady|(not|never) (very |quite |really )?(steady|stable|constant)|(is|are|was) anything but (steady|stable)|var(y|ies|ied|ying)( up and down)?|fluctuat(es?|ed|ing|ions?)|moves? (about|around)|(goes|went|runs|moves) off (the )?(stations?|frequency|tune)|warbl(e|es|ing)|pulsat(es?|ing)|feeds? back|feedback|wobbl(es?|y)|screech(es|ing)?|(does|do|will) not stay (on|put)( (frequency|tune|the station))?|(has|have|must|needs?|is) (to )?(be )?retun(e|ed|ing)|need(s)? retuning)\b/,
  /** it stays where it was tuned */
  steady:
    /\b((holds?|keeps?|stays?)( on)?( (the|its|a|one))? (stations?|frequency|tune|tuning|pitch)|(rock.?|perfectly |quite |very )?(steady|stable)|stays put)\b/,
  off: /\b(off( the)? (calibration|dial|frequency|scale|tune)|out of (calibration|alignment|tune)|(at|in|on) (the )?(wrong|another|a different) (place|spot|position|frequency|end)|(reads?|comes? in|appear|sits?) (about )?(\d+ ?k?hz )?(too )?(high|low|off|out|wrong|shifted)|off by( about)? \d+ ?k?hz|(belongs?|should be|should come in|on|at|of) (at |on )?\d+(\.\d+)?( ?[km]hz)? (but )?(comes? in|is( found| heard)?|appears?|sits|shows( up)?|reads) (up )?(at|on) \d+(\.\d+)?( ?[km]hz)?|too far (to the |up |down )?(left|right|up|down)|(to the|further) (left|right)|(higher|lower|further (up|down)) (on|up|down) the (dial|scale)|shifted|do(es)? not (match|agree|tally)( with)?|not where (they|the dial|it)( should| says?)?( be)?|wrong|miscalibrated|\d+ ?k?hz (off|out|too high|too low|high|low)|is (off|out|wrong))\b/,
  slips:
    /\b(slips?|slipp(ed|ing|y)|slack|backlash|loose|stiff(ly)?|jumps? back|springs? back|(turns?|spins?|rotates?) (right )?(round|through|freely|endlessly|loosely)( without \w+)?|hangs?|binds?|catch(es)?|gummed( up)?|seized|sticky|sticks|stuck|jam(s|med)|broken?|snapped|(has |have )?(come|came|fallen|fell) off|(is )?off (its|the) (pulley|drum)|does nothing|(hard|heavy) to (turn|move)|without (moving|tuning)( \w+)?)\b/,
  hot: /\b(smok(e|es|ed|ing)|burn(s|t|ing|ed)?( smell)?|smells?( of)?( something)?( (hot|burn\w*|wax|tar|insulation|electrical))?|overheat(s|ed|ing)?|((get|gets|got|getting|turn|turns|turned|run|runs|running|is|are|go|goes|becomes?|too|very) )+(so |too |very |extremely |unusually |quite |really )?(hot|red)|red.?hot|glow(s|ing)? red|red plat(e|es|ing)|went bang|bang|puff of smoke|stinks?)\b/,
  blown:
    /\b(blow(s|n|ing)?|blew|(?<=\b(fuses?|breaker) (always |just |keeps? |keeps? on )?)go(es|ing)|trip(s|ped|ping)?|pops?|popped|went|takes? out|burns? out|burnt out|fails?)\b/,
  /** of lamps and heaters */
  bright:
    /\b((far |much |very )?too bright(ly)?|(very|unusually) bright(ly)?|brighter( than (the others|usual))?|(glow(s|ing)?|lit|shines) (very )?(blue|purple|violet|pink|white|bright(ly)?)|(blue|purple|violet|pink) glow)\b/,
  dark: /\b(dark|unlit|stays? (dark|cold|out)|cold|out|off|extinguished)\b/,
  lights: /\b(lights?( up)?|glow(s|ing)?|lit)\b/,
  starts: /\b((come|comes|turn|turns|switch|switches|power|powers|start|starts)( up| on)?)\b/,
  moves:
    /\b(move(s|d)?|deflects?|swings?|reads?|register(s)?|respond(s)?|reacts?|budges?|(runs?|turns?|moves?) (smoothly|easily|lightly)|turns?|follow(s)?|returns?( to (zero|rest))?|comes? back|go(es)? (back )?to zero|close(s)?|open(s)?)\b/,
  /** of a stage with a work of its own */
  fails:
    /\b(((gives?|has|shows?) )?no (note|tone|reading|glow|light|effect|action|indication|deflection|movement|response)|stuck|reads? (backwards?|wrong|the wrong way|nonsense|high|low)|backwards|fails?|failing|failed|inoperative|(makes? |has |have )?no (effect|difference)|ineffective|does nothing|stays? (wide )?(put|at zero|still|closed|shut|open|up|down)|(reads|shows|goes to|at) full scale|against the stop|off scale|pinned|hangs|stiff|dim(med|mer)?|sticks|lazy|jammed|broken|overshoots)\b/,
} as const;
export type Predicate = keyof typeof PREDICATES;

/** Circumstances. */
export const TIMES = {
  warm: /\b((needs|takes|wants|requires) (about |some |a )?((\d+|a few|few|five|ten|fifteen|twenty) ?(minutes?|mins?|hours?)?|(half an?|an?|one) (minutes?|mins?|hours?))( (to warm up|of warming|before|until) ?(it )?(plays|works|comes on|comes up|is (right|well)|warm)?)?|(when|once|if|as|until|till|while|from|after|before) (it |the set |she )?(is |has |gets |got |goes )?(been (on|playing|running) .*|warm(s|ed|ing)?( up)?|cold|hot|cools?( down)?|heats up)|after (about |some |around )?(a |an |the )?(few |couple of |first |half |quarter of )?(an? )?(\d+|one|two|three|five|ten|fifteen|twenty|thirty|half|few|while|hour|minute|second)s?( (an? )?(minutes?|mins?|hours?|seconds?|of .*))?|with (heat|warmth|time|temperature)|(takes|needs|wants) (very |too |so |quite )?(long|ages|forever|a (long )?(while|time)|(a lot of|much|some|its) time)( to \w+( \w+)?| before it \w+( \w+)?| until it \w+( \w+)?)?|slow to (warm( up)?|start( up)?|come (on|up))|as it warms( up)?|warming up|when cold|from cold|(after|at|on|from) switch(ing)?.?on|after (turning|being turned|being switched) (it )?on|for (about |some )?(the first )?(\d+|a few|an?|one|two|three|several|some|five|ten|twenty|half( an?)?) ?(minutes?|hours?|mins?)|((in|during|over|within|for) )?the first (\w+ ){0,2}(minutes?|mins?|hours?)|worse warm|worse hot|in the sun|on hot days|goes off as it warms)\b/,
  touched:
    /\b((when|if|after|until|unless|as soon as) (you |i |one |it is |it's |the (cabinet|set|case|bench|table|floor) is )?(tap(ped)?|thump(ed)?|touch(ed)?(?! (the )?((volume|tone|gain|treble|bass|band|wave) )?(control|knob|pot|switch))|knock(ed)?|hit|bang(ed)?|kick(ed)?|jiggl(e|ed)|wiggl(e|ed)|mov(e|ed)|shak(e|en)|slap(ped)?|bump(ed)?|press(ed)?(?! (the )?(key|ptt|button|switch|mic\w*)))( (it|the (set|cabinet|side|chassis|top|case)))?|after (a |an? \w+ |one |some |the )?(thump|tap|knock|slap|bang|bump|kick|hit)s?( (on|to|against) (the )?\w+)?|(a |the )?(thump|tap|knock|slap|bang|bump)( on (the )?\w+( \w+)?)? (brings|makes|cures|restores|fixes|sets)|(tapp|thump|knock|slapp|bang|bump|hitt|shak)ing (it|the (cabinet|set|case|side|table|top))?( (brings|makes|cures|restores|fixes|helps))?|vibration|sensitive to (touch|tapping|knocks|vibration)|(some(one|body)|any(one|body)|people|one|you|i) walks?( by| past| across \w+ \w+)?|doors? slams?|(when|if|as soon as) the (table|floor|bench|shelf|house|cabinet|set|desk) (shakes|moves|vibrates|is (shaken|moved|knocked))|(when|if) (a |the )?(lorry|truck|train|car|tram)s? (goes|go|drives?|passes|pass)( past| by)?)\b/,
  turned:
    /\b(when|if|as|while) (you |i |one )?(the )?((volume|tone|gain|band|switch|control|knob|it)( control| switch)? is )?(turn(ed|ing)?|work(ed|ing)?|operat(e|ed|ing)|switch(ed|ing)(?! (it )?(on|off))|chang(e|ed|ing))( (the )?(volume|tone|bands?|wave|switch|control|knob|gain)( (switch|control|knob))?)?\b/,
  strong:
    /\b(on|with) (the )?(strong|loud|local|powerful|near) (signals?|stations?|ones?)\b|\bon locals\b|^(the )?(strong|loud|local|powerful) (signals?|stations?)\b(?= (are |is |get )?(distort|overload|blast|break|splatter|rough|harsh))/,
  down: /\b(with|even with|at) (the )?volume (turned )?(right )?(down|off|at zero|at minimum|to zero)|volume (at )?(zero|minimum)|regardless of (the )?volume|whatever the volume|(the )?volume (control |setting )?(makes|has) no (difference|effect|influence)( on (it|the \w+))?|independent of (the )?volume|(does|do) not (change|vary|move|go) (with|by) the volume( control)?|not affected by the volume( control)?|stays with the volume down\b/,
  band: /\b((on|only|just) (the )?((two|three|four) )?((sw|mw|lw|short ?wave|medium ?wave|long ?wave|one (band|range|wave)|highest|lowest|top|upper|lower|bottom|middle|high|low|some|\d+(\.\d+)? ?(m|metres?|meters?|mhz))( (band|bands|range|wave))?|short|medium|long)|(just|only) on(?! (the )?(gram|phono|pick.?up|tape|aux|records))|one band( only)?|(the )?((two|three) )?(highest|lowest|upper|lower|top|bottom|middle) ((two|three) )?(bands?|ranges?)|one range|bands? only|\d+ ?m( only)?|(only|just) (fm|am|mw|lw|sw)|(fm|am|mw|lw|sw) only|(short|medium|long) ?waves?( only)?|(sw|mw|lw)|(the )?(\d+|ten|fifteen|twenty|forty|eighty)[ -]met(re|er)s?( band)?|(the )?(other|rest of the) bands|(above|below|over|under|from) \d+(\.\d+)? ?(mhz|khz|mc|kc)( (on|up|upwards|down))?)\b/,
  bands: /\b((on )?(all|every|any|each) (of the )?(bands?|wavebands?|ranges?|waves?)|all over)\b/,
  intermittent:
    /\b(intermittent(ly)?|sometimes|now and then|comes and goes|come and go|on and off|at times|occasional(ly)?|from time to time|every so often|at random|randomly|for no reason|sporadic(ally)?)\b/,
  line: /\b(50|60) ?hz\b|\bline.frequency\b/,
  double: /\b(100|120) ?hz\b|\btwice (the )?(line|mains)\b|\bdouble\b/,
} as const;
export type When = keyof typeof TIMES;

/** Takes back what follows it. */
export const DENY =
  /\b(no|not|never|without( any)?|none|nor|neither|free (of|from)|hardly any|isn.?t|lacks?|absence of|lost|can ?not)\b/;

/** What smells of something else than of heat tells nothing of the set. */
export const OTHER_SMELLS = /\b(mice|mouse|mould|mold|damp|tobacco|cigarettes?|cellar|musty|dust|perfume|cat|attic)\b/;
