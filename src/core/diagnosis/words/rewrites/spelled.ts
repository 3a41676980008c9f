import type { Rewrite } from "./types";

/** Short forms written out, and what is excepted. */
export const SPELLED: readonly Rewrite[] = [
  [/(\d) ?%/g, "$1 percent"],
  [/\bal ?right\b/g, "all right"],
  [/\btx\b/g, "transmit"],
  [/\brx\b/g, "receive"],
  [/(?<!\b(?:short|medium|long) )\bwave ?(band|range)(s?)\b/g, "band$2"],
  [/\bdead of (?:the )?night\b/g, "night"],
  [/\bcan'?t\b|\bcannot\b/g, "can not"],
  [/\bwon'?t\b/g, "will not"],
  [/n't\b/g, " not"],
  [/\bwont\b/g, "will not"],
  [/\b(does|is|do|did|are|was|has|have|would|could)nt\b/g, "$1 not"],
  [/\b(it|that|there|he|she)'s\b/g, "$1 is"],
  [/\bno longer\b|\bnot any ?more\b/g, "not"],
  [/\b(plays?|works?|receives?|transmits?|sounds?) no more\b/g, "not $1"],
  // “Works, except for the eye.” What is excepted with its fault (“except for a hum”) is told by that.
  [
    /,? \b(?:except|excepting|apart from|aside from|other than|save|bar|barring|(?<!\bat )all but)(?: for| on| in)? (?:(?:the|its|my) (?!(?:\w+ )?(?:hum|buzz|noise|hiss|crackl|whistl|drift|distort|smell|howl|squeal|static|fact|band|range|wave)|(?:short|medium|long|top|low|high|last|first|other|bottom|highest|lowest|upper|lower|sw|mw|lw)\b|\d)|(?=(?:transmi|recei|recep|stereo|phono|gram|records?\b|ssb|cw|am\b|fm\b|bfo|agc|avc|alc|s.?meter|headphones|(?:magic |tuning )?eye\b|magic|dial (?:lamp|light)|(?:pilot|panel) l|shortwave|tone control)))((?:[\w-]+ ){0,2}[\w-]+)(?=$| ?[,;.])/g,
    ", the $1 does not work",
  ],
];
