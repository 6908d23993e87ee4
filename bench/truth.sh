#!/usr/bin/env bash
# What Olla says, held against a kitchen that is not its model; docs/truth.md has what came of it. truth.sh [bakes] [kitchens] [first seed]
#   mvn -q -DskipTests package -pl standin -am && bench/truth.sh 500 8
set -euo pipefail
ROOT=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
WORK=$(mktemp -d)
trap 'rm -rf "$WORK"' EXIT
unzip -q "$ROOT/server/target/olla-server-0.1.0-app.jar" 'BOOT-INF/lib/*' -d "$WORK"
java -cp "$ROOT/standin/target/olla-standin-0.1.0.jar:$(find "$WORK" -name '*.jar' | tr '\n' ':')" \
  olla.standin.kitchen.TruthReport "$@"
