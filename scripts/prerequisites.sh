# Sourced by ./start and ./verify: what must be on the machine, and how it gets there.
# JDK 17, Maven and Node are the developer's; Debian packages are installed here when missing.

say() { printf '%s\n' "$*"; }
fail() { printf '%s\n' "$*" >&2; exit 1; }

require_tools() {
  command -v java >/dev/null || fail "Java is missing. Able Batch needs JDK 17: apt-get install openjdk-17-jdk"
  command -v mvn >/dev/null || fail "Maven is missing: apt-get install maven"
  command -v node >/dev/null || fail "Node.js is missing. Able Batch needs Node 20.19 or newer."
  node -e 'const [a,b]=process.versions.node.split(".").map(Number);process.exit(a>20||a===20&&b>=19?0:1)' ||
    fail "Node $(node --version) is too old. Able Batch needs Node 20.19 or newer."
}

# require_packages COMMAND:PACKAGE...   installs the packages whose command is not there
require_packages() {
  local pair missing=()
  PATH="$PATH:/usr/sbin:/sbin"
  for pair in "$@"; do
    command -v "${pair%%:*}" >/dev/null 2>&1 || missing+=("${pair##*:}")
  done
  [ ${#missing[@]} -eq 0 ] && return 0
  if [ "$(id -u)" -ne 0 ]; then
    fail "These Debian packages are missing and only root can install them. Run this once, then start again:

  sudo apt-get install --no-install-recommends ${missing[*]}"
  fi
  say "Installing ${missing[*]}"
  apt-get update -qq >/dev/null || fail "apt-get update failed"
  DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends "${missing[@]}" >/dev/null ||
    fail "Installing ${missing[*]} failed"
}

# need_browser   Chromium for the browser's tests: the one without windows, which takes a third less, or else the usual one
need_browser() {
  local lean=chromium-headless-shell
  command -v $lean >/dev/null 2>&1 && return 0
  if [ "$(id -u)" -eq 0 ] && (require_packages $lean:$lean) 2>/dev/null; then return 0; fi
  require_packages chromium:chromium
}

# want_packages COMMAND:PACKAGE...   the same for packages that can be done without
want_packages() {
  local pair missing=()
  for pair in "$@"; do
    command -v "${pair%%:*}" >/dev/null 2>&1 || missing+=("${pair##*:}")
  done
  [ ${#missing[@]} -eq 0 ] && return 0
  if [ "$(id -u)" -eq 0 ] && (require_packages "$@"); then
    return 0
  fi
  say "Without ${missing[*]}, HEIC and AVIF pictures are refused: sudo apt-get install --no-install-recommends ${missing[*]}"
}

DATABASE_PACKAGES=(mariadbd:mariadb-server-core my_print_defaults:mariadb-client)
PICTURE_PACKAGES=(heif-convert:libheif-examples)
