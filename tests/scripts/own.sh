# A shop of somebody's own in place of the demo: nothing of the demo is in it, and nothing of it is ever emptied.

fails_with "start --empty leaves the demo alone" "this folder holds the demo" bin/start --port "$PORT" --empty
bin/stop >/dev/null 2>&1
rm -rf "$HOME_DIR"/var/{db,data}
try "start --empty begins a shop" bin/start --port "$PORT" --empty
CODE=$(grep -o 'type the code: .*' "$HOME_DIR/out" | cut -d' ' -f4)
try "and shows a code" test "${#CODE}" -eq 9
try "the page says that nobody has opened it" sh -c "curl -fsS $BASE/api/shop | grep -q '\"isOpen\":false'"
try "health is as it should be" within 30 curl -fsS "$BASE/health/ready"
fails_with "a command that needs a shop says in one line what is missing" "There is no shop yet." bin/shop shop:set
try "another code takes its place" sh -c "bin/shop shop:code | grep -Eq '^[A-Z0-9]{4}-[A-Z0-9]{4}$'"
NEW=$(bin/shop shop:code)
first_run() {
    printf '{"code":"%s","shop":{"name":"Saltmarsh Marine","address":null,"phone":null,"email":null,"country":"IE","timeZone":"Europe/Dublin","currency":"EUR","paper":null},"manager":{"username":"odile","name":"Odile Marrow","password":"copper lantern drift"}}' "$1"
}
try "the first code does not count any more" test "$(status_of -d "$(first_run "$CODE")" "$BASE/api/first-run")" = 422
first_managers() { # four at once, with the right code
    local name
    for name in odile ottilie oriel osric; do
        curl -sS -o /dev/null -w '%{http_code}\n' -H 'X-Fresh-Tack: 1' -H 'Content-Type: application/json' \
            -d "$(first_run "$NEW" | sed "s/odile/$name/")" "$BASE/api/first-run" &
    done
    wait
}
try "the new one opens the shop" sh -c "echo '$(first_managers | sort | tr '\n' ' ')' | grep -qx '201 409 409 409 '"
try "of several at once one is the first manager" test "$(query 'SELECT COUNT(*) FROM account')" = 1
FIRST=$(query 'SELECT username FROM account')
try "nobody of the demo can sign in" test "$(status_of -d '{"username":"ines","password":"verrin-inlet"}' "$BASE/api/sign-in")" = 401
try "the manager can" test "$(status_of -d "{\"username\":\"$FIRST\",\"password\":\"copper lantern drift\"}" "$BASE/api/sign-in")" = 200
try "no demo account is named" sh -c "curl -fsS $BASE/api/shop | grep -q '\"demoAccounts\":\[\],\"demoPassword\":null'"
try "the procedures of the program are in its book" test "$(query 'SELECT COUNT(*) FROM procedure_document')" = "$(ls procedures | wc -l)"
try "and no sheet" test "$(query 'SELECT COUNT(*) FROM spec_sheet')" = 0
fails_with "it is no demo that is emptied" "this is a shop of your own and no demo" bin/start --port "$PORT" --reset
try "a plain start serves the same shop" bin/start --port "$PORT"
try "and shows no code" not grep -q 'type the code' "$HOME_DIR/out"
rm "$HOME_DIR/var/kind"
try "data that came from elsewhere say themselves that they are no demo" bin/start --port "$PORT"
try "so that no time passes by a button" sh -c "curl -fsS $BASE/api/shop | grep -q '\"timePasses\":false'"
try "somebody is added at the terminal" sh -c "echo 'copper lantern drift' | bin/shop user:add nuala --name 'Nuala Trench' --role technician"
try "a setting is set at the terminal" sh -c "bin/shop shop:set shop.phone '0555 0188' | grep -q 'shop.phone = \"0555 0188\"'"
