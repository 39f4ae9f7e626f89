package org.zipthimble.desktop.tag;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.layout.FlowPane;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.edit.PictureEdits;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.picture.Backdrop;
import org.zipthimble.core.picture.BrushStroke;
import org.zipthimble.core.picture.Retouch;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.ColourField;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.state.PointerMode;
import org.zipthimble.desktop.state.Session;

/** EraseMask out and restoring with a brush, patching, taking out a background, one tint for all. */
final class BrushSection extends Section {
  private static final double THIRD = 60;
  private static final Backdrop USUAL = new Backdrop(Colour.WHITE, 0.08, true, 1);

  BrushSection(Session session) {
    super(session);
    getChildren().addAll(brush(), Controls.stitch(), background(), Controls.stitch(), tint());
    session.pointerMode().brushProperty().addListener(new javafx.beans.value.WeakChangeListener<>(inHand));
  }

  private final javafx.beans.value.ChangeListener<Optional<PointerMode.Brush>> inHand = (o, was, is) -> refresh();

  private Retouch retouch() {
    return now().flatMap(Item::retouch).orElse(Retouch.NONE);
  }

  private void change(String key, UnaryOperator<Retouch> change) {
    session.perform((face, ids) -> PictureEdits.retouch(face, ids, key, change));
  }

  private boolean holds(boolean restoring) {
    return session.pointerMode().brushProperty().get().filter(b -> b.restores() == restoring).isPresent();
  }

  private void take(boolean on, boolean restoring) {
    PointerMode.Brush last = session.pointerMode().last();
    if (on) {
      session.pointerMode().take(new PointerMode.Brush(last.size(), last.soft(), restoring));
      session.say(Wording.text(restoring ? "brush.how.restore" : "brush.how.rub"));
    } else {
      session.pointerMode().layBy();
      session.say("");
    }
  }

  private Node brush() {
    FlowPane pane = fields(THIRD,
        "brush.size", length("brush-size", "brush.size", BrushStroke.LEAST_SIZE, BrushStroke.MOST_SIZE,
        () -> session.pointerMode().last().size(), v -> {
          session.pointerMode()
              .change(new PointerMode.Brush(v, session.pointerMode().last().soft(), session.pointerMode().last().restores()));
          refresh();
        }),
        "brush.soft", percent("brush-soft", "brush.soft", 0, 100, () -> session.pointerMode().last().soft(), v -> {
          session.pointerMode()
              .change(new PointerMode.Brush(session.pointerMode().last().size(), v, session.pointerMode().last().restores()));
          refresh();
        }));
    FlowPane pills = flow(
        pill("brush-rub", "brush.rub", () -> holds(false), on -> take(on, false)),
        pill("brush-restore", "brush.restore", () -> holds(true), on -> take(on, true)),
        pill("brush-patch", "brush.patch", () -> retouch().patched(), on -> change("edit.patch", r -> r.withPatched(on))),
        Controls.button("brush-clear", "brush.clear", () -> change("edit.rubClear", r -> r.withRubs(List.of())), "quiet"));
    return new javafx.scene.layout.VBox(5, pills, pane);
  }

  private Node background() {
    ColourField colour = new ColourField("backdrop-colour", Wording.text("backdrop.colour"), true, session, this::colours,
        chosen -> backdrop(chosen.map(c -> retouch().backdrop().map(b -> new Backdrop(c, b.near(), b.connected(), b.clean()))
            .orElse(new Backdrop(c, USUAL.near(), USUAL.connected(), USUAL.clean())))));
    fresh.add(() -> colour.show(retouch().backdrop().map(Backdrop::colour)));
    FlowPane pane = fields(THIRD,
        "backdrop.near", percent("backdrop-near", "backdrop.near", 0, 100,
        () -> retouch().backdrop().map(Backdrop::near).orElse(Double.NaN),
            v -> retouch().backdrop().ifPresent(b -> backdrop(Optional.of(new Backdrop(b.colour(), v, b.connected(), b.clean()))))),
        "backdrop.clean", percent("backdrop-clean", "backdrop.clean", 0, 100,
        () -> retouch().backdrop().map(Backdrop::clean).orElse(Double.NaN),
            v -> retouch().backdrop().ifPresent(b -> backdrop(Optional.of(new Backdrop(b.colour(), b.near(), b.connected(), v))))));
    pane.getChildren()
        .add(pill("backdrop-connected", "backdrop.connected", () -> retouch().backdrop().map(Backdrop::connected).orElse(false),
        on -> retouch().backdrop().ifPresent(b -> backdrop(Optional.of(new Backdrop(b.colour(), b.near(), on, b.clean()))))));
    return new javafx.scene.layout.VBox(5, Controls.under(Wording.text("backdrop.colour"), Controls.row(6, colour,
        Controls.button("backdrop-pick", "backdrop.pick", () -> {
          session.say(Wording.text("backdrop.pick.how"));
          session.pointerMode()
              .pick(c -> backdrop(Optional.of(retouch().backdrop().map(b -> new Backdrop(c, b.near(), b.connected(), b.clean()))
              .orElse(new Backdrop(c, USUAL.near(), USUAL.connected(), USUAL.clean())))));
        }, "quiet"))), pane);
  }

  private void backdrop(Optional<Backdrop> backdrop) {
    change("edit.backdrop", r -> r.withBackdrop(backdrop));
  }

  private Node tint() {
    ColourField colour = new ColourField("picture-tint", Wording.text("pictureTag.tint"), true, session, this::colours,
        chosen -> change("edit.tint", r -> r.withTint(chosen)));
    fresh.add(() -> colour.show(retouch().tint()));
    return Controls.under(Wording.text("pictureTag.tint"), colour);
  }
}
