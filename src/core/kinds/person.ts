/** Words that no name of a person has: behind them begins what was said or done. */
const NO_NAME =
  /\b(?:that|about|it|its|is|are|was|were|has|had|to|from|at|for|of|we|i|will|would|can|not|no|nothing|on|in|with|and|how|when|what|why|ready|again|late|later|soon|today|tomorrow|yesterday|parts?|set|knobs?|tubes?|cabinet|speaker|post|office)\b/i;

/**
 * A person's name, and what stands behind it: `the owner it takes two weeks` is the owner, and a sentence.
 * @example personIn("the owner it takes two weeks") // { name: "the owner", rest: "it takes two weeks" }
 */
export function personIn(text: string): { name: string; rest: string } {
  const said = text.trim();
  const at = NO_NAME.exec(said)?.index ?? said.length;
  const name = said.slice(0, at).replace(/[\s,:]+$/, "");
  // “Two knobs” is nobody.
  return /^(?:\d|(?:an?|some|two|three|four|all|both|one)\b)/i.test(name)
    ? { name: "", rest: said }
    : { name, rest: said.slice(at) };
}
