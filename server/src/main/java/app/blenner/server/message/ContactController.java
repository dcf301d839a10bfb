package app.blenner.server.message;

import app.blenner.core.document.ContactForm;
import app.blenner.core.language.SiteWords;
import app.blenner.core.message.Submission;
import app.blenner.core.site.FormPage;
import app.blenner.core.site.PublishedItem;
import app.blenner.core.site.SitePaths;
import app.blenner.server.item.published.PublishedItems;
import app.blenner.server.page.SitePages;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.TreeMap;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/**
 * Takes the messages of visitors in two steps: the form, then the message once more to be looked
 * over. Robots fill in the field that people never see, send without looking, or send too much.
 */
@RestController
class ContactController {
  private static final String TOKEN = "looked-over";

  private final PublishedItems items;
  private final MessageService messages;
  private final FormToken tokens;
  private final RateLimiter limiter;
  private final SitePages pages;

  ContactController(
      PublishedItems items,
      MessageService messages,
      FormToken tokens,
      RateLimiter limiter,
      SitePages pages) {
    this.items = items;
    this.messages = messages;
    this.tokens = tokens;
    this.limiter = limiter;
    this.pages = pages;
  }

  @PostMapping("/site/contact/{key}/{number}")
  void take(
      @PathVariable String key,
      @PathVariable int number,
      @RequestParam Map<String, String> given,
      HttpServletRequest request,
      HttpServletResponse response)
      throws IOException {
    PublishedItem item = items.findLive(key).orElse(null);
    if (item == null) {
      send(response, HttpStatus.NOT_FOUND, pages.notFound());
      return;
    }
    ContactForm form = MessageService.formAt(item.content().body(), number);
    String action = SitePaths.formPath(key, number);
    SiteWords words = pages.wordsOf(item);
    Submission submission = Submission.read(form, given, words);
    if (!submission.problems().isEmpty()) {
      String again = FormPage.renderForm(form, action, given, submission.problems(), words);
      send(
          response,
          HttpStatus.UNPROCESSABLE_CONTENT,
          pages.formStep(words.get("form.again"), item, again));
      return;
    }
    String told = told(action, submission);
    if (!tokens.holds(given.get(TOKEN), told)) {
      lookOver(response, item, submission, action, told);
    } else if (submission.robot()) {
      // It is not told that it was found out.
      send(response, HttpStatus.OK, thanksFor(item));
    } else if (!limiter.pass(request.getRemoteAddr())) {
      String again = FormPage.renderForm(form, action, given, Map.of(), words);
      send(
          response,
          HttpStatus.TOO_MANY_REQUESTS,
          pages.formStep(words.get("form.toomany"), item, again));
    } else {
      messages.keep(item, submission);
      send(response, HttpStatus.OK, thanksFor(item));
    }
  }

  private void lookOver(
      HttpServletResponse response,
      PublishedItem item,
      Submission submission,
      String action,
      String told)
      throws IOException {
    Map<String, String> hidden = new LinkedHashMap<>();
    submission.answers().forEach(a -> hidden.put(a.name(), a.text()));
    hidden.put(TOKEN, tokens.make(told));
    if (submission.robot()) {
      hidden.put(Submission.TRAP, "filled in");
    }
    SiteWords words = pages.wordsOf(item);
    String main = FormPage.lookOver(submission.answers(), action, hidden, words);
    send(response, HttpStatus.OK, pages.formStep(words.get("form.lookover"), item, main));
  }

  private String thanksFor(PublishedItem item) {
    SiteWords words = pages.wordsOf(item);
    return pages.formStep(words.get("form.sent"), item, FormPage.thanks(words));
  }

  /** All that was answered, in one string to be signed. */
  private static String told(String action, Submission submission) {
    Map<String, String> sorted = new TreeMap<>();
    submission.answers().forEach(a -> sorted.put(a.name(), a.text()));
    return action + "\n" + sorted;
  }

  private void send(HttpServletResponse response, HttpStatus status, String html)
      throws IOException {
    response.setStatus(status.value());
    pages.addHeaders(response);
    response.setHeader("Cache-Control", "no-store");
    response.getOutputStream().write(html.getBytes(StandardCharsets.UTF_8));
  }
}
