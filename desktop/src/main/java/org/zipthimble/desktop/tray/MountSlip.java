package org.zipthimble.desktop.tray;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.layout.VBox;
import javafx.stage.Popup;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.units.Shares;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.control.Slips;
import org.zipthimble.desktop.control.TypedField;
import org.zipthimble.desktop.state.Session;

/** A paper slip that asks how mounts are laid out. */
public final class MountSlip {
  private static final double RISE = 200;
  private static final double MOST_GUTTER = 20;

  private final Session session;
  private Popup popup;
  private List<Double> columns = List.of(1.0, 1.0);
  private List<Double> rows = List.of(1.0, 1.0);
  private double gutter = 0.125;

  private MountSlip(Session session) {
    this.session = session;
  }

  public static void show(Node card, Session session, PictureAdder adding) {
    new MountSlip(session).open(card, adding);
  }

  private void open(Node card, PictureAdder adding) {
    TypedField across = new TypedField("mounts-columns", Wording.text("mountTag.columns"), text -> columns = Shares.read(text)).keeping();
    TypedField down = new TypedField("mounts-rows", Wording.text("mountTag.rows"), text -> rows = Shares.read(text)).keeping();
    TypedField gap = new TypedField("mounts-gutter", Wording.text("mountTag.gutter"), text -> gutter = within(text)).keeping();
    across.show(Shares.show(columns));
    down.show(Shares.show(rows));
    gap.show(Lengths.show(gutter, session.unit()));
    VBox paper = new VBox(8, Controls.label(Wording.text("mountTag.title"), "side-title"),
        Controls.row(6, Controls.under(Wording.text("mountTag.columns"), across), Controls.under(Wording.text("mountTag.rows"), down),
            Controls.under(Wording.text("mountTag.gutter"), gap)),
        Controls.wrapped(Wording.text("mountTag.grid.how"), "line-note"),
        Controls.button("mounts-make", "mountTag.make", () -> {
          popup.hide();
          adding.mounts(columns, rows, gutter);
        }, "main"));
    paper.setPrefWidth(270);
    popup = Slips.above(card, paper, RISE);
  }

  private double within(String text) throws Trouble {
    double inches = Lengths.parse(text, session.unit());
    if (!(inches >= 0 && inches <= MOST_GUTTER)) {
      throw Trouble.of("field.range", text, Lengths.showWithSign(0, session.unit()), Lengths.showWithSign(MOST_GUTTER, session.unit()));
    }
    return inches;
  }
}
