package app.blenner.core.intake;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jsoup.nodes.Element;

/**
 * In which language a program is written: by what the page says of it, or by what its lines look like. The signs of each
 * language are those that its grammar asks for in nearly every text; from memory.
 */
enum CodeLanguage {
  PYTHON(
      "python",
      "Python",
      "py|python3?|py3",
      "^\\s*(?:def \\w+\\(.*\\).*:|class \\w+.*:|(?:el)?if .+:|else:|for \\w+ in .+:|while .+:|try:|except.*:)\\s*$|^\\s*(?:from \\w[\\w.]* )?import \\w|^\\s*print\\(|\\bself\\.\\w|\\[.* for \\w+ in .*\\]"),
  JAVA(
      "java",
      "Java",
      "java",
      "^\\s*(?:public|private|protected) (?:static |final |abstract )*(?:class|interface|record|enum|void|\\w+(?:<.*>)?) \\w+|^import [\\w.]+\\*?;|System\\.out\\.|@Override|\\bnew \\w+(?:<.*>)?\\(.*;\\s*$"),
  JAVASCRIPT(
      "javascript",
      "JavaScript",
      "js|jsx|javascript|node|mjs",
      "^\\s*(?:const|let|var) [\\w{\\[].* = |=>|^\\s*(?:export |async )*function\\*? ?\\w*\\(|console\\.log\\(|^\\s*import .* from ['\"]|\\bdocument\\.\\w|==="),
  TYPESCRIPT(
      "typescript",
      "TypeScript",
      "ts|tsx|typescript",
      "^\\s*(?:export )?(?:interface|type) \\w+(?:<.*>)? ?[={]|: (?:string|number|boolean|void)\\b(?:\\[\\])?[ ,;)=]|^\\s*(?:private|public|readonly) \\w+: "),
  HTML(
      "html",
      "HTML",
      "html?|xhtml|markup|xml|svg",
      "^\\s*</?[a-zA-Z][\\w-]*(?:\\s[^>]*)?>|</\\w+>\\s*$|^\\s*<!(?:DOCTYPE|--)"),
  CSS(
      "css",
      "CSS",
      "css|scss|sass|less",
      "^\\s*[.#@]?[\\w-][\\w\\s.#:,>()\\[\\]=\"'*-]*\\{\\s*$|^\\s*[a-z-]+:\\s*[^;{}]+;\\s*$"),
  JSON(
      "json",
      "JSON",
      "json5?|jsonc",
      "^\\s*\"[^\"]+\"\\s*:\\s*.+,?\\s*$|^\\s*[\\[{]\\s*$|^\\s*[\\]}],?\\s*$"),
  SQL(
      "sql",
      "SQL",
      "sql|mysql|plsql|pgsql|postgres|sqlite",
      "(?i)^\\s*(?:select .+|from \\w|where .+[=<>]|order by |group by |insert into |update \\w+ set|delete from |create (?:table|index|view) |alter table |(?:left |inner )?join \\w)"),
  BASH(
      "bash",
      "a shell",
      "sh|bash|shell|zsh|console|shell-session",
      "^#!/.*sh\\b|^\\s*(?:fi|done|esac|then)\\s*$|^\\s*(?:for \\w+ in .*|while .*|if \\[.*); (?:do|then)|\\$\\{?\\w+\\}?\"?|^\\s*(?:\\$ |sudo |cd |mkdir |echo |apt(?:-get)? |git |npm |mvn |export \\w+=)"),
  C(
      "c",
      "C",
      "c|h",
      "^#include [<\"]|^\\s*(?:int|char|void|static|unsigned|struct|double|float) \\*?\\w+.*[;({]|\\bprintf\\(|->\\w"),
  CPP(
      "cpp",
      "C++",
      "cpp|c\\+\\+|cc|hpp|cxx",
      "\\bstd::|^#include <\\w+>|\\bcout <<|^\\s*template ?<|^using namespace "),
  CSHARP(
      "csharp",
      "C#",
      "cs|csharp|c#",
      "^using [\\w.]+;|^namespace [\\w.]+|Console\\.Write|\\bstring\\[\\]|\\{ get; "),
  PHP("php", "PHP", "php", "<\\?php|\\$\\w+\\s*=|\\$this->|\\becho [\"$']"),
  RUBY(
      "ruby",
      "Ruby",
      "rb|ruby",
      "^\\s*def \\w+(?:\\(.*\\))?\\s*$|^\\s*end\\s*$|\\.each do \\||^\\s*require ['\"]|^\\s*puts "),
  GO("go", "Go", "go|golang", "^package \\w+|^func (?:\\(.*\\) )?\\w+\\(|:= |\\bfmt\\.\\w"),
  RUST(
      "rust",
      "Rust",
      "rs|rust",
      "^\\s*(?:pub )?fn \\w+|^\\s*let (?:mut )?\\w+|\\bimpl \\w|println!|^use \\w+::"),
  YAML("yaml", "YAML", "ya?ml", "^\\s*(?:- )?[\\w.-]+:(?: [^{;]*)?$|^\\s*- \\S+$|^---$"),
  INI(
      "ini",
      "settings",
      "ini|toml|properties|conf",
      "^\\[[\\w.-]+\\]\\s*$|^[\\w.-]+ ?= ?\\S.*[^;{]$");

