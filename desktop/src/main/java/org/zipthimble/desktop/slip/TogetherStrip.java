package org.zipthimble.desktop.slip;

import java.util.function.Consumer;
import javafx.css.PseudoClass;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.zipthimble.core.guide.Together;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.state.Listening;
import org.zipthimble.desktop.state.Session;
import org.zipthimble.desktop.state.Station;

/** A first job made together: one step at a time on a strip below the work, which goes on by itself as the steps come about. */
public final class TogetherStrip extends HBox {
  private static final PseudoClass DONE = PseudoClass.getPseudoClass("done");

  private final Session session;
  private final Consumer<String> point;
  private final Runnable leave;
  private final Label count = Controls.label("", "together-count");
  private final Label text = Controls.wrapped("", "together-text");
  private final HBox stitches = new HBox(3);
  private final Button show;
  private final Button next;
  private final Listening listening = new Listening();
  private int step;
  private boolean written;

  /**
   * The strip of a session.
   *
   * @param point shows the part of the window with an id
   * @param leave takes the strip away
   */
  public TogetherStrip(Session session, Consumer<String> point, Runnable leave) {
    super(14);
    this.session = session;
    this.point = point;
    this.leave = leave;
    getStyleClass().add("together-strip");
    setId("together");
    show = Controls.button("together-show", "togetherStrip.point", this::show, "plain");
    next = Controls.button("together-next", "togetherStrip.next", () -> to(step + 1), "quiet");
    VBox head = new VBox(4, Controls.label(Wording.text("togetherStrip.title"), "field-label"), count, stitches);
    head.setMinWidth(Region.USE_PREF_SIZE);
    HBox.setHgrow(text, Priority.ALWAYS);
    text.setMaxWidth(Double.MAX_VALUE);
    text.setId("together-text");
    getChildren().addAll(head, text, show, next, Controls.button("together-leave", "togetherStrip.leave", leave, "quiet"));
    for (Together one : Together.values()) {
      Region stitch = new Region();
      stitch.getStyleClass().add("together-stitch");
      stitch.setId("together-stitch-" + one.ordinal());
      stitches.getChildren().add(stitch);
    }
    listening.to(session.historyProperty(), this::look);
    listening.to(session.checking().reportProperty(), this::look);
    listening.to(session.stationProperty(), this::look);
    listening.to(session.filing().savedAtProperty(), this::look);
    listening.to(session.writtenProperty(), () -> {
      written = true;
      look();
    });
  }

  /** Begins with the first step. */
  public void begin() {
    listening.attach();
    written = false;
    to(0);
  }

  /** Ends; nothing is listened to any more. */
  public void end() {
    listening.release();
  }

  private void to(int number) {
    step = number;
    boolean over = step >= Together.values().length;
    for (int i = 0; i < stitches.getChildren().size(); i++) {
      stitches.getChildren().get(i).pseudoClassStateChanged(DONE, i < step);
    }
    show.setVisible(!over);
    next.setVisible(!over);
    if (over) {
      count.setText("");
      text.setText(Wording.text("togetherStrip.done"));
      return;
    }
    count.setText(Wording.text("togetherStrip.step", step + 1, Together.values().length));
    text.setText(Wording.of(Together.values()[step]));
    look();
  }

  private void look() {
    if (step < Together.values().length && Together.values()[step].done(seen())) {
      to(step + 1);
    }
  }

  private Together.Seen seen() {
    return new Together.Seen(session.job(), session.checking().report(), Together.Place.valueOf(session.stationProperty().get().name()),
        session.filing().file().isPresent() && !session.filing().unsaved(), written);
  }

  private void show() {
    Together now = Together.values()[step];
    session.stationProperty().set(Station.valueOf(now.place().name()));
    point.accept(now.points());
  }
}
