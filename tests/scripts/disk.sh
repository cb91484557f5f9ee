# No room left, and folders that can't be written. Needs the right to mount; without it the folders are only closed.

ISSUED='{"complaint":"","place":"shop","coldestC":0,"warmestC":20,"engines":[{"engineId":3,"model":"D12","serial":"D12-4471","hours":null,"reading":null,"restMin":0,"decision":null,"tasks":["engine_oil"]}]}'
issue() {
    local file
    file=$(ask -f -d "$ISSUED" "$BASE/api/boats/2/check-ins?beside=1") || return 1
    NUMBER=$(grep -o '"number":[0-9]*' <<<"$file" | head -1 | cut -d: -f2)
    ask -f -d "{$(grep -o '"version":"[0-9.]*"' <<<"$file" | head -1)}" "$BASE/api/orders/$NUMBER/issue" >/dev/null
}
sign_in >/dev/null
try "an order is issued" issue

can_mount() { mkdir -p "$HOME_DIR/full/trial" && mount -t tmpfs -o size=64k tmpfs "$HOME_DIR/full/trial" 2>/dev/null && umount "$HOME_DIR/full/trial"; }
fill() { # folder of the data: in its place one on which nothing more fits
    local there="$HOME_DIR/var/data/$1" full="$HOME_DIR/full/$1"
    mv "$there" "$there.kept"
    if can_mount; then
        mkdir -p "$full" && mount -t tmpfs -o "size=64k,mode=700,uid=$(id -u "$RUNNER"),gid=$(id -g "$RUNNER")" tmpfs "$full" && ln -s "$full" "$there"
        cp "$there.kept"/sess_* "$full/" 2>/dev/null
        as_runner sh -c "cat /dev/zero >'$full/ballast' 2>/dev/null"
    else
        mkdir "$there" && chown "$RUNNER:" "$there" && chmod 500 "$there"
    fi
}
empty() {
    umount "$HOME_DIR/full/$1" 2>/dev/null
    rm -rf "$HOME_DIR/var/data/$1"
    mv "$HOME_DIR/var/data/$1.kept" "$HOME_DIR/var/data/$1"
}
whole_print() { ask -f "$BASE/api/orders/$NUMBER/sheet.pdf?paper=$1" >"$HOME_DIR/print.pdf" && tail -c 8 "$HOME_DIR/print.pdf" | grep -q '%%EOF'; }
if [ "$(id -u)" -ne 0 ] || [ "$RUNNER" != root ] || can_mount; then
    fill log
    try "a full log stops nobody" has_orders "$(at_counter)"
    try "nor a change" check_in
    empty log
    as_runner mkdir -p "$HOME_DIR/var/data/prints"
    fill prints
    try "where no print can be kept it is printed all the same" whole_print a4
    try "whole each time" whole_print a4
    empty prints
    try "and kept where there is room" whole_print a4
    truncate -s 3000 "$HOME_DIR"/var/data/prints/sheet-a4-*.pdf
    try "a print that was cut is never served" whole_print a4
    fill sessions
    no_session() {
        local jar="$HOME_DIR/other" status
        status=$(curl -sS -c "$jar" -o "$HOME_DIR/answer" -D "$HOME_DIR/head" -w '%{http_code}' -H 'X-Fresh-Tack: 1' -H 'Content-Type: application/json' -d '{"username":"ada","password":"verrin-inlet"}' "$BASE/api/sign-in")
        [ "$status" = 503 ] && grep -q '"urn:fresh-tack:away.session"' "$HOME_DIR/answer" && grep -qi '^retry-after' "$HOME_DIR/head" || { cat "$HOME_DIR/answer"; return 1; }
    }
    try "a session that can't be kept is told" no_session
    try "who is signed in works on meanwhile" has_orders "$(at_counter)"
    empty sessions
    try "who was signed in goes on" has_orders "$(at_counter)"
fi
if can_mount; then
    mkdir -p "$HOME_DIR/full/backups" && mount -t tmpfs -o size=64k tmpfs "$HOME_DIR/full/backups"
    fails_with "a backup for which there is no room is none" "can't be written; nothing was kept" bin/backup --to "$HOME_DIR/full/backups"
    try "and nothing of it is left" test -z "$(ls -A "$HOME_DIR/full/backups")"
    umount "$HOME_DIR/full/backups"
fi

# the address of a calendar is a key: it is asked for, found and not found, and stands in no log
calendar() {
    local token
    token=$(ask -f -X POST "$BASE/api/boats/2/calendar" | grep -o '[A-Za-z0-9_-]\{43\}' | head -1)
    [ ${#token} -eq 43 ] && curl -fsS "$BASE/calendar/$token.ics" | grep -q BEGIN:VCALENDAR || return 1
    curl -sS -o /dev/null "$BASE/calendar/$token.ics/more"
    curl -sS -o /dev/null -X POST "$BASE/calendar/$token.ics"
    grep -rl -- "$token" "$HOME_DIR/var/data/log" "$HOME_DIR/var/run/log" && return 1
    grep -rq 'calendar' "$HOME_DIR/var/data/log"
}
try "no secret address stands in a log" calendar
