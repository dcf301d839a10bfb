package app.blenner.core.intake;

/**
 * What a clipboard or a file gives.
 *
 * @param html the text as HTML; empty where there is none
 * @param text the text without any form; empty where there is none
 */
public record IntakeSource(String html, String text) {
  public IntakeSource {
    html = html == null ? "" : html;
    text = text == null ? "" : text;
  }

  /** Only HTML. */
  public static IntakeSource ofHtml(String html) {
    return new IntakeSource(html, "");
  }

  /** Only plain text. */
  public static IntakeSource ofText(String text) {
    return new IntakeSource("", text);
  }
}
