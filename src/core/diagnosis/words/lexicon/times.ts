import { any } from "./any";

/** What is turned, in a complaint. */
const CONTROL = String.raw`((volume|tone|gain|band|wave(band)?|range|function|mode)( change)? )?(switch|control|knob|pot)`;

/** Circumstances. */
export const TIMES = {
  warm: any`
    (when|if) (it is |it has been |it has |i |you )?(just |first )+(been )?(switched|turned|powered|switch|turn) (it )?on
    (right |straight |immediately |just |shortly |soon )after (switching|turning|powering|switch|turn|power)(ing)?.?( it)? ?on
    (at first|initially|to begin with|in the beginning|at the beginning|at the start)(?! (sight|glance|light)\b)
    until (it is |it has |it gets )?(fully |properly |really |thoroughly )?(warm|warmed up|hot)
    first thing in the morning
    (needs|takes|wants|requires) (about |some |a )?((\d+|a few|few|five|ten|fifteen|twenty) ?(seconds?|minutes?|hours?)?|(half an?|an?|one) (seconds?|minutes?|hours?))( (to warm up|of warming|before|until) ?(it )?(plays|works|receives( anything)?|does anything|comes on|comes up|is (right|well)|warm)?)?
    (when|once|if|as|until|till|while|from|after|before) (it |the set |she )?(is |has |gets |got |goes )?(been (on|playing|running) .*|(properly |fully |quite |really |thoroughly |well |good and |nice and )?warm(s|ed|ing)?( up)?|cold|hot|cools?( down)?|heats up)
    after (about |some |around )?(a |an |the )?(good |full |whole |solid )?(few |couple of |first |half |quarter of )?(an? )?(\d+|one|two|three|five|ten|fifteen|twenty|thirty|half|few|while|hour|minute|second)s?\b( (an? )?(seconds?|minutes?|hours?|seconds?|of .*))?(?!( or \w+)? (years?|decades?|months?|weeks?|days?))
    (?<=\b(plays?|played|works?|worked|runs?|ran|fine|good|ok(ay)?) )for (a|some) (short |long |little |certain )?time
    (?<=\b(played|plays|worked|works|ran|runs) )(about |some )?(\d+|an?|one|two|three|five|ten|fifteen|twenty|a few|half an?) (seconds?|minutes?|hours?|quarter of an hour)
    within (about |some |less than )?(the first )?(\d+|an?|one|two|three|five|ten|fifteen|twenty|a few|half an?) ?(seconds?|minutes?|hours?)
    (when|once|as|after|until|as soon as) the (rectifier|tubes?|valves?|heaters?|set|chassis|radio) (is |are |gets? |has |have |becomes? )?(warm(s|ed)?|hot|heats?|heated)( up)?
    after (a |some )?(very )?((long |short )?(time|while)|ages) | with (heat|warmth|time|temperature) | by the minute | minute by minute | with every minute
    as the (evening|day|hour|minutes|time|programme) (goes|go|wears|wear|passes|pass|runs)( on| by)?
    (takes|needs|wants) (very |too |so |quite )?(long|ages|an age|forever|a (long )?(while|time)|(a lot of|much|some|its) time)( to \w+( \w+)?| before it \w+( \w+)?| until it \w+( \w+)?)?
    slow to (warm( up)?|start( up)?|come (on|up))
    as (it|the (set|car|chassis|room|cabinet)) warms( up)? | warming up | when cold | from cold
    (after|at|on|from) switch(ing)?.?on
    after (turning|being turned|being switched) (it )?on
    for (about |some )?(the first )?((quarter|half) of )?(\d+|a few|an?|one|two|three|several|some|five|ten|twenty|half( an?)?) ?(seconds?|minutes?|hours?)
    (?<=\b(works?|plays?|runs?|fine|well|good|ok(ay)?|right|perfect(ly)?|normal(ly)?|receives?|transmits?|on|loud|strong|clean|clear) )for (a (short |little |long |good )?(while|bit)|some time)
    ((in|during|over|within|for) )?the first (\w+ ){0,2}(seconds?|minutes?|hours?)
    gradually | progressively | eventually | little by little
    in the course of (an hour|the (evening|day))
    on warming( up)? | once (it is )?hot
    when (it has been|left) on( for \w+( \w+)?)?
    worse warm | worse hot | in the sun | on hot days | goes off as it warms
    the (longer|warmer|hotter) it (is|has been|gets|runs|plays)( on| playing| running)?
    (over|during|in the course of) (an|one) (evening|hour) | in an hour | as time goes (on|by) | with use
  `,
  touched: any`
    (when|if|after|until|unless) (you |i |one |we )(give|gave|have given) (it|the \w+) (a |one )?((good|gentle|little|light|hard|hefty|sharp) )?(thump|tap|knock|slap|bang|bump|kick|hit|shake|push)( (on|to|against) (the |its )?\w+)?
    (when|if|after|until|unless|as soon as) (you |i |one |it is |it's |the (cabinet|set|case|bench|table|floor|chassis|board|panel|tube|lead|wiring|lid|back|cover|door|top|bottom|front|handle|grille|side|socket) is )?(carr(y|ied)(?= |$)|flick(ed)?|flex(ed)?|ben(d|t)|twist(ed)?|push(ed)?|pull(ed)?|lift(ed)?|tilt(ed)?|squeez(e|ed)|tap(ped)?|thump(ed)?|touch(ed)?(?! (the |a |an )?((volume|tone|gain|treble|bass|band|wave) )?(control|knob|pot|switch|aerial|antenna|grid|top cap|input|pick.?up|phono))|knock(ed)?|hit|bang(ed)?|kick(ed)?|jiggl(e|ed)|wiggl(e|ed)|mov(e|ed)(?! to (another|the next|a different|any|each)|( the)? (rf |af |if |mic |audio )?((volume|tone|gain|treble|bass|band|wave)( change)? )?(control|knob|pot|switch))|shak(e|en)|slap(ped)?|bump(ed)?|press(ed)?(?! (the )?(key|ptt|button|switch|mic\w*)))( (it|(the|an?|any|one) ((output|rectifier|first|if|detector) )?(set|cabinet|side|chassis|top|case|tubes?|valves?|sockets?|lead|wire|board)))?
    after (a |an? \w+ |one |some |the )?(thump|tap|knock|slap|bang|bump|kick|hit)s?( (on|to|against) (the )?\w+)?
    (a |the )?(thump|tap|knock|slap|bang|bump)( on (the )?\w+( \w+)?)? (brings|makes|cures|restores|fixes|sets)
    (?<!\b(switch|control|pot|knob) (needs|wants|requires) )(tapp|thump|knock|slapp|bang|bump|hitt|shak|rapp|kick|wiggl|jiggl|rock|push|press|touch|mov)ing(?! ((the|an?) )?(volume|tone|gain|band|wave|tuning|dial|pointer|needle|control|knob|switch|key|aerial|antenna|grid|top cap|input)\b)( (it|(on |against )?((the|an?|any) )?(?!(the|an?|any|makes?|has|have|does|changes?|brings|cures|restores|fixes|helps|is|no|nothing)\b)\w+( (cabinet|tube|valve|socket|board|lead|wire|chassis))?))?( (brings|makes|cures|restores|fixes|helps))?
    (when|if|as soon as) (i |you |one )(close|shut|open) the (cabinet|case|lid|back|door|cover|drawer|tuning)( door| lid| cover)?
    being (tapped|knocked|hit|moved|thumped|shaken|touched) | (every|each|any|my) (foot)?steps?( \w+)? (makes?|gives?)
    vibration | microphon(ic|ics|y) | (at|with|on) (every|each|any|the slightest) (movement|step|touch|jolt)
    sensitive to (touch|tapping|knocks|vibration)
    ((reacts?|responds?) to |at |with |by )?(the |a |an )?(slightest|least|smallest|lightest) (knock|tap|touch|bump|shock|movement|vibration)
    (reacts?|responds?) to (an? |any |every )?(knock|tap|touch|bump|shock|movement|vibration)s?
    (some(one|body)|any(one|body)|people|one|you|i) walks?( by| past| across \w+ \w+)?
    (when|if|as soon as) (the |a |it |my )?(car|set|van|truck|boat)? ?(hits|goes over|drives over|runs over) (a |an |any |every |the )?(bump|pothole|hole|kerb|curb)s? | (on|over) bumps( only)? | over rough roads | on (a )?(rough|bad|bumpy) roads?
    doors? slams?
    (when|if|as soon as) the (table|floor|bench|shelf|house|cabinet|set|desk) (shakes|moves|vibrates|is (shaken|moved|knocked))
    (when|if) (a |the )?(lorry|truck|train|car|tram)s? (goes|go|drives?|passes|pass)( past| by)?
  `,
  turned: any`
    (when|if|as|while) (you |i |one )?(the )?(rf |af |if |mic |audio )?((volume|tone|gain|band|switch|control|knob|it)( control| switch)? is )?(turn(ed|ing)?(?! (it |the (set|radio) )?(on|off)\b)|mov(e|ed|ing)|wiggl(e|ed|ing)|jiggl(e|ed|ing)|rock(ed|ing)?|work(ed|ing)?|operat(e|ed|ing)|adjust(ed|ing)?|var(y|ied|ying)|switch(ed|ing)(?! (it )?(on|off))|chang(e|ed|ing))( (the )?(rf |af |if |mic |audio )?(volume|tone|bands?|wave|switch|control|knob|gain)( (switch|control|knob))?)?
    (when|if|as) (it is )?(moved|switched|turned|changed|set|put) to (another|the next|a different|any other|each) (bands?|ranges?|waves?|wavebands?)
    (when|if|as long as|while|unless|with) (you |i |one )?(the )?${CONTROL} (is )?(held|pushed|pulled|pressed|leaned|leant|forced|moved)( (\w+ )?(to|towards?|over|against|in|out|down|up|sideways|aside|inwards?|outwards?)( (one|the|a) (\w+ )?(side|left|right|way|end|stop|place|spot))?)?
    (when|if|as long as|while|unless) (you |i |one )(hold|push|pull|press|lean on|force) (on )?(the )?${CONTROL}( (to|towards?|over|in|out|down|up|sideways)( (one|the|a) (\w+ )?(side|left|right|way|end|stop|place|spot))?)?
    (when|if|as soon as|while) (you |i |one )?(touch|tapp?|press|brush)(ed|ing)? (on |against )?(the )?${CONTROL}
    (push|press|wiggl|jiggl|mov|turn|rock|hold|lean|work)ing (on )?(the )?${CONTROL}( (brings|makes|cures|restores|fixes|helps))?
    (has|have|needs?|must) (to )?be (turned(?! (right |fully |all the way )?up)|moved|worked|wiggled|jiggled|rocked)( to-and-fro| several times| a few times)?
    (at|in|on) (one|a|certain|some|a certain) (spot|place|position|setting|point)s? (of|on) the (volume|tone|gain)( control| pot| knob)?
  `,
  strong: any`
    (on|with) (the |every |any |all )?(strong|loud|local|powerful|near) (signals?|stations?|ones?)
    on locals
    (?<=\b(distorts?|distorting|overloads?|breaks up) )(the )?(strong|loud|local|powerful|near) (signals?|stations?|ones?)
    ^(the )?(strong|loud|local|powerful) (signals?|stations?)\b(?= (are |is |get )?(distort|overload|blast|break|splatter|rough|harsh))
  `,
  down: any`
    (even )?(at|with) (zero|no|minimum|min|lowest|the lowest|the minimum) (volume|gain)( setting)?
    (when|if|once|after|even when|even if|by|on) (i |you |one |we )?(turn(ing)?|set(ting)?|tak(e|ing)|bring(ing)?) (down |back )?(the |it )?volume( control)?( (right |fully |all the way )?(down|off|back|to (zero|minimum|nothing)))?
    (does|do) not depend on (the )?(setting of the |position of the )?volume( control| setting| knob)*
    (whatever|regardless of|independent of) the (setting|position) of the volume( control)?
    (with|even with|at|when|if|once) (the )?volume( control)? (is )?(turned |set )?(right |all the way |fully |completely )?(down|off|at zero|at minimum|to zero)
    volume (at )?(zero|minimum)
    regardless of (the )?volume
    whatever the volume
    (the )?volume (control |setting )?(makes|has) no (difference|effect|influence)( on (it|the \w+))?
    independent of (the )?volume
    (does|do) not (change|vary|move|go|drop|fall|weaken|get (less|lower|quieter))( at all)? (with|by|when|if) (the )?volume( control)?( is)?( turned| set)?( right)?( (down|back|off|up|to (zero|minimum)))?
    (stays|remains|is (still )?there) (the same )?(with|when|if) the volume (control )?(is )?(turned )?(right )?(down|off|at (zero|minimum))
    not affected by the volume( control)?
    stays with the volume down
    (at|with|in) (every|any|all) (volume )?(settings?|positions?)( of the volume( control)?)? | at (any|every) volume
    turning (down |back )?the volume( control)?( down| back)? (does not (change|affect|help|alter|reduce|cure|stop)|makes no difference|has no effect)( to| on)?( it| that| this| the hum)?
  `,
  band: any`
    (on|only|just) (the )?((two|three|four) )?((sw|mw|lw|short ?wave|medium ?wave|long ?wave|one (band|range|wave)|highest|lowest|top|upper|lower|bottom|middle|(high|low|some)(?! (notes?|tones?|passages?|volume|frequenc\w+|signals?|levels?|stations?|programmes?|programs?|days?|occasions?))|\d+(\.\d+)? ?(m|metres?|meters?|mhz))( (band|bands|range|wave))?|short|medium|long)
    (just|only) on(?! (the )?(gram|phono|pick.?up|tape|aux|records))
    one band( only)?
    (the )?((two|three) )?(highest|lowest|higher|upper|lower|top|bottom|middle) ((two|three) )?(bands?|ranges?)
    (on )?(only )?(band|range|waveband) ([1-9]|[a-f]|one|two|three|four|five|six)\b( only)?
    (one|two|some|several|a few|most) of (the|its) (\w+ )?(bands|ranges|waves|wavebands)
    one range | bands? only | \d+ ?m( only)? | (only|just) (fm|am|mw|lw|sw) | (fm|am|mw|lw|sw) only
    (short|medium|long) ?waves?( only)?
    (sw|mw|lw)
    (the )?(\d+|ten|fifteen|twenty|forty|eighty)[ -]met(re|er)s?( band)?
    (the )?(other|rest of the) bands
    (above|below|over|under|from) \d+(\.\d+)? ?(mhz|khz|mc|kc)( (on|up|upwards|down))?
  `,
  bands: any`
    (on )?(all|every|any|each|both) (of the )?(two |three |four |five |\d )?(bands?|wavebands?|ranges?|waves?)
    all over(?! the (band|place|dial)\b)
  `,
  intermittent: any`
    intermittent(ly)? | sometimes | now and then | comes and goes | come and go | on and off | at times
    occasional(ly)? | from time to time | every so often | at random | randomly | for no reason | sporadic(ally)?
    erratic(ally)? | unpredictabl[ey] | fitful(ly)? | off and on | once in a while | temperamental
  `,
  line: any`
    (50|60) ?(hz|cycles?) | line.frequency
  `,
  double: any`
    (100|120) ?(hz|cycles?)
    twice (the )?(line|mains)
    double
  `,
} as const;
export type When = keyof typeof TIMES;
