package app.blenner.core.document;

/** A piece of running text: a run of characters, or a line break inside a paragraph. */
public sealed interface Inline permits Text, LineBreak {

  /** How this piece is dressed. */
  Marks marks();

  /** The same piece, dressed otherwise. */
  Inline withMarks(Marks marks);
}
