package app.blenner.core.language;

import com.ibm.icu.util.LocaleData;
import com.ibm.icu.util.ULocale;

/**
 * The quotation marks of a language, from the Unicode CLDR by way of ICU.
 *
 * @param openDouble opens a quotation
 * @param closeDouble closes it
 * @param openSingle opens one inside another
 * @param closeSingle closes it
 */
public record QuotationMarks(
    String openDouble, String closeDouble, String openSingle, String closeSingle) {

  /**
   * The marks of a language.
   *
   * @param tag a BCP 47 tag
   */
  public static QuotationMarks of(String tag) {
    ULocale locale = ULocale.forLanguageTag(tag);
    LocaleData data = LocaleData.getInstance(locale);
    String open = data.getDelimiter(LocaleData.QUOTATION_START);
    String close = data.getDelimiter(LocaleData.QUOTATION_END);
    // French sets a space that does not break inside its angled marks; the CLDR leaves it out.
    boolean spaced = locale.getLanguage().equals("fr") && open.equals("«");
    return new QuotationMarks(
        spaced ? "«\u00A0" : open,
        spaced ? "\u00A0»" : close,
        data.getDelimiter(LocaleData.ALT_QUOTATION_START),
        data.getDelimiter(LocaleData.ALT_QUOTATION_END));
  }
}
