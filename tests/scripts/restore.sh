# Backups that were cut, restores that were killed, and people who go on working meanwhile.

tar -C "$HOME_DIR" -xf "$HOME_DIR/kept.tar" database.sql.gz files.tar.gz manifest.json
KEPT_ORDERS=1
has_all() { has_orders 2; }

echo "no backup" >"$HOME_DIR/broken.tar"
head -c 60000 "$HOME_DIR/kept.tar" >"$HOME_DIR/short.tar"
head -c 60000 "$HOME_DIR/database.sql.gz" >"$HOME_DIR/short.sql.gz"
# cut exactly where a table begins: packed well, every line whole, half of the shop missing
zcat "$HOME_DIR/database.sql.gz" | sed '/^-- Table structure for table `part`/,$d' | gzip >"$HOME_DIR/cut.sql.gz"
repacked() { # file, database
    mkdir -p "$HOME_DIR/repack"
    cp "$HOME_DIR"/{files.tar.gz,manifest.json} "$HOME_DIR/repack/"
    cp "$2" "$HOME_DIR/repack/database.sql.gz"
    tar -C "$HOME_DIR/repack" -cf "$1" manifest.json database.sql.gz files.tar.gz
}
repacked "$HOME_DIR/cut.tar" "$HOME_DIR/cut.sql.gz"
for bad in broken.tar short.tar short.sql.gz cut.sql.gz cut.tar; do
    fails_with "restore refuses $bad" "is no backup of ours, or it is damaged; nothing was changed" bin/restore "$HOME_DIR/$bad"
done
# whole by every sign, and not what was counted when it was made
zcat "$HOME_DIR/database.sql.gz" | sed '/^INSERT INTO `account`/,/;$/d' | gzip >"$HOME_DIR/fewer.sql.gz"
sed -i "s/$(sha256sum <"$HOME_DIR/database.sql.gz" | cut -c1-64)/$(sha256sum <"$HOME_DIR/fewer.sql.gz" | cut -c1-64)/" "$HOME_DIR/manifest.json"
repacked "$HOME_DIR/fewer.tar" "$HOME_DIR/fewer.sql.gz"
fewer() { bin/restore "$HOME_DIR/fewer.tar" 2>&1 | grep -q 'account has 0 rows, not 5. The present data stay as they are'; }
try "restore counts what it read" fewer
try "and nothing was changed" has_all
try "and work goes on" check_in
query "DELETE FROM work_order ORDER BY number DESC LIMIT 1"

POINTS="saved checked switched"
[ -z "$LONG" ] || POINTS="closed saved created loaded checked migrated filed switched"
killed() { # point: dies there, and the shop goes on
    FRESH_TACK_KILL_AT=restore.$1 bin/restore "$HOME_DIR/kept.tar" && { echo "it was not killed"; return 1; }
    answers && check_in mark-"$1" && query "DELETE FROM work_order WHERE draft LIKE '%mark-$1%'"
}
for point in $POINTS; do
    try "a restore killed when $point leaves a shop that works" killed "$point"
    [ "$point" = switched ] && try "with the restored data" has_orders $KEPT_ORDERS || try "with the data of before" has_all
done
try "a restore after that" bin/restore "$HOME_DIR/kept.tar"
try "goes through" has_orders $KEPT_ORDERS
try "and leaves one database besides the live one" test "$(sql -N -e "SELECT COUNT(*) FROM information_schema.schemata WHERE schema_name LIKE 'fresh\\_tack%'")" -eq 2

# three people go on checking boats in; what was answered 201 is in the new data or in the backup of the old
person() { curl -sS --max-time 60 -b "$HOME_DIR/jar" -H 'X-Fresh-Tack: 1' -H 'Content-Type: application/json' -o /dev/null -w '%{http_code}' "$@"; }
people() { # which: writes the marks that were answered 201, and every other status
    local turn mark status
    for ((turn = 0; ; turn++)); do
        [ -e "$HOME_DIR/enough" ] || [ $turn -gt 300 ] && return
        mark="p$1-$turn-"
        status=$(person -D "$HOME_DIR/head-$1" -d "{\"complaint\":\"$mark\",$TENDER}" "$BASE/api/boats/2/check-ins?beside=1")
        case $status in
            201) echo "$mark" >>"$HOME_DIR/accepted-$1" ;;
            503) grep -qi '^retry-after: [0-9]' "$HOME_DIR/head-$1" && echo asked >>"$HOME_DIR/away-$1" || echo "503 without Retry-After" >>"$HOME_DIR/wrong" ;;
            *) echo "$status" >>"$HOME_DIR/wrong" ;;
        esac
    done
}
while_people_work() {
    local each marks lost=0 pids=()
    rm -f "$HOME_DIR"/{enough,wrong,accepted-*,away-*}
    touch "$HOME_DIR/wrong"
    for each in 1 2 3; do people $each & pids+=($!); done
    within 30 test -s "$HOME_DIR/accepted-1"
    bin/restore "$HOME_DIR/kept.tar" || { touch "$HOME_DIR/enough"; return 1; }
    # and once more work goes on in the new data
    wc -l <"$HOME_DIR/accepted-1" >"$HOME_DIR/count"
    within 30 sh -c "[ \"\$(wc -l <'$HOME_DIR/accepted-1')\" -gt $(cat "$HOME_DIR/count") ]"
    touch "$HOME_DIR/enough"
    wait "${pids[@]}"
    query 'SELECT draft FROM work_order' >"$HOME_DIR/there"
    tar -xOf "$(before_restore)" database.sql.gz | zcat >>"$HOME_DIR/there"
    marks=$(cat "$HOME_DIR"/accepted-*)
    for each in $marks; do grep -aq "$each" "$HOME_DIR/there" || { echo "$each was answered 201 and is gone"; lost=1; }; done
    [ -s "$HOME_DIR/wrong" ] && { sort "$HOME_DIR/wrong" | uniq -c; return 1; }
    cat "$HOME_DIR"/away-* | grep -q asked || { echo "nobody was asked to wait"; return 1; }
    return $lost
}
try "what is answered 201 during a restore is never gone, the rest is 503" while_people_work
try "the data of before can be had again" bin/restore "$HOME_DIR/kept.tar"
try "and fit their seals" console record:verify
