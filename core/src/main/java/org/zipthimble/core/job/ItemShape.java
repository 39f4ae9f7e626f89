package org.zipthimble.core.job;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.zipthimble.core.colour.Colour;

/** A shape with a fill, a line, both or neither. */
@RecordBuilder
public record ItemShape(
    ItemProperties properties, Placement placement, Outline outline, Optional<Colour> fill, Optional<LineLook> line, Optional<FillStyle> fillStyle)
    implements Item, ItemShapeBuilder.With {
  /** A shape of one colour. */
  public static ItemShape of(ItemProperties properties, Placement placement, Outline outline, Optional<Colour> fill, Optional<LineLook> line) {
    return new ItemShape(properties, placement, outline, fill, line, Optional.empty());
  }

  @Override
  public ItemShape with(ItemProperties other) {
    return withProperties(other);
  }

  @Override
  public ItemShape with(Placement other) {
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
    return PatternPictures.of(patternArt());
  }

  @Override
  public Item repictured(UnaryOperator<String> change) {
    return withFillStyle(fillStyle.map(s -> s.drawing(PatternPictures.changed(s.art(), change))));
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
  public ItemShape finished(Optional<FillStyle.Finish> other) {
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
  public ItemShape filled(Optional<Colour> other) {
    return withFill(other).withFillStyle(Optional.empty());
  }

  @Override
  public Optional<Look> look() {
    return Optional.of(inheritedLook());
  }

  @Override
  public ItemShape with(Look look) {
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
  public Optional<ItemShape> asShape() {
    return Optional.of(this);
  }

  @Override
  public <R> R accept(ItemVisitor<R> visitor) {
    return visitor.shape(this);
  }
}
