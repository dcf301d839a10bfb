package app.blenner.core.format.office;

import java.io.ByteArrayInputStream;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;

/**
 * An element of an XML part. Names carry the prefix their namespace usually has, whatever the file
 * calls it: {@code w:p}, {@code text:p}.
 */
public final class Xml {
  /** Deeper than any text somebody wrote. */
  private static final int DEEPEST = 300;

  private static final int MOST_ELEMENTS = 4_000_000;

  /** Namespaces of ECMA-376 (transitional and strict) and OpenDocument 1.3 by their usual prefix. */
  private static final Map<String, String> PREFIXES =
      Map.ofEntries(
          Map.entry("http://schemas.openxmlformats.org/wordprocessingml/2006/main", "w"),
          Map.entry("http://purl.oclc.org/ooxml/wordprocessingml/main", "w"),
          Map.entry("http://schemas.openxmlformats.org/officeDocument/2006/relationships", "r"),
          Map.entry("http://purl.oclc.org/ooxml/officeDocument/relationships", "r"),
          Map.entry("http://schemas.openxmlformats.org/package/2006/relationships", "rel"),
          Map.entry("http://schemas.openxmlformats.org/drawingml/2006/main", "a"),
          Map.entry("http://purl.oclc.org/ooxml/drawingml/main", "a"),
          Map.entry("http://schemas.openxmlformats.org/drawingml/2006/wordprocessingDrawing", "wp"),
          Map.entry("http://purl.oclc.org/ooxml/drawingml/wordprocessingDrawing", "wp"),
          Map.entry("http://schemas.microsoft.com/office/word/2010/wordprocessingShape", "wps"),
          Map.entry("http://schemas.microsoft.com/office/drawing/2017/decorative", "adec"),
          Map.entry("http://schemas.openxmlformats.org/markup-compatibility/2006", "mc"),
          Map.entry("http://schemas.openxmlformats.org/officeDocument/2006/math", "m"),
          Map.entry("http://purl.oclc.org/ooxml/officeDocument/math", "m"),
          Map.entry("urn:schemas-microsoft-com:vml", "v"),
          Map.entry("urn:schemas-microsoft-com:office:office", "o"),
          Map.entry("http://purl.org/dc/elements/1.1/", "dc"),
          Map.entry("urn:oasis:names:tc:opendocument:xmlns:office:1.0", "office"),
          Map.entry("urn:oasis:names:tc:opendocument:xmlns:text:1.0", "text"),
          Map.entry("urn:oasis:names:tc:opendocument:xmlns:table:1.0", "table"),
          Map.entry("urn:oasis:names:tc:opendocument:xmlns:style:1.0", "style"),
          Map.entry("urn:oasis:names:tc:opendocument:xmlns:drawing:1.0", "draw"),
          Map.entry("urn:oasis:names:tc:opendocument:xmlns:xsl-fo-compatible:1.0", "fo"),
          Map.entry("urn:oasis:names:tc:opendocument:xmlns:svg-compatible:1.0", "svg"),
          Map.entry("urn:oasis:names:tc:opendocument:xmlns:meta:1.0", "meta"),
          Map.entry("urn:oasis:names:tc:opendocument:xmlns:manifest:1.0", "manifest"),
          Map.entry("http://www.w3.org/1999/xlink", "xlink"),
          Map.entry("http://www.w3.org/XML/1998/namespace", "xml"));

  private final String name;
  private final Map<String, String> attributes;
  private final List<Object> content = new ArrayList<>(2);

  private Xml(String name, Map<String, String> attributes) {
    this.name = name;
    this.attributes = attributes;
  }

