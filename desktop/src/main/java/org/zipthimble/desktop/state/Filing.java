package org.zipthimble.desktop.state;

import java.nio.file.Path;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import javafx.animation.Animation;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.util.Duration;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.files.FileStamp;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.store.Recovery;
import org.zipthimble.core.store.ThimbleFile;
import org.zipthimble.core.store.Versions;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;

/**
 * The job's file: opening, saving with versions kept, numbered copies, and a recovery copy that follows
 * the work. Reading and writing are done off the interface thread. For the interface thread only.
 */
public final class Filing {
  /** How long after the first edit that is not in it the recovery copy is written, however fast others follow. */
  private static final Duration FOLLOWS = Duration.seconds(1.5);

  private final Session session;
  private final Preferences preferences;
  private final LatestWork keeper = new LatestWork();
  private final LatestWork worker = new LatestWork();
  private final LatestWork prover = new LatestWork();
  private final PauseTransition pause = new PauseTransition(FOLLOWS);
  private final ReadOnlyObjectWrapper<Optional<LocalTime>> savedAt = new ReadOnlyObjectWrapper<>(Optional.empty());
  private final ReadOnlyBooleanWrapper busy = new ReadOnlyBooleanWrapper();
  private final ReadOnlyBooleanWrapper canStop = new ReadOnlyBooleanWrapper();
  private int reading;
  private Recovery recovery;
  private Optional<Path> file = Optional.empty();
  private Optional<FileStamp> mark = Optional.empty();
  private Job saved;
  /** Whether the last try to save the job on the bench failed. */
  private boolean unwritten;

  Filing(Session session, Preferences preferences, Job job) {
    this.session = session;
    this.preferences = preferences;
    this.saved = job;
    this.recovery = Recovery.in(preferences.places().recovery());
    pause.setOnFinished(e -> keep());
  }

  /** Called when the job on the bench has changed. */
  void changed() {
    if (pause.getStatus() != Animation.Status.RUNNING && !session.job().equals(saved)) {
      pause.playFromStart();
    }
  }

  /** Called when another job is taken onto the bench. */
  void taken(Job job, Optional<Path> from) {
    pause.stop();
    dropRecovery();
    recovery = Recovery.in(preferences.places().recovery());
    file = from;
    mark = from.flatMap(FileStamp::of);
    saved = job;
    unwritten = false;
    savedAt.set(Optional.empty());
  }

  private void keep() {
    Job job = session.job();
    Recovery copy = recovery;
    Optional<Path> from = file;
    Optional<FileStamp> seen = mark;
    keeper.want(() -> {
      try {
        copy.keep(job, from, seen, Instant.now());
        return "";
      } catch (Trouble trouble) {
        return Wording.text("leftWork.failed", trouble.getMessage());
      } catch (RuntimeException | Error broken) {
        return Wording.text("leftWork.failed", Wording.text("window.failed"));
      }
    }, sentence -> {
      if (!sentence.isEmpty()) {
        session.say(sentence);
      }
    });
  }

  /** The copy goes, for its work is in a file or was let go; it stays where saving was tried and failed. */
  private void dropRecovery() {
    Recovery copy = recovery;
    if (unwritten && unsaved()) {
      return;
    }
    keeper.want(() -> {
      try {
        copy.drop();
        return "";
      } catch (Trouble trouble) {
        return trouble.getMessage();
      }
    }, sentence -> { });
  }

  /** Ends cleanly: nothing is left to recover. */
  public void end() {
    pause.stop();
    if (unwritten && unsaved()) {
      return;
    }
    try {
      recovery.drop();
    } catch (Trouble trouble) {
      session.say(trouble.getMessage());
    }
  }

  /** What programs that ended badly have left. */
  public List<Recovery.Left> left() {
    return Recovery.left(preferences.places().recovery());
  }

