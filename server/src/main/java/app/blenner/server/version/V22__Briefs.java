package app.blenner.server.version;

import app.blenner.core.archive.ContentFile;
import app.blenner.core.face.SearchResult;
import app.blenner.core.item.Content;
import app.blenner.core.kind.Kind;
import app.blenner.core.kind.Kinds;
import app.blenner.core.site.Brief;
import app.blenner.core.site.ListPlace;
import app.blenner.core.site.SectionTree;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Lists what is live where it belongs, and keeps as much of it as lists show. */
@Component
class V22__Briefs extends BaseJavaMigration {
  private static final int BATCH = 200;

  @Override
  public void migrate(Context context) throws SQLException {
    Connection database = context.getConnection();
    Map<String, Boolean> news = kindsOf(database);
    try (PreparedStatement live =
            database.prepareStatement(
                "select l.item_key, v.written, i.stage, i.kind, l.first_live_at from live_copy l"
                    + " join item i on i.item_key = l.item_key join version v on v.hash = l.version");
        PreparedStatement brief =
            database.prepareStatement(
                "update live_copy set brief = ?, slug = ?, hidden = ? where item_key = ?");
        PreparedStatement list =
            database.prepareStatement(
                "insert into listing (place, item_key, news, live_at) values (?, ?, ?, ?)")) {
      live.setFetchSize(BATCH);
      try (ResultSet row = live.executeQuery()) {
        for (int n = 1; row.next(); n++) {
          Content content = ContentFile.read(row.getString(2));
          brief.setString(1, ContentFile.write(Brief.of(content)));
          brief.setString(2, content.slug());
          brief.setBoolean(3, SearchResult.isHidden(content));
          brief.setString(4, row.getString(1));
          brief.addBatch();
          if (row.getString(3).equals("LIVE")) {
            for (String place : ListPlace.of(content, new SectionTree(List.of()))) {
              list.setString(1, place);
              list.setString(2, row.getString(1));
              list.setBoolean(3, news.getOrDefault(row.getString(4), false));
              list.setObject(4, row.getObject(5));
              list.addBatch();
            }
          }
          if (n % BATCH == 0) {
            brief.executeBatch();
            list.executeBatch();
          }
        }
      }
      brief.executeBatch();
      list.executeBatch();
    }
  }

  private static Map<String, Boolean> kindsOf(Connection database) throws SQLException {
    Map<String, Boolean> out = new HashMap<>();
    try (PreparedStatement all = database.prepareStatement("select written from kind");
        ResultSet row = all.executeQuery()) {
      while (row.next()) {
        Kind kind = Kinds.read(JsonMapper.shared().readValue(row.getString(1), Map.class));
        out.put(kind.name(), kind.isNews());
      }
    }
    if (out.isEmpty()) {
      Kinds.STANDARD.forEach(k -> out.put(k.name(), k.isNews()));
    }
    return out;
  }
}
