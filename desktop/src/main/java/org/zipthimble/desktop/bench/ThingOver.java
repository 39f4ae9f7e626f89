package org.zipthimble.desktop.bench;

import java.awt.image.BufferedImage;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.image.ImageView;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import org.zipthimble.core.check.edge.Seam;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.marks.DrawnPage;
import org.zipthimble.core.paint.FacePainter;
import org.zipthimble.core.sheet.Imposition;
import org.zipthimble.core.sheet.PageOptions;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.view.OnThing;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.control.FxPictures;
import org.zipthimble.desktop.control.TurningView;
import org.zipthimble.desktop.state.LatestWork;
import org.zipthimble.desktop.state.Session;

/** What the face looks like on its thing, at the seam, or bent as it leaves, laid over the bench. */
final class ThingOver extends StackPane {
  private static final int SIDE = 480;

  private final Session session;
  private final TurningView turning = new TurningView("bench-turning", SIDE);
  private final ImageView picture = new ImageView();
  private final Label words = Controls.wrapped("", "side-note");
  private final LatestWork worker = new LatestWork();
  private Optional<BenchPane.Over> shown = Optional.empty();

  ThingOver(Session session) {
    this.session = session;
    getStyleClass().add("over-bench");
    setId("over-bench");
    picture.setPreserveRatio(true);
    picture.setSmooth(true);
    picture.getStyleClass().add("page-picture");
    words.setMaxWidth(SIDE);
    words.setId("over-words");
    session.shownProperty().addListener(o -> refresh(false));
    session.faceIdProperty().addListener(o -> refresh(true));
  }

  void show(Optional<BenchPane.Over> over) {
    shown = over;
    refresh(true);
  }

  private void refresh(boolean anew) {
    if (shown.isEmpty()) {
      return;
    }
    Job job = session.shownProperty().get();
    Face face = job.face(session.faceIdProperty().get()).orElse(job.faces().get(0));
    if (shown.get() == BenchPane.Over.ON_THING) {
      VBox box = new VBox(8, turning, words);
      box.setAlignment(Pos.CENTER);
      getChildren().setAll(box);
      words.setText(Wording.text("over.turn"));
      turning.show(() -> OnThing.of(job, face), anew ? Optional.of(OnThing.usual(job, face)) : Optional.empty());
      return;
    }
    VBox box = new VBox(8, picture, words);
    box.setAlignment(Pos.CENTER);
    getChildren().setAll(box);
    worker.want(() -> shown.filter(o -> o == BenchPane.Over.AT_SEAM).isPresent() ? seam(job, face) : bent(job, face), look -> {
      picture.setImage(FxPictures.of(look.image()));
      double scale = Math.min(SIDE * 1.5 / look.image().getWidth(), SIDE / (double) look.image().getHeight());
      picture.setFitWidth(look.image().getWidth() * scale);
      words.setText(look.words());
    });
  }

  private record Shown(BufferedImage image, String words) {}

  private static Shown seam(Job job, Face face) {
    return Seam.of(job, face).map(s -> new Shown(s.picture(), s.meets() ? Wording.text("over.seamWell")
        : Wording.text("over.seamApart", Lengths.plain(100 * s.apart(), 0), Lengths.plain(s.most(), 1))
            + (s.shift() == 0 ? "" : " " + Wording.text("over.seamShift", Lengths.plain(Math.abs(s.shift()), 2),
            Wording.text(s.shift() > 0 ? "over.down" : "over.up")))))
        .orElse(new Shown(new BufferedImage(1, 1, BufferedImage.TYPE_INT_RGB), ""));
  }

  private Shown bent(Job job, Face face) {
    try {
      DrawnPage page = Imposition.of(job, face, PageOptions.of(true, false, job.sheet().withOnPaper(false)));
      double ppi = 900 / Math.max(page.size().width(), page.size().height());
      return new Shown(FacePainter.onPaper(page, ppi, session.halvings()),
          Wording.text("over.bent", Lengths.show(page.size(), job.ticket().unit())));
    } catch (Trouble e) {
      return new Shown(new BufferedImage(1, 1, BufferedImage.TYPE_INT_RGB), e.getMessage());
    }
  }
}
