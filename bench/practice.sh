#!/usr/bin/env bash
# What choosing the exercises is worth against drawing them; docs/truth.md has what came of it. practice.sh [learners] [first seed]
#   mvn -q -DskipTests package -pl standin -am && bench/practice.sh 40
set -euo pipefail
exec "$(dirname "${BASH_SOURCE[0]}")/run-class.sh" olla.practice.rounds.LearnerReport "$@"
