package app.blenner.server.version;

import app.blenner.core.archive.ContentFile;
import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.item.Attachment;
import app.blenner.core.item.Content;
import app.blenner.core.kind.Kinds;
import app.blenner.core.preflight.Preflight;
import app.blenner.core.preflight.StoredFinding;
import app.blenner.core.rule.PassageCache;
import app.blenner.core.rule.RuleContext;
import app.blenner.core.rule.Settings;
import app.blenner.core.rule.Subject;
import app.blenner.core.search.SearchedText;
import app.blenner.server.digest.Sha256;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;
import org.springframework.stereotype.Component;

/** Carries what stood in columns of items and of what is live over into versions. */
@Component
class V11__Contents extends BaseJavaMigration {
  @Override
  public void migrate(Context context) throws SQLException {
    Connection database = context.getConnection();
    for (String key : keysOf(database, "item")) {
      Content content = contentOf(database, "item", key);
      String hash = keep(database, content, "item", "changed_at, changed_by", key);
      run(
          database,
          "update item set working = ?, findings = ? where item_key = ?",
          hash,
          StoredFinding.write(Preflight.check(subjectOf(content), Settings.USUAL)),
          key);
      run(
          database,
          "insert into item_words (item_key, words) values (?, ?)",
          key,
          SearchedText.of(content));
    }
    run(database, "update item set findings_by = " + Preflight.VERSION);
    for (String key : keysOf(database, "live_copy")) {
      Content content = contentOf(database, "live_copy", key);
      String hash = keep(database, content, "live_copy", "updated_at, author", key);
      run(database, "update live_copy set version = ? where item_key = ?", hash, key);
    }
  }

  /** What rules read beyond the text was not kept then. */
  private static Subject subjectOf(Content content) {
    return Subject.of(content, RuleContext.of(Kinds.STANDARD.get(0)), new PassageCache(0));
  }

  private static void run(Connection database, String sql, String... values) throws SQLException {
    try (PreparedStatement statement = database.prepareStatement(sql)) {
      for (int i = 0; i < values.length; i++) {
        statement.setString(i + 1, values[i]);
      }
      statement.executeUpdate();
    }
  }

  private static List<String> keysOf(Connection database, String table) throws SQLException {
    try (PreparedStatement all = database.prepareStatement("select item_key from " + table);
        ResultSet found = all.executeQuery()) {
      List<String> keys = new ArrayList<>();
      while (found.next()) {
        keys.add(found.getString(1));
      }
      return keys;
    }
  }

  /** Adds a version, unless it is there, with who and when as the row of the item has them. */
  private static String keep(
      Connection database, Content content, String table, String whenAndWho, String key)
      throws SQLException {
    String written = ContentFile.write(content);
    String hash = Sha256.of(written);
    run(
        database,
        "insert into version (hash, written, made_at, made_by) select cast(? as varchar(64)),"
            + " cast(? as text), "
            + whenAndWho
            + " from "
            + table
            + " where item_key = ? and not exists (select 1 from version where hash = ?)",
        hash,
        written,
        key,
        hash);
    return hash;
  }

  private static Content contentOf(Connection database, String table, String key)
      throws SQLException {
    try (PreparedStatement one =
        database.prepareStatement("select * from " + table + " where item_key = ?")) {
      one.setString(1, key);
      try (ResultSet row = one.executeQuery()) {
        row.next();
        return Content.builder()
            .title(row.getString("title"))
            .summary(row.getString("summary"))
            .body(HtmlReader.read(row.getString("body")))
            .section(row.getString("section"))
            .topics(lines(row.getString("topics")))
            .keywords(lines(row.getString("keywords")))
            .slug(row.getString("slug"))
            .leadPicture(row.getString("lead_picture"))
            .language(row.getString("language"))
            .attachments(
                lines(row.getString("attachments")).stream()
                    .map(line -> line.split("\t", 2))
                    .map(parts -> new Attachment(parts[0], parts[1]))
                    .toList())
            .build();
      }
    }
  }

  private static List<String> lines(String joined) {
    return joined.isEmpty() ? List.of() : List.of(joined.split("\n"));
  }
}
