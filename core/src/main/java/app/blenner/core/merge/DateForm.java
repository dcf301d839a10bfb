package app.blenner.core.merge;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.format.FormatStyle;
import java.util.Locale;

/** How a day is written. The forms of a language are those of the Unicode CLDR, as the platform carries it. */
public enum DateForm {
  /** As “Friday, 27 November 2026”. */
  FULL,
  /** As “27 November 2026”. */
  LONG,
  /** As “27 Nov 2026”. */
  MEDIUM,
  /** As “27/11/2026”. */
  SHORT,
  /** As “November 2026”. */
  MONTH,
  /** As “2026”. */
  YEAR,
  /** As “2026-11-27”: ISO 8601. */
  ISO;

  /** A day in this form. */
  public String write(LocalDate day, Locale language) {
    return switch (this) {
      case FULL ->
          DateTimeFormatter.ofLocalizedDate(FormatStyle.FULL).localizedBy(language).format(day);
      case LONG ->
          DateTimeFormatter.ofLocalizedDate(FormatStyle.LONG).localizedBy(language).format(day);
      case MEDIUM ->
          DateTimeFormatter.ofLocalizedDate(FormatStyle.MEDIUM).localizedBy(language).format(day);
      case SHORT ->
          DateTimeFormatter.ofLocalizedDate(FormatStyle.SHORT).localizedBy(language).format(day);
      case MONTH -> DateTimeFormatter.ofPattern("LLLL uuuu", language).format(day);
      case YEAR -> Integer.toString(day.getYear());
      case ISO -> day.toString();
    };
  }
}
