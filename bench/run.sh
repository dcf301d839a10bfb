#!/usr/bin/env bash
# Measures speed, each figure beside what it is compared with, in one run. ./blenner bench calls it.
set -euo pipefail
cd "$(dirname "$0")/.."
work=$(mktemp -d)
trap 'kill $(jobs -p) 2>/dev/null || true; rm -rf "$work"' EXIT

mvn -B -ntp -q -pl core,web,server,bench -am package -DskipTests
mvn -B -ntp -q -pl core,bench compile dependency:build-classpath -Dmdep.outputFile="$work/cp"
cp="bench/target/classes:core/target/classes:$(cat "$work/cp")"

echo "== the core beside jsoup, in turns, at three sizes"
java -Xmx2g -cp "$cp" app.blenner.bench.Turns

echo "== how the work of the core grows with its text"
java -Xmx2g -cp "$cp" app.blenner.bench.GrowthTiming

echo "== all rules on a text, never seen and after a key"
java -Xmx512m -cp "$cp" app.blenner.bench.PreflightTiming

echo "== importing a .docx of 200 pages with 50 pictures within 512 MB, beside LibreOffice converting it to HTML"
java -cp "$cp" app.blenner.bench.ImportTiming make "$work/long.docx"
office() { soffice --headless "-env:UserInstallation=file://$work/office" --convert-to "html:HTML (StarWriter)" --outdir "$work/html" "$1" >/dev/null 2>&1; }
office "$work/long.docx" # makes its profile
for round in 1 2 3; do
  a=$(date +%s%N); java -Xmx512m -XX:+UseSerialGC -cp "$cp" app.blenner.bench.ImportTiming import "$work/long.docx" >"$work/import.log"
  b=$(date +%s%N); office "$work/long.docx"; c=$(date +%s%N)
  echo "blenner $(((b - a) / 1000000)) ms with the start of Java ($(cut -d, -f1 "$work/import.log") without), LibreOffice $(((c - b) / 1000000)) ms"
done

echo "== five sizes of a JPEG of 24 megapixels within 512 MB, beside ImageMagick making the same"
java -cp "$cp" app.blenner.bench.RenditionTiming make "$work/big.jpg"
for round in 1 2 3 4 5; do
  a=$(date +%s%N); java -Xmx512m -XX:+UseSerialGC -cp "$cp" app.blenner.bench.RenditionTiming run "$work/big.jpg" >"$work/made.log"
  b=$(date +%s%N); sizes=(); for w in 2560 1920 1440 1080 720; do sizes+=('(' +clone -resize "${w}x" -write "$work/$w.jpg" +delete ')'); done
  convert "$work/big.jpg" -filter Lanczos -quality 82 "${sizes[@]}" null:; c=$(date +%s%N)
  echo "blenner $(((b - a) / 1000000)) ms with the start of Java ($(cut -d, -f1 "$work/made.log") without), ImageMagick $(((c - b) / 1000000)) ms"
done

echo "== lists with their counts right after a change, the index by itself: 1,000 items beside 100,000, in turns"
mvn -B -ntp -q -pl core,spelling,web,server test-compile dependency:build-classpath -Dmdep.outputFile="$work/servercp"
java -Xmx1g -XX:+UseSerialGC -cp "server/target/test-classes:server/target/classes:core/target/classes:$(cat "$work/servercp")" \
  app.blenner.server.find.CountSpeed

port=8097
start() { # on which cores
  : >"$work/server.log"
  taskset -c "$1" java -XX:+UseSerialGC -Xmx512m -jar "$PWD/server/target/app/blenner-app.jar" --server.port=$port \
    --blenner.mode=demo --blenner.data="$work/data" --blenner.demo="$PWD/demo" >"$work/server.log" 2>&1 &
  server=$!
  until grep -q 'Stop with' "$work/server.log"; do kill -0 $server; sleep 0.2; done
}

echo "== a save request"
start 0,1
java -cp "$cp" app.blenner.bench.SaveTiming "http://localhost:$port"

echo "== an item of a kind with 60 fields beside an article, in turns"
java -cp "$cp" app.blenner.bench.FieldTiming "http://localhost:$port"
kill $server; wait $server 2>/dev/null || true

echo "== readers beside 200 who send slowly or nothing, for two minutes"
start 0,1
java -cp "$cp" app.blenner.bench.SlowClientTiming "http://localhost:$port" 120

echo "== how the database's file grows, and what a start makes of it"
java -cp "$cp" app.blenner.bench.FileGrowth "http://localhost:$port" "$work/data" 3000
kill $server; wait $server 2>/dev/null || true
start 0,1; echo "after a start: $(($(stat -c %s "$work/data/blenner.mv.db") / 1000000)) MB"
kill $server; wait $server 2>/dev/null || true

echo "== saves beside a hundred pictures that come in, in turns"
rm -rf "$work/data"
start 0,1
java -cp "$cp" app.blenner.bench.AssetTiming upload "http://localhost:$port"
kill $server; wait $server 2>/dev/null || true

