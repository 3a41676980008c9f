/** Words that no name of a person has, for names have capitals: behind them begins what was said or done. */
const NO_NAME =
  /\b(?:that|about|it|its|is|are|was|were|has|had|to|from|at|for|of|we|i|will|would|can|not|no|nothing|on|in|how|when|what|why|ready|again|late|later|soon|today|tomorrow|yesterday|parts?|set|knobs?|tubes?|cabinet|speaker|post|office)\b/;

/**
 * A person's name, and what stands behind it: `the owner it takes two weeks` is the owner, and a sentence.
 * @param kept a name that stands in the entry already: a correction keeps it as it is
 * @example personIn("the owner it takes two weeks") // { name: "the owner", rest: "it takes two weeks" }
 */
export function personIn(text: string, kept?: string): { name: string; rest: string } {
  const said = text.trim();
  if (said === kept) return { name: said, rest: "" };
  const at = NO_NAME.exec(said)?.index ?? said.length;
  const name = said.slice(0, at).replace(/[\s,:]+$/, "");
  // “Two knobs” is nobody.
  return /^(?:\d|(?:an?|some|two|three|four|all|both|one)\b)/.test(name)
    ? { name: "", rest: said }
    : { name, rest: said.slice(at) };
}
