/** Lines in other words than those of the kinds, and what they are read as. */
export const OTHER_WORDS: [line: string, says: string][] = [
  ["HT 255", "the same as B+ 255, where the chart has B+"],
  ["V4 k 12.1", "the cathode; also a, g, g1, g2, h, and cathode of V4, V4/8 for a pin"],
  ["T2 primary 330 Ω", "a winding, by its designator and some of its words"],
  ["hum 3 mV max 5", "a test, without the word test"],
  ["C14 replaced with film 47n/630", "the same as C14 -> 47n/630 film"],
  ["R7 went high, 612k", "the same as R7 = 612k; R7 is 612k, should be 470k says what is marked"],
  ["6V6 weak -> 6V6GT", "the tube of that type, where the set has one of them"],
  ["R7 and C14 cleaned", "the same was done to both of them"],
  ["C14, C1 -> 47n/630", "asked: one at each, or one part in place of both?"],
  ["cleaned the volume control", "what was done may stand first"],
  ["V4 plate 240, cathode 12", "asked: which reading first? Each is an entry of its own"],
  ["V4 gm 2900", "asked: how much of the data sheet's figure is it?"],
  ["R7 470k now 612k", "asked: was it measured, or put in?"],
  ["volume control scratchy", "asked: is it a symptom, something to be done, or a note?"],
];
