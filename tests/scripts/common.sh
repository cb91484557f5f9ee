# A copy of this checkout with a shop of its own, for the commands of bin/. Source it; it prints "ok" or "not ok" a line.
CHECKOUT=$(cd "$(dirname "${BASH_SOURCE[0]}")/../.." && pwd)
HOME_DIR=$(mktemp -d)
PORT=${FRESH_TACK_TEST_PORT:-8441}
LONG=${FRESH_TACK_LONG:-}
trap '"$HOME_DIR/bin/stop" >/dev/null 2>&1; umount "$HOME_DIR"/full/* 2>/dev/null; rm -rf "$HOME_DIR"' EXIT

# it shares the libraries, so that only our own work is done anew; others may read it, so that the system user can
chmod 755 "$HOME_DIR"
cp -r "$CHECKOUT"/{bin,config,demo,docs,migrations,procedures,public,src,templates,standins,composer.json,composer.versions,.env} "$HOME_DIR"
mkdir -p "$HOME_DIR/var/stamps" "$HOME_DIR/frontend"
cp -r "$CHECKOUT/frontend"/{src,public,index.html,vite.config.ts,package.json,package-lock.json,widths.mjs} "$HOME_DIR/frontend"
# through a link PHP would find the other checkout's classes
cp -al "$CHECKOUT/vendor" "$HOME_DIR/vendor" 2>/dev/null || cp -a "$CHECKOUT/vendor" "$HOME_DIR/vendor"
ln -s "$CHECKOUT/frontend/node_modules" "$HOME_DIR/frontend/node_modules"
cp -r "$CHECKOUT/var/fonts" "$HOME_DIR/var/fonts"
for stamp in composer npm fonts types build; do [ -f "$CHECKOUT/var/stamps/$stamp" ] && cp "$CHECKOUT/var/stamps/$stamp" "$HOME_DIR/var/stamps/"; done
cd "$HOME_DIR" || exit 1
unset APP_ENV APP_SECRET FRESH_TACK_CHAIN_KEY DATABASE_URL FRESH_TACK_NOW FRESH_TACK_DATA_DIR FRESH_TACK_CACHE_DIR FRESH_TACK_ENGINE_READER

try() { if "${@:2}" >"$HOME_DIR/out" 2>&1; then echo "ok $1"; else echo "not ok $1"; tail -n 20 "$HOME_DIR/out"; fi; }
not() { ! "$@"; }
fails_with() { # name, text, command: it fails, and says so in one line
    local name=$1 text=$2 output
    shift 2
    output=$("$@" 2>&1) && { echo "not ok $name (it succeeded)"; return; }
    if grep -qF -- "$text" <<<"$output" && [ "$(grep -c . <<<"$output")" -eq 1 ]; then echo "ok $name"; else echo "not ok $name"; echo "$output"; fi
}
within() { # seconds, command
    local end=$(($(date +%s) + $1))
    until "${@:2}" >/dev/null 2>&1; do
        [ "$(date +%s)" -lt "$end" ] || return 1
        sleep 0.2
    done
}

# the shop as its people use it
BASE="http://127.0.0.1:$PORT"
ask() { curl -sS --max-time 60 -b "$HOME_DIR/jar" -c "$HOME_DIR/jar" -H 'X-Fresh-Tack: 1' -H 'Content-Type: application/json' "$@"; }
sign_in() { rm -f "$HOME_DIR/jar"; ask -f -d "{\"username\":\"${1:-ines}\",\"password\":\"verrin-inlet\"}" "$BASE/api/sign-in"; }
status_of() { ask -o "$HOME_DIR/answer" -w '%{http_code}' "$@"; }
answers() { curl -fsS --max-time 20 "$BASE/health" | grep -q '"status":"ok"'; }
screens_answer() { curl -fsS --max-time 20 "$BASE/" | grep -q '<div id="app"'; }
TENDER='"place":"shop","coldestC":0,"warmestC":20,"engines":[{"engineId":3,"model":"D12","serial":"D12-4471","hours":null,"reading":null,"restMin":0,"decision":null,"tasks":[]}]'
check_in() { ask -f -d "{\"complaint\":\"${1:-}\",$TENDER}" "$BASE/api/boats/2/check-ins?beside=1"; }
# beside the draft that the demo's own day leaves there
at_counter() { echo $(($(ask -f "$BASE/api/board" | grep -o '"lane":"counter","count":[0-9]*' | cut -d: -f3) - 1)); }
has_orders() { [ "$(at_counter)" = "$1" ]; }

# its parts, as the machine sees them
ROOT=$HOME_DIR
. "$HOME_DIR/bin/lib.sh"
. "$HOME_DIR/bin/lib/shop.sh"
set +eu +o pipefail
as_the_shop() {
    runner_of_shop
    shop_settings "$PORT"
}
pid_of() { cat "$HOME_DIR/var/run/$1.group"; }
query() { sql -N "$(readlink "$HOME_DIR/var/data/live" | xargs basename)" -e "$1"; }
