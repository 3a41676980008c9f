/**
 * What fails in which stage, how often, and what it does. One fault a line:
 *
 *   key | name | stages | part | often | signal | shows | volts | only
 *
 * stages  kinds of stage; `*` every stage; `tube`, `solid` alone: every stage where that does the work;
 *         `tube:af,output`: those of them
 * part    what is measured to be sure of it: `cap:ROLE`, `res:ROLE`, tube, transistor, diode, winding, contact, joint,
 *         mechanics, wiring, sight, adjustment, fuse, crystal, lamp, cell, relay, meter
 * often   share of a thousand faults found, for one stage of that kind
 * signal  what it does to a signal that passes: dead, weak, distorted; - for nothing
 * shows   hum1 (line frequency), hum2 (twice that), noise, unsteady, off (dial), band (on one band only), warm (comes or
 *         goes with warmth), tap (answers to tapping), seen (by eye), own (what the stage is there for fails), blows (a
 *         fuse, or makes a lamp in series bright), smells (or is too hot), dark (a tube or a lamp that should glow),
 *         bright (one that glows too much, or a red plate), slips (to be felt at a knob)
 * volts   electrode or rail and how it moves: + high, - low, 0 gone. A solid stage reads plate, cathode, grid as
 *         collector, emitter, base. `rail` is what a supply gives, `line` the current out of the wall.
 * only    what the set must be: see traits.ts
 *
 * `~` behind an effect: mostly (3 of 4); `?`: sometimes (2 of 5); `.`: now and then (1 of 5). All figures are the shop's
 * estimates unless a line's part has a source in AGEING; they are editable in Reference.
 */
