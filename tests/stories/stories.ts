/**
 * Short stories of sets that came in, told by hand from physics and from the bench, not from the tables of the search:
 *
 *   topology | what the owner says | true cause(s) | where the signal suffers | what else is found
 *
 * true cause   `stage.fault` as the search names it; several with +
 * where        `stage effect`: what is injected there or before it comes out so, what is traced there or behind it too;
 *              `all effect` for a supply; `-` where the signal does not suffer; with a path in front: `transmit: pa weak`
 * what else    `test outcome` between semicolons, with `@stage` where it belongs to one of two causes; plates, screens
 *              and cathodes follow the rail that feeds them; what is not named here is as in a sound set
 */
export const STORIES = `
superhet | distorts and fades after ten minutes | output.coupling-leaky | output distorted | warm changes; volts:output:grid high; volts:output:cathode high; volts:output:plate low; grid:output positive
superhet | hums loudly, plays otherwise | reservoir.smoothing-dry | - | hum double; hum-down double; pull:af double; bridge:reservoir:smoothing cured; steady unsteady
superhet | dead, the tubes glow | output.output-transformer | output dead | volts:output:plate none; volts:output:screen high; hum none; look:output nothing
superhet | very weak on all bands | if.if-align | if weak | bands alike
superhet | blows the fuse | reservoir.reservoir-short | all dead | fuse blown; lamp bright; line high; ohms:reservoir low; half:reservoir-* low; rail:reservoir none
superhet | crackles when the volume is turned | af.volume-worn | - | noise noisy; tap:af reacts; turn control
superhet | dead on short wave | oscillator.osc-switch | - | bands one; noise noisy; tap:oscillator reacts; turn switch
superhet | magic eye is dead, plays well | indicator.eye-dim | - | works:indicator fails; look:indicator seen
superhet | stations come in at the wrong place | oscillator.osc-padder | - | dial off; bands one
superhet | hum, and weak | detector.tube-hk + if.tube-weak | if weak | hum line @detector; volts:if:plate high; volts:if:cathode low; swap:if cured

transformerless | hums, weak too | reservoir.reservoir-dry | all weak | hum line; hum-down line; rail:reservoir low; bridge:reservoir:reservoir cured; steady unsteady
transformerless | dead, no tube lights | output.tube-dead | all dead | glow dark; line low; rail:heaters none; look:output seen; rail:reservoir none
transformerless | dead, the dial lamp is out | heaters.heater-dropper | all dead | glow dark; rail:heaters none; rail:reservoir none; line low; string:* open
transformerless | distorts when warm | output.coupling-leaky | output distorted | warm changes; volts:output:grid high; volts:output:cathode high; volts:output:plate low
transformerless | whistles on every station | if.if-bypass | - | steady unsteady

portable | weak and fades | battery.cells-flat | all weak | rail:battery low; rail:heaters low; rail:reservoir low; steady unsteady
portable | stops playing as it warms | oscillator.osc-weak | oscillator dead | warm changes; bands one; volts:oscillator:grid none
portable | dead | battery.cells-contact | all dead | rail:battery none; look:battery seen; tap:battery reacts; thump reacts; noise noisy; rail:heaters none; rail:reservoir none
portable | distorted | output.coupling-leaky | output distorted | volts:output:grid high; volts:output:plate low; volts:output:cathode high; warm changes; grid:output positive
portable | whistles and motorboats | reservoir.smoothing-dry | - | steady unsteady; bridge:reservoir:smoothing cured

trf | silent | reservoir.choke-open | all dead | rail:reservoir none; line low; volts:output:plate none
trf | weak at the high end | rf1.rf-align | rf1 weak | bands one
trf | hums badly | reservoir.reservoir-dry | - | hum double; rail:reservoir low; bridge:reservoir:reservoir cured; hum-down double
trf | crackles when it is tapped | detector.tube-socket | - | noise noisy; thump reacts; tap:detector reacts
trf | muffled, rattles | speaker.coil-rubs | speaker distorted | tap:speaker reacts

dual-conversion | AGC pumps on strong stations | agc.agc-leaky | - | steady unsteady; works:agc fails; rail:agc low; agc-off cured; play distorted
dual-conversion | no BFO note | bfo.bfo-dead | - | works:bfo fails
dual-conversion | off calibration on one band | oscillator1.osc-padder | - | dial off; bands one
dual-conversion | weak on all bands, S-meter hardly moves | if2.tube-weak | if2 weak | volts:if2:plate high; volts:if2:cathode low; swap:if2 cured
dual-conversion | drifts for an hour | regulator.regulator-tired | - | steady unsteady; warm changes; rail:regulator high; dial off

transistor | dead when cold, a thump brings it back | if1.transistor-whiskers | if1 dead | thump reacts; tap:if1 reacts; warm changes; freeze:if1 reacts; volts:if1:plate low; volts:if1:cathode low
transistor | weak and motorboats | rails.rail-capacitor | all weak | steady unsteady; rail:rails low
transistor | distorted at low volume | output.output-crossover | output distorted | volts:output:grid low
transistor | no sound at all | speaker.jack-contact | speaker dead | tap:speaker reacts; thump reacts; noise noisy
transistor | crackles | af.volume-worn | - | noise noisy; tap:af reacts; turn control

transmitter | chirps when keyed | regulator.regulator-tired | - | steady-tx unsteady; rail:regulator high
transmitter | carrier is fine but modulation is distorted | modulator.mod-soft | modulation: modulator distorted | works:modulator fails
transmitter | low output on one band | buffer.buffer-tank | transmit: buffer weak | bands-tx one
transmitter | no output | pa.screen-open | transmit: pa dead | volts:pa:screen none; volts:pa:plate high
transmitter | blows the fuse | high-voltage.hv-capacitor-short | all dead | fuse blown; lamp bright; line high; ohms:high-voltage low; half:high-voltage-* low; look:high-voltage seen; rail:high-voltage none

transceiver | transmit fades when warm, receive is fine | changeover.relay-contact | transmit: changeover weak | warm-tx changes; tap:changeover reacts; thump reacts
transceiver | deaf on receive, transmit is fine | rf.transistor-dead | receive: rf dead | volts:rf:plate high; volts:rf:cathode none; swap:board-rf-board cured
transceiver | distorted on receive, transmit is fine | output.coupling-dry | receive: output weak | bridge:output:coupling cured; swap:board-af-board cured
transceiver | no output on transmit, receives well | pa.screen-open | transmit: pa dead | volts:pa:screen none; volts:pa:plate high
transceiver | drifts on receive and on transmit | vfo.osc-drift | - | steady unsteady; steady-tx unsteady; dial off; dial-tx off; warm changes; warm-tx changes; freeze:vfo reacts

linear | half its output | amplifier.tube-soft-one | amplifier weak | look:amplifier seen; swap:amplifier cured
linear | dead | mains.mains-switch | all dead | glow dark; line low; rail:heaters none; rail:high-voltage none; thump reacts; tap:mains reacts
linear | blows its fuse | rectifier.diode-short | all dead | fuse blown; lamp bright; line high; rail:high-voltage none
linear | no output on one band | tank.tank-switch | tank dead | bands-tx one; look:tank seen; smell hot
linear | the fan is dead | fan.fan-stiff | - | works:fan fails; look:fan seen

single-conversion | weak, S-meter low | rf.rf-align | rf weak | bands one
single-conversion | no CW note | bfo.bfo-switch | - | works:bfo fails; tap:bfo reacts; noise noisy; turn switch
am-fm | FM is distorted, AM works | fm-detector.fm-detector-align | fm: fm-detector distorted |
am-fm | FM noisy and weak, AM fine | fm-front.tube-weak | fm: fm-front weak | volts:fm-front:plate high; volts:fm-front:cathode low; swap:fm-front cured; noise noisy
am-fm | dead, phono is dead too | output.output-transformer | output dead | volts:output:plate none; volts:output:screen high
solid-receiver | blows the fuse | output.output-pair-short | all dead | fuse blown; lamp bright; ohms:reservoir low; line high; half:reservoir-* low; volts:output:plate low
solid-receiver | no stereo, FM plays | stereo.stereo-pilot | - | works:stereo fails
solid-transceiver | low output, receives fine | driver.transistor-weak | transmit: driver weak |
solid-transmitter | no modulation, carrier is fine | speech.mic-cable | modulation: speech dead | works:speech fails; tap:speech reacts
audio-amplifier | hums with the volume down | reservoir.smoothing-dry | - | hum double; hum-down double; bridge:reservoir:smoothing cured; pull:af double
audio-amplifier | crackles on one input | selector.selector-contact | - | noise noisy; tap:selector reacts; thump reacts; turn switch
solid-amplifier | distorted | output.output-emitter | output distorted | look:output seen; volts:output:cathode low
vibrator | blows the fuse when switched on | vibrator.vibrator-stuck | all dead | fuse blown; lamp bright; line high; rail:reservoir none
vibrator | crackles, weak | vibrator.vibrator-contacts | all weak | noise noisy; rail:reservoir low; steady unsteady; hum double
dynamotor | dead, tubes glow | dynamotor.dynamotor-brushes | all dead | rail:reservoir none; line low
converter-transceiver | no transmit, receive works | inverter.inverter-stopped | transmit: pa dead | rail:high-voltage none; line low; volts:pa:plate none; volts:driver:plate none
reflex | weak | reflex.screen-bypass-open | reflex weak | steady unsteady
regenerative | weak, reaction does not set in | detector.detector-regeneration | detector weak | steady steady
`;
