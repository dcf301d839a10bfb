package app.blenner.server.asset;

import app.blenner.core.media.Description;
import app.blenner.core.media.FileType;
import app.blenner.core.picture.Focus;
import app.blenner.core.picture.PictureEdit;
import app.blenner.core.picture.Size;
import app.blenner.core.site.SiteAsset;
import app.blenner.server.digest.Sha256;
import app.blenner.server.file.StoredFile;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.PostPersist;
import jakarta.persistence.Table;
import jakarta.persistence.Transient;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import org.springframework.data.domain.Persistable;

@Entity
@Table(name = "asset")
class AssetEntity implements Persistable<String> {
  private static final int TAG_LENGTH = 16;

  @Id String name;

  @Version long revision;

  /** Not stored yet: to be put in beside the others, and never over one that took its name a moment ago. */
  @Transient boolean fresh;

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

  /** All of it and the name, in small letters, to be looked for. */
  String words = "";

  String edit = "";

  @Column(name = "focus_x")
  double focusX = 0.5;

  @Column(name = "focus_y")
  double focusY = 0.5;

  Instant expiresAt;
  Instant addedAt;
  String addedBy = "";
  Instant binnedAt;

  /** Whether where and with what a picture was taken stays in its file. */
  boolean whole;

  @Override
  public String getId() {
    return name;
  }

  @Override
  public boolean isNew() {
    return fresh;
  }

  @PostPersist
  void stored() {
    fresh = false;
  }

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
    words =
        String.join(
                " ",
                title,
                name,
                alternative,
                caption,
                credit,
                source,
                licence,
                description,
                keywords)
            .toLowerCase(Locale.ROOT);
  }

  PictureEdit edit() {
    return PictureEdit.parse(edit).orElse(PictureEdit.NONE);
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

  /** Whether readers may not see it any more. */
  boolean isGone(Instant now) {
    return binnedAt != null || (expiresAt != null && !now.isBefore(expiresAt));
  }

  /**
   * What a page has to know of it.
   *
   * @param now whether it has expired by then
   */
  SiteAsset toSiteAsset(StoredFile stored, Instant now) {
    Size shown = stored.size().map(edit()::of).orElse(null);
    return new SiteAsset(
        name,
        stored.mediaType(),
        stored.bytes(),
        shown == null ? 0 : shown.width(),
        shown == null ? 0 : shown.height(),
        stored.frames() > 1,
        alternative,
        tag(),
        isGone(now),
        caption,
        credit);
  }
}
