#!/usr/bin/env bash
# What Olla says, held against a kitchen that is not its model; docs/truth.md has what came of it. truth.sh [bakes] [kitchens] [first seed]
#   mvn -q -DskipTests package -pl standin -am && bench/truth.sh 500 8
set -euo pipefail
exec "$(dirname "${BASH_SOURCE[0]}")/run-class.sh" olla.practice.kitchen.TruthReport "$@"
