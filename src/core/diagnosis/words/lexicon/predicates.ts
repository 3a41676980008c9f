import { any } from "./any";

/** What is said of it. */
export const PREDICATES = {
  /** it does what it should */
  works: any`
    nothing (is )?wrong( with)?
    nothing to (complain|criticise|object|report)( about| of| to)?
    (they|others|people|everyone|everybody|all) (can )?hears? me( (very )?(well|fine))?
    (can |i )?hears? (others|everybody|everyone|them|all stations?)( very)?( well| fine)?
    (?<=\b(carrier|output|power|signal|sound|audio|reception|drive) ((is|are) )?(still )?)(there|present)
    (?<=\b(fuses?|heaters?|filaments?|lamps?) (is |are |was |were )?(still )?)(intact|whole|unbroken)
    (no|without)( any)? (problems?|trouble|faults?|difficult(y|ies)|complaints?|hitch(es)?|fuss|hiccups?)( with)?
    (works?|plays?|playing|working|sounds?|go(es)?|performs?|receives?|transmits?) (very |quite |really |so |again )?(well|fine|right|ok(ay)?|good|perfectly|properly|normally|correctly|as it should)
    (?<=\bfuses? (now |still )?)holds
    functions? | functioning | operates? | operating | operational | works?
    plays?(?! (all )?(alike|the same|equally))
    playing | working | receives | transmits
    (?<=not |to )(receive|transmit)
    properly | correct(ly)? | fine | well | ok(ay)? | good | perfect(ly)? | normal(ly)? | right | as (it|they) should
    as (well|good|loud) as (ever|new|before) | very sensitive
    (?<=\bfuses? (does|do|did|will|would) not )hold
    keeps? (on )?(playing|working)(?! (up|off|dead|silent)\b)
    as new | spot.?on(?! (the|a|one|my)\b) | accurate | exact | loud and clear | loud | clear | clean | strong | like new | great
    healthy | in order | excellent(ly)?
    (?<!\b(at|with|even) )full (output|power|volume)
    lovely | wonderful(ly)? | beautiful(ly)? | superb(ly)? | nice(ly)? | marvellous(ly)? | flawless(ly)?
    faultless(ly)? | impeccabl[ey] | splendid(ly)? | brilliant(ly)? | fantastic(ally)? | satisfactor(y|ily)
    decent(ly)? | crisp(ly)? | pleasant(ly)?
    (no|without) (issues?|defects?|flaws?)
    back to normal
    (makes?|gives?|puts? out|delivers?|reaches) (its |the )?(rated|full|normal|specified|nominal|usual) (power|output)
    as (it was |they were )?(before|when new)
    not bad
    (?<=\b(stations?|signals?) (all )?)(come|comes|coming) in(?=$| (well|fine|ok|clearly|nicely|loud))
    full (carrier|drive|signal|modulation) | faultless | trouble.?free | in (good|working|perfect) (order|condition)
    up to (standard|specification|spec) | beyond reproach | a (joy|pleasure|treat)
    (could|can) not be better | couldn.?t be better
    (?<=\b(fm|am|stations|radio) (is |are )?)(still )?(there|present) | (?<=\bcarrier )(comes (up|on)|appears)
  `,
  dead: any`
    no reaction(?= (when|at all|from|whatsoever|if|after|on)\b)
    (does|do|will|can) not (pick up|get|find) (anything|any|an? single|one single)( \w+)?
    (does|do|did|will|can) not (tune|bring|pull) in (anything|any( \w+)?)
    (just|only|simply) sits there
    breaks? off | broke off | drops? dead | drops? in and out
    (nobody|no one|no ?body) (ever )?(comes back|answers|replies|responds)( to (me|my calls?|us))?
    (they|others|people|other stations|the other (station|side)) (can|could|do|does|will) not (hear|copy|read) (me|us)
    can not hear (them|anyone|anybody|any( \w+)?|others|other stations)
    (?<!\bit )(goes|went) away
    (?<=\b(power|output|drive|volume|sound|signal|carrier|current) )(goes|drops|falls|went|fell) to (zero|nothing)
    (is|are|stays?|remains?|reads?|shows?|sits?) (at )?(zero|nil|nought) | zero (output|watts|power) | (?<=\b(power|output|drive|carrier) )(zero|nil|nought)
    (does|do|did|will|can) not (make|give|produce|utter) (an?|any|one) (single )?(sound|noise|note|tone|peep)
    (stone |completely |quite )?dead( as a (doornail|stone))?
    silent | silence | mute
    nothing(?! (smells?|smokes?|burns?|gets?|overheats?|glows?|lights?|hums?|buzzes|crackles?|drifts?)\b)( at all| to hear| comes( out| through)?| happens)?
    no sign of life
    can not hear (anything|a thing|it|a word|sound|a sound)
    ^(it |the set |the sound |sound |fm |am |reception )?(goes|went)$
    lifeless | gone(?! deaf)
    stop(s|ped)?( (playing|working|receiving|transmitting|dead|altogether))?
    cut(s|ting)? (in and )?out | die(s|d)? | dying | dropping out | going (off|dead|silent|mute) | drop(s|ped) out | goes off | went (off|silent|dead) | kaput | unresponsive
    defunct | inaudible | conk(s|ed) out | pack(s|ed) (up|in) | given up( the ghost)? | expired | non.?functional
    no life
    not a (squeak|murmur|word|note)
    (gives?|has|gets|makes|produces) none | refuses( to \w+)? | out of action | (nobody|no one) (can )?hears? | vanish(es|ed) | disappear(s|ed) | quits?
    missing
    not a (sound|peep|thing|whisper)
    switches (itself )?off | shuts? (itself )?(down|off) | gave up
    bust(ed)? | knackered | done for | (has|had) had it | useless | unusable | out of service | non.?working | soundless
    dead on arrival | no (joy|go|dice) | zilch | nada | gave out | given out | gives out | went down | drop(ped|s) dead
    not (functioning|operational) | (is|was) finished | blank | ceas(es?|ed) | switched (itself )?off
    (went|goes|gone) quiet (for good|altogether|completely|at once|suddenly)
  `,
  weak: any`
    (only|just|barely|under|below|less than|no more than) (about )?\d+ ?(percent|per cent)
    (does|do|will) not (play|get|go|sound|come) (very )?(loud|strong)( enough)?
    can not be (turned|brought|made) (up )?(loud|high|strong) enough
    no (distant|far|weak|remote) (stations?|ones?|signals?)
    not (very |so )?(loud|strong)( enough)? | not (very |too |particularly |so )?sensitive( any more)?
    (?<=\b(good|fine|ok|works|plays|receives|heard|reception)( (well|fine))? )only (in|at|during) (the )?(evenings?|nights?|dark)|(in|at|during) (the )?(evenings?|nights?|dark) only
    (only )?(at|by) night only | only ((plays?|works?|receives?|(picks?|brings?) \w+( \w+)?|(gets?|hears?) \w+) )?(at|by|during the) night | only (after|in the) (dark|sunset|evenings?)
    ((plays?|works?|receives?|heard) )?only (near|by|at|in|next to|close to) (the|a|an) (window|door|garden|attic|loft|balcony)( \w+)?|only (outdoors|outside|upstairs)
    folds? back | folding back | cuts back | backs off
    could be (louder|stronger|more sensitive)
    (has|needs|have) to be (turned )?(right |fully? |all the way )?up( full)?
    (has|needs|have|must) (to )?be (set |turned )?(at|to|on) (the |its )?(maximum|max|full|top|highest|stop|end)( (volume|gain|setting))?
    only (at|with) (full|maximum|the highest) (volume|gain)
    (sounds?|is|are|seems?|comes?) (very |quite |so |too )?(far away|distant|remote)(?! (stations?|ones?))
    (has|have|with) (no|little|hardly any) (strength|punch|sensitivity|force)
    (used to be|was once|once was) (much |far |a lot )?(louder|stronger|more sensitive)
    (have|has|need|needs|must) (to )?(be )?turn(ed)? (it |the volume )?(right|fully|all the way|very far) (up|open)
    ((got|gets?|getting|become|becomes|becoming|became|is|grown) )(steadily |slowly |much |ever )?worse
    ((down to|only|about|at) )?(a|one) (quarter|third|half|tenth|fraction) of (what|its|the (usual|normal|rated|former))( it was| output| power| volume)?
    turn (it )?(right |fully? |all the way )?(up )?(fully )?(up )?to hear( \w+)?
    needs (full|maximum|all the) (volume|gain)( to \w+( \w+)?)?
    weak(er|ly)? | faint(ly|er)? | low | lower | quiet(er|ly)? | insensitive | deaf
    half( of)?( its| the)?( usual| normal)?( output| power| volume)?
    fad(es?|ed|ing)( (away|out))?
    (hardly|barely|scarcely)(?! any (hum|buzz|noise|hiss|crackl|distort|drift))
    drop(s|ped)?( off| away)?(?! out)
    receive~ (very )?(badly|poorly|terribly)
    (does|do|will|can) not (pick up|get|receive|find) (many|much|most)( \w+)?
    lo(st|ses?|sing) (the |some |its |all )?stations?
    (needs|wants|requires|only with) an? (very )?(long|outdoor|external|good) (aerial|antenna)( to \w+( \w+)?)?
    down | poor(ly)? | feeble | subdued | diminish(es|ed|ing) | decreas(es|ed|ing) | dwindl(es|ed|ing)
    declin(es|ed|ing) | under.?powered | below par | an[a]?emic
    (almost|nearly|barely|hardly|scarcely|just) (in)?audible
    (buried|lost|drowned) in (the )?(noise|hiss)
    nothing (is )?(heard|comes) (above|over|through) the (noise|hiss)
    better with an? (longer|better|outdoor|outside|external|good|proper) (aerial|antenna)
    less | little | sags? | reduced | soft(ly)? | sinks
    (far(.?away)?|distant|remote|weak(er)?|faint) (stations?|ones?|signals?) ((do|will|can) not|are (gone|not|lost|missing)|have (gone|vanished|disappeared)|fail to)( \w+){0,3}
    (falls?|fell|fallen)(?! (off|from|over|down|out of) (the|a|an|my|its|stairs))( (off|away|back|to( an?)?( \w+)?))?
    only (about )?\d+(?= (on|in|at|with)\b) | only (about )?\d+ ?w(atts?)? | \d+ ?w(atts?)? only
    (the )?(local|strong|near) (stations?|ones?) only
    lo(st|ses?|sing) (most of |some of |much of |a lot of |half )?(of )?(its |the )?(power|volume|sensitivity|strength|punch|gain|loudness|output)
    (hard|difficult) to hear
    (bad|terrible|awful|poor) reception | (?<=\breception (is |was |has been )?(very |so )?)(bad|terrible|awful)
    (very |only )?(few|fewer) (stations|signals)
    (receives?|gets?|picks? up|finds?|brings? in) (only |just )?(one|a single|two|a couple of) (\w+ )?stations?
    used to (be|get|have|pick up|bring in|play) (\w+ ){0,2}(more|better|louder|stronger)( \w+)?
    (needs?|wants?|requires?) (the )?volume (control )?(turned |set )?(right |fully |all the way )?(up|at|to|on)( (full|max|(the )?(maximum|top|end)))?
    (does|do|will|can) not load( up)? | (does|do|will|can) not (be )?dip(ped)? | no dip
    only (the |some )?locals
    only (the |some )?((very )?(strong(est)?|local|near(est)?|loud(est)?|powerful|one|a few|a couple of|a handful of|two|three) )+(local |fm |am |mw |lw |sw )?(stations?|ones?|signals?|locals?|transmitters?)
    lacks (power|volume|sensitivity|gain)
    at (its )?full volume (only )?
    (you |i )?(have|need|must) (to )?(sit|stand|be) (right |very )?(beside|next to|close to|near) it
    ear (right |close )?(to|against|at|on) (it|the \w+)
    (only )?an? (murmur|whisper|trickle)( comes( out)?)?
    muted | hushed | below (standard|normal|par) | wimpy | pathetic | puny | meagre | insufficient | inadequate | lacklustre
    not enough (volume|power|output|gain|sound|drive|signal) | too (little|low|quiet|soft|weak|faint)
    (nothing like |nowhere near |not |less |half )(as |so )?loud( as .*)? | not as (loud|strong|sensitive|powerful)( as .*)?
    only just | attenuated | way down | lacking (in )?(volume|power|sensitivity|gain|punch) | under (par|powered) | waning | wanes
    \d+ ?w(atts?)? instead of (the )?(\w+ )?\d+( ?w(atts?)?)?
  `,
  distorted: any`
    buzz(es|ing)? (in|on|with|at) (the |loud )?(speech|voices?|words|music|passages?|(low |high |bass |certain |some )?(notes|tones))
    (?<=\b(cone|speaker|voice coil) (is )?)(scrap(es?|ing)|rub(s|bing)?)
    cracks? up | downwards?
    distort(s|ed|ion|ing)? | harsh | rough(ly)? | mushy | garbled | splatter(s|ing)? | muffled | tinny
    rasp(s|y|ing)? | fuzzy | gritty | clipp~
    (poor|bad) (tone|(sound )?quality)
    sounds? like an? (?!(new|dream|bell|charm|concert|motor|putt|boat|steam|engine|tractor|train|helicopter|buzz|hum|hiss|frying|fire|log|rain|storm|waterfall|static|whistle))\w+
    unintelligible | unclear | indistinct
    (speaker|cone|paper) (is |was |were )?(torn|ripped|damaged)
    (torn|ripped|damaged) (speaker|cone|paper)
    unreadable | strangled | scrambled | metallic
    two (stations|programmes|programs) (at once|at the same time|together)
    crunchy | gravelly | gargl(es|ed|ing) | slurred | smeared | stutter~ | overdriven | squashed
    gurgl(es|ing) | sounds? torn | hollow | boxy | wheez(es|y|ing) | dull
    like (donald duck|a duck|a kazoo)
    hoarse | blurred | thin | shrill | woolly | boomy | break(s|ing)? up
    (?<=\b(sounds?|voices?|music|speech|audio|tone) (is |are )?)cracked
    rattle~ | blasts? | croak(s|ing|y)? | mudd(y|ily) | grat(es|ing)
    (like|as if|as though) (it (came|comes|was|were|is) |\w+ing )?(from|out of|in|inside|through|over|down|under) (an? |the )?(?!distance|far|another|long|concert|new)\w+( \w+)?
    (?<=\b(reports?|audio|voices?|sound|tone|quality|speech|modulation|transmission) (are|is) )bad
    overload~ | terribl[ey] | dreadful(ly)? | nasty
    (nobody|no one|they|others?|people)( (can|could|do|does))?( not| hardly| barely)? understands? (me|us|a word|what \w+ says?)
    (hard|difficult|impossible) to (understand|follow|make out)
    can not (be )?(understand|understood|make out|follow)( \w+)?
    nasal | choked | chopp(y|ed) | badly | horribl[ey] | awful(ly)? | ugly
    like a (broken|torn|blown|tin) \w+
    unnatural | raw | ragged | coarse | buzzy | squawk(y|s|ing)? | mangled | mumbl(es?|ing) | honky | lispy | fractured
    over.?modulat(es?|ed|ing|ion) | flat.?topp(ed|ing) | saturat(es?|ed|ing) | shredded | unpleasant | wooll?y | blurry | blurred
    underwater | under water | strangulated | croaky | cracked up | broken up | unrecogni[sz]able
    sounds? (like|as if|as though) (he|she|it|they|somebody|someone|you|i) (?!works?|plays?|is new|was new)\w+( \w+){0,3}
    (stations|programmes) (run into each other|interfere( with each other)?|on top of each other) | overlap(s|ping)?( each other)?
  `,
  hum: any`
    hum(s|med|ming|my)? | buzz(es|ed|ing)? | drone(s)? | rumble~ | growl(s|ed|ing)? | mains (noise|tone)
    ripple
    purr(s|ed|ing)? | thrum(s|ming)? | burr(s|ed|ing)? | (50|60|100|120) (hz|cycles?) (tone|note|noise) | ac (tone|note)
  `,
  noise: any`
    (sounds? |noises? )?like (an? |the )?(steady |heavy |log |camp )?(rain|waterfall|wind|sea|surf|sand|gravel|fire|frying( \w+)?|steam|storm|hail)( on an? \w+)?
    rustl(es|ed|ing) | crackl(e|es|ed|ing|y) | scratch(y|es|ing)? | noisy
    (?<!\b(humming|hum|buzzing|buzz|howling|whistling|squealing|screeching|shrieking|wailing|screaming|squeaking|singing|rattling|(putt?|motor).?(putt?(ing)?|boat(ing)?)) )noises?
    hiss(es|ed|ing|y)? | frying | fries | sputter(s|ed|ing)? | static | pop(s|ped|ping)? | spit(s|ting)? | spat | sizzle~
    whin(e|es|ed|ing|y) | hash | rush(es|ed|ing) | roar(s|ed|ing)? | fizz(es|ing|le|les)? | splutter(s|ed|ing)?
    swish(es|ed|ing)? | snap(s|ping) | tick(s|ed|ing) | bubbl(es|ed|ing) | clatter(s|ed|ing)? | click(s|ed|ing)?(?! (in|into|over)\b)
    (loud|sharp|occasional) cracks?
    (dead|worn|bad) spots? | bangs (in|from) | arc~ | flash(es|ed)? over | sparks? | sparking
    (?<=\b(tap\w*|touch\w*|knock\w*) .*)ringing( sound| noise)? | ringing (sound|noise)
    whoosh(es|ed|ing)? | swoosh(es|ed|ing)? | white noise | thuds? | bangs | crunch(es|ed|ing) | tear(s|ed|ing) noise | grinding
    (a |the )?(burst|bursts|shower) of (noise|static) | interference | mush
    cracks | thunder(ing)?
    flash(es|ed|ing)? | spitting
  `,
  unsteady: any`
    (drifts?|wanders?|slides?|creeps?|slips?) off( the)? (tune|frequency|stations?)
    (drifts?|wanders?|slides?|creeps?|slips?|moves?|walks?|runs?) away
    (does|do|will|can) not (hold|keep)( on)?( to)? (the |a |its )?(stations?|frequency|tuning|tune|pitch)
    (goes|moves|jumps|swings) up and down
    howl~ | whistle~ | motor.?boat(s|ed|ing)?
    (sounds? |noises? )?like an? (small |old |motor ?|steam ?)?(motor|boat|tractor|engine|helicopter|train)
    putt?.?putt?(s|ed|ing)? | pump(s|ed|ing)
    drift(s|ed|ing|y)?( (slowly |steadily )?(up|down|upwards?|downwards?|high|low|higher|lower)\b)?( in (frequency|pitch))?
    fm(s|ed|ing) | creep(s|ed|ing)? | chirp(s|ed|ing|y)? | flutter~ | unstable | instability
    squeal~
    (self.?)?oscillat(es?|ed|ing|ion)
    squeak(s|ed|ing)? | sings | birdies | swing(s|ed|ing) | sway(s|ed|ing) | surg(es|ed|ing) | throb(s|bing) | shriek(s|ed|ing)?
    scream(s|ed|ing)? | bounc(es|ed|ing|y) | tremolo | trembl(es|ed|ing) | swoop(s|ed|ing)? | stray(s|ed|ing)? | hunt(s|ed|ing)
    wander~ | slide~
    jump(s|ed|ing|y)?(?! back)( (in|off) (frequency|pitch))?
    (?<=\b(frequency|pitch|note|tuning) )(changes|shifts|moves|pulls|varies|runs)
    unsteady | detun(es?|ed|ing)( itself)? | hand.?capacity( effect)?
    (not|never) (very |quite |really )?(steady|stable|constant)
    (is|are|was) anything but (steady|stable)
    var(y|ies|ied|ying)( up and down)?
    fluctuat(es?|ed|ing|ions?) | moves? (about|around)
    (goes|went|runs|moves) off (the )?(stations?|frequency|tune)
    warble~ | pulse~ | pulsate~ | feeds? back | feedback | wobbl(es?|y) | screech(es|ed|ing)?
    (does|do|will) not stay (on|put|tuned|there)( (frequency|tune|the station))?
    (has|have|must|needs?|is) (to )?(be )?(keep (on )?)?(retun(e|ed|ing)|re-?adjust(ed|ing)?)
    (needs?|wants?|requires?) ((constant|frequent|continual|regular|permanent|repeated) )?(re-?(tuning|adjust(ing|ment))|(constant|frequent|continual) tuning)
    keeps? (on )?losing (the |its |a )?(stations?|signal|tune)
    waver(s|ed|ing)? | wail(s|ed|ing)? | moan(s|ed|ing)? | whoop(s|ed|ing)? | yelp(s|ed|ing)? | tweet(s|ed|ing)? | twitter(s|ed|ing)?
    heterodyn(es?|ing) | squegg?(s|ed|ing)? | parasitics? | hop(s|ped|ping) | skip(s|ped|ping) | quiver(s|ed|ing)? | quaver(s|ed|ing)?
    takes off | (goes|breaks|bursts) into oscillation | shaky | roams? | yo.?yo(s|ed|ing)? | singing | ringing | seesaws?
    runs off | all over the (place|dial)
    walks?
  `,
  /** it stays where it was tuned */
  steady: any`
    (holds?|keeps?|stays?)( on)?( (the|its|a|one))? (stations?|frequency|tune|tuning|pitch)
    (rock.?|perfectly |quite |very )?(steady|stable)
    stays put
  `,
  off: any`
    off( the)? (calibration|dial|frequency|scale|tune)
    out of (calibration|alignment|tune)
    (at|in|on) (the )?(wrong|another|a different) (place|spot|position|frequency|end)
    (reads?|comes? in|appear|sits?) (about )?(\d+ ?k?hz )?(too )?(high|low|off|out|wrong|shifted)
    off by( about)? \d+(\.\d+)? ?([km]?hz|kc|mc) | off by (about )?(an?|one|two|half an?|\d+) (division|degree|station|inch|cm|mm|centimet(re|er)|bit|lot|little|channel)s?
    (belongs?|should be|should come in|on|at|of) (at |on )?\d+(\.\d+)?( ?[km]hz)? (but )?(comes? in|is( found| heard)?|appears?|sits|shows( up)?|reads) (up )?(at|on) \d+(\.\d+)?( ?[km]hz)?
    too far (to the |up |down )?(left|right|up|down)
    (about )?(an? |one |two |three |some |half an? |\d+ ?)(centimet(re|er)s?|cm|mm|millimet(re|er)s?|inch(es)?|divisions?|finger'?s? width) (away|off|out|beside|next to|to the (left|right))( (from|of))?( the( right| true)? (stations?|place|mark))?
    (to the|further) (left|right)
    (higher|lower|further (up|down)) (on|up|down) the (dial|scale)
    shifted( (up|down|along)( the (dial|scale|band))?)?
    do(es)? not (match|agree|tally)( with)?
    not where (they|the dial|it)( should| says?)?( be)?
    wrong | miscalibrated | misaligned | inaccurate | misplaced | disagrees?( with)?
    (does|do) not (line up|correspond)( with| to)?
    \d+(\.\d+)? ?([km]?hz|kc|mc) (off|out|too high|too low|high|low)
    (is|are|was) (way |far |well |badly |slightly |a little |a bit |much |quite )?(off|out|wrong)
    (?<=\b(dial|calibration|scale) )(off|out)$ | incorrect | displaced | (does|do) not track | tracking (is )?(off|out|poor|bad|wrong) | (not|never) (in|at) the right (place|spot|position)
    (bunched|crowded|squeezed|cramped)( up| together)?
  `,
  slips: any`
    slips? | slipp(ed|ing|y) | slack | backlash | loose | stiff(ly)? | jumps? back | springs? back
    (turns?|spins?|rotates?) (right )?(round|through|freely|endlessly|loosely)( without \w+)?
    hangs? | binds? | catch(es)? | gummed( up)? | seized | sticky | sticks | stuck | jam(s|med) | broken?
    snapped | drags | rubs
    (has |have )?(come|came|fallen|fell) off
    (is )?off (its|the) (pulley|drum)
    (goes|turns|moves) only (half|part)( of)?( the)? way | does nothing | free.?wheel(s|ing)? | skids? | rusted( solid)? | frozen | tight
    (does|do|can|will) not (be )?(turn(ed)?|budge|moved?)(?! (it |the set )?(on|off)\b)
    turns? (\w+ )?(without|with no) (any )?(effect|result)
    has (free )?(play|slop) | (does|do|will) not (reach|go to) (the )?(end|stop|top)( of the \w+)?
    ((has|with) )?(a lot of|lots of|much|too much|some|considerable) (free )?(play|slop) | no grip | scrapes? | lumpy | (hard|heavy) to (turn|move) | turns? (very |too |quite )?(hard|heavily|stiffly|heavy)
    (without|with no)( any)? resistance
    without (moving|tuning)( \w+)?
    lost motion | jerk(s|y|ing)? | sloppy | rusty | frayed | (came|come|has come|gone) adrift | grates | gritty | spins?
    (does|do|will) not (follow|engage|grip)
  `,
  hot: any`
    smoke~ | burn(s|t|ing|ed)?( smell)?
    smell(s|ed|t)?( of)?( something)?( (hot|burn\w*|wax|tar|insulation|electrical))?
    overheat~
    ((get|gets|got|getting|turn|turns|turned|run|runs|running|is|are|go|goes|becomes?|too|very) )+(so |too |very |extremely |unusually |quite |really )?(hot|red|orange|cherry)
    (red|orange|cherry|white).?hot | glow(s|ing)? (red|orange)( hot)? | red.plat(e|es|ed|ing) | fumes | acrid | cook(s|ing|ed)
    (wax|tar|pitch) ((has|have) (run|dripped|leaked)|runs?|drips?|leaks?|oozes?|comes|seeps?|is (running|dripping|leaking|oozing|coming|seeping)|ran|dripped|leaked|oozed)( out)?
    explode~ | (has |have )?burst | (gets?|runs?|becomes?|is) (much |far )?(too|very|unusually|really) warm | (gets?|runs?|is) (much |far )?hotter( than .*)? | boil(s|ing) | charred | scorched | singed | blackened | blistered | melted | went bang | bang | puff of smoke
    stinks?
    stench | reek(s|ing)? | odou?r | whiff | steam(s|ing)? | scald(s|ing)? | (on|caught) fire | flames? | roast(s|ed|ing)? | toasted
    ((turn|turns|turned|go|goes|glow|glows|glowing|run|runs) )(cherry|bright|dull|dark|blood)[ -]red
  `,
  blown: any`
    blow(s|n|ing)? | blew
    (?<=\b(fuses?|breaker) (always |just |only |still |also |then |soon |sometimes |keeps? |keeps? on )?)go(es|ing)
    trip(s|ped|ping)? | pops? | popped | went | takes? out | burns? out | burnt out | fails? | melt(s|ed)
    ruptures? | does not last
    (?<=\bfuses? (is |was |has |had |keeps? )?)(open|gone|going) | eats? | kills? | goes through | (?<=\bbreaker )(drops|throws|goes)
    (does|do|will|can) not hold(?= (a |the |any )?fuse)
  `,
  /** of lamps and heaters */
  bright: any`
    (far |much |very )?too bright(ly)?
    (very|unusually) bright(ly)?
    brighter( than (the others|usual))?
    (glow(s|ing)?|lit|shines) (very )?(blue|purple|violet|pink|white|bright(ly)?)
    (blue|purple|violet|pink) (glow|light|haze)
  `,
  dark: any`
    dark | unlit | stays? (dark|cold|cool|out) | cold | cool | out | off | extinguished
    (?<=\b(heaters?|filaments?|lamps?|bulbs?)( of (the|a|one) \w+( \w+)?)? (is |are |was )?)(open|gone|dead|burnt out|burned out|blown)
  `,
  lights: any`
    lights?( up)? | glow(s|ing)? | lit
    (?<=\b(lamps?|lights?|bulbs?|tubes?|heaters?|filaments?) (is |are |comes? |come |stays? |was |were )(still )?)on | (?<=\b(dial|pilot|panel) (lamps?|lights?) )on$
  `,
  starts: any`
    (come|comes|turn|turns|switch|switches|power|powers|start|starts)( up| on)?
  `,
  moves: any`
    move(s|d)? | deflects? | swings? | reads? | register(s)? | respond(s)? | reacts? | budges?
    (runs?|turns?|moves?) (smoothly|easily|lightly)
    shows? (a |the |every )?(signals?|stations?|carrier) | turns? | follow(s)? | returns?( to (zero|rest))? | comes? back | go(es)? (back )?to zero | close(s)?
    open(s)? | rises? | goes up
  `,
  /** of a switch or a control: it does not connect */
  contact: any`
    (does|do|will) not (make|give)( a| any)?( good| proper| reliable)? (contact|connection)
    (loses|drops) (a |an |one |the )?(channel|side|input|contact)
    contacts? (are |is )?(bad|poor|dirty|worn|burnt|oxidi[sz]ed|tarnished) | worn( out)?
    (bad|poor|dirty|no|loose|faulty|unreliable) contacts? | dirty | oxidi[sz]ed | tarnished | intermittent
    (needs?|has|have|wants?|must) (to )?(be )?(cleaning|cleaned|wiggling|wiggled|jiggling|jiggled|rocking|rocked|working|moving|moved|held|holding|pressed|pressing|pushed|pushing|pulled|leaned on|leant on|wedged|forced)( (to|towards?|over|against|in|down|sideways|aside)( (to )?(one|the|a) (\w+ )?(side|left|right|way|end|stop|place|spot))?)?
  `,
  /** of a stage with a work of its own */
  fails: any`
    chatter~
    (does|do|did|will|can) not (pull in|switch(?! (it |the set )?(on|off))( over)?|close|control|regulate|act|operate|energi[sz]e|change over|engage|key|click|come in|actuate|drop out|release|let go)( to \w+)?
    ((gives?|has|shows?) )?no (note|marker|tone|reading|glow|light|effect|action|indication|deflection|movement|response)
    stuck
    (stays|sits|hangs|sticks) at (s ?\d( \+ ?\d*)?|full scale|the stop) | reads? (backwards?|wrong|the wrong way|nonsense|high|low)
    backwards | fails? | failing | failed | inoperative | out of order
    (makes? |has |have )?no (effect|difference)
    ineffective | does nothing
    stays? (wide )?(put|at zero|(at|on) (the |its )?(left|rest|bottom|end|stop)( stop)?|still|closed|shut|open|up|down)
    (reads|shows|goes to|at) full scale
    against the stop | off scale | pinned | hangs | stiff | dim(med|mer)? | sticks | lazy | jammed | broken
    makes (it|things|everything) worse | overshoots | flicker~ | twitch~
    sluggish | frozen | asleep | slow(?! to) | slow to (react|respond|move|rise|follow|return)
  `,
} as const;
export type Predicate = keyof typeof PREDICATES;
