package org.zipthimble.desktop.item;

import java.awt.image.BufferedImage;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleConsumer;
import javafx.scene.Cursor;
import javafx.scene.control.Label;
import javafx.scene.image.ImageView;
import javafx.scene.layout.Pane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Polygon;
import org.zipthimble.core.edit.Edit;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.importer.Importers;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.PhotoPatch;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.picture.Pictures;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.view.OnPhoto;
import org.zipthimble.core.view.OnThing;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.control.FxPictures;
import org.zipthimble.desktop.control.TypedField;
import org.zipthimble.desktop.state.LatestWork;
import org.zipthimble.desktop.state.Session;

/** The art in a photograph of the person's own: four brass pins put it where it lies, two figures bend it round what is there. */
public final class PhotoPane extends VBox {
  private static final double WIDE = 620;
  private static final double HIGH = 430;
  private static final double PIN = 8;

  private final Session session;
  private final ImageView picture = new ImageView();
  private final Pane pane = new Pane(picture);
  private final Polygon edge = new Polygon();
  private final List<Circle> pins = new ArrayList<>();
  private final Label words = Controls.wrapped("", "side-note");
  private final TypedField sag;
  private final TypedField round;
  private final LatestWork painter = new LatestWork();
  private Optional<BufferedImage> photo = Optional.empty();
  private String photoId = "";
  private Optional<PhotoPatch> patch = Optional.empty();
  private double scale = 1;

  public PhotoPane(Session session, Runnable away) {
    super(8);
    this.session = session;
    getStyleClass().add("thing-bench");
    setId("photo-pane");
    setMaxWidth(WIDE + 40);
    pane.setMinSize(WIDE, HIGH);
    pane.setMaxSize(WIDE, HIGH);
    pane.getStyleClass().add("thing-drawing");
    edge.getStyleClass().add("photo-edge");
    edge.setMouseTransparent(true);
    pane.getChildren().add(edge);
    for (int i = 0; i < 4; i++) {
      pins.add(pin(i));
    }
    pane.getChildren().addAll(pins);
    sag = figure("photo-sag", "photoPane.sag", -100, 100, v -> change(p -> p.withSag(v / 100)));
    round = figure("photo-round", "photoPane.round", 0, PhotoPatch.MOST_ROUND, v -> change(p -> p.withRound(v)));
    getChildren().addAll(Controls.row(8, Controls.label(Wording.text("photoPane.title"), "side-title"), Controls.spring(),
        Controls.button("photo-away", "toolSlip.close", away, "quiet")), pane,
        Controls.row(8, Controls.button("photo-choose", "photoPane.choose", this::choose, "plain"),
        Controls.under(Wording.text("photoPane.sag"), sag), Controls.under(Wording.text("photoPane.round"), round),
            Controls.button("photo-save", "photoPane.save", this::save, "main"),
            Controls.button("photo-off", "photoPane.off", () -> session.apply(set(Optional.empty())), "quiet")), words);
  }

  private TypedField figure(String id, String key, double least, double most, DoubleConsumer take) {
    TypedField field = new TypedField(id, Wording.text(key),
        text -> take.accept(Lengths.parseNumber(text.replaceAll("[%°]", ""), least, most)));
    field.setPrefWidth(70);
    return field;
  }

  private Circle pin(int index) {
    Circle pin = new Circle(PIN);
    pin.getStyleClass().add("photo-pin");
    pin.setId("photo-pin-" + index);
    pin.setCursor(Cursor.MOVE);
    pin.setOnMouseDragged(e -> {
      double x = Math.max(0, Math.min(picture.getFitWidth(), e.getX())) / picture.getFitWidth();
      double y = Math.max(0, Math.min(picture.getFitHeight(), e.getY())) / picture.getFitHeight();
      patch = patch.map(p -> corner(p, index, new Point(x, y)));
      draw();
    });
    pin.setOnMouseReleased(e -> patch.ifPresent(p -> session.apply(set(Optional.of(p)))));
    return pin;
  }

  private static PhotoPatch corner(PhotoPatch patch, int index, Point at) {
    return switch (index) {
      case 0 -> patch.withTopLeft(at);
      case 1 -> patch.withTopRight(at);
      case 2 -> patch.withBottomRight(at);
      default -> patch.withBottomLeft(at);
    };
  }

