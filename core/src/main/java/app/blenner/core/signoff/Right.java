package app.blenner.core.signoff;

/** What not everybody may do, besides the steps of an item, which {@link SignOff} decides. */
public enum Right {
  /** To change what readers see. Where a section names who may publish in it, they may there. */
  PUBLISH("Readers see this already. Only somebody who may publish there can change it."),
  /** To read what visitors wrote: it holds their names and addresses. */
  READ_MESSAGES("Only an editor reads the messages of visitors."),
  /** To read what somebody else writes and has shown to nobody yet, and the notes beside it. */
  READ_OTHERS_DRAFTS("This is somebody else’s draft, and they have not sent it for review yet."),
  /** To put away what somebody else wrote. */
  ARCHIVE_OTHERS("Only an editor can archive what somebody else wrote."),
  /** To change the set-up of the site: its name, sections, outlines and dealings with others. */
  SET_UP("Only an editor can change the site’s set-up."),
  /** To take the whole site out, or put another in its place. */
  WHOLE_SITE("Only an editor can take the whole site out or bring one in."),
  /** To add, change, invite and deactivate people, and to read what was done by whom. */
  PEOPLE("Only an editor can add or change people.");

  private final String refusal;

  Right(String refusal) {
    this.refusal = refusal;
  }

  /** What somebody is told who does not have it. */
  public String refusal() {
    return refusal;
  }
}
