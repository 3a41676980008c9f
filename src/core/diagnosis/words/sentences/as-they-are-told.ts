/** Complaints as owners tell them, with what stands around them. Written when the rules stood, and read once before anything was mended: see docs/finding-the-fault.md. */
export const AS_TOLD: readonly (readonly [set: string, group: string, lines: string])[] = [
  [
    "amfm",
    "as owners tell it",
    `FM is fine but AM has a loud hum. | hum line|double, play-fm fine
     The stereo light never comes on. | works:stereo fails
     One channel is much weaker than the other. | works:stereo fails
     FM fades out after it has been on for an hour, AM keeps playing. | warm-fm changes, play-fm weak, play fine
     No FM at all, just a rushing noise. | noise noisy, play-fm dead
     On FM the stations are distorted unless you tune a bit to the side. | play-fm distorted
     Both AM and FM are dead, but the phono input works. | play dead, play-fm dead, phono fine
     AM is dead. | play dead
     FM drifts so that I have to retune every few minutes. | steady-fm unsteady
     It plays AM only. | play fine, play-fm dead
     The left channel crackles. | noise noisy
     FM sounds muffled, AM is clear. | play-fm distorted, play fine
     On FM there is only noise. | noise noisy, play-fm dead
     FM plays only in mono. | works:stereo fails
     The FM sound is distorted on strong stations. | play-fm distorted, works:agc fails
     AM works as it should, FM is gone completely. | play fine, play-fm dead
     Both FM and AM drift. | steady-fm unsteady, steady unsteady
     On AM one hears a whistle, FM is clean. | steady unsteady, play-fm fine
     No stereo. | works:stereo fails
     FM is weak and needs a better antenna. | play-fm weak`,
  ],
  [
    "communications",
    "as owners tell it",
    `The beat oscillator does not work, so I cannot read SSB. | works:bfo fails
     When the BFO is switched on, nothing changes. | works:bfo fails
     S-meter shows nothing, but the receiver plays well. | play fine, works:s-meter fails
     It is stone deaf above 15 MHz. | bands one
     The crystal filter makes no difference. |
     Strong stations overload the set, turning back the RF gain helps. | play distorted, works:agc fails
     Calibration is out on the top band only. | dial off, bands one
     The band switch is intermittent and needs wiggling. | turn switch
     The noise limiter has no effect. | works:limiter fails
     Frequency jumps when I knock on the cabinet. | steady unsteady, thump reacts
     The phones work but the loudspeaker is silent. | play dead, phones fine
     It howls as soon as the BFO is turned on. | steady unsteady
     AVC does not seem to work, strong signals blast my ears. | play distorted, works:agc fails
     Dead as a dodo. | play dead`,
  ],
  [
    "table",
    "as owners tell it",
    `My grandmother's kitchen radio just hums very loudly when I switch it on, no stations at all. | hum line|double, play dead
     The owner tells us it used to play well but has been getting weaker and weaker over the last months. | play weak
     Customer brought it in because it goes silent after roughly half an hour of playing. | warm changes, play dead
     When I turn the volume knob it crackles badly. | noise noisy, turn control
     I bought this set at an auction and it is completely dead, the dial lamp does not even light. | glow dark, play dead
     There is a strong smell of burning after a few minutes, so I switched it off at once. | smell hot, warm changes
     It works, but on short wave I hear nothing. | bands one
     Plays for about ten minutes and then the sound slowly fades away. | warm changes, play weak
     The pointer does not move any more when I turn the tuning knob. | knob slips
     Everything seems to work but there is a lot of distortion, particularly on loud passages. | play distorted
     Sound comes and goes, and if I give it a thump on the side it comes back. | thump reacts, play dead
     The stations come in at the wrong place on the dial, about one centimetre too high. | dial off
     The fuse blew as soon as we plugged it in. | fuse blown
     I replaced the fuse, but the new one blew immediately as well. | fuse blown
     Reception is very poor, only two local stations can be heard. | play weak
     A loud whistle is heard on every station. | steady unsteady
     It has a deep hum that does not change when I turn down the volume. | hum-down line|double
     When I plug in a record player it works perfectly, but the radio itself is dead. | play dead, phono fine
     The magic eye is dark, otherwise the set plays nicely. | play fine, works:indicator fails
     The magic eye glows but does not react to stations. | works:indicator fails
     According to the previous owner it has not worked for thirty years. | play dead
     Please check: the set drifts off station while warming up. | steady unsteady, warm changes
     Tubes all light up, yet not a sound comes out of the speaker. | glow all, play dead
     One of the tubes does not light. | glow dark
     It crackles and pops all the time, even with the volume right down. | noise noisy
     The music sounds as if it came through a blanket. | play distorted
     I get a tingle from the chassis, apart from that it plays fine. | play fine
     The wave change switch makes bad contact and has to be jiggled until something is heard. | turn switch
     It played yesterday; this morning I heard a bang and now it is dead. | smell hot, play dead
     My late father's receiver motorboats at high volume. | steady unsteady
     After a thorough cleaning the hum is still there. | hum line|double
     Hum has gone since the electrolytics were replaced, but the treble is missing. | hum none, play distorted
     Volume is very low even when turned up fully. | play weak
     Only hisses, no matter where I tune. | noise noisy
     The radio plays a bit and then suddenly cuts out, for no apparent reason. | play dead
     If you tap the first tube, it rings in the loudspeaker. | thump reacts
     The set has been recapped by somebody, but since then it oscillates. | steady unsteady
     No reception on medium wave, long wave is all right. | bands one
     The dial lamps are out but it works. | glow dark, play fine
     It takes ages until something can be heard. | warm changes
     The tone is thin and tinny. | play distorted
     A buzzing from the loudspeaker that gets louder when I touch the volume control. | hum line|double, turn control
     Transformer gets so hot that you can't touch it. | smell hot
     Smoke came out of the back, then it went quiet. | smell hot, play weak
     The tuning knob turns but the needle stays where it is. | knob slips
     Works well in the evening, but hardly anything is heard during the day. | play weak
     Reception improves when I hold the antenna wire. | play weak
     It is impossible to tune in a station properly as they wander off. | steady unsteady
     There's nothing wrong with it, we only want it cleaned. | play fine
     Loud crackling noises whenever a lorry drives past. | noise noisy, thump reacts
     Hello, my radio has no sound any more, only the lamp lights. | glow all, play dead
     It worked until Christmas and since then it is silent. | play dead
     When first switched on it plays beautifully, then after some minutes there is only a hum. | hum line|double, warm changes, play fine
     We hear a scratching noise whenever the tone control is turned. | noise noisy, turn control
     The customer complains that it is too quiet. | play weak
     Sometimes it plays and sometimes it does not. | play dead
     On medium wave there is a whistle on every station. | steady unsteady, bands one
     The set hums so loudly that the music can hardly be heard. | hum line|double
     The green eye has become very dim. | works:indicator fails
     The string of the tuning is broken. | knob slips
     Please have a look at the volume control, it is noisy. | noise noisy, turn control
     It smells hot after half an hour. | smell hot, warm changes
     Nothing happens when I switch it on. | play dead
     The fuse in the plug blows every time. | fuse blown
     Plays, but the voices sound hoarse. | play distorted
     Reception is good in the evening only. | play weak
     I can only get one station. | play weak
     Everything is in order apart from the dial light. | glow dark, play fine
     One can hear two stations at the same time. | play distorted
     The sound cracks when the cabinet is touched. | noise noisy, thump reacts
     No longer receives long wave. | bands one
     The radio comes on only after I bang on the lid. | thump reacts, play dead
     It started to smoke, so we pulled the plug. | smell hot
     Its tuning is very stiff. | knob slips
     The pointer is stuck at one end. | knob slips
     The record player input is silent, radio works. | play fine, phono dead
     Hum is there even with the volume turned down. | hum-down line|double
     The stations move away by themselves. | steady unsteady
     The set was dropped and has been dead ever since. | play dead
     My husband has changed the tubes but it is still dead. | play dead
     The loudspeaker rattles on bass notes. | play distorted
     All is well except a slight crackle now and then. | noise noisy, play fine
     Short wave does not work, everything else does. | bands one
     It takes two minutes before it starts to play. | warm changes
     In the rectifier tube there is a blue glow. | glow bright`,
  ],
  [
    "transceiver",
    "as owners tell it",
    `The owner says that transmit power has dropped from 100 to 30 watts. | play-tx weak
     Receives perfectly well but as soon as I key the microphone nothing happens. | play fine, play-tx dead
     On transmit the other stations report a hum on my signal. | hum-tx line|double
     My contacts tell me that the audio is distorted. | play-tx distorted
     The S-meter is stuck at S9. | works:s-meter fails
     No output on 10 metres, the other bands are fine. | bands-tx one
     The fan is noisy, otherwise no complaints. | play fine
     The relay chatters when I press the PTT. | works:changeover fails
     Blows the fuse as soon as I transmit. | fuse blown
     Receiver has gone deaf on all bands. | bands alike, play weak
     The final tubes glow red on transmit. | smell hot
     Transmit is fine, receive is completely dead since a thunderstorm. | play-tx fine, play dead
     There is no sidetone when I key it. | works:keying fails
     SSB works normally but in CW there is no output at all. | play-tx dead
     Nobody answers my calls although the meter shows full power. | play-tx dead
     After about fifteen minutes of transmitting the power falls to nearly zero. | warm-tx changes, play-tx weak
     The display is dim. |
     The receiver is full of noise, even with no antenna connected. | noise noisy
     The audio from the speaker is scratchy when I move the AF gain. | noise noisy, turn control
     No receive at all, transmit works normally. | play dead, play-tx fine
     Full output on CW but almost nothing on SSB. | mode-tx voice, play-tx dead
     On 15 metres the output is only half. | bands-tx one
     When I press the microphone button the relay does not click. | works:changeover fails
     The receiver works, however the S-meter does not move. | play fine, works:s-meter fails
     They say that my signal is drifting. | steady-tx unsteady
     The plate current cannot be dipped. | play-tx weak
     After a few minutes on transmit there is a smell. | smell hot, warm-tx changes
     The transmitter has no power on any band. | bands-tx alike, play-tx dead
     Receive gets weak when it is hot, transmit stays normal. | warm changes, play weak, play-tx fine
     The set goes dead as soon as I go to transmit. | play-tx dead
     There is hum on receive only. | hum line|double`,
  ],
];