  private static Edit set(Optional<PhotoPatch> patch) {
    return new Edit(Wording.text("photoPane.edit"), job -> job.withMaking(job.making().withPhoto(patch)));
  }

  private void change(java.util.function.UnaryOperator<PhotoPatch> change) {
    session.job().making().photo().ifPresent(p -> session.apply(set(Optional.of(change.apply(p)))));
  }

  private void choose() {
    List<Path> files = session.asker().pictures();
    if (files.isEmpty()) {
      return;
    }
    Path file = files.get(0);
    painter.queue(() -> {
      try {
        return new Object[] {Importers.pictures(file).get(0), ""};
      } catch (Trouble trouble) {
        return new Object[] {null, trouble.getMessage()};
      }
    }, read -> {
      words.setText(String.valueOf(read[1]));
      if (read[0] != null) {
        Picture taken = (Picture) read[0];
        session.apply(new Edit(Wording.text("photoPane.edit"),
            job -> job.with(taken).withMaking(job.making().withPhoto(Optional.of(PhotoPatch.of(taken.id()))))));
      }
    });
  }

  /** Brings it up to date with the job. */
  public void refresh() {
    patch = session.job().making().photo();
    boolean there = patch.isPresent();
    pins.forEach(p -> p.setVisible(there));
    edge.setVisible(there);
    sag.setDisable(!there);
    round.setDisable(!there);
    if (!there) {
      picture.setImage(null);
      photo = Optional.empty();
      photoId = "";
      words.setText(Wording.text("photoPane.none"));
      return;
    }
    sag.show(Lengths.plain(patch.get().sag() * 100, 1));
    round.show(Lengths.plain(patch.get().round(), 1));
    words.setText(Wording.text("photoPane.how"));
    draw();
  }

  private void draw() {
    PhotoPatch now = patch.orElseThrow();
    Job job = session.job();
    Face face = session.face();
    Picture source = job.pictures().get(now.picture());
    painter.want(() -> {
      try {
        BufferedImage read = photoId.equals(now.picture()) && photo.isPresent() ? photo.get() : small(Pictures.decode(source));
        photo = Optional.of(read);
        photoId = now.picture();
        return Optional.of(OnPhoto.draw(read, OnThing.art(job, face), now));
      } catch (Trouble damaged) {
        return Optional.<BufferedImage>empty();
      }
    }, drawn -> drawn.ifPresent(image -> {
      scale = Math.min(WIDE / image.getWidth(), HIGH / image.getHeight());
      picture.setImage(FxPictures.of(image));
      picture.setFitWidth(image.getWidth() * scale);
      picture.setFitHeight(image.getHeight() * scale);
      place(now);
    }));
  }

  private static BufferedImage small(BufferedImage image) {
    double by = Math.min(1, 1400.0 / Math.max(image.getWidth(), image.getHeight()));
    BufferedImage out = new BufferedImage((int) Math.max(1, image.getWidth() * by), (int) Math.max(1, image.getHeight() * by),
        BufferedImage.TYPE_INT_RGB);
    var g = out.createGraphics();
    g.setRenderingHint(java.awt.RenderingHints.KEY_INTERPOLATION, java.awt.RenderingHints.VALUE_INTERPOLATION_BICUBIC);
    g.drawImage(image, 0, 0, out.getWidth(), out.getHeight(), null);
    g.dispose();
    return out;
  }

  private void place(PhotoPatch now) {
    List<Point> corners = List.of(now.topLeft(), now.topRight(), now.bottomRight(), now.bottomLeft());
    edge.getPoints().clear();
    for (int i = 0; i < corners.size(); i++) {
      double x = corners.get(i).x() * picture.getFitWidth();
      double y = corners.get(i).y() * picture.getFitHeight();
      pins.get(i).setCenterX(x);
      pins.get(i).setCenterY(y);
      edge.getPoints().addAll(x, y);
    }
  }

  private void save() {
    patch.ifPresent(now -> {
      Job job = session.job();
      Face face = session.face();
      ThingCard.keep(session, "-photo.png", () -> OnPhoto.draw(Pictures.decode(job.pictures().get(now.picture())), OnThing.art(job, face),
          now));
    });
  }

  public void drop() {
    painter.drop();
  }
}
