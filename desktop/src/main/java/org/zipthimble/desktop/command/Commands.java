package org.zipthimble.desktop.command;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.stream.Collectors;
import org.zipthimble.core.arrange.Align;
import org.zipthimble.core.arrange.SimilarObjects;
import org.zipthimble.core.arrange.Axis;
import org.zipthimble.core.arrange.Resizing;
import org.zipthimble.core.arrange.Spacing;
import org.zipthimble.core.edit.Copies;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.edit.Grouping;
import org.zipthimble.core.edit.Shaping;
import org.zipthimble.core.geom.Rule;
import org.zipthimble.core.geom.Way;
import org.zipthimble.core.edit.GuideEdits;
import org.zipthimble.core.job.Guide;
import org.zipthimble.core.job.Item;
import org.zipthimble.core.store.Settings;
import org.zipthimble.core.units.Unit;
import org.zipthimble.desktop.bench.BenchPane;
import org.zipthimble.desktop.state.Clip;
import org.zipthimble.desktop.state.Session;
import org.zipthimble.desktop.state.Station;
import org.zipthimble.desktop.station.ObjectAdder;

/** Every command there is, by menu. */
public final class Commands {
  private static final int FAR = 100_000;

  private final Session session;
  private final BenchPane bench;
  private final ObjectAdder adding;
  private final Clip clip;
  private final Pages pages;
  private final Shapes shapes;
  private final Map<String, List<Command>> menus = new LinkedHashMap<>();
  private List<Command> filling = new ArrayList<>();

  /** What the window itself does. */
  public interface Pages {
    /** Opens the finder. */
    void find();

    /** Opens the help. */
    void help();

    /** Opens the slip that measures the screen. */
    void measureScreen();

    /** Shows the steps in place of the layers, or the layers again. */
    void steps();

    /** Opens or closes the ornament shelf. */
    void ornaments();

    /** Ends the program. */
    void quit();
  }

  /** The commands for a window. */
  public Commands(Session session, BenchPane bench, ObjectAdder adding, Clip clip, Shapes shapes, Pages pages) {
    this.shapes = shapes;
    this.session = session;
    this.bench = bench;
    this.adding = adding;
    this.clip = clip;
    this.pages = pages;
    job();
    edit();
    arrange();
    shape();
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
  public static final Command LINE = new Command("", "", () -> true, () -> { });

  private void begin(String key) {
    filling = new ArrayList<>();
    menus.put(key, filling);
  }

  private void job() {
    begin("menu.job");
    put("menu.new", "Shortcut+N", () -> session.stationProperty().set(Station.ITEM));
    put("menu.open", "Shortcut+O", session.filing()::askAndOpen);
    put("menu.bring", "Shortcut+I", adding::drawing);
    filling.add(LINE);
    put("menu.save", "Shortcut+S", session.filing()::save);
    put("menu.saveAs", "Shortcut+Shift+S", session.filing()::saveAs);
    put("menu.saveNumbered", "", session.filing()::saveNumbered);
    filling.add(LINE);
    put("menu.quit", "Shortcut+Q", pages::quit);
  }

  private void edit() {
    begin("menu.edit");
    put("menu.undo", "Shortcut+Z", session::undo);
    put("menu.redo", "Shortcut+Shift+Z", session::redo);
    put("menu.steps", "Shortcut+H", pages::steps);
    chosen("menu.repeat", "Shortcut+R", session::repeat);
    filling.add(LINE);
    chosen("menu.cut", "Shortcut+X", () -> {
      clip.copy();
      bench.removeSelected();
    });
    chosen("menu.copy", "Shortcut+C", clip::copy);
    put("menu.paste", "Shortcut+V", clip::paste);
    put("menu.pasteInPlace", "Shortcut+Shift+V", clip::pasteInPlace);
    chosen("menu.duplicate", "Shortcut+D", () -> session.perform((face, ids) -> Copies.duplicate(face, ids, Copies.STEP, Copies.STEP)));
    chosen("menu.allFaces", "", () -> session.apply(Copies.onAllFaces(face(), ids())));
    chosen("menu.delete", "", bench::removeSelected);
    filling.add(LINE);
    put("menu.all", "Shortcut+A", this::selectAll);
    put("menu.nothing", "Shortcut+Shift+A", () -> session.selectionProperty().set(Set.of()));
    chosen("menu.sameKind", "", () -> alike(SimilarObjects.By.KIND));
    chosen("menu.sameFill", "", () -> alike(SimilarObjects.By.FILL));
    chosen("menu.sameFont", "", () -> alike(SimilarObjects.By.FONT));
    filling.add(LINE);
    single("menu.takeLook", session::takeLook);
    able("menu.giveLook", "", () -> session.hasLook() && !ids().isEmpty(), session::giveLook);
    chosen("menu.keepOnShelf", "", adding::keepOnShelf);
    filling.add(LINE);
    chosen("menu.hide", "", () -> session.apply(Edits.properties(face(), ids(), "edit.show", f -> f.withVisible(!f.visible()))));
    chosen("menu.lock", "", () -> session.apply(Edits.properties(face(), ids(), "edit.lock", f -> f.withLocked(!f.locked()))));
    able("menu.removeFace", "", () -> session.job().faces().size() > 1, () -> session.apply(Edits.removeFace(face())));
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
    for (Align.Edge edge : Align.Edge.values()) {
      chosen("menu.align." + edge.name().toLowerCase(java.util.Locale.ROOT), "", () -> align(edge));
    }
    several("menu.spaceAcross", () -> space(Axis.ACROSS));
    several("menu.spaceDown", () -> space(Axis.DOWN));
    filling.add(LINE);
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
      able("menu.way." + way.name().toLowerCase(java.util.Locale.ROOT), "", () -> ids().size() > 1, () -> shapes.combine(way));
    }
    chosen("menu.apart", "", shapes::apart);
    put("menu.small", "", shapes::removeSmall);
    filling.add(LINE);
    chosen("menu.offset", "", shapes::offset);
    chosen("menu.repeatLive", "", shapes::repeat);
    able("menu.along", "", () -> ids().size() > 1, shapes::along);
    chosen("menu.mirrorCopy", "", shapes::mirrorCopy);
    chosen("menu.gradient", "", shapes::gradient);
    able("menu.pattern", "", () -> ids().size() > 1, () -> shapes.pattern(true));
    filling.add(LINE);
    chosen("menu.flipAcross", "", () -> shapes.flip(90));
    chosen("menu.flipDown", "", () -> shapes.flip(0));
    chosen("menu.slant", "", shapes::slant);
    filling.add(LINE);
    single("menu.points", shapes::points);
    put("menu.pen", "", () -> shapes.draw(Session.Drawing.PEN));
    put("menu.freehand", "", () -> shapes.draw(Session.Drawing.FREEHAND));
    filling.add(LINE);
    chosen("menu.permanent", "", () -> session.apply(Shaping.permanent(face(), ids())));
    chosen("menu.outlined", "", () -> session.apply(Shaping.outlined(face(), ids())));
    chosen("menu.lineToShape", "", () -> session.apply(Shaping.linesToShapes(face(), ids())));
    chosen("menu.holes", "", () -> session.apply(Shaping.ruled(face(), ids(), Rule.EVEN_ODD)));
    chosen("menu.noHoles", "", () -> session.apply(Shaping.ruled(face(), ids(), Rule.NON_ZERO)));
    single("menu.trace", shapes::trace);
    single("menu.bridges", shapes::bridges);
    able("menu.scrap", "", () -> !session.job().cutting().lanes().isEmpty() && ids().size() == 1, shapes::scrap);
  }

