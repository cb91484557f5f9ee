# bin/start, bin/stop, bin/backup and bin/restore as a contributor meets them.

fails_with "start refuses an unknown option" "unknown option --fast; see bin/start --help" bin/start --fast
fails_with "start refuses a port that is none" "--port takes a number from 1024 to 65000" bin/start --port 80
php -r '$s = stream_socket_server("tcp://127.0.0.1:'$((PORT + 10))'"); sleep(120);' & BLOCKER=$!
within 20 not port_free $((PORT + 10))
fails_with "start says that a port is taken" "port $((PORT + 10)) is taken by another program; choose one with --port" bin/start --port $((PORT + 10))
kill $BLOCKER 2>/dev/null
fails_with "backup needs a running database" "the database does not run; start it with bin/start" bin/backup

try "start serves" bin/start --port "$PORT"
cp "$HOME_DIR/out" "$HOME_DIR/said"
as_the_shop
try "start names the accounts" grep -q 'ines (service writer), ada (technician), bram (parts counter), mora or teo (service managers)' "$HOME_DIR/said"
try "the application answers" answers
runs_as_the_system_user() {
    local part
    [ "$(id -u)" -ne 0 ] && return 0
    # where that user can't read the checkout, start has said so
    [ "$RUNNER" = root ] && { grep -q "can't read .*: everything runs as root" "$HOME_DIR/said"; return; }
    for part in database php nginx worker reader; do
        [ "$(pgrep -g "$(pid_of $part)" | xargs ps -o user:20= -p | sort -u | tr -d ' ')" = "$SYSTEM_USER" ] || { echo "$part"; return 1; }
    done
}
try "everything runs as the system user" runs_as_the_system_user
try "a second start changes nothing" bin/start --port "$PORT"
try "and says what it found" test "$(grep -c ': answers$' "$HOME_DIR/out")" -eq 4

# the database lets nobody in but the application, and one superuser through its socket
try "root has no way in over TCP" not mariadb --no-defaults -h 127.0.0.1 -P "$DB_PORT" -u root -e 'SELECT 1'
try "nor the superuser" not mariadb --no-defaults -h 127.0.0.1 -P "$DB_PORT" -u "$RUNNER" -e 'SELECT 1'
if [ "$(id -u)" -eq 0 ]; then
    try "nor another user through the socket" not setpriv --reuid nobody --regid nogroup --clear-groups mariadb --no-defaults -u "$RUNNER" -S "$(socket_of "$DB_DIR")" -e 'SELECT 1'
fi
try "one superuser is there" test "$(sql -N -e "SELECT GROUP_CONCAT(User, '@', Host) FROM mysql.user WHERE Super_priv = 'Y'")" = "$RUNNER@localhost"
try "nobody without a name" test "$(sql -N -e "SELECT COUNT(*) FROM mysql.user WHERE User = '' OR (plugin LIKE '%native%' AND authentication_string = '' AND User <> 'mariadb.sys')")" = 0
try "its folder is closed to others" test "$(stat -c %a "$DB_DIR") $(stat -c %a "$DB_DIR/data")" = "700 700"
try "no file is written outside of one folder" not sql -e "SELECT 1 INTO OUTFILE '$HOME_DIR/var/run/stray'"

sign_in >/dev/null
try "a boat is checked in" check_in
try "the order is on the board" has_orders 1
try "backup writes a file" bin/backup "$HOME_DIR/kept.tar"
fails_with "backup overwrites nothing" "exists already; nothing was written" bin/backup "$HOME_DIR/kept.tar"
fails_with "backup refuses to keep none" "--keep takes a number from 1 to 9999" bin/backup --keep 0
mkdir "$HOME_DIR/kept" && touch "$HOME_DIR/kept/fresh-tack-2026.tar" "$HOME_DIR/kept/before-restore-20260101T000000Z.tar"
two_at_once() {
    bin/backup --to "$HOME_DIR/kept" & local other=$!
    bin/backup --to "$HOME_DIR/kept" && wait $other && [ "$(ls "$HOME_DIR"/kept/fresh-tack-*Z*.tar | wc -l)" -eq 2 ]
}
try "two backups in one second have two names" two_at_once
try "backup keeps the newest" bin/backup --to "$HOME_DIR/kept" --keep 1
try "and no other of its own" test "$(ls "$HOME_DIR"/kept/fresh-tack-*Z*.tar | wc -l)" -eq 1
try "and touches nothing else" test -f "$HOME_DIR/kept/fresh-tack-2026.tar" -a -f "$HOME_DIR/kept/before-restore-20260101T000000Z.tar"
try "another boat is checked in" check_in
try "both are on the board" has_orders 2
as_runner sh -c "echo letter >'$HOME_DIR/var/data/outbox/later.txt'"
try "restore goes back" bin/restore "$HOME_DIR/kept.tar"
try "what came later is gone" has_orders 1
try "and its files too" test ! -e "$HOME_DIR/var/data/outbox/later.txt"
try "work goes on" check_in
before_restore() { ls -t "$HOME_DIR"/var/backups/before-restore-*.tar | head -1; }
try "what was there before can be had again" bin/restore "$(before_restore)"
try "with all of it" has_orders 2
try "and its files" grep -q letter "$HOME_DIR/var/data/outbox/later.txt"
try "the worker goes on in the new one" within 20 bin/start --port "$PORT"
