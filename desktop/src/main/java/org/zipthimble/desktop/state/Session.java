package org.zipthimble.desktop.state;

import java.nio.file.Path;
import java.util.LinkedHashSet;
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
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.check.Report;
import org.zipthimble.core.colour.Lens;
import org.zipthimble.core.edit.Edit;
import org.zipthimble.core.form.Scene;
import org.zipthimble.core.edit.Grouping;
import org.zipthimble.core.edit.History;
import org.zipthimble.core.edit.Looks;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Nodes;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Frame;
import org.zipthimble.core.job.Item;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.picture.Halvings;
import org.zipthimble.core.units.Unit;
import org.zipthimble.core.wording.Wording;

/** The job on the bench and what the person is doing with it. For the interface thread only. */
public final class Session {
  private final ReadOnlyObjectWrapper<History> history;
  private final ReadOnlyObjectWrapper<Job> shown;
  private final ReadOnlyObjectWrapper<Report> report;
  private final ReadOnlyObjectWrapper<List<Finding>> findings = new ReadOnlyObjectWrapper<>(List.of());
  private final ObjectProperty<Station> station = new SimpleObjectProperty<>(Station.ITEM);
  private final ObjectProperty<String> faceId = new SimpleObjectProperty<>();
  private final ObjectProperty<Set<String>> selection = new SimpleObjectProperty<>(Set.of());
  private final ObjectProperty<Optional<Finding>> lookedAt = new SimpleObjectProperty<>(Optional.empty());
  private final BooleanProperty keepProportion = new SimpleBooleanProperty();
  private final ObjectProperty<String> notice = new SimpleObjectProperty<>("");
  private final LatestWork checker = new LatestWork("checks");
  private final EditWorker working = new EditWorker(this::say);
  private final Halvings halvings = new Halvings();
  private final PointerMode touch = new PointerMode();
  private final PictureHands pictureHands = new PictureHands(this);
  private final Asker asker;
  private final ObjectProperty<Optional<String>> open = new SimpleObjectProperty<>(Optional.empty());
  private final ObjectProperty<Optional<String>> key = new SimpleObjectProperty<>(Optional.empty());
  private final ObjectProperty<Optional<String>> points = new SimpleObjectProperty<>(Optional.empty());
  private final ObjectProperty<Set<Nodes.At>> chosenPoints = new SimpleObjectProperty<>(Set.of());
  private final ObjectProperty<Lens> lens = new SimpleObjectProperty<>(Lens.NONE);
  private final ObjectProperty<Drawing> drawing = new SimpleObjectProperty<>(Drawing.NONE);
  private final Preferences preferences;
  private final Filing filing;
  private Optional<Runnable> last = Optional.empty();
  private Optional<Looks.Taken> look = Optional.empty();
  private boolean trying;
  private String amending = "";

  /** A session that begins with a job. */
  public Session(Job job, Asker asker, Preferences preferences) {
    this.asker = asker;
    this.preferences = preferences;
    this.history = new ReadOnlyObjectWrapper<>(History.of(job));
    this.shown = new ReadOnlyObjectWrapper<>(job);
    this.report = new ReadOnlyObjectWrapper<>(Report.none(job));
    this.faceId.set(job.faces().get(0).id());
    this.filing = new Filing(this, preferences, job);
    preferences.setOnTrouble(this::say);
    selection.addListener((o, was, is) -> {
      keepProportion.set(is.size() > 1 || single().map(Session::holdsProportion).orElse(false));
      key.set(key.get().filter(is::contains));
      points.set(points.get().filter(id -> is.equals(Set.of(id))));
    });
    faceId.addListener(o -> open.set(Optional.empty()));
    station.addListener((o, was, is) -> lens.set(is == Station.CHECK ? lens.get() : Lens.NONE));
    points.addListener(o -> chosenPoints.set(Set.of()));
    check();
  }

  private static boolean holdsProportion(Item item) {
    return item.asShape().map(s -> s.outline().drawn()).orElse(item.asWords().isEmpty());
  }

