/** Cookies that the library set: the device of a test. */
let jar = new Map<string, string>();

/** Another device, that nobody has signed in on. */
export const newDevice = (): void => void (jar = new Map());

/** What a request of this device carries. @param address as the shop's own proxy writes it */
export const device = (address = "192.168.1.20"): Headers =>
  new Headers({
    cookie: [...jar].map(([name, value]) => `${name}=${value}`).join("; "),
    "x-forwarded-for": `6.6.6.6, ${address}`,
  });

/** Stands in for `next/headers`: cookies that are given go into the jar. */
export const nextHeaders = {
  headers: async () => new Headers(),
  cookies: async () => ({ set: (name: string, value: string) => void jar.set(name, encodeURIComponent(value)) }),
};
