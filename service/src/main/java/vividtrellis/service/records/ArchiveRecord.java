package vividtrellis.service.records;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.Length;

/** An archive that was made: when, from which brief and edition, and what came out. */
@Entity
@Table(name = "archive_record")
@SuppressWarnings("UnusedVariable") // Hibernate reads the fields
class ArchiveRecord {

  @Id private UUID id;
  private Instant madeAt;
  private String project;

  @Column(length = Length.LONG32)
  private String brief;

  private String edition;
  private String serviceVersion;
  private String format;
  private String digest;

  /** For Hibernate. */
  @SuppressWarnings("NullAway.Init")
  protected ArchiveRecord() {}

  ArchiveRecord(JournalEntry entry) {
    this.id = entry.id();
    this.madeAt = entry.madeAt();
    this.project = entry.project();
    this.brief = entry.brief();
    this.edition = entry.edition();
    this.serviceVersion = entry.serviceVersion();
    this.format = entry.format();
    this.digest = entry.digest();
  }
}
