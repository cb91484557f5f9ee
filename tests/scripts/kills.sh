# Every part is killed; it comes back by itself, and nothing is lost.

worker_did_a_job() { (cd "$HOME_DIR" && console worker:probe --quiet); }
works() {
    case $1 in
        database | php) answers ;;
        nginx) screens_answer ;;
        reader) curl -sS -o /dev/null "http://127.0.0.1:$READER_PORT/engines/none" ;;
        worker) worker_did_a_job ;;
    esac
}
comes_back() { # part
    local old
    old=$(pid_of "$1")
    kill -9 "$old" || return 1
    within 10 eval "[ \"\$(pid_of $1)\" != $old ] && works $1"
}
BEFORE=$(at_counter)
TIMES=1
[ -z "$LONG" ] || TIMES=5
for ((time = 1; time <= TIMES; time++)); do
    for part in database php nginx worker reader; do
        try "$part is killed and comes back ($time)" comes_back $part
    done
done
try "who was signed in still is, and no order was lost" has_orders "$BEFORE"

# the whole group, as when memory runs out
all_at_once() {
    local part
    for part in database php nginx worker reader; do kill -9 -- "-$(pid_of $part)"; done
    within 10 answers && within 10 screens_answer && within 15 worker_did_a_job
}
try "all are killed at once and come back" all_at_once
try "with every order" has_orders "$BEFORE"

# who is signed in while the database is away is asked to wait, on every route, and is not signed out
away() {
    local path
    kill -STOP "$(cat "$HOME_DIR/var/run/supervisor.pid")"
    kill -9 "$(pid_of database)"
    within 10 port_free "$DB_PORT"
    for path in /api/board /api/session /api/orders/2401 /api/boats/1 /api/search?q=tern /health /calendar/aaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaa.ics; do
        [ "$(status_of -D "$HOME_DIR/head" "$BASE$path")" = 503 ] || { echo "$path: $(cat "$HOME_DIR/answer")"; kill -CONT "$(cat "$HOME_DIR/var/run/supervisor.pid")"; return 1; }
        grep -qi '^retry-after: 5' "$HOME_DIR/head" && grep -q '"urn:fresh-tack:away.database"' "$HOME_DIR/answer" || { cat "$HOME_DIR/head"; kill -CONT "$(cat "$HOME_DIR/var/run/supervisor.pid")"; return 1; }
    done
    [ "$(status_of -d "{\"complaint\":\"\",$TENDER}" "$BASE/api/boats/2/check-ins?beside=1")" = 503 ]
    local status=$?
    kill -CONT "$(cat "$HOME_DIR/var/run/supervisor.pid")"
    within 10 answers || return 1
    # what was asked for meanwhile stands in no log with its key
    ! grep -rq aaaaaaaaaaaa "$HOME_DIR/var/data/log" "$HOME_DIR/var/run/log" && return $status
}
try "a database that is away is 503 on every route" away
try "and nobody was signed out by it" has_orders "$BEFORE"
no_php() {
    kill -STOP "$(cat "$HOME_DIR/var/run/supervisor.pid")"
    kill -9 -- "-$(pid_of php)"
    within 10 none_of $(pgrep -g "$(pid_of php)")
    local status=0
    [ "$(status_of -D "$HOME_DIR/head" "$BASE/api/board")" = 503 ] && grep -qi '^retry-after: 5' "$HOME_DIR/head" && grep -q '"urn:fresh-tack:away"' "$HOME_DIR/answer" || { status=1; cat "$HOME_DIR/head" "$HOME_DIR/answer"; }
    screens_answer || status=1
    kill -CONT "$(cat "$HOME_DIR/var/run/supervisor.pid")"
    within 10 answers && return $status
}
try "without PHP it is 503 too, and the screens are there" no_php

# without their supervisor the parts go on; the next start takes over
kill -9 "$(cat "$HOME_DIR/var/run/supervisor.pid")"
try "the parts outlive their supervisor" answers
try "start takes over" bin/start --port "$PORT"
cp "$HOME_DIR/out" "$HOME_DIR/said"
try "and says so" grep -q 'nginx ran without a supervisor: ended' "$HOME_DIR/said"
try "the data survived it" has_orders "$BEFORE"
hung() { # a part that is there and does nothing is started anew
    kill -STOP -- "-$(pid_of worker)"
    bin/start --port "$PORT" | grep -q 'worker: ran, and did not answer; started anew'
}
try "start checks a part by using it" hung
try "stop stops" bin/stop
fails_with "and nothing answers any more" "" curl -fsS "$BASE/health"
try "no process is left" not pgrep -f "$HOME_DIR/var/run"
