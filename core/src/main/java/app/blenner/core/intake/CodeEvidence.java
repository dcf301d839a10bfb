package app.blenner.core.intake;

import java.util.List;
import java.util.regex.Pattern;

/** Whether lines are a program and not prose: by how they end, begin and are indented. */
final class CodeEvidence {
  private static final int FEWEST_LINES = 2;
  private static final double SHARE = 0.5;

  /** What lines of programs end in or consist of, and lines of prose do not. */
  private static final Pattern LINE =
      Pattern.compile(
          "[;{}\\[\\]]\\s*$|\\)\\s*[:{;]?\\s*$|^\\s*[})\\]]|^\\s*(?://|/\\*|\\*|#|--|<!--)|=>|==|!=|&&|\\|\\||\\+=|::|->|</?\\w+[^>]*>"
              + "|^\\s*(?:def|class|function|const|let|var|import|from|return|if|for|while|public|private|static|package|using|func|fn)\\b.*[:;({=\\])]"
              + "|\\w+\\(.*\\)|\\w+\\[.*\\]|^\\s*\\w+\\s*=\\s*\\S|^\\s*return\\b|^\\s*\"[^\"]+\":");

  /** A line that begins with a capital and ends as a sentence does. */
  private static final Pattern SENTENCE =
      Pattern.compile("^\\s*\\p{Lu}[\\p{L}’']*(?:[ ,]+[\\p{L}’']+){3,}.*[.!?…]\\s*$");

  private CodeEvidence() {}

  /** Whether a text is a program, as far as can be told. */
  static boolean isCode(String text) {
    List<String> lines = text.lines().filter(l -> !l.isBlank()).toList();
    if (lines.size() < FEWEST_LINES) {
      return false;
    }
    long code = lines.stream().filter(l -> LINE.matcher(l).find()).count();
    long prose = lines.stream().filter(l -> SENTENCE.matcher(l).matches()).count();
    return code >= SHARE * lines.size() && prose * 4 < lines.size();
  }

  /** The same where nothing but the lines themselves speaks for it: some of them are indented, too. */
  static boolean isCodeByItself(String text) {
    List<String> lines = text.lines().filter(l -> !l.isBlank()).toList();
    long indented = lines.stream().filter(l -> l.startsWith("  ") || l.startsWith("\t")).count();
    return lines.size() > FEWEST_LINES
        && indented > 0
        && isCode(text)
        && CodeLanguage.guess(text).isPresent();
  }
}
