package org.zipthimble.desktop.tray;

import javafx.scene.Node;
import javafx.scene.layout.VBox;
import javafx.stage.Popup;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.units.Unit;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.control.Slips;
import org.zipthimble.desktop.control.TypedField;
import org.zipthimble.desktop.state.Session;

/** A paper slip that asks how far from the trim a border keeps, how thick it is and how round its corners. */
public final class BorderSlip {
  private static final double RISE = 176;
  private static final double MOST_PT = 144;

  private final Session session;
  private Popup popup;
  private double distance;
  private double linePt = 1;
  private double radius;

  private BorderSlip(Session session) {
    this.session = session;
    this.distance = session.frame().safe().most();
  }

  public static void show(Node card, Session session, ObjectAdder adding) {
    new BorderSlip(session).open(card, adding);
  }

  private void open(Node card, ObjectAdder adding) {
    TypedField far = new TypedField("border-distance", Wording.text("border.distance"),
        text -> distance = within(text, session.unit(), -10, 50)).keeping();
    TypedField wide = new TypedField("border-line", Wording.text("tag.lineWidth"),
        text -> linePt = Unit.POINT.fromInches(within(text, Unit.POINT, 0.01 / 72, MOST_PT / 72))).keeping();
    TypedField round = new TypedField("border-radius", Wording.text("tag.corners"), text -> radius = within(text, session.unit(), 0, 50))
        .keeping();
    far.show(Lengths.show(distance, session.unit()));
    wide.show(Wording.text("tag.pt", Lengths.plain(linePt, 2)));
    round.show(Lengths.show(radius, session.unit()));
    VBox paper = new VBox(8, Controls.label(Wording.text("border.title"), "side-title"),
        Controls.row(6, Controls.under(Wording.text("border.distance"), far), Controls.under(Wording.text("tag.lineWidth"), wide),
            Controls.under(Wording.text("tag.corners"), round)),
        Controls.button("border-make", "form.make", () -> {
          popup.hide();
          adding.border(distance, linePt, radius);
        }, "main"));
    paper.setPrefWidth(270);
    popup = Slips.above(card, paper, RISE);
  }

  private double within(String text, Unit unit, double least, double most) throws Trouble {
    double inches = Lengths.parse(text, unit);
    if (!(inches >= least && inches <= most)) {
      throw Trouble.of("field.range", text, Lengths.showWithSign(least, unit), Lengths.showWithSign(most, unit));
    }
    return inches;
  }
}
