#!/usr/bin/env bash
# The commands of bin/, and what becomes of a shop when its machine fails. FRESH_TACK_LONG=1: at every place.
HERE=$(cd "$(dirname "${BASH_SOURCE[0]}")" && pwd)
. "$HERE/common.sh"
for part in upgrade commands restore disk kills; do
    . "$HERE/$part.sh"
done

try "start --reset loads the demo anew" bin/start --port "$PORT" --reset
sign_in >/dev/null
try "with the orders of its own day alone" has_orders 0
every_lane_holds() { not grep -q '"lane":"[a-z]*","count":0' <<<"$(ask -f "$BASE/api/board")"; }
try "in every lane" every_lane_holds
. "$HERE/own.sh"
