package app.blenner.server.site;

import app.blenner.core.kind.Card;
import app.blenner.core.kind.Field;
import app.blenner.core.kind.FieldProperties;
import app.blenner.core.kind.FieldType;
import app.blenner.core.kind.Kind;
import app.blenner.core.kind.Kinds;
import app.blenner.core.site.Site;
import app.blenner.server.revision.Revised;
import app.blenner.server.revision.Revision;
import app.blenner.server.site.SectionViews.FrontView;
import app.blenner.server.site.SectionViews.MenusView;
import app.blenner.server.site.SectionViews.SectionView;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/** What the editor and the server tell each other of the site and its kinds of item. */
final class KindViews {
  private KindViews() {}

  /**
   * The site with its sections and kinds.
   *
   * @param address where readers find it, as somebody said; or empty
   * @param guessed where they find it else
   */
  record SiteView(
      String name,
      String tagline,
      String language,
      String address,
      String guessed,
      List<SectionView> sections,
      MenusView menus,
      FrontView front,
      List<KindView> kinds)
      implements Revised {
    /** Of its name alone: its parts have their own. */
    @Override
    public String revision() {
      return Revision.of(name, tagline, language, address);
    }

    static SiteView of(Site site, String guessed) {
      return new SiteView(
          site.name(),
          site.tagline(),
          site.language(),
          site.address(),
          guessed,
          SectionView.all(site.tree()),
          MenusView.of(site.menus()),
          FrontView.of(site.front()),
          site.kinds().stream().map(KindView::of).toList());
    }
  }

  /**
   * A kind of item.
   *
   * @param name its lasting short name
   * @param news whether its items are listed among the latest
   * @param unfolds whether lists show its text down to its fold
   * @param summaryLimit how many characters the summary of an item has at most
   */
  record KindView(
      @NotNull String name,
      @NotNull String label,
      @NotNull String plural,
      @NotNull String help,
      boolean news,
      boolean unfolds,
      Integer summaryLimit,
      @NotNull @Size(max = 50, message = "A kind has at most 50 cards.")
          List<@NotNull @Valid CardView> cards) {

    static KindView of(Kind k) {
      return new KindView(
          k.name(),
          k.label(),
          k.plural(),
          k.help(),
          k.isNews(),
          k.unfolds(),
          k.summaryLimit(),
          k.cards().stream().map(CardView::of).toList());
    }

    /**
     * The kind this is.
     *
     * @throws IllegalArgumentException with a sentence, where it is none
     */
    Kind kind() {
      return Kinds.read(
          map(
              "name", name,
              "label", label,
              "plural", plural,
              "help", help,
              "news", news,
              "unfolds", unfolds,
              "summary-limit", summaryLimit,
              "cards", cards.stream().map(CardView::data).toList()));
    }
  }

  /** Fields that belong together. */
  record CardView(
      @NotNull String label,
      @NotNull @Size(max = 200, message = "A kind has at most 200 fields.")
          List<@NotNull @Valid FieldView> fields) {
    static CardView of(Card c) {
      return new CardView(c.label(), c.fields().stream().map(FieldView::of).toList());
    }

    private Map<String, Object> data() {
      return map("label", label, "fields", fields.stream().map(FieldView::data).toList());
    }
  }

  /**
   * A field.
   *
   * @param name its lasting short name
   * @param place where readers see it
   * @param unit what a number counts
   * @param least the least a number may be, or empty
   * @param most the most a number may be, or the most characters or things, or empty
   * @param choices what can be chosen
   */
  record FieldView(
      @NotNull String name,
      @NotNull FieldType type,
      @NotNull String label,
      @NotNull String help,
      boolean required,
      @NotNull FieldProperties.Place place,
      String unit,
      String least,
      String most,
      @Size(max = 500, message = "A field has at most 500 choices.") List<String> choices) {

    static FieldView of(Field f) {
      Map<String, Object> set = f.settings();
      return new FieldView(
          f.head().name(),
          f.type(),
          f.head().label(),
          f.head().help(),
          f.head().required(),
          f.head().place(),
          Objects.toString(set.get("unit"), ""),
          Objects.toString(set.get("least"), ""),
          Objects.toString(set.get("most"), ""),
          set.get("choices") instanceof List<?> l
              ? l.stream().map(String::valueOf).toList()
              : List.of());
    }

    private Map<String, Object> data() {
      return map(
          "name", name,
          "type", type.word(),
          "label", label,
          "help", help,
          "required", required,
          "place", place.name(),
          "unit", unit,
          "least", least,
          "most", most,
          "choices", choices);
    }
  }

  /**
   * A kind in Set-up.
   *
   * @param items how many items are of it
   */
  record KindStanding(KindView kind, long items) implements Revised {
    @Override
    public String revision() {
      return Revision.of(kind);
    }
  }

  private static Map<String, Object> map(Object... pairs) {
    Map<String, Object> out = new LinkedHashMap<>();
    for (int i = 0; i < pairs.length; i += 2) {
      out.put((String) pairs[i], pairs[i + 1]);
    }
    return out;
  }
}
