package app.blenner.server.out;

import jakarta.servlet.http.HttpServletRequest;
import java.nio.charset.StandardCharsets;
import org.springframework.http.ContentDisposition;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** The working copy of an item in other forms, to be saved or copied. */
@RestController
@RequestMapping("/editor/api/items/{key}/out")
class OutController {
  private final OutService texts;

  OutController(OutService texts) {
    this.texts = texts;
  }

  @GetMapping("/{form}")
  ResponseEntity<byte[]> out(
      @PathVariable String key, @PathVariable OutForm form, HttpServletRequest request) {
    String base =
        ServletUriComponentsBuilder.fromRequest(request)
            .replacePath("")
            .replaceQuery("")
            .toUriString();
    OutService.File file = texts.write(key, form, base);
    String disposition =
        ContentDisposition.attachment()
            .filename(file.name(), StandardCharsets.UTF_8)
            .build()
            .toString();
    return ResponseEntity.ok()
        .header("Content-Type", form.mediaType())
        .header("Content-Disposition", disposition)
        .header("X-Content-Type-Options", "nosniff")
        // Whoever opens it in place sees a text, and nothing in it runs.
        .header(
            "Content-Security-Policy",
            "default-src 'none'; style-src 'unsafe-inline'; img-src data: 'self'; sandbox")
        .body(file.bytes());
  }
}
