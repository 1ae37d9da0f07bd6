#!/usr/bin/env bash
# Installs the locked packages, unless the lock file is the one already installed.
set -euo pipefail
cd "$(dirname "$0")"
installed=node_modules/.installed-lock.json
if ! cmp -s package-lock.json "$installed"; then
	npm ci --no-fund --no-audit
	cp package-lock.json "$installed"
fi
