package org.zipthimble.desktop.state;

import java.nio.file.Path;
import java.time.LocalTime;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleObjectProperty;
import org.zipthimble.core.check.Checks;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.edit.Edit;
import org.zipthimble.core.edit.History;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Item;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.Outline;
import org.zipthimble.core.picture.Halvings;
import org.zipthimble.core.store.ThimbleFile;
import org.zipthimble.core.units.Unit;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;

/** The job on the bench and what the person is doing with it. For the interface thread only. */
public final class Session {
  private final ReadOnlyObjectWrapper<History> history;
  private final ReadOnlyObjectWrapper<Job> shown;
  private final ReadOnlyObjectWrapper<List<Finding>> findings = new ReadOnlyObjectWrapper<>(List.of());
  private final ReadOnlyObjectWrapper<Optional<LocalTime>> savedAt = new ReadOnlyObjectWrapper<>(Optional.empty());
  private final ObjectProperty<Station> station = new SimpleObjectProperty<>(Station.ITEM);
  private final ObjectProperty<String> faceId = new SimpleObjectProperty<>();
  private final ObjectProperty<Set<String>> selection = new SimpleObjectProperty<>(Set.of());
  private final ObjectProperty<Optional<Finding>> lookedAt = new SimpleObjectProperty<>(Optional.empty());
  private final BooleanProperty keepProportion = new SimpleBooleanProperty();
  private final ObjectProperty<String> notice = new SimpleObjectProperty<>("");
  private final Latest checker = new Latest("checks");
  private final Halvings halvings = new Halvings();
  private final Asker asker;
  private Optional<Path> file = Optional.empty();
  private Job saved;
  private String amending = "";

  /** A session that begins with a job. */
  public Session(Job job, Asker asker) {
    this.asker = asker;
    this.history = new ReadOnlyObjectWrapper<>(History.of(job));
    this.shown = new ReadOnlyObjectWrapper<>(job);
    this.saved = job;
    this.faceId.set(job.faces().get(0).id());
    selection.addListener((o, was, is) -> keepProportion.set(single().map(Session::holdsProportion).orElse(false)));
    check();
  }

  private static boolean holdsProportion(Item item) {
    return item instanceof Item.Photo || item instanceof Item.Group
        || item instanceof Item.Shape && ((Item.Shape) item).outline() instanceof Outline.Drawn;
  }

  /** Takes another job onto the bench. */
  public void take(Job job, Optional<Path> from) {
    file = from;
    saved = job;
    amending = "";
    selection.set(Set.of());
    lookedAt.set(Optional.empty());
    faceId.set(job.faces().get(0).id());
    savedAt.set(Optional.empty());
    put(History.of(job));
  }

  /** Carries an edit out. */
  public void apply(Edit edit) {
    amending = "";
    put(history.get().after(edit));
  }

  /** Carries an edit out; the one before it with the same key is taken back first, so that both are one step. */
  public void amend(String key, Edit edit) {
    History from = key.equals(amending) ? history.get().undo() : history.get();
    put(from.after(edit));
    amending = key;
  }

  /** Ends a run of amended edits. */
  public void settle() {
    amending = "";
  }

  /** Shows what an edit would give, without doing it. */
  public void tryOut(Edit edit) {
    shown.set(edit.change().apply(history.get().now()));
  }

  /** Shows the job as it is again. */
  public void dropTry() {
    shown.set(history.get().now());
  }

  /** One step back. */
  public void undo() {
    amending = "";
    put(history.get().undo());
  }

  /** One step forward. */
  public void redo() {
    amending = "";
    put(history.get().redo());
  }

  private void put(History next) {
    Job job = next.now();
    shown.set(job);
    if (job.face(faceId.get()).isEmpty()) {
      faceId.set(job.faces().get(0).id());
    }
    history.set(next);
    Set<String> left = selection.get().stream().filter(id -> face().find(id).isPresent()).collect(Collectors.toSet());
    selection.set(left);
    check();
  }

  private void check() {
    Job job = history.get().now();
    checker.want(() -> Checks.run(job), findings::set);
  }

  /** Opens a job the person chooses; what is wrong is told. */
  public void askAndOpen() {
    if (leave()) {
      asker.jobToOpen().ifPresent(this::open);
    }
  }

  /** Opens a job file. */
  public void open(Path path) {
    try {
      take(ThimbleFile.open(path), Optional.of(path));
      station.set(Station.COMPOSE);
      say("");
    } catch (Trouble trouble) {
      say(trouble.getMessage());
    }
  }

