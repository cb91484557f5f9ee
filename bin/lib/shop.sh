# The shop that bin/start serves from var/: what bin/start, bin/stop, bin/backup and bin/restore have in common.

VAR="$ROOT/var"

# runner_of_shop: the user that owns what was served, without looking whether it could be another.
runner_of_shop() {
    [ "$(id -u)" -ne 0 ] || RUNNER=$(stat -c %U "$VAR/run")
}

own_shop() { [ "$(cat "$VAR/kind" 2>/dev/null)" = own ]; }

# choose_kind: whether it is the demo or a shop of one's own that is served, which stays what it was: $KIND.
choose_kind() {
    if [ "$EMPTY" -eq 1 ] && ! own_shop; then
        [ ! -d "$VAR/db" ] || die "this folder holds the demo. Keep it, and begin your shop in a fresh copy of the program; or let the demo go with: bin/stop && rm -r $VAR/db $VAR/data"
        printf own >"$VAR/kind"
    fi
    KIND=demo
    ! own_shop || KIND=own
    [ "$KIND" = demo ] || [ "$RESET" -eq 0 ] || die "this is a shop of your own and no demo: nothing of it is emptied"
}

# kind_of_data: what lies in the database says itself whether it is a demo: only there may time pass at the bench.
kind_of_data() {
    case $(sql -N "$(basename "$(readlink "$VAR/data/live")")" -e "SELECT document LIKE '%\"demoPassword\"%' FROM shop" 2>/dev/null) in
        0) printf own >"$VAR/kind" ;;
        1) rm -f "$VAR/kind" ;;
    esac
    KIND=demo FRESH_TACK_DEMO=1
    ! own_shop || KIND=own FRESH_TACK_DEMO=0
}

# say_own_shop: where to go on; the code, as long as nobody has opened the shop.
say_own_shop() {
    local code
    if code=$(console shop:code 2>/dev/null); then
        say "  Open this address and type the code: $code"
        say "  Whoever types it becomes the first manager. Another one: bin/shop shop:code"
    else
        say "  Sign in there. bin/stop ends it."
    fi
}

# shop_settings PORT: addresses and secrets, exported for the commands that follow. $DATABASE_URL is the application's.
shop_settings() {
    local secrets="$VAR/secrets"
    [ -f "$secrets" ] \
        || (umask 077 && printf 'APP_SECRET=%s\nOWNER_PASSWORD=%s\nAPP_PASSWORD=%s\n' "$(random_word)" "$(random_word)" "$(random_word)" >"$secrets")
    # shops of before have none yet: what they wrote until now is sealed with this one
    grep -q '^CHAIN_KEY=' "$secrets" || printf 'CHAIN_KEY=%s\n' "$(random_word)$(random_word)" >>"$secrets"
    . "$secrets"
    export FRESH_TACK_CHAIN_KEY=$CHAIN_KEY
    WEB_PORT=$1 DB_PORT=$(($1 + 1)) READER_PORT=$(($1 + 2)) DB_DIR="$VAR/db"
    export APP_ENV=prod APP_DEBUG=0 APP_SECRET FRESH_TACK_DATA_DIR="$VAR/data" FRESH_TACK_CACHE_DIR="$VAR/cache"
    export FRESH_TACK_DEMO=1
    if own_shop; then export FRESH_TACK_DEMO=0; fi
    export FRESH_TACK_ENGINE_READER=${FRESH_TACK_ENGINE_READER:-"http://127.0.0.1:$READER_PORT"}
    OWNER_URL=$(database_url fresh_tack_owner "$OWNER_PASSWORD" fresh_tack)
    export FRESH_TACK_ADDRESS=${FRESH_TACK_ADDRESS:-"http://127.0.0.1:$WEB_PORT"}
    export DATABASE_URL
    DATABASE_URL=$(database_url fresh_tack_app "$APP_PASSWORD" fresh_tack)
}

# shop_as_it_runs: for commands that need the shop of bin/start with its database.
shop_as_it_runs() {
    [ -f "$VAR/run/port" ] && [ -f "$VAR/secrets" ] || die "the database does not run; start it with bin/start"
    runner_of_shop
    shop_settings "$(cat "$VAR/run/port")"
    database_answers >/dev/null 2>&1 || die "the database does not run; start it with bin/start"
}

# told [WORD WITH]: passes on what a console command says; its complaint becomes ours. WORD is a name of our own.
told() {
    local line
    while IFS= read -r line; do
        [ $# -eq 0 ] || line=${line//"$1"/"$2"}
        case $line in
            "·"*) [ $# -eq 0 ] && [[ $line == *"backup written"* ]] || say "$line" ;;
            ?*) die "$line" ;;
        esac
    done
}

console() { as_runner php "$ROOT/bin/console" "$@"; }
# owner_console COMMAND…: with the account that may change tables.
owner_console() { DATABASE_URL=$OWNER_URL console "$@"; }

forget_shop() {
    say "· emptying the demo"
    rm -rf "$VAR/data" "$VAR/db"
    own "$VAR/data" "$VAR/db"
}

# bring_up_to_date: the compiled program and the tables. What is served stops first, since it belongs to what was.
bring_up_to_date() {
    local sum
    sum=$(sum_of src config templates migrations composer.versions .env)
    if [ "$(cat "$VAR/cache/built" 2>/dev/null)" != "$sum" ]; then
        for part in worker php; do part_down "$VAR/run" $part; done
        rm -rf "$VAR/cache/prod"
        console cache:warmup --quiet || die "the program could not be compiled"
        printf '%s' "$sum" >"$VAR/cache/built"
    fi
    owner_console data:upgrade --backups "$VAR/backups" || die "the tables could not be brought up to date; nothing of the shop is served. See docs/operations.md, Upgrade"
    console procedures:install --quiet || die "the procedures could not be taken into the book"
    console orders:tally --quiet || die "the orders at the bench could not be counted"
}

demo_shop() {
    local told
    say "· demo shop"
    told=$(console demo:load) || die "the demo could not be loaded: $told"
    say "$told"
    IS_NEW=0
    [[ $told != *loading* ]] || IS_NEW=1
}

# demo_day: its people work in it, so that every lane of the board holds something at the first look.
demo_day() {
    [ "$IS_NEW" -eq 1 ] || return 0
    say "· a day in the demo"
    console demo:day "http://127.0.0.1:$PORT" || say "  the day is not whole; the demo works all the same"
}

# serve_shop: starts what is missing; what runs and does not answer is started anew. Says what it found.
serve_shop() {
    local run="$VAR/run" part before
    before=$(served_with "$run")
    server_files "$run"
    [ "$before" = "$(served_with "$run")" ] || for part in nginx php reader worker; do part_down "$run" $part; done
    for part in nginx php reader worker; do
        if ! part_runs "$run" $part; then
            part_ready $part
            say "  $part: started"
            part_up "$run" $part
        elif "${part}_answers" >/dev/null 2>&1; then
            say "  $part: answers"
        else
            say "  $part: ran, and did not answer; started anew"
            part_again "$run" $part
        fi
    done
    until_answered "$run"
}

served_with() { cat "$1"/{nginx,fpm,fastcgi}.conf "$1/settings" "$1/php/fresh-tack.ini" 2>/dev/null | sha256sum || true; }
