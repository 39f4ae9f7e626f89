package org.zipthimble.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import javafx.geometry.Bounds;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Labeled;
import javafx.scene.layout.Background;
import javafx.scene.layout.BackgroundFill;
import javafx.scene.layout.Region;
import javafx.scene.paint.Color;
import javafx.scene.paint.Paint;
import javafx.scene.text.Text;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.zipthimble.core.item.Item;
import org.zipthimble.desktop.control.Pointing;
import org.zipthimble.desktop.state.Station;
import org.zipthimble.samples.DemoShelf;

/**
 * Every control of every station says what it is and what it is called, and every text stands out from what lies behind it, by day and by
 * night: at least 4.5 to 1, 3 to 1 where it is large (WCAG 2.1, 1.4.3 and 4.1.2; what is disabled is exempt).
 */
class ForEveryoneTest extends AtTheBench {
  private static final double PLAIN = 4.5;
  private static final double LARGE = 3;
  private static final double LARGE_PX = 24;
  private static final double LARGE_BOLD_PX = 18.66;

  @Start
  void start(Stage stage) throws IOException {
    open(stage, 1);
  }

  private static List<Node> under(Parent parent) {
    List<Node> out = new ArrayList<>();
    for (Node child : parent.getChildrenUnmodifiable()) {
      if (child.isVisible()) {
        out.add(child);
        if (child instanceof Parent) {
          out.addAll(under((Parent) child));
        }
      }
    }
    return out;
  }

  /** Every station with a job that has something to show there. */
  private void eachStation(FxRobot robot, Runnable look) throws Exception {
    for (Station station : Station.values()) {
      var job = DemoShelf.job(station == Station.CHECK ? "two-faults.thimble" : station == Station.SHEET ? "window-decal.thimble"
          : "swap-invitation.thimble");
      robot.interact(() -> {
        session.take(job, Optional.empty());
        session.stationProperty().set(station);
        session.face().items().stream().filter(i -> i.words().isPresent()).map(Item::id).findFirst()
            .ifPresent(id -> session.selectionProperty().set(Set.of(id)));
      });
      if (station == Station.CHECK) {
        Hand.until(() -> robot.lookup(".finding-card").queryAll().size() > 1);
      }
      QuickRobot.settled();
      robot.interact(() -> {
        workbench.applyCss();
        workbench.layout();
        look.run();
      });
    }
  }

  private static String where(Node node) {
    StringBuilder out = new StringBuilder(node.getClass().getSimpleName()).append(node.getId() == null ? "" : "#" + node.getId());
    for (Node up = node.getParent(); up != null; up = up.getParent()) {
      if (up.getId() != null) {
        return out.append(" in #").append(up.getId()).toString();
      }
    }
    return out.append(" ").append(node.getStyleClass()).toString();
  }

  private static boolean named(Node node) {
    boolean spoken = node.getAccessibleText() != null && !node.getAccessibleText().isBlank();
    return spoken || node instanceof Labeled && ((Labeled) node).getText() != null && ((Labeled) node).getText().strip().length() > 1;
  }

  @ParameterizedTest
  @ValueSource(strings = {"day", "night"})
  void everyTextStandsOut(String light, FxRobot robot) throws Exception {
    robot.interact(() -> session.preferences().change(s -> s.withNight(light.equals("night"))));
    Set<String> faint = new TreeSet<>();
    int[] looked = {0};
    eachStation(robot, () -> {
      for (Node node : under(workbench)) {
        if (node instanceof Text && !((Text) node).getText().isBlank() && enabled(node)) {
          looked[0]++;
          behind(node).ifPresent(back -> {
            Text text = (Text) node;
            double least = large(text) ? LARGE : PLAIN;
            double has = text.getFill() instanceof Color ? contrast(over((Color) text.getFill(), back), back) : 0;
            if (has < least) {
              faint.add(String.format("%.2f of %.1f: “%s”, %s on %s, %s", has, least, text.getText(), text.getFill(), back, where(node)));
            }
          });
        }
      }
    });
    assertTrue(looked[0] > 300, "texts looked at: " + looked[0]);
    assertEquals(Set.of(), faint, String.join("\n", faint));
  }

