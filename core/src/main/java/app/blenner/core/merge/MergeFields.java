package app.blenner.core.merge;

import app.blenner.core.document.Block;
import app.blenner.core.document.Document;
import app.blenner.core.document.Inline;
import app.blenner.core.document.Mark;
import app.blenner.core.document.Text;
import app.blenner.core.kind.Field;
import app.blenner.core.kind.Kind;
import app.blenner.core.kind.PictureField;
import app.blenner.core.kind.PicturesField;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;

/**
 * The placeholders there are: those of every site and every item, and those a site has defined.
 *
 * @param own those the site has defined, in the order they are offered
 */
public record MergeFields(List<MergeField> own) {

  /** A site has at most so many of its own. */
  public static final int MOST = 200;

  /** The name of the reader: it stays on a page as a placeholder, for whoever hands the page over. */
  public static final String READER = "reader.name";

  /** No placeholders of a site's own. */
  public static final MergeFields NONE = new MergeFields(List.of());

  private static final Pattern NAME = Pattern.compile("[a-z][a-z0-9-]{0,39}");
  private static final int LONGEST = 500;

  /** A placeholder as it is offered. */
  public record OfferedField(String name, String label, String group) {}

  public MergeFields {
    own = List.copyOf(own);
  }

  /** All placeholders for items of a kind, in the order they are offered. */
  public List<OfferedField> of(Kind kind) {
    List<OfferedField> out = new ArrayList<>();
    own.forEach(f -> out.add(new OfferedField(f.name(), f.label(), "Of this site")));
    for (StandingField standing : StandingField.values()) {
      out.add(standing.offered());
    }
    kind.fields()
        .filter(f -> !(f instanceof PictureField || f instanceof PicturesField))
        .map(Field::head)
        .forEach(h -> out.add(new OfferedField("item." + h.name(), h.label(), "This item")));
    return out;
  }

  /** Whether there is a placeholder of this name for items of a kind. */
  public boolean knows(String name, Kind kind) {
    return of(kind).stream().anyMatch(f -> f.name().equals(name));
  }

  /** What a placeholder is filled with; empty where there is none of this name. */
  public Optional<String> findValue(String name, Filling from) {
    for (MergeField field : own) {
      if (field.name().equals(name)) {
        return Optional.of(findValue(field, from));
      }
    }
    for (StandingField standing : StandingField.values()) {
      if (standing.named().equals(name)) {
        return Optional.of(standing.valueOf(from));
      }
    }
    return from.kind()
        .fields()
        .filter(f -> name.equals("item." + f.head().name()))
        .findFirst()
        .map(f -> PlainValue.of(f, from));
  }

  private static String findValue(MergeField field, Filling from) {
    return switch (field.source()) {
      case TEXT -> field.text();
      case TODAY -> formatDay(from.today(), field.form(), from.language());
      case PUBLISHED -> formatDay(from.published(), field.form(), from.language());
      case UPDATED -> formatDay(from.updated(), field.form(), from.language());
    };
  }

  static String formatDay(LocalDate day, DateForm form, Locale language) {
    return day == null ? "" : form.write(day, language);
  }

  /**
   * A text with its placeholders filled. One of a name nobody knows is left out, whatever is in it; that of the
   * reader's name stays, with what an unknown reader is called.
   */
  public Document fillIn(Document text, Filling from) {
    return text.map(block -> fillIn(block, from));
  }

  private Block fillIn(Block block, Filling from) {
    boolean any = block.content().stream().anyMatch(i -> nameOf(i) != null);
    return any ? block.withContent(fillIn(block.content(), from)) : block;
  }

  private List<Inline> fillIn(List<Inline> content, Filling from) {
    List<Inline> out = new ArrayList<>();
    String before = null;
    for (Inline inline : content) {
      String name = nameOf(inline);
      // A placeholder dressed in two ways is in two pieces.
      if (name != null && !name.equals(before)) {
        String value = findValue(name, from).orElse("");
        if (!value.isEmpty()) {
          out.add(
              new Text(
                  value,
                  name.equals(READER)
                      ? inline.marks()
                      : inline.marks().without(MergeFields::isField)));
        }
      } else if (name == null) {
        out.add(inline);
      }
      before = name;
    }
    return out;
  }

  /** Whether a mark makes a placeholder of what it is on. */
  public static boolean isField(Mark mark) {
    return mark instanceof Mark.Valued v && v.kind() == Mark.Kind.MERGE_FIELD;
  }

  /** The name of the placeholder a piece of text is in; null where it is in none. */
  static String nameOf(Inline inline) {
    return inline.marks().valueOf(Mark.Kind.MERGE_FIELD, null);
  }

  /**
   * What is wrong with some placeholders of a site, in a sentence.
   *
   * @return empty where they can be used
   */
  public static String problemWith(List<MergeField> fields) {
    if (fields.size() > MOST) {
      return "A site has at most " + MOST + " merge fields of its own.";
    }
    Set<String> names = new HashSet<>();
    Set<String> labels = new HashSet<>();
    for (MergeField field : fields) {
      if (field.label().isEmpty()) {
        return "Each merge field needs a name.";
      }
      String called = "The merge field “" + field.label() + "”";
      if (!NAME.matcher(field.name()).matches()) {
        return called
            + " has the short name “"
            + field.name()
            + "”. One begins with a small letter, and has small letters, digits and hyphens; at most 40.";
      }
      if (field.label().length() > 100 || field.text().length() > LONGEST) {
        return called + " is too long: a name has at most 100 characters, its words at most 500.";
      }
      if (field.source() == MergeField.Source.TEXT && field.text().isEmpty()) {
        return called + " has no words to be filled with.";
      }
      if (!names.add(field.name()) || !labels.add(field.label().toLowerCase(Locale.ROOT))) {
        return "Two merge fields are called “" + field.label() + "”.";
      }
    }
    return "";
  }
}
