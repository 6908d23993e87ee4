#!/usr/bin/env bash
# What each of the solver's own constants costs and errs: four dishes with core as it is, with all constants fine, and with one
# constant changed at a time, in a copy of the sources. A minute or two; docs/model.md has the table.
#   mvn -q -DskipTests package -pl bench -am && bench/solver-constants.sh
set -euo pipefail
ROOT=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
WORK=$(mktemp -d)
LIBRARIES=$ROOT/bench/target/classes:$(find "${MAVEN_REPOSITORY:-$HOME/.m2/repository}/org/hipparchus" -name '*.jar' | tr '\n' ':')
trap 'rm -rf "$WORK"' EXIT

run() {
  local name=$1 changed=${2:-}
  rm -rf "$WORK/src" "$WORK/out"
  cp -r "$ROOT/core/src/main/java" "$WORK/src"
  mkdir "$WORK/out"
  sed -i -e "$changed" "$WORK"/src/olla/core/heat/Section{Solver,Builder}.java
  [ -z "$changed" ] || ! diff -rq "$ROOT/core/src/main/java" "$WORK/src" >/dev/null || { echo "$name: no such constant" >&2; return 1; }
  javac -nowarn -d "$WORK/out" -cp "$LIBRARIES" $(find "$WORK/src" -name '*.java' ! -name package-info.java)
  java -cp "$WORK/out:$LIBRARIES" olla.bench.FourDishes "$name"
}

echo "constants | portion on a tray | from frozen | whole in salt | topped, grilled"
run "as they are"
run "all fine" 's/SAFETY = [0-9.]*/SAFETY = 0.2/;s/REFRESH_S = [0-9.]*/REFRESH_S = 2/;s/TANGENT_HOLDS_K = [0-9.]*/TANGENT_HOLDS_K = 0.05/;s/STIFFEST_FILM = [0-9.]*/STIFFEST_FILM = 1000/'
for value in 0.4 0.95; do run "safety $value" "s/SAFETY = [0-9.]*/SAFETY = $value/"; done
for value in 5 60 120; do run "refresh $value s" "s/REFRESH_S = [0-9.]*/REFRESH_S = $value/"; done
for value in 0.1 2; do run "tangent $value K" "s/TANGENT_HOLDS_K = [0-9.]*/TANGENT_HOLDS_K = $value/"; done
for value in 100 800; do run "stiffest film $value" "s/STIFFEST_FILM = [0-9.]*/STIFFEST_FILM = $value/"; done
for value in 0.2 0.5; do run "least half $value" "s/LEAST_HALF = [0-9.]*/LEAST_HALF = $value/"; done
for value in 100 1600; do run "chords $value" "s/CHORDS = [0-9]*/CHORDS = $value/"; done
