package app.blenner.core.media;

import com.adobe.internal.xmp.XMPException;
import com.adobe.internal.xmp.XMPMeta;
import com.adobe.internal.xmp.properties.XMPProperty;
import com.drew.metadata.Directory;
import com.drew.metadata.Metadata;
import com.drew.metadata.exif.ExifIFD0Directory;
import com.drew.metadata.iptc.IptcDirectory;
import com.drew.metadata.xmp.XmpDirectory;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;

/**
 * What a picture's file says of the picture: by XMP first, which came last, then by IPTC, then by EXIF. Sources: IPTC Photo
 * Metadata Standard 2023.2; CIPA DC-008 (Exif 2.32), 4.6.4; XMP Specification, part 2.
 */
final class PictureMetadata {
  private static final String DC = "http://purl.org/dc/elements/1.1/";
  private static final String PHOTOSHOP = "http://ns.adobe.com/photoshop/1.0/";
  private static final String RIGHTS = "http://ns.adobe.com/xap/1.0/rights/";
  private static final String IPTC = "http://iptc.org/std/Iptc4xmpCore/1.0/xmlns/";

  private final Metadata data;

  PictureMetadata(Metadata data) {
    this.data = data;
  }

  /** What the file says; nothing where it says nothing. */
  Description description() {
    return new Description(
        first(
            xmp(DC, "title"),
            iptc(IptcDirectory.TAG_OBJECT_NAME),
            iptc(IptcDirectory.TAG_HEADLINE)),
        first(xmp(IPTC, "AltTextAccessibility")),
        first(
            xmp(DC, "description"),
            iptc(IptcDirectory.TAG_CAPTION),
            exif(ExifIFD0Directory.TAG_IMAGE_DESCRIPTION)),
        first(
            xmp(DC, "creator"),
            iptc(IptcDirectory.TAG_BY_LINE),
            xmp(PHOTOSHOP, "Credit"),
            iptc(IptcDirectory.TAG_CREDIT),
            exif(ExifIFD0Directory.TAG_ARTIST)),
        first(xmp(PHOTOSHOP, "Source"), iptc(IptcDirectory.TAG_SOURCE)),
        first(
            xmp(RIGHTS, "UsageTerms"),
            xmp(DC, "rights"),
            iptc(IptcDirectory.TAG_COPYRIGHT_NOTICE),
            exif(ExifIFD0Directory.TAG_COPYRIGHT)),
        "",
        keywords());
  }

  @SafeVarargs
  private static String first(List<String>... said) {
    for (List<String> some : said) {
      if (!some.isEmpty()) {
        return String.join(", ", some);
      }
    }
    return "";
  }

  private List<String> keywords() {
    List<String> xmp = xmp(DC, "subject");
    return xmp.isEmpty() ? iptc(IptcDirectory.TAG_KEYWORDS) : xmp;
  }

  private List<String> iptc(int tag) {
    return textsOf(IptcDirectory.class, tag);
  }

  private List<String> exif(int tag) {
    return textsOf(ExifIFD0Directory.class, tag);
  }

  private List<String> textsOf(Class<? extends Directory> type, int tag) {
    return data.getDirectoriesOfType(type).stream()
        .flatMap(
            d -> {
              String[] all = d.getStringArray(tag);
              return all == null ? Stream.ofNullable(d.getString(tag)) : Stream.of(all);
            })
        .map(String::strip)
        .filter(s -> !s.isEmpty())
        .toList();
  }

  /** The texts of a property: of a list all of them, of one in several languages the first. */
  private List<String> xmp(String space, String name) {
    List<String> out = new ArrayList<>();
    for (XmpDirectory directory : data.getDirectoriesOfType(XmpDirectory.class)) {
      XMPMeta meta = directory.getXMPMeta();
      try {
        XMPProperty whole = meta.getProperty(space, name);
        if (whole == null || !out.isEmpty()) {
          continue;
        }
        if (!whole.getOptions().isArray()) {
          out.add(whole.getValue());
          continue;
        }
        int most = whole.getOptions().isArrayAltText() ? 1 : meta.countArrayItems(space, name);
        for (int i = 1; i <= most; i++) {
          out.add(meta.getArrayItem(space, name, i).getValue());
        }
      } catch (XMPException e) {
        // A property that cannot be read says nothing.
      }
    }
    return out.stream()
        .filter(Objects::nonNull)
        .map(String::strip)
        .filter(s -> !s.isEmpty())
        .toList();
  }
}
