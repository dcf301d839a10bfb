package app.blenner.server.item;

import app.blenner.server.account.Account;
import app.blenner.server.account.HandsOver;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** The items of somebody who works here no more become another's; who wrote them stays with them. */
@Component
class Belongings implements HandsOver {
  private final ItemRepository items;
  private final FindMarks marks;

  Belongings(ItemRepository items, FindMarks marks) {
    this.marks = marks;
    this.items = items;
  }

  @Override
  @Transactional
  public int handOver(long from, Account to) {
    marks.mark(items.keysOfOwner(from));
    return items.handOver(from, to.id());
  }
}
