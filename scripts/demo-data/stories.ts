import { LANTERN_STORY } from "./lantern-story";
import { FJORD_STORY } from "./fjord-story";
import { SKIPPER_STORY } from "./skipper-story";
import { CR21_STORY } from "./cr21-story";
import { PROMENADE_STORY } from "./promenade-story";
import { REGENT_STORY } from "./regent-story";
import { T60_STORY } from "./t60-story";
import { DUPLEX_STORY } from "./duplex-story";
import { KESTREL_STORY } from "./kestrel-story";
import type { Story } from "./story-lines";

/** The sets of the demo shop, each with its story. */
export const STORIES: Story[] = [
  LANTERN_STORY,
  FJORD_STORY,
  SKIPPER_STORY,
  CR21_STORY,
  PROMENADE_STORY,
  REGENT_STORY,
  T60_STORY,
  DUPLEX_STORY,
  KESTREL_STORY,
];
