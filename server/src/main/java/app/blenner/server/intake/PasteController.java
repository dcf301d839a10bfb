package app.blenner.server.intake;

import app.blenner.core.intake.Intake;
import app.blenner.core.intake.IntakeSource;
import app.blenner.core.intake.Offer;
import app.blenner.core.intake.PasteMode;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Set;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Cleans what somebody pastes. It keeps nothing but the pictures. */
@RestController
@RequestMapping("/editor/api/intake/paste")
class PasteController {
  private static final int LONGEST = 30_000_000;
  private static final String TOO_LONG =
      "This is too much for one paste: at most 30 million characters. Import the file instead.";

  /**
   * What a clipboard holds.
   *
   * @param taken which offers are taken
   * @param namesInUse the names of places in the text it will join
   * @param language the language of the text it will join, as a BCP 47 tag
   * @param kind the kind of item whose text it will join
   */
  record Pasted(
      @NotNull @Size(max = LONGEST, message = TOO_LONG) String html,
      @NotNull @Size(max = LONGEST, message = TOO_LONG) String text,
      @NotNull PasteMode mode,
      Set<Offer.Kind> taken,
      Set<String> namesInUse,
      String language,
      String kind) {}

  private final AssetPictures pictures;
  private final Destinations destinations;

  PasteController(AssetPictures pictures, Destinations destinations) {
    this.pictures = pictures;
    this.destinations = destinations;
  }

  @PostMapping
  IntakeResult paste(@Valid @RequestBody Pasted pasted) {
    Set<Offer.Kind> taken = pasted.taken() == null ? Set.of() : pasted.taken();
    IntakeSource material = new IntakeSource(pasted.html(), pasted.text());
    return IntakeResult.of(
        Intake.read(
            material,
            pasted.mode(),
            pictures,
            destinations.of(pasted.namesInUse(), pasted.language(), pasted.kind()),
            taken));
  }
}
