#!/usr/bin/env bash
# The commands of bin/ as a contributor meets them, in a copy of this checkout with its own ports. Prints "ok" or
# "not ok" a line.
ROOT=$(cd "$(dirname "$0")/../.." && pwd)
HOME_DIR=$(mktemp -d)
PORT=8441
trap '"$HOME_DIR/bin/stop" >/dev/null 2>&1; rm -rf "$HOME_DIR"' EXIT

# a copy that shares the libraries, so that only our own work is done anew
cp -r "$ROOT"/{bin,config,demo,docs,migrations,public,src,templates,composer.json,composer.versions,.env} "$HOME_DIR"
mkdir -p "$HOME_DIR/var/stamps" "$HOME_DIR/frontend"
cp -r "$ROOT/frontend"/{src,public,index.html,vite.config.ts,package.json,package-lock.json} "$HOME_DIR/frontend"
ln -s "$ROOT/vendor" "$HOME_DIR/vendor"
ln -s "$ROOT/frontend/node_modules" "$HOME_DIR/frontend/node_modules"
cp -r "$ROOT/var/fonts" "$HOME_DIR/var/fonts"
for stamp in composer npm fonts types build; do [ -f "$ROOT/var/stamps/$stamp" ] && cp "$ROOT/var/stamps/$stamp" "$HOME_DIR/var/stamps/"; done
cd "$HOME_DIR" || exit 1
unset APP_ENV APP_SECRET DATABASE_URL FRESH_TACK_NOW FRESH_TACK_DATA_DIR FRESH_TACK_CACHE_DIR

try() { if "${@:2}" >"$HOME_DIR/out" 2>&1; then echo "ok $1"; else echo "not ok $1"; tail -n 20 "$HOME_DIR/out"; fi; }
fails_with() { # name, text, command
    local name=$1 text=$2 output
    shift 2
    output=$("$@" 2>&1) && { echo "not ok $name (it succeeded)"; return; }
    if grep -qF -- "$text" <<<"$output" && [ "$(grep -c . <<<"$output")" -eq 1 ]; then echo "ok $name"; else echo "not ok $name"; echo "$output"; fi
}
answers() { curl -fsS "http://127.0.0.1:$PORT/health" | grep -q '"status":"ok"'; }
rows() { local f=$1; curl -fsS -c "$HOME_DIR/jar" -H 'X-Fresh-Tack: 1' -H 'Content-Type: application/json' -d '{"username":"ines","password":"verrin-inlet"}' "http://127.0.0.1:$PORT/api/sign-in" >/dev/null && curl -fsS -b "$HOME_DIR/jar" "http://127.0.0.1:$PORT$f"; }
check_in() { rows /api/board >/dev/null && curl -fsS -b "$HOME_DIR/jar" -H 'X-Fresh-Tack: 1' -H 'Content-Type: application/json' -d '{"place":"shop","coldestC":0,"warmestC":20,"complaint":"","engines":[{"engineId":3,"model":"D12","serial":"D12-4471","hours":null,"reading":null,"restMin":0,"decision":null,"tasks":[]}]}' "http://127.0.0.1:$PORT/api/boats/2/check-ins"; }
orders() { rows /api/board | grep -o '"stepsDone"' | wc -l; }
has_orders() { [ "$(orders)" -eq "$1" ]; }

fails_with "start refuses an unknown option" "unknown option --fast; see bin/start --help" bin/start --fast
fails_with "start refuses a port that is none" "--port takes a number from 1024 to 65000" bin/start --port 80
exec 9<>/dev/null
php -r '$s = stream_socket_server("tcp://127.0.0.1:8451"); sleep(120);' & BLOCKER=$!
until (exec 3<>/dev/tcp/127.0.0.1/8451) 2>/dev/null; do kill -0 $BLOCKER 2>/dev/null || break; sleep 0.2; done
fails_with "start says that a port is taken" "port 8451 is taken by another program; choose one with --port" bin/start --port 8451
kill $BLOCKER 2>/dev/null
fails_with "backup needs a running database" "the database does not run; start it with bin/start" bin/backup

try "start serves" bin/start --port $PORT
cp "$HOME_DIR/out" "$HOME_DIR/said"
try "start names the accounts" grep -q 'ines (service writer), ada (technician), bram (parts counter), mora or teo (service managers)' "$HOME_DIR/said"
try "the application answers" answers
try "a second start changes nothing" bin/start --port $PORT
try "a boat is checked in" check_in
try "the order is on the board" has_orders 1
try "backup writes a file" bin/backup "$HOME_DIR/kept.sql.gz"
fails_with "backup overwrites nothing" "exists already; nothing was written" bin/backup "$HOME_DIR/kept.sql.gz"
try "another boat is checked in" check_in
try "both are on the board" has_orders 2
try "restore goes back" bin/restore "$HOME_DIR/kept.sql.gz"
try "what came later is gone" has_orders 1
echo "no backup" >"$HOME_DIR/broken.sql.gz"
fails_with "restore refuses what is no backup" "is no backup of ours, or it is damaged; nothing was changed" bin/restore "$HOME_DIR/broken.sql.gz"
try "and nothing was changed" has_orders 1
kill -9 "$(cat "$HOME_DIR/var/db/pid")" "$(cat "$HOME_DIR/var/run/fpm.pid")" 2>/dev/null
sleep 1
try "start comes back after a kill" bin/start --port $PORT
try "the data survived it" has_orders 1
try "stop stops" bin/stop
fails_with "and nothing answers any more" "" curl -fsS "http://127.0.0.1:$PORT/health"
try "start --reset loads the demo anew" bin/start --port $PORT --reset
try "without the orders" has_orders 0
