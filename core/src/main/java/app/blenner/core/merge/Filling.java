package app.blenner.core.merge;

import app.blenner.core.item.Content;
import app.blenner.core.kind.Kind;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;

/**
 * What placeholders of an item are filled from.
 *
 * @param site what the site is called
 * @param tagline what it is, in a line
 * @param kind the kind of the item
 * @param content what is written in it
 * @param section what its section is called, or empty
 * @param topics what its topics are called
 * @param author whose it is, in words
 * @param published the day on which readers first saw it, or null
 * @param updated the day on which readers first saw this text of it, or null
 * @param today the day on which it is read
 * @param zone the time zone of the site
 * @param language the language it is written in
 * @param reader what a reader is called of whom nothing is known
 * @param titles the title of a live item by its key; empty where it is not live
 */
public record Filling(
    String site,
    String tagline,
    Kind kind,
    Content content,
    String section,
    List<String> topics,
    String author,
    LocalDate published,
    LocalDate updated,
    LocalDate today,
    ZoneId zone,
    Locale language,
    String reader,
    Function<String, String> titles) {}
