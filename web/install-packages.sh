#!/usr/bin/env bash
# Installs the packages of the lock file, unless exactly these are installed already.
set -euo pipefail
cd "$(dirname "${BASH_SOURCE[0]}")"
stamp=node_modules/.installed-lock
if [ -f "$stamp" ] && cmp -s package-lock.json "$stamp"; then
  exit 0
fi
PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD=1 npm ci --prefer-offline --no-audit --no-fund --loglevel=error
cp package-lock.json "$stamp"
