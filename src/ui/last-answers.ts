/** So many answers of each that is asked are kept. */
export const MOST_KEPT = 4;

/**
 * The answers that were given last, by who was asked and what: the same question gives the same answer, so whoever comes
 * back to a page finds it worked out.
 */
export function lastAnswers<A>() {
  const given = new WeakMap<object, Map<string, A>>();
  return {
    of: (asked: object, question: string): A | undefined => given.get(asked)?.get(question),
    keep(asked: object, question: string, answer: A): void {
      const answers = given.get(asked) ?? new Map<string, A>();
      given.set(asked, answers);
      // Set anew it is the latest: the oldest one goes.
      answers.delete(question);
      answers.set(question, answer);
      for (const oldest of answers.keys()) if (answers.size > MOST_KEPT) answers.delete(oldest);
    },
  };
}
