package org.zipthimble.desktop.command;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.zipthimble.core.arrange.AlignObjects;
import org.zipthimble.core.arrange.Axis;
import org.zipthimble.core.arrange.Resizing;
import org.zipthimble.core.arrange.SimilarObjects;
import org.zipthimble.core.arrange.Spacing;
import org.zipthimble.core.edit.Copies;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.edit.FaceEdits;
import org.zipthimble.core.edit.Grouping;
import org.zipthimble.core.edit.GuideEdits;
import org.zipthimble.core.edit.Shaping;
import org.zipthimble.core.geom.Rule;
import org.zipthimble.core.geom.Way;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.job.Guide;
import org.zipthimble.core.store.Settings;
import org.zipthimble.core.units.Unit;
import org.zipthimble.desktop.bench.BenchPane;
import org.zipthimble.desktop.slip.WordSlips;
import org.zipthimble.desktop.state.CopiedObjects;
import org.zipthimble.desktop.state.Session;
import org.zipthimble.desktop.state.Station;
import org.zipthimble.desktop.state.Typing;
import org.zipthimble.desktop.tray.Adders;

/** Every command there is, by menu. */
public final class Commands {
  private static final int FAR = 100_000;

  private final Session session;
  private final Supplier<BenchPane> bench;
  private final Supplier<Adders> adding;
  private final Supplier<CopiedObjects> clip;
  private final Pages pages;
  private final Supplier<ShapeCommands> shapes;
  private final Supplier<WordSlips> slips;
  private final Map<String, List<Command>> menus = new LinkedHashMap<>();
  private List<Command> filling = new ArrayList<>();

  /** What the window itself does. */
  public interface Pages {
    /** Opens the finder. */
    void find();

    /** Opens the help. */
    void help();

    /** Whether the help is open. */
    boolean helping();

    /** Opens the slip that measures the screen. */
    void measureScreen();

    /** Shows the steps in place of the layers, or the layers again. */
    void steps();

    /** Whether the steps are shown in place of the layers. */
    boolean stepsShown();

    /** Opens or closes the ornament shelf. */
    void ornaments();

    /** Whether the ornament shelf is open. */
    boolean ornamentsOpen();

    /** Begins a first job together. */
    void together();

    /** Ends the program. */
    void quit();
  }

  /** The commands for a window; what they work on is asked for when they are done. */
  public Commands(
      Session session, Supplier<BenchPane> bench, Supplier<Adders> adding, Supplier<CopiedObjects> clip, Supplier<ShapeCommands> shapes,
      Supplier<WordSlips> words, Pages pages) {
    this.shapes = shapes;
    this.slips = words;
    this.session = session;
    this.bench = bench;
    this.adding = adding;
    this.clip = clip;
    this.pages = pages;
    job();
    edit();
    arrange();
    shape();
    begin("menu.words");
    new WordCommands(session, words, adding, shapes).into(filling);
    begin("menu.picture");
    new PictureCommands(session).into(filling);
    view();
    help();
  }

  /** The commands of a menu, parted by null where a line stands. */
  public List<Command> menu(String key) {
    return menus.get(key);
  }

  /** All commands. */
  public List<Command> all() {
    return menus.values().stream().flatMap(List::stream).filter(c -> c != LINE).toList();
  }

  /** Stands for a line between commands. */
  public static final Command LINE = new Command("", "", () -> true, Optional.empty(), () -> { });

  private void begin(String key) {
    filling = new ArrayList<>();
    menus.put(key, filling);
  }

  private void job() {
    begin("menu.job");
    put("menu.new", "Shortcut+N", () -> session.stationProperty().set(Station.ITEM));
    put("menu.open", "Shortcut+O", session.filing()::askAndOpen);
    put("menu.bring", "Shortcut+I", () -> adding.get().files().drawing());
    filling.add(LINE);
    put("menu.save", "Shortcut+S", session.filing()::save);
    put("menu.saveAs", "Shortcut+Shift+S", session.filing()::saveAs);
    put("menu.saveNumbered", "", session.filing()::saveNumbered);
    filling.add(LINE);
    put("menu.quit", "Shortcut+Q", pages::quit);
  }

