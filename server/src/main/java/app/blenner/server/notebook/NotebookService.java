package app.blenner.server.notebook;

import app.blenner.core.archive.PackedNote;
import app.blenner.core.document.PlainText;
import app.blenner.server.change.ChangeBus;
import app.blenner.server.item.checks.ItemNotes;
import app.blenner.server.item.checks.NotesChanged;
import app.blenner.server.item.published.PublishedItems;
import app.blenner.server.problem.Problem;
import java.util.LinkedHashSet;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Notebooks. Each line is kept by itself, so that two people with the same notebook open never lose
 * a line of each other.
 */
@Service
@Transactional
public class NotebookService implements ItemNotes {
  private static final int MOST_LINES = 1000;
  private static final int MOST_TERMS = 100;

  private final NoteRepository notes;
  private final TargetTermsRepository targetTerms;
  private final PublishedItems items;
  private final ChangeBus changes;

  NotebookService(
      NoteRepository notes,
      TargetTermsRepository targetTerms,
      PublishedItems items,
      ChangeBus changes) {
    this.changes = changes;
    this.notes = notes;
    this.targetTerms = targetTerms;
    this.items = items;
  }

  @Override
  @Transactional(readOnly = true)
  public boolean hasNotes(String itemKey) {
    return !linesOf(itemKey).isEmpty() || !termsOf(itemKey).isEmpty();
  }

  @Override
  public void forgetNotes(String itemKey) {
    notes.deleteAllByItemKey(itemKey);
    targetTerms.deleteAllByItemKey(itemKey);
  }

  private void check(String itemKey) {
    if (!items.exists(itemKey)) {
      throw Problem.notThere("There is no such item any more.");
    }
  }

  @Transactional(readOnly = true)
  List<NoteEntity> linesOf(String itemKey) {
    return notes.findAllByItemKeyOrderByPlace(itemKey);
  }

  /** The lines of an item's notebook, as a package holds them. */
  @Transactional(readOnly = true)
  public List<PackedNote> packAll(String itemKey) {
    return linesOf(itemKey).stream().map(n -> new PackedNote(n.words, n.ticked)).toList();
  }

  /** Takes lines over. */
  public void add(String itemKey, List<PackedNote> packed) {
    double place = 0;
    for (PackedNote p : packed) {
      NoteEntity n = new NoteEntity();
      n.itemKey = itemKey;
      n.place = ++place;
      n.words = PlainText.toLine(p.words());
      n.ticked = p.ticked();
      notes.save(n);
    }
  }

  /** Adds lines at the end. */
  List<NoteEntity> add(String itemKey, String words) {
    check(itemKey);
    List<String> lines =
        PlainText.legal(words).lines().map(PlainText::toLine).filter(l -> !l.isEmpty()).toList();
    if (lines.isEmpty()) {
      throw Problem.unusable("A note needs a word.");
    }
    List<NoteEntity> have = linesOf(itemKey);
    if (have.size() + lines.size() > MOST_LINES) {
      throw Problem.unusable("A notebook holds at most 1,000 lines. Clear those you have used.");
    }
    double place = have.isEmpty() ? 0 : have.get(have.size() - 1).place;
    for (String line : lines) {
      NoteEntity n = new NoteEntity();
      n.itemKey = itemKey;
      n.place = ++place;
      n.words = line.substring(0, Math.min(8000, line.length()));
      notes.save(n);
    }
    return linesOf(itemKey);
  }

  /** Changes a line; what is null stays. */
  NoteEntity change(String itemKey, long id, String words, Boolean ticked, Double place) {
    NoteEntity n = get(itemKey, id);
    if (words != null) {
      n.words = PlainText.toLine(words);
    }
    n.ticked = ticked == null ? n.ticked : ticked;
    n.place = place == null ? n.place : place;
    return notes.saveAndFlush(n);
  }

  NoteEntity get(String itemKey, long id) {
    return notes
        .findById(id)
        .filter(n -> n.itemKey.equals(itemKey))
        .orElseThrow(() -> Problem.notThere("Somebody has taken this line out meanwhile."));
  }

  void remove(String itemKey, long id) {
    notes.delete(get(itemKey, id));
    notes.flush();
  }

  @Override
  @Transactional(readOnly = true)
  public List<String> termsOf(String itemKey) {
    return targetTerms.findById(itemKey).map(t -> t.terms.lines().toList()).orElse(List.of());
  }

  /** Makes room for terms where there are none yet: of two who give an item its first ones, one has to see the other’s. */
  void begin(String itemKey) {
    if (!targetTerms.existsById(itemKey)) {
      check(itemKey);
      TargetTermsEntity none = new TargetTermsEntity();
      none.itemKey = itemKey;
      targetTerms.saveAndFlush(none);
    }
  }

  /** Gives an item other terms. */
  public List<String> termsOf(String itemKey, List<String> terms) {
    check(itemKey);
    List<String> tidy =
        List.copyOf(
            new LinkedHashSet<>(
                terms.stream().map(PlainText::toLine).filter(t -> !t.isEmpty()).toList()));
    if (tidy.size() > MOST_TERMS) {
      throw Problem.unusable("At most 100 terms; a text that speaks of more speaks of none.");
    }
    TargetTermsEntity target = targetTerms.findById(itemKey).orElseGet(TargetTermsEntity::new);
    target.itemKey = itemKey;
    target.terms = String.join("\n", tidy);
    targetTerms.save(target);
    changes.publish(new NotesChanged(itemKey));
    return tidy;
  }

  /** Takes all notebooks away. */
  public void clear() {
    notes.deleteAllInBatch();
    targetTerms.deleteAllInBatch();
  }
}
