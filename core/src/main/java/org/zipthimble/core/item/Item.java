package org.zipthimble.core.item;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.picture.Retouch;
import org.zipthimble.core.plan.Finish;

/**
 * An object on a face. What can be asked of any object is answered by its kind: its parts, colours, pictures, words and look, and the same
 * object with others of them. A question that makes no sense of a kind has an empty answer, and a change of what it has not leaves it as
 * it is.
 */
public sealed interface Item permits HoldsWords, HasOutline, HoldsPicture, HoldsObjects {
  /** What every object has. */
  ItemProperties properties();

  /** Where it stands. */
  Placement placement();

  /** The same with other properties. */
  Item with(ItemProperties properties);

  /** The same at another place. */
  Item with(Placement placement);

  /** Calls the one that fits. */
  <R> R accept(ItemVisitor<R> visitor);

  /** The same with its colours changed, those of all it holds too: fill, line, words, gradient, pattern, tint, shadow and halo. */
  Item recoloured(UnaryOperator<Colour> map);

  /** Its identity in the job. */
  default String id() {
    return properties().id();
  }

  /** What a group holds; nothing for other objects. */
  default List<Item> members() {
    return List.of();
  }

  /** The same holding other objects. */
  default Item holding(List<Item> members) {
    return this;
  }

  /** What it draws again and again as a pattern; in inches from a tile's top left. */
  default List<Item> patternArt() {
    return List.of();
  }

  /** This object and all that it holds, the holder first; what patterns draw is not held. */
  default List<Item> withMembers() {
    List<Item> all = new ArrayList<>(List.of(this));
    members().forEach(m -> all.addAll(m.withMembers()));
    return all;
  }

  /** Its own colours, those of members not counted. */
  default Set<Colour> colours() {
    Set<Colour> colours = new LinkedHashSet<>();
    retouch().flatMap(Retouch::tint).ifPresent(colours::add);
    properties().effects().each().forEach(e -> e.brings().ifPresent(colours::add));
    return colours;
  }

  /** The pictures that it shows itself, in patterns too; those of members not counted. */
  default List<String> pictureIds() {
    return List.of();
  }

  /** The same showing other pictures, each chosen by the one that is shown now; in patterns too, in members not. */
  default Item repictured(UnaryOperator<String> change) {
    return this;
  }

  /** What is done to the one picture that it shows. */
  default Optional<Retouch> retouch() {
    return Optional.empty();
  }

  /** The same with its picture retouched otherwise. */
  default Item retouched(Retouch retouch) {
    return this;
  }

  /** The picture it shows, retouched; empty where the job has not the picture. */
  default Optional<ShownPicture> shown(Map<String, Picture> pictures) {
    return Optional.empty();
  }

  /** The foil or glitter that it is filled with. */
  default Optional<FillStyle.Finish> finish() {
    return Optional.empty();
  }

  /** The same filled with foil or glitter, or with its colour alone. */
  default Item finished(Optional<FillStyle.Finish> other) {
    return this;
  }

  /** The same covered by a gradient, a pattern or a finish; what has no inside of its own stays as it is. */
  default Item covered(Optional<FillStyle> style) {
    return this;
  }

  /** Its fill and line, or that of what it makes. */
  default Optional<Look> look() {
    return Optional.empty();
  }

  /** The same with another fill and line. */
  default Item with(Look look) {
    return this;
  }

  /** The fill and line that something made of it takes over. */
  Look inheritedLook();

  /** The same with its type and its line larger or smaller by a factor, within their ranges. */
  default Item scaled(double factor) {
    return this;
  }

  /** Width over height as it ought to be; empty for what has no proportion of its own. */
  default Optional<Double> proportion(Map<String, Picture> pictures) {
    return Optional.empty();
  }

  /** Whether the whole of its outline is painted: by a fill, a picture or both. */
  default boolean coversItsOutline() {
    return false;
  }

  /** Whether what is drawn of it is made of its members: a combination, rings, a repeat, a mount. */
  default boolean live() {
    return false;
  }

  /** The mount that it is. */
  default Optional<LiveEffect.Mounted> mount() {
    return Optional.empty();
  }

  /** The same with its mount changed. */
  default Item remounted(UnaryOperator<LiveEffect.Mounted> change) {
    return this;
  }

  /** Itself as what holds words. */
  Optional<HoldsWords> words();

  /** Itself as what has an outline of its own. */
  Optional<HasOutline> outlined();

  /** Itself as what shows a picture in its own frame. */
  Optional<HoldsPicture> pictured();

  /** Itself as what holds other objects. */
  Optional<HoldsObjects> holder();

  /** Whether a picture can be put into it. */
  boolean takesPicture();

  /** The same with its words changed; what holds none stays as it is, and so it is with the three below. */
  default Item rephrased(Function<? super HoldsWords, ? extends Item> change) {
    return words().<Item>map(change).orElse(this);
  }

  /** The same with its outline changed. */
  default Item redrawn(Function<? super HasOutline, ? extends Item> change) {
    return outlined().<Item>map(change).orElse(this);
  }

  /** The same with its picture changed. */
  default Item reframed(Function<? super HoldsPicture, ? extends Item> change) {
    return pictured().<Item>map(change).orElse(this);
  }

  /** The same with what it holds changed. */
  default Item regrouped(Function<? super HoldsObjects, ? extends Item> change) {
    return holder().<Item>map(change).orElse(this);
  }
}
