# Sourced by the commands of bin/, which set $ROOT first. Each file of bin/lib holds one matter.
set -euo pipefail
export COMPOSER_ALLOW_SUPERUSER=1 DEBIAN_FRONTEND=noninteractive PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD=1

say() { printf '%s\n' "$*"; }
die() {
    printf 'fresh-tack: %s\n' "$*" >&2
    exit 1
}

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

# port_free PORT
port_free() { ! (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

random_word() { head -c 24 /dev/urandom | od -An -tx1 | tr -d ' \n'; }

# only_one FILE: waits until no other command holds the file; what runs after it holds it until it ends.
only_one() {
    exec 8>"$1"
    flock 8
}

for part in setup user parts database server; do
    . "$ROOT/bin/lib/$part.sh"
done
