package app.blenner.core.toolset;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;

/** What can be wrong with a toolset. */
final class ToolsetCheck {
  private static final Pattern NAME = Pattern.compile("[a-z][a-z0-9-]{0,47}");
  private static final int MOST_GROUPS = 20;
  private static final int MOST_TOOLS = 300;
  private static final int LONGEST = 100;

  private ToolsetCheck() {}

  static List<String> of(Toolset set) {
    List<String> problems = new ArrayList<>();
    if (set.label().isEmpty()) {
      problems.add("A toolset needs a name.");
    }
    if (!NAME.matcher(set.name()).matches()) {
      problems.add("The short name of a toolset is made of small letters, digits and hyphens.");
    }
    if (set.label().length() > LONGEST || set.about().length() > 5 * LONGEST) {
      problems.add("The name of a toolset has at most 100 characters, what it is for at most 500.");
    }
    Set<String> labels = new HashSet<>();
    Set<String> tools = new HashSet<>();
    for (ToolGroup group : set.groups()) {
      if (group.label().isEmpty()) {
        problems.add("Each group of tools needs a name.");
      } else if (!labels.add(group.label())) {
        problems.add("Two groups of tools are called “" + group.label() + "”.");
      }
      tools(group.buttons(), tools, problems);
      tools(group.menu(), tools, problems);
    }
    if (set.groups().size() > MOST_GROUPS || tools.size() > MOST_TOOLS) {
      problems.add("A toolset has at most 20 groups and 300 tools.");
    }
    if (!tools.contains(Toolset.PARAGRAPH)) {
      problems.add("A toolset needs Paragraph: without it nobody could write a plain line.");
    }
    for (Use use : set.uses()) {
      if (use.kind().isEmpty() && !use.field().isEmpty()) {
        problems.add("Say of which kind of item the field “" + use.field() + "” is.");
      }
    }
    return problems.stream().distinct().toList();
  }

  private static void tools(List<String> named, Set<String> all, List<String> problems) {
    for (String tool : named) {
      if (!NAME.matcher(tool).matches()) {
        problems.add("“" + tool + "” is no tool.");
      } else if (!all.add(tool)) {
        problems.add("A tool stands in one place only; “" + tool + "” stands in two.");
      }
    }
  }
}
