package org.zipthimble.desktop.tag;

import java.util.Arrays;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import org.zipthimble.core.colour.Blend;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.edit.LookEdits;
import org.zipthimble.core.item.Effect;
import org.zipthimble.core.item.Effects;
import org.zipthimble.core.item.FillStyle;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.Look;
import org.zipthimble.core.picture.Texture;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.ColourField;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.state.Session;

/** Shadow, halo, blur, feather, how colours mix, and foil or glitter on shapes. */
final class EffectsSection extends Section {
  private static final double THIRD = 60;

  EffectsSection(Session session, Item item) {
    super(session);
    if (item.outlined().isPresent() || item.words().isPresent()) {
      getChildren().addAll(surface(), Controls.stitch());
    }
    getChildren().addAll(shadow(), glow(), soft());
  }

  private Effects effects() {
    return now().map(i -> i.properties().effects()).orElse(Effects.NONE);
  }

  private void change(UnaryOperator<Effects> change) {
    session.perform((face, ids) -> Edits.properties(face, ids, "edit.effects", f -> f.withEffects(change.apply(f.effects()))));
  }

  private void hide(Node node, java.util.function.BooleanSupplier shown) {
    fresh.add(() -> {
      node.setVisible(shown.getAsBoolean());
      node.setManaged(shown.getAsBoolean());
    });
  }

  private Effect.Shadow shadowNow() {
    return effects().shadow().orElse(Effect.Shadow.USUAL);
  }

  private void put(UnaryOperator<Effect.Shadow> other) {
    change(e -> e.shadow().map(other).map(e::with).orElse(e));
  }

  private Node shadow() {
    ColourField colour = new ColourField("shadow-colour", Wording.text("effects.colour"), false, session, this::colours,
        c -> c.ifPresent(is -> put(s -> new Effect.Shadow(s.degrees(), s.distance(), s.softness(), is, s.opacity()))));
    fresh.add(() -> colour.show(Optional.of(shadowNow().colour())));
    FlowPane figures = fields(THIRD,
        "effects.direction", number("shadow-direction", "effects.direction", -360, 360,
            () -> Wording.text("tag.degrees", Lengths.plain(shadowNow().degrees(), 1)),
            v -> put(s -> new Effect.Shadow(v, s.distance(), s.softness(), s.colour(), s.opacity()))),
        "effects.distance", length("shadow-distance", "effects.distance", 0, Effect.MOST, () -> shadowNow().distance(),
            v -> put(s -> new Effect.Shadow(s.degrees(), v, s.softness(), s.colour(), s.opacity()))),
        "effects.softness", length("shadow-softness", "effects.softness", 0, Effect.MOST, () -> shadowNow().softness(),
            v -> put(s -> new Effect.Shadow(s.degrees(), s.distance(), v, s.colour(), s.opacity()))),
        "effects.density", percent("shadow-density", "effects.density", 0, 100, () -> shadowNow().opacity(),
            v -> put(s -> new Effect.Shadow(s.degrees(), s.distance(), s.softness(), s.colour(), v))));
    VBox more = new VBox(5, figures, Controls.under(Wording.text("effects.colour"), colour));
    hide(more, () -> effects().shadow().isPresent());
    return new VBox(5, pill("shadow-on", "effects.shadow", () -> effects().shadow().isPresent(),
        on -> change(e -> on ? e.with(Effect.Shadow.USUAL) : e.without(Effect.Shadow.class))), more);
  }

  private Effect.Glow glowNow() {
    return effects().glow().orElse(Effect.Glow.USUAL);
  }

  private void halo(UnaryOperator<Effect.Glow> other) {
    change(e -> e.glow().map(other).map(e::with).orElse(e));
  }

