package app.blenner.server.item.addresses;

import app.blenner.core.document.Address;
import app.blenner.core.document.AddressAdvice;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Judges an address that somebody typed. */
@RestController
class AddressController {

  /**
   * What an address is worth.
   *
   * @param address its canonical spelling, or empty where it is none
   * @param problem what is wrong with it, in a sentence, or empty
   */
  record Judged(String address, String problem) {}

  @GetMapping("/editor/api/address")
  Judged judge(@RequestParam String given) {
    return AddressAdvice.complete(given)
        .map((Address a) -> new Judged(a.value(), ""))
        .orElseGet(() -> new Judged("", AddressAdvice.problemWith(given)));
  }
}
