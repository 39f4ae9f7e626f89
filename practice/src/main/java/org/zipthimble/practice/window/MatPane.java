package org.zipthimble.practice.window;

import java.awt.image.BufferedImage;
import java.util.List;
import javafx.scene.Group;
import javafx.scene.image.ImageView;
import javafx.scene.image.WritableImage;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Polyline;
import javafx.scene.shape.Rectangle;
import javafx.scene.transform.Affine;
import org.zipthimble.core.geom.Point;
import org.zipthimble.practice.machine.Cut;
import org.zipthimble.practice.machine.CutterServer;
import org.zipthimble.practice.machine.Setup;

/** The mat drawn to scale, with the material, the printed sheet if there is one, and every cut. */
final class MatPane extends Pane {
  private static final double BORDER = 28;

  private final Group stage = new Group();
  private final Rectangle mat = box("mat");
  private final Rectangle material = box("material");
  private final Rectangle reach = box("reach");
  private final ImageView print = new ImageView();
  private final Group cuts = new Group();
  private Object drawn;
  private BufferedImage shown;
  private Setup setup = Setup.USUAL;

  MatPane() {
    stage.getChildren().addAll(mat, material, print, reach, cuts);
    getChildren().add(stage);
    fit();
  }

  void show(CutterServer server) {
    setup = server.setup();
    boolean other = drawn != server.cutter();
    if (other) {
      cuts.getChildren().clear();
      drawn = server.cutter();
    }
    List<Cut> all = server.cutter().cuts();
    int known = Math.max(0, cuts.getChildren().size() - 1);
    while (cuts.getChildren().size() > known) {
      cuts.getChildren().remove(cuts.getChildren().size() - 1);
    }
    for (Cut cut : all.subList(Math.min(known, all.size()), all.size())) {
      Polyline line = new Polyline();
      for (Point p : cut.places()) {
        line.getPoints().addAll(p.x(), p.y());
      }
      line.getStyleClass().addAll("cut", "pen-" + cut.pen());
      cuts.getChildren().add(line);
    }
    print(server);
    fit();
  }

  private void print(CutterServer server) {
    BufferedImage image = server.print().orElse(null);
    print.setVisible(image != null);
    if (image == null || image == shown) {
      return;
    }
    shown = image;
    WritableImage picture = new WritableImage(image.getWidth(), image.getHeight());
    int[] row = new int[image.getWidth()];
    for (int y = 0; y < image.getHeight(); y++) {
      image.getRGB(0, y, row.length, 1, row, 0, row.length);
      picture.getPixelWriter().setPixels(0, y, row.length, 1, javafx.scene.image.PixelFormat.getIntArgbInstance(), row, 0, row.length);
    }
    print.setImage(picture);
    org.zipthimble.core.geom.Affine m = org.zipthimble.core.geom.Affine.scale(1 / server.printPpi(), 1 / server.printPpi())
        .then(server.askew().map());
    print.getTransforms().setAll(new Affine(m.a(), m.c(), m.e(), m.b(), m.d(), m.f()));
  }

  private void fit() {
    double scale = Math.max(1, Math.min((getWidth() - 2 * BORDER) / setup.width(), (getHeight() - 2 * BORDER) / setup.height()));
    size(mat, 0, 0, setup.width(), setup.height());
    size(material, 0, 0, setup.width(), Math.min(setup.material(), setup.height()));
    size(reach, setup.margin(), setup.margin(), setup.width() - 2 * setup.margin(), setup.height() - 2 * setup.margin());
    stage.getTransforms().setAll(new Affine(
        scale, 0, (getWidth() - setup.width() * scale) / 2, 0, scale, (getHeight() - setup.height() * scale) / 2));
    double hair = 1 / scale;
    mat.setStrokeWidth(1.5 * hair);
    reach.setStrokeWidth(hair);
    reach.getStrokeDashArray().setAll(5 * hair, 4 * hair);
    cuts.getChildren().forEach(c -> ((Polyline) c).setStrokeWidth(1.3 * hair));
  }

  @Override
  protected void layoutChildren() {
    fit();
  }

  private static void size(Rectangle box, double x, double y, double width, double height) {
    box.setX(x);
    box.setY(y);
    box.setWidth(width);
    box.setHeight(height);
  }

  private static Rectangle box(String style) {
    Rectangle box = new Rectangle();
    box.getStyleClass().add(style);
    return box;
  }
}
