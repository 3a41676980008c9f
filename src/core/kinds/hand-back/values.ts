export const OLD_PARTS_SENT = ["returned", "kept", "none"] as const;
