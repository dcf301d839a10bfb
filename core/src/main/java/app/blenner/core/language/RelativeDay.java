package app.blenner.core.language;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.time.format.TextStyle;
import java.time.temporal.ChronoUnit;
import java.util.Locale;

/** Days told as people tell them. */
public final class RelativeDay {
  private RelativeDay() {}

  /** The day of an instant: today, yesterday, a weekday within the last week, or a date. */
  public static String day(Instant then, Instant now, ZoneId zone) {
    LocalDate day = then.atZone(zone).toLocalDate();
    LocalDate today = now.atZone(zone).toLocalDate();
    long days = ChronoUnit.DAYS.between(day, today);
    if (days == 0) {
      return "today";
    }
    if (days == 1) {
      return "yesterday";
    }
    if (days > 1 && days < 7) {
      return day.getDayOfWeek().getDisplayName(TextStyle.FULL, Locale.ENGLISH);
    }
    String pattern = day.getYear() == today.getYear() ? "d MMMM" : "d MMMM uuuu";
    return DateTimeFormatter.ofPattern(pattern, Locale.ENGLISH).format(day);
  }
}
