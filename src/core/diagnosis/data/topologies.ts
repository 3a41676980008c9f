/**
 * Topologies as compositions of stages. A stage reads `id kind Name`, with `/solid` or `/none` behind the kind where no
 * tube does the work, `?` where many sets do without it, and `[board]` where it sits on a plug-in board. A chain is the
 * order of the signal; a feed is `from > to, to`, with `*` for every stage of the chains.
 */
export type TopologyText = {
  key: string;
  name: string;
  stages: string;
  receive?: string;
  transmit?: string;
  supply: string;
  control?: string;
};

const POWER = `
  mains mains/none Mains input
  rectifier rectifier Rectifier
  reservoir reservoir/none Reservoir and smoothing
  heaters heaters/none Heaters`;

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
    supply: "mains > rectifier, heaters; rectifier > reservoir; reservoir > *; heaters > *",
    control: "oscillator > mixer; agc > mixer, if",
  },
  {
    key: "portable",
    name: "Battery portable",
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
    name: "TRF or regenerative",
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
    supply:
      "mains > rectifier, heaters; rectifier > high-voltage; high-voltage > *, modulator, speech, regulator; heaters > *, modulator, speech; bias > pa; regulator > vfo",
    control: "keying > vfo; speech > modulator; modulator > pa; metering > pa",
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
      metering metering/none Metering`,
    receive: "changeover antenna rf mixer1 filter if detector af output speaker",
    transmit: "balanced filter if mixer2 driver pa tank changeover",
    supply:
      "mains > rectifier, heaters; rectifier > high-voltage, bias, rails; high-voltage > driver, pa; heaters > driver, pa; bias > pa; rails > rf, mixer1, vfo, oscillator2, if, carrier, detector, agc, af, output, speech, balanced, mixer2",
    control:
      "vfo > mixer1, mixer2; oscillator2 > mixer1, mixer2; carrier > detector, balanced; speech > balanced; agc > rf, if, s-meter; alc > if; keying > mixer2, driver; metering > pa",
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
];
