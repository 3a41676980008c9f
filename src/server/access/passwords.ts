import { ZxcvbnFactory } from "@zxcvbn-ts/core";
import { adjacencyGraphs, dictionary } from "@zxcvbn-ts/language-common";
import { passwordProblem, signInName } from "@/core/access";
import { database } from "@/db/client";
import { personById } from "@/db/people";
import { setPassword } from "@/db/sessions";
import { auth, pinToHash } from "./auth";
import { oneTimePassword } from "./one-time";

/** Below so many guesses a password counts as one that programs try first. Source: the scale of zxcvbn, score 3. */
const FEWEST_GUESSES = 1e8;

let estimator: ZxcvbnFactory | undefined;

/** What is wrong with a password that somebody wants to have; undefined when it will do. */
export function weakness(password: string, known: readonly string[]): string | undefined {
  const problem = passwordProblem(password, known);
  if (problem) return problem;
  // Its word lists take a moment: they are read when somebody chooses a password for the first time.
  estimator ??= new ZxcvbnFactory({ dictionary, graphs: adjacencyGraphs });
  const { guesses } = estimator.check(password.slice(0, 100), [...known]);
  return guesses < FEWEST_GUESSES
    ? "That password is among those that are tried first: take a few words that have nothing to do with one another."
    : undefined;
}

export const hashOf = async (secret: string): Promise<string> => (await auth().$context).password.hash(secret);

const matches = async (secret: string, hash: string): Promise<boolean> =>
  (await auth().$context).password.verify({ password: secret, hash });

/** Is this somebody's password? */
export async function isPassword(personId: string, password: string): Promise<boolean> {
  const account = await (await auth().$context).internalAdapter.findCredentialAccount(personId);
  return account?.password ? matches(password, account.password) : false;
}

export const hashOfPin = (personId: string, pin: string): Promise<string> => hashOf(pinToHash(personId, pin));

export const isPin = (personId: string, pin: string, hash: string): Promise<boolean> =>
  matches(pinToHash(personId, pin), hash);

/** Gives somebody a password that is told to them and that they change at once. @returns it, for this one time */
export async function newPassword(personId: string): Promise<string> {
  const person = await personById(database(), personId);
  if (!person) throw new Error("there is nobody to give a password to");
  const password = oneTimePassword();
  await setPassword(database(), { ...person, username: signInName(person.name) }, await hashOf(password), true);
  return password;
}
