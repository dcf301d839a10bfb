package app.blenner.core.media;

import java.util.Arrays;
import java.util.Optional;

/** The types of files a site can hold. */
public enum FileType {
  JPEG(Kind.PICTURE, "image/jpeg", "jpg", "jpeg", "jpe", "jfif"),
  PNG(Kind.PICTURE, "image/png", "png"),
  GIF(Kind.PICTURE, "image/gif", "gif"),
  WEBP(Kind.PICTURE, "image/webp", "webp"),
  SVG(Kind.PICTURE, "image/svg+xml", "svg"),
  TIFF(Kind.PICTURE, "image/tiff", "tif", "tiff"),
  BMP(Kind.PICTURE, "image/bmp", "bmp"),
  MP3(Kind.SOUND, "audio/mpeg", "mp3"),
  OGG(Kind.SOUND, "audio/ogg", "ogg", "oga", "opus"),
  WAV(Kind.SOUND, "audio/wav", "wav"),
  M4A(Kind.SOUND, "audio/mp4", "m4a"),
  FLAC(Kind.SOUND, "audio/flac", "flac"),
  MP4(Kind.FILM, "video/mp4", "mp4", "m4v"),
  WEBM(Kind.FILM, "video/webm", "webm"),
  PDF(Kind.DOCUMENT, "application/pdf", "pdf"),
  DOCX(
      Kind.DOCUMENT,
      "application/vnd.openxmlformats-officedocument.wordprocessingml.document",
      "docx"),
  XLSX(Kind.DOCUMENT, "application/vnd.openxmlformats-officedocument.spreadsheetml.sheet", "xlsx"),
  PPTX(
      Kind.DOCUMENT,
      "application/vnd.openxmlformats-officedocument.presentationml.presentation",
      "pptx"),
  ODT(Kind.DOCUMENT, "application/vnd.oasis.opendocument.text", "odt"),
  ODS(Kind.DOCUMENT, "application/vnd.oasis.opendocument.spreadsheet", "ods"),
  ODP(Kind.DOCUMENT, "application/vnd.oasis.opendocument.presentation", "odp"),
  EPUB(Kind.DOCUMENT, "application/epub+zip", "epub"),
  RTF(Kind.DOCUMENT, "application/rtf", "rtf"),
  DOC(Kind.DOCUMENT, "application/msword", "doc"),
  XLS(Kind.DOCUMENT, "application/vnd.ms-excel", "xls"),
  PPT(Kind.DOCUMENT, "application/vnd.ms-powerpoint", "ppt"),
  CAPTIONS(Kind.TEXT, "text/vtt", "vtt"),
  CSV(Kind.TEXT, "text/csv", "csv"),
  CALENDAR(Kind.TEXT, "text/calendar", "ics"),
  TEXT(Kind.TEXT, "text/plain", "txt", "text", "md", "log"),
  ZIP(Kind.ARCHIVE, "application/zip", "zip"),
  GZIP(Kind.ARCHIVE, "application/gzip", "gz", "tgz");

  /** What people would call it. */
  public enum Kind {
    PICTURE,
    SOUND,
    FILM,
    DOCUMENT,
    TEXT,
    ARCHIVE
  }

  private final Kind kind;
  private final String mediaType;
  private final String[] endings;

  FileType(Kind kind, String mediaType, String... endings) {
    this.kind = kind;
    this.mediaType = mediaType;
    this.endings = endings;
  }

  public Kind kind() {
    return kind;
  }

  /** Its media type, as IANA lists it. */
  public String mediaType() {
    return mediaType;
  }

  /** What the name of such a file ends in, without the dot. */
  public String ending() {
    return endings[0];
  }

  /** Whether names of such files end so. */
  public boolean endsIn(String ending) {
    return Arrays.asList(endings).contains(ending);
  }

  /** Whether a browser shows such a picture, and it can be made in other sizes. */
  public boolean isPixels() {
    return this == JPEG || this == PNG || this == GIF || this == WEBP;
  }

  /** The type with a media type. */
  public static Optional<FileType> ofMediaType(String mediaType) {
    return Arrays.stream(values()).filter(t -> t.mediaType.equals(mediaType)).findFirst();
  }

  /** The type whose names end so. */
  public static Optional<FileType> ofEnding(String ending) {
    return Arrays.stream(values()).filter(t -> t.endsIn(ending)).findFirst();
  }
}
