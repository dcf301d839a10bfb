package app.blenner.core.site;

import app.blenner.core.language.Slug;
import java.net.URLDecoder;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;

/** Addresses on the site. */
public final class SitePaths {
  /** First parts that belong to Blenner itself. */
  public static final Set<String> RESERVED =
      Set.of("editor", "media", "site", "api", "error", "search", "feed");

  /** Behind the address of a section, pages of its topics; no section is called so. */
  public static final String TOPIC = "topic";

  /** Before a keyword, the page of what it was given to; no section is called so. */
  public static final String KEYWORD = "keyword";

  /** What no section is called, since pages of its topics and of keywords are found there. */
  private static final Set<String> SECTIONS_NEVER = Set.of(TOPIC, KEYWORD);

  private SitePaths() {}

  /**
   * The lasting name of an address: the section's short name in place of its address, which can change. By these it is known
   * whose an address is.
   *
   * @param section the section it is in, or empty
   * @param slug the last part of the address of an item, or of a section within that one
   */
  public static String lasting(String section, String slug) {
    return section.isEmpty() ? "/" + slug : "/" + section + "/" + slug;
  }

  /**
   * Whether a part of addresses is Blenner’s own, so that no section can have it.
   *
   * @param parent the section within which it would stand, or empty
   */
  public static boolean isOurs(String parent, String step) {
    return SECTIONS_NEVER.contains(step) || parent.isEmpty() && RESERVED.contains(step);
  }

  /** No part of an address between two slashes that leads anywhere is longer. */
  public static final int LONGEST = 200;

  /**
   * What stands between the slashes of a path, decoded.
   *
   * @return nothing for that of the front page, and for what is not a path
   */
  public static List<String> steps(String path) {
    if (path.length() < 2) {
      return List.of();
    }
    List<String> steps = new ArrayList<>();
    for (String step : path.substring(1).split("/", -1)) {
      try {
        steps.add(decoded(step));
      } catch (IllegalArgumentException e) {
        return List.of();
      }
    }
    return steps;
  }

  /**
   * The address of the page of a topic.
   *
   * @param section the address of its section's page
   */
  public static String topicPath(String section, String topic) {
    return section + "/" + TOPIC + "/" + topic;
  }

  /** The address of the page of a keyword; however it is written in, it has one. */
  public static String keywordPath(String word) {
    return "/" + KEYWORD + "/" + encoded(inOneStep(word.toLowerCase(Locale.ROOT)));
  }

  /** The keyword of a decoded step of an address. */
  public static String keywordOf(String step) {
    try {
      return decoded(step);
    } catch (IllegalArgumentException e) {
      return step;
    }
  }

  /** What would end a step of an address, or say something of it, hidden once more. */
  private static String inOneStep(String word) {
    StringBuilder out = new StringBuilder();
    word.chars()
        .forEach(
            c -> {
              if ("%/\\;.?#".indexOf(c) >= 0) {
                out.append(String.format("%%%02X", c));
              } else {
                out.append((char) c);
              }
            });
    return out.toString();
  }

  private static String decoded(String step) {
    return URLDecoder.decode(step.replace("+", "%2B"), StandardCharsets.UTF_8);
  }

  private static String encoded(String step) {
    return URLEncoder.encode(step, StandardCharsets.UTF_8).replace("+", "%20");
  }

  /** Where the answers to a form of an item go; forms are counted from 1. */
  public static String formPath(String key, int number) {
    return "/site/contact/" + key + "/" + number;
  }

  /** The legal slug nearest to one that somebody typed; empty where nothing of it can be used. */
  public static String suggestion(String slug) {
    return Slug.isLegal(slug) && slug.length() <= Slug.MAX_LENGTH ? slug : Slug.of(slug);
  }

  /**
   * What is wrong with a slug that somebody typed, in a sentence.
   *
   * @return empty when nothing is
   */
  public static String problemWith(String slug) {
    if (slug.isEmpty()) {
      return "The address needs at least one letter or digit.";
    }
    if (slug.length() > Slug.MAX_LENGTH) {
      return "The address is longer than " + Slug.MAX_LENGTH + " characters.";
    }
    if (!Slug.isLegal(slug)) {
      String would = suggestion(slug);
      return "Use small letters a to z, digits, and single hyphens between them."
          + (would.isEmpty() ? "" : " “" + would + "” would do.");
    }
    return "";
  }
}
