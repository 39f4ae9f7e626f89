package org.zipthimble.core.item;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.plan.Finish;

/** A shape with a fill, a line, both or neither. */
@RecordBuilder
public record ItemShape(
    ItemProperties properties, Placement placement, Outline outline, Optional<Colour> fill, Optional<LineLook> line,
    Optional<FillStyle> fillStyle)
    implements HasOutline, ItemShapeBuilder.With {
  /** A shape of one colour. */
  public static ItemShape of(ItemProperties properties, Placement placement, Outline outline, Optional<Colour> fill,
      Optional<LineLook> line) {
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
    colours.addAll(HasOutline.super.colours());
    return colours;
  }

  @Override
  public Item recoloured(UnaryOperator<Colour> map) {
    return with(inheritedLook().recoloured(map)).withFillStyle(fillStyle.map(s -> s.recoloured(map)))
        .withProperties(properties.recoloured(map));
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
  public ItemShape withOutline(Outline outline) {
    return ItemShapeBuilder.With.super.withOutline(outline);
  }

  @Override
  public ItemShape withLine(Optional<LineLook> line) {
    return ItemShapeBuilder.With.super.withLine(line);
  }

  @Override
  public ItemShape withFillStyle(Optional<FillStyle> fillStyle) {
    return ItemShapeBuilder.With.super.withFillStyle(fillStyle);
  }

  @Override
  public Optional<HoldsWords> words() {
    return Optional.empty();
  }

  @Override
  public Optional<HasOutline> outlined() {
    return Optional.of(this);
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
    return visitor.shape(this);
  }
}
