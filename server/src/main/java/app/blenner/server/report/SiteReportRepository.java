package app.blenner.server.report;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface SiteReportRepository extends JpaRepository<SiteReportEntity, Long> {

  /**
   * One point of the trend.
   *
   * @param items how many items were live
   * @param falling how many of them fell short
   */
  record ReportPoint(Instant at, int items, int falling, int findings) {}

  Optional<SiteReportEntity> findFirstByOrderByIdDesc();

  @Query(
      "select new app.blenner.server.report.SiteReportRepository$ReportPoint(r.madeAt, r.items, r.falling, r.findings)"
          + " from SiteReportEntity r order by r.id desc")
  List<ReportPoint> latest(Limit limit);

  /** Of earlier ones only the numbers are wanted. */
  @Modifying
  @Query("update SiteReportEntity r set r.written = '' where r.written <> ''")
  int forgetWritten();

  @Query("select r.id from SiteReportEntity r order by r.id desc")
  List<Long> ids();
}
