# Shared by bin/demo and bin/test: puts in place what a fresh machine lacks. Sourced, not run.

fail() { printf '%s\n' "$*" >&2; exit 1; }

need_node() {
  command -v node >/dev/null 2>&1 || fail "Jumelle needs Node.js 20.9 or newer, with npm. Install it, then run this again."
  node -e 'const [a, b] = process.versions.node.split(".").map(Number); process.exit(a > 20 || (a === 20 && b >= 9) ? 0 : 1)' ||
    fail "Jumelle needs Node.js 20.9 or newer; this is $(node --version)."
  command -v npm >/dev/null 2>&1 || fail "npm is missing: install it beside Node.js, then run this again."
}

# need_package NAME TEST…: installs a Debian package when the test for it fails.
need_package() {
  local name=$1
  shift
  "$@" >/dev/null 2>&1 && return 0
  command -v apt-get >/dev/null 2>&1 || fail "$name is missing and this is no Debian: install it, then run this again."
  [ "$(id -u)" = 0 ] || fail "$name is missing. Run this line, then start again:  sudo apt-get install -y $name"
  echo "Installing $name with apt-get…"
  apt-get update -qq >/dev/null 2>&1 || true
  DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends "$name" >/dev/null ||
    fail "apt-get could not install $name: see its message above."
  "$@" >/dev/null 2>&1 || fail "$name was installed, but it still does not work."
}

have_postgres() { compgen -G '/usr/lib/postgresql/*/bin/initdb' || command -v initdb; }

need_postgres() { need_package postgresql have_postgres; }

have_chromium() { command -v "${CHROMIUM:-chromium-headless-shell}"; }
need_chromium() { need_package chromium-headless-shell have_chromium; }

# A circuit simulator that the tests hold our own solver against; Jumelle itself never runs it.
have_ngspice() { command -v ngspice; }
need_ngspice() { need_package ngspice have_ngspice; }

# npm packages, when the lock file is newer than what is installed.
need_modules() {
  local wanted installed
  wanted=$(sha256sum package-lock.json | cut -d' ' -f1)
  installed=$(cat node_modules/.jumelle-lock 2>/dev/null || true)
  [ "$wanted" = "$installed" ] && return 0
  [ -w . ] || fail "This folder cannot be written to: $PWD. Clone the project where you may write."
  echo "Installing npm packages…"
  npm ci --no-audit --no-fund --loglevel=error || fail "npm could not install the packages: see its message above."
  echo "$wanted" >node_modules/.jumelle-lock
}
