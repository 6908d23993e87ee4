#!/usr/bin/env bash
# What each of the solver's own constants costs and errs: four dishes with core as it is, with all constants fine, and with one
# constant changed at a time, in a copy of the sources. A minute or two; docs/model.md has the table.
#   mvn -q -DskipTests package -pl bench -am && bench/solver-constants.sh
set -euo pipefail
ROOT=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
WORK=$(mktemp -d)
LIBRARIES=$ROOT/bench/target/classes:$ROOT/core/target/classes:$(find "${MAVEN_REPOSITORY:-$HOME/.m2/repository}/org/hipparchus" -name '*.jar' | tr '\n' ':')
trap 'rm -rf "$WORK"' EXIT

run() {
  local name=$1 changed=${2:-}
  rm -rf "$WORK/src" "$WORK/out"
  cp -r "$ROOT/core/src/main/java" "$WORK/src"
  mkdir "$WORK/out"
  sed -i -e "$changed" "$WORK"/src/olla/core/heat/{SectionSolver,SectionFaces,Capacities,Contacts,MeshBuilder}.java
  [ -z "$changed" ] || ! diff -rq "$ROOT/core/src/main/java" "$WORK/src" >/dev/null || { echo "$name: no such constant" >&2; return 1; }
  javac -nowarn -d "$WORK/out" -cp "$LIBRARIES" "$WORK"/src/olla/core/heat/[A-Z]*.java "$WORK"/src/olla/core/simulation/[A-Z]*.java
  java -cp "$WORK/out:$LIBRARIES" olla.bench.FourDishes "$name"
}

echo "constants | portion on a tray | from frozen | whole in salt | topped, grilled"
run "as they are"
run "all fine" 's/FINE_K = [0-9.]*/FINE_K = 0.03/;s/AVERAGE_OFF_K = [0-9.]*/AVERAGE_OFF_K = 1/;s/MOST_OFF_K = [0-9.]*/MOST_OFF_K = 4/;s/LONGEST_WET_S = [0-9.]*/LONGEST_WET_S = 20/;s/LobattoRule(24)/LobattoRule(120)/'
for value in 0.1 1; do run "step wrong by $value K" "s/FINE_K = [0-9.]*/FINE_K = $value/"; done
for value in 0.03 1; do run "elsewhere $value" "s/ELSEWHERE = [0-9.]*/ELSEWHERE = $value/"; done
for value in 1 20; do run "worst $value" "s/WORST = [0-9.]*/WORST = $value/"; done
for value in 3 12; do run "off $value K" "s/AVERAGE_OFF_K = [0-9.]*/AVERAGE_OFF_K = $value/;s/ MOST_OFF_K = [0-9.]*/ MOST_OFF_K = 4 * $value/"; done
for value in 0 10; do run "secants $value" "s/MOST_SECANTS = [0-9]*/MOST_SECANTS = $value/"; done
for value in 1 1000; do run "first stage off $value" "s/FIRST_STAGE_OFF = [0-9.]*/FIRST_STAGE_OFF = $value/"; done
for value in 0.9 0.2; do run "near enough $value" "s/NEAR_ENOUGH = [0-9.]*/NEAR_ENOUGH = $value/"; done
for value in 60 1000; do run "longest wet $value s" "s/LONGEST_WET_S = [0-9.]*/LONGEST_WET_S = $value/"; done
for value in 2 10; do run "growth $value" "s/MOST_GROWTH = [0-9.]*/MOST_GROWTH = $value/"; done
for value in 1 16; do run "first step $value s" "s/FIRST_STEP_S = [0-9.]*/FIRST_STEP_S = $value/"; done
for value in 5 40; do run "overshoot $value K" "s/OVERSHOOT_K = [0-9.]*/OVERSHOOT_K = $value/"; done
for value in 5e3 1e5; do run "steam $value" "s/STEAM_W_M2K = 2e4/STEAM_W_M2K = $value/"; done
for value in 12 40; do run "looks $value" "s/LobattoRule(24)/LobattoRule($value)/"; done
for value in 2e4 1e6; do run "best contact $value" "s/BEST_CONTACT_W_M2K = 1e5/BEST_CONTACT_W_M2K = $value/"; done
for value in 0.3 0.6; do run "ring $value" "s/RING_DEPTH = [0-9.]*/RING_DEPTH = $value/"; done
