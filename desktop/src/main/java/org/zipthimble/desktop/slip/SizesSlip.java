package org.zipthimble.desktop.slip;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import org.zipthimble.core.edit.SizeEdits;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.plan.SheetPlan;
import org.zipthimble.core.plan.Ticket;
import org.zipthimble.core.sheet.Imposition;
import org.zipthimble.core.sheet.PageOptions;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.control.Icons;
import org.zipthimble.desktop.control.PagePicture;
import org.zipthimble.desktop.control.TypedField;
import org.zipthimble.desktop.state.FieldText;
import org.zipthimble.desktop.state.LatestWork;
import org.zipthimble.desktop.state.Session;

/** One design in several finished sizes: typed, looked at beside each other in proportion, all of them sent. */
public final class SizesSlip extends ToolSlip {
  private static final double HIGH = 190;

  private final FlowPane cells = new FlowPane(12, 12);
  private final CheckBox words = Controls.check("sizes-words", "sizesSlip.words", true,
      on -> session.apply(SizeEdits.set(s -> s.withScaleWords(on))));
  private final List<LatestWork> painters = new ArrayList<>();
  private final TypedField width;
  private final TypedField height;
  private double wide = 8;
  private double high = 10;

  /** The slip of a session. */
  public SizesSlip(Session session) {
    super(session, "sizes", "sizesSlip.title", 560);
    width = new TypedField("sizes-width", Wording.text("sizesSlip.width"), text -> wide = length(text));
    height = new TypedField("sizes-height", Wording.text("sizesSlip.height"), text -> high = length(text));
    width.setPrefWidth(90);
    height.setPrefWidth(90);
    inside.getChildren().addAll(Controls.wrapped(Wording.text("sizesSlip.note"), "side-note"), cells, words,
        Controls.row(6, Controls.under(Wording.text("sizesSlip.width"), width), Controls.under(Wording.text("sizesSlip.height"), height),
            new VBox(Controls.label(" ", "field-label"), Controls.button("sizes-add", "sizesSlip.add", this::add, "plain"))));
  }

  private double length(String text) throws Trouble {
    return FieldText.length(text, session.unit(), Ticket.LEAST_SIDE, Ticket.MOST_SIDE);
  }

  private void add() {
    session.apply(SizeEdits.add(new Size(wide, high)));
    show();
  }

  @Override
  void show() {
    Job job = session.job();
    width.show(Lengths.show(wide, session.unit()));
    height.show(Lengths.show(high, session.unit()));
    words.setSelected(job.sizes().scaleWords());
    painters.forEach(LatestWork::drop);
    painters.clear();
    double highest = job.usualFrame().size().height();
    for (Size size : job.sizes().sizes()) {
      highest = Math.max(highest, size.height());
    }
    List<Node> all = new ArrayList<>();
    all.add(cell(job.withSizes(job.sizes()), job.usualFrame().size(), false, highest));
    for (Size size : job.sizes().sizes()) {
      all.add(cell(job, size, true, highest));
    }
    cells.getChildren().setAll(all);
  }

  private Node cell(Job job, Size size, boolean other, double highest) {
    LatestWork painter = new LatestWork();
    painters.add(painter);
    PagePicture picture = new PagePicture(painter);
    String faceId = session.faceIdProperty().get();
    double scale = Math.max(36 / Math.min(size.width(), size.height()), Math.min(HIGH / highest, 150 / size.width()));
    PageOptions options = PageOptions.of(false, false, SheetPlan.ALONE);
    picture.show(ppi -> {
      Job sized = other ? SizeEdits.at(job, size) : job;
      Face face = sized.face(faceId).orElse(sized.faces().get(0));
      try {
        return org.zipthimble.core.paint.FacePainter.onPaper(Imposition.of(sized, face, options), ppi, session.halvings());
      } catch (Trouble none) {
        throw new IllegalStateException(none.getMessage(), none);
      }
    }, scale);
    StackPane held = new StackPane(picture);
    held.setMinSize(size.width() * scale, size.height() * scale);
    String id = "sizes-away-" + Lengths.plain(size.width(), 2) + "-" + Lengths.plain(size.height(), 2);
    Node line = other ? Controls.row(4, Controls.label(Lengths.show(size, session.unit()), "field-label"),
        Controls.iconButton(id.replace('.', '_'), Icons.AWAY, "sizesSlip.away", () -> session.apply(SizeEdits.remove(size))))
        : Controls.label(Wording.text("sizesSlip.own", Lengths.show(size, session.unit())), "field-label");
    return new VBox(4, held, line);
  }

  @Override
  Node first() {
    return width;
  }
}
