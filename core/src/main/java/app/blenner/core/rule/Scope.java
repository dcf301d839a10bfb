package app.blenner.core.rule;

/** What a rule reads, and so when it has to look again. */
public enum Scope {
  /** Each block of the text by itself: again when that block changes. */
  BLOCK,
  /** The whole item: again when anything in it changes. */
  ITEM,
  /** Also what lies beyond the item: again when the site changes. */
  SITE
}
