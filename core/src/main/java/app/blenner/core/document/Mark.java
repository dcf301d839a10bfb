package app.blenner.core.document;

/**
 * How a run of text is dressed. A run carries at most one mark of each kind. The {@link #rank()} is
 * the order in which marks nest, the outermost first.
 */
public sealed interface Mark permits Mark.Plain, Mark.Link, Mark.Valued {

  /** Position among all kinds of mark, 0 being the outermost element. */
  int rank();

  /** The marks that are one element and nothing else, innermost last. */
  enum Plain implements Mark {
    STRONG("strong"),
    EMPHASIS("em"),
    UNDERLINE("u"),
    STRIKETHROUGH("s"),
    SUPERSCRIPT("sup"),
    SUBSCRIPT("sub"),
    CODE("code");

    private final String element;

    Plain(String element) {
      this.element = element;
    }

    /** The name of the HTML element that stands for the mark. */
    public String element() {
      return element;
    }

    @Override
    public int rank() {
      return 100 + ordinal();
    }
  }

  /**
   * A link.
   *
   * @param address where it goes
   * @param title a few more words on the target, or empty
   * @param newTab whether it opens a new tab
   */
  record Link(Address address, String title, boolean newTab) implements Mark {
    public Link {
      title = PlainText.toLine(title);
    }

    @Override
    public int rank() {
      return 0;
    }
  }

  /** The marks that carry one value. */
  enum Kind {
    /** A placeholder filled in when the page is rendered; the value names the field. */
    MERGE_FIELD,
    /** A passage in another language; the value is a BCP 47 tag. */
    LANGUAGE,
    /** An abbreviation; the value is its meaning. */
    ABBREVIATION,
    /** A named style of the house style; the value is its short name. */
    STYLE,
    /** A font family. */
    FONT,
    /** A size, as {@code 120%} or {@code 18px}. */
    SIZE,
    /** A text colour, as {@code #rrggbb} or {@code #rrggbbaa}. */
    COLOUR,
    /** A highlight; the value is its colour, or empty for the site's own. */
    HIGHLIGHT
  }

  /**
   * A mark with one value, already in its one canonical spelling. Made through {@link #withValue}.
   *
   * @param kind which mark
   * @param value its value
   */
  record Valued(Kind kind, String value) implements Mark {
    public Valued {
      String canonical = MarkValues.canonical(kind, value);
      if (canonical == null) {
        throw new IllegalArgumentException("not a value for " + kind + ": " + value);
      }
      value = canonical;
    }

    @Override
    public int rank() {
      return 1 + kind.ordinal();
    }
  }

  /** The mark with this value, or null when the value makes no sense for the kind. */
  static Mark withValue(Kind kind, String value) {
    String canonical = MarkValues.canonical(kind, value);
    return canonical == null ? null : new Valued(kind, canonical);
  }
}