echo "== finding among assets, at 1, 10 and 100 times the number"
h2=$(ls ~/.m2/repository/com/h2database/h2/*/h2-*.jar | sort | tail -1)
for many in 500 5000 50000; do
  rm -rf "$work/data"
  start 0,1; kill $server; wait $server 2>/dev/null || true
  java -cp "$h2" org.h2.tools.RunScript -url "jdbc:h2:file:$work/data/blenner" -user blenner -script <(echo "
    insert into asset (name, title, alternative, credit, added_at, file, kind, words)
    select 'copy-' || x || '-' || a.name, a.title || ' ' || x, case when mod(x, 9) = 0 then '' else a.alternative end, a.credit,
      dateadd('MINUTE', -x, a.added_at), a.file, a.kind, lower(a.words || ' ' || x)
    from asset a, system_range(1, $((many / 20))) where a.file is not null;")
  start 0,1
  java -cp "$cp" app.blenner.bench.AssetTiming find "http://localhost:$port"
  kill $server; wait $server 2>/dev/null || true
done
rm -rf "$work/data"

echo "== public pages on one core, Blenner beside nginx serving the same bytes from a file"
start 0
page=/research/thirty-years-of-readings
mkdir -p "$work/www$(dirname $page)"
curl -s "http://localhost:$port$page" -o "$work/www$page"
gzip -k "$work/www$page"
cat >"$work/nginx.conf" <<EOF
worker_processes 1;
pid $work/nginx.pid;
error_log $work/nginx-error.log;
events { worker_connections 256; }
http {
  access_log off; sendfile on; keepalive_requests 1000000;
  default_type text/html; client_body_temp_path $work/b; proxy_temp_path $work/p; fastcgi_temp_path $work/f; uwsgi_temp_path $work/u; scgi_temp_path $work/s;
  server { listen 8098; root $work/www; gzip_static on; }
}
EOF
chmod 755 "$work"
taskset -c 0 nginx -c "$work/nginx.conf" -g 'daemon off; user root;' &
sleep 1
load() { taskset -c 1 wrk -t1 -c16 -d"$2"s -H "Accept-Encoding: ${3:-gzip}" "$1$page" | awk '/Requests\/sec/ { print $2 }'; }
echo "page: $(stat -c %s "$work/www$page") bytes"
load "http://localhost:$port" 8 >/dev/null # the JVM compiles what is hot
load "http://localhost:8098" 2 >/dev/null
for round in 1 2 3 4 5 6 7; do
  echo "$(load "http://localhost:$port" 3) $(load "http://localhost:8098" 3)"
done | awk '{ r = $1 / $2; print "blenner " $1 "/s  nginx " $2 "/s  ratio " sprintf("%.2f", r); print r > "'"$work"'/ratios" }'
sort -n "$work/ratios" | awk '{ r[NR] = $1 } END { printf "ratio, median of %d rounds %.2f (%.2f to %.2f; target: at least 0.50)\n", NR, r[int((NR + 1) / 2)], r[1], r[NR] }'
echo "and to who takes nothing compressed:"
for round in 1 2 3; do
  echo "$(load "http://localhost:$port" 3 identity) $(load "http://localhost:8098" 3 identity)"
done | awk '{ print "blenner " $1 "/s  nginx " $2 "/s  ratio " sprintf("%.2f", $1 / $2) }'

echo "== Lighthouse on the front page, a section and an item"
bash bench/lighthouse.sh "$work/lighthouse" "http://localhost:$port"

echo "== the sheet in Chromium, at three sizes"
mvn -B -ntp -pl e2e -am verify -Dtest=SheetSpeed -Dtests.required=false -Dsurefire.failIfNoSpecifiedTests=false >"$work/sheet.log" 2>&1 || { tail -40 "$work/sheet.log"; exit 1; }
grep -A3 '^words  pictures' "$work/sheet.log"

echo "== all rules beside axe-core, on one text in turns"
mvn -B -ntp -pl e2e -am verify -Dtest=RulesSpeed -Dtests.required=false -Dsurefire.failIfNoSpecifiedTests=false >"$work/rules.log" 2>&1 || { tail -40 "$work/rules.log"; exit 1; }
grep 'axe-core .* ratio' "$work/rules.log"

echo "== a paragraph read for its language"
java -cp "$cp" app.blenner.bench.SpellingTiming spelling/target

echo "== the worklist, search and public pages among 1,000 and 100,000 items, in turns"
many() { # how many, at which port
  java -cp "$cp" app.blenner.bench.SiteOfMany "$work/site$1" "$1"
  java -XX:+UseSerialGC -Xmx512m -jar "$PWD/server/target/app/blenner-app.jar" --server.port="$2" \
    --blenner.mode=demo --blenner.data="$work/data$1" --blenner.demo="$work/site$1" >"$work/many$1.log" 2>&1 &
  until grep -q 'The index of' "$work/many$1.log"; do kill -0 $!; sleep 1; done
}
many 1000 8091
many 100000 8092
java -cp "$cp" app.blenner.bench.FindTiming http://localhost:8091 http://localhost:8092

echo "== the site report over 1,000 and 100,000 items"
java -cp "$cp" app.blenner.bench.ReportTiming http://localhost:8091
java -cp "$cp" app.blenner.bench.ReportTiming http://localhost:8092

echo "== a site of years is brought in where one is: how long, and how long editors wait meanwhile"
java -cp "$cp" app.blenner.bench.RealSite "$work/years" 20000
(cd "$work/years" && zip -qr ../years.zip .)
rm -rf "$work/data"
start 0,1
java -cp "$cp" app.blenner.bench.BringInTiming "http://localhost:$port" "$work/years.zip" "$work/data/blenner.mv.db"
kill $server; wait $server 2>/dev/null || true
