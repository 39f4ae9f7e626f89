package org.zipthimble.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.atomic.AtomicReference;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.ListView;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuBar;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import javafx.stage.Window;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.item.ItemShape;
import org.zipthimble.core.item.Outline;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.StandardItem;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.command.Command;
import org.zipthimble.desktop.state.Session;
import org.zipthimble.desktop.state.Station;

/** Every command of the menus through the window, the finder and the help. */
class MenusTest extends AtTheBench {
  private final AtomicReference<Throwable> thrown = new AtomicReference<>();

  @Start
  void start(Stage stage) throws Exception {
    open(stage, 2);
    Thread.currentThread().setUncaughtExceptionHandler((thread, e) -> thrown.set(e));
  }

  private List<Menu> menus(FxRobot robot) {
    return List.copyOf(robot.lookup("#menus").queryAs(MenuBar.class).getMenus());
  }

  private static List<MenuItem> items(Menu menu) {
    List<MenuItem> items = new ArrayList<>();
    for (MenuItem item : menu.getItems()) {
      if (item instanceof Menu) {
        items.addAll(items((Menu) item));
      } else if (!(item instanceof SeparatorMenuItem)) {
        items.add(item);
      }
    }
    return items;
  }

  private void objects(FxRobot robot) {
    box(robot, "A", 1, 1, 1, 1);
    box(robot, "B", 1.5, 1.5, 1, 1);
    box(robot, "C", 3, 3, 0.5, 2);
  }

  private void closeSlips() {
    List.copyOf(Window.getWindows()).stream().filter(w -> !(w instanceof Stage)).forEach(Window::hide);
    session.drawingProperty().set(Session.Drawing.NONE);
    session.pointerMode().brushProperty().set(Optional.empty());
  }

  private static String plain(MenuItem item) {
    return item.getText() == null ? "" : item.getText().replace("_", "");
  }

  @Test
  void everyItemHasANameAndNoTwoHaveTheSameKeys(FxRobot robot) {
    Set<String> keys = new HashSet<>();
    int many = 0;
    for (Menu menu : menus(robot)) {
      assertFalse(plain(menu).isBlank());
      for (MenuItem item : items(menu)) {
        if (item.getId() == null) {
          continue;
        }
        many++;
        assertFalse(plain(item).isBlank() || plain(item).contains("menu."), menu.getText());
        if (item.getAccelerator() != null) {
          assertTrue(keys.add(item.getAccelerator().toString()), plain(item) + " " + item.getAccelerator());
        }
      }
    }
    assertTrue(many > 90, "items: " + many);
  }

  /** With something chosen each command that can run is run from its menu; whatever it does, nothing is thrown, and it can be undone. */
  @Test
  void everyCommandRunsFromItsMenu(FxRobot robot) {
    answers.save = Optional.empty();
    Job blank = StandardItem.blank("Card", StandardItem.INVITATION.size(), 2);
    Job card = blank.changed("f1", f -> f.withItems(Stream.of("a", "b", "c").<Item>map(id -> ItemShape.of(
        ItemProperties.of(id, id), Placement.of(1 + id.charAt(0) % 3, 1, 1.5, 2, 0), new Outline.Ellipse(), Optional.of(Colour.BLACK),
        Optional.empty())).toList()));
    int run = 0;
    List<String> named = new ArrayList<>();
    for (int m = 0; m < menus(robot).size(); m++) {
      int many = items(menus(robot).get(m)).size();
      for (int i = 0; i < many; i++) {
        MenuItem item = items(menus(robot).get(m)).get(i);
        if (plain(item).equals(Wording.text("menu.quit"))) {
          continue;
        }
        Job[] at = new Job[2];
        robot.interact(() -> {
          session.take(card, Optional.empty());
          session.stationProperty().set(Station.COMPOSE);
          session.selectionProperty().set(Set.of("a", "b", "c"));
          at[0] = session.job();
        });
        robot.interact(() -> {
          if (!item.isDisable()) {
            item.fire();
          }
        });
        assertEquals(null, thrown.get(), plain(item) + ": " + thrown.get());
        assertNotEquals(Wording.text("window.failed"), session.noticeProperty().get(), plain(item));
        run += item.isDisable() ? 0 : 1;
        named.add(plain(item));
        robot.interact(() -> {
          closeSlips();
          at[1] = session.job();
          if (!at[1].equals(at[0])) {
            session.undo();
            session.redo();
          }
        });
        assertEquals(at[1], session.job(), plain(item) + " is done again as it was");
      }
    }
    assertTrue(run > 60, "commands that ran: " + run + " of " + named.size());
  }

  @Test
  void whatIsOnHasATick(FxRobot robot) {
    List<CheckMenuItem> ticks = menus(robot).stream().flatMap(m -> items(m).stream()).filter(CheckMenuItem.class::isInstance)
        .map(CheckMenuItem.class::cast).toList();
    assertTrue(ticks.size() > 8, "items that can be on: " + ticks.size());
    CheckMenuItem night = ticks.stream().filter(t -> plain(t).equals(Wording.text("menu.night"))).findFirst().orElseThrow();
    boolean was = session.preferences().now().night();
    robot.interact(night::fire);
    assertEquals(!was, session.preferences().now().night());
    robot.interact(() -> {
      Menu view = menus(robot).stream().filter(m -> items(m).contains(night)).findFirst().orElseThrow();
      if (view.getOnShowing() != null) {
        view.getOnShowing().handle(null);
      }
    });
    assertEquals(!was, night.isSelected());
    robot.interact(night::fire);
    assertEquals(was, session.preferences().now().night());
  }

