package app.blenner.server.item.transfer;

import app.blenner.core.archive.LazyList;
import app.blenner.core.archive.PackedItem;
import app.blenner.server.account.Account;
import app.blenner.server.account.AccountService;
import app.blenner.server.item.addresses.Addresses;
import app.blenner.server.item.checks.Dismissals;
import app.blenner.server.item.store.ItemEntity;
import app.blenner.server.item.store.ItemRepository;
import app.blenner.server.item.store.LiveCopyEntity;
import app.blenner.server.item.store.LiveCopyRepository;
import app.blenner.server.version.Versions;
import jakarta.persistence.EntityManager;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Gives items as a package holds them. */
@Service
@Transactional(readOnly = true)
public class ItemExport {
  private final ItemRepository items;
  private final LiveCopyRepository liveCopies;
  private final Addresses addresses;
  private final AccountService accounts;
  private final Dismissals dismissals;
  private final Versions versions;
  private final EntityManager entities;

  ItemExport(
      ItemRepository items,
      LiveCopyRepository liveCopies,
      Addresses addresses,
      AccountService accounts,
      Dismissals dismissals,
      Versions versions,
      EntityManager entities) {
    this.items = items;
    this.liveCopies = liveCopies;
    this.addresses = addresses;
    this.accounts = accounts;
    this.dismissals = dismissals;
    this.versions = versions;
    this.entities = entities;
  }

  /** How many items there are, or of those with these keys. */
  public long count(Collection<String> keys) {
    return keys == null ? items.count() : items.countByItemKeyIn(keys);
  }

  /**
   * All items, or those with these keys, as a package holds them; without notes and terms. Each is read when it is asked
   * for, within the transaction that asked for them.
   */
  public List<PackedItem> packAll(Collection<String> keys) {
    Map<String, List<String>> paths = addresses.lasting();
    Map<Long, String> people =
        accounts.all().stream().collect(Collectors.toMap(Account::id, Account::signIn));
    List<String> all = items.keys();
    List<String> wanted = keys == null ? all : all.stream().filter(keys::contains).toList();
    return LazyList.map(
        wanted,
        key -> {
          ItemEntity i = items.findById(key).orElseThrow();
          PackedItem packed = packAll(i, people.get(i.ownerId), paths.getOrDefault(key, List.of()));
          entities.detach(i);
          return packed;
        });
  }

  private PackedItem packAll(ItemEntity i, String owner, List<String> paths) {
    LiveCopyEntity live = liveCopies.findById(i.itemKey).orElse(null);
    if (live != null) {
      entities.detach(live);
    }
    return new PackedItem(
        i.itemKey,
        i.kind,
        i.stage,
        new PackedItem.People(owner, i.author),
        new PackedItem.Times(
            i.createdAt,
            i.stageSince,
            i.changedAt,
            i.changedBy,
            live == null ? null : live.firstLiveAt,
            live == null ? null : live.updatedAt),
        i.slugByHand,
        versions.contentOf(i.working),
        live == null ? null : versions.contentOf(live.live),
        paths,
        PackedItem.Notebook.EMPTY,
        dismissals.packAll(i.itemKey));
  }
}
