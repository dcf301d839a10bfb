#!/usr/bin/env bash
# Makes the files of this folder anew from the texts in four languages, and from a letter: what word processors, converters,
# readers of Markdown and of PDF, mail and terminal programs of Debian's packages write of them.
set -euo pipefail
cd "$(dirname "${BASH_SOURCE[0]}")"
convert() { soffice --headless "-env:UserInstallation=file:///tmp/blenner-office" --convert-to "$1" --outdir . "$2" >/dev/null; }
for l in de fr ar he; do
  pandoc -f markdown $l.md -o $l.docx && pandoc -f markdown $l.md -o $l.odt
  pandoc -f markdown -s $l.md -o $l.pandoc.html
  convert "html:HTML (StarWriter)" $l.docx && mv $l.html $l.writer.html
  # LibreOffice leaves footnotes out.
  convert "txt:Text (encoded):UTF8" $l.docx && mv $l.txt $l.words && sed -n 's/^\[^1\]: //p' $l.md >>$l.words
  convert pdf $l.odt && pdftotext $l.pdf $l.viewer.txt && rm $l.pdf
  w3m -dump -cols 66 -I UTF-8 -O UTF-8 -T text/html $l.pandoc.html >$l.terminal.txt
  # Neither reader knows the head of the file.
  sed '1,/^# /{/^# /!d}' $l.md >$l.body && lowdown -thtml $l.body >$l.lowdown.html && markdown $l.body >$l.discount.html && rm $l.body
  # A spreadsheet with the table of the text.
  sed -n 's/^| *\(.*[^ ]\) *| *\(.*[^ ]\) *| *\(.*[^ ]\) *|$/\1;\2;\3/p' $l.md | grep -v '^:-' | tr ';' ',' >$l.csv && ssconvert -q $l.csv $l.gnumeric.html && rm $l.csv
  # LANG.chromium.html was copied from LANG.pandoc.html shown in Chromium and read off its clipboard.
done
mhonarc -single letter.eml >letter.mhonarc.html
