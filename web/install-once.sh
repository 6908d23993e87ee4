#!/bin/sh
# Installs the front end's packages where the lock file has changed since they were last installed.
set -e
if [ -f node_modules/.package-lock.json ] && [ node_modules/.package-lock.json -nt package-lock.json ]; then
  exit 0
fi
npm ci --no-audit --no-fund --loglevel=error
touch node_modules/.package-lock.json
