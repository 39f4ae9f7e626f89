package org.zipthimble.desktop.item;

import java.awt.image.BufferedImage;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import org.zipthimble.core.files.SafeWrite;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.paint.PngFile;
import org.zipthimble.core.view.Camera;
import org.zipthimble.core.view.OnThing;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.control.TurningView;
import org.zipthimble.desktop.state.Errand;
import org.zipthimble.desktop.state.Session;

/**
 * The job on its thing, beside what will be sent: turned by hand, saved as a picture for the customer, or laid into the person's own
 * photograph.
 */
public final class ThingCard extends VBox {
  private static final int SIDE = 300;
  private static final int SAVED = 1600;
  private static final double SAVED_PPI = 200;

  private final Session session;
  private final TurningView turning = new TurningView("send-turning", SIDE);
  private final Label caption = Controls.label("", "side-note");
  private String shown = "";

  public ThingCard(Session session, Runnable photo) {
    super(4);
    this.session = session;
    getChildren().addAll(turning, caption, new HBox(4, Controls.button("send-thing-save", "thingCard.save", this::save, "quiet"),
        Controls.button("send-thing-photo", "thingCard.photo", photo, "quiet")));
  }

  public void refresh() {
    Job job = session.job();
    Face face = session.face();
    String now = job.making().thing().map(t -> t.key()).orElse("") + face.id() + job.frame(face).size();
    boolean anew = !now.equals(shown);
    shown = now;
    caption.setText(Wording.text("thingCard.caption", job.making().thing().map(t -> t.title()).orElse(face.name())));
    turning.show(() -> OnThing.of(job, face), anew ? Optional.of(OnThing.usual(job, face)) : Optional.empty());
  }

  private void save() {
    Job job = session.job();
    Face face = session.face();
    Camera camera = turning.camera();
    keep(session, "-seen.png", () -> OnThing.of(job, face).draw(camera, SAVED, SAVED, 2));
  }

  /** Draws a picture. */
  interface Drawing {
    BufferedImage draw() throws Trouble;
  }

  /** Asks where a picture of the thing goes, draws it beside the window and says where it is kept. */
  static void keep(Session session, String ending, Drawing drawing) {
    session.asker().whereToSend(session.fileName(ending), ".png").ifPresent(file -> new Errand().begin(progress -> {
      SafeWrite.write(file, PngFile.bytes(drawing.draw(), SAVED_PPI));
      return Wording.text("thingCard.saved", file.getFileName());
    }, far -> { }, new Errand.Ending<>(session::say, session::say, () -> { })));
  }

  public void drop() {
    turning.drop();
  }
}
