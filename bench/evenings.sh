#!/usr/bin/env bash
# Random evenings, each cooked three times in a kitchen that is other than was said; docs/evenings.md has what came of it.
# A quarter of an hour for 100 of each kind on two cores. evenings.sh [how many of each kind] [first seed] [each]
#   mvn -q -DskipTests package -pl standin -am && bench/evenings.sh 100
set -euo pipefail
ROOT=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
WORK=$(mktemp -d)
trap 'rm -rf "$WORK"' EXIT
unzip -q "$ROOT/server/target/olla-server-0.1.0-app.jar" 'BOOT-INF/lib/*' -d "$WORK"
java -cp "$ROOT/standin/target/olla-standin-0.1.0.jar:$(find "$WORK" -name '*.jar' | tr '\n' ':')" \
  olla.standin.evenings.Evenings "$@" 2>/dev/null | grep -v ' ai.timefold\| io.micrometer'
