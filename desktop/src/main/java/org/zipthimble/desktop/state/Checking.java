package org.zipthimble.desktop.state;

import java.util.List;
import java.util.Optional;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleObjectProperty;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.check.all.Report;
import org.zipthimble.core.colour.Lens;
import org.zipthimble.core.job.Job;

/** What the checks say of the job on the bench, and how the person looks at it. For the interface thread only. */
public final class Checking {
  private final ReadOnlyObjectWrapper<Report> report;
  private final ReadOnlyObjectWrapper<List<Finding>> findings = new ReadOnlyObjectWrapper<>(List.of());
  private final ObjectProperty<Optional<Finding>> lookedAt = new SimpleObjectProperty<>(Optional.empty());
  private final ObjectProperty<Lens> lens = new SimpleObjectProperty<>(Lens.NONE);
  private final LatestWork checker = new LatestWork();
  private boolean looked;

  Checking(Job job) {
    report = new ReadOnlyObjectWrapper<>(Report.none(job));
  }

  /** Looks at a job beside the window; what was said before stands until it is through. */
  void look(Job job) {
    checker.replace(() -> Report.of(job), now -> {
      looked = true;
      said(now);
    });
  }

  /** Another job is on the bench: what was found in the one before is not said of it. */
  void begin(Job job) {
    lookedAt.set(Optional.empty());
    looked = false;
    said(Report.none(job));
  }

  private void said(Report now) {
    findings.set(now.findings());
    report.set(now);
  }

  /** Whether the checks have looked at the job on the bench; before that nothing is said of it, nor that nothing was found. */
  public boolean looked() {
    return looked;
  }

  /** What the checks said last; of a job that was just opened nothing until they are through. */
  public Report report() {
    return report.get();
  }

  /** What the checks said last: changes with every look, also when the same is found. */
  public ReadOnlyObjectProperty<Report> reportProperty() {
    return report.getReadOnlyProperty();
  }

  /** What the checks found. */
  public ReadOnlyObjectProperty<List<Finding>> findingsProperty() {
    return findings.getReadOnlyProperty();
  }

  /** The finding that is being looked at. */
  public ObjectProperty<Optional<Finding>> lookedAtProperty() {
    return lookedAt;
  }

  /** What the bench is looked at through while checking. */
  public ObjectProperty<Lens> lensProperty() {
    return lens;
  }
}
