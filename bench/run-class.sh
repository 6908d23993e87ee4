#!/usr/bin/env bash
# Runs a class of the built application with all that it stands on: run-class.sh CLASS [arguments]
set -euo pipefail
ROOT=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
WORK=$(mktemp -d)
trap 'rm -rf "$WORK"' EXIT
unzip -q "$ROOT/server/target/olla-server-0.1.0-app.jar" 'BOOT-INF/lib/*' -d "$WORK"
java -cp "$(find "$WORK" -name '*.jar' | tr '\n' ':')" "$@"
