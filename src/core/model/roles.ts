/** What a component does in its circuit; the roles of the replacement rules. */
export const ROLES = [
  "mains",
  "mains-to-chassis",
  "reservoir",
  "smoothing",
  "cathode-bypass",
  "coupling",
  "decoupling",
  "avc",
  "tone",
  "tuned",
  "vibrator-buffer",
  "rail",
  "anode-load",
  "screen",
  "grid-leak",
  "bias",
  "dropper",
  "control",
  "other",
] as const;
export type Role = (typeof ROLES)[number];

export const roleWord = (role: string): string => role.replaceAll("-", " ");

/** Roles in which a capacitor is an electrolytic, so that its bare value is in microfarad. */
export const ELECTROLYTIC_ROLES: readonly Role[] = ["reservoir", "smoothing", "cathode-bypass", "rail"];
