package org.zipthimble.core.job;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.picture.Retouch;
import org.zipthimble.core.type.BlockSetting;
import org.zipthimble.core.type.Course;
import org.zipthimble.core.type.FontShelf;
import org.zipthimble.core.type.SetWords;
import org.zipthimble.core.type.Story;
import org.zipthimble.core.type.Typesetter;
import org.zipthimble.core.type.WordStyle;
import org.zipthimble.core.units.Size;

/**
 * An object on a face. What can be asked of any object is answered by its kind: its parts, colours, pictures, words and look, and the same
 * object with others of them. A question that makes no sense of a kind has an empty answer, and a change of what it has not leaves it as
 * it is.
 */
public sealed interface Item {
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
    properties().effects().shadow().ifPresent(s -> colours.add(s.colour()));
    properties().effects().glow().ifPresent(g -> colours.add(g.colour()));
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

  /** The pictures that objects of a pattern show, with those of their members. */
  private static List<String> picturesOf(List<Item> art) {
    return art.isEmpty() ? List.of() : art.stream().flatMap(a -> a.withMembers().stream()).flatMap(i -> i.pictureIds().stream()).toList();
  }

  /** Objects showing other pictures, their members too. */
  private static List<Item> repictured(List<Item> art, UnaryOperator<String> change) {
    return art.stream().map(a -> a.holding(repictured(a.members(), change)).repictured(change)).toList();
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

  /** Itself as a block of words. */
  default Optional<Words> asWords() {
    return Optional.empty();
  }

  /** Itself as a shape. */
  default Optional<Shape> asShape() {
    return Optional.empty();
  }

  /** Itself as a loose picture. */
  default Optional<Photo> asPhoto() {
    return Optional.empty();
  }

  /** Itself as a group. */
  default Optional<Group> asGroup() {
    return Optional.empty();
  }

  /** Itself as a group that makes something of its members. */
  default Optional<Group> asLive() {
    return asGroup().filter(Group::live);
  }

  /**
   * A block of words.
   *
   * @param setting how they stand in the block
   * @param course what they run along in place of lines
   * @param panel what is painted behind them
   * @param fillStyle what covers all letters in place of their colours; foil or glitter has the colour of the first
   * @param follows the block from which they go on
   * @param spared what their lines keep clear of, in block inches; laid anew after every edit
   */
  @RecordBuilder
  record Words(
      ItemProperties properties, Placement placement, Story story, BlockSetting setting, Optional<Course> course, Optional<Panel> panel, Optional<FillStyle> fillStyle,
      Optional<Following> follows, Optional<Path> spared)
      implements Item, ItemWordsBuilder.With {
    /** Checks that nothing is missing; foil has the colour of the words. */
    public Words {
      if (story == null || setting == null) {
        throw new IllegalArgumentException("words need a story and a setting");
      }
      Colour first = story.style().colour();
      fillStyle = fillStyle.map(s -> s.asFinish().<FillStyle>map(f -> f.withColour(first)).orElse(s));
    }

    /** Words of one look. */
    public static Words of(ItemProperties properties, Placement placement, String text, WordStyle style) {
      return new Words(properties, placement, Story.of(text, style), BlockSetting.PLAIN, Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());
    }

    /** What it says, a line end between paragraphs. */
    public String text() {
      return story.text();
    }

    /** The look of its beginning. */
    public WordStyle style() {
      return story.style();
    }

    /** Its words set, with the faces of a shelf. */
    public SetWords set(FontShelf fonts) {
      return Typesetter.set(story, setting, course, spared, placement.width(), placement.height(), fonts);
    }

    /** The same saying something else: what is alike at the beginning and the end keeps its looks. */
    public Words saying(String text) {
      return withStory(story.saying(text));
    }

    /** The same with every look changed. */
    public Words styled(UnaryOperator<WordStyle> change) {
      return withStory(story.restyled(change));
    }

    @Override
    public Optional<FillStyle.Finish> finish() {
      return fillStyle.flatMap(FillStyle::asFinish);
    }

    @Override
    public Words finished(Optional<FillStyle.Finish> other) {
      return other.map(f -> styled(s -> s.withColour(f.colour()))).orElse(this).withFillStyle(other.map(f -> f));
    }

    @Override
    public Item covered(Optional<FillStyle> style) {
      return withFillStyle(style);
    }

    @Override
    public List<Item> patternArt() {
      return fillStyle.map(FillStyle::art).orElse(List.of());
    }

    @Override
    public List<String> pictureIds() {
      return Item.picturesOf(patternArt());
    }

    @Override
    public Item repictured(UnaryOperator<String> change) {
      return withFillStyle(fillStyle.map(s -> s.drawing(Item.repictured(s.art(), change))));
    }

    @Override
    public Words with(ItemProperties other) {
      return withProperties(other);
    }

    @Override
    public Words with(Placement other) {
      return withPlacement(other);
    }

    @Override
    public Set<Colour> colours() {
      Set<Colour> colours = fillStyle.map(FillStyle::seeThrough).orElse(true) ? story.colours() : new LinkedHashSet<>();
      panel.ifPresent(p -> colours.addAll(p.look().colours()));
      fillStyle.ifPresent(s -> colours.addAll(s.colours()));
      colours.addAll(Item.super.colours());
      return colours;
    }

    @Override
    public Item recoloured(UnaryOperator<Colour> map) {
      return styled(s -> s.withLetters(s.letters().recoloured(map))).withPanel(panel.map(p -> p.recoloured(map)))
          .withFillStyle(fillStyle.map(s -> s.recoloured(map))).withProperties(properties.recoloured(map));
    }

    @Override
    public Look inheritedLook() {
      return new Look(Optional.of(style().colour()), Optional.empty());
    }

    @Override
    public Item scaled(double factor) {
      return styled(s -> new WordStyle(s.letters().scaled(factor), s.paragraph().scaled(factor))).withSetting(setting.scaled(factor)).withCourse(course.map(c -> c.scaled(factor)));
    }

    @Override
    public Optional<Words> asWords() {
      return Optional.of(this);
    }

    @Override
    public <R> R accept(ItemVisitor<R> visitor) {
      return visitor.words(this);
    }
  }

  /** A shape with a fill, a line, both or neither. */
  @RecordBuilder
  record Shape(
      ItemProperties properties, Placement placement, Outline outline, Optional<Colour> fill, Optional<LineLook> line, Optional<FillStyle> fillStyle)
      implements Item, ItemShapeBuilder.With {
    /** A shape of one colour. */
    public static Shape of(ItemProperties properties, Placement placement, Outline outline, Optional<Colour> fill, Optional<LineLook> line) {
      return new Shape(properties, placement, outline, fill, line, Optional.empty());
    }

    @Override
    public Shape with(ItemProperties other) {
      return withProperties(other);
    }

    @Override
    public Shape with(Placement other) {
      return withPlacement(other);
    }

    @Override
    public List<Item> patternArt() {
      return fillStyle.map(FillStyle::art).orElse(List.of());
    }

    @Override
    public Set<Colour> colours() {
      Set<Colour> colours = new LinkedHashSet<>();
      fill.filter(c -> fillStyle.map(FillStyle::seeThrough).orElse(true)).ifPresent(colours::add);
      line.ifPresent(l -> colours.add(l.colour()));
      fillStyle.ifPresent(s -> colours.addAll(s.colours()));
      colours.addAll(Item.super.colours());
      return colours;
    }

    @Override
    public Item recoloured(UnaryOperator<Colour> map) {
      return with(inheritedLook().recoloured(map)).withFillStyle(fillStyle.map(s -> s.recoloured(map))).withProperties(properties.recoloured(map));
    }

    @Override
    public List<String> pictureIds() {
      return Item.picturesOf(patternArt());
    }

    @Override
    public Item repictured(UnaryOperator<String> change) {
      return withFillStyle(fillStyle.map(s -> s.drawing(Item.repictured(s.art(), change))));
    }

    @Override
    public Item covered(Optional<FillStyle> style) {
      return withFillStyle(style);
    }

    @Override
    public Optional<FillStyle.Finish> finish() {
      return fillStyle.flatMap(FillStyle::asFinish);
    }

    @Override
    public Shape finished(Optional<FillStyle.Finish> other) {
      return other.isPresent() ? withFillStyle(other.map(f -> f)) : filled(fill.or(() -> finish().map(FillStyle.Finish::colour)));
    }

    /** Whether it has an inside that is painted. */
    public boolean painted() {
      return fill.isPresent() || fillStyle.isPresent();
    }

    @Override
    public boolean coversItsOutline() {
      return painted();
    }

    /** The same with another fill of one colour. */
    public Shape filled(Optional<Colour> other) {
      return withFill(other).withFillStyle(Optional.empty());
    }

    @Override
    public Optional<Look> look() {
      return Optional.of(inheritedLook());
    }

    @Override
    public Shape with(Look look) {
      return withFill(look.fill()).withLine(look.line());
    }

    @Override
    public Look inheritedLook() {
      return new Look(fill, line);
    }

    @Override
    public Item scaled(double factor) {
      return withLine(line.map(l -> l.withWidthPt(Math.max(LineLook.LEAST_PT, Math.min(LineLook.MOST_PT, l.widthPt() * factor)))));
    }

    @Override
    public Optional<Shape> asShape() {
      return Optional.of(this);
    }

    @Override
    public <R> R accept(ItemVisitor<R> visitor) {
      return visitor.shape(this);
    }
  }

  /** A placed picture, by the identity of its bytes, and what is done to it. */
  @RecordBuilder
  record Photo(ItemProperties properties, Placement placement, String pictureId, Retouch retouching) implements Item, ItemPhotoBuilder.With {
    /** A picture as it came. */
    public static Photo of(ItemProperties properties, Placement placement, String pictureId) {
      return new Photo(properties, placement, pictureId, Retouch.NONE);
    }

    @Override
    public Photo with(ItemProperties other) {
      return withProperties(other);
    }

    @Override
    public Photo with(Placement other) {
      return withPlacement(other);
    }

    @Override
    public Item recoloured(UnaryOperator<Colour> map) {
      return withRetouching(retouching.withTint(retouching.tint().map(map))).withProperties(properties.recoloured(map));
    }

    @Override
    public List<String> pictureIds() {
      return List.of(pictureId);
    }

    @Override
    public Photo repictured(UnaryOperator<String> change) {
      return withPictureId(change.apply(pictureId));
    }

    @Override
    public Optional<Retouch> retouch() {
      return Optional.of(retouching);
    }

    @Override
    public Photo retouched(Retouch other) {
      return withRetouching(other);
    }

    @Override
    public Optional<ShownPicture> shown(Map<String, Picture> pictures) {
      return Optional.ofNullable(pictures.get(pictureId)).map(p -> ShownPicture.filling(p.retouched(retouching), placement));
    }

    @Override
    public Look inheritedLook() {
      return new Look(Optional.of(Colour.BLACK), Optional.empty());
    }

    @Override
    public Optional<Double> proportion(Map<String, Picture> pictures) {
      return shown(pictures).map(s -> (double) s.picture().width() / s.picture().height());
    }

    @Override
    public boolean coversItsOutline() {
      return true;
    }

    @Override
    public Optional<Photo> asPhoto() {
      return Optional.of(this);
    }

    @Override
    public <R> R accept(ItemVisitor<R> visitor) {
      return visitor.photo(this);
    }
  }

  /**
   * Several objects held together; they stand in an inner field that is stretched over the group's box.
   *
   * @param effect what the group makes of them
   */
  @RecordBuilder
  record Group(ItemProperties properties, Placement placement, Size inner, List<Item> members, LiveEffect effect) implements Item, ItemGroupBuilder.With {
    /** Keeps a copy. */
    public Group {
      members = List.copyOf(members);
    }

    /** A group that only holds its members together. */
    public static Group of(ItemProperties properties, Placement placement, Size inner, List<Item> members) {
      return new Group(properties, placement, inner, members, LiveEffect.TOGETHER);
    }

    @Override
    public Group with(ItemProperties other) {
      return withProperties(other);
    }

    @Override
    public Group with(Placement other) {
      return withPlacement(other);
    }

    /** The map from its inner field to the ground it stands on. */
    public Affine innerToGround() {
      return Affine.scale(placement.width() / inner.width(), placement.height() / inner.height()).then(placement.toGround());
    }

    @Override
    public Group holding(List<Item> others) {
      return withMembers(others);
    }

    @Override
    public Set<Colour> colours() {
      Set<Colour> colours = new LinkedHashSet<>();
      look().ifPresent(look -> colours.addAll(look.colours()));
      colours.addAll(Item.super.colours());
      return colours;
    }

    @Override
    public Item recoloured(UnaryOperator<Colour> map) {
      return new Group(properties.recoloured(map), placement, inner, members.stream().map(m -> m.recoloured(map)).toList(), effect.recoloured(map));
    }

    @Override
    public List<String> pictureIds() {
      return effect.mount().flatMap(LiveEffect.Mounted::pictureId).map(List::of).orElse(List.of());
    }

    @Override
    public Item repictured(UnaryOperator<String> change) {
      return remounted(m -> m.withPictureId(m.pictureId().map(change)));
    }

    @Override
    public Optional<Retouch> retouch() {
      return effect.mount().filter(m -> m.pictureId().isPresent()).map(LiveEffect.Mounted::retouch);
    }

    @Override
    public Item retouched(Retouch other) {
      return remounted(m -> m.pictureId().isPresent() ? m.withRetouch(other) : m);
    }

    @Override
    public Optional<ShownPicture> shown(Map<String, Picture> pictures) {
      return effect.mount().flatMap(m -> m.pictureId().flatMap(id -> Optional.ofNullable(pictures.get(id)))
          .map(p -> ShownPicture.mounted(p.retouched(m.retouch()), m.fit(), placement)));
    }

    @Override
    public Optional<Look> look() {
      return effect.look();
    }

    @Override
    public Group with(Look look) {
      return withEffect(effect.with(look));
    }

    @Override
    public Look inheritedLook() {
      return effect.look().orElseGet(() -> members.isEmpty() ? Look.NONE : members.get(0).inheritedLook());
    }

    @Override
    public Optional<Double> proportion(Map<String, Picture> pictures) {
      return effect.anyProportion() ? Optional.empty() : Optional.of(inner.width() / inner.height());
    }

    @Override
    public boolean coversItsOutline() {
      return !pictureIds().isEmpty() || look().flatMap(Look::fill).isPresent() || effect.bent().isPresent() && members.stream().anyMatch(Item::coversItsOutline);
    }

    @Override
    public boolean live() {
      return effect.live();
    }

    @Override
    public Optional<LiveEffect.Mounted> mount() {
      return effect.mount();
    }

    @Override
    public Item remounted(UnaryOperator<LiveEffect.Mounted> change) {
      return effect.mount().<Item>map(m -> withEffect(change.apply(m))).orElse(this);
    }

    @Override
    public Optional<Group> asGroup() {
      return Optional.of(this);
    }

    @Override
    public <R> R accept(ItemVisitor<R> visitor) {
      return visitor.group(this);
    }
  }
}
