package app.blenner.server.find;

import app.blenner.core.language.Letters;
import java.text.Normalizer;
import java.time.Instant;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.hibernate.search.engine.backend.document.DocumentElement;
import org.hibernate.search.engine.backend.document.IndexFieldReference;
import org.hibernate.search.engine.backend.document.model.dsl.IndexSchemaElement;
import org.hibernate.search.engine.backend.types.Aggregable;
import org.hibernate.search.engine.backend.types.Norms;
import org.hibernate.search.engine.backend.types.Projectable;
import org.hibernate.search.engine.backend.types.Sortable;
import org.hibernate.search.mapper.pojo.bridge.TypeBridge;
import org.hibernate.search.mapper.pojo.bridge.binding.TypeBindingContext;
import org.hibernate.search.mapper.pojo.bridge.mapping.programmatic.TypeBinder;
import org.hibernate.search.mapper.pojo.bridge.runtime.TypeBridgeWriteContext;

/** What the index knows of an item. */
public final class ItemBinder implements TypeBinder {
  @Override
  public void bind(TypeBindingContext context) {
    context.dependencies().useRootOnly();
    context.bridge(FoundItem.class, new Bridge(context.indexSchemaElement()));
  }

  private static final class Bridge implements TypeBridge<FoundItem> {
    /** Letters of a word that may be put together of others, at the least. */
    private static final int LONG = 10;

    private static final int MOST = 400;

    private final Map<String, IndexFieldReference<String>> texts = new HashMap<>();
    private final Map<String, IndexFieldReference<Boolean>> flags = new HashMap<>();
    private final IndexFieldReference<Long> owner;
    private final IndexFieldReference<Instant> at;
    private final IndexFieldReference<Long> stamp;

    Bridge(IndexSchemaElement schema) {
      written(schema, IndexFields.TITLE, ItemAnalysis.FOLDED);
      written(schema, IndexFields.SUMMARY, ItemAnalysis.FOLDED);
      written(schema, IndexFields.WORDS, ItemAnalysis.FOLDED);
      written(schema, IndexFields.HEADINGS, ItemAnalysis.FOLDED);
      written(schema, IndexFields.KEYWORDS, ItemAnalysis.FOLDED);
      written(schema, IndexFields.PARTS, ItemAnalysis.PARTS);
      for (String language : Languages.ALL.keySet()) {
        written(schema, IndexFields.titleOf(language), ItemAnalysis.forms(language));
        written(schema, IndexFields.wordsOf(language), ItemAnalysis.forms(language));
      }
      for (String name :
          List.of(IndexFields.STAGE, IndexFields.KIND, IndexFields.SECTION, IndexFields.LANGUAGE)) {
        texts.put(name, schema.field(name, f -> f.asString()).toReference());
      }
      texts.put(
          IndexFields.GROUP,
          schema
              .field(IndexFields.GROUP, f -> f.asString().aggregable(Aggregable.YES))
              .toReference());
      texts.put(
          IndexFields.ORDER,
          schema.field(IndexFields.ORDER, f -> f.asString().sortable(Sortable.YES)).toReference());
      for (String name :
          List.of(IndexFields.TOPIC, IndexFields.KEYWORD, IndexFields.AUTHOR, IndexFields.RULE)) {
        texts.put(name, schema.field(name, f -> f.asString()).multiValued().toReference());
      }
      for (String name :
          List.of(
              IndexFields.FOR_READERS,
              IndexFields.FOR_EDITORS,
              IndexFields.FOR_OWNER,
              IndexFields.MUST_FIX)) {
        flags.put(name, schema.field(name, f -> f.asBoolean()).toReference());
      }
      owner = schema.field(IndexFields.OWNER, f -> f.asLong()).toReference();
      stamp =
          schema
              .field(IndexFields.STAMP, f -> f.asLong().projectable(Projectable.YES))
              .toReference();
      at = schema.field(IndexFields.AT, f -> f.asInstant().sortable(Sortable.YES)).toReference();
    }

