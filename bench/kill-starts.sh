#!/usr/bin/env bash
# Kills a kitchen of its own in the middle of its first start, and in the middle of an upgrade that has rows to change, at random
# moments: bench/kill-starts.sh FIRST UPGRADES. Each time ./olla start alone has to bring it up, with every row. The application has
# to be built. Loopback only; it ends by itself, with 1 where a kitchen did not come up. Seeded: SEED=1 repeats the same moments.
set -uo pipefail

FIRST=${1:?how many first starts} UPGRADES=${2:?how many upgrades}
ROOT=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
HOME_OF_IT=$(mktemp -d /tmp/olla-kills.XXXXXX)
chmod 755 "$HOME_OF_IT"
# Unpacked once; what is cut is the kitchen.
export OLLA_APP=$HOME_OF_IT/app
export OLLA_VAR=$HOME_OF_IT/var OLLA_PORT=${OLLA_PORT:-8190} OLLA_DB_PORT=${OLLA_DB_PORT:-33290} OLLA_BUILT=true OLLA_WATCH=no
RANDOM=${SEED:-$$}
failed=0

olla() { "$ROOT/olla" "$@" >>"$HOME_OF_IT/olla.out" 2>&1; }
kill_all() { pkill -9 -f "$OLLA_VAR" 2>/dev/null; sleep 0.3; }
sql() {
  MYSQL_PWD=$(cat "$OLLA_VAR/db.owner") mariadb --no-defaults -h 127.0.0.1 -P "$OLLA_DB_PORT" -u olla_owner olla -N -e "$1"
}
rows() {
  sql "select count(*), sum(crc32(concat_ws('|', id, title, question_json, started_at, out_at, verdict, note))) from bake;
    select count(*), sum(crc32(concat_ws('|', id, bake_id, kind, at))) from tap; select count(*) from recipe;
    select count(*), sum(crc32(concat_ws('|', id, name, kind, offset_celsius))) from oven"
}
trap 'kill_all; rm -rf "$HOME_OF_IT"' EXIT

# Starts, and kills all of it after so many milliseconds: the command, the database, the application.
cut_start() {
  setsid env OLLA_VAR="$OLLA_VAR" "$ROOT/olla" start >>"$HOME_OF_IT/olla.out" 2>&1 &
  local group=$!
  sleep "$(awk "BEGIN { print $1 / 1000 }")"
  kill -9 -- "-$group" 2>/dev/null
  kill_all
  wait $group 2>/dev/null
}

came_up() {
  if olla start && curl -sf "http://127.0.0.1:$OLLA_PORT/api/ovens" | grep -q '"kind"'; then return 0; fi
  failed=$((failed + 1))
  echo "did not come up after $1 ms: $(tail -n 1 "$HOME_OF_IT/olla.out")"
  return 1
}

for ((i = 0; i < FIRST; i++)); do
  kill_all
  rm -rf "$OLLA_VAR"
  after=$((RANDOM % ${FIRST_MS:-14000}))
  cut_start $after
  came_up $after
  olla stop
done
echo "first starts: $FIRST, not up: $failed"

rm -rf "$OLLA_VAR"
olla demo || exit 1
# What the last two migrations did, undone: a kitchen as an earlier Olla left it.
sql "alter table oven drop put_away_at, drop version, drop lessons_turn, drop falls_c_per_hour;
  alter table bake drop put_at, drop enough_from_min; alter table tap drop doneness; drop table bake_gone; drop table probe;
  alter table probe_use drop index probe_in_one_bake, drop in_use;
  alter table reading drop index reading_by_arrival, drop index reading_by_time, drop arrived_at;
  delete from flyway_schema_history where version in ('4', '5')" || exit 1
"$ROOT/olla" standins stop
wanted=$(rows)
olla stop
mv "$OLLA_VAR" "$HOME_OF_IT/before"
first_failed=$failed
for ((i = 0; i < UPGRADES; i++)); do
  kill_all
  rm -rf "$OLLA_VAR"
  cp -a "$HOME_OF_IT/before" "$OLLA_VAR"
  after=$((RANDOM % ${UPGRADE_MS:-9000}))
  cut_start $after
  if came_up $after && [ "$(rows)" != "$wanted" ]; then
    failed=$((failed + 1))
    echo "rows differ after $after ms"
  fi
  olla stop
done
echo "upgrades: $UPGRADES, not up or other rows: $((failed - first_failed))"
[ $failed = 0 ]
