package org.zipthimble.desktop.tag;

import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.edit.ThingEdits;
import org.zipthimble.core.thing.Cup;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.control.TypedField;
import org.zipthimble.desktop.state.FieldText;
import org.zipthimble.desktop.state.Session;

/** What the tag holds of the thing that the job is put onto, while nothing is selected. */
final class ThingSection extends Section {
  private double turn = 1;

  ThingSection(Session session) {
    super(session);
    Label name = Controls.wrapped("", "side-note");
    name.setId("thing-named");
    CheckBox bent = Controls.check("tag-bent", "thingBench.bent", true, on -> session.apply(ThingEdits.bent(on)));
    bent.setWrapText(true);
    TypedField by = new TypedField("thing-turn-by", Wording.text("thingTag.turnBy"),
        text -> turn = FieldText.length(text, session.unit(), -100, 100)).keeping();
    by.setPrefWidth(64);
    by.show(Lengths.show(turn, session.unit()));
    Button round = Controls.button("thing-turn", "thingTag.turn", () -> session.apply(ThingEdits.turned(face(), turn)), "quiet");
    Button meet = Controls.button("thing-meet", "thingTag.meet", () -> session.applyBeside(ThingEdits.meet(face())), "quiet");
    Button cut = Controls.button("thing-cut", "thingTag.cut", () -> session.apply(ThingEdits.cutEdge(face())), "quiet");
    Button off = Controls.button("thing-off", "thingTag.off", () -> session.apply(ThingEdits.flat()), "quiet");
    FlowPane buttons = new FlowPane(4, 4, meet, cut, off);
    var turning = Controls.row(4, round, by);
    for (var node : new javafx.scene.Node[] {bent, turning, meet}) {
      node.managedProperty().bind(node.visibleProperty());
    }
    getChildren().addAll(Controls.label(Wording.text("thingTag.title"), "field-label"), name, bent, turning, buttons, Controls.stitch());
    fresh.add(() -> {
      Optional<Cup> cup = ThingEdits.cup(session.job());
      boolean closes = ThingEdits.closing(session.job(), session.face()).isPresent();
      name.setText(session.job().making().thing()
          .map(t -> Wording.text(session.job().onThing(session.face()).isPresent() ? "thingTag.on" : "thingTag.otherSize", t.title(),
          t.process().title())).orElse(""));
      bent.setVisible(cup.filter(c -> !c.untapered()).isPresent());
      bent.setSelected(cup.filter(Cup::bent).isPresent());
      turning.setVisible(closes);
      meet.setVisible(closes);
      boolean on = session.job().making().thing().isPresent();
      setVisible(on);
      setManaged(on);
    });
  }

  /** Whether an object must be seen whole: no hole, rim, bend or seam may lie in it. */
  static CheckBox whole(Section section) {
    CheckBox box = Controls.check("tag-whole", "thingTag.whole", false, on -> section.session.apply(
        Edits.properties(section.face(), section.ids(), "edit.whole", p -> p.withWhole(on ? Optional.of(true) : Optional.empty()))));
    Controls.tip(box, Wording.text("thingTag.whole.tip"));
    section.fresh.add(() -> {
      box.setSelected(section.now().flatMap(i -> i.properties().whole()).orElse(false));
      boolean on = section.session.job().making().thing().isPresent();
      box.setVisible(on);
      box.setManaged(on);
    });
    return box;
  }
}
