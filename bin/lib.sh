# Shared by bin/start, bin/stop, bin/test, bin/backup, bin/restore and bin/bench: set-up steps, each done only when
# it is needed, and a private MariaDB. Source it; it expects $ROOT.
set -euo pipefail
export PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD=1 COMPOSER_ALLOW_SUPERUSER=1 DEBIAN_FRONTEND=noninteractive

say() { printf '%s\n' "$*"; }
die() { printf 'fresh-tack: %s\n' "$*" >&2; exit 1; }

PACKAGES_RUN="php8.2-cli php8.2-fpm php8.2-mysql php8.2-intl php8.2-mbstring php8.2-xml php8.2-gd php8.2-zip php8.2-curl php8.2-opcache nginx-light mariadb-server qrencode woff2 unzip procps"

# packages NAME…: installs what Debian lacks; without the right to, names it.
packages() {
    local missing=() name
    for name in "$@"; do
        dpkg-query -W -f='${Status}' "$name" 2>/dev/null | grep -q 'ok installed' || missing+=("$name")
    done
    if ! command -v composer >/dev/null; then missing+=(composer); fi
    if ! command -v npm >/dev/null; then missing+=(nodejs npm); fi
    [ ${#missing[@]} -eq 0 ] && return 0
    say "· installing ${missing[*]} (once; a few minutes)"
    local as=()
    if [ "$(id -u)" -ne 0 ]; then
        command -v sudo >/dev/null && sudo -n true 2>/dev/null || die "these packages are missing and only root can install them: ${missing[*]}"
        as=(sudo -n)
    fi
    mkdir -p "$ROOT/var/log"
    "${as[@]}" apt-get update -qq >"$ROOT/var/log/apt.log" 2>&1 || die "the package lists could not be fetched; see var/log/apt.log"
    "${as[@]}" apt-get install -y -qq "${missing[@]}" >>"$ROOT/var/log/apt.log" 2>&1 || die "these packages could not be installed: ${missing[*]}; see var/log/apt.log"
}

# when_changed STAMP FILE… -- COMMAND…: runs the command if the files are not what they were the last time.
when_changed() {
    local stamp="$ROOT/var/stamps/$1" files=() sum
    shift
    while [ "$1" != "--" ]; do files+=("$1"); shift; done
    shift
    sum=$(cd "$ROOT" && find "${files[@]}" -type f -print0 | sort -z | xargs -0 sha256sum | sha256sum)
    [ -f "$stamp" ] && [ "$(cat "$stamp")" = "$sum" ] && return 0
    "$@"
    mkdir -p "$ROOT/var/stamps"
    printf '%s' "$sum" >"$stamp"
}

php_libraries() {
    say "· fetching the PHP libraries"
    (cd "$ROOT" && composer update --no-interaction --no-progress --quiet $(sed 's/^/--with /' composer.versions)) >"$ROOT/var/log/composer.log" 2>&1 \
        || die "the PHP libraries could not be fetched; see var/log/composer.log"
}

js_libraries() {
    say "· fetching the JavaScript libraries"
    (cd "$ROOT/frontend" && npm ci --no-audit --no-fund) >"$ROOT/var/log/npm.log" 2>&1 || die "the JavaScript libraries could not be fetched; see var/log/npm.log"
}

client_types() {
    (cd "$ROOT/frontend" && npm run --silent types) >"$ROOT/var/log/types.log" 2>&1 || die "the client's types could not be made; see var/log/types.log"
}

client_build() {
    say "· building the screens"
    (cd "$ROOT/frontend" && npm run --silent build) >"$ROOT/var/log/build.log" 2>&1 || die "the screens could not be built; see var/log/build.log"
}

print_fonts() {
    local weight from="$ROOT/frontend/node_modules/@fontsource/atkinson-hyperlegible-next/files"
    mkdir -p "$ROOT/var/fonts"
    for weight in 400 700; do
        cp "$from/atkinson-hyperlegible-next-latin-$weight-normal.woff2" "$ROOT/var/fonts/hyperlegible-$weight.woff2"
        woff2_decompress "$ROOT/var/fonts/hyperlegible-$weight.woff2" >/dev/null 2>&1 || die "the print font could not be unpacked"
    done
}

libraries() {
    mkdir -p "$ROOT/var/log" "$ROOT/var/stamps"
    [ -d "$ROOT/vendor" ] || rm -f "$ROOT/var/stamps/composer"
    [ -d "$ROOT/frontend/node_modules" ] || rm -f "$ROOT/var/stamps/npm"
    [ -f "$ROOT/frontend/src/shared/api/schema.d.ts" ] || rm -f "$ROOT/var/stamps/types"
    [ -f "$ROOT/public/build/index.html" ] || rm -f "$ROOT/var/stamps/build"
    when_changed composer composer.json composer.versions -- php_libraries
    when_changed npm frontend/package.json frontend/package-lock.json -- js_libraries
    when_changed fonts frontend/package-lock.json -- print_fonts
    when_changed types docs/api docs/formats frontend/package-lock.json -- client_types
    when_changed build frontend/src frontend/public frontend/index.html frontend/vite.config.ts frontend/package-lock.json docs/api docs/formats -- client_build
}

# alive PIDFILE: the process that wrote the file runs, and is really ours: its command names the file's folder. A
# number that another program has got since, or one that nobody has reaped yet, does not count.
alive() {
    local pid
    pid=$(cat "$1" 2>/dev/null) && [ -n "$pid" ] && [ -r "/proc/$pid/status" ] && ! grep -q '^State:[[:space:]]*Z' "/proc/$pid/status" \
        && tr '\0' ' ' <"/proc/$pid/cmdline" 2>/dev/null | grep -qF "$(dirname "$1")"
}

gone() { ! alive "$1"; }

# port_free PORT
port_free() { ! (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

# until_true SECONDS COMMAND…
until_true() {
    local left=$(($1 * 10))
    shift
    until "$@" >/dev/null 2>&1; do
        left=$((left - 1))
        [ "$left" -gt 0 ] || return 1
        sleep 0.1
    done
}

# database_up FOLDER PORT [OPTION…]: a private server on its own folder and port, on loopback only.
database_up() {
    local dir=$1 port=$2 user
    shift 2
    user=$(id -un)
    mkdir -p "$dir"
    alive "$dir/pid" && return 0
    port_free "$port" || die "port $port, for the database, is taken by another program"
    if [ ! -d "$dir/data/mysql" ]; then
        mariadb-install-db --no-defaults --user="$user" --datadir="$dir/data" --auth-root-authentication-method=normal --skip-test-db >"$dir/install.log" 2>&1 \
            || die "the database could not be set up; see $dir/install.log"
    fi
    # a folder of its own for temporary tables: a database that starts sweeps those of others out of a shared one
    mkdir -p "$dir/tmp"
    # a socket's path may not be longer than about 100 characters, and a checkout may lie deep
    setsid mariadbd --no-defaults --user="$user" --datadir="$dir/data" --tmpdir="$dir/tmp" --socket="$(socket_of "$port")" --pid-file="$dir/pid" --bind-address=127.0.0.1 --port="$port" \
        --skip-name-resolve --character-set-server=utf8mb4 --collation-server=utf8mb4_unicode_ci --log-error="$dir/error.log" "$@" >/dev/null 2>&1 </dev/null &
    until_true 90 mariadb-admin --no-defaults -u root -S "$(socket_of "$port")" ping || die "the database does not start; see $dir/error.log"
}

socket_of() { printf '%s/fresh-tack-%s-%s.sock' "${TMPDIR:-/tmp}" "$(id -u)" "$1"; }

database_down() {
    local dir=$1 port=$2
    alive "$dir/pid" || return 0
    mariadb-admin --no-defaults -u root -S "$(socket_of "$port")" shutdown >/dev/null 2>&1 || kill "$(cat "$dir/pid")" 2>/dev/null || true
    until_true 20 gone "$dir/pid" || true
}

sql() { mariadb --no-defaults -u root -S "$(socket_of "$1")" "${@:2}"; }

# database_users PORT NAME OWNER_PASSWORD APP_PASSWORD: the owner may change tables, the application only rows.
database_users() {
    sql "$1" -e "
        CREATE DATABASE IF NOT EXISTS $2 CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
        CREATE OR REPLACE USER ${2}_owner@'127.0.0.1' IDENTIFIED BY '$3';
        CREATE OR REPLACE USER ${2}_app@'127.0.0.1' IDENTIFIED BY '$4';
        GRANT ALL ON $2.* TO ${2}_owner@'127.0.0.1';
        GRANT SELECT, INSERT, UPDATE, DELETE ON $2.* TO ${2}_app@'127.0.0.1';"
}

database_url() { printf 'mysql://%s:%s@127.0.0.1:%s/%s?serverVersion=10.11.11-MariaDB&charset=utf8mb4' "$1" "$2" "$3" "$4"; }

random_word() { head -c 24 /dev/urandom | od -An -tx1 | tr -d ' \n'; }
