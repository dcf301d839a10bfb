package app.blenner.server.toolset;

import app.blenner.core.signoff.Role;
import app.blenner.core.toolset.Choice;
import app.blenner.core.toolset.ToolGroup;
import app.blenner.core.toolset.Toolset;
import app.blenner.core.toolset.Use;
import app.blenner.server.revision.Revised;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/** What the editor and the server tell each other of toolsets. */
final class ToolsetViews {
  private ToolsetViews() {}

  /** Tools that stand together: those with a button, and those in the group's menu. */
  record ToolGroupView(
      @NotNull String label,
      @NotNull List<@NotNull String> buttons,
      @NotNull List<@NotNull String> menu) {}

  /** What is narrowed to some values; null where it is not. */
  record OnlyView(
      List<String> colours,
      List<String> fonts,
      List<String> sizes,
      List<String> styles,
      List<String> hosts) {
    static OnlyView of(Map<Choice, List<String>> only) {
      return new OnlyView(
          only.get(Choice.COLOURS),
          only.get(Choice.FONTS),
          only.get(Choice.SIZES),
          only.get(Choice.STYLES),
          only.get(Choice.HOSTS));
    }

    private Map<Choice, List<String>> only() {
      Map<Choice, List<String>> out = new EnumMap<>(Choice.class);
      out.put(Choice.COLOURS, colours);
      out.put(Choice.FONTS, fonts);
      out.put(Choice.SIZES, sizes);
      out.put(Choice.STYLES, styles);
      out.put(Choice.HOSTS, hosts);
      out.values().removeIf(v -> v == null);
      return out;
    }
  }

  /**
   * Where a toolset holds.
   *
   * @param kind a kind of item, or empty for all
   * @param field one of its fields, “body” for the text, or empty for all
   * @param role whom it holds for, or null for everybody
   */
  record ToolsetPlace(@NotNull String kind, @NotNull String field, Role role) {}

  /** Which tools some texts offer. */
  record ToolsetView(
      @NotNull String name,
      @NotNull String label,
      @NotNull String about,
      @NotNull @Size(max = 20, message = "A toolset has at most 20 groups.")
          List<@NotNull @Valid ToolGroupView> groups,
      @NotNull @Valid OnlyView only,
      @NotNull @Size(max = 100, message = "A toolset holds in at most 100 places.")
          List<@NotNull @Valid ToolsetPlace> uses) {

    static ToolsetView of(Toolset set) {
      return new ToolsetView(
          set.name(),
          set.label(),
          set.about(),
          set.groups().stream()
              .map(g -> new ToolGroupView(g.label(), g.buttons(), g.menu()))
              .toList(),
          OnlyView.of(set.only()),
          set.uses().stream().map(u -> new ToolsetPlace(u.kind(), u.field(), u.role())).toList());
    }

    Toolset toolset() {
      return new Toolset(
          name,
          label,
          about,
          groups.stream().map(g -> new ToolGroup(g.label, g.buttons, g.menu)).toList(),
          only.only(),
          uses.stream().map(u -> new Use(u.kind, u.field, u.role)).toList());
    }
  }

  record ToolsetStanding(ToolsetView toolset) implements Revised {}

  /** The toolset of a text; null where every tool there is is offered. */
  record OfferedTools(ToolsetView toolset) {}
}
