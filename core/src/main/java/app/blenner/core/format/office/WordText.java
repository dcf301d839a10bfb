package app.blenner.core.format.office;

import java.util.List;
import org.jsoup.nodes.Element;

/**
 * The text of a word processor's file.
 *
 * @param body its content as HTML, each piece in the element that says what it is
 * @param title what its own properties call it, or empty
 * @param deletions how many tracked deletions were left out
 * @param remarks how many comments were left out
 * @param notes what else there is to know, a sentence each
 */
public record WordText(
    Element body, String title, int deletions, int remarks, List<String> notes) {}
