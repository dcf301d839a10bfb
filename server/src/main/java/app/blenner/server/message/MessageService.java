package app.blenner.server.message;

import app.blenner.core.archive.PackedMessage;
import app.blenner.core.document.ContactForm;
import app.blenner.core.document.Document;
import app.blenner.core.message.Letter;
import app.blenner.core.message.Submission;
import app.blenner.core.site.PublishedItem;
import app.blenner.server.problem.Problem;
import app.blenner.server.revision.Revised;
import app.blenner.server.site.ExternalService;
import app.blenner.server.site.SiteService;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.springframework.data.domain.Limit;
import org.springframework.data.domain.Sort;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Keeps the messages of visitors. */
@Service
@Transactional
public class MessageService {
  private static final int MOST_SHOWN = 200;

  /** One answer of a message. */
  record AnswerView(String label, String text) {}

  /** A message as the inbox shows it, with the letter that would have gone out. */
  record MessageView(
      long id,
      String itemKey,
      String itemTitle,
      Instant receivedAt,
      List<AnswerView> answers,
      String letter,
      boolean read)
      implements Revised {}

  /** The inbox. */
  record Inbox(long unread, List<MessageView> messages) {}

  private final MessageRepository messages;
  private final SiteService sites;
  private final ExternalService external;
  private final Clock clock;
  private final JsonMapper json;

  MessageService(
      MessageRepository messages,
      SiteService sites,
      ExternalService external,
      Clock clock,
      JsonMapper json) {
    this.messages = messages;
    this.sites = sites;
    this.external = external;
    this.clock = clock;
    this.json = json;
  }

  /** The form of a text with this number, counted from 1. */
  static ContactForm formAt(Document text, int number) {
    List<ContactForm> forms = new ArrayList<>();
    text.walk(
        (path, block) -> {
          if (block instanceof ContactForm form) {
            forms.add(form);
          }
        });
    if (number < 1 || number > forms.size()) {
      throw Problem.notThere("There is no form here any more.");
    }
    return forms.get(number - 1);
  }

  void keep(PublishedItem item, Submission submission) {
    MessageEntity m = new MessageEntity();
    m.itemKey = item.key();
    m.itemTitle = item.content().title();
    m.receivedAt = clock.instant();
    m.answers =
        json.writeValueAsString(
            submission.answers().stream().map(a -> new AnswerView(a.label(), a.text())).toList());
    m.letter =
        Letter.of(external.contactAddress(), sites.site().name(), m.itemTitle, submission).source();
    messages.save(m);
  }

  @Transactional(readOnly = true)
  Inbox inbox() {
    return new Inbox(
        messages.countByReadFalse(),
        messages.findAllByOrderByReceivedAtDescIdDesc(Limit.of(MOST_SHOWN)).stream()
            .map(this::toView)
            .toList());
  }

  private MessageEntity get(long id) {
    return messages
        .findById(id)
        .orElseThrow(() -> Problem.notThere("Somebody has deleted this message already."));
  }

  @Transactional(readOnly = true)
  MessageView viewOf(long id) {
    return toView(get(id));
  }

  MessageView read(long id, boolean read) {
    MessageEntity m = get(id);
    m.read = read;
    return toView(messages.saveAndFlush(m));
  }

  void delete(long id) {
    messages.delete(get(id));
    messages.flush();
  }

  private MessageView toView(MessageEntity m) {
    return new MessageView(
        m.id,
        m.itemKey,
        m.itemTitle,
        m.receivedAt,
        List.of(json.readValue(m.answers, AnswerView[].class)),
        m.letter,
        m.read);
  }

  /** All messages, the oldest first, as a package holds them. */
  public List<PackedMessage> packAll() {
    return messages.findAll(Sort.by("receivedAt", "id")).stream()
        .map(
            m ->
                new PackedMessage(
                    m.itemKey, m.itemTitle, m.receivedAt, m.answers, m.letter, m.read))
        .toList();
  }

  /** Takes a message over. */
  public void add(PackedMessage packed) {
    MessageEntity m = new MessageEntity();
    m.itemKey = packed.item();
    m.itemTitle = packed.title();
    m.receivedAt = packed.received();
    m.answers = packed.answers();
    m.letter = packed.letter();
    m.read = packed.read();
    messages.save(m);
  }

  /** Takes all messages away. */
  public void clear() {
    messages.deleteAllInBatch();
  }
}
