package org.zipthimble.desktop;

import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.stream.Collectors;
import javafx.beans.binding.Bindings;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuBar;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.input.KeyCombination;
import org.zipthimble.core.edit.Copies;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.edit.Grouping;
import org.zipthimble.core.job.Item;
import org.zipthimble.core.units.Unit;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.bench.BenchPane;
import org.zipthimble.desktop.state.Session;
import org.zipthimble.desktop.state.Station;

/** The menu bar. */
final class Menus {
  private final Session session;
  private final BenchPane bench;
  private final Runnable quit;

  Menus(Session session, BenchPane bench, Runnable quit) {
    this.session = session;
    this.bench = bench;
    this.quit = quit;
  }

  MenuBar bar() {
    MenuBar bar = new MenuBar(job(), edit(), view(), help());
    bar.setId("menus");
    return bar;
  }

  private Menu job() {
    return menu("menu.job",
        item("menu.new", "Shortcut+N", () -> session.stationProperty().set(Station.ITEM)),
        item("menu.open", "Shortcut+O", session::askAndOpen), new SeparatorMenuItem(),
        item("menu.save", "Shortcut+S", session::save), item("menu.saveAs", "Shortcut+Shift+S", session::saveAs),
        new SeparatorMenuItem(), item("menu.quit", "Shortcut+Q", quit));
  }

  private Menu edit() {
    MenuItem undo = item("menu.undo", "Shortcut+Z", session::undo);
    undo.textProperty().bind(Bindings.createStringBinding(() -> session.historyProperty().get().undoLabel()
        .map(l -> Wording.text("menu.undoWhat", l)).orElse(Wording.text("menu.undo")), session.historyProperty()));
    MenuItem redo = item("menu.redo", "Shortcut+Shift+Z", session::redo);
    redo.textProperty().bind(Bindings.createStringBinding(() -> session.historyProperty().get().redoLabel()
        .map(l -> Wording.text("menu.redoWhat", l)).orElse(Wording.text("menu.redo")), session.historyProperty()));
    Menu menu = menu("menu.edit", undo, redo, new SeparatorMenuItem(),
        selecting("menu.duplicate", "Shortcut+D", () -> session.apply(Copies.duplicate(face(), ids(), Copies.STEP, Copies.STEP))),
        selecting("menu.delete", null, bench::removeSelected), item("menu.all", "Shortcut+A", this::selectAll),
        new SeparatorMenuItem(),
        selecting("menu.group", "Shortcut+G", () -> session.apply(Grouping.group(face(), ids()))),
        selecting("menu.ungroup", "Shortcut+Shift+G", () -> session.apply(Grouping.ungroup(face(), ids()))),
        new SeparatorMenuItem(),
        selecting("menu.top", "Alt+Shift+Page_Up", () -> order(Integer.MAX_VALUE / 2)),
        selecting("menu.up", "Alt+Page_Up", () -> order(1)), selecting("menu.down", "Alt+Page_Down", () -> order(-1)),
        selecting("menu.bottom", "Alt+Shift+Page_Down", () -> order(-Integer.MAX_VALUE / 2)),
        new SeparatorMenuItem(),
        selecting("menu.hide", null, () -> session.apply(Edits.facts(face(), ids(), "edit.show", f -> f.visible(!f.visible())))),
        selecting("menu.lock", null, () -> session.apply(Edits.facts(face(), ids(), "edit.lock", f -> f.locked(!f.locked())))),
        new SeparatorMenuItem(), selecting("menu.removeFace", null, () -> session.job().faces().size() > 1,
            () -> session.apply(Edits.removeFace(face()))));
    return menu;
  }

  private Menu view() {
    Menu stations = menu("menu.stations");
    for (Station station : Station.values()) {
      MenuItem go = new MenuItem(station.title());
      go.setAccelerator(KeyCombination.keyCombination("Alt+" + (station.ordinal() + 1)));
      go.setOnAction(e -> session.stationProperty().set(station));
      stations.getItems().add(go);
    }
    Menu units = menu("menu.units");
    for (Unit unit : Unit.values()) {
      units.getItems().add(item("menu.unit." + unit.sign(), null,
          () -> session.apply(Edits.ticket("edit.ticket.unit", t -> t.in(unit)))));
    }
    return menu("menu.view", stations, new SeparatorMenuItem(), item("menu.nearer", "Shortcut+Plus", bench::nearer),
        item("menu.farther", "Shortcut+Minus", bench::farther), item("menu.fit", "Shortcut+0", bench::fit),
        item("menu.true", "Shortcut+1", bench::trueSize), new SeparatorMenuItem(), units);
  }

  private Menu help() {
    return menu("menu.help", item("menu.hands", "F1", () -> session.say(Wording.text("help.hands"))),
        item("menu.about", null, () -> session.say(Wording.text("help.about"))));
  }

  private void selectAll() {
    session.selectionProperty().set(session.face().items().stream()
        .filter(i -> i.facts().visible() && !i.facts().locked()).map(Item::id).collect(Collectors.toUnmodifiableSet()));
  }

  private void order(int steps) {
    session.single().ifPresent(item -> {
      int index = session.face().items().indexOf(item);
      session.apply(Edits.order(face(), item.id(), Math.max(0, index + steps)));
    });
  }

  private String face() {
    return session.faceIdProperty().get();
  }

  private Set<String> ids() {
    return session.selectionProperty().get();
  }

  private static Menu menu(String key, MenuItem... items) {
    Menu menu = new Menu(Wording.text(key));
    menu.getItems().setAll(items);
    return menu;
  }

  private static MenuItem item(String key, String keys, Runnable action) {
    MenuItem item = new MenuItem(Wording.text(key));
    item.setId(key.replace('.', '-'));
    if (keys != null) {
      item.setAccelerator(KeyCombination.valueOf(keys.replace("Page_Up", "Page Up").replace("Page_Down", "Page Down")));
    }
    item.setOnAction(e -> action.run());
    return item;
  }

  private MenuItem selecting(String key, String keys, Runnable action) {
    return selecting(key, keys, () -> !ids().isEmpty(), action);
  }

  private MenuItem selecting(String key, String keys, BooleanSupplier able, Runnable action) {
    MenuItem item = item(key, keys, () -> {
      if (able.getAsBoolean()) {
        action.run();
      }
    });
    item.disableProperty().bind(Bindings.createBooleanBinding(
        () -> !able.getAsBoolean(), session.selectionProperty(), session.historyProperty()));
    return item;
  }
}
