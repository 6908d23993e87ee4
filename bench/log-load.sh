#!/usr/bin/env bash
# How quickly the log opens when it has grown: seeds a running kitchen of one's own (OLLA_VAR, OLLA_PORT, OLLA_DB_PORT as for
# ./olla demo) with 5 000 bakes and a million readings, copies of what it has, and asks for the log twenty times.
# Loopback only; it ends by itself. The kitchen is for throwing away afterwards.
set -euo pipefail

VAR=${OLLA_VAR:?say which kitchen, with OLLA_VAR}
PORT=${OLLA_PORT:-8080}
export MYSQL_PWD
MYSQL_PWD=$(cat "$VAR/db.password")
sql() { mariadb --no-defaults -h 127.0.0.1 -P "${OLLA_DB_PORT:-33161}" -u olla olla -N -e "$1"; }

columns=$(sql "select group_concat(column_name) from information_schema.columns where table_schema = 'olla' and table_name =
  'bake' and column_name not in ('id', 'put_at', 'started_at', 'out_at', 'logged_at', 'cleared_at')")
sql "insert into bake (id, put_at, started_at, out_at, logged_at, cleared_at, $columns)
  select uuid(), t.put_at - interval n.seq hour, t.started_at - interval n.seq hour, t.out_at - interval n.seq hour,
    t.logged_at - interval n.seq hour, t.logged_at, $columns
  from (select * from bake where logged_at is not null order by started_at desc limit 10) t join seq_1_to_500 n"
sql "insert ignore into reading (kitchen_id, device, channel, at, celsius)
  select 1, concat('seeded-', n.seq % 20), 'TIP', now() - interval n.seq second, n.seq % 70 from seq_1_to_1000000 n"
echo "bakes in the log: $(sql 'select count(*) from bake where logged_at is not null'), readings: $(sql 'select count(*) from reading')"

for _ in $(seq 20); do
  curl -s -o /dev/null -w '%{time_total} %{size_download}\n' "http://127.0.0.1:$PORT/api/log"
done | sort -n | awk '{ t[NR] = $1; size = $2 } END {
  printf "GET /api/log: median %.0f ms, slowest %.0f ms, %.0f KB\n", 1000 * t[int((NR + 1) / 2)], 1000 * t[NR], size / 1024 }'
