package app.blenner.server.item.content;

import app.blenner.core.document.Document;
import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.format.html.HtmlWriter;
import app.blenner.core.item.Content;
import app.blenner.core.kind.Kind;
import app.blenner.core.kind.RichTextField;
import app.blenner.core.kind.SidePart;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Settings;
import app.blenner.core.rule.Subject;
import app.blenner.core.signoff.Role;
import app.blenner.core.toolset.ContentPolicy;
import app.blenner.core.toolset.FilteredText;
import app.blenner.core.toolset.OutsideToolset;
import app.blenner.core.toolset.PolicyViolation;
import app.blenner.core.toolset.Toolset;
import app.blenner.core.toolset.Use;
import app.blenner.server.item.links.SnippetSource;
import app.blenner.server.toolset.ToolsetService;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;

/**
 * Holds the texts of an item to their toolsets. What a text held before stays, and what was made ready may be dropped
 * in, whatever the toolset says.
 */
@Component
class ItemContentPolicy {
  /**
   * A content, and what was taken out of it, in a sentence; empty where nothing was.
   *
   * @param told the sentence
   */
  record HeldContent(Content content, String told) {}

  private final ToolsetService toolsets;
  private final List<SnippetSource> ready;

  ItemContentPolicy(ToolsetService toolsets, List<SnippetSource> ready) {
    this.toolsets = toolsets;
    this.ready = ready;
  }

  /**
   * What somebody wrote, as far as its texts may hold it.
   *
   * @param dropped the numbers of ready-made pieces that were put in since what was before
   */
  HeldContent held(
      Content before, Content written, Collection<Long> dropped, Kind kind, Role role) {
    List<String> told = new ArrayList<>();
    List<Toolset> all = toolsets.all();
    Document body =
        nearest(all, kind, Use.BODY, role)
            .map(set -> held(before.body(), written.body(), set, dropped, "the text", told))
            .orElse(written.body());
    Map<String, Object> values = new HashMap<>(written.values());
    kind.fields()
        .filter(f -> f instanceof RichTextField)
        .forEach(
            f -> {
              String name = f.head().name();
              if (values.get(name) instanceof String html) {
                nearest(all, kind, name, role)
                    .ifPresent(
                        set -> {
                          Document was = textOf(before.values().get(name));
                          Document is = HtmlReader.read(html);
                          String where = "“" + f.head().label() + "”";
                          Document held = held(was, is, set, dropped, where, told);
                          values.put(name, held == is ? html : HtmlWriter.write(held));
                        });
              }
            });
    if (values.get(Use.SIDE) instanceof List<?>) {
      nearest(all, kind, Use.SIDE, role)
          .ifPresent(set -> values.put(Use.SIDE, heldSide(before, written, set, dropped, told)));
    }
    if (told.isEmpty()) {
      return new HeldContent(written, "");
    }
    return new HeldContent(written.withBody(body).withValues(values), String.join(" ", told));
  }

  /** The column beside a text, each of its texts held to its toolset. */
  private List<Map<String, String>> heldSide(
      Content before, Content written, Toolset set, Collection<Long> dropped, List<String> told) {
    Document was =
        new Document(
            SidePart.partsIn(before).stream()
                .flatMap(p -> SidePart.textIn(p).stream())
                .flatMap(text -> text.blocks().stream())
                .toList());
    return SidePart.partsIn(written).stream()
        .map(
            part -> {
              Document is = SidePart.textIn(part).orElse(null);
              Document held =
                  is == null ? null : held(was, is, set, dropped, "the side column", told);
              if (held == is) {
                return part;
              }
              Map<String, String> out = new LinkedHashMap<>(part);
              out.put("text", HtmlWriter.write(held));
              return out;
            })
        .toList();
  }

  private static Document textOf(Object value) {
    return value instanceof String html ? HtmlReader.read(html) : Document.EMPTY;
  }

  private static Optional<Toolset> nearest(List<Toolset> all, Kind kind, String field, Role role) {
    return Toolset.nearest(all, kind.name(), field, role);
  }

  private Document held(
      Document before,
      Document text,
      Toolset set,
      Collection<Long> dropped,
      String where,
      List<String> told) {
    if (text.equals(before)) {
      return text;
    }
    ContentPolicy plain = set.allowance();
    if (FilteredText.of(text, plain).isWhole()) {
      return text;
    }
    Set<PolicyViolation> also = new HashSet<>(FilteredText.excess(before, plain));
    for (SnippetSource made : ready) {
      made.piecesOf(dropped).forEach(piece -> also.addAll(FilteredText.excess(piece, plain)));
    }
    FilteredText held = FilteredText.of(text, plain.and(also));
    if (held.isWhole()) {
      return text;
    }
    told.add(
        "Taken out of "
            + where
            + ", since “"
            + set.label()
            + "” does not offer it: "
            + held.words()
            + ". Every word is kept.");
    return held.text();
  }

  /** What the body of an item holds that its toolset does not offer to somebody. */
  List<Finding> findingsOf(Kind kind, Role role, Supplier<Subject> subject) {
    return toolsets
        .nearest(kind.name(), Use.BODY, role)
        .map(set -> new OutsideToolset(set).check(subject.get(), Settings.USUAL))
        .orElse(List.of());
  }
}
