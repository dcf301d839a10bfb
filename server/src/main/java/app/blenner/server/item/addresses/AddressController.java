package app.blenner.server.item.addresses;

import app.blenner.core.document.Address;
import app.blenner.core.document.AddressAdvice;
import app.blenner.server.account.AccountService;
import app.blenner.server.item.store.ItemRepository;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Judges an address that somebody typed. */
@RestController
class AddressController {

  /**
   * What an address is worth.
   *
   * @param address its canonical spelling, or empty where it is none; of a page of this site the item by its key, so that a
   *     link to it follows it wherever it moves
   * @param problem what is wrong with it, in a sentence, or empty
   * @param title the title of the item, where it leads to one
   */
  record Judged(String address, String problem, String title) {}

  private final OwnAddresses own;
  private final ItemRepository items;

  AddressController(OwnAddresses own, ItemRepository items) {
    this.own = own;
    this.items = items;
  }

  @GetMapping("/editor/api/address")
  @Transactional(readOnly = true)
  Judged judge(@RequestParam String given) {
    String typed = given.strip();
    String whole = AddressAdvice.complete(typed).map(Address::value).orElse(typed);
    return own.addressWithin(whole)
        .or(() -> AddressAdvice.complete(typed))
        .map(a -> new Judged(a.value(), "", titleOf(a)))
        .orElseGet(() -> new Judged("", AddressAdvice.problemWith(given), ""));
  }

  private String titleOf(Address address) {
    return address.kind() == Address.Kind.ITEM
        ? items
            .findById(address.itemKey())
            .map(i -> i.titleFor(AccountService.current()))
            .orElse("")
        : "";
  }
}
