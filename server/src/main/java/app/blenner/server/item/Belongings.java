package app.blenner.server.item;

import app.blenner.server.account.Account;
import app.blenner.server.account.HandsOver;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** The items of somebody who works here no more become another's; who wrote them stays with them. */
@Component
class Belongings implements HandsOver {
  private final ItemRepository items;

  Belongings(ItemRepository items) {
    this.items = items;
  }

  @Override
  @Transactional
  public int handOver(long from, Account to) {
    return items.handOver(from, to.id());
  }
}
