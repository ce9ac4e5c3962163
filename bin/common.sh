# Shared by bin/start and bin/test: brings in what is missing, and only that.

# Files are named from where one stands.
CALLED_FROM=$PWD
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
        fail "Debian packages are missing. Install them as root and start again:  apt-get install ${MISSING[*]}"
    fi
    say "Installing ${MISSING[*]} …"
    apt-get update -qq || fail "The list of Debian packages could not be fetched."
    DEBIAN_FRONTEND=noninteractive apt-get install -y -qq "${MISSING[@]}" >/dev/null || fail "These Debian packages could not be installed: ${MISSING[*]}"
    MISSING=()
}

# need_running: what PHP needs, wherever it runs
need_running() {
    need_command php php8.2-cli
    EXTENSIONS=$(php -m 2>/dev/null || true)
    need_command vipsthumbnail libvips-tools
    need_command prlimit util-linux
    need_command exiftool libimage-exiftool-perl
    need_command ffmpeg ffmpeg
    need_extension pdo_sqlite php8.2-sqlite3
    need_extension gd php8.2-gd
    need_extension curl php8.2-curl
    need_extension zip php8.2-zip
    need_extension mbstring php8.2-mbstring
    need_extension intl php8.2-intl
    need_extension dom php8.2-xml
}

need_base() {
    need_command composer composer
    need_command node nodejs
    need_command npm npm
    need_command unzip unzip
    need_running
    install_missing
}

# need_web: the web server, what packs for it, and PHP behind it
need_web() {
    need_command nginx nginx
    command -v nginx >/dev/null 2>&1 || MISSING+=(libnginx-mod-http-brotli-static)
    need_command brotli brotli
    need_command php-fpm8.2 php8.2-fpm
}

# need_serving: the servers that stand around PHP
need_serving() {
    need_web
    need_command supervisord supervisor
    need_command setpriv util-linux
    need_command flock util-linux
    need_command pkill procps
    install_missing
}

# settle_data FOLDER: what an installation has from the beginning; its secrets are its own
settle_data() {
    local data=$1
    mkdir -p "$data/run/tmp" "$data"/storage/framework/{cache/data,sessions,views} "$data/storage/logs" "$data/files"
    # Made anew from what is said now.
    rm -f "$data"/storage/framework/{config,routes,packages,services}.php
    if [ ! -f "$data/.env" ]; then
        (umask 077; sed "s|^APP_KEY=.*|APP_KEY=base64:$(head -c 32 /dev/urandom | base64)|" .env.example >"$data/.env.new")
        mv "$data/.env.new" "$data/.env"
    fi
    grep -q "^APP_URL=" "$data/.env" || echo "APP_URL=" >>"$data/.env"
    sed "s|^APP_URL=.*|APP_URL=$APP_URL|" "$data/.env" >"$data/.env.new" && cat "$data/.env.new" >"$data/.env" && rm "$data/.env.new"
    [ -f "$data/zinc-pane.sqlite" ] || (umask 077; touch "$data/zinc-pane.sqlite")
    chmod 600 "$data/.env" "$data"/zinc-pane.sqlite*
    chmod 700 "$data/storage" "$data/run" "$data/files"
}

# make_user NAME: an ordinary user whom nobody signs in as, unless it is there
make_user() {
    id "$1" >/dev/null 2>&1 || useradd --system --user-group --no-create-home --home-dir /nonexistent --shell /usr/sbin/nologin "$1" || fail "The user $1 could not be made."
}

# choose_user FOLDER: as_user runs a command as an ordinary user; as root, that is one of its own, who owns the data
choose_user() {
    local data=$1 user=${ZINC_USER:-zinc-pane}
    FPM_FLAGS=
    # What runs for this script ends with it, even where it is killed.
    AS=(setpriv --pdeathsig TERM)
    [ "$(id -u)" -eq 0 ] || return 0
    make_user "$user"
    local own=(setpriv --reuid="$user" --regid="$user" --init-groups --pdeathsig TERM)
    # Packages come with the rights that whoever packed them left in them.
    chmod -R a+rX vendor public resources/viewer/dist bootstrap
    if ! "${own[@]}" php -r 'require $argv[1];' "$ROOT/vendor/autoload.php" 2>/dev/null || ! "${own[@]}" test -x "$(dirname "$data")"; then
        say "WARNING: the user $user may not read $ROOT or $data, so everything runs as root. Put both where others may look in, /srv say."
        FPM_FLAGS=-R
        return 0
    fi
    [ -z "$(find "$data" -not -user "$user" -print -quit)" ] || chown -R "$user:$user" "$data"
    AS=("${own[@]}")
}
as_user() { "${AS[@]}" "$@"; }

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

# install_php OPTION...: the PHP packages, each in the version that composer.versions names
install_php() {
    local pins=() name version
    while read -r name version; do pins+=("--with=$name:$version"); done <composer.versions
    composer update --no-interaction --no-progress "$@" "${pins[@]}"
}

# installed_php: name and version of each PHP package in vendor/, a line each
installed_php() {
    php -r 'foreach (json_decode(file_get_contents("vendor/composer/installed.json"))->packages as $package) echo "{$package->name} {$package->version}\n";' | LC_ALL=C sort
}

# prepare: packages of PHP and of the browser, and the build
prepare() {
    [ -f .env ] || (umask 077; cp .env.example .env)
    unless_same vendor/.installed "$(hash_of composer.json composer.versions)" "Installing PHP packages" install_php
    grep -q '^APP_KEY=.' .env || quietly php artisan key:generate --force || fail "The application key could not be made."
    unless_same node_modules/.installed "$(hash_of package.json package-lock.json)" "Installing npm packages" npm ci
    mkdir -p public/build
    unless_same public/build/.built "$(hash_of resources/studio resources/viewer core/Phrases vite.config.ts bin/viewer.mjs package.json)" "Building the studio and the visitors' script" npm run build
}
