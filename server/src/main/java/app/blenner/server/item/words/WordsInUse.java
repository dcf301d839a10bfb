package app.blenner.server.item.words;

import app.blenner.core.item.Content;
import app.blenner.core.kind.StandardFields;
import app.blenner.core.signoff.Right;
import app.blenner.server.account.Account;
import app.blenner.server.item.store.ItemText;
import app.blenner.server.item.store.KeptOfText;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** The keywords and authors that items have, offered where somebody types one, so that one thing has one name. */
@Service
@Transactional
public class WordsInUse implements KeptOfText {
  private static final int LONGEST = 200;
  private static final int OFFERED = 12;

  /** Where words are offered. */
  public enum Field {
    KEYWORDS,
    AUTHORS
  }

  /** A word with how many items have it. */
  public record Used(String word, long items) {}

  private final WordInUseRepository words;

  WordsInUse(WordInUseRepository words) {
    this.words = words;
  }

  @Override
  public void written(ItemText text) {
    if (text.forReaders()) {
      return; // offered is what people write now
    }
    List<WordInUseEntity> now = entities(text.itemKey(), text.content());
    List<WordInUseEntity> before = words.findByItemKey(text.itemKey());
    if (told(now).equals(told(before))) {
      return;
    }
    List<String> kept = now.stream().map(w -> w.id).toList();
    words.deleteAll(before.stream().filter(w -> !kept.contains(w.id)).toList());
    words.saveAll(now);
  }

  @Override
  public void forgotten(String key) {
    words.deleteAll(words.findByItemKey(key));
  }

  @Override
  public void clear() {
    words.deleteAllInBatch();
  }

  @Override
  @Transactional(propagation = Propagation.SUPPORTS)
  public Collection<?> rowsOf(ItemText text) {
    return text.forReaders() ? List.of() : entities(text.itemKey(), text.content());
  }

  private static List<WordInUseEntity> entities(String key, Content content) {
    List<WordInUseEntity> out = new ArrayList<>();
    add(out, key, Field.KEYWORDS, content.keywords());
    add(out, key, Field.AUTHORS, StandardFields.texts(content, StandardFields.AUTHORS));
    return out;
  }

  private static List<String> told(List<WordInUseEntity> some) {
    return some.stream().map(w -> w.id + " " + w.word).sorted().toList();
  }

  private static void add(List<WordInUseEntity> out, String key, Field field, List<String> given) {
    for (int i = 0; i < given.size(); i++) {
      String word = given.get(i);
      if (word.length() <= LONGEST) {
        WordInUseEntity one = new WordInUseEntity();
        one.id = key + "/" + field + "/" + i;
        one.itemKey = key;
        one.field = field.name();
        one.word = word;
        one.lowerWord = word.toLowerCase(Locale.ROOT);
        out.add(one);
      }
    }
  }

  /** Words in use that begin with some letters, the most used first; none that only drafts have that somebody may not read. */
  @Transactional(readOnly = true)
  public List<Used> offered(Field field, String begins, Account who) {
    String escaped = begins.strip().toLowerCase(Locale.ROOT).replaceAll("[\\\\%_]", "\\\\$0");
    boolean all = who.role().hasRight(Right.READ_OTHERS_DRAFTS);
    return words.used(field.name(), escaped + "%", all, who.id(), Limit.of(OFFERED));
  }
}
