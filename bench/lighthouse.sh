#!/usr/bin/env bash
# Judges the front page, a section and an item of a running site by Lighthouse: three rounds each, and the middle one.
# bench/lighthouse.sh FOLDER ADDRESS
set -euo pipefail
folder=$1
site=$2
npm install --no-audit --no-fund --silent --prefix "$folder" lighthouse@12.8.2 >/dev/null
export CHROME_PATH=${CHROME_PATH:-/usr/bin/chromium}
for path in / /night-sky /visit/a-red-torch-and-four-other-things-to-bring; do
  for round in 1 2 3; do
    node "$folder/node_modules/lighthouse/cli/index.js" "$site$path" --quiet --output=json --output-path="$folder/$round.json" \
      --chrome-flags="--headless=new --no-sandbox --disable-gpu --disable-quic --disable-background-networking"
  done
  node -e '
    const runs = [1, 2, 3].map((n) => JSON.parse(require("fs").readFileSync(`${process.argv[1]}/${n}.json`)).categories)
    const middle = (name) => runs.map((r) => Math.round(r[name].score * 100)).sort((a, b) => a - b)[1]
    const of = { speed: "performance", accessibility: "accessibility", practice: "best-practices", search: "seo" }
    console.log(process.argv[2], Object.entries(of).map(([said, name]) => `${said} ${middle(name)}`).join(", "))
  ' "$folder" "$path"
done
