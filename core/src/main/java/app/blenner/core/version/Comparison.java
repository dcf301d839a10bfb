package app.blenner.core.version;

import app.blenner.core.document.Block;
import app.blenner.core.document.BlockStyle;
import app.blenner.core.document.Document;
import app.blenner.core.document.Heading;
import app.blenner.core.document.JumpTarget;
import app.blenner.core.document.Paragraph;
import app.blenner.core.item.Content;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;

/**
 * What tells one content from another: the fields that say something else, and the stretches of blocks that do. Each
 * difference has a number, and at each one of the two can be chosen.
 *
 * @param theirs the content that is kept
 * @param mine the content that somebody would put in its place
 * @param fields the fields that differ, numbered from 0
 * @param stretches the whole text in stretches, the same ones and those that differ; the latter are numbered on from the
 *     fields
 */
public record Comparison(
    Content theirs, Content mine, List<Field> fields, List<Stretch> stretches) {

  /**
   * A field besides the text.
   *
   * @param part which of those that every item has, or null for one of its kind's own
   * @param own the name of its kind's own field, or empty
   */
  public record Field(Part part, String own) {
    /** What it says in a content, in words. */
    public String of(Content c) {
      return part == null ? words(c.values().get(own)) : part.of(c);
    }

    private static String words(Object value) {
      if (value instanceof List<?> list) {
        return list.stream().map(Field::words).collect(Collectors.joining(", "));
      }
      if (value instanceof Map<?, ?> map) {
        return map.values().stream().map(Field::words).collect(Collectors.joining(" "));
      }
      return value == null ? "" : value.toString();
    }

    private Content take(Content into, Content from) {
      if (part != null) {
        return part.take(into, from);
      }
      Map<String, Object> values = new LinkedHashMap<>(into.values());
      values.remove(own);
      if (from.values().containsKey(own)) {
        values.put(own, from.values().get(own));
      }
      return into.withValues(values);
    }
  }

  /** What every item has besides the text. Section and topics go together, since topics belong to a section. */
  public enum Part {
    TITLE("Title"),
    SUMMARY("Summary"),
    PLACEMENT("Section and topics"),
    KEYWORDS("Keywords"),
    LEAD_PICTURE("Lead picture"),
    LANGUAGE("Language"),
    ATTACHMENTS("Attachments");

    private final String label;

    Part(String label) {
      this.label = label;
    }

    /** What people call it. */
    public String label() {
      return label;
    }

    /** What it says in a content, in words. */
    public String of(Content c) {
      return switch (this) {
        case TITLE -> c.title();
        case SUMMARY -> c.summary();
        case PLACEMENT -> (c.section() + " " + String.join(" ", c.topics())).strip();
        case KEYWORDS -> String.join(", ", c.keywords());
        case LEAD_PICTURE -> c.leadPicture();
        case LANGUAGE -> c.language();
        case ATTACHMENTS ->
            c.attachments().stream()
                .map(a -> a.words() + " (" + a.asset() + ")")
                .collect(Collectors.joining(", "));
      };
    }

    private Content take(Content into, Content from) {
      Content.Builder taken = into.toBuilder();
      return switch (this) {
        case TITLE -> taken.title(from.title()).build();
        case SUMMARY -> taken.summary(from.summary()).build();
        case PLACEMENT -> taken.section(from.section()).topics(from.topics()).build();
        case KEYWORDS -> taken.keywords(from.keywords()).build();
        case LEAD_PICTURE -> taken.leadPicture(from.leadPicture()).build();
        case LANGUAGE -> taken.language(from.language()).build();
        case ATTACHMENTS -> taken.attachments(from.attachments()).build();
      };
    }
  }

  /**
   * A stretch of blocks.
   *
   * @param number of the difference, or -1 where both say the same
   * @param theirs its blocks in the content that is kept; can be none
   * @param mine its blocks in the other content; can be none
   */
  public record Stretch(int number, List<Block> theirs, List<Block> mine) {
    /** Whether both say the same here. */
    public boolean isSame() {
      return number < 0;
    }
  }

  /** Holds two contents against each other. */
  public static Comparison of(Content theirs, Content mine) {
    List<Field> fields = new ArrayList<>();
    for (Part part : Part.values()) {
      if (!part.of(theirs).equals(part.of(mine))) {
        fields.add(new Field(part, ""));
      }
    }
    Set<String> own = new TreeSet<>(theirs.values().keySet());
    own.addAll(mine.values().keySet());
    for (String name : own) {
      if (!Objects.equals(theirs.values().get(name), mine.values().get(name))) {
        fields.add(new Field(null, name));
      }
    }
    List<Block> a = theirs.body().blocks();
    List<Block> b = mine.body().blocks();
    List<Stretch> stretches = new ArrayList<>();
    int number = fields.size();
    int at = 0;
    for (Differences.Stretch d : Differences.of(a, b)) {
      same(stretches, a.subList(at, d.from()));
      for (Pairing.Pair p :
          Pairing.of(a.subList(d.from(), d.to()), b.subList(d.otherFrom(), d.otherTo()))) {
        stretches.add(new Stretch(number++, List.copyOf(p.theirs()), List.copyOf(p.mine())));
      }
      at = d.to();
    }
    same(stretches, a.subList(at, a.size()));
    return new Comparison(theirs, mine, List.copyOf(fields), List.copyOf(stretches));
  }

  private static void same(List<Stretch> stretches, List<Block> blocks) {
    if (!blocks.isEmpty()) {
      stretches.add(new Stretch(-1, List.copyOf(blocks), List.copyOf(blocks)));
    }
  }

  /** How many differences there are. */
  public int count() {
    return fields.size() + (int) stretches.stream().filter(s -> !s.isSame()).count();
  }

  /** The numbers of all differences but some. */
  public Set<Integer> allBut(Set<Integer> some) {
    Set<Integer> out = new TreeSet<>();
    for (int i = 0; i < count(); i++) {
      if (!some.contains(i)) {
        out.add(i);
      }
    }
    return out;
  }

  /** Two texts put together can name two places alike; the first one keeps the name. */
  private static Document namedOnce(Document document) {
    Set<String> names = new HashSet<>();
    return document.map(
        block -> {
          if (block instanceof Heading h && !h.anchor().isEmpty() && !names.add(h.anchor())) {
            return new Heading(h.level(), "", h.content(), h.style());
          }
          // An empty paragraph is nothing, and what is nothing is left out.
          return block instanceof JumpTarget j && !names.add(j.anchor())
              ? new Paragraph(List.of(), BlockStyle.PLAIN)
              : block;
        });
  }

  /**
   * One content made of both, with the address of the one that is kept.
   *
   * @param mineAt the numbers of the differences at which mine is chosen; at all others theirs is
   */
  public Content pick(Set<Integer> mineAt) {
    List<Block> blocks = new ArrayList<>();
    for (Stretch s : stretches) {
      blocks.addAll(mineAt.contains(s.number()) ? s.mine() : s.theirs());
    }
    Document body = new Document(blocks);
    boolean whole = body.equals(theirs.body()) || body.equals(mine.body());
    Content out = theirs.withBody(whole ? body : namedOnce(body));
    for (int i = 0; i < fields.size(); i++) {
      if (mineAt.contains(i)) {
        out = fields.get(i).take(out, mine);
      }
    }
    return out;
  }
}