  private void edit() {
    begin("menu.edit");
    able("menu.undo", "Shortcut+Z", () -> session.historyProperty().get().undoLabel().isPresent(), session::undo);
    able("menu.redo", "Shortcut+Shift+Z", () -> session.historyProperty().get().redoLabel().isPresent(), session::redo);
    ticked("menu.steps", "Shortcut+H", pages::stepsShown, pages::steps);
    chosen("menu.repeat", "Shortcut+R", session::repeat);
    filling.add(LINE);
    chosen("menu.cut", "Shortcut+X", () -> typedOr(Typing::cut, () -> {
      clip.get().copy();
      bench.get().removeSelected();
    }));
    chosen("menu.copy", "Shortcut+C", () -> typedOr(Typing::copy, () -> clip.get().copy()));
    put("menu.paste", "Shortcut+V", () -> typedOr(t -> t.paste(false), () -> clip.get().paste()));
    put("menu.pasteInPlace", "Shortcut+Shift+V", () -> typedOr(t -> t.paste(true), () -> clip.get().pasteInPlace()));
    chosen("menu.duplicate", "Shortcut+D", () -> session.perform((face, ids) -> Copies.duplicate(face, ids, Copies.STEP, Copies.STEP)));
    chosen("menu.allFaces", "", () -> session.apply(Copies.onAllFaces(face(), ids())));
    chosen("menu.delete", "", () -> bench.get().removeSelected());
    filling.add(LINE);
    put("menu.all", "Shortcut+A", () -> typedOr(Typing::all, this::selectAll));
    put("menu.nothing", "Shortcut+Shift+A", () -> session.selectionProperty().set(Set.of()));
    chosen("menu.sameKind", "", () -> alike(SimilarObjects.By.KIND));
    chosen("menu.sameFill", "", () -> alike(SimilarObjects.By.FILL));
    chosen("menu.sameFont", "", () -> alike(SimilarObjects.By.FONT));
    filling.add(LINE);
    single("menu.takeLook", session::takeLook);
    able("menu.giveLook", "", () -> session.hasLook() && !ids().isEmpty(), session::giveLook);
    chosen("menu.keepOnShelf", "", () -> adding.get().shelf().keepOnShelf());
    filling.add(LINE);
    chosen("menu.hide", "", () -> session.apply(Edits.properties(face(), ids(), "edit.show", f -> f.withVisible(!f.visible()))));
    chosen("menu.lock", "", () -> session.apply(Edits.properties(face(), ids(), "edit.lock", f -> f.withLocked(!f.locked()))));
    filling.add(LINE);
    put("menu.faces", "", () -> slips.get().faces().open());
    put("menu.make", "", () -> slips.get().make().open());
    put("menu.sizes", "", () -> slips.get().sizes().open());
    chosen("menu.aside", "", () -> session.apply(FaceEdits.aside(face(), ids())));
    put("menu.faceTwice", "", () -> session.apply(FaceEdits.duplicate(face())));
    able("menu.faceEarlier", "", () -> place() > 0, () -> session.apply(FaceEdits.place(face(), place() - 1)));
    able("menu.faceLater", "", () -> place() < session.job().faces().size() - 1, () -> session.apply(FaceEdits.place(face(), place() + 1)));
    able("menu.carryMove", "", () -> !ids().isEmpty() && session.job().faces().size() > 1,
        () -> session.apply(FaceEdits.carry(face(), ids(), next(), false)));
    able("menu.carryCopy", "", () -> !ids().isEmpty() && session.job().faces().size() > 1,
        () -> session.apply(FaceEdits.carry(face(), ids(), next(), true)));
    able("menu.removeFace", "", () -> session.job().faces().size() > 1, () -> session.apply(Edits.removeFace(face())));
  }

  /** Where the face stands among all, from 0. */
  private int place() {
    return session.job().faces().indexOf(session.face());
  }

  /** The face behind this one; behind the last the first. */
  private String next() {
    return session.job().faces().get((place() + 1) % session.job().faces().size()).id();
  }

