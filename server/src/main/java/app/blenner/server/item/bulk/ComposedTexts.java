package app.blenner.server.item.bulk;

import app.blenner.server.account.AccountService;
import app.blenner.server.site.OwnTexts;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Component;

/** The texts that pages of sections are composed of. */
@Component
class ComposedTexts implements OwnTexts {
  /** Asked for late: items are changed by what knows sections. */
  private final ObjectProvider<ItemChanges> changes;

  ComposedTexts(ObjectProvider<ItemChanges> changes) {
    this.changes = changes;
  }

  @Override
  public void moveInto(String section, String itemKey) {
    changes.getObject().change(itemKey, ItemChange.into(section), AccountService.current());
  }
}
