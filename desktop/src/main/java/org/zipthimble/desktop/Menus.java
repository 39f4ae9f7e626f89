package org.zipthimble.desktop;

import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javafx.beans.binding.Bindings;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.CustomMenuItem;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuBar;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.input.KeyCombination;
import org.zipthimble.core.store.Versions;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.command.Command;
import org.zipthimble.desktop.command.Commands;
import org.zipthimble.desktop.state.Session;
import org.zipthimble.desktop.state.Station;

/** The menu bar, made of the commands. */
final class Menus {
  private static final DateTimeFormatter WHEN = DateTimeFormatter.ofPattern("d MMMM, HH:mm:ss", Locale.ENGLISH);

  private final Session session;
  private final Commands commands;
  private final List<Runnable> ticks = new ArrayList<>();

  Menus(Session session, Commands commands) {
    this.session = session;
    this.commands = commands;
  }

  /** Fills a menu bar. */
  void fill(MenuBar bar) {
    Menu job = menu("menu.job");
    job.getItems().add(7, versions());
    Menu view = menu("menu.view");
    view.getItems().add(0, stations());
    view.getItems().add(1, new SeparatorMenuItem());
    folded(view, "menu.band", "menu.bands");
    folded(view, "menu.scale", "menu.scales");
    folded(view, "menu.unit", "menu.units");
    Menu edit = menu("menu.edit");
    edit.getItems().stream().filter(i -> "menu-undo".equals(i.getId()))
        .forEach(undo -> undo.textProperty().bind(Bindings.createStringBinding(
        () -> session.historyProperty().get().undoLabel().map(l -> Wording.text("menu.undoWhat", l)).orElse(Wording.text("menu.undo")),
        session.historyProperty())));
    edit.getItems().stream().filter(i -> "menu-redo".equals(i.getId()))
        .forEach(redo -> redo.textProperty().bind(Bindings.createStringBinding(
        () -> session.historyProperty().get().redoLabel().map(l -> Wording.text("menu.redoWhat", l)).orElse(Wording.text("menu.redo")),
        session.historyProperty())));
    Menu arrange = menu("menu.arrange");
    folded(arrange, "menu.align", "menu.aligns");
    Menu words = menu("menu.words");
    folded(words, "menu.case", "menu.cases");
    folded(words, "menu.apartInto", "menu.apartIntos");
    bar.getMenus().setAll(job, edit, arrange, words, menu("menu.shape"), menu("menu.picture"), view, menu("menu.help"));
  }

  private Menu menu(String key) {
    Menu menu = new Menu(Wording.text(key));
    menu.setId(key.replace('.', '-'));
    List<Command> commands = this.commands.menu(key);
    commands.forEach(c -> menu.getItems().add(c == Commands.LINE ? new SeparatorMenuItem() : item(c)));
    // Ticks are set when the menu is opened: what they tell is changed in many places.
    menu.setOnShowing(e -> ticks.forEach(Runnable::run));
    return menu;
  }

  /** Moves a run of items into a menu of its own, where the first of them stood. */
  private static void folded(Menu menu, String prefix, String key) {
    String start = prefix.replace('.', '-') + "-";
    List<MenuItem> run = menu.getItems().stream().filter(i -> i.getId() != null && i.getId().startsWith(start)).toList();
    int at = menu.getItems().indexOf(run.get(0));
    menu.getItems().removeAll(run);
    Menu inner = new Menu(Wording.text(key));
    inner.getItems().setAll(run);
    menu.getItems().add(at, inner);
  }

  private MenuItem item(Command command) {
    MenuItem item = command.on().isPresent() ? new CheckMenuItem(command.title()) : new MenuItem(command.title());
    command.on().ifPresent(on -> ticks.add(() -> ((CheckMenuItem) item).setSelected(on.getAsBoolean())));
    item.setId(command.key().replace('.', '-'));
    if (!command.keys().isEmpty()) {
      item.setAccelerator(KeyCombination.valueOf(command.keys()));
    }
    item.setOnAction(e -> command.run());
    item.disableProperty().bind(Bindings.createBooleanBinding(
        () -> !command.able().getAsBoolean(), session.selectionProperty(), session.historyProperty(), session.openProperty()));
    return item;
  }

  private Menu stations() {
    Menu stations = new Menu(Wording.text("menu.stations"));
    for (Station station : Station.values()) {
      MenuItem go = new MenuItem(station.title());
      go.setAccelerator(KeyCombination.keyCombination("Alt+" + (station.ordinal() + 1)));
      go.setOnAction(e -> session.stationProperty().set(station));
      stations.getItems().add(go);
    }
    return stations;
  }

  private Menu versions() {
    Menu versions = new Menu(Wording.text("menu.versions"));
    versions.setId("menu-versions");
    versions.getItems().add(new CustomMenuItem());
    versions.setOnShowing(e -> {
      versions.getItems().clear();
      for (Versions.Version version : session.filing().versions()) {
        MenuItem item = new MenuItem(WHEN.format(version.when()));
        item.setOnAction(a -> session.filing().openVersion(version));
        versions.getItems().add(item);
      }
      if (versions.getItems().isEmpty()) {
        MenuItem none = new MenuItem(Wording.text("menu.versions.none"));
        none.setDisable(true);
        versions.getItems().add(none);
      }
    });
    return versions;
  }
}
