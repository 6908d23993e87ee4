#!/usr/bin/env bash
# How long a kitchen of 5 000 bakes takes out, to be looked at, and into an empty kitchen, and whether it comes out of that the same to the bit.
# Runs against a demo of its own without thermometers, which it makes and ends: archive.sh [bakes]
set -euo pipefail
ROOT=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
BAKES=${1:-5000}
export OLLA_VAR OLLA_PORT=${OLLA_PORT:-18995} OLLA_DB_PORT=${OLLA_DB_PORT:-18994} OLLA_BUILT=true OLLA_STANDINS=no
OLLA_VAR=$(mktemp -d)
chmod 755 "$OLLA_VAR"
trap '"$ROOT/olla" stop >/dev/null 2>&1 || true; rm -rf "$OLLA_VAR"' EXIT
"$ROOT/olla" demo | tail -1
AT=http://127.0.0.1:$OLLA_PORT
sql() { MYSQL_PWD=$(cat "$OLLA_VAR/db.root") mariadb --no-defaults --socket="$OLLA_VAR/run/db.sock" -u root --database=olla --batch --skip-column-names -e "$1"; }
seconds() { local from; from=$(date +%s.%N); "$@"; echo "$(date +%s.%N) $from" | awk '{printf "%.1f s\n", $1 - $2}'; }

# The demo's log over and over, each with taps of its own, as if it had been baked daily for years.
sql "set session foreign_key_checks = 0;
  delete from bake where logged_at is null;
  create temporary table again as select seq from seq_1_to_$BAKES;
  insert into bake (id, kitchen_id, version, title, oven_id, question_json, thickness_mm, dial_celsius, target_celsius, predicted_min, check_from_min, likely_min,
      no_later_than_min, rest_min, trusting_min, enough_from_min, put_at, started_at, out_at, logged_at, verdict, probe_celsius, note, lesson_way,
      lesson_offset_celsius, lesson_offset_doubt_celsius, lesson_log_film, lesson_log_film_doubt)
    select uuid(), kitchen_id, 0, title, oven_id, question_json, thickness_mm, dial_celsius, target_celsius, predicted_min, check_from_min, likely_min,
      no_later_than_min, rest_min, trusting_min, enough_from_min, put_at - interval seq day, started_at - interval seq day, out_at - interval seq day, logged_at - interval seq day,
      verdict, probe_celsius, note, 2, 1.5, 8.25, 0.01, 0.14
    from (select * from bake where logged_at is not null order by id limit 1) b join again;
  insert into tap (id, kitchen_id, bake_id, kind, at, undone) select uuid(), kitchen_id, id, 'OUT', out_at, false from bake;
  insert into tap (id, kitchen_id, bake_id, kind, at, cue, undone) select uuid(), kitchen_id, id, 'CUE', out_at - interval 1 minute, 'KNIFE_WARM', false from bake;
  insert ignore into reading (kitchen_id, device, channel, at, celsius) select 1, 'clip', 'TIP', utc_timestamp(3) - interval seq second, 20 from seq_1_to_20000;"
echo "bakes: $(sql 'select count(*) from bake')"
echo -n "out: "; seconds curl -sf -o "$OLLA_VAR/first.zip" "$AT/api/archive"
ls -l "$OLLA_VAR/first.zip" | awk '{print $5 " bytes"}'
echo -n "looked at: "; seconds curl -sf -o /dev/null -H 'Content-Type: application/zip' --data-binary "@$OLLA_VAR/first.zip" "$AT/api/archive/look"
echo -n "in, in place of all that is here: "; seconds curl -s --fail-with-body -o "$OLLA_VAR/answer" -H 'Content-Type: application/zip' --data-binary "@$OLLA_VAR/first.zip" "$AT/api/archive/take?how=REPLACE"
echo -n "out again: "; seconds curl -sf -o "$OLLA_VAR/second.zip" "$AT/api/archive"
cmp "$OLLA_VAR/first.zip" "$OLLA_VAR/second.zip" && echo "the same to the bit"