  @Test
  void everyControlSaysWhatItIs(FxRobot robot) throws Exception {
    Set<String> silent = new TreeSet<>();
    int[] looked = {0};
    eachStation(robot, () -> {
      for (Node node : under(workbench)) {
        if (node.isFocusTraversable() && enabled(node)) {
          looked[0]++;
          if (node.getAccessibleRole() == AccessibleRole.NODE || node.getAccessibleRole() == AccessibleRole.PARENT
              || node.getAccessibleRole() == null) {
            silent.add("no role: " + where(node));
          }
          if (!named(node)) {
            silent.add("no name: " + where(node));
          }
        }
      }
    });
    assertTrue(looked[0] > 150, "controls looked at: " + looked[0]);
    assertEquals(Set.of(), silent, String.join("\n", silent));
  }

  /** WCAG 2.1, 1.4.4: at twice the size all can be reached; only up and down is scrolled. */
  @Test
  void atTwiceTheSizeNothingLiesBesideTheWindow(FxRobot robot) throws Exception {
    robot.interact(() -> session.preferences().change(s -> s.withScale(2)));
    Set<String> beside = new TreeSet<>();
    int[] looked = {0};
    eachStation(robot, () -> {
      double width = workbench.getScene().getWidth();
      for (Node node : under(workbench)) {
        if (node.isFocusTraversable() && Pointing.seen(node)) {
          looked[0]++;
          Bounds at = node.localToScene(node.getLayoutBounds());
          if (at.getMinX() < -1 || at.getMaxX() > width + 1) {
            beside.add(String.format("%s: %s from %.0f to %.0f of %.0f", session.stationProperty().get(), where(node), at.getMinX(),
                at.getMaxX(), width));
          }
        }
      }
      assertTrue(workbench.getWidth() * 2 <= width + 1, "the window itself is scrolled sideways: " + workbench.getWidth());
    });
    assertTrue(looked[0] > 150, "controls looked at: " + looked[0]);
    assertEquals(Set.of(), beside, String.join("\n", beside));
  }

  private static boolean enabled(Node node) {
    return !node.isDisabled();
  }

  private static boolean large(Text text) {
    double px = text.getFont().getSize();
    return px >= LARGE_PX || px >= LARGE_BOLD_PX && text.getFont().getStyle().toLowerCase(java.util.Locale.ROOT).contains("bold");
  }

  /** The colour behind a node; empty where it lies on a picture. */
  private static Optional<Color> behind(Node node) {
    List<Color> veils = new ArrayList<>();
    for (Node up = node; up != null; up = up.getParent()) {
      if ("bench".equals(up.getId())) {
        return Optional.empty();
      }
      Background back = up instanceof Region ? ((Region) up).getBackground() : null;
      if (back == null) {
        continue;
      }
      for (int i = back.getFills().size() - 1; i >= 0; i--) {
        BackgroundFill fill = back.getFills().get(i);
        Paint paint = fill.getFill();
        if (!(paint instanceof Color)) {
          return Optional.empty();
        }
        if (((Color) paint).getOpacity() == 1) {
          Color solid = (Color) paint;
          for (int v = veils.size() - 1; v >= 0; v--) {
            solid = over(veils.get(v), solid);
          }
          return Optional.of(solid);
        }
        veils.add((Color) paint);
      }
    }
    return Optional.of(Color.WHITE);
  }

  private static Color over(Color upper, Color lower) {
    double a = upper.getOpacity();
    return Color.color(upper.getRed() * a + lower.getRed() * (1 - a), upper.getGreen() * a + lower.getGreen() * (1 - a),
        upper.getBlue() * a + lower.getBlue() * (1 - a));
  }

  /** WCAG 2.1, contrast ratio. */
  private static double contrast(Color a, Color b) {
    double light = Math.max(luminance(a), luminance(b));
    double dark = Math.min(luminance(a), luminance(b));
    return (light + 0.05) / (dark + 0.05);
  }

  private static double luminance(Color c) {
    return 0.2126 * linear(c.getRed()) + 0.7152 * linear(c.getGreen()) + 0.0722 * linear(c.getBlue());
  }

  private static double linear(double v) {
    return v <= 0.03928 ? v / 12.92 : Math.pow((v + 0.055) / 1.055, 2.4);
  }
}