  private void arrange() {
    begin("menu.arrange");
    chosen("menu.group", "Shortcut+G", () -> session.applyAndSelect(Grouping.group(face(), ids())));
    chosen("menu.ungroup", "Shortcut+Shift+G", () -> session.applyAndSelect(Grouping.ungroup(face(), ids())));
    single("menu.openGroup", () -> session.single().filter(i -> !i.members().isEmpty()).ifPresent(i -> session.openGroup(i.id())));
    able("menu.closeGroup", "", () -> session.openProperty().get().isPresent(), session::closeGroup);
    filling.add(LINE);
    chosen("menu.top", "Alt+Shift+Page Up", () -> order(FAR));
    chosen("menu.up", "Alt+Page Up", () -> order(1));
    chosen("menu.down", "Alt+Page Down", () -> order(-1));
    chosen("menu.bottom", "Alt+Shift+Page Down", () -> order(-FAR));
    filling.add(LINE);
    for (AlignObjects.Edge edge : AlignObjects.Edge.values()) {
      chosen("menu.align." + edge.name().toLowerCase(java.util.Locale.ROOT), "", () -> align(edge));
    }
    several("menu.spaceAcross", () -> space(Axis.ACROSS));
    several("menu.spaceDown", () -> space(Axis.DOWN));
    filling.add(LINE);
    chosen("menu.cover", "", () -> session.apply(Edits.cover(face(), ids())));
    single("menu.unsquash", () -> session.single().ifPresent(i -> session.apply(Resizing.unsquash(session.job(), face(), i))));
    filling.add(LINE);
    put("menu.guideAcross", "", () -> guide(Guide.across(session.frame().trim().centre().y())));
    put("menu.guideDown", "", () -> guide(Guide.down(session.frame().trim().centre().x())));
    put("menu.guideSlant", "", () -> guide(new Guide(session.frame().trim().centre(), 45, false)));
    put("menu.guideAxis", "", () -> guide(Guide.down(session.frame().trim().centre().x()).withAxis(true)));
    put("menu.guideClear", "", () -> session.apply(GuideEdits.clear(face())));
  }

  private void shape() {
    begin("menu.shape");
    for (Way way : Way.values()) {
      able("menu.way." + way.name().toLowerCase(java.util.Locale.ROOT), "", () -> ids().size() > 1, () -> shapes.get().combine(way));
    }
    chosen("menu.apart", "", () -> shapes.get().apart());
    put("menu.small", "", () -> shapes.get().removeSmall());
    filling.add(LINE);
    chosen("menu.offset", "", () -> shapes.get().offset());
    chosen("menu.repeatLive", "", () -> shapes.get().repeat());
    able("menu.along", "", () -> ids().size() > 1, () -> shapes.get().along());
    chosen("menu.mirrorCopy", "", () -> shapes.get().mirrorCopy());
    chosen("menu.gradient", "", () -> shapes.get().gradient());
    able("menu.pattern", "", () -> ids().size() > 1, () -> shapes.get().pattern(true));
    filling.add(LINE);
    chosen("menu.flipAcross", "", () -> shapes.get().flip(90));
    chosen("menu.flipDown", "", () -> shapes.get().flip(0));
    chosen("menu.bend", "", () -> shapes.get().bend());
    chosen("menu.slant", "", () -> shapes.get().slant());
    filling.add(LINE);
    single("menu.points", () -> shapes.get().points());
    put("menu.pen", "", () -> shapes.get().draw(Session.Drawing.PEN));
    put("menu.freehand", "", () -> shapes.get().draw(Session.Drawing.FREEHAND));
    filling.add(LINE);
    chosen("menu.permanent", "", () -> session.applyBeside(Shaping.permanent(face(), ids()), () -> { }));
    chosen("menu.outlined", "", () -> session.applyBeside(Shaping.outlined(face(), ids()), () -> { }));
    chosen("menu.lineToShape", "", () -> session.applyBeside(Shaping.linesToShapes(face(), ids()), () -> { }));
    chosen("menu.holes", "", () -> session.applyBeside(Shaping.ruled(face(), ids(), Rule.EVEN_ODD), () -> { }));
    chosen("menu.noHoles", "", () -> session.applyBeside(Shaping.ruled(face(), ids(), Rule.NON_ZERO), () -> { }));
    single("menu.trace", () -> shapes.get().trace());
    single("menu.bridges", () -> shapes.get().bridges());
    able("menu.scrap", "", () -> !session.job().cutting().lanes().isEmpty() && ids().size() == 1, () -> shapes.get().scrap());
  }