  /** Saves where the job came from, or asks. Gives whether it was saved. */
  public boolean save() {
    return file.map(this::saveTo).orElseGet(this::saveAs);
  }

  /** Asks where to save, and saves. */
  public boolean saveAs() {
    return asker.whereToSave(fileName(ThimbleFile.ENDING)).map(this::saveTo).orElse(false);
  }

  private boolean saveTo(Path path) {
    try {
      ThimbleFile.save(job(), path);
      file = Optional.of(path);
      saved = job();
      savedAt.set(Optional.of(LocalTime.now()));
      say("");
      return true;
    } catch (Trouble trouble) {
      say(trouble.getMessage());
      return false;
    }
  }

  /** Asks about unsaved work; whether the job on the bench may be left. */
  public boolean leave() {
    if (!unsaved()) {
      return true;
    }
    return switch (asker.unsaved(job().name())) {
      case SAVE -> save();
      case LOSE -> true;
      case STAY -> false;
    };
  }

  /** Whether there is work that is not in the file. */
  public boolean unsaved() {
    return !job().equals(saved);
  }

  /** A file name from the job's, with an ending. */
  public String fileName(String ending) {
    return job().name().toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]+", "-").replaceAll("^-|-$", "") + ending;
  }

  /** Tells the person something; an empty text takes it back. */
  public void say(String sentence) {
    notice.set(sentence);
  }

  /** Goes to a finding: its face, its object, its place. */
  public void goTo(Finding finding) {
    faceId.set(finding.faceId());
    selection.set(finding.itemId().map(Set::of).orElse(Set.of()));
    lookedAt.set(Optional.of(finding));
  }

  /** The job. */
  public Job job() {
    return history.get().now();
  }

  /** The face on the bench, as it is shown. */
  public Face face() {
    return shown.get().face(faceId.get()).orElseGet(() -> shown.get().faces().get(0));
  }

  /** The one selected object, if it is just one. */
  public Optional<Item> single() {
    return selection.get().size() == 1 ? face().find(selection.get().iterator().next()) : Optional.empty();
  }

  /** The selected objects. */
  public List<Item> selected() {
    return face().items().stream().filter(i -> selection.get().contains(i.id())).toList();
  }

  /** The unit that sizes are shown in. */
  public Unit unit() {
    return shown.get().ticket().unit();
  }

  /** The file the job is saved in. */
  public Optional<Path> file() {
    return file;
  }

  /** Where questions to the person go. */
  public Asker asker() {
    return asker;
  }

  /** Decoded pictures. */
  public Halvings halvings() {
    return halvings;
  }

  /** The job with its steps. */
  public ReadOnlyObjectProperty<History> historyProperty() {
    return history.getReadOnlyProperty();
  }

  /** The job as it is shown, a drag under way included. */
  public ReadOnlyObjectProperty<Job> shownProperty() {
    return shown.getReadOnlyProperty();
  }

  /** What the checks found. */
  public ReadOnlyObjectProperty<List<Finding>> findingsProperty() {
    return findings.getReadOnlyProperty();
  }

  /** When the job was last saved. */
  public ReadOnlyObjectProperty<Optional<LocalTime>> savedAtProperty() {
    return savedAt.getReadOnlyProperty();
  }

  /** The station. */
  public ObjectProperty<Station> stationProperty() {
    return station;
  }

  /** The face on the bench, by its id. */
  public ObjectProperty<String> faceIdProperty() {
    return faceId;
  }

  /** The ids of the selected objects. */
  public ObjectProperty<Set<String>> selectionProperty() {
    return selection;
  }

  /** The finding that is being looked at. */
  public ObjectProperty<Optional<Finding>> lookedAtProperty() {
    return lookedAt;
  }

  /** Whether pulling and typing keep the proportion of the selected object. */
  public BooleanProperty keepProportionProperty() {
    return keepProportion;
  }

  /** What the person is told. */
  public ObjectProperty<String> noticeProperty() {
    return notice;
  }

  /** A word on when the job was saved. */
  public String savedText() {
    if (unsaved()) {
      return Wording.text("saved.not");
    }
    return savedAt.get().map(t -> Wording.text("saved.at", String.format(Locale.ROOT, "%02d:%02d", t.getHour(), t.getMinute())))
        .orElse(file.isPresent() ? Wording.text("saved.as") : "");
  }
}
