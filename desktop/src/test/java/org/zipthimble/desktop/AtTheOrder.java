package org.zipthimble.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javafx.stage.Stage;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.testfx.api.FxRobot;
import org.zipthimble.core.paint.PngFile;
import org.zipthimble.desktop.state.Station;

/** A person with an order comes in at the size wall; what leaves is measured by readers outside the project. */
abstract class AtTheOrder extends AtTheBench {
  Maker maker;

  /** Opens the window; called by what each class has to mark as its start. */
  void comesIn(Stage stage) throws IOException {
    beginsAt = Station.ITEM;
    open(stage, 2);
  }

  @BeforeEach
  void begin(FxRobot robot) {
    withoutHints(robot);
    robot.interact(() -> session.preferences().change(s -> s.without("ways")));
    maker = new Maker(robot, hand, session, answers);
  }

  /** A page's box in inches, as pdfinfo tells it. */
  double[] box(Path pdf, String name) throws Exception {
    Matcher line = Pattern.compile(name + ":\\s+([-0-9.]+)\\s+([-0-9.]+)\\s+([-0-9.]+)\\s+([-0-9.]+)")
        .matcher(Maker.run(folder, "pdfinfo", "-box", pdf.toString()));
    assertTrue(line.find(), name);
    double[] p = new double[4];
    for (int i = 0; i < 4; i++) {
      p[i] = Double.parseDouble(line.group(i + 1)) / 72;
    }
    return new double[] {p[2] - p[0], p[3] - p[1]};
  }

  void size(Path pdf, double width, double height) throws Exception {
    double[] trim = box(pdf, "TrimBox");
    assertEquals(width, trim[0], 0.001);
    assertEquals(height, trim[1], 0.001);
  }

  String text(Path pdf) throws Exception {
    Path out = folder.resolve("text.txt");
    Maker.run(folder, "pdftotext", pdf.toString(), out.toString());
    return Files.readString(out).replaceAll("\\s+", " ");
  }

  BufferedImage drawn(Path pdf, int ppi) throws Exception {
    Maker.run(folder, "pdftoppm", "-r", String.valueOf(ppi), "-png", "-singlefile", pdf.toString(), folder.resolve("drawn").toString());
    return ImageIO.read(folder.resolve("drawn.png").toFile());
  }

  /** The middles of the dark runs along a line of a picture, in inches. */
  static List<Double> rules(BufferedImage image, int x, int ppi) {
    List<Double> found = new ArrayList<>();
    int began = -1;
    for (int y = 0; y <= image.getHeight(); y++) {
      boolean dark = y < image.getHeight() && (image.getRGB(x, y) & 0xFF) < 160;
      if (dark && began < 0) {
        began = y;
      } else if (!dark && began >= 0) {
        found.add((began + y) / 2.0 / ppi);
        began = -1;
      }
    }
    return found;
  }

  static void even(List<Double> rules, double within) {
    for (int i = 2; i < rules.size(); i++) {
      assertEquals(rules.get(1) - rules.get(0), rules.get(i) - rules.get(i - 1), within, "gap " + i + " of " + rules);
    }
  }

  /** A picture of one colour, brighter towards its right edge by as much as is said. */
  Path picture(String name, int width, int height, int rgb, int brighter) throws IOException {
    BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
    for (int y = 0; y < height; y++) {
      for (int x = 0; x < width; x++) {
        int more = brighter * x / width;
        image.setRGB(x, y, rgb + (more << 16) + (more << 8) + more);
      }
    }
    return Files.write(folder.resolve(name), PngFile.bytes(image, 300));
  }
}