  @Test
  void aMenuOpensUnderTheMouseAndItsItemIsPressed(FxRobot robot) {
    objects(robot);
    robot.interact(() -> session.selectionProperty().set(Set.of(hand.named("A").id(), hand.named("B").id())));
    robot.clickOn(
        plain(menus(robot).stream().filter(m -> items(m).stream()
        .anyMatch(i -> plain(i).equals(Wording.text("menu.group").replace("_", "")))).findFirst().orElseThrow()));
    robot.clickOn(Wording.text("menu.group").replace("_", ""));
    QuickRobot.settled();
    assertEquals(2, session.face().items().size());
    assertEquals(2, session.single().orElseThrow().members().size());
  }

  @Test
  void theFinderRunsWhatItFinds(FxRobot robot) {
    objects(robot);
    hand.keys(KeyCode.F, KeyCode.CONTROL);
    TextInputControl text = robot.lookup("#finder-text").queryAs(TextInputControl.class);
    assertTrue(text.isVisible() && text.isFocused());
    robot.write(Wording.of(Station.CHECK).toLowerCase(java.util.Locale.ROOT));
    QuickRobot.settled();
    assertFalse(robot.lookup("#finder-list").queryAs(ListView.class).getItems().isEmpty());
    robot.type(KeyCode.ENTER);
    QuickRobot.settled();
    assertEquals(Station.CHECK, session.stationProperty().get());
  }

  @Test
  void theFinderFindsObjectsByTheirNames(FxRobot robot) {
    objects(robot);
    robot.interact(() -> session.apply(Edits.properties("f1", Set.of(hand.named("C").id()), "edit.name", p -> p.withName("Runner beans"))));
    hand.keys(KeyCode.F, KeyCode.CONTROL);
    robot.write("runner");
    QuickRobot.settled();
    robot.type(KeyCode.ENTER);
    QuickRobot.settled();
    assertEquals("Runner beans", session.single().orElseThrow().properties().name());
  }

  /** What stands in the tray is found as well, by its name and by other words for it, from any station. */
  @Test
  void theFinderAddsWhatTheTrayHas(FxRobot robot) {
    for (String word : List.of("rectangle", "circle")) {
      robot.interact(() -> session.stationProperty().set(Station.CHECK));
      hand.keys(KeyCode.F, KeyCode.CONTROL);
      robot.write(word);
      QuickRobot.settled();
      robot.type(KeyCode.ENTER);
      QuickRobot.settled();
      assertEquals(Station.COMPOSE, session.stationProperty().get(), word);
    }
    assertEquals(List.of(new Outline.Rectangle(0), new Outline.Ellipse()),
        session.face().items().stream().map(i -> i.outlined().orElseThrow().outline()).toList());
  }

  @Test
  void theFinderSaysWhenNothingIsFoundAndClosesByEscape(FxRobot robot) {
    hand.keys(KeyCode.F, KeyCode.CONTROL);
    robot.write("zzzzqq");
    QuickRobot.settled();
    assertTrue(robot.lookup("#finder-list").queryAs(ListView.class).getItems().isEmpty());
    robot.type(KeyCode.ENTER);
    hand.keys(KeyCode.ESCAPE);
    assertFalse(robot.lookup("#finder-text").query().getParent().isVisible());
    assertEquals(Station.COMPOSE, session.stationProperty().get());
  }

  @Test
  void theHelpOpensAndClosesAndNamesEveryKey(FxRobot robot) {
    hand.keys(KeyCode.F1);
    assertTrue(robot.lookup(".help-page").tryQuery().isPresent());
    for (String task : org.zipthimble.desktop.page.HelpPage.TASKS) {
      String title = Wording.text("help." + task + ".title");
      assertTrue(robot.lookup(title).tryQuery().isPresent(), title);
    }
    List<Command> withKeys = workbench.commands().stream().filter(c -> !c.keysShown().isBlank()).toList();
    assertTrue(withKeys.size() > 30);
    Set<String> said = robot.lookup(".help-page .label").queryAllAs(javafx.scene.control.Label.class).stream()
        .map(javafx.scene.control.Label::getText).collect(Collectors.toSet());
    withKeys.forEach(c -> assertTrue(said.stream().anyMatch(t -> t.contains(c.keysShown())), c.title() + " " + c.keysShown()));
    robot.clickOn("#help-close");
    assertFalse(robot.lookup(".help-page").tryQuery().isPresent());
  }

  @Test
  void everyCommandHasATitleAndIsInAMenu(FxRobot robot) {
    Set<String> inMenus = menus(robot).stream().flatMap(m -> items(m).stream()).map(MenusTest::plain).collect(Collectors.toSet());
    for (Command command : workbench.commands()) {
      assertTrue(inMenus.contains(command.title().replace("_", "")), command.title());
    }
  }
}
