package org.zipthimble.core.item;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.plan.Finish;
import org.zipthimble.core.type.BlockSetting;
import org.zipthimble.core.type.Course;
import org.zipthimble.core.type.Story;
import org.zipthimble.core.type.WordStyle;

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
public record ItemWords(
    ItemProperties properties, Placement placement, Story story, BlockSetting setting, Optional<Course> course, Optional<WordsPanel> panel,
    Optional<FillStyle> fillStyle,
    Optional<Following> follows, Optional<Path> spared)
    implements HoldsWords, ItemWordsBuilder.With {
  /** Checks that nothing is missing; foil has the colour of the words. */
  public ItemWords {
    if (story == null || setting == null) {
      throw new IllegalArgumentException("words need a story and a setting");
    }
    Colour first = story.style().colour();
    fillStyle = fillStyle.map(s -> s.asFinish().<FillStyle>map(f -> f.withColour(first)).orElse(s));
  }

  /** Words of one look. */
  public static ItemWords of(ItemProperties properties, Placement placement, String text, WordStyle style) {
    return new ItemWords(properties, placement, Story.of(text, style), BlockSetting.PLAIN, Optional.empty(), Optional.empty(),
        Optional.empty(), Optional.empty(), Optional.empty());
  }

  /** The same saying something else: what is alike at the beginning and the end keeps its looks. */
  public ItemWords saying(String text) {
    return withStory(story.saying(text));
  }

  /** The same with every look changed. */
  public ItemWords styled(UnaryOperator<WordStyle> change) {
    return withStory(story.restyled(change));
  }

  @Override
  public Optional<FillStyle.Finish> finish() {
    return fillStyle.flatMap(FillStyle::asFinish);
  }

  @Override
  public ItemWords finished(Optional<FillStyle.Finish> other) {
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
    return PatternPictures.of(patternArt());
  }

  @Override
  public Item repictured(UnaryOperator<String> change) {
    return withFillStyle(fillStyle.map(s -> s.drawing(PatternPictures.changed(s.art(), change))));
  }

  @Override
  public ItemWords with(ItemProperties other) {
    return withProperties(other);
  }

  @Override
  public ItemWords with(Placement other) {
    return withPlacement(other);
  }

  @Override
  public Set<Colour> colours() {
    Set<Colour> colours = fillStyle.map(FillStyle::seeThrough).orElse(true) ? story.colours() : new LinkedHashSet<>();
    panel.ifPresent(p -> colours.addAll(p.look().colours()));
    fillStyle.ifPresent(s -> colours.addAll(s.colours()));
    colours.addAll(HoldsWords.super.colours());
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
    return styled(s -> new WordStyle(s.letters().scaled(factor), s.paragraph().scaled(factor))).withSetting(setting.scaled(factor))
        .withCourse(course.map(c -> c.scaled(factor)));
  }

  @Override
  public ItemWords withStory(Story story) {
    return ItemWordsBuilder.With.super.withStory(story);
  }

  @Override
  public ItemWords withSetting(BlockSetting setting) {
    return ItemWordsBuilder.With.super.withSetting(setting);
  }

  @Override
  public ItemWords withCourse(Optional<Course> course) {
    return ItemWordsBuilder.With.super.withCourse(course);
  }

  @Override
  public ItemWords withPanel(Optional<WordsPanel> panel) {
    return ItemWordsBuilder.With.super.withPanel(panel);
  }

  @Override
  public ItemWords withFillStyle(Optional<FillStyle> fillStyle) {
    return ItemWordsBuilder.With.super.withFillStyle(fillStyle);
  }

  @Override
  public ItemWords withFollows(Optional<Following> follows) {
    return ItemWordsBuilder.With.super.withFollows(follows);
  }

  @Override
  public ItemWords withSpared(Optional<Path> spared) {
    return ItemWordsBuilder.With.super.withSpared(spared);
  }

  @Override
  public Optional<HoldsWords> words() {
    return Optional.of(this);
  }

  @Override
  public Optional<HasOutline> outlined() {
    return Optional.empty();
  }

  @Override
  public Optional<HoldsPicture> pictured() {
    return Optional.empty();
  }

  @Override
  public Optional<HoldsObjects> holder() {
    return Optional.empty();
  }

  @Override
  public boolean takesPicture() {
    return false;
  }

  @Override
  public <R> R accept(ItemVisitor<R> visitor) {
    return visitor.words(this);
  }
}