  /** Takes up work that was left; it counts as unsaved. */
  public void takeUp(Recovery.Left left) {
    read(left::open, job -> {
      session.take(job, left.file());
      mark = left.mark().or(() -> left.file().map(f -> FileStamp.UNKNOWN));
      Optional<FileStamp> seen = mark;
      saved = Job.blank(job.name(), job.ticket(), List.of("blank"));
      session.stationProperty().set(Station.COMPOSE);
      Recovery copy = recovery;
      keeper.want(() -> {
        try {
          copy.keep(job, left.file(), seen, Instant.now());
          left.discard();
          return "";
        } catch (Trouble trouble) {
          return trouble.getMessage();
        }
      }, session::say);
    });
  }

  /** Throws work away that was left. */
  public void discard(Recovery.Left left) {
    try {
      left.discard();
    } catch (Trouble trouble) {
      session.say(trouble.getMessage());
    }
  }

  /** Opens a job the person chooses. */
  public void askAndOpen() {
    if (leave()) {
      session.asker().jobToOpen().ifPresent(this::open);
    }
  }

  /** Opens a job file; what is wrong is told and the work stays. */
  public void open(Path path) {
    List<String> told = Collections.synchronizedList(new ArrayList<>());
    read(() -> ThimbleFile.open(path, told::add), job -> {
      session.take(job, Optional.of(path));
      session.stationProperty().set(Station.COMPOSE);
      preferences.change(s -> s.after(path));
      if (!told.isEmpty()) {
        session.say(String.join(" ", told));
      }
      prove(job);
    });
  }

  /** What a large file states of its pictures is proved once it is open. */
  private void prove(Job job) {
    int mine = reading;
    prover.want(() -> ThimbleFile.changed(job), changed -> {
      if (mine == reading && !changed.isEmpty()) {
        session.say(String.join(" ", changed));
      }
    });
  }

  /** Opens a job that has no file yet, such as one of the demo shelf. */
  public void openUnfiled(Source source) {
    if (leave()) {
      read(source, job -> {
        session.take(job, Optional.empty());
        session.stationProperty().set(Station.COMPOSE);
      });
    }
  }

  /** Opens an earlier version beside the file, as unsaved work. */
  public void openVersion(Versions.Version version) {
    if (leave()) {
      Optional<Path> from = file;
      read(() -> ThimbleFile.open(version.file()), job -> {
        session.take(job, from);
        saved = Job.blank(job.name(), job.ticket(), List.of("blank"));
        session.stationProperty().set(Station.COMPOSE);
        changed();
      });
    }
  }

  /** Something that is read from the disk. */
  public interface Source {
    /** Reads it; called on a thread of its own. */
    Job read() throws Trouble;
  }

  private record Answer(Optional<Job> job, String sentence) {}

  /** Stops waiting for a file that is being read; the work on the bench stays. */
  public void stopReading() {
    reading++;
    worker.drop();
    busy.set(false);
  }

  private void read(Source source, java.util.function.Consumer<Job> done) {
    int mine = ++reading;
    Job before = session.job();
    canStop.set(true);
    busy.set(true);
    worker.want(() -> {
      try {
        return new Answer(Optional.of(source.read()), "");
      } catch (Trouble trouble) {
        return new Answer(Optional.empty(), trouble.getMessage());
      } catch (OutOfMemoryError tooLarge) {
        return new Answer(Optional.empty(), Wording.text("jobFile.tooLarge"));
      } catch (RuntimeException | Error broken) {
        return new Answer(Optional.empty(), Wording.text("jobFile.notRead"));
      }
    }, answer -> {
      if (mine != reading) {
        return;
      }
      busy.set(false);
      session.say(answer.sentence());
      // the person was asked of the work there was when reading began, not of what was done meanwhile
      boolean asked = session.job() == before || answer.job().isEmpty();
      if (asked || leave()) {
        answer.job().ifPresent(done);
      } else {
        session.say(Wording.text("jobFile.notOpened", answer.job().get().name()));
      }
    });
  }

