#!/usr/bin/env bash
# Kills a kitchen of its own again and again while cooks write to it, and looks whether whatever was answered as stored is there, once:
# bench/kills.sh TIMES app (application and database in turn), TIMES cluster (instances, nodes and the proxy of ./olla cluster in turn), or
# TIMES clock (nothing is killed; the clock of application and database goes back and forth by minutes and hours, by Debian's faketime). The
# application has to be built. Loopback only; it ends by itself, with 1 where something was lost, doubled or did not come back.
set -uo pipefail

TIMES=${1:?how many times} WHAT=${2:?app, cluster or clock}
ROOT=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
HOME_OF_IT=$(mktemp -d /tmp/olla-kills.XXXXXX)
chmod 755 "$HOME_OF_IT"
export OLLA_VAR=$HOME_OF_IT/var OLLA_PORT=${OLLA_PORT:-8192} OLLA_DB_PORT=${OLLA_DB_PORT:-33300} OLLA_LAN_PORT=${OLLA_LAN_PORT:-8492}
# Unpacked once, with its class archive.
export OLLA_APP=$HOME_OF_IT/app
export OLLA_BUILT=true OLLA_LAN=yes OLLA_LAN_ADDRESS=127.0.0.1
CLUSTER=()
SECRETS=$OLLA_VAR
DATABASE=$OLLA_DB_PORT
if [ "$WHAT" = cluster ]; then
  CLUSTER=(cluster)
  SECRETS=$OLLA_VAR/cluster
  DATABASE=$((OLLA_DB_PORT + 30))
fi

finish() {
  "$ROOT/olla" "${CLUSTER[@]}" stop
  rm -rf "$HOME_OF_IT"
}
trap finish EXIT
javac -d "$HOME_OF_IT/classes" "$ROOT"/bench/src/main/java/olla/bench/{Door,RoughKills}.java || exit 1
if [ "$WHAT" = clock ]; then
  echo +0 >"$HOME_OF_IT/clock"
  FAKE=$(find /usr/lib -name libfaketimeMT.so.1 | head -n 1)
  [ -n "$FAKE" ] || { echo "no faketime here: apt-get install faketime" && exit 1; }
  LD_PRELOAD=$FAKE FAKETIME_TIMESTAMP_FILE=$HOME_OF_IT/clock FAKETIME_NO_CACHE=1 DONT_FAKE_MONOTONIC=1 "$ROOT/olla" start --lan || exit 1
else
  "$ROOT/olla" "${CLUSTER[@]}" start --lan || exit 1
fi
java -cp "$HOME_OF_IT/classes" olla.bench.RoughKills "$SECRETS" "$OLLA_PORT" "$OLLA_LAN_PORT" "$DATABASE" "$TIMES" "$WHAT" "$HOME_OF_IT/clock"
