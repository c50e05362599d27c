#!/usr/bin/env bash
# Installs the packages the lock file names, and does nothing when they are there already.
set -euo pipefail
cd "$(dirname "$0")"
stamp=node_modules/.installed-lock
if [ -f "$stamp" ] && cmp -s "$stamp" package-lock.json; then exit 0; fi
npm ci --no-audit --no-fund
cp package-lock.json "$stamp"
