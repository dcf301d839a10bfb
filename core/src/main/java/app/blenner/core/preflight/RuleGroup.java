package app.blenner.core.preflight;

/** What sort of fault rules look for, as whoever sets them up looks for them. */
public enum RuleGroup {
  HOUSE("What an item has", "Lengths, counts, and what must be there before an item goes live."),
  PICTURES("Pictures", "Alternative texts, and what is told of pictures."),
  LINKS("Links", "Where links go, and what their words say."),
  STRUCTURE("Headings, lists and tables", "How the text is built."),
  WORDS("Words", "The house’s own words, sentences, and what stands in for something else."),
  SEARCH("Search and sharing", "How the item is found, and how it looks elsewhere."),
  LEFTOVERS("Leftovers", "What was typed or pasted for its looks.");

  private final String label;
  private final String about;

  RuleGroup(String label, String about) {
    this.label = label;
    this.about = about;
  }

  /** Its name as people read it. */
  public String label() {
    return label;
  }

  /** What its rules look for, in a sentence. */
  public String about() {
    return about;
  }
}
