package org.zipthimble.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotSame;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Optional;
import java.util.concurrent.atomic.AtomicReference;
import javafx.geometry.Bounds;
import javafx.geometry.VerticalDirection;
import javafx.scene.Node;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.layout.Pane;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.geom.Point;
import org.zipthimble.desktop.control.PagePicture;
import org.zipthimble.desktop.state.Station;

/**
 * A zoom shows the art that is there, as large as it is to be, and paints it sharp once the view rests; a face that did not change is
 * left.
 */
class ZoomTest extends AtTheBench {
  @Start
  void start(Stage stage) throws Exception {
    open(stage, 2);
  }

  private ImageView art(FxRobot robot) {
    Pane bench = robot.lookup("#bench").queryAs(Pane.class);
    return bench.getChildren().stream().filter(ImageView.class::isInstance).map(ImageView.class::cast).findFirst().orElseThrow();
  }

  private Image settled(FxRobot robot) {
    Hand.until(() -> art(robot).getImage() != null && art(robot).getTransforms().isEmpty());
    return art(robot).getImage();
  }

  @Test
  void aZoomLaysTheArtAndThenPaintsIt(FxRobot robot) {
    box(robot, "A", 1, 1, 2, 2);
    Image before = settled(robot);
    Point was = workbench.bench().pixelOf(new Point(1, 1));
    AtomicReference<Optional<Bounds>> laid = new AtomicReference<>(Optional.empty());
    art(robot).getTransforms().addListener((javafx.collections.ListChangeListener<Object>) c -> {
      if (!art(robot).getTransforms().isEmpty() && art(robot).getImage() == before) {
        laid.set(Optional.of(art(robot).getBoundsInParent()));
      }
    });
    robot.moveTo(hand.at(2, 2)).scroll(2, VerticalDirection.UP);
    Hand.until(() -> laid.get().isPresent());
    Image after = settled(robot);
    assertNotSame(before, after, "it was painted sharp");
    Point is = workbench.bench().pixelOf(new Point(1, 1));
    assertFalse(was.equals(is), "the view moved");
    assertTrue(laid.get().get().getWidth() > 0);
  }

  /** What a zoom enlarges ends at the bench's edge: nothing beside the bench is drawn over, or painted anew for it. */
  @Test
  void whatAZoomEnlargesEndsAtTheEdgeOfTheBench(FxRobot robot) {
    settled(robot);
    Pane bench = robot.lookup("#bench").queryAs(Pane.class);
    AtomicReference<Optional<Bounds>> shown = new AtomicReference<>(Optional.empty());
    art(robot).getTransforms().addListener((javafx.collections.ListChangeListener<Object>) c -> {
      Bounds laid = art(robot).getBoundsInParent();
      if (laid.getMinX() < -1 && laid.getMaxX() > bench.getWidth() + 1) {
        shown.set(Optional.of(bench.getBoundsInLocal()));
      }
    });
    robot.interact(() -> workbench.bench().zoom(1.3));
    Hand.until(() -> shown.get().isPresent());
    Bounds seen = shown.get().orElseThrow();
    assertEquals(0, seen.getMinX());
    assertEquals(0, seen.getMinY());
    assertEquals(bench.getWidth(), seen.getWidth());
    assertEquals(bench.getHeight(), seen.getHeight());
  }

  @Test
  void onlyTheFaceThatChangedIsDrawnAnew(FxRobot robot) {
    box(robot, "A", 1, 1, 2, 2);
    Hand.until(() -> robot.lookup(".page-picture").queryAllAs(PagePicture.class).stream().filter(p -> p.getImage() != null).count() >= 2);
    PagePicture[] faces = robot.lookup(".page-picture").queryAllAs(PagePicture.class).stream().filter(p -> p.getImage() != null)
        .toArray(PagePicture[]::new);
    settled(robot);
    Image front = faces[0].getImage();
    Image back = faces[1].getImage();
    robot.interact(() -> session.apply(Edits.remove("f1", java.util.Set.of(hand.named("A").id()))));
    Hand.until(() -> faces[0].getImage() != front);
    settled(robot);
    assertSame(back, faces[1].getImage(), "the other face is as it was");
  }

  @Test
  void goneFromAndBackTheArtIsThere(FxRobot robot) {
    box(robot, "A", 1, 1, 2, 2);
    settled(robot);
    robot.interact(() -> session.stationProperty().set(Station.SEND));
    robot.interact(() -> session.stationProperty().set(Station.COMPOSE));
    assertTrue(settled(robot).getWidth() > 100);
    Node bench = robot.lookup("#bench").query();
    assertEquals(Station.COMPOSE, session.stationProperty().get());
    assertTrue(bench.isVisible());
  }
}
