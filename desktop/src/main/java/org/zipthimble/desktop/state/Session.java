package org.zipthimble.desktop.state;

import java.nio.file.Path;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.beans.property.IntegerProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.SimpleIntegerProperty;
import javafx.beans.property.SimpleObjectProperty;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.colour.Lens;
import org.zipthimble.core.edit.Edit;
import org.zipthimble.core.edit.Grouping;
import org.zipthimble.core.edit.History;
import org.zipthimble.core.edit.LookEdits;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Frame;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.kept.Kept;
import org.zipthimble.core.picture.Halvings;
import org.zipthimble.core.units.Unit;
import org.zipthimble.core.wording.Wording;

/**
 * The job on the bench and what the person is doing with it: edits, selection, checks, each a part of its own. For the interface thread
 * only.
 */
public final class Session {
  private final Editing editing;
  private final Selection selection = new Selection(this::face);
  private final Checking checking;
  private final ObjectProperty<Station> station = new SimpleObjectProperty<>(Station.ITEM);
  private final ObjectProperty<String> faceId = new SimpleObjectProperty<>();
  private final ObjectProperty<String> notice = new SimpleObjectProperty<>("");
  private final IntegerProperty written = new SimpleIntegerProperty();
  private final ObjectProperty<Drawing> drawing = new SimpleObjectProperty<>(Drawing.NONE);
  private final Halvings halvings = Halvings.SHARED;
  private final Typing typing;
  private final PointerMode pointerMode = new PointerMode();
  private final PictureHands pictureHands = new PictureHands(this);
  private final Asker asker;
  private final Preferences preferences;
  private final Filing filing;
  private Optional<Runnable> last = Optional.empty();
  private Optional<LookEdits.Taken> look = Optional.empty();

  /** A session that begins with a job. */
  public Session(Job job, Asker asker, Preferences preferences) {
    this.asker = asker;
    this.preferences = preferences;
    this.editing = new Editing(job, this::held, this::say, this::changing);
    this.checking = new Checking(job);
    this.faceId.set(job.faces().get(0).id());
    this.filing = new Filing(this, preferences, job);
    preferences.setOnTrouble(this::say);
    faceId.addListener(o -> selection.openProperty().set(Optional.empty()));
    station.addListener((o, was, is) -> checking.lensProperty().set(is == Station.CHECK ? checking.lensProperty().get() : Lens.NONE));
    historyProperty().addListener(o -> changed());
    preferences.settingsProperty().addListener((o, was, is) -> {
      if (!was.words().equals(is.words())) {
        checking.look(job());
      }
    });
    checking.look(job);
    this.typing = new Typing(this);
  }

  /** Takes another job onto the bench. */
  public void take(Job job, Optional<Path> from) {
    filing.taken(job, from);
    last = Optional.empty();
    selection.clear();
    checking.begin(job);
    // what was worked out for the job before goes with it: its fonts and pictures too
    Kept.letGo();
    faceId.set(job.faces().get(0).id());
    editing.begin(job);
  }

  private Edit held(Edit edit) {
    return selection.openProperty().get().map(group -> Grouping.inside(faceId.get(), group, edit)).orElse(edit);
  }

  private void changing() {
    if (shownProperty().get().face(faceId.get()).isEmpty()) {
      faceId.set(shownProperty().get().faces().get(0).id());
    }
  }

  private void changed() {
    selection.prune();
    filing.changed();
    checking.look(job());
  }

  /** Carries an edit out; inside an open group its box fits again afterwards. */
  public void apply(Edit edit) {
    editing.apply(edit);
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
    selectBeside(edit, () -> { });
  }

  /** The same, with what is to be done once it is there and selected. */
  public void selectBeside(Edit edit, Runnable then) {
    Set<String> before = besideIds();
    applyBeside(edit, () -> {
      selectAdded(before);
      then.run();
    });
  }

  /** The same without selecting anything. */
  public void applyBeside(Edit edit, Runnable then) {
    dropTry();
    editing.beside(edit, then);
  }

  private Set<String> besideIds() {
    return beside().stream().map(Item::id).collect(Collectors.toSet());
  }

  private void selectAdded(Set<String> before) {
    Set<String> added = beside().stream().map(Item::id).filter(id -> !before.contains(id))
        .collect(Collectors.toCollection(LinkedHashSet::new));
    if (!added.isEmpty()) {
      selectionProperty().set(added);
    }
  }

  /** Does something to the selection that can be repeated; what it adds is selected. */
  public void perform(Step step) {
    if (!selectionProperty().get().isEmpty()) {
      applyAndSelect(step.on(faceId.get(), selectionProperty().get()));
      last = Optional.of(() -> perform(step));
    }
  }

  /** The same for what may take long. */
  public void performBeside(Step step) {
    if (!selectionProperty().get().isEmpty()) {
      applyBeside(step.on(faceId.get(), selectionProperty().get()));
      last = Optional.of(() -> performBeside(step));
    }
  }

