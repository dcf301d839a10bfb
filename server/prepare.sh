#!/usr/bin/env bash
# Lays the application out for a quick start: jars side by side instead of one in another, and an archive of its
# loaded classes, which the JVM maps in instead of reading and checking them anew. The archive knows the jar by its
# whole path, so both are named by that.
set -euo pipefail
cd "$(dirname "$0")/target"
[ app.jsa -nt blenner-app.jar ] && exit 0
rm -rf app app.jsa training training.log
java -Djarmode=tools -jar blenner-app.jar extract --destination app >/dev/null
java -XX:+UseSerialGC -Xmx512m -XX:ArchiveClassesAtExit=app.jsa -Xlog:cds=off -Xlog:cds+dynamic=off -Dspring.context.exit=onRefresh \
  -jar "$PWD/app/blenner-app.jar" --server.port=0 --blenner.prepared=true --blenner.mode=demo --blenner.data="$PWD/training" --blenner.demo="$PWD/../../demo" >training.log 2>&1 || true
[ -f app.jsa ] || { cat training.log; exit 1; }
# What is shipped, and under which licence.
{
  cat ../../NOTICE
  printf '\nThe server:\n\n'; grep '^ ' NOTICE.txt
  printf '\nThe reading of texts for their language:\n\n'; grep '^ ' ../../spelling/target/NOTICE.txt
  printf '\nThe editor in the browser:\n\n'; sed 's/^/     /' ../../web/target/classes/static/editor/NOTICE.txt
} >app/NOTICE
rm -rf training