  /** Saves where the job came from, or asks. Gives whether it will be saved. */
  public boolean save() {
    if (file.isEmpty()) {
      return saveAs();
    }
    Path path = file.get();
    Optional<FileStamp> there = FileStamp.of(path);
    if (there.isPresent() && mark.isPresent() && !there.equals(mark)) {
      return switch (session.asker().changedOutside(path.getFileName().toString())) {
        case OVER -> write(path, "");
        case NUMBERED -> saveNumbered();
        case STAY -> false;
      };
    }
    boolean gone = there.isEmpty() && mark.isPresent();
    return write(path, gone ? Wording.text("saved.again", path.getFileName()) : "");
  }

  /** Asks where to save, and saves. */
  public boolean saveAs() {
    return session.asker().whereToSave(session.fileName(ThimbleFile.ENDING)).map(p -> {
      Edits.namedAfter(session.job(), p.getFileName().toString().replaceFirst("\\.[^.]*$", "")).ifPresent(session::apply);
      return write(p, "");
    }).orElse(false);
  }

  /** Saves beside the file under the next free number, and goes on with that one. */
  public boolean saveNumbered() {
    if (file.isEmpty()) {
      return saveAs();
    }
    Path next = Versions.numbered(file.get());
    return write(next, Wording.text("saved.numbered", next.getFileName()));
  }

  /** Writes on a thread of its own; the window goes on meanwhile, and this returns when it is done. */
  private boolean write(Path path, String sentence) {
    if (busy.get()) {
      session.say(Wording.text(canStop.get() ? "jobFile.reading" : "jobFile.writing"));
      return false;
    }
    Job job = session.job();
    Object waiting = new Object();
    canStop.set(false);
    busy.set(true);
    worker.want(() -> {
      try {
        Versions.save(job, path, LocalDateTime.now());
        return new Answer(Optional.of(job), sentence);
      } catch (Trouble trouble) {
        return new Answer(Optional.empty(), trouble.getMessage());
      } catch (OutOfMemoryError tooLarge) {
        return new Answer(Optional.empty(), Wording.text("jobFile.tooLarge"));
      } catch (RuntimeException | Error broken) {
        return new Answer(Optional.empty(), Wording.text("jobFile.notSaved"));
      }
    }, answer -> {
      busy.set(false);
      unwritten = answer.job().isEmpty();
      session.say(answer.sentence());
      answer.job().ifPresent(written -> written(written, path));
      Platform.exitNestedEventLoop(waiting, answer.job().isPresent());
    });
    return (Boolean) Platform.enterNestedEventLoop(waiting);
  }

  private void written(Job job, Path path) {
    file = Optional.of(path);
    mark = FileStamp.of(path);
    saved = job;
    savedAt.set(Optional.of(LocalTime.now()));
    preferences.change(s -> s.after(path));
    if (!unsaved()) {
      pause.stop();
      dropRecovery();
    }
  }

  /** Asks about unsaved work; whether the job on the bench may be left. */
  public boolean leave() {
    if (!unsaved()) {
      return true;
    }
    return switch (session.asker().unsaved(session.job().name())) {
      case SAVE -> save();
      case LOSE -> true;
      case STAY -> false;
    };
  }

  /** Whether there is work that is not in the file. */
  public boolean unsaved() {
    return !session.job().equals(saved);
  }

  /** The file the job is saved in. */
  public Optional<Path> file() {
    return file;
  }

  /** The earlier versions of the file, the newest first. */
  public List<Versions.Version> versions() {
    return file.map(Versions::of).orElse(List.of());
  }

  /** When the job was last saved. */
  public ReadOnlyObjectProperty<Optional<LocalTime>> savedAtProperty() {
    return savedAt.getReadOnlyProperty();
  }

  /** Whether a file is being read or written. */
  public ReadOnlyBooleanProperty busyProperty() {
    return busy.getReadOnlyProperty();
  }

  /** Whether what is being done can be stopped. */
  public ReadOnlyBooleanProperty canStopProperty() {
    return canStop.getReadOnlyProperty();
  }
}
