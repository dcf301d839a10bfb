package app.blenner.core.toolset;

import app.blenner.core.document.PlainText;
import java.util.List;

/**
 * Tools that stand together in the strip.
 *
 * @param label what the group is called
 * @param buttons short names of the tools with a button of their own, in order
 * @param menu short names of the tools in the group's menu, in order
 */
public record ToolGroup(String label, List<String> buttons, List<String> menu) {
  public ToolGroup {
    label = PlainText.toLine(label);
    buttons = List.copyOf(buttons);
    menu = List.copyOf(menu);
  }
}
