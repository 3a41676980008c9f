/** A few ways to put each meaning, written when the rules stood for the twenty-sixth time, and read once before anything was mended: see docs/finding-the-fault.md. */
export const TWENTY_SIXTH: readonly (readonly [set: string, group: string, lines: string])[] = [
  [
    "amfm",
    "a twenty-sixth set",
    `FM silent, AM plays | play-fm dead, play fine
     stereo lamp dead | works:stereo fails
     FM hum | hum-fm line|double
     AM dead | play dead
     FM dial off | dial-fm off
     FM perfect | play-fm fine
     FM fades after ten minutes | warm-fm changes, play-fm weak
     FM gets better when warm | warm-fm changes`,
  ],
  [
    "communications",
    "a twenty-sixth set",
    `no tone on CW | works:bfo fails
     BFO weak | works:bfo fails
     SSB sounds like a duck even with BFO | play distorted
     S-meter needle doesn't move | works:s-meter fails
     no S-meter indication | works:s-meter fails
     S-meter stays at S9 | works:s-meter fails
     S meter zero adjustment has no effect | works:s-meter fails
     signal meter is dead | works:s-meter fails
     AGC not working | works:agc fails
     strong signals are much too loud | works:agc fails
     noise blanker does nothing | works:limiter fails
     limiter works well | works:limiter works
     deaf on the top band | bands one
     dead above 18 MHz | bands one
     weak on 10 m, good on 40 m | bands one
     all bands weak | bands alike, play weak
     calibration 10 kHz off | dial off
     dial reads high by 15 kHz | dial off
     not stable enough for SSB | steady unsteady
     drifts all the time | steady unsteady
     frequency hops | steady unsteady
     lots of birdies | steady unsteady
     crackles when tuning | noise noisy
     RF gain crackles | noise noisy, turn control
     no audio in the headphones | phones dead
     headphones OK, no speaker sound | play dead, phones fine
     hum in the audio | hum line|double
     S-meter moves but there is no audio | play dead, works:s-meter works`,
  ],
  [
    "table",
    "a twenty-sixth set",
    `no output from the speaker whatsoever | play dead
     makes no sound of any kind | play dead
     went dead all of a sudden | play dead
     it is totally silent | play dead
     I hear absolutely nothing | play dead
     won't make a sound | play dead
     stays mute after switching on | play dead
     not a single station to be heard | play dead
     can't find any stations | play dead
     nothing but silence | play dead
     receives nothing at all | play dead
     it just quit | play dead
     it's as dead as can be | play dead
     has been silent for years | play dead
     sound stopped while listening | play dead
     doesn't receive any more | play dead
     low volume | play weak
     volume very low even turned all the way up | play weak
     can hardly be heard | play weak
     lost much of its power | play weak
     only strong stations come through | play weak
     sound level is poor | play weak
     sensitivity is gone | play weak
     not very sensitive | play weak
     distant stations are not received | play weak
     barely receives the local station | play weak
     needs full volume for a normal level | play weak
     weak as a kitten | play weak
     sound is faint and far away | play weak
     picks up only two or three stations | play weak
     the volume slowly drops | play weak
     poor reception | play weak
     sound quality is awful | play distorted
     sounds like a broken loudspeaker | play distorted
     music sounds distorted, speech too | play distorted
     garbled speech | play distorted
     sounds like someone talking through a comb | play distorted
     rattles at high volume | play distorted
     the sound breaks up when turned up | play distorted
     voices are fuzzy | play distorted
     very shrill sound | steady unsteady
     sound is dull and boomy | play distorted
     scratchy voice, like a worn record | noise noisy
     overdriven on loud music | play distorted
     the speaker scrapes | play distorted
     mushy sound on all stations | play distorted
     sounds like a kazoo | play distorted
     hums as soon as it is warm | hum line|double, warm changes
     low hum all the time | hum line|double
     deep buzzing in the background | hum line|double
     hum spoils the reception | hum line|double
     can hear hum between the stations | hum line|double
     it buzzes like a bee | hum line|double
     humming even without a station | hum line|double
     the hum is much too loud | hum line|double
     hum with the volume control turned down | hum-down line|double
     buzz that can't be turned down | hum-down line|double
     volume at zero, still a hum | hum-down line|double
     turning the volume down takes the hum away | hum-down none
     it doesn't hum | hum none
     crackling sound | noise noisy
     a lot of crackle | noise noisy
     static bursts | noise noisy
     random pops and bangs | noise noisy
     spluttering noises | noise noisy
     noisy reception | noise noisy
     more noise than music | noise noisy
     rustling like paper | noise noisy
     sputters before it starts to play | noise noisy
     crackles in damp weather | noise noisy
     noise when someone switches on a light | noise noisy
     crackles when the volume is changed | noise noisy, turn control
     dirty volume pot | turn control
     volume pot is worn out | turn control
     tone pot scratchy | noise noisy, turn control
     band switch contacts are bad | turn switch
     have to jiggle the band switch | turn switch
     howling | steady unsteady
     loud squeal on every station | steady unsteady
     it whistles when I tune | steady unsteady
     constant whistle in the background | steady unsteady
     oscillation on strong signals | steady unsteady
     pulsating sound | steady unsteady
     goes whoop whoop | steady unsteady
     put-put-put like a motorboat | steady unsteady
     fluttering sound | steady unsteady
     the pitch wavers | steady unsteady
     have to keep retuning | steady unsteady
     drifts as it warms up | steady unsteady, warm changes
     station wanders during the evening | steady unsteady
     jumps off the station | steady unsteady
     howls when near the speaker | steady unsteady
     stations come in too high on the dial | dial off
     dial and stations don't agree | dial off
     wrong frequencies on the scale | dial off
     scale reads 30 kHz too low | dial off
     pointer is off by an inch | dial off
     dial cord slipping | knob slips
     tuning shaft spins without moving the pointer | knob slips
     tuning knob wobbles | knob slips
     knob came off | knob slips
     can't tune, the cord is gone | knob slips
     tuning goes only half way | knob slips
     plays until it gets warm | warm changes, play fine
     goes off after 10 minutes, works again when cold | warm changes, play dead
     starts only when cold | warm changes
     only works once it's hot | warm changes, play dead
     gets weaker with time | warm changes, play weak
     distortion appears after an hour | warm changes, play distorted
     starts to crackle when warm | noise noisy, warm changes
     hum disappears after warming up | hum line|double, warm changes
     takes an age to warm up | warm changes
     after a while it gets better | warm changes
     loud when cold, weak when warm | warm changes, play weak
     MW OK, SW dead | bands one
     weak on SW only | bands one
     just one band works | bands one
     the lowest band is dead | bands one
     works on MW and LW, not on SW | bands one
     same fault on every band | bands alike
     hum on all bands | hum line|double, bands alike
     works on the gramophone input | phono fine
     pick-up input has no sound | phono dead
     pick-up distorted as well | phono distorted
     record player fine, radio silent | play dead, phono fine
     turntable plays, radio doesn't | play dead, phono fine
     magic eye dead | works:indicator fails
     no glow from the magic eye | works:indicator fails
     eye doesn't respond to stations | works:indicator fails
     green eye very faint | works:indicator fails
     eye closes on strong stations as it should | works:indicator works
     tuning eye flutters | works:indicator fails
     no lights | glow dark
     filaments don't come on | glow dark
     some tubes don't light | glow dark
     tubes all lit | glow all
     tubes glow and dial is lit | glow all
     heaters OK | glow all
     purple glow in the output tube | glow bright
     one tube is much brighter than the rest | glow bright
     plates of the output tube are red | smell hot
     something is burning inside | smell hot
     smokes after a minute | smell hot, warm changes
     transformer very hot | smell hot
     wax has run out of the transformer | smell hot
     hot resistor smell | smell hot
     it gets too warm | smell hot
     no burnt smell | smell nothing
     fuse gone | fuse blown
     fuse blows every time | fuse blown
     blows the fuse at once | fuse blown
     new fuse blows too | fuse blown
     breaker trips when plugged in | fuse blown
     fuse is OK but nothing works | fuse whole, play dead
     cuts out when moved | thump reacts, play dead
     knocking on it makes it come back | thump reacts, play dead
     crackles if you tap the tubes | noise noisy, thump reacts
     goes dead when I touch a tube | thump reacts, play dead
     very microphonic | thump reacts
     comes and goes by itself | play dead
     sometimes it plays, sometimes not | play dead
     works for days, then suddenly nothing | play dead
     strong stations distort | play distorted, works:agc fails
     overloads on the local station | play distorted, works:agc fails
     volume different from station to station | works:agc fails
     works perfectly | play fine
     sound is fine | play fine
     no complaints | play fine
     all OK again | play fine
     loud and clear on all bands | bands alike, play fine`,
  ],
  [
    "transceiver",
    "a twenty-sixth set",
    `no TX | play-tx dead
     TX dead, RX fine | play-tx dead, play fine
     RX dead, TX fine | play dead, play-tx fine
     no transmit power | play-tx dead
     does not transmit on SSB | mode-tx voice, play-tx dead
     transmit power low | play-tx weak
     power drops on 10 m | bands-tx one
     transmits on 80 and 40 only | bands-tx one
     half the power on every band | bands-tx alike, play-tx weak
     power goes down while transmitting | play-tx weak
     power sinks when hot | warm-tx changes, play-tx weak
     distorted transmit audio | play-tx distorted
     people complain about my modulation | play-tx distorted
     transmit signal drifts | steady-tx unsteady
     chirpy CW | steady-tx unsteady
     keying does not work | works:keying fails
     finals are red hot | smell hot
     relay clicks but does not transmit | play-tx dead
     receiver stays dead after transmit | play dead
     receive is intermittent | play dead
     weak receive | play weak
     no reception on 20 m | bands one
     VFO dial slips | knob slips
     no ALC reading | works:alc fails
     no plate current reading | works:metering fails
     all working | play fine`,
  ],
  [
    "transmitter",
    "a twenty-sixth set",
    `low RF output | play-tx weak
     no audio on the carrier | play-mod dead
     modulation is low | play-mod weak
     modulation is rough | play-mod distorted
     carrier drifts | steady-tx unsteady
     key does nothing | works:keying fails
     one band has no output | bands-tx one
     final runs red | smell hot
     blows the plate fuse | fuse blown`,
  ],
];
