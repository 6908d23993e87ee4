#!/usr/bin/env bash
# Loads a kitchen of one's own roughly, again and again, and shows after each round what the application holds: heap after a collection,
# descriptors, threads. What grows from round to round is never given back. bench/endurance.sh ROUNDS SECONDS, with the OLLA_VAR and
# OLLA_PORT of a kitchen that ./olla demo has started; loopback only, it ends by itself.
set -uo pipefail

ROUNDS=${1:?how many rounds} SECONDS_EACH=${2:?of how many seconds}
ROOT=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
PID=$(cat "${OLLA_VAR:-$ROOT/var}/run/app.pid") || exit 1

as_owner() {
  local owner
  owner=$(stat -c %U "/proc/$PID")
  if [ "$owner" = "$(id -un)" ]; then "$@"; else setpriv --reuid="$owner" --regid="$owner" --clear-groups "$@"; fi
}

for ((round = 0; round <= ROUNDS; round++)); do
  [ "$round" = 0 ] || java "$ROOT/bench/src/main/java/olla/bench/RoughLoad.java" "${OLLA_PORT:-8080}" "$SECONDS_EACH" | grep -E '^(tap|running)'
  # What was hung up on is let go within some seconds.
  sleep 15
  as_owner jcmd "$PID" GC.run >/dev/null
  printf 'round %d: %s heap, %d descriptors, %d threads\n' "$round" \
    "$(as_owner jcmd "$PID" GC.heap_info | awk 'match($0, /used [0-9]+K/) { used += substr($0, RSTART + 5, RLENGTH - 6) } /Metaspace/ { exit }
      END { print int(used / 1024) " MB" }')" "$(ls "/proc/$PID/fd" | wc -l)" "$(ls "/proc/$PID/task" | wc -l)"
done
