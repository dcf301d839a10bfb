package app.blenner.server.standin;

import app.blenner.core.format.html.HtmlOut;
import app.blenner.server.BlennerSettings;
import app.blenner.server.intake.FrameTitles;
import app.blenner.server.problem.Problem;
import java.util.Locale;
import java.util.Optional;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/**
 * Stands in for a host of films: a player that draws a night sky. It plays when its button is
 * pressed, and never by itself.
 */
@RestController
class MediaHostController implements FrameTitles {
  private static final String PLAYER = "/site/stand-in/player/";
  private static final int STARS = 60;

  private final BlennerSettings settings;

  MediaHostController(BlennerSettings settings) {
    this.settings = settings;
  }

  @GetMapping("/site/stand-in/player/{id}")
  ResponseEntity<String> player(@PathVariable String id) {
    if (!settings.isDemo() || !id.matches("[A-Za-z0-9_-]{1,80}")) {
      throw Problem.notThere("There is no film here.");
    }
    return ResponseEntity.ok()
        .contentType(MediaType.parseMediaType("text/html;charset=UTF-8"))
        .header(
            "Content-Security-Policy",
            "default-src 'none'; style-src 'unsafe-inline'; frame-ancestors 'self'")
        .body(pageOf(id));
  }

  @Override
  public Optional<String> titleOf(String path) {
    return settings.isDemo() && path.startsWith(PLAYER)
        ? Optional.of(titleOfFilm(path.substring(PLAYER.length())))
        : Optional.empty();
  }

  private static String titleOfFilm(String id) {
    String words = id.replaceAll("[-_]+", " ").strip();
    return words.isEmpty()
        ? ""
        : words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
  }

  private static String pageOf(String id) {
    String title = titleOfFilm(id);
    HtmlOut out = new HtmlOut();
    out.markup("<!DOCTYPE html>\n").open("html").attribute("lang", "en").endOpen();
    out.tag("head").open("meta").attribute("charset", "utf-8").endOpen();
    out.tag("title").text(title).close("title");
    out.tag("style");
    out.markup(
        "html,body{height:100%;margin:0;background:#14203a;color:#fff;font:16px sans-serif}"
            + "main{height:100%;display:grid;place-items:center;position:relative;overflow:hidden}"
            + "svg{position:absolute;inset:0;width:100%;height:100%}"
            + "g{transform-origin:50% 60%;animation:turn 60s linear infinite paused}"
            + "main:has(:checked) g{animation-play-state:running}"
            + "label{position:relative;background:#000a;border:1px solid #fff;padding:.6rem 1rem}"
            + "@keyframes turn{to{transform:rotate(360deg)}}");
    out.close("style");
    out.close("head");
    out.tag("body").tag("main");
    out.open("svg").attribute("viewBox", "0 0 320 180").attribute("aria-hidden", "true");
    out.attribute("preserveAspectRatio", "xMidYMid slice").endOpen().tag("g");
    java.util.Random random = new java.util.Random(id.hashCode());
    for (int i = 0; i < STARS; i++) {
      out.open("circle").attribute("cx", String.valueOf(random.nextInt(400) - 40));
      out.attribute("cy", String.valueOf(random.nextInt(300) - 60));
      out.attribute("r", "1").attribute("fill", "#fff").endOpen().close("circle");
    }
    out.close("g");
    out.close("svg");
    out.tag("label").open("input").attribute("type", "checkbox").endOpen();
    out.text(" Play “" + title + "”").close("label");
    out.close("main");
    out.close("body");
    out.close("html");
    return out.toString();
  }
}
