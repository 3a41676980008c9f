/**
 * A dummy load as its maker rates it: what it takes for good, and what for how long.
 * @example { watts: 100, minutes: 10, share: 0.2 } is 100 W for ten minutes, then 20 W
 */
export type DummyLoad = {
  name: string;
  /** Ω */
  ohms: number;
  /** what it takes for its time from cold, W */
  watts: number;
  /** how long, minutes; undefined where it takes them for good */
  minutes?: number | undefined;
};

export type KeyDown = {
  /** longest time with the key down, s; Infinity where the load takes it for good; 0 where it must not be */
  seconds: number;
  /** how long it cools afterwards for the same again, s */
  rest: number;
  says: string;
};

/** Above this many times its rating nothing goes into a load, however short. Shop rule. @example 100 W rated: nothing above 200 W */
const MOST_OVERLOAD = 2;
/** A load cools about so many times as long as it was heated. Shop rule. @example heated for 60 s: 180 s of rest */
const REST = 3;

const words = (seconds: number) => (seconds >= 90 ? `${Math.floor(seconds / 60)} min` : `${Math.floor(seconds)} s`);

/**
 * How long the key may be down into a dummy load. Within its time a load heats about as the energy goes in, so the time
 * shrinks as the power grows; the maker's own curve comes first.
 * @param load undefined: nobody has said what it takes @param watts that go into it, above 0
 */
export function keyDown(load: DummyLoad | undefined, watts: number): KeyDown {
  if (!load)
    return {
      seconds: 0,
      rest: 0,
      says: "Nothing is known of the load: enter its watts and minutes before the key goes down.",
    };
  const { minutes, name } = load;
  if (watts > load.watts * MOST_OVERLOAD || (minutes === undefined && watts > load.watts))
    return {
      seconds: 0,
      rest: 0,
      says: `${name} is rated ${load.watts} W: ${Math.round(watts)} W must not go into it.`,
    };
  if (minutes === undefined)
    return { seconds: Infinity, rest: 0, says: `${name} takes ${Math.round(watts)} W for good.` };
  const seconds = Math.min(minutes * 60, (minutes * 60 * load.watts) / watts);
  return {
    seconds,
    rest: seconds * REST,
    says: `${name}: ${words(seconds)} at ${Math.round(watts)} W, then ${words(seconds * REST)} to cool.`,
  };
}
