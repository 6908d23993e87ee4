#!/usr/bin/env bash
# Gives a kitchen of its own a small disk for its rows and fills that to its last byte so many times while cooks write to it:
# bench/full-disk.sh TIMES. Whatever was answered as stored has to be there afterwards, once, and what comes after room was made has to be
# stored. The application has to be built; as root, for the disk is one of memory. Loopback only; it ends by itself, with 1 where not.
set -uo pipefail

TIMES=${1:?how many times}
ROOT=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
HOME_OF_IT=$(mktemp -d /tmp/olla-full.XXXXXX)
chmod 755 "$HOME_OF_IT"
export OLLA_VAR=$HOME_OF_IT/var OLLA_DB_DATA=$HOME_OF_IT/disk/db OLLA_PORT=${OLLA_PORT:-8191} OLLA_DB_PORT=${OLLA_DB_PORT:-33291}
export OLLA_BUILT=true OLLA_LAN_PORT=${OLLA_LAN_PORT:-8493} OLLA_LAN_ADDRESS=127.0.0.1

finish() {
  "$ROOT/olla" stop
  umount "$HOME_OF_IT/disk"
  rm -rf "$HOME_OF_IT"
}
trap finish EXIT
mkdir "$HOME_OF_IT/disk"
mount -t tmpfs -o size="${DISK_MB:-800}m" tmpfs "$HOME_OF_IT/disk" || exit 1
"$ROOT/olla" start --lan || exit 1
javac -d "$HOME_OF_IT/classes" "$ROOT"/bench/src/main/java/olla/bench/{Door,RoughKills}.java || exit 1
java -cp "$HOME_OF_IT/classes" olla.bench.RoughKills "$OLLA_VAR" "$OLLA_PORT" "$OLLA_LAN_PORT" "$OLLA_DB_PORT" "$TIMES" "$HOME_OF_IT/disk"
