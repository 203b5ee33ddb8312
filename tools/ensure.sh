# Sourced by ./up and ./verify: makes sure that what they need is there, and installs nothing that is.
# shellcheck shell=bash

say() { printf '%s\n' "$*" >&2; }

# fail WHAT WHERE DO [CODE]
fail() {
  printf '%s: %s\n  where: %s\n  do:    %s\n' "$(basename "$0")" "$1" "$2" "$3" >&2
  exit "${4:-70}"
}

# ensure_packages PACKAGE...: Debian packages, only those that are missing.
ensure_packages() {
  local missing=() package
  for package in "$@"; do
    dpkg-query -W -f '${Status}' "$package" 2>/dev/null | grep -q 'install ok installed' || missing+=("$package")
  done
  [ ${#missing[@]} -gt 0 ] || return 0
  local sudo=()
  if [ "$(id -u)" -ne 0 ]; then
    command -v sudo >/dev/null || fail "These Debian packages are missing: ${missing[*]}" "this machine" \
      "as root: apt-get install ${missing[*]}"
    sudo=(sudo)
  fi
  say "installing from Debian: ${missing[*]}"
  "${sudo[@]}" apt-get update -qq >/dev/null 2>&1 || true
  # A server that Debian starts by itself is not wanted: ours is private.
  DEBIAN_FRONTEND=noninteractive "${sudo[@]}" apt-get install -y -qq --no-install-recommends "${missing[@]}" \
    >/dev/null || fail "Debian's packages could not be installed: ${missing[*]}" "apt-get" \
    "run apt-get update and try again; is there room on the disk?"
}

java_level() { # java_level JAVA: its level, or 0
  "$1" -XshowSettings:properties -version 2>&1 | sed -n 's/^ *java.specification.version = //p' | grep -E '^[0-9]+$' || echo 0
}

ensure_java() {
  local java=java
  if [ -n "${JAVA_HOME:-}" ]; then java=$JAVA_HOME/bin/java; fi
  if ! command -v "$java" >/dev/null || [ "$(java_level "$java")" -lt 17 ]; then
    ensure_packages openjdk-17-jdk-headless
    JAVA_HOME=$(dirname "$(dirname "$(readlink -f "$(ls -d /usr/lib/jvm/java-17-openjdk-*/bin/javac | head -1)")")")
    export JAVA_HOME
  fi
  command -v javac >/dev/null || [ -x "${JAVA_HOME:-/nowhere}/bin/javac" ] || ensure_packages openjdk-17-jdk-headless
  command -v mvn >/dev/null || ensure_packages maven
}

# ensure_node STATE: the machine's Node if Vite takes it, else the npm registry's `node` package.
ensure_node() {
  local state=$1
  node_suits && return 0
  if [ -x "$state/node/node_modules/node/bin/node" ]; then
    export PATH="$state/node/node_modules/node/bin:$PATH"
    node_suits && return 0
  fi
  command -v npm >/dev/null || ensure_packages nodejs npm
  node_suits && return 0
  say "fetching Node 22, which the console's build needs"
  mkdir -p "$state/node"
  (cd "$state/node" && npm install --silent --no-save --no-audit --no-fund node@22) ||
    fail "Node could not be fetched." "npm install node@22" "is the npm registry reachable?"
  export PATH="$state/node/node_modules/node/bin:$PATH"
  node_suits || fail "This Node is too old for the console's build: $(node --version 2>&1)" "$(command -v node)" \
    "install Node 20.19 or newer"
}

node_suits() { # Vite 8 wants ^20.19 or >=22.12
  command -v node >/dev/null && command -v npm >/dev/null && node -e '
    const [major, minor] = process.versions.node.split(".").map(Number);
    process.exit((major === 20 && minor >= 19) || (major === 22 && minor >= 12) || major > 22 ? 0 : 1)' 2>/dev/null
}

# ensure_room DIR MEGABYTES
ensure_room() {
  local free
  free=$(df -Pm "$1" | awk 'NR==2 {print $4}')
  [ "$free" -ge "$2" ] || fail "The disk is full: $free MB are free, $2 MB are needed." "$1" \
    "make room, or name another place with --data DIR" 73
}