  /** Does the last step again to what is selected now. */
  public void repeat() {
    last.ifPresent(Runnable::run);
  }

  /** Carries an edit out; the one before it with the same key is taken back first, so that both are one step. */
  public void amend(String run, Edit edit) {
    editing.amend(run, edit);
  }

  /** Ends a run of amended edits. */
  public void settle() {
    editing.settle();
  }

  /** Shows what an edit would give, without doing it. */
  public void tryOut(Edit edit) {
    editing.tryOut(edit);
  }

  /** The same for what may take long: it is shown when it has been worked out beside the window. */
  public void tryBeside(Edit edit) {
    editing.tryBeside(edit);
  }

  /** Shows the job as it is again; what is being worked out is given up. */
  public void dropTry() {
    editing.dropTry();
  }

  /** Whether something is being worked out beside the window. */
  public boolean working() {
    return editing.working();
  }

  /** Gives up what is being worked out beside the window; false when nothing is. */
  public boolean stopWorking() {
    boolean was = working();
    if (was) {
      dropTry();
    }
    return was;
  }

  /** Whether an edit is being tried out that is not done yet. */
  public boolean trying() {
    return editing.trying();
  }

  /** One step back. */
  public void undo() {
    editing.step(History::undo);
  }

  /** One step forward. */
  public void redo() {
    editing.step(History::redo);
  }

  /** Goes to a step of the history; 0 is the job as it was opened. */
  public void jumpTo(int steps) {
    editing.step(h -> h.at(steps));
  }

  /** Opens a group: what it holds can be selected one by one. */
  public void openGroup(String id) {
    selection.openGroup(id);
  }

  /** Closes the open group and selects it; the group around it is open then, if there is one. */
  public void closeGroup() {
    selection.closeGroup();
  }

  /** Takes the look of the selected object up. */
  public void takeLook() {
    single().ifPresent(item -> look = Optional.of(LookEdits.of(item)));
    say(Wording.text("look.taken"));
  }

  /** Gives the look that was taken up to what is selected. */
  public void giveLook() {
    look.ifPresent(l -> perform((face, ids) -> LookEdits.give(face, ids, l)));
  }

  /** Whether a look has been taken up. */
  public boolean hasLook() {
    return look.isPresent();
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
    selectionProperty().set(finding.itemId().map(Set::of).orElse(Set.of()));
    checking.lookedAtProperty().set(Optional.of(finding));
  }

  /** The job. */
  public Job job() {
    return editing.job();
  }

  /** The face on the bench, as it is shown. */
  public Face face() {
    Job shown = shownProperty().get();
    return shown.face(faceId.get()).orElseGet(() -> shown.faces().get(0));
  }

  /** The size of the face on the bench, its bleed and its safe area. */
  public Frame frame() {
    return shownProperty().get().frame(face());
  }

  /** The one selected object, if it is just one. */
  public Optional<Item> single() {
    return selection.single();
  }

  /** The selected objects, lowest first. */
  public List<Item> selected() {
    return selection.selected();
  }

  /** The objects that can be selected: those of the open group, or those of the face. */
  public List<Item> beside() {
    return selection.beside();
  }

  /** The map from the ground that the selected stand on to the face. */
  public Affine ground() {
    return selection.ground();
  }

  /** The unit that sizes are shown in. */
  public Unit unit() {
    return shownProperty().get().ticket().unit();
  }

  /** What is chosen on the face. */
  public Selection selection() {
    return selection;
  }

  /** What the checks say, and how the person looks at it. */
  public Checking checking() {
    return checking;
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

  /** Brings picture files to where pictures already are. */
  public PictureHands pictureHands() {
    return pictureHands;
  }

  /** The caret in words on the bench. */
  public Typing typing() {
    return typing;
  }

  /** What the next touch of the bench does. */
  public PointerMode pointerMode() {
    return pointerMode;
  }

  /** The job with its steps. */
  public ReadOnlyObjectProperty<History> historyProperty() {
    return editing.historyProperty();
  }

  /** The job as it is shown, a drag under way included. */
  public ReadOnlyObjectProperty<Job> shownProperty() {
    return editing.shownProperty();
  }

  /** The group that is open for editing, by its id. */
  public ObjectProperty<Optional<String>> openProperty() {
    return selection.openProperty();
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
    return selection.keyProperty();
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
    return selection.idsProperty();
  }

  /** How many files have been written and measured since the window was opened. */
  public IntegerProperty writtenProperty() {
    return written;
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
    return filing.savedAtProperty().get()
        .map(t -> Wording.text("saved.at", String.format(Locale.ROOT, "%02d:%02d", t.getHour(), t.getMinute())))
        .orElse(filing.file().isPresent() ? Wording.text("saved.as") : "");
  }
}
