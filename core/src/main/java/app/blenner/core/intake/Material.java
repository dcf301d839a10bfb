package app.blenner.core.intake;

/**
 * What a clipboard or a file gives.
 *
 * @param html the text as HTML; empty where there is none
 * @param text the text without any form; empty where there is none
 */
public record Material(String html, String text) {
  public Material {
    html = html == null ? "" : html;
    text = text == null ? "" : text;
  }

  /** Only HTML. */
  public static Material html(String html) {
    return new Material(html, "");
  }

  /** Only plain text. */
  public static Material text(String text) {
    return new Material("", text);
  }
}
