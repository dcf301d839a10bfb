package app.blenner.server.page;

import app.blenner.server.change.OnChange;
import app.blenner.server.site.HouseStyleService;
import app.blenner.server.site.SiteChanged;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;

/** The styles of public pages as they stand in each page: those of the frame, of texts, of the house, and for paper. */
@Component
class PageStyles {
  private final HouseStyleService house;
  private final String fixed = sheetOf("site") + sheetOf("article");
  private final String paper = withoutPage(sheetOf("print"));
  private volatile String all;

  PageStyles(HouseStyleService house) {
    this.house = house;
  }

  String css() {
    String now = all;
    if (now == null) {
      now =
          fixed
              + house.get().stylesheet()
              + "@media print{"
              + paper
              + "}@page{size:A4;margin:20mm 18mm}";
      all = now;
    }
    return now;
  }

  /** The same on a screen that shows how a page is on paper. */
  String onPaper() {
    return fixed + house.get().stylesheet() + paper;
  }

  /** Before those who keep pages made of them. */
  @Order(Ordered.HIGHEST_PRECEDENCE)
  @OnChange
  void forget(SiteChanged changed) {
    if (changed.touched().isEmpty()) {
      all = null;
    }
  }

  /** The size of paper cannot be said within a rule for paper. */
  private static String withoutPage(String css) {
    return css.replaceAll("@page *\\{[^}]*}", "");
  }

  private static String sheetOf(String name) {
    try (InputStream in = new ClassPathResource("static/site/" + name + ".css").getInputStream()) {
      String css = new String(in.readAllBytes(), StandardCharsets.UTF_8);
      return css.replaceAll("(?s)/\\*.*?\\*/", "").replaceAll("\\s*\n\\s*", "\n").strip() + "\n";
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
