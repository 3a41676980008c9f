/**
 * How Debian's Chromium is started, for the browser tests and for the pictures; none is downloaded. It is the build
 * without a window: the same engine with less around it, which saves a tenth of the tests' time.
 */
export const CHROMIUM = {
  executablePath: process.env.CHROMIUM ?? "/usr/bin/chromium-headless-shell",
  args: [
    "--no-sandbox",
    "--disable-gpu",
    "--disable-quic",
    "--no-first-run",
    "--disable-background-networking",
    "--disable-component-update",
    "--disable-sync",
  ],
};
