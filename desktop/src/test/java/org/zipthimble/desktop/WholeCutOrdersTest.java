package org.zipthimble.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.Rectangle;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import javafx.stage.Stage;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/** Whole orders for the cutter from blank to file, by mouse and keys; what leaves is drawn and measured by librsvg and Poppler. */
class WholeCutOrdersTest extends AtTheOrder {
  @Start
  void start(Stage stage) throws IOException {
    comesIn(stage);
  }

  private static final int PPI = 100;

  /** The lines of a cut file, drawn dark on white by a reader outside the project. */
  private BufferedImage lines(Path svg) throws Exception {
    Path png = folder.resolve("lines.png");
    Maker.run(folder, "rsvg-convert", "-d", String.valueOf(PPI), "-p", String.valueOf(PPI), "-b", "white", "-o", png.toString(),
        svg.toString());
    return ImageIO.read(png.toFile());
  }

  private static boolean dark(BufferedImage image, int x, int y) {
    return (image.getRGB(x, y) >> 8 & 0xFF) < 215;
  }

  /** The places that cuts bound, outside first: each is told by the box it takes up, in pixels. */
  static List<Rectangle> places(BufferedImage image) {
    int w = image.getWidth();
    int h = image.getHeight();
    boolean[] seen = new boolean[w * h];
    List<Rectangle> found = new ArrayList<>();
    for (int from = 0; from < w * h; from++) {
      if (seen[from] || dark(image, from % w, from / w)) {
        continue;
      }
      Rectangle box = new Rectangle(from % w, from / w, 1, 1);
      int pixels = 0;
      Deque<Integer> open = new ArrayDeque<>(List.of(from));
      seen[from] = true;
      while (!open.isEmpty()) {
        int at = open.pop();
        int x = at % w;
        int y = at / w;
        pixels++;
        box.add(new Rectangle(x, y, 1, 1));
        for (int[] step : new int[][] {{1, 0}, {-1, 0}, {0, 1}, {0, -1}}) {
          int nx = x + step[0];
          int ny = y + step[1];
          if (nx >= 0 && ny >= 0 && nx < w && ny < h && !seen[ny * w + nx] && !dark(image, nx, ny)) {
            seen[ny * w + nx] = true;
            open.push(ny * w + nx);
          }
        }
      }
      if (pixels > 30) {
        found.add(box);
      }
    }
    return found;
  }

  @Test
  void anIronOnDecal(FxRobot robot) throws Exception {
    maker.value("#item-width", "6").value("#item-height", "6").press("#item-one", "#item-start").next("#ticket-process")
        .next("#ticket-process");
    maker.press("#add-rectangle").value("#tag-width", "3").value("#tag-height", "3").value("#tag-left", "1").value("#tag-top", "2");
    maker.press("#add-ellipse").value("#tag-width", "2").value("#tag-height", "2").value("#tag-left", "3").value("#tag-top", "2.5");
    maker.command("menu.all").command("menu.way.join").press("#role-cuts");
    Path svg = maker.send("svg", folder.resolve("decal.svg"));
    List<Rectangle> places = places(lines(svg));
    assertEquals(2, places.size(), "one piece on the film: " + places);
    Rectangle piece = places.get(1);
    assertEquals(4, piece.width / (double) PPI, 0.03, "from the square's left to the circle's right");
    assertEquals(3, piece.height / (double) PPI, 0.03);
    BufferedImage image = lines(svg);
    int corner = piece.y + (int) (0.1 * PPI);
    int leftmost = piece.x + piece.width;
    for (int x = piece.x - 3; x < piece.x + piece.width; x++) {
      leftmost = dark(image, x, corner) ? Math.min(leftmost, x) : leftmost;
    }
    assertEquals(1, (leftmost - piece.x) / (double) PPI, 0.05, "mirrored once: the circle, on the right of the design, lies on the left");
    maker.told(4);
  }

  @Test
  void aStencilLargerThanTheMat(FxRobot robot) throws Exception {
    maker.value("#item-width", "30").value("#item-height", "9").press("#item-one", "#item-start");
    maker.words("BEDS ROOT").value("#tag-width", "28").value("#tag-left", "1").press("#fold-block").value("#block-ink-width", "27");
    maker.command("menu.outlined").command("menu.bridges").value("#figure-bridgewidth", "1/5").press("#figures-make");
    maker.press("#role-cuts");
    maker.press("#station-sheet").value("#lane-wide", "12").press("#cut-split");
    Hand.until(() -> robot.lookup("#cut-sheet-3").tryQuery().isPresent());
    maker.send("svg", folder.resolve("sign.svg"), folder.resolve("sign-1.svg"), folder.resolve("sign-2.svg"), folder.resolve("sign-3.svg"));
    int letters = 0;
    for (int mat = 1; mat <= 3; mat++) {
      BufferedImage image = lines(folder.resolve("sign-" + mat + ".svg"));
      assertEquals(12, image.getWidth() / (double) PPI, 0.02, "a mat of 12 in");
      List<Rectangle> places = places(image);
      letters += places.size() - 1;
    }
    assertTrue(letters >= 8, "pieces of eight letters: " + letters);
    maker.told(8);
  }

  @Test
  void aPaneInThreeVinyls(FxRobot robot) throws Exception {
    maker.value("#item-width", "10").value("#item-height", "8").press("#item-one", "#item-start").next("#ticket-process")
        .next("#ticket-process").next("#ticket-process");
    maker.press("#add-rectangle").value("#tag-width", "6").value("#tag-height", "1").value("#tag-left", "2").value("#tag-top", "6")
        .value("#tag-fill", "#6b4a2f").press("#role-cuts");
    maker.press("#add-ellipse").value("#tag-width", "3").value("#tag-height", "3").value("#tag-left", "1").value("#tag-top", "2")
        .value("#tag-fill", "#5d8a4e").press("#role-cuts");
    maker.press("#add-shape", "#ready-star").value("#tag-width", "2").value("#tag-height", "2").value("#tag-left", "6")
        .value("#tag-top", "2").value("#tag-fill", "#7a2e4a").press("#role-cuts");
    maker.press("#station-sheet", "#cut-marks");
    Hand.until(() -> robot.lookup("#cut-sheet-3").tryQuery().isPresent());
    maker.send("svg", folder.resolve("pane.svg"), folder.resolve("pane-1.svg"), folder.resolve("pane-2.svg"), folder.resolve("pane-3.svg"));
    List<List<Rectangle>> lanes = new ArrayList<>();
    for (int lane = 1; lane <= 3; lane++) {
      lanes.add(places(lines(folder.resolve("pane-" + lane + ".svg"))));
    }
    double[] left = {2, 10 - 4, 10 - 8};
    for (int lane = 0; lane < 3; lane++) {
      List<Rectangle> places = lanes.get(lane);
      assertEquals(4, places.size(), "the sheet, a piece and two marks: " + places);
      assertEquals(6.75, (places.get(3).x - places.get(2).x) / (double) PPI, 0.011, "the marks lie alike in every lane");
      assertEquals(left[lane] - left[0], (places.get(1).x - places.get(2).x) / (double) PPI, 0.06,
          "read from the other side of the pane, lane " + (lane + 1));
    }
    maker.told(9);
  }
}
