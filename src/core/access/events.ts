/** What the list of events knows of, each with its words. */
export const EVENTS = {
  "signed-in": "signed in",
  "sign-in-failed": "could not sign in: wrong name or password",
  "pin-wrong": "typed a wrong PIN",
  "pin-locked": "typed too many wrong PINs: the PIN is locked",
  "signed-out": "signed out",
  "took-over": "took over a device by PIN",
  "password-changed": "changed their password",
  "pin-changed": "changed their PIN",
  "password-reset": "gave somebody a new password",
  "taken-on": "took somebody on",
  "person-changed": "changed a person",
  "archive-read": "read the archive of everything",
  "set-file-read": "read a whole set file",
  "set-file-taken-in": "took a set file in",
  restored: "restored an archive",
  "link-made": "made a page for an owner",
  "link-withdrawn": "withdrew a page for an owner",
  "link-refused": "opened an owner's page that is not there, withdrawn or run out",
} as const;
export type EventName = keyof typeof EVENTS;
