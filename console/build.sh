#!/usr/bin/env bash
# Builds the page when something it is made from is newer than it.
set -euo pipefail
cd "$(dirname "${BASH_SOURCE[0]}")"

if [ ! -f node_modules/.package-lock.json ] || [ package-lock.json -nt node_modules/.package-lock.json ]; then
  npm ci --silent
  touch node_modules/.package-lock.json
fi
contract=../service/src/main/resources/openapi.yaml
if [ -f dist/index.html ] && [ -f src/api/contract.ts ] && [ -z "$(find src public index.html \
  package-lock.json vite.config.ts tsconfig.json "$contract" -type f -newer dist/index.html -print -quit)" ]; then
  exit 0
fi
npm run --silent build
