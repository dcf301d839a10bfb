#!/usr/bin/env bash
# Makes the files of this folder anew: LibreOffice writes the texts and the clipboard's kind of HTML.
# chromium.html was copied from a page in Chromium and read off its clipboard.
set -euo pipefail
cd "$(dirname "${BASH_SOURCE[0]}")"
convert() { soffice --headless "-env:UserInstallation=file:///tmp/blenner-office" --convert-to "$1" --outdir . "$2" >/dev/null; }
convert odt source.fodt && mv source.odt winter.odt
convert "docx:MS Word 2007 XML" source.fodt && mv source.docx winter.docx
convert "html:HTML (StarWriter)" source.fodt && mv source.html writer.html
convert "html:HTML (StarCalc)" cells.csv && mv cells.html calc.html
convert "txt:Text (encoded):UTF8" winter.odt && mv winter.txt winter.words
# LibreOffice prints the tracked deletion too, and leaves footnotes out.
sed -i 's/never always/always/' winter.words && echo "Measured at midnight." >>winter.words
# What other programs of Debian's packages write: a converter and two readers of Markdown, another
# spreadsheet, and a reader of PDF, whose text is what its viewers copy.
pandoc -f markdown source.md -o meter.docx && pandoc -f markdown source.md -o meter.odt
pandoc -f markdown -s source.md -o pandoc.html
convert "txt:Text (encoded):UTF8" meter.docx && mv meter.txt meter.words && echo "Even a red one." >>meter.words
sed '1,3d' source.md | cmark >cmark.html
ssconvert cells.csv gnumeric.html
convert pdf winter.odt && pdftotext winter.pdf viewer.txt && rm winter.pdf