  /** So many lines have to show a language, and so large a share of all, for it to be guessed. */
  private static final int FEWEST = 2;

  private static final double SHARE = 0.3;

  private static final Pattern NAMED =
      Pattern.compile(
          "(?i)(?:^|\\s)(?:language-|lang-|highlight-source-|brush:\\s*|sourceCode )([\\w+#-]+)");

  private static final String[] ATTRIBUTES = {
    "data-lang", "data-language", "data-code-language", "lang-name"
  };

  private final String id;
  private final String label;
  private final Pattern names;
  private final Pattern line;

  CodeLanguage(String id, String label, String names, String line) {
    this.id = id;
    this.label = label;
    this.names = Pattern.compile(names);
    this.line = Pattern.compile(line);
  }

  /** Its short name, as a block of code has it. */
  String id() {
    return id;
  }

  /** What somebody is told whose text was taken for it. */
  String note() {
    return "What looks like " + label + " is kept as code, with every space.";
  }

  /** The short name that a page gives the language of an element, or one around or right inside it; empty where it gives none. */
  static String named(Element code) {
    Element inside = code.selectFirst("code, pre");
    String said = inside == null ? "" : ownName(inside);
    Element at = code;
    for (int up = 0; said.isEmpty() && at != null && up < 3; up++) {
      said = ownName(at);
      at = at.parent();
    }
    String small = said.toLowerCase(Locale.ROOT);
    return Arrays.stream(values())
        .filter(l -> l.id.equals(small) || l.names.matcher(small).matches())
        .map(CodeLanguage::id)
        .findFirst()
        .orElse(small);
  }

  private static String ownName(Element e) {
    Matcher named = NAMED.matcher(e.className());
    if (named.find()) {
      return named.group(1);
    }
    for (String name : ATTRIBUTES) {
      if (!e.attr(name).isBlank()) {
        return e.attr(name).strip();
      }
    }
    return "";
  }

  /** The language that most lines of a text show; empty where none is shown by enough of them. */
  static Optional<CodeLanguage> guess(String text) {
    String[] lines = text.lines().filter(l -> !l.isBlank()).limit(200).toArray(String[]::new);
    CodeLanguage best = null;
    int most = 0;
    for (CodeLanguage language : values()) {
      int shown = (int) Arrays.stream(lines).filter(l -> language.line.matcher(l).find()).count();
      if (shown > most) {
        most = shown;
        best = language;
      }
    }
    boolean sure = most >= FEWEST && most >= SHARE * lines.length;
    return sure ? Optional.ofNullable(best) : Optional.empty();
  }
}
