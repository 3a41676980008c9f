/**
 * Topologies as compositions of stages. A stage reads `id kind Name`, with `/solid` or `/none` behind the kind where no
 * tube does the work, `?` where many sets do without it, and `[board]` where it sits on a plug-in board. A chain is the
 * order of the signal; a feed is `from > to, to`, with `*` for every stage of the chains.
 */
export type TopologyText = {
  key: string;
  name: string;
  stages: string;
  /** the ways of the signal */
  receive?: string;
  fm?: string;
  transmit?: string;
  modulation?: string;
  supply: string;
  control?: string;
  /** what its sets are, where no sheet tells it: string, half-wave, battery, filaments, silicon, reaction, no-transformer */
  nature?: string;
};

const POWER = `
  mains mains/none Mains input
  rectifier rectifier Rectifier
  reservoir reservoir/none Reservoir and smoothing
  heaters heaters/none Heaters`;

/** What a hybrid transceiver has behind its receive mixer and in its transmitter, whatever feeds it. */
const HYBRID = `
      filter filter/none Sideband filter [IF board]
      if if/solid IF strip [IF board]
      carrier oscillator/solid Carrier oscillator [IF board]
      detector detector/solid Product detector [IF board]
      agc agc/solid AGC [IF board]
      s-meter s-meter/none S-meter
      af af/solid First audio [AF board]
      output output/solid Audio output [AF board]
      speaker speaker/none Loudspeaker
      speech speech/solid Microphone amplifier [AF board]
      balanced balanced/solid Balanced modulator [IF board]
      mixer2 mixer/solid Transmit mixer [RF board]
      driver driver Driver
      pa pa Power amplifier
      tank tank/none Output network
      alc alc/none ALC
      keying keying/none Transmit switching
      metering metering/none Metering`;

