package app.blenner.server.report;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

/** What rules found in everything live at one time. */
@Entity
@Table(name = "site_report")
class SiteReportEntity {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  Long id;

  Instant madeAt;
  String madeBy;
  int items;
  int falling;
  int findings;

  /** The report, as JSON. */
  @Column(columnDefinition = "text")
  String written;
}
