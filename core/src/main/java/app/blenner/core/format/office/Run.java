package app.blenner.core.format.office;

import org.jsoup.nodes.Element;
import org.jsoup.nodes.TextNode;

/** How a run of characters is set; what a run does not say, it has from the one around it. */
public final class Run {
  public Boolean bold;
  public Boolean italic;
  public Boolean underline;
  public Boolean struck;
  public Boolean hidden;

  /** {@code super}, {@code sub} or {@code baseline}; null where it is not said. */
  public String position;

  public String font;

  /** In points. */
  public Double size;

  /** As {@code #rrggbb}; empty for the text's own. */
  public String colour;

  public String highlight;
  public String language;

  /** This, and what it does not say from another. */
  public Run overlaidOn(Run below) {
    Run out = new Run();
    out.bold = bold != null ? bold : below.bold;
    out.italic = italic != null ? italic : below.italic;
    out.underline = underline != null ? underline : below.underline;
    out.struck = struck != null ? struck : below.struck;
    out.hidden = hidden != null ? hidden : below.hidden;
    out.position = position != null ? position : below.position;
    out.font = font != null ? font : below.font;
    out.size = size != null ? size : below.size;
    out.colour = colour != null ? colour : below.colour;
    out.highlight = highlight != null ? highlight : below.highlight;
    out.language = language != null ? language : below.language;
    return out;
  }

  /** This without what every character of the text has anyway, so that it need not be said. */
  public Run beyond(Run usual) {
    Run out = overlaidOn(new Run());
    out.font = same(font, usual.font) ? null : font;
    out.size = same(size, usual.size) ? null : size;
    out.colour = same(colour, usual.colour) || "#000000".equals(colour) ? null : colour;
    out.language = same(language, usual.language) ? null : language;
    return out;
  }

  private static boolean same(Object a, Object b) {
    return a != null && a.equals(b);
  }

  public boolean isHidden() {
    return Boolean.TRUE.equals(hidden);
  }

  /** Puts characters set so at the end of an element; gives back where more of the run goes. */
  public Element into(Element parent) {
    Element at = parent;
    StringBuilder style = new StringBuilder();
    if (font != null && !font.isEmpty()) {
      style.append("font-family: '").append(font.replace("'", "")).append("'; ");
    }
    if (size != null) {
      style.append("font-size: ").append(size).append("pt; ");
    }
    if (colour != null && !colour.isEmpty()) {
      style.append("color: ").append(colour).append("; ");
    }
    if (highlight != null && !highlight.isEmpty()) {
      style.append("background-color: ").append(highlight).append("; ");
    }
    if (style.length() > 0 || (language != null && !language.isEmpty())) {
      at = at.appendElement("span");
      if (style.length() > 0) {
        at.attr("style", style.toString().strip());
      }
      if (language != null && !language.isEmpty()) {
        at.attr("lang", language);
      }
    }
    at = Boolean.TRUE.equals(bold) ? at.appendElement("strong") : at;
    at = Boolean.TRUE.equals(italic) ? at.appendElement("em") : at;
    at = Boolean.TRUE.equals(underline) ? at.appendElement("u") : at;
    at = Boolean.TRUE.equals(struck) ? at.appendElement("s") : at;
    at = "super".equals(position) ? at.appendElement("sup") : at;
    at = "sub".equals(position) ? at.appendElement("sub") : at;
    return at;
  }

  /** Puts characters set so at the end of an element. */
  public void write(Element parent, String text) {
    if (!text.isEmpty() && !isHidden()) {
      into(parent).appendChild(new TextNode(text));
    }
  }
}