export const TOPOLOGY_TEXTS: readonly TopologyText[] = [
  {
    key: "superhet",
    name: "AC superhet",
    stages: `${POWER}
      antenna antenna/none Antenna coils
      rf rf? RF stage
      mixer mixer Mixer
      oscillator oscillator Oscillator
      if if IF stage
      detector detector Detector
      agc agc/none AGC
      af af First audio
      phase phase? Phase splitter
      output output Output stage
      speaker speaker/none Loudspeaker
      indicator indicator? Tuning indicator`,
    receive: "antenna rf mixer if detector af phase output speaker",
    supply: "mains > rectifier, heaters; rectifier > reservoir; reservoir > *; heaters > *",
    control: "oscillator > mixer; agc > rf, mixer, if",
  },
  {
    key: "transformerless",
    name: "Transformerless set",
    nature: "string half-wave no-transformer",
    stages: `
      mains mains/none Mains input
      rectifier rectifier Rectifier
      reservoir reservoir/none Reservoir and smoothing
      heaters heaters/none Heater string
      antenna antenna/none Antenna coils
      mixer mixer Mixer
      oscillator oscillator Oscillator
      if if IF stage
      detector detector Detector
      agc agc/none AGC
      af af First audio
      output output Output stage
      speaker speaker/none Loudspeaker`,
    receive: "antenna mixer if detector af output speaker",
    supply: "mains > rectifier, heaters; rectifier > reservoir; reservoir > *; heaters > *, rectifier",
    control: "oscillator > mixer; agc > mixer, if",
  },
  {
    key: "portable",
    name: "Battery portable",
    nature: "battery filaments",
    stages: `
      battery battery/none Batteries
      heaters heaters/none Filaments
      reservoir reservoir/none HT and decoupling
      antenna antenna/none Frame antenna
      mixer mixer Converter
      oscillator oscillator Oscillator
      if if IF stage
      detector detector Detector
      agc agc/none AGC
      af af First audio
      output output Output stage
      speaker speaker/none Loudspeaker`,
    receive: "antenna mixer if detector af output speaker",
    supply: "battery > heaters, reservoir; reservoir > *; heaters > *",
    control: "oscillator > mixer; agc > mixer, if",
  },
  {
    key: "trf",
    name: "TRF receiver",
    stages: `${POWER}
      antenna antenna/none Antenna coils
      rf1 rf First RF
      rf2 rf? Second RF
      detector detector Detector
      af af? First audio
      output output Output stage
      speaker speaker/none Loudspeaker`,
    receive: "antenna rf1 rf2 detector af output speaker",
    supply: "mains > rectifier, heaters; rectifier > reservoir; reservoir > *; heaters > *",
  },
  {
    key: "dual-conversion",
    name: "Dual-conversion communications receiver",
    stages: `${POWER}
      regulator regulator Regulator
      antenna antenna/none Antenna coils
      rf rf RF stage
      mixer1 mixer First mixer
      oscillator1 oscillator First oscillator
      if1 if First IF
      mixer2 mixer Second mixer
      oscillator2 oscillator Second oscillator
      if2 if Second IF
      detector detector Detector
      agc agc/none AGC
      limiter limiter? Noise limiter
      bfo bfo BFO
      s-meter s-meter/none? S-meter
      af af First audio
      output output Output stage
      speaker speaker/none Loudspeaker`,
    receive: "antenna rf mixer1 if1 mixer2 if2 detector af output speaker",
    supply:
      "mains > rectifier, heaters; rectifier > reservoir; reservoir > *, regulator; heaters > *; regulator > oscillator1, oscillator2, bfo",
    control:
      "oscillator1 > mixer1; oscillator2 > mixer2; agc > rf, mixer1, if1, if2, s-meter; bfo > detector; limiter > af",
  },
  {
    key: "transistor",
    name: "Transistor receiver",
    nature: "battery",
    stages: `
      battery battery/none Battery
      rails rails/none Supply and decoupling
      antenna antenna/none Ferrite antenna
      mixer mixer/solid Mixer
      if1 if/solid First IF
      if2 if/solid Second IF
      detector detector/solid Detector
      agc agc/none AGC
      af af/solid First audio
      driver driver/solid? Driver
      output output/solid Output pair
      speaker speaker/none Loudspeaker`,
    receive: "antenna mixer if1 if2 detector af driver output speaker",
    supply: "battery > rails; rails > *",
    control: "agc > if1",
  },
  {
    key: "transmitter",
    name: "AM/CW transmitter",
    stages: `
      mains mains/none Mains input
      rectifier rectifier Rectifiers
      high-voltage high-voltage/none High voltage
      heaters heaters/none Heaters
      bias bias/none? Bias supply
      regulator regulator? Regulator
      vfo vfo Oscillator
      buffer buffer? Buffer
      driver driver? Driver
      pa pa Power amplifier
      tank tank/none Output network
      changeover changeover/none? Antenna changeover
      keying keying/none Keying
      speech speech Speech amplifier
      modulator modulator Modulator
      metering metering/none Metering`,
    transmit: "vfo buffer driver pa tank changeover",
    modulation: "speech modulator",
    supply:
      "mains > rectifier, heaters; rectifier > high-voltage; high-voltage > *, regulator; heaters > *; bias > pa; regulator > vfo",
    control: "keying > vfo; modulator > pa; metering > pa",
  },
  {
    key: "transceiver",
    name: "Hybrid SSB transceiver",
    stages: `
      mains mains/none Mains input
      rectifier rectifier/solid Rectifiers
      high-voltage high-voltage/none High voltage
      heaters heaters/none Heaters
      bias bias/none Bias supply
      rails rails/solid Low-voltage rails [regulator board]
      changeover changeover/none Antenna changeover
      antenna antenna/none Antenna coils
      rf rf/solid Receive RF [RF board]
      mixer1 mixer/solid Receive mixer [RF board]
      vfo oscillator/solid VFO [VFO box]
      oscillator2 oscillator/solid Band crystals [RF board]
      ${HYBRID}`,
    receive: "changeover antenna rf mixer1 filter if detector af output speaker",
    transmit: "speech balanced filter if mixer2 driver pa tank changeover",
    supply:
      "mains > rectifier, heaters; rectifier > high-voltage, bias, rails; high-voltage > driver, pa; heaters > driver, pa; bias > pa; rails > rf, mixer1, vfo, oscillator2, if, carrier, detector, agc, af, output, speech, balanced, mixer2",
    control:
      "vfo > mixer1, mixer2; oscillator2 > mixer1, mixer2; carrier > detector, balanced; agc > rf, if, s-meter; alc > if; keying > mixer2, driver; metering > pa",
  },
  {
    key: "linear",
    name: "Linear amplifier",
    stages: `
      mains mains/none Mains input
      rectifier rectifier/solid Rectifier bridge
      high-voltage high-voltage/none High voltage
      heaters heaters/none Filaments
      bias bias/none Bias
      changeover changeover/none Antenna changeover
      input input/none Input network
      amplifier amplifier Tubes and suppressors
      tank tank/none Output network
      metering metering/none Metering
      fan fan/none Fan`,
    transmit: "changeover input amplifier tank",
    supply:
      "mains > rectifier, heaters, fan; rectifier > high-voltage; high-voltage > amplifier; heaters > amplifier; bias > amplifier",
    control: "metering > amplifier",
  },
  {
    key: "single-conversion",
    name: "Single-conversion communications receiver",
    stages: `${POWER}
      regulator regulator? Regulator
      antenna antenna/none Antenna coils
      rf rf RF stage
      mixer mixer Mixer
      oscillator oscillator Oscillator
      filter filter/none? Crystal filter
      if if First IF
      if2 if? Second IF
      detector detector Detector
      agc agc/none AGC
      limiter limiter? Noise limiter
      bfo bfo BFO
      s-meter s-meter/none? S-meter
      af af First audio
      output output Output stage
      speaker speaker/none Loudspeaker`,
    receive: "antenna rf mixer filter if if2 detector af output speaker",
    supply:
      "mains > rectifier, heaters; rectifier > reservoir; reservoir > *, regulator, bfo; heaters > *, bfo; regulator > oscillator",
    control: "oscillator > mixer; agc > rf, mixer, if, if2, s-meter; bfo > detector; limiter > af",
  },
  {
    key: "am-fm",
    name: "AM and FM receiver",
    stages: `${POWER}
      antenna antenna/none AM antenna coils
      fm-front fm-front FM front end
      mixer mixer AM mixer
      oscillator oscillator AM oscillator
      if if IF stage
      if2 if? Second IF
      fm-limiter fm-limiter? Limiter
      fm-detector fm-detector FM detector
      detector detector AM detector
      agc agc/none AGC
      stereo stereo? Stereo decoder
      af af First audio
      phase phase? Phase splitter
      output output Output stage
      speaker speaker/none Loudspeaker
      indicator indicator? Tuning indicator`,
    receive: "antenna mixer if detector af phase output speaker",
    fm: "fm-front if if2 fm-limiter fm-detector af phase output speaker",
    supply: "mains > rectifier, heaters; rectifier > reservoir; reservoir > *, oscillator; heaters > *",
    control: "oscillator > mixer; agc > mixer, if; stereo > af",
  },
  {
    key: "solid-receiver",
    name: "Solid-state receiver on the mains",
    nature: "silicon",
    stages: `
      mains mains/none Mains input
      rectifier rectifier/solid Rectifier
      reservoir reservoir/none Reservoir
      rails rails/solid Stabilised supply
      antenna antenna/none AM antenna
      fm-front fm-front/solid FM front end
      mixer mixer/solid AM mixer
      oscillator oscillator/solid? AM oscillator
      if if/solid IF strip
      fm-detector fm-detector/solid FM detector
      detector detector/solid AM detector
      agc agc/none AGC
      stereo stereo/solid? Stereo decoder
      af af/solid First audio
      driver driver/solid Driver
      output output/solid Output pair
      speaker speaker/none Loudspeaker`,
    receive: "antenna mixer if detector af driver output speaker",
    fm: "fm-front if fm-detector af driver output speaker",
    supply:
      "mains > rectifier; rectifier > reservoir; reservoir > rails, driver, output; rails > *, oscillator, stereo",
    control: "oscillator > mixer; agc > if; stereo > af",
  },
  {
    key: "solid-transceiver",
    name: "Solid-state transceiver",
    nature: "battery silicon",
    stages: `
      battery battery/none 12 V supply
      rails rails/solid Regulated rails
      changeover changeover/none Antenna changeover
      antenna antenna/none Band filters
      rf rf/solid? Receive RF
      mixer1 mixer/solid Receive mixer
      vfo oscillator/solid VFO or synthesiser
      filter filter/none Sideband filter
      if if/solid IF strip
      carrier oscillator/solid Carrier oscillator
      detector detector/solid Product detector
      agc agc/solid AGC
      s-meter s-meter/none S-meter
      af af/solid First audio
      output output/solid Audio output
      speaker speaker/none Loudspeaker
      speech speech/solid Microphone amplifier
      balanced balanced/solid Balanced modulator
      mixer2 mixer/solid Transmit mixer
      driver driver/solid Driver
      pa pa/solid Power amplifier
      tank tank/none Low-pass filters
      alc alc/none ALC
      keying keying/none Transmit switching
      metering metering/none Metering`,
    receive: "changeover antenna rf mixer1 filter if detector af output speaker",
    transmit: "speech balanced filter if mixer2 driver pa tank changeover",
    supply:
      "battery > rails, driver, pa, output; rails > rf, mixer1, vfo, if, carrier, detector, agc, af, speech, balanced, mixer2, keying",
    control:
      "vfo > mixer1, mixer2; carrier > detector, balanced; agc > rf, if, s-meter; alc > if; keying > mixer2, driver; metering > pa",
  },
  {
    key: "solid-transmitter",
    name: "Solid-state transmitter",
    nature: "battery silicon",
    stages: `
      battery battery/none 12 V supply
      rails rails/solid Regulated rail
      vfo vfo/solid Oscillator
      buffer buffer/solid Multipliers
      driver driver/solid Driver
      pa pa/solid Power amplifier
      tank tank/none Output network
      changeover changeover/none? Antenna changeover
      keying keying/none Transmit switching
      speech speech/solid Microphone amplifier
      modulator modulator/solid Modulator
      metering metering/none? Metering`,
    transmit: "vfo buffer driver pa tank changeover",
    modulation: "speech modulator",
    supply: "battery > rails, driver, pa, modulator; rails > vfo, buffer, speech",
    control: "keying > vfo; modulator > pa; metering > pa",
  },
  {
    key: "audio-amplifier",
    name: "Audio amplifier",
    stages: `${POWER}
      bias bias/none? Bias supply
      selector selector/none Input selector
      af af First audio
      phase phase? Phase splitter
      output output Output stage
      speaker speaker/none Loudspeaker`,
    receive: "selector af phase output speaker",
    supply: "mains > rectifier, heaters; rectifier > reservoir; reservoir > *; heaters > *; bias > output",
  },
  {
    key: "solid-amplifier",
    name: "Solid-state audio amplifier",
    nature: "silicon",
    stages: `
      mains mains/none Mains input
      rectifier rectifier/solid Rectifier
      reservoir reservoir/none Reservoir
      selector selector/none Input selector
      af af/solid First audio
      driver driver/solid Driver
      output output/solid Output pair
      speaker speaker/none Loudspeaker`,
    receive: "selector af driver output speaker",
    supply: "mains > rectifier; rectifier > reservoir; reservoir > *",
  },
  {
    key: "vibrator",
    name: "Vibrator set",
    stages: `
      battery battery/none Supply lead
      vibrator vibrator/none Vibrator supply
      rectifier rectifier? Rectifier
      reservoir reservoir/none Reservoir and smoothing
      heaters heaters/none Heaters
      antenna antenna/none Antenna coils
      rf rf? RF stage
      mixer mixer Mixer
      oscillator oscillator Oscillator
      if if IF stage
      detector detector Detector
      agc agc/none AGC
      af af First audio
      output output Output stage
      speaker speaker/none Loudspeaker`,
    receive: "antenna rf mixer if detector af output speaker",
    supply:
      "battery > vibrator, heaters; vibrator > rectifier, reservoir; rectifier > reservoir; reservoir > *, oscillator; heaters > *",
    control: "oscillator > mixer; agc > rf, mixer, if",
  },
  {
    key: "dynamotor",
    name: "Dynamotor set",
    stages: `
      battery battery/none Supply lead
      dynamotor dynamotor/none Dynamotor
      reservoir reservoir/none Filter
      heaters heaters/none Heaters
      antenna antenna/none Antenna coils
      rf rf RF stage
      mixer mixer Mixer
      oscillator oscillator Oscillator
      if if IF stage
      detector detector Detector
      agc agc/none AGC
      bfo bfo? BFO
      af af First audio
      output output Output stage
      speaker speaker/none Headphones or loudspeaker`,
    receive: "antenna rf mixer if detector af output speaker",
    supply: "battery > dynamotor, heaters; dynamotor > reservoir; reservoir > *, oscillator, bfo; heaters > *, bfo",
    control: "oscillator > mixer; agc > rf, mixer, if; bfo > detector",
  },
  {
    key: "converter-transceiver",
    name: "Hybrid transceiver on a DC-DC converter",
    nature: "silicon",
    stages: `
      battery battery/none 12 V supply
      inverter inverter/solid DC-DC converter
      high-voltage high-voltage/none High voltage
      heaters heaters/none Heaters
      bias bias/none Bias supply
      rails rails/solid Low-voltage rails [regulator board]
      changeover changeover/none Antenna changeover
      antenna antenna/none Antenna coils
      rf rf/solid Receive RF [RF board]
      mixer1 mixer/solid Receive mixer [RF board]
      vfo oscillator/solid VFO [VFO box]
      ${HYBRID}`,
    receive: "changeover antenna rf mixer1 filter if detector af output speaker",
    transmit: "speech balanced filter if mixer2 driver pa tank changeover",
    supply:
      "battery > inverter, heaters, rails; inverter > high-voltage, bias; high-voltage > driver, pa; heaters > driver, pa; bias > pa; rails > rf, mixer1, vfo, if, carrier, detector, agc, af, output, speech, balanced, mixer2",
    control:
      "vfo > mixer1, mixer2; carrier > detector, balanced; agc > rf, if, s-meter; alc > if; keying > mixer2, driver; metering > pa",
  },
  {
    key: "reflex",
    name: "Reflex receiver",
    stages: `${POWER}
      antenna antenna/none Antenna coils
      reflex rf Reflex stage, radio part
      detector detector Detector
      reflex-af af Reflex stage, sound part
      output output Output stage
      speaker speaker/none Loudspeaker`,
    receive: "antenna reflex detector reflex-af output speaker",
    supply: "mains > rectifier, heaters; rectifier > reservoir; reservoir > *; heaters > *",
  },
  {
    key: "regenerative",
    name: "Regenerative receiver",
    nature: "reaction",
    stages: `${POWER}
      antenna antenna/none Antenna coils
      rf rf? RF stage
      detector detector Detector with reaction
      af af? First audio
      output output Output stage
      speaker speaker/none Loudspeaker`,
    receive: "antenna rf detector af output speaker",
    supply: "mains > rectifier, heaters; rectifier > reservoir; reservoir > *; heaters > *",
  },
];