  private void view() {
    begin("menu.view");
    put("menu.nearer", "Shortcut+Plus", bench::nearer);
    put("menu.farther", "Shortcut+Minus", bench::farther);
    put("menu.fit", "Shortcut+0", bench::fit);
    put("menu.width", "Shortcut+2", bench::width);
    chosen("menu.toSelection", "Shortcut+3", bench::toSelection);
    put("menu.true", "Shortcut+1", bench::trueSize);
    put("menu.measureScreen", "", pages::measureScreen);
    filling.add(LINE);
    put("menu.clean", "Shortcut+E", bench::clean);
    put("menu.snap", "", () -> session.preferences().change(s -> s.withSnap(!s.snap())));
    put("menu.grid", "", () -> session.preferences().change(s -> s.withGrid(s.grid(), !s.gridShown())));
    put("menu.tapeMeasure", "Shortcut+T", bench::measure);
    put("menu.origin", "", () -> session.preferences().change(s -> s.withSheetOrigin(!s.sheetOrigin())));
    put("menu.ornaments", "Shortcut+Shift+O", pages::ornaments);
    filling.add(LINE);
    for (Settings.Band band : Settings.Band.values()) {
      put("menu.band." + band.name().toLowerCase(java.util.Locale.ROOT), "", () -> session.preferences().change(s -> s.withBand(band)));
    }
    filling.add(LINE);
    put("menu.night", "", () -> session.preferences().change(s -> s.withNight(!s.night())));
    for (int percent : new int[] {100, 125, 150, 175, 200}) {
      put("menu.scale." + percent, "", () -> session.preferences().change(s -> s.withScale(percent / 100.0)));
    }
    filling.add(LINE);
    for (Unit unit : Unit.values()) {
      put("menu.unit." + unit.sign(), "", () -> session.apply(Edits.ticket("edit.ticket.unit", t -> t.withUnit(unit))));
    }
  }

  private void help() {
    begin("menu.help");
    put("menu.find", "Shortcut+F", pages::find);
    put("menu.hands", "F1", pages::help);
    put("menu.hints", "", () -> session.preferences().change(Settings::withHints));
    put("menu.about", "", () -> session.say(org.zipthimble.core.wording.Wording.text("help.about")));
  }

  private void align(Align.Edge edge) {
    session.apply(Align.edit(session.frame(), session.face(), ids(), edge, to(), session.keyProperty().get()));
  }

  private Align.To to() {
    return session.keyProperty().get().isPresent() ? Align.To.KEY : ids().size() > 1 ? Align.To.EACH_OTHER : Align.To.TRIM;
  }

  private void space(Axis axis) {
    session.apply(Spacing.evenly(session.frame(), session.face(), ids(), axis, Spacing.By.GAPS, Align.To.EACH_OTHER));
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
    filling.add(new Command(key, keys, () -> true, action));
  }

  private void able(String key, String keys, BooleanSupplier able, Runnable action) {
    filling.add(new Command(key, keys, able, action));
  }

  private void chosen(String key, String keys, Runnable action) {
    filling.add(new Command(key, keys, () -> !ids().isEmpty(), action));
  }

  private void single(String key, Runnable action) {
    filling.add(new Command(key, "", () -> Optional.of(ids()).filter(i -> i.size() == 1).isPresent(), action));
  }

  private void several(String key, Runnable action) {
    filling.add(new Command(key, "", () -> ids().size() > 2, action));
  }
}
