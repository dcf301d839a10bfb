package app.blenner.server.site;

import app.blenner.core.site.FrontPage;
import app.blenner.core.site.MenuEntry;
import app.blenner.core.site.Menus;
import app.blenner.core.site.Section;
import app.blenner.core.site.SectionList;
import app.blenner.core.site.SectionTree;
import app.blenner.core.site.Topic;
import app.blenner.server.revision.Revised;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;

/** What the editor and the server tell each other of sections and menus. */
final class SectionViews {
  private static final String LONG_KEY = "There is no item with so long a key.";

  private SectionViews() {}

  /**
   * A section.
   *
   * @param path the address of its page
   * @param depth how many sections it is in
   * @param place how many stand before it in the section it is a part of
   */
  record SectionView(
      String slug,
      String name,
      String description,
      List<Topic> topics,
      String parent,
      String step,
      String picture,
      SectionList.Order order,
      List<String> picked,
      int size,
      String composed,
      boolean listed,
      List<String> publishers,
      String path,
      int depth,
      int place)
      implements Revised {
    static SectionView of(Section s, SectionTree tree) {
      SectionList list = s.list();
      return new SectionView(
          s.slug(),
          s.name(),
          s.description(),
          s.topics(),
          s.parent(),
          s.step(),
          s.picture(),
          list.order(),
          list.picked(),
          list.size(),
          list.composed(),
          list.listed(),
          s.publishers(),
          tree.pathOf(s.slug()),
          tree.way(s.slug()).size() - 1,
          tree.partsOf(s.parent()).indexOf(s));
    }

    static List<SectionView> all(SectionTree tree) {
      return tree.inOrder().stream().map(s -> of(s, tree)).toList();
    }
  }

  /**
   * What a section is to be. What is not said stays as it was.
   *
   * @param parent the section a new one is a part of; one that is there is moved by itself
   */
  record SectionInput(
      @NotNull @Size(max = 200, message = "The name has at most 200 characters.") String name,
      @NotNull @Size(max = 1000, message = "The description has at most 1000 characters.")
          String description,
      @NotNull @Size(max = 100, message = "A section has at most 100 topics.")
          List<@NotNull @Valid TopicInput> topics,
      @Size(max = 80, message = "There is no section with so long a short name.") String parent,
      @Size(max = 5000, message = "The address is far too long.") String step,
      @Size(max = 250, message = "There is no picture with so long a name.") String picture,
      SectionList.Order order,
      @Size(max = 50, message = "At most 50 items can be picked.")
          List<@NotNull @Size(max = 80, message = LONG_KEY) String> picked,
      Integer size,
      @Size(max = 80, message = LONG_KEY) String composed,
      Boolean listed,
      @Size(max = 100, message = "At most 100 people can be named.")
          List<@NotNull @Size(max = 80, message = "Nobody signs in with so long a name.") String>
              publishers) {

    /** The section it makes of another, or a new one of none. */
    Section of(Section now) {
      SectionList list = now.list();
      return new Section(
          now.slug(),
          name,
          description,
          topics.stream().map(t -> new Topic(t.slug, t.name)).toList(),
          or(parent, now.parent()),
          or(step, now.step()),
          or(picture, now.picture()),
          new SectionList(
              or(order, list.order()),
              or(picked, list.picked()),
              or(size, list.size()),
              or(composed, list.composed()),
              or(listed, list.listed())),
          or(publishers, now.publishers()));
    }
  }

  private static <T> T or(T said, T otherwise) {
    return said == null ? otherwise : said;
  }

  /** A topic; a new one has no short name yet. */
  record TopicInput(
      @NotNull String slug,
      @NotNull @Size(max = 200, message = "The name of a topic has at most 200 characters.")
          String name) {}

  /**
   * Where a section is to stand.
   *
   * @param parent the section it becomes a part of, or empty
   * @param before the section before which it is there, or empty for the last
   */
  record MoveInput(@NotNull String parent, @NotNull String before) {}

  /** How many items are in a section itself. */
  record InSection(long items) {}

  record EntryView(
      @NotNull MenuEntry.To to,
      @NotNull @Size(max = 2000, message = "An address has at most 2,000 characters.")
          String target,
      @NotNull @Size(max = 200, message = "An entry has at most 200 characters.") String label) {
    MenuEntry entry() {
      return new MenuEntry(to, target, label);
    }

    static EntryView of(MenuEntry e) {
      return new EntryView(e.to(), e.target(), e.label());
    }
  }

  record MenusView(
      @NotNull Boolean ofSections,
      @NotNull List<@NotNull @Valid EntryView> main,
      @NotNull List<@NotNull @Valid EntryView> foot)
      implements Revised {
    static MenusView of(Menus menus) {
      return new MenusView(
          menus.ofSections(),
          menus.main().stream().map(EntryView::of).toList(),
          menus.foot().stream().map(EntryView::of).toList());
    }

    Menus menus() {
      return new Menus(
          ofSections,
          main.stream().map(EntryView::entry).toList(),
          foot.stream().map(EntryView::entry).toList());
    }
  }

  /** Whether an item is in the menus. */
  record InMenus(@NotNull Boolean main, @NotNull Boolean foot) {}

  record FrontView(
      @NotNull @Size(max = 80, message = LONG_KEY) String composed, @NotNull Boolean listed)
      implements Revised {
    static FrontView of(FrontPage front) {
      return new FrontView(front.composed(), front.listed());
    }
  }
}
