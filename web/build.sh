#!/usr/bin/env bash
# Builds the front end into the folder named by the first argument; leaves it alone when nothing changed.
set -euo pipefail
cd "$(dirname "$0")"
out=$1
types=src/shared/api/schema.d.ts
if [ ! -d node_modules ] || [ package-lock.json -nt node_modules/.package-lock.json ]; then
  # Not `npm ci`: it refuses a lock file that lacks the optional builds for other platforms, and not every registry
  # has them all. Versions come from the lock file all the same.
  npm install --no-audit --no-fund --loglevel=error
fi
# The front end's types are made from the server's own description of its interface.
if [ ! -f "$types" ] || [ ../server/openapi.json -nt "$types" ]; then
  npm run -s types >/dev/null
fi
if [ -f "$out/index.html" ] &&
  [ -z "$(find src public index.html package-lock.json vite.config.ts tsconfig.json build.sh notice.mjs -newer "$out/index.html" -print -quit)" ]; then
  echo "web: unchanged"
  exit 0
fi
npx vite build --outDir "$out" --emptyOutDir --logLevel warn
node notice.mjs "$out/NOTICE.txt"
