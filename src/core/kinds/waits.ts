import { z } from "zod";

/** Written by an apprentice where it counts for safety: it stands once somebody has confirmed it. Set by the server. */
export const waits = z.literal(true).optional();
