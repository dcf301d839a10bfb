package app.blenner.server.item.links;

import app.blenner.core.signoff.SignOff.Publishing;
import app.blenner.server.account.Account;
import app.blenner.server.asset.UseNames;
import app.blenner.server.item.store.ItemRepository;
import app.blenner.server.item.store.LiveCopyRepository;
import app.blenner.server.site.SectionService;
import java.util.Collection;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** Tells the assets what the items are called that they stand in. */
@Component
class ItemUseNames implements UseNames {
  private final ItemRepository items;
  private final LiveCopyRepository liveCopies;
  private final SectionService sections;

  ItemUseNames(ItemRepository items, LiveCopyRepository liveCopies, SectionService sections) {
    this.items = items;
    this.liveCopies = liveCopies;
    this.sections = sections;
  }

  @Override
  public Map<String, Line> linesOf(Collection<String> keys, Account who) {
    return items.findAllById(keys).stream()
        .collect(
            Collectors.toMap(
                i -> i.itemKey,
                i -> new Line(i.titleFor(who), i.stage.isForReaders(), i.isKnownTo(who))));
  }

  @Override
  public boolean isPublisherOf(Collection<String> keys, Account who) {
    return liveCopies.findAllById(keys).stream()
        .allMatch(
            l ->
                Publishing.of(sections.tree().publishers(l.section), who.signIn())
                    == Publishing.NAMED);
  }
}
