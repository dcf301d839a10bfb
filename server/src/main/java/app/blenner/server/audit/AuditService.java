package app.blenner.server.audit;

import app.blenner.server.problem.RequestNumber;
import jakarta.servlet.http.HttpServletRequest;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

/** The audit trail. */
@Service
@Transactional
public class AuditService {
  private static final int PAGE = 100;
  private static final int LONGEST = 1000;
  private static final int LONGEST_NAME = 200;

  /**
   * A row.
   *
   * @param about whom or what it concerned
   * @param address from where on the network
   * @param request the number of the request, as the log has it
   */
  public record TrailRow(
      long id, Instant at, String who, String what, String about, String address, String request) {}

  private final AuditRepository rows;
  private final Clock clock;

  AuditService(AuditRepository rows, Clock clock) {
    this.rows = rows;
    this.clock = clock;
  }

  /**
   * Notes something, with what is done in this transaction or not at all.
   *
   * @throws org.springframework.transaction.IllegalTransactionStateException outside a transaction, where what it tells of
   *     would be done for good before it was noted
   * @param who the name of the person who did it, or what they called themselves
   */
  @Transactional(propagation = Propagation.MANDATORY)
  public void note(String who, Audited what, String about) {
    keep(who, what, about);
  }

  /** Notes something that changes nothing, such as a try that was refused or an archive that was taken out. */
  public void noteAlone(String who, Audited what, String about) {
    keep(who, what, about);
  }

  private void keep(String who, Audited what, String about) {
    AuditEntity row = new AuditEntity();
    row.happenedAt = clock.instant();
    row.who = cut(who, LONGEST_NAME);
    row.what = what;
    row.about = cut(about, LONGEST);
    row.address = address();
    row.request = RequestNumber.current() == null ? "" : RequestNumber.current();
    rows.save(row);
  }

  /** The rows before one, the latest first. */
  @Transactional(readOnly = true)
  public List<TrailRow> trailBefore(long id) {
    return rows.findByIdLessThanOrderByIdDesc(id, Limit.of(PAGE)).stream()
        .map(AuditService::rowOf)
        .toList();
  }

  /** The last changes of the set-up that speak of something, the latest first. */
  @Transactional(readOnly = true)
  public List<TrailRow> ofSetUp(String word) {
    String like = "%" + word.toLowerCase(Locale.ROOT).replaceAll("[!%_]", "!$0") + "%";
    return rows.about(Audited.SET_UP_CHANGED, like, Limit.of(PAGE)).stream()
        .map(AuditService::rowOf)
        .toList();
  }

  private static TrailRow rowOf(AuditEntity r) {
    return new TrailRow(r.id, r.happenedAt, r.who, r.what.label(), r.about, r.address, r.request);
  }

  private static String cut(String words, int most) {
    return words.length() <= most ? words : words.substring(0, most - 1) + "…";
  }

  private static String address() {
    if (RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes a) {
      HttpServletRequest request = a.getRequest();
      return request.getRemoteAddr();
    }
    return "";
  }
}
