/** By the page behind the owner's link: no one in the shop can write this by hand. */
export const BY_LINK = "the owner's page";
export const WAYS = ["in person", "phone", "message", "letter", BY_LINK] as const;
