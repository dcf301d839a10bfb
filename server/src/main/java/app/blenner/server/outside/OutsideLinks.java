package app.blenner.server.outside;

import app.blenner.core.document.Address;
import app.blenner.core.outside.LinkAnswer;
import app.blenner.core.outside.LinkCheck;
import app.blenner.server.change.ChangeBus;
import app.blenner.server.digest.Sha256;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Which places elsewhere items lead to, and what is known of them. It is noted with every save. */
@Service
@Transactional
public class OutsideLinks {
  private final OutsideLinkRepository links;
  private final OutsideUseRepository uses;
  private final ChangeBus changes;
  private final Clock clock;

  OutsideLinks(
      OutsideLinkRepository links, OutsideUseRepository uses, ChangeBus changes, Clock clock) {
    this.links = links;
    this.uses = uses;
    this.changes = changes;
    this.clock = clock;
  }

  private static String id(Address address) {
    return Sha256.of(address.value());
  }

  /** Notes to which places elsewhere an item leads now. */
  public void note(String itemKey, Collection<Address> now) {
    Map<String, Address> wanted = new HashMap<>();
    now.stream().filter(a -> a.kind() == Address.Kind.WEB).forEach(a -> wanted.put(id(a), a));
    List<OutsideUseEntity> before = uses.findAllByItemKey(itemKey);
    Set<String> had = before.stream().map(u -> u.link).collect(Collectors.toSet());
    if (had.equals(wanted.keySet())) {
      return; // nearly every save
    }
    uses.deleteAllInBatch(before.stream().filter(u -> !wanted.containsKey(u.link)).toList());
    Set<String> missing = new HashSet<>(wanted.keySet());
    missing.removeAll(had);
    Set<String> known =
        links.findAllById(missing).stream().map(l -> l.id).collect(Collectors.toSet());
    for (String id : missing.stream().sorted().toList()) {
      if (!known.contains(id)) {
        links.save(made(id, wanted.get(id), clock.instant()));
      }
      uses.save(useOf(itemKey, id));
    }
  }

  /** The places that are known at all, by what their rows are called. */
  @Transactional(readOnly = true)
  public Set<String> knownPlaces() {
    return new HashSet<>(links.ids());
  }

  /**
   * The rows of an item of which nothing is noted yet.
   *
   * @param known the places that are known, to which those of this item are added
   */
  public List<Object> rowsOf(String itemKey, Collection<Address> addresses, Set<String> known) {
    Map<String, Address> wanted = new TreeMap<>();
    addresses.stream().filter(a -> a.kind() == Address.Kind.WEB).forEach(a -> wanted.put(id(a), a));
    List<Object> out = new ArrayList<>();
    wanted.forEach(
        (id, address) -> {
          if (known.add(id)) {
            out.add(made(id, address, clock.instant()));
          }
        });
    wanted.keySet().forEach(id -> out.add(useOf(itemKey, id)));
    return out;
  }

  private static OutsideUseEntity useOf(String itemKey, String id) {
    OutsideUseEntity use = new OutsideUseEntity();
    use.itemKey = itemKey;
    use.link = id;
    return use;
  }

  private static OutsideLinkEntity made(String id, Address address, Instant askAt) {
    OutsideLinkEntity made = new OutsideLinkEntity();
    made.id = id;
    made.address = address.value();
    made.host = address.host();
    made.askAt = askAt;
    return made;
  }

  /** Forgets where an item leads. */
  public void forget(String itemKey) {
    uses.forget(itemKey);
  }

  /** Forgets all items, and what was learnt. */
  public void clear() {
    uses.deleteAllInBatch();
    links.deleteAllInBatch();
  }

  /** What is known of some addresses, by them; those that were never asked are left out. */
  @Transactional(readOnly = true)
  public Map<String, LinkAnswer> answersOf(Collection<Address> addresses) {
    Set<String> ids =
        addresses.stream()
            .filter(a -> a.kind() == Address.Kind.WEB)
            .map(OutsideLinks::id)
            .collect(Collectors.toSet());
    return ids.isEmpty()
        ? Map.of()
        : links.findAllById(ids).stream()
            .filter(l -> l.verdict != null)
            .collect(Collectors.toMap(l -> l.address, OutsideLinkEntity::answer));
  }

  /** What is to be asked by now, at most so many, and none on some hosts. */
  @Transactional(readOnly = true)
  List<OutsideLinkEntity> due(int most, Set<String> resting) {
    // A list that is empty is none to some databases; no host has this name.
    Set<String> but = resting.isEmpty() ? Set.of("") : resting;
    return links.due(clock.instant(), but, Limit.of(most));
  }

  /** Takes one to be asked, for a while; false where another server has. */
  boolean take(OutsideLinkEntity link, Instant until) {
    return links.take(link.id, link.askAt, until) > 0;
  }

  /** Notes what came of asking a place, and tells of it where it is something else than before. */
  void learnt(String id, LinkCheck.Found found) {
    Optional<OutsideLinkEntity> kept = links.findById(id);
    if (kept.isEmpty()) {
      return;
    }
    OutsideLinkEntity link = kept.get();
    LinkAnswer before = link.verdict == null ? null : link.answer();
    link.failures = found.sure() ? 0 : link.failures + 1;
    LinkAnswer now = LinkCheck.believed(found, link.failures);
    link.verdict = now.verdict();
    link.said = now.said();
    link.leadsTo = now.leadsTo();
    link.secure = now.secure();
    link.askedAt = now.asked();
    link.askAt = clock.instant().plus(LinkCheck.untilNext(found, link.failures));
    if (before == null || isOther(before, now)) {
      List<String> items =
          uses.findAllByLinkIn(List.of(id)).stream().map(u -> u.itemKey).sorted().toList();
      changes.publish(new AnswerChanged(items));
    }
  }

  private static boolean isOther(LinkAnswer before, LinkAnswer now) {
    return before.verdict() != now.verdict()
        || !Objects.equals(before.said(), now.said())
        || !before.leadsTo().equals(now.leadsTo())
        || before.secure() != now.secure();
  }
}