  /**
   * Reads a part.
   *
   * @throws UnreadableFileException where it is no XML, is nested too deeply, or refers to something outside
   */
  static Xml read(byte[] bytes) {
    XMLInputFactory factory = XMLInputFactory.newDefaultFactory();
    factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
    factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
    factory.setProperty(XMLInputFactory.IS_COALESCING, true);
    try {
      XMLStreamReader reader = factory.createXMLStreamReader(new ByteArrayInputStream(bytes));
      Deque<Xml> open = new ArrayDeque<>();
      Xml root = null;
      int elements = 0;
      while (reader.hasNext()) {
        switch (reader.next()) {
          case XMLStreamConstants.START_ELEMENT -> {
            if (open.size() >= DEEPEST || ++elements > MOST_ELEMENTS) {
              throw new UnreadableFileException(
                  "This file is nested more deeply than any text, so it was not read.");
            }
            Xml element = new Xml(name(reader), readAttributes(reader));
            if (open.isEmpty()) {
              root = element;
            } else {
              open.peek().content.add(element);
            }
            open.push(element);
          }
          case XMLStreamConstants.END_ELEMENT -> open.pop();
          case XMLStreamConstants.CHARACTERS,
              XMLStreamConstants.CDATA,
              XMLStreamConstants.SPACE -> {
            if (!open.isEmpty()) {
              open.peek().content.add(reader.getText());
            }
          }
          case XMLStreamConstants.DTD, XMLStreamConstants.ENTITY_REFERENCE ->
              throw new UnreadableFileException(
                  "This file refers to something outside itself, so it was not read.");
          default -> {}
        }
      }
      return root;
    } catch (XMLStreamException e) {
      throw new UnreadableFileException(
          "This file is damaged: a part of it is not well formed. Open it where it was written and save it anew.");
    }
  }

  private static String name(XMLStreamReader reader) {
    String prefix = PREFIXES.get(String.valueOf(reader.getNamespaceURI()));
    return ((prefix == null ? "?" : prefix) + ":" + reader.getLocalName()).intern();
  }

  private static Map<String, String> readAttributes(XMLStreamReader reader) {
    int count = reader.getAttributeCount();
    if (count == 0) {
      return Map.of();
    }
    Map<String, String> out = new LinkedHashMap<>(count * 2);
    for (int i = 0; i < count; i++) {
      String uri = reader.getAttributeNamespace(i);
      String local = reader.getAttributeLocalName(i);
      String prefix = uri == null || uri.isEmpty() ? "" : PREFIXES.getOrDefault(uri, "?") + ":";
      out.put((prefix + local).intern(), reader.getAttributeValue(i));
    }
    return out;
  }

  public String name() {
    return name;
  }

  /** Whether it is called so. */
  public boolean is(String other) {
    return name.equals(other);
  }

  /** The value of an attribute; empty where there is none. */
  public String attr(String attribute) {
    return attributes.getOrDefault(attribute, "");
  }

  /** Whether there is such an attribute. */
  public boolean has(String attribute) {
    return attributes.containsKey(attribute);
  }

  /** The elements within it, in order. */
  public List<Xml> children() {
    List<Xml> out = new ArrayList<>(content.size());
    for (Object o : content) {
      if (o instanceof Xml x) {
        out.add(x);
      }
    }
    return out;
  }

  /** The elements of this name directly within it. */
  public List<Xml> childrenOf(String wanted) {
    return children().stream().filter(c -> c.is(wanted)).toList();
  }

  /** The first element of this name directly within it. */
  public Optional<Xml> child(String wanted) {
    for (Object o : content) {
      if (o instanceof Xml x && x.is(wanted)) {
        return Optional.of(x);
      }
    }
    return Optional.empty();
  }

  /** The element at the end of a way down. */
  public Optional<Xml> findPath(String... names) {
    Optional<Xml> here = Optional.of(this);
    for (String step : names) {
      here = here.flatMap(x -> x.child(step));
    }
    return here;
  }

  /** All elements of this name, however deep. */
  public Stream<Xml> all(String wanted) {
    return children().stream()
        .flatMap(c -> Stream.concat(c.is(wanted) ? Stream.of(c) : Stream.empty(), c.all(wanted)));
  }

  /** What is within it: elements ({@code Xml}) and characters ({@code String}), in order. */
  public List<Object> content() {
    return content;
  }

  /** All characters within it. */
  public String text() {
    StringBuilder out = new StringBuilder();
    text(out);
    return out.toString();
  }

  private void text(StringBuilder out) {
    for (Object o : content) {
      if (o instanceof Xml x) {
        x.text(out);
      } else {
        out.append(o);
      }
    }
  }
}
