package app.blenner.core.media;

import app.blenner.core.picture.BrokenPictureException;
import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;

/**
 * Makes of a drawing in SVG one that is nothing but a drawing: no script, nothing that answers to a press, nothing fetched
 * from elsewhere, no data of the program it was drawn with. What is written is written again, element by element, so that
 * nothing gets through by the way it was put. Source: SVG 2, Scalable Vector Graphics, W3C Candidate Recommendation.
 */
public final class SvgCleaning {
  private static final String SVG = "http://www.w3.org/2000/svg";
  private static final String XLINK = "http://www.w3.org/1999/xlink";
  private static final String XML = "http://www.w3.org/XML/1998/namespace";
  private static final long LARGEST = 10_000_000;
  private static final int DEEPEST = 500;

  /** What a drawing is made of; of other elements nothing stays. */
  private static final Set<String> KEPT =
      Set.of(
          ("svg g defs symbol use switch path rect circle ellipse line polyline polygon text tspan textPath title desc"
                  + " linearGradient radialGradient stop clipPath mask pattern marker image style view filter feBlend"
                  + " feColorMatrix feComponentTransfer feComposite feConvolveMatrix feDiffuseLighting"
                  + " feDisplacementMap feDistantLight feDropShadow feFlood feFuncA feFuncB feFuncG feFuncR"
                  + " feGaussianBlur feImage feMerge feMergeNode feMorphology feOffset fePointLight"
                  + " feSpecularLighting feSpotLight feTile feTurbulence")
              .split(" "));

  private static final Pattern OWN_PICTURE =
      Pattern.compile("data:image/(png|jpeg|gif|webp);base64,[A-Za-z0-9+/=\\s]*");
  private static final Pattern ELSEWHERE =
      Pattern.compile("url\\s*\\(\\s*['\"]?\\s*(?!#|['\"\\s])|@import|\\\\|image-set|src\\s*\\(");
  private static final Pattern CSS_NOTE = Pattern.compile("/\\*.*?\\*/", Pattern.DOTALL);

  private final XMLStreamReader in;
  private final StringBuilder out = new StringBuilder();
  private int depth;

  private SvgCleaning(XMLStreamReader in) {
    this.in = in;
  }

  /**
   * A drawing without anything that is not drawing, in UTF-8.
   *
   * @throws BrokenPictureException where it is no drawing in SVG, or no end of one
   */
  public static String clean(Path file) throws IOException, BrokenPictureException {
    if (Files.size(file) > LARGEST) {
      throw new BrokenPictureException(
          "It is a drawing of more than 10 MB; bring it in as a picture.");
    }
    XMLInputFactory factory = XMLInputFactory.newDefaultFactory();
    factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
    factory.setProperty(XMLInputFactory.IS_COALESCING, true);
    factory.setXMLResolver((p, s, b, n) -> InputStream.nullInputStream());
    factory.setProperty("jdk.xml.totalEntitySizeLimit", "200000");
    factory.setProperty("jdk.xml.entityExpansionLimit", "2000");
    try (InputStream bytes = new BufferedInputStream(Files.newInputStream(file))) {
      SvgCleaning cleaning = new SvgCleaning(factory.createXMLStreamReader(bytes));
      cleaning.takeDocument();
      return cleaning.out.toString();
    } catch (XMLStreamException | RuntimeException e) {
      throw new BrokenPictureException("This drawing is broken: it is no XML that could be read.");
    }
  }

  private void takeDocument() throws XMLStreamException, BrokenPictureException {
    while (in.hasNext()) {
      switch (in.next()) {
        case XMLStreamConstants.START_ELEMENT -> start();
        case XMLStreamConstants.END_ELEMENT -> {
          depth--;
          if (!in.getLocalName().equals("a")) {
            out.append("</").append(in.getLocalName()).append('>');
          }
        }
        case XMLStreamConstants.CHARACTERS, XMLStreamConstants.CDATA -> text(in.getText(), false);
        default -> {} // comments, instructions and declarations are no drawing
      }
    }
    if (out.isEmpty()) {
      throw new BrokenPictureException("There is no drawing in this file.");
    }
  }

  private void start() throws XMLStreamException, BrokenPictureException {
    String name = in.getLocalName();
    boolean ours = in.getNamespaceURI() == null || in.getNamespaceURI().equals(SVG);
    if (++depth > DEEPEST) {
      throw new BrokenPictureException(
          "This drawing holds more groups within each other than anybody draws.");
    } else if (depth == 1 && !(ours && name.equals("svg"))) {
      throw new BrokenPictureException("There is no drawing in this file.");
    } else if (ours && name.equals("a")) {
      return; // what a link holds is drawing, where it leads is not
    } else if (!ours || !KEPT.contains(name)) {
      skip();
      return;
    } else if (name.equals("style")) {
      style();
      return;
    }
    out.append('<').append(name);
    if (depth == 1) {
      attribute("xmlns", SVG);
    }
    for (int i = 0; i < in.getAttributeCount(); i++) {
      attribute(in.getAttributeNamespace(i), in.getAttributeLocalName(i), in.getAttributeValue(i));
    }
    out.append('>');
  }

  /** Passes over an element and all in it. */
  private void skip() throws XMLStreamException {
    int open = 1;
    while (open > 0) {
      int event = in.next();
      open += event == XMLStreamConstants.START_ELEMENT ? 1 : 0;
      open -= event == XMLStreamConstants.END_ELEMENT ? 1 : 0;
    }
    depth--;
  }

  private void style() throws XMLStreamException {
    StringBuilder css = new StringBuilder();
    int open = 1;
    while (open > 0) {
      int event = in.next();
      open += event == XMLStreamConstants.START_ELEMENT ? 1 : 0;
      open -= event == XMLStreamConstants.END_ELEMENT ? 1 : 0;
      if (event == XMLStreamConstants.CHARACTERS || event == XMLStreamConstants.CDATA) {
        css.append(in.getText());
      }
    }
    depth--;
    String rules = CSS_NOTE.matcher(css).replaceAll("");
    if (staysHere(rules)) {
      out.append("<style>");
      text(rules, false);
      out.append("</style>");
    }
  }

  private void attribute(String space, String name, String value) {
    boolean plain = space == null || space.isEmpty();
    if (space != null && space.equals(XML)) {
      if (!name.equals("base")) {
        attribute("xml:" + name, value);
      }
    } else if (name.equals("href") && (plain || space.equals(XLINK))) {
      boolean within = value.strip().startsWith("#");
      boolean drawn = in.getLocalName().endsWith("mage") && OWN_PICTURE.matcher(value).matches();
      if (within || drawn) {
        attribute("href", value.strip());
      }
    } else if (plain && !name.toLowerCase(Locale.ROOT).startsWith("on") && staysHere(value)) {
      attribute(name, value);
    }
  }

  /** Whether a value has nothing fetched from outside the drawing. */
  private static boolean staysHere(String value) {
    return !ELSEWHERE.matcher(value.toLowerCase(Locale.ROOT)).find();
  }

  private void attribute(String name, String value) {
    out.append(' ').append(name).append("=\"");
    text(value, true);
    out.append('"');
  }

  private void text(String text, boolean within) {
    text.codePoints()
        .forEach(
            c -> {
              switch (c) {
                case '&' -> out.append("&amp;");
                case '<' -> out.append("&lt;");
                case '>' -> out.append("&gt;");
                case '"' -> out.append(within ? "&quot;" : "\"");
                case '\n', '\t' -> out.append(within ? " " : Character.toString(c));
                default -> out.appendCodePoint(c);
              }
            });
  }
}
