export const LAMPS = ["dark", "dim", "bright"] as const;
