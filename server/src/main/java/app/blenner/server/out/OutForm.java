package app.blenner.server.out;

/** Forms a text can go out in. */
enum OutForm {
  /** The text as HTML, as it is stored. */
  BODY("text/html;charset=UTF-8", "html"),
  /** A whole page with its own style. */
  PAGE("text/html;charset=UTF-8", "html"),
  /** The text as HTML with its pictures in it and whole addresses, for the clipboard. */
  FORMATTED("text/html;charset=UTF-8", "html"),
  MARKDOWN("text/markdown;charset=UTF-8", "md"),
  TEXT("text/plain;charset=UTF-8", "txt"),
  DOCX("application/vnd.openxmlformats-officedocument.wordprocessingml.document", "docx"),
  ODT("application/vnd.oasis.opendocument.text", "odt");

  private final String mediaType;
  private final String ending;

  OutForm(String mediaType, String ending) {
    this.mediaType = mediaType;
    this.ending = ending;
  }

  String mediaType() {
    return mediaType;
  }

  String ending() {
    return ending;
  }
}