  /** Takes another job onto the bench. */
  public void take(Job job, Optional<Path> from) {
    filing.taken(job, from);
    amending = "";
    last = Optional.empty();
    selection.set(Set.of());
    open.set(Optional.empty());
    lookedAt.set(Optional.empty());
    // What was found in the job before is not said of this one.
    reported(Report.none(job));
    faceId.set(job.faces().get(0).id());
    put(History.of(job));
  }

  /** Carries an edit out; inside an open group its box fits again afterwards. */
  public void apply(Edit edit) {
    amending = "";
    put(history.get().after(held(edit)));
  }

  /** Carries an edit out and selects the objects that it added beside the others. */
  public void applyAndSelect(Edit edit) {
    dropTry();
    Set<String> before = besideIds();
    apply(edit);
    selectAdded(before);
  }

  /** The same for what may take long: it is worked out beside the window, and is there at once where it was quick. */
  public void applyBeside(Edit edit) {
    dropTry();
    Set<String> before = besideIds();
    working.out(job(), held(edit), job -> {
      amending = "";
      put(history.get().after(new Edit(edit.label(), j -> job)));
      selectAdded(before);
    });
  }

  private Set<String> besideIds() {
    return beside().stream().map(Item::id).collect(Collectors.toSet());
  }

  private void selectAdded(Set<String> before) {
    Set<String> added = beside().stream().map(Item::id).filter(id -> !before.contains(id)).collect(Collectors.toCollection(LinkedHashSet::new));
    if (!added.isEmpty()) {
      selection.set(added);
    }
  }

  /** Does something to the selection that can be repeated; what it adds is selected. */
  public void perform(Step step) {
    if (!selection.get().isEmpty()) {
      applyAndSelect(step.on(faceId.get(), selection.get()));
      last = Optional.of(() -> perform(step));
    }
  }

  /** The same for what may take long. */
  public void performBeside(Step step) {
    if (!selection.get().isEmpty()) {
      applyBeside(step.on(faceId.get(), selection.get()));
      last = Optional.of(() -> performBeside(step));
    }
  }

  /** Does the last step again to what is selected now. */
  public void repeat() {
    last.ifPresent(Runnable::run);
  }

  private Edit held(Edit edit) {
    return open.get().map(group -> Grouping.inside(faceId.get(), group, edit)).orElse(edit);
  }

  /** Carries an edit out; the one before it with the same key is taken back first, so that both are one step. */
  public void amend(String run, Edit edit) {
    History from = run.equals(amending) ? history.get().undo() : history.get();
    History next = from.after(held(edit));
    put(next);
    // Where nothing was changed there is no step to take back the next time.
    amending = next == from ? "" : run;
  }

  /** Ends a run of amended edits. */
  public void settle() {
    amending = "";
  }

  /** Shows what an edit would give, without doing it. */
  public void tryOut(Edit edit) {
    trying = true;
    shown.set(held(edit).change().apply(history.get().now()));
  }

  /** The same for what may take long: it is shown when it has been worked out beside the window. */
  public void tryBeside(Edit edit) {
    trying = true;
    working.out(job(), held(edit), shown::set);
  }

  /** Shows the job as it is again; what is being worked out is given up. */
  public void dropTry() {
    working.drop();
    trying = false;
    shown.set(history.get().now());
  }

  /** Whether something is being worked out beside the window. */
  public boolean working() {
    return working.under();
  }

  /** Gives up what is being worked out beside the window; false when nothing is. */
  public boolean stopWorking() {
    boolean was = working.under();
    if (was) {
      dropTry();
    }
    return was;
  }