  private Node glow() {
    ColourField colour = new ColourField("glow-colour", Wording.text("effects.colour"), false, session, this::colours,
        c -> c.ifPresent(is -> halo(g -> new Effect.Glow(g.width(), is, g.opacity()))));
    fresh.add(() -> colour.show(Optional.of(glowNow().colour())));
    FlowPane figures = fields(THIRD,
        "effects.reach", length("glow-reach", "effects.reach", 0, Effect.MOST, () -> glowNow().width(),
            v -> halo(g -> new Effect.Glow(v, g.colour(), g.opacity()))),
        "effects.density", percent("glow-density", "effects.density", 0, 100, () -> glowNow().opacity(),
            v -> halo(g -> new Effect.Glow(g.width(), g.colour(), v))));
    VBox more = new VBox(5, figures, Controls.under(Wording.text("effects.colour"), colour));
    hide(more, () -> effects().glow().isPresent());
    return new VBox(5, pill("glow-on", "effects.glow", () -> effects().glow().isPresent(),
        on -> change(e -> on ? e.with(Effect.Glow.USUAL) : e.without(Effect.Glow.class))), more);
  }

  private Node soft() {
    var modes = Arrays.stream(Blend.values()).map(b -> Wording.of(b)).toList();
    var blend = choice("effects-blend", "effects.blend", modes, () -> Optional.of(effects().blend().ordinal()),
        i -> change(e -> e.withBlend(Blend.values()[i])));
    blend.setPrefWidth(130);
    return new VBox(5, fields(THIRD,
        "effects.blur", length("effects-blur", "effects.blur", 0, Effect.MOST, () -> effects().blur(), v -> change(e -> e.withBlur(v))),
        "effects.feather", length("effects-feather", "effects.feather", 0, Effect.MOST, () -> effects().feather(),
        v -> change(e -> e.withFeather(v)))),
        Controls.under(Wording.text("effects.blend"), blend));
  }

  private Optional<FillStyle.Finish> finishNow() {
    return now().flatMap(Item::finish);
  }

  private void cover(Optional<FillStyle.Finish> finish) {
    session.perform((face, ids) -> LookEdits.finish(face, ids, finish));
  }

  private void surfaceOf(boolean on, Texture.Surface surface) {
    var colour = finishNow().map(FillStyle.Finish::colour)
        .or(() -> now().map(Item::inheritedLook).flatMap(Look::fill))
        .orElse(org.zipthimble.core.colour.Colour.BLACK);
    cover(on ? Optional.of(FillStyle.Finish.of(surface, colour)) : Optional.empty());
  }

  private boolean has(Texture.Surface surface) {
    return finishNow().filter(f -> f.surface() == surface).isPresent();
  }

  private Node surface() {
    ColourField colour = new ColourField("surface-colour", Wording.text("effects.colour"), false, session, this::colours,
        c -> c.ifPresent(is ->
        finishNow().ifPresent(f -> cover(Optional.of(f.withColour(is))))));
    fresh.add(() -> finishNow().ifPresent(f -> colour.show(Optional.of(f.colour()))));
    FlowPane figures = fields(THIRD,
        "effects.grain", length("surface-grain", "effects.grain", FillStyle.Finish.LEAST_GRAIN, FillStyle.Finish.MOST_GRAIN,
        () -> finishNow().map(FillStyle.Finish::grain).orElse(Double.NaN),
            v -> finishNow().ifPresent(f -> cover(Optional.of(f.withGrain(v))))),
        "effects.direction", number("surface-direction", "effects.direction", -360, 360,
            () -> finishNow().map(f -> Wording.text("tag.degrees", Lengths.plain(f.degrees(), 1))).orElse(""),
            v -> finishNow().ifPresent(f -> cover(Optional.of(f.withDegrees(v))))));
    figures.getChildren().add(Controls.button("surface-anew", "effects.anew", () -> finishNow().ifPresent(f ->
        cover(Optional.of(f.withSeed(f.seed() + 1)))), "quiet"));
    VBox more = new VBox(5, figures, Controls.under(Wording.text("effects.colour"), colour));
    hide(more, () -> finishNow().isPresent());
    return new VBox(5, flow(
        pill("surface-foil", "effects.foil", () -> has(Texture.Surface.FOIL), on -> surfaceOf(on, Texture.Surface.FOIL)),
        pill("surface-glitter", "effects.glitter", () -> has(Texture.Surface.GLITTER), on -> surfaceOf(on, Texture.Surface.GLITTER))),
        more);
  }
}