export const FAULT_TEXTS = `
tube-weak | Weak tube | tube | tube | 14 | weak |  | plate+~ cathode-
tube-dead | Heater open in the tube | tube | tube | 5 | dead | seen~ dark~ | plate+ cathode0
tube-gassy | Gassy tube | tube:rf,if,af,output,pa,modulator,amplifier,driver | tube | 5 | distorted | warm~ | grid+ cathode+ plate-
tube-hk | Heater to cathode leakage | tube:mixer,if,detector,af,speech,bfo,oscillator,vfo | tube | 4 | - | hum1 | cathode-? | indirect
tube-short | Electrodes short in the tube | tube | tube | 3 | dead | tap~ noise? blows? bright. | line+? plate- screen-
tube-microphonic | Microphonic tube | tube:mixer,oscillator,af,speech,vfo,detector | tube | 4 | - | noise~ tap unsteady? |
tube-wrong | Wrong tube in the socket | tube | sight | 3 | weak~ | seen | plate+? cathode+?
tube-socket | Socket contact dirty or loose | tube | contact | 8 | dead? | noise tap | plate+?
cathode-open | Cathode resistor open | tube:rf,mixer,if,af,output,driver,pa,modulator,phase | res:bias | 5 | dead~ |  | cathode+ plate+ | indirect
cathode-high | Cathode resistor drifted high | tube:rf,mixer,if,af,output,driver,modulator,phase | res:bias | 5 | weak~ |  | cathode+ plate+ | indirect
cathode-bypass-short | Cathode bypass shorted | tube:rf,if,af,output,driver,modulator | cap:cathode-bypass | 4 | distorted |  | cathode0 plate- | indirect
cathode-bypass-open | Cathode bypass dried out | tube:af,output,driver,modulator,speech | cap:cathode-bypass | 8 | weak | | | indirect
plate-load-open | Plate load open | tube:af,detector,phase,speech | res:anode-load | 6 | dead |  | plate0 cathode-
plate-load-high | Plate load drifted high | tube:af,detector,phase,speech | res:anode-load | 9 | distorted~ |  | plate-
plate-decoupling-open | Plate feed resistor open | tube:rf,mixer,if,oscillator,bfo,buffer,vfo | res:decoupling | 5 | dead |  | plate0
plate-decoupling-short | Plate decoupling capacitor leaks | tube:rf,mixer,if,af,oscillator,buffer | cap:decoupling | 7 | weak | blows? | line+? plate- screen-?
screen-open | Screen resistor open | tube:rf,mixer,if,af,pa,driver,buffer,vfo | res:screen | 6 | dead |  | screen0 plate+ | screen
screen-high | Screen resistor drifted high | tube:rf,mixer,if,pa,driver | res:screen | 8 | weak |  | screen- plate+? | screen
screen-bypass-short | Screen bypass shorted | tube:rf,mixer,if,pa,driver,buffer | cap:decoupling | 6 | dead | seen? | screen0 plate+ | screen
screen-bypass-open | Screen bypass open | tube:rf,mixer,if,driver,pa | cap:decoupling | 4 | weak~ | unsteady | | screen
grid-leak-open | Grid leak open | tube:af,output,phase,detector,speech,modulator | res:grid-leak | 4 | distorted | hum1~ unsteady? | grid+? cathode+?
coupling-leaky | Coupling capacitor leaks | tube:af,output,phase,modulator,driver,pa | cap:coupling | 16 | distorted | warm? bright. | grid+ cathode+ plate-
coupling-open | Coupling capacitor open | tube:af,output,phase,modulator,driver,pa,speech,buffer | cap:coupling | 4 | dead~ |  |
coupling-dry | Coupling capacitor dried out | solid:af,driver,output,speech | cap:coupling | 8 | weak |  |
transistor-dead | Transistor open | solid | transistor | 6 | dead |  | plate+ cathode0 line-?
transistor-short | Transistor shorted | solid | transistor | 5 | dead |  | plate- cathode+
transistor-weak | Transistor has lost gain | solid | transistor | 4 | weak |  |
transistor-noisy | Noisy transistor | solid:rf,mixer,if,af,detector,speech,oscillator | transistor | 4 | - | noise |
transistor-whiskers | Whiskers inside a germanium can | solid:mixer,if,af,driver,oscillator,output | transistor | 4 | dead~ | tap warm~ | plate- cathode- line-? | germanium
transistor-leaky | Leaky germanium transistor | solid:mixer,if,af,driver,output | transistor | 5 | distorted | warm | cathode+ plate- | germanium
base-resistor | Base bias resistor drifted | solid | res:bias | 5 | distorted~ |  | grid- cathode-
emitter-bypass | Emitter bypass dried out | solid:rf,if,af,driver,mixer | cap:cathode-bypass | 7 | weak |  |
board-joint | Cracked joint on the board | solid | joint | 8 | dead~ | noise~ tap warm? |
board-connector | Board connector tarnished | solid:rf,mixer,if,af,vfo,oscillator,detector | contact | 6 | dead~ | noise? tap |
decoupling-dry | Decoupling capacitor of the stage dried out | solid:rf,mixer,if,af,driver,oscillator | cap:rail | 6 | weak? | unsteady |
dry-joint | Dry joint | tube | joint | 5 | dead? | noise tap warm~ |
repair-wrong | Wrong part from an earlier repair | rf,mixer,if,af,output,oscillator,detector,pa,driver,agc,reservoir | sight | 4 | weak~ | seen~ |
foreign | Foreign object shorts the wiring | output,reservoir,pa,tank,high-voltage,amplifier,mains | sight | 2 | dead~ | seen noise? blows~ smells? | rail0 line+?
lead-broken | Broken lead | antenna,speaker,changeover,speech,indicator,keying,input,metering | wiring | 6 | dead~ | seen? tap~ own~ |
heater-warm | Heater opens when it is warm | tube | tube | 3 | dead~ | warm dark? tap? |
refit-wrong | Something was put back wrong at the last job | af,output,mixer,if,detector,speaker,pa,changeover | sight | 3 | dead~ | seen~ noise? |
refit-left-off | A plug, a screening can or a ground was left off | af,if,mixer,bfo,fm-front | sight | 3 | - | hum1? unsteady~ seen~ |
lead-dress | A lead lies wrong since a repair | rf,if,af,mixer | sight | 2 | - | unsteady hum1? seen? |
other | Something else in this stage | * | stage | 4 | dead. distorted. weak. | hum1. hum2. noise. unsteady. off. band. warm. tap. seen. own? blows. smells. dark. slips. | plate+. plate-. plate0. screen-. cathode+. cathode-. grid+. grid-. rail-. rail0. line+. line-.

mains-lead | Mains lead broken inside | mains | wiring | 6 | dead~ | tap dark | rail0 line0
meter-off | The meter is off or on a wrong range, the set is not | mains,battery | instrument | 3 | - | | rail-~ rail+? line-? line+?
mains-fuse | Fuse open, with nothing behind it | mains | fuse | 4 | dead | dark | rail0 line0
mains-switch | Mains switch makes no contact | mains | contact | 8 | dead~ | tap dark | rail0 line0
mains-filter | Mains filter capacitor shorted | mains | cap:mains | 4 | dead | seen~ blows smells? | rail0 line+
mains-tap | Line tap set wrong | mains | sight | 5 | weak~ | seen blows? bright? | rail+ line+ | transformer
primary-open | Transformer primary open | mains | winding | 3 | dead | dark | rail0 line0 | transformer
turns-short | Shorted turns in the transformer | mains | winding | 3 | weak~ | seen? smells~ blows~ | rail- line+ | transformer
thermal-fuse | Inrush part or interlock open | mains | contact | 3 | dead |  | rail0 line0

rectifier-weak | Rectifier weak | tube:rectifier | tube | 12 | weak | hum2? | rail-
rectifier-dead | Rectifier dead | tube:rectifier | tube | 5 | dead | seen~ dark? | rail0 line-
rectifier-arc | Rectifier flashes over | tube:rectifier | tube | 3 | dead | seen noise smells? blows~ | rail- line+
diode-open | One diode open | solid:rectifier | diode | 5 | weak | hum1 | rail- | full-wave
diode-short | Diode shorted | solid:rectifier | diode | 6 | dead | blows smells? | rail0 line+
selenium | Metal rectifier aged | solid:rectifier | diode | 3 | weak | seen? smells? | rail- | metal
ht-winding | HT half-winding open | rectifier | winding | 3 | weak | hum1 | rail- | full-wave
surge-resistor | Surge resistor open | rectifier | res:dropper | 5 | dead |  | rail0 line-

reservoir-dry | Reservoir dried out | reservoir | cap:reservoir | 24 | weak~ | hum2 unsteady? | rail-
reservoir-leaky | Reservoir leaks | reservoir | cap:reservoir | 9 | weak~ | hum2~ warm~ smells~ blows? | line+ rail-
reservoir-short | Reservoir shorted | reservoir | cap:reservoir | 4 | dead | seen? blows smells? | rail0 line+
smoothing-dry | Smoothing capacitor dried out | reservoir | cap:smoothing | 16 | - | hum2 unsteady~ |
smoothing-leaky | Smoothing capacitor leaks | reservoir | cap:smoothing | 6 | weak | hum2? blows? | rail- line+?
choke-open | Choke or field coil open | reservoir | winding | 5 | dead |  | rail0 line-
smoothing-resistor | Smoothing resistor open | reservoir | res:dropper | 4 | dead |  | rail0 line-
bleeder-open | Bleeder or divider open | reservoir,high-voltage | res:dropper | 4 | - | seen? | rail+
supply-noise | Corroded joint in the supply | reservoir | joint | 4 | - | noise tap unsteady? |
hv-capacitor-dry | Filter capacitor has lost its value | high-voltage | cap:reservoir | 12 | weak~ | hum2 | rail-
hv-capacitor-short | Filter capacitor shorted | high-voltage | cap:reservoir | 5 | dead | seen? blows smells? | rail0 line+
hv-equaliser | Equalising resistors drifted | high-voltage | res:dropper | 6 | - | seen? | rail-
hv-choke | High-voltage choke open or breaking down | high-voltage | winding | 3 | dead | noise? | rail0
hv-flashover | Flashover on dirt or a cracked insulator | high-voltage | sight | 4 | weak~ | noise seen~ warm? smells? | rail-
hv-safety | Interlock or step-start does not close | high-voltage | relay | 5 | dead | tap? | rail0 line-

heater-winding | Heater winding or its lead open | heaters | winding | 3 | dead | seen dark | rail0 line- | transformer
heater-contact | Heater wiring contact poor | heaters | contact | 5 | weak | tap~ | rail-
heater-string-open | A heater of the string open | heaters | tube | 6 | dead | seen dark | rail0 line0 | string
heater-dropper | Dropper open | heaters | res:dropper | 4 | dead | seen? dark | rail0 line0 | string
heater-dropper-drift | Dropper out of value | heaters | res:dropper | 4 | weak~ | bright? | rail- | string
heater-wrong-tube | Tube of another heater current in the string | heaters | sight | 3 | weak? | seen bright~ dark? | rail- | string
heater-balance | Heater centre tap or hum balance open | heaters | wiring | 4 | - | hum1 | | transformer
heater-lamp | Dial lamp of the string gone | heaters | lamp | 4 | - | seen dark | rail-? | string
cells-flat | Cells flat | battery | cell | 30 | weak | unsteady? | rail-
cells-contact | Battery contacts corroded | battery | contact | 20 | dead~ | noise~ tap seen~ | rail0
cells-resistance | Cells of high internal resistance | battery | cell | 10 | distorted | unsteady~ warm? | rail-
cells-lead | Battery lead broken | battery | wiring | 6 | dead | tap? | rail0
vibrator-stuck | Vibrator stuck or its contacts welded | vibrator | relay | 14 | dead | blows | rail0 line+~
vibrator-contacts | Vibrator contacts burnt | vibrator | contact | 12 | weak~ | noise unsteady? | rail-
vibrator-buffer | Vibrator’s buffer capacitor open or shorted | vibrator | cap:vibrator-buffer | 10 | dead? | noise~ blows~ | rail- line+~
vibrator-dry | Input capacitor of the vibrator dried out | vibrator | cap:reservoir | 8 | - | noise hum2? | rail-?
vibrator-hash | Hash filter open or unscreened | vibrator | cap:decoupling | 6 | - | noise |
vibrator-transformer | Vibrator transformer open or with shorted turns | vibrator | winding | 4 | dead | smells? blows? | rail0 line+?
dynamotor-brushes | Dynamotor brushes worn or stuck | dynamotor | mechanics | 14 | dead~ | noise? unsteady? | rail0~ rail-? line-?
dynamotor-bearing | Dynamotor bearing dry | dynamotor | mechanics | 10 | weak? | noise? seen? | rail-? line+?
dynamotor-armature | Armature winding open or shorted | dynamotor | winding | 5 | dead | smells? | rail0 line+?
dynamotor-relay | Start relay of the dynamotor | dynamotor | relay | 8 | dead | tap? | rail0 line0
dynamotor-filter | Filter of the dynamotor dried out or open | dynamotor | cap:reservoir | 8 | - | noise hum2? | rail-?
inverter-transistor | Switching transistor of the converter shorted | inverter | transistor | 8 | dead | blows | rail0 line+
inverter-stopped | Converter does not start | inverter | res:bias | 6 | dead | | rail0 line-
inverter-dry | Capacitor of the converter dried out | inverter | cap:rail | 14 | weak? | noise~ unsteady? | rail-
inverter-diode | Rectifier diode of the converter | inverter | diode | 6 | dead~ | blows? | rail-
inverter-transformer | Converter transformer open or with shorted turns | inverter | winding | 3 | dead | smells? | rail0 line+?
battery-switch | Battery switch makes poor contact | battery | contact | 12 | dead~ | noise? tap | rail0? rail-?

bias-capacitor | Bias filter dried out | bias | cap:reservoir | 8 | distorted~ | hum2 | rail-
bias-rectifier | Bias rectifier failed | bias | diode | 5 | distorted |  | line+ rail0
bias-pot | Bias control worn | bias | contact | 6 | distorted? | noise? tap~ | rail-?
bias-set | Bias set wrong | bias | adjustment | 8 | distorted |  | rail-
bias-resistor | Bias divider drifted | bias | res:bias | 5 | distorted~ |  | rail+
regulator-tired | Regulator tube tired | tube:regulator | tube | 10 | - | unsteady off? | rail+
regulator-out | Regulator tube does not strike | tube:regulator | tube | 4 | weak? | unsteady seen | rail+
regulator-dropper | Regulator's dropper drifted high | regulator | res:dropper | 6 | weak? | unsteady off? | rail-
regulator-bypass | Regulator's capacitor leaks | regulator | cap:decoupling | 4 | weak? | off? unsteady? | rail-
rail-regulator | Series regulator failed | rails | transistor | 6 | dead~ | hum2? | rail0
rail-regulator-high | Series regulator shorted through | rails | transistor | 4 | distorted? | hum2~ off? | rail+
rail-capacitor | Rail capacitor dried out | rails | cap:rail | 22 | weak? | hum2? unsteady | rail-?
rail-leaky | Rail capacitor leaks | rails | cap:rail | 7 | weak |  | rail-
rail-zener | Reference diode drifted | rails | diode | 4 | - | off unsteady? | rail-
rail-resistor | Decoupling resistor of the rail high | rails | res:decoupling | 4 | weak |  | rail-

antenna-coil | Antenna coil open | antenna | winding | 6 | weak | band? |
antenna-trimmed | Antenna circuit out of tune | antenna | adjustment | 8 | weak~ | band~ |
antenna-switch | Band switch dirty at the antenna coils | antenna | contact | 12 | weak~ | band noise~ tap |
antenna-lightning | Coil burnt by a surge | antenna | sight | 2 | dead~ | seen smells? |
ferrite-broken | Ferrite rod broken | antenna | sight | 3 | weak | seen | | rod
aerial-missing | Antenna or ground missing, or its lead broken | antenna | wiring | 8 | weak | noise? |
strap-wrong | A switch or strap at the back stands wrong | antenna,selector | sight | 5 | dead~ | seen |
align-outside | Aligned out of the cabinet or with another antenna | antenna | adjustment | 4 | weak? | off~ |
drive-cord | Dial cord slips, is off or broken | antenna | mechanics | 6 | - | slips off~ seen? |
drive-stiff | Tuning drive or bearing gummed | antenna | mechanics | 4 | - | slips off? |
pointer-moved | Pointer has moved on its cord | antenna | mechanics | 3 | - | off seen? |
gang-short | Tuning gang plates touch | antenna,mixer,oscillator | mechanics | 4 | dead? | noise tap |
rf-coil | RF coil open | rf | winding | 4 | dead~ | band? | plate0?
rf-align | RF stage out of alignment | rf | adjustment | 10 | weak | band~ off? |
rf-switch | Band switch dirty at the RF stage | rf | contact | 10 | weak~ | band noise~ tap |
rf-gain | RF gain control worn | rf | contact | 5 | weak? | noise tap |
rf-oscillates | RF stage oscillates | rf | wiring | 4 | - | unsteady noise? |
mixer-coil | Mixer coil or its padder open | mixer | winding | 4 | dead~ | band? |
mixer-switch | Band switch dirty at the mixer | mixer | contact | 9 | dead~ | band noise~ tap |
mixer-align | Mixer circuit out of tune | mixer | adjustment | 7 | weak | band~ |
osc-stopped | Oscillator grid capacitor or coil open | oscillator | winding | 5 | dead | band? | grid0
osc-weak | Oscillator does not start | tube:oscillator | tube | 8 | dead~ | band~ warm~ | grid0~
osc-weak-solid | Oscillator does not start | solid:oscillator,bfo | transistor | 5 | dead~ | band~ warm~ | cathode-?
osc-padder | Padder drifted or of the wrong value | oscillator | cap:tuned | 7 | weak? | off band~ |
osc-align | Oscillator out of alignment | oscillator | adjustment | 9 | weak? | off band? |
osc-drift | Oscillator drifts | oscillator | cap:tuned | 6 | - | unsteady off~ warm |
osc-switch | Band switch dirty at the oscillator | oscillator | contact | 10 | dead~ | band noise~ unsteady? tap |
osc-leak | Oscillator grid leak drifted | oscillator | res:grid-leak | 5 | weak~ | unsteady? | grid-
osc-joint | A joint or a contact lets the frequency jump | oscillator,vfo | joint | 5 | - | unsteady off? tap~ |
osc-crystal | Crystal inactive | oscillator | crystal | 4 | dead | band |
osc-gang | Drive slips or jumps back | oscillator | mechanics | 8 | - | off tap? slips |
osc-mica | Silver mica crackles | oscillator,if,mixer | cap:tuned | 4 | - | noise warm? | | mica
if-align | IF out of alignment | if | adjustment | 9 | weak |  |
if-winding | IF winding open | if | winding | 5 | dead |  | plate0~
if-silver | Silver migration in the IF can | if | cap:tuned | 6 | weak? | noise warm? | plate-? | mica
if-oscillates | IF stage oscillates | if | wiring | 5 | distorted? | unsteady noise? |
if-bypass | Bypass of the IF open | if | cap:decoupling | 6 | weak? | unsteady |
if-core | IF core cracked or moved | if | mechanics | 3 | weak | seen? |

diode-weak | Detector diode weak | detector | diode | 4 | weak |  |
diode-open-det | Detector diode open | detector | diode | 3 | dead |  |
detector-rf-filter | Detector filter capacitor leaks | detector | cap:tuned | 5 | weak~ |  |
detector-load | Detector load drifted | detector | res:grid-leak | 5 | distorted |  |
detector-regeneration | Reaction does not set in | detector | winding | 4 | weak | unsteady? | | reaction
detector-winding | Last IF winding open | detector | winding | 3 | dead |  |
fm-osc | FM oscillator weak or drifted | fm-front | cap:tuned | 8 | weak? | off~ unsteady? warm? |
fm-front-align | FM front end out of alignment | fm-front | adjustment | 6 | weak | off? |
fm-front-coil | FM coil or choke open | fm-front | winding | 4 | dead | | plate0?
fm-front-bypass | Feed-through or bypass of the front end | fm-front | cap:decoupling | 5 | weak~ | unsteady~ |
fm-limiter-low | Limiter does not limit: its grid or screen resistor | fm-limiter | res:screen | 6 | weak? | noise |
fm-limiter-align | Limiter circuit out of tune | fm-limiter | adjustment | 6 | weak | noise? |
fm-detector-align | FM detector out of tune | fm-detector | adjustment | 12 | distorted | |
fm-detector-diodes | FM detector diodes weak or unequal | fm-detector | diode | 7 | distorted | |
fm-detector-electrolytic | Electrolytic of the ratio detector dried out | fm-detector | cap:smoothing | 10 | - | noise unsteady? |
fm-detector-winding | Winding of the FM detector open | fm-detector | winding | 4 | dead | |
fm-detector-emphasis | De-emphasis or coupling of the FM detector open | fm-detector | cap:coupling | 4 | dead~ | |
fm-switch | AM/FM switch contact | fm-detector | contact | 9 | dead~ | noise? tap |
stereo-pilot | Pilot circuit of the decoder out of tune | stereo | adjustment | 8 | - | own |
stereo-switching | Switching diode or transistor of the decoder | stereo | diode | 5 | distorted? | own |
agc-leaky | AGC capacitor leaks | agc | cap:avc | 14 | distorted~ | own unsteady~ | rail-
agc-open | AGC capacitor open | agc | cap:avc | 5 | - | unsteady own? |
agc-resistor | AGC resistor drifted high | agc | res:avc | 6 | - | own~ unsteady? | rail-
agc-stuck | AGC line stuck hard on | agc | diode | 3 | weak | own | rail+
agc-switch | AGC switch contact | agc | contact | 4 | weak? | own~ noise? tap |
volume-worn | Volume control worn | af | contact | 16 | weak? | noise tap |
volume-open | Volume control open | af | res:control | 4 | dead~ | hum1? tap |
af-tone | Tone capacitor leaks | af | cap:tone | 5 | weak~ |  |
af-shield | Screened lead shorted or its screen open | af | wiring | 4 | dead? | hum1~ |
af-switch | Function or gramophone switch | af | contact | 8 | dead~ | noise? tap |
selector-contact | Input selector dirty | selector | contact | 14 | dead~ | noise tap |
selector-lead | Input lead or its screen open | selector | wiring | 8 | dead? | hum1~ tap? |
selector-equaliser | Equaliser part out of value | selector | cap:tone | 5 | distorted? | |
af-feedback | Howl by a missing decoupling | af | cap:decoupling | 5 | - | unsteady | plate-?
phase-unbalanced | Splitter resistors unequal | phase | res:anode-load | 7 | distorted |  | plate-~
output-transformer | Output transformer primary open | output | winding | 7 | dead |  | plate0 screen+?
output-turns | Shorted turns in the output transformer | output | winding | 3 | weak |  |
output-tone | Tone capacitor across the output leaks | output | cap:tone | 8 | weak | seen? smells~ blows? | line+? plate-
output-unmatched | Output pair unequal | output | tube | 5 | distorted | hum2? |
output-crossover | Output bias of the transistors low | solid:output | adjustment | 7 | distorted |  | grid-
output-coupling-dry | Output coupling capacitor dried out | solid:output | cap:coupling | 8 | weak | |
output-emitter | Emitter resistor of the output pair open | solid:output | res:bias | 5 | distorted | seen? smells? | cathode-?
output-pair-short | Output transistor shorted and its fuse gone | solid:output | transistor | 5 | dead | blows seen? | line+ plate-
output-joint | Heat-cracked joint at the output | output | joint | 5 | dead? | tap noise warm? |
coil-open | Voice coil open | speaker | winding | 5 | dead | |
coil-rubs | Voice coil rubs | speaker | mechanics | 8 | distorted | tap~ |
cone-torn | Cone torn or loose | speaker | sight | 9 | distorted | seen |
foreign-cone | Something in the gap or on the cone of the loudspeaker | speaker | sight | 3 | distorted | seen~ tap? |
field-weak | Field coil weak or unconnected | speaker | winding | 3 | weak | | | field
speaker-lead | Speaker plug or lead | speaker | contact | 7 | dead~ | noise? tap |
jack-contact | Headphone jack contact open | speaker | contact | 6 | dead~ | tap noise? |
eye-dim | Indicator's target dim | indicator | tube | 14 | - | own seen |
eye-resistor | Indicator's plate resistor drifted | indicator | res:grid-leak | 8 | - | own |
bfo-dead | BFO does not oscillate | bfo | winding | 7 | - | own |
bfo-off | BFO pitch off centre | bfo | adjustment | 8 | - | own~ |
bfo-switch | BFO switch contact | bfo | contact | 5 | - | own noise? tap |
limiter-diode | Limiter diode leaks | limiter | diode | 5 | distorted~ | own~ |
limiter-stuck | Limiter switch stuck in | limiter | contact | 5 | distorted | own tap? |
smeter-zero | S-meter zero drifted | s-meter | adjustment | 8 | - | own |
smeter-dead | S-meter movement open | s-meter | meter | 4 | - | own |
smeter-bridge | S-meter bridge resistor drifted | s-meter | res:bias | 6 | - | own |

vfo-pulled | VFO supply sags on key-down | vfo | res:screen | 6 | - | unsteady |
vfo-drift | VFO drifts | vfo | cap:tuned | 8 | - | unsteady~ off~ warm |
vfo-contact | VFO or crystal switch contact | vfo | contact | 7 | dead~ | band? tap off? |
vfo-crystal | Crystal inactive | vfo | crystal | 6 | dead~ | band |
vfo-mech | VFO drive slips | vfo | mechanics | 5 | - | off slips |
buffer-tank | Buffer tank off tune | buffer | adjustment | 8 | weak | band~ |
buffer-switch | Band switch at the buffer | buffer | contact | 8 | weak~ | band tap |
buffer-coil | Buffer coil open | buffer | winding | 4 | dead~ | band? | plate0
driver-tank | Driver out of alignment | driver | adjustment | 8 | weak | band~ |
driver-coil | Driver coil or choke open | driver | winding | 4 | dead~ | band? | plate0
driver-switch | Band switch at the driver | driver | contact | 7 | weak~ | band tap |
pa-unmatched | PA tubes unequal | pa | tube | 9 | weak | warm~ seen? |
pa-suppressor | Parasitic suppressor burnt | pa,amplifier | res:other | 8 | weak~ | seen~ unsteady? smells~ |
pa-neutral | PA not neutralised | pa | adjustment | 7 | - | unsteady |
pa-choke | Plate choke open | pa,amplifier | winding | 4 | dead | seen? | plate0
pa-blocker | Plate blocking capacitor fails | pa,amplifier | cap:coupling | 4 | dead~ | seen~ noise? |
pa-cap-lead | Plate cap lead loose | pa,amplifier | wiring | 5 | weak | seen~ tap~ |
pa-bypass | Screen or cathode bypass of the PA open | pa | cap:decoupling | 5 | weak~ | unsteady~ |
tank-capacitor | Tuning or loading capacitor arcs | tank | mechanics | 6 | weak~ | seen~ noise~ smells? |
tank-switch | Tank switch burnt | tank | contact | 9 | dead~ | band seen~ smells? |
tank-coil | Tank coil tap loose | tank | wiring | 4 | weak | band~ seen? |
tank-padder | Loading padder open | tank | cap:tuned | 5 | weak | band |
relay-contact | Relay contact burnt or dirty | changeover | relay | 18 | weak~ | tap warm~ noise? |
relay-coil | Relay does not pull | changeover | relay | 6 | dead |  |
coax-joint | Coaxial joint broken | changeover,antenna,input | wiring | 6 | dead~ | tap |
key-filter | Key filter capacitor leaks | keying | cap:tone | 7 | - | own unsteady |
key-contact | Key jack or relay contact | keying | contact | 9 | dead~ | own tap |
key-bias | Keying bias missing | keying | diode | 4 | - | own |
mic-cable | Microphone lead or plug | speech | wiring | 10 | weak? | own tap noise? |
speech-gain | Speech gain control worn | speech | contact | 5 | - | own? noise tap |
mod-soft | Modulator pair soft or unequal | modulator | tube | 12 | distorted | own |
mod-transformer | Modulation transformer breaks down | modulator | winding | 5 | dead? | own noise? |
mod-bias | Modulator bias wrong | modulator | res:bias | 6 | distorted | own? |
balance-off | Carrier balance off | balanced | adjustment | 10 | distorted~ |  |
balance-diodes | Ring diodes unequal | balanced | diode | 6 | distorted |  |
balance-transformer | Balanced transformer open | balanced | winding | 3 | dead |  |
filter-crystal | Filter crystal or disc failed | filter | crystal | 5 | weak |  |
filter-relay | Filter switching fails | filter | diode | 5 | dead |  |
filter-match | Filter termination off | filter | adjustment | 4 | distorted~ |  |
alc-leaky | ALC capacitor leaks | alc | cap:avc | 6 | distorted~ | own |
alc-stuck | ALC line stuck on | alc | diode | 4 | weak | own |
tr-switching | Transmit switching transistor or contact | keying | relay | 6 | dead~ | own tap? |
input-coil | Input coil of a band open or off tune | input | winding | 6 | weak | band |
input-switch | Input band switch | input | contact | 7 | weak~ | band tap |
tube-soft-one | One tube of the bank soft | amplifier | tube | 16 | weak | seen? |
tube-runaway | One tube takes all the current | amplifier | tube | 6 | weak | seen blows? bright~ | line+
grid-choke | Grid or filament choke open | amplifier | winding | 4 | dead~ |  |
meter-shunt | Meter shunt drifted or open | metering | res:other | 8 | - | own |
meter-switch | Meter switch contact | metering | contact | 6 | - | own tap |
meter-movement | Meter movement sticks | metering | meter | 4 | - | own seen? |
fan-stiff | Fan stiff: dry bearing | fan | mechanics | 14 | - | own seen~ noise? smells? |
fan-dead | Fan does not run | fan | winding | 5 | - | own smells? |
`;