  /** Whether an edit is being tried out that is not done yet. */
  public boolean trying() {
    return trying;
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

  /** Goes to a step of the history; 0 is the job as it was opened. */
  public void jumpTo(int steps) {
    amending = "";
    put(history.get().at(steps));
  }

  private void put(History next) {
    Job job = next.now();
    working.drop();
    trying = false;
    shown.set(job);
    if (job.face(faceId.get()).isEmpty()) {
      faceId.set(job.faces().get(0).id());
    }
    history.set(next);
    Set<String> there = face().all().stream().map(Item::id).collect(Collectors.toSet());
    Set<String> left = selection.get().stream().filter(there::contains).collect(Collectors.toCollection(LinkedHashSet::new));
    selection.set(left);
    if (open.get().isPresent() && face().find(open.get().get()).isEmpty()) {
      open.set(Optional.empty());
    }
    filing.changed();
    check();
  }

  /** Opens a group: what it holds can be selected one by one. */
  public void openGroup(String id) {
    selection.set(Set.of());
    open.set(Optional.of(id));
  }

  /** Closes the open group and selects it; the group around it is open then, if there is one. */
  public void closeGroup() {
    Optional<String> was = open.get();
    was.ifPresent(id -> {
      open.set(face().holder(id).map(Item::id));
      selection.set(Set.of(id));
    });
  }

  /** Takes the look of the selected object up. */
  public void takeLook() {
    single().ifPresent(item -> look = Optional.of(Looks.of(item)));
    say(Wording.text("look.taken"));
  }

  /** Gives the look that was taken up to what is selected. */
  public void giveLook() {
    look.ifPresent(l -> perform((face, ids) -> Looks.give(face, ids, l)));
  }

  /** Whether a look has been taken up. */
  public boolean hasLook() {
    return look.isPresent();
  }

  private void check() {
    Job job = history.get().now();
    checker.want(() -> Report.of(job), this::reported);
  }

  private void reported(Report now) {
    report.set(now);
    findings.set(now.findings());
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

  /** The size of the face on the bench, its bleed and its safe area. */
  public Frame frame() {
    return shown.get().frame(face());
  }

  /** The one selected object, if it is just one. */
  public Optional<Item> single() {
    return selection.get().size() == 1 ? face().find(selection.get().iterator().next()) : Optional.empty();
  }

  /** The selected objects, lowest first. */
  public List<Item> selected() {
    return beside().stream().filter(i -> selection.get().contains(i.id())).toList();
  }

  /** The objects that can be selected: those of the open group, or those of the face. */
  public List<Item> beside() {
    return open.get().flatMap(face()::find).map(Item::members).orElse(face().items());
  }

  /** The map from the ground that the selected stand on to the face. */
  public Affine ground() {
    return Scene.of(face()).inside(open.get());
  }

  /** The unit that sizes are shown in. */
  public Unit unit() {
    return shown.get().ticket().unit();
  }

  /** The job's file. */
  public Filing filing() {
    return filing;
  }

  /** What the person has chosen for the program. */
  public Preferences preferences() {
    return preferences;
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

  /** What the checks said last; of a job that was just opened nothing until they are through. */
  public Report report() {
    return report.get();
  }

  /** The group that is open for editing, by its id. */
  public ObjectProperty<Optional<String>> openProperty() {
    return open;
  }

  /** The shape whose points are being edited, by its id. */
  public ObjectProperty<Optional<String>> pointsProperty() {
    return points;
  }

  /** What the bench is looked at through while checking. */
  public ObjectProperty<Lens> lensProperty() {
    return lens;
  }

  /** The points of it that are chosen. */
  public ObjectProperty<Set<Nodes.At>> chosenPointsProperty() {
    return chosenPoints;
  }

  /** Brings picture files to where pictures already are. */
  public PictureHands pictureHands() {
    return pictureHands;
  }

  /** What the next touch of the bench does. */
  public PointerMode pointerMode() {
    return touch;
  }

  /** What the next drags and clicks on the bench draw. */
  public ObjectProperty<Drawing> drawingProperty() {
    return drawing;
  }

  /** What clicks and drags on the bench draw. */
  public enum Drawing {
    /** Nothing. */
    NONE,
    /** Points and curves, one after another. */
    PEN,
    /** A line by a free hand. */
    FREEHAND
  }

  /** The selected object that the others are lined up to, by its id. */
  public ObjectProperty<Optional<String>> keyProperty() {
    return key;
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
    if (filing.unsaved()) {
      return Wording.text("saved.not");
    }
    return filing.savedAtProperty().get().map(t -> Wording.text("saved.at", String.format(Locale.ROOT, "%02d:%02d", t.getHour(), t.getMinute())))
        .orElse(filing.file().isPresent() ? Wording.text("saved.as") : "");
  }
}
