package app.blenner.server.page;

import app.blenner.server.account.AccountService;
import app.blenner.server.problem.Problem;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The page of an item as readers will see it. */
@RestController
class ProofController {
  private final PublicPages pages;
  private final PagePolicy policy;

  ProofController(PublicPages pages, PagePolicy policy) {
    this.pages = pages;
    this.policy = policy;
  }

  @GetMapping("/editor/proof/{key}")
  void proof(
      @PathVariable String key,
      @RequestParam(defaultValue = "page") String face,
      HttpServletResponse response)
      throws IOException {
    String page =
        pages
            .proof(key, face.equals("print"))
            .orElseThrow(() -> Problem.notThere("There is no such item."));
    write(ReaderName.putInto(page, AccountService.current().name()), response);
  }

  /** How the item is seen elsewhere: {@code teaser}, {@code search} or {@code shared}. */
  @GetMapping("/editor/proof/{key}/faces/{face}")
  void face(@PathVariable String key, @PathVariable String face, HttpServletResponse response)
      throws IOException {
    write(
        pages.renderFace(key, face).orElseThrow(() -> Problem.notThere("There is no such face.")),
        response);
  }

  private void write(String html, HttpServletResponse response) throws IOException {
    policy.addHeaders(response);
    response.setHeader("Cache-Control", "no-store");
    response.getOutputStream().write(html.getBytes(StandardCharsets.UTF_8));
  }
}
