package app.blenner.core.signoff;

import static app.blenner.core.item.Stage.ARCHIVED;
import static app.blenner.core.item.Stage.BINNED;
import static app.blenner.core.item.Stage.CLEARED;
import static app.blenner.core.item.Stage.DRAFT;
import static app.blenner.core.item.Stage.IN_REVIEW;
import static app.blenner.core.item.Stage.LIVE;
import static app.blenner.core.item.Stage.SCHEDULED;
import static app.blenner.core.item.Stage.WITHDRAWN;

import app.blenner.core.item.Stage;
import java.util.Set;

/** What can be done to an item as a whole. Each is one arrow of the state machine. */
public enum Action {
  PUT_LIVE("Put live", Set.of(DRAFT, IN_REVIEW, CLEARED, SCHEDULED, WITHDRAWN), LIVE, true, true),
  UPDATE_LIVE("Update live", Set.of(LIVE), LIVE, true, true),
  SEND_CHANGE("Send the change for review", Set.of(LIVE), LIVE, false, true),
  TAKE_BACK_CHANGE("Take the change back", Set.of(LIVE), LIVE, false, false),
  SEND_FOR_REVIEW("Send for review", Set.of(DRAFT, WITHDRAWN), IN_REVIEW, false, true),
  TAKE_BACK("Take back", Set.of(IN_REVIEW, CLEARED, SCHEDULED), DRAFT, false, false),
  WITHDRAW("Withdraw", Set.of(LIVE), WITHDRAWN, true, false),
  ARCHIVE("Archive", Set.of(DRAFT, WITHDRAWN), ARCHIVED, false, false),
  BRING_BACK("Bring back as a draft", Set.of(ARCHIVED), DRAFT, false, false),
  BIN("Put in the bin", Set.of(DRAFT, WITHDRAWN, ARCHIVED), BINNED, false, false),
  RESTORE("Take out of the bin", Set.of(BINNED), DRAFT, false, false);

  private final String label;
  private final Set<Stage> from;
  private final Stage to;
  private final boolean editorsOnly;
  private final boolean checked;

  Action(String label, Set<Stage> from, Stage to, boolean editorsOnly, boolean checked) {
    this.label = label;
    this.from = from;
    this.to = to;
    this.editorsOnly = editorsOnly;
    this.checked = checked;
  }

  /** What its button says. */
  public String label() {
    return label;
  }

  /** The stages it leads from. */
  public Set<Stage> from() {
    return from;
  }

  /** The stage it leads to. */
  public Stage to() {
    return to;
  }

  /**
   * What its button says to somebody.
   *
   * @param own whether the item belongs to the person who asks
   */
  public String label(boolean own) {
    return this == TAKE_BACK && !own ? "Give back to the writer" : label;
  }

  /** Whether only an editor may take it, because readers see what it does. */
  public boolean isEditorsOnly() {
    return editorsOnly;
  }

  /** Whether must-fix findings hold it back. */
  public boolean isChecked() {
    return checked;
  }
}
