package org.zipthimble.desktop.tag;

import java.util.Arrays;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import org.zipthimble.core.check.picture.PictureResolution;
import org.zipthimble.core.edit.PictureEdits;
import org.zipthimble.core.form.Scene;
import org.zipthimble.core.form.SceneNode;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.picture.PictureLook;
import org.zipthimble.core.picture.Retouch;
import org.zipthimble.core.picture.Tones;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.control.TypedField;
import org.zipthimble.desktop.state.Session;

/** A picture's resolution, look, tones, frame and pixels. The picture itself stays as it came. */
final class PictureSection extends Section {
  private static final double FOURTH = 43;
  private static final double THIRD = 60;

  PictureSection(Session session) {
    super(session);
    Label figures = Controls.wrapped("", "line-note");
    figures.setId("tag-resolution");
    fresh.add(() -> figures.setText(resolution()));
    getChildren().addAll(figures, look(), Controls.label(Wording.text("pictureTag.tones"), "field-label"), tones(),
        Controls.label(Wording.text("pictureTag.cropAway"), "field-label"), frame(), pixels());
  }

  private Retouch retouch() {
    return now().flatMap(Item::retouch).orElse(Retouch.NONE);
  }

  private void change(String key, UnaryOperator<Retouch> change) {
    session.perform((face, ids) -> PictureEdits.retouch(face, ids, key, change));
  }

  private Optional<SceneNode> placed() {
    return Scene.of(session.face()).leaves().stream().filter(p -> ids().contains(p.item().id())).findFirst();
  }

  private String resolution() {
    return placed().flatMap(p -> p.item().shown(session.shownProperty().get().pictures()).map(shown -> {
      Picture picture = shown.picture();
      double target = session.shownProperty().get().ticket().ppi();
      String said = Wording.text(
          "tag.resolution", Lengths.plain(Math.floor(PictureResolution.of(session.shownProperty().get(), p)), 0),
          picture.width(), picture.height(), Lengths.plain(session.unit().fromInches(picture.width() / target), 2),
          Lengths.plain(session.unit().fromInches(picture.height() / target), 2), session.unit().sign(), Lengths.plain(target, 0),
          Lengths.plain(Math.floor(PictureResolution.of(session.shownProperty().get(), p) / 2), 0));
      return picture.retouch().enlarged() > 1 ? said + " "
          + Wording.text("pictureTag.enlarged", Lengths.plain(picture.retouch().enlarged(), 2)) : said;
    })).orElse("");
  }

  private FlowPane look() {
    var names = Arrays.stream(PictureLook.values()).map(l -> Wording.of(l)).toList();
    var box = choice("picture-look", "pictureTag.look", names, () -> Optional.of(retouch().look().ordinal()),
        i -> session.perform((face, ids) -> PictureEdits.look(face, ids, PictureLook.values()[i], retouch().strength())));
    TypedField strength = percent("picture-strength", "pictureTag.strength", 0, 100, () -> retouch().strength(),
        v -> change("edit.look.picture", r -> r.looking(r.look(), v)));
    box.setPrefWidth(2 * THIRD + 6);
    FlowPane first = fields(THIRD, "pictureTag.look", box, "pictureTag.strength", strength);
    first.getChildren().addAll(
        Controls.button("picture-agree-face", "pictureTag.agreeFace",
        () -> session.apply(PictureEdits.agree(Optional.of(face()), retouch())), "quiet"),
        Controls.button("picture-agree-job", "pictureTag.agreeJob", () -> session.apply(PictureEdits.agree(Optional.empty(), retouch())),
        "quiet"));
    ((javafx.scene.layout.VBox) first.getChildren().get(0)).setPrefWidth(2 * THIRD + 6);
    return first;
  }

  private TypedField tone(String name, Function<Tones, Double> get, java.util.function.BiFunction<Tones, Double, Tones> with) {
    return percent("picture-" + name, "pictureTag." + name, -100, 100, () -> get.apply(retouch().tones()),
        v -> change("edit.tones", r -> r.withTones(with.apply(r.tones(), v))));
  }

  private FlowPane tones() {
    return fields(FOURTH,
        "pictureTag.brightness", tone("brightness", Tones::brightness, Tones::withBrightness),
        "pictureTag.contrast", tone("contrast", Tones::contrast, Tones::withContrast),
        "pictureTag.warmth", tone("warmth", Tones::warmth, Tones::withWarmth),
        "pictureTag.saturation", tone("saturation", Tones::saturation, Tones::withSaturation));
  }

  private TypedField side(String name, Function<Box, Double> get, java.util.function.BiFunction<Box, Double, Box> with) {
    return percent("picture-crop-" + name, "pictureTag.crop." + name, 0, 100 * (1 - Retouch.LEAST_CROP), () -> get.apply(retouch().crop()),
        v ->
        now().ifPresent(i -> session.apply(PictureEdits.crop(face(), i.id(), with.apply(retouch().crop(), v)))));
  }

  private FlowPane frame() {
    FlowPane pane = fields(FOURTH,
        "pictureTag.crop.left", side("left", Box::x, (b, v) -> new Box(v, b.y(), b.right() - v, b.height())),
        "pictureTag.crop.top", side("top", Box::y, (b, v) -> new Box(b.x(), v, b.width(), b.bottom() - v)),
        "pictureTag.crop.right", side("right", b -> 1 - b.right(), (b, v) -> new Box(b.x(), b.y(), 1 - v - b.x(), b.height())),
        "pictureTag.crop.bottom", side("bottom", b -> 1 - b.bottom(), (b, v) -> new Box(b.x(), b.y(), b.width(), 1 - v - b.y())));
    TypedField straighten = number("picture-straighten", "pictureTag.straighten", -Retouch.MOST_STRAIGHTEN, Retouch.MOST_STRAIGHTEN,
        () -> Wording.text("tag.degrees", Lengths.plain(retouch().straighten(), 2)),
        v -> change("edit.straighten", r -> r.withStraighten(v)));
    pane.getChildren().addAll(
        field(THIRD, "pictureTag.straighten", straighten),
        pill("picture-flip-x", "pictureTag.flipX", () -> retouch().flippedX(), on -> change("edit.flip", r -> r.flipped(on, r.flippedY()))),
        pill("picture-flip-y", "pictureTag.flipY", () -> retouch().flippedY(),
        on -> change("edit.flip", r -> r.flipped(r.flippedX(), on))));
    return pane;
  }

  private FlowPane pixels() {
    TypedField enlarge = number("picture-enlarge", "pictureTag.enlarge", 1, Retouch.MOST_ENLARGED,
        () -> Lengths.plain(retouch().enlarged(), 2), v -> change("edit.enlarge", r -> r.withEnlarged(v)));
    FlowPane pane = fields(THIRD, "pictureTag.enlarge", enlarge);
    pane.getChildren().addAll(
        Controls.button("picture-replace", "pictureTag.replace", () -> session.pictureHands().replace(), "quiet"),
        Controls.button("picture-relink", "pictureTag.relink", () -> session.pictureHands().relink(), "quiet"));
    return pane;
  }
}
