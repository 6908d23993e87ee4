#!/usr/bin/env bash
# The solver and a general finite-element program (FreeFEM, Debian's freefem++) on the same sections: a block of 25 x 75 mm for 20
# minutes, an ellipse of 63 mm in 10 mm of another material for an hour, a frozen slab of 25 mm for 20 minutes. Errors are the
# largest of three temperatures against a fine run of that program. The slab's elements are written out in that program's own
# language, so its times there say nothing. A minute or two; docs/performance.md has the tables.
#   apt-get install freefem++ && mvn -q -DskipTests package -pl bench -am && bench/elements.sh
set -euo pipefail
ROOT=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
LIBRARIES=$(find "${MAVEN_REPOSITORY:-$HOME/.m2/repository}/org/hipparchus" -name '*.jar' | tr '\n' ':')
WORK=$(mktemp -d)
trap 'rm -rf "$WORK"' EXIT
ours() {
  java -cp "$ROOT/bench/target/classes:$ROOT/core/target/classes:$LIBRARIES" olla.bench.LinearSections "$@"
}
theirs() { # section divisions step theta rounds times
  sed -e "s/@N/$2/g; s/@DT/$3/g; s/@THETA/$4/g; s/@ROUNDS/$5/g; s/@TIMES/$6/g; s|@TABLE|$WORK/table|g" \
    "$ROOT/bench/elements/$1.edp" >"$WORK/run.edp"
  FreeFem++ -nw -v 0 "$WORK/run.edp" | grep RESULT
}
errors() { # reference; reads results
  awk -v name="$1" -v right="$2" 'BEGIN { split(right, r, " ") }
    { worst = 0; for (i = 1; i <= 3; i++) { d = $(3 + i) - r[3 + i]; if (d < 0) d = -d; if (d > worst) worst = d }
      note = ""; for (i = 7; i <= NF; i++) note = note " " $i
      printf "%-8s %6d nodes %9.3f ms  wrong by %.3f K %s\n", name, $2, $3, worst, note }'
}
ours table "$WORK/table"
for section in ${1:-block ellipse slab}; do
  echo "== $section"
  case $section in
    block) right=$(theirs block 60 1 0.5 1 1) ;;
    ellipse) right=$(theirs ellipse 200 10 0.5 1 1) ;;
    slab) right=$(theirs slab 64 1 1 6 1) ;;
  esac
  echo "right: $right"
  if [ "$section" = slab ]; then
    for setting in "8 20 1 2" "16 10 1 2" "32 5 1 3"; do
      # shellcheck disable=SC2086
      theirs slab $setting 1 | errors theirs "$right"
    done
  else
    for setting in "2 300 1" "2 120 0.5" "4 120 1" "4 120 0.5" "4 60 0.5" "6 60 0.5" "8 30 0.5" "12 20 0.5"; do
      read -r n dt theta <<<"$setting"
      [ "$section" = block ] || n=$((8 * n))
      theirs "$section" "$n" "$dt" "$theta" 1 20 | sed "s/\$/ $n divisions, steps of $dt s, theta $theta/" | errors theirs "$right"
    done
  fi
  ours "$section" | errors ours "$right"
done
