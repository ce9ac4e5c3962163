# Shared by bin/start and bin/test: brings in what is missing, and only that.

ROOT=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
cd "$ROOT"

say() { printf '%s\n' "$*" >&2; }
fail() { say "$*"; exit 1; }

# needs COMMAND-OR-EXTENSION PACKAGE...: Debian packages that are not there yet, into $MISSING
MISSING=()
need_command() { command -v "$1" >/dev/null 2>&1 || MISSING+=("$2"); }
need_extension() { grep -qix "$1" <<<"$EXTENSIONS" || MISSING+=("$2"); }

install_missing() {
    [ ${#MISSING[@]} -eq 0 ] && return 0
    if [ "$(id -u)" -ne 0 ]; then
        fail "These Debian packages are missing: ${MISSING[*]}
Install them as root and start again:  apt-get install ${MISSING[*]}"
    fi
    say "Installing ${MISSING[*]} …"
    apt-get update -qq || fail "The list of Debian packages could not be fetched."
    DEBIAN_FRONTEND=noninteractive apt-get install -y -qq "${MISSING[@]}" >/dev/null || fail "These Debian packages could not be installed: ${MISSING[*]}"
    MISSING=()
}

need_base() {
    need_command php php8.2-cli
    need_command composer composer
    need_command node nodejs
    need_command npm npm
    need_command unzip unzip
    EXTENSIONS=$(php -m 2>/dev/null || true)
    need_command vipsthumbnail libvips-tools
    need_command prlimit util-linux
    need_command exiftool libimage-exiftool-perl
    need_extension pdo_sqlite php8.2-sqlite3
    need_extension gd php8.2-gd
    need_extension curl php8.2-curl
    need_extension zip php8.2-zip
    need_extension mbstring php8.2-mbstring
    need_extension intl php8.2-intl
    need_extension dom php8.2-xml
    install_missing
}

# quietly COMMAND...: shows what it printed only when it fails
quietly() {
    "$@" >"$ROOT/storage/logs/setup.log" 2>&1 && return 0
    tail -n 30 "$ROOT/storage/logs/setup.log" >&2
    return 1
}

# unless_same MARK FILES-HASH COMMAND...: runs the command only when what it depends on changed
unless_same() {
    local mark=$1 hash=$2
    shift 2
    [ -f "$mark" ] && [ "$(cat "$mark")" = "$hash" ] && return 0
    say "$1 …"
    shift
    quietly "$@" || fail "That failed: $*"
    printf '%s' "$hash" >"$mark"
}

hash_of() { find "$@" -type f -not -path '*/dist/*' -print0 | sort -z | xargs -0 sha256sum | sha256sum | cut -d' ' -f1; }

# prepare [dev]: packages of PHP and of the browser, and the build
prepare() {
    [ -f .env ] || cp .env.example .env
    local flags=(--no-interaction --no-progress)
    unless_same vendor/.installed "$(hash_of composer.json)" "Installing PHP packages" composer install "${flags[@]}"
    grep -q '^APP_KEY=.' .env || quietly php artisan key:generate --force || fail "The application key could not be made."
    unless_same node_modules/.installed "$(hash_of package.json package-lock.json)" "Installing npm packages" npm ci
    mkdir -p public/build
    unless_same public/build/.built "$(hash_of resources/studio resources/viewer core/Phrases vite.config.ts vite.viewer.config.ts vite.arrival.config.ts package.json)" "Building the studio and the visitors' script" npm run build
}
