package app.blenner.server.asset;

import app.blenner.core.media.Description;
import app.blenner.core.media.FileType;
import app.blenner.core.picture.Edit;
import app.blenner.core.picture.Focus;
import app.blenner.core.picture.Size;
import app.blenner.core.site.SiteAsset;
import app.blenner.server.file.Sha256;
import app.blenner.server.file.StoredFile;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.List;

@Entity
@Table(name = "asset")
class AssetEntity {
  private static final int TAG_LENGTH = 16;

  @Id String name;
  String file;

  @Enumerated(EnumType.STRING)
  FileType.Kind kind;

  String title = "";
  String alternative = "";
  String caption = "";
  String credit = "";
  String source = "";
  String licence = "";
  String description = "";
  String keywords = "";
  String edit = "";

  @Column(name = "focus_x")
  double focusX = 0.5;

  @Column(name = "focus_y")
  double focusY = 0.5;

  Instant expiresAt;
  Instant addedAt;
  String addedBy = "";
  Instant binnedAt;

  Description said() {
    return new Description(
        title,
        alternative,
        caption,
        credit,
        source,
        licence,
        description,
        keywords.isEmpty() ? List.of() : List.of(keywords.split(", ")));
  }

  void describe(Description said) {
    title = said.title();
    alternative = said.alternative();
    caption = said.caption();
    credit = said.credit();
    source = said.source();
    licence = said.licence();
    description = said.description();
    // None of them holds a comma.
    keywords = String.join(", ", said.keywords());
  }

  Edit edit() {
    return Edit.parse(edit).orElse(Edit.NONE);
  }

  Focus focus() {
    return new Focus(focusX, focusY);
  }

  /** Letters that change whenever what readers get of it changes. */
  String tag() {
    boolean asItCame = edit.isEmpty() && focus().equals(Focus.MIDDLE);
    String whole = asItCame ? file : Sha256.of(file + " " + edit + " " + focusX + " " + focusY);
    return whole.substring(0, TAG_LENGTH);
  }

  SiteAsset toSiteAsset(StoredFile stored) {
    Size shown = stored.size().map(edit()::of).orElse(null);
    return new SiteAsset(
        name,
        stored.mediaType(),
        stored.bytes(),
        shown == null ? 0 : shown.width(),
        shown == null ? 0 : shown.height(),
        stored.frames() > 1,
        alternative,
        tag());
  }
}