    private void written(IndexSchemaElement schema, String name, String analyzer) {
      texts.put(
          name,
          schema
              .field(name, f -> f.asString().analyzer(analyzer).norms(Norms.YES))
              .multiValued()
              .toReference());
    }

    @Override
    public void write(DocumentElement to, FoundItem item, TypeBridgeWriteContext context) {
      FoundItem.Texts written = item.texts();
      FoundItem.Standing standing = item.standing();
      to.addValue(texts.get(IndexFields.TITLE), written.title());
      to.addValue(texts.get(IndexFields.SUMMARY), written.summary());
      to.addValue(texts.get(IndexFields.WORDS), written.words());
      all(to, IndexFields.HEADINGS, written.headings());
      all(to, IndexFields.KEYWORDS, written.keywords());
      all(to, IndexFields.PARTS, List.of(written.title(), written.summary()));
      all(to, IndexFields.PARTS, written.headings());
      all(to, IndexFields.PARTS, written.keywords());
      all(to, IndexFields.PARTS, compounds(written.words()));
      Languages.of(written.language())
          .ifPresent(
              language -> {
                to.addValue(texts.get(IndexFields.titleOf(language)), written.title());
                to.addValue(texts.get(IndexFields.wordsOf(language)), written.summary());
                all(to, IndexFields.wordsOf(language), written.headings());
                to.addValue(texts.get(IndexFields.wordsOf(language)), written.words());
              });
      to.addValue(texts.get(IndexFields.KIND), standing.kind());
      to.addValue(texts.get(IndexFields.STAGE), standing.stage());
      to.addValue(texts.get(IndexFields.SECTION), standing.section());
      to.addValue(texts.get(IndexFields.LANGUAGE), written.language());
      to.addValue(texts.get(IndexFields.ORDER), order(written.title()));
      all(to, IndexFields.TOPIC, standing.topics());
      all(to, IndexFields.KEYWORD, written.keywords().stream().map(Bridge::small).toList());
      all(to, IndexFields.AUTHOR, standing.authors());
      to.addValue(flags.get(IndexFields.FOR_READERS), item.isForReaders());
      to.addValue(flags.get(IndexFields.FOR_EDITORS), standing.forEditors());
      to.addValue(flags.get(IndexFields.FOR_OWNER), standing.forOwner());
      to.addValue(flags.get(IndexFields.MUST_FIX), standing.mustFix());
      all(to, IndexFields.RULE, standing.rules());
      to.addValue(owner, standing.owner());
      if (!item.isForReaders()) {
        to.addValue(texts.get(IndexFields.GROUP), WorklistGroup.of(standing).word());
      }
      to.addValue(at, standing.at());
      to.addValue(stamp, item.stamp());
    }

    private void all(DocumentElement to, String name, List<String> values) {
      values.forEach(value -> to.addValue(texts.get(name), value));
    }

    /** The long words of a text, each once: the only ones that are likely to be put together of others. */
    private static List<String> compounds(String words) {
      Set<String> out = new LinkedHashSet<>();
      int from = 0;
      int letters = 0;
      for (int i = 0; i <= words.length() && out.size() < MOST; ) {
        int c = i < words.length() ? words.codePointAt(i) : ' ';
        if (Letters.isOfWord(c)) {
          letters++;
        } else {
          if (letters >= LONG) {
            out.add(words.substring(from, i));
          }
          letters = 0;
          from = i + Character.charCount(c);
        }
        i += Character.charCount(c);
      }
      return List.copyOf(out);
    }

    private static String small(String word) {
      return word.toLowerCase(Locale.ROOT);
    }

    /** A title as it is put in order: whatever its case and accents. */
    private static String order(String title) {
      return small(Normalizer.normalize(title, Normalizer.Form.NFD).replaceAll("\\p{M}", ""));
    }
  }
}
