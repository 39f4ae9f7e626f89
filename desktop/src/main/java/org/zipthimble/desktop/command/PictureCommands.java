package org.zipthimble.desktop.command;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BooleanSupplier;
import org.zipthimble.core.edit.LookEdits;
import org.zipthimble.core.edit.Mounts;
import org.zipthimble.core.edit.PictureEdits;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.picture.Backdrop;
import org.zipthimble.core.picture.Retouch;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.state.PointerMode;
import org.zipthimble.desktop.state.Session;

/** What can be done with pictures and mounts. */
final class PictureCommands {
  private static final double AVERAGED = 0.25;
  private static final double NEAR = 0.08;
  private static final double CLEAN = 1;

  private final Session session;

  PictureCommands(Session session) {
    this.session = session;
  }

  void into(List<Command> all) {
    all.add(Command.of("menu.mount", "", () -> !ids().isEmpty(), () -> session.applyAndSelect(Mounts.make(face(), ids()))));
    all.add(Command.of("menu.mountFill", "", () -> !Mounts.among(session.face().items()).isEmpty(), session.pictureHands()::fill));
    all.add(Command.of("menu.mountOut", "", () -> session.single().flatMap(Item::mount).isPresent(),
        () -> session.single().ifPresent(i -> session.applyAndSelect(Mounts.takeOut(face(), i.id())))));
    all.add(Command.of("menu.swapPictures", "", this::two, this::swap));
    all.add(Commands.LINE);
    all.add(Command.of("menu.replacePicture", "", this::one, session.pictureHands()::replace));
    all.add(Command.of("menu.relink", "", this::one, session.pictureHands()::relink));
    all.add(Commands.LINE);
    all.add(Command.of("menu.lookFace", "", this::one, () -> session.apply(PictureEdits.agree(Optional.of(face()), retouch()))));
    all.add(Command.of("menu.lookJob", "", this::one, () -> session.apply(PictureEdits.agree(Optional.empty(), retouch()))));
    all.add(Commands.LINE);
    all.add(Command.of("menu.rub", "", this::one, () -> brush(false)));
    all.add(Command.of("menu.restore", "", this::one, () -> brush(true)));
    all.add(new Command("menu.patch", "", this::one, Optional.of(() -> retouch().patched()),
        () -> change("edit.patch", r -> r.withPatched(!r.patched()))));
    all.add(Command.of("menu.pickBackground", "", this::one, this::background));
    all.add(Commands.LINE);
    all.add(Command.of("menu.pickSwatch", "", always(), () -> pick(0)));
    all.add(Command.of("menu.pickAverage", "", always(), () -> pick(AVERAGED)));
  }

  private static BooleanSupplier always() {
    return () -> true;
  }

  private String face() {
    return session.faceIdProperty().get();
  }

  private Set<String> ids() {
    return session.selectionProperty().get();
  }

  private boolean one() {
    return session.single().flatMap(Item::retouch).isPresent();
  }

  private boolean holds(Item item) {
    return item.pictured().isPresent() || item.mount().isPresent();
  }

  private boolean two() {
    return session.selected().size() == 2 && session.selected().stream().allMatch(this::holds);
  }

  private void swap() {
    List<Item> both = session.selected();
    session.apply(PictureEdits.swap(face(), both.get(0).id(), both.get(1).id()));
  }

  private Retouch retouch() {
    return session.single().flatMap(Item::retouch).orElse(Retouch.NONE);
  }

  private void change(String key, java.util.function.UnaryOperator<Retouch> change) {
    session.apply(PictureEdits.retouch(face(), ids(), key, change));
  }

  private void brush(boolean restoring) {
    PointerMode.Brush last = session.pointerMode().last();
    session.pointerMode().take(new PointerMode.Brush(last.size(), last.soft(), restoring));
    session.say(Wording.text(restoring ? "brush.how.restore" : "brush.how.rub"));
  }

  private void background() {
    session.say(Wording.text("backdrop.pick.how"));
    session.pointerMode().average(0);
    session.pointerMode().pick(c -> change("edit.backdrop", r -> r.withBackdrop(Optional.of(new Backdrop(c, NEAR, true, CLEAN)))));
  }

  private void pick(double average) {
    session.pointerMode().average(average);
    session.say(average > 0 ? Wording.text("pick.average.how", Lengths.showWithSign(average, session.unit())) : Wording.text("pick.how"));
    session.pointerMode().pick(colour -> {
      session.apply(LookEdits.keep(colour));
      session.say(Wording.text("pick.taken", colour.hex()));
    });
  }
}