  private void view() {
    begin("menu.view");
    put("menu.nearer", "Shortcut+Plus", () -> bench.get().nearer());
    put("menu.farther", "Shortcut+Minus", () -> bench.get().farther());
    put("menu.fit", "Shortcut+0", () -> bench.get().fit());
    put("menu.width", "Shortcut+2", () -> bench.get().width());
    chosen("menu.toSelection", "Shortcut+3", () -> bench.get().toSelection());
    put("menu.true", "Shortcut+1", () -> bench.get().trueSize());
    put("menu.measureScreen", "", pages::measureScreen);
    filling.add(LINE);
    ticked("menu.clean", "Shortcut+E", () -> bench.get().isClean(), () -> bench.get().clean());
    ticked("menu.snap", "", () -> session.preferences().now().snap(), () -> session.preferences().change(s -> s.withSnap(!s.snap())));
    ticked("menu.grid", "", () -> session.preferences().now().gridShown(),
        () -> session.preferences().change(s -> s.withGrid(s.grid(), !s.gridShown())));
    put("menu.tapeMeasure", "Shortcut+T", () -> bench.get().measure());
    ticked("menu.origin", "", () -> session.preferences().now().sheetOrigin(),
        () -> session.preferences().change(s -> s.withSheetOrigin(!s.sheetOrigin())));
    ticked("menu.ornaments", "Shortcut+Shift+O", pages::ornamentsOpen, pages::ornaments);
    filling.add(LINE);
    for (Settings.Band band : Settings.Band.values()) {
      ticked("menu.band." + band.name().toLowerCase(java.util.Locale.ROOT), "", () -> session.preferences().now().band() == band,
          () -> session.preferences().change(s -> s.withBand(band)));
    }
    filling.add(LINE);
    ticked("menu.night", "", () -> session.preferences().now().night(), () -> session.preferences().change(s -> s.withNight(!s.night())));
    for (int percent : new int[] {100, 125, 150, 175, 200}) {
      ticked("menu.scale." + percent, "", () -> session.preferences().now().scale() == percent / 100.0,
          () -> session.preferences().change(s -> s.withScale(percent / 100.0)));
    }
    filling.add(LINE);
    for (Unit unit : Unit.values()) {
      ticked("menu.unit." + unit.sign(), "", () -> session.unit() == unit,
          () -> session.apply(Edits.ticket("edit.ticket.unit", t -> t.withUnit(unit))));
    }
  }

  private void help() {
    begin("menu.help");
    put("menu.find", "Shortcut+F", pages::find);
    ticked("menu.hands", "F1", pages::helping, pages::help);
    put("menu.together", "", pages::together);
    put("menu.hints", "", () -> session.preferences().change(Settings::withHints));
    put("menu.about", "", () -> session.say(org.zipthimble.core.wording.Wording.text("help.about")));
  }

  /** While somebody types it is done to the words, else to objects. */
  private void typedOr(Consumer<Typing> words, Runnable objects) {
    if (session.typing().on()) {
      words.accept(session.typing());
    } else {
      objects.run();
    }
  }

  private void align(AlignObjects.Edge edge) {
    session.apply(AlignObjects.edit(session.frame(), session.face(), ids(), edge, to(), session.keyProperty().get()));
  }

  private AlignObjects.To to() {
    return session.keyProperty().get().isPresent() ? AlignObjects.To.KEY : ids().size() > 1 ? AlignObjects.To.EACH_OTHER
        : AlignObjects.To.TRIM;
  }

  private void space(Axis axis) {
    session.apply(Spacing.evenly(session.frame(), session.face(), ids(), axis, Spacing.By.GAPS, AlignObjects.To.EACH_OTHER));
  }

  private void guide(Guide guide) {
    session.apply(GuideEdits.add(face(), guide));
  }

  private void alike(SimilarObjects.By by) {
    session.selectionProperty().set(SimilarObjects.among(session.beside(), ids(), by));
  }

  private void selectAll() {
    session.selectionProperty().set(session.beside().stream()
        .filter(i -> i.properties().visible() && !i.properties().locked()).map(Item::id).collect(Collectors.toUnmodifiableSet()));
  }

  private void order(int steps) {
    session.single().ifPresent(item -> {
      int index = session.beside().indexOf(item);
      session.apply(Edits.order(face(), item.id(), Math.max(0, index + steps)));
    });
  }

  private String face() {
    return session.faceIdProperty().get();
  }

  private Set<String> ids() {
    return session.selectionProperty().get();
  }

  private void put(String key, String keys, Runnable action) {
    able(key, keys, () -> true, action);
  }

  private void able(String key, String keys, BooleanSupplier able, Runnable action) {
    filling.add(new Command(key, keys, able, Optional.empty(), action));
  }

  private void ticked(String key, String keys, BooleanSupplier on, Runnable action) {
    filling.add(new Command(key, keys, () -> true, Optional.of(on), action));
  }

  private void chosen(String key, String keys, Runnable action) {
    able(key, keys, () -> !ids().isEmpty(), action);
  }

  private void single(String key, Runnable action) {
    able(key, "", () -> ids().size() == 1, action);
  }

  private void several(String key, Runnable action) {
    able(key, "", () -> ids().size() > 2, action);
  }
}
