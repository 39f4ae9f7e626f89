package org.zipthimble.core.item;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.picture.Retouch;

/** A placed picture, by the identity of its bytes, and what is done to it. */
@RecordBuilder
public record ItemPhoto(ItemProperties properties, Placement placement, String pictureId, Retouch retouching)
    implements HoldsPicture, ItemPhotoBuilder.With {
  /** A picture as it came. */
  public static ItemPhoto of(ItemProperties properties, Placement placement, String pictureId) {
    return new ItemPhoto(properties, placement, pictureId, Retouch.NONE);
  }

  @Override
  public ItemPhoto with(ItemProperties other) {
    return withProperties(other);
  }

  @Override
  public ItemPhoto with(Placement other) {
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
  public ItemPhoto repictured(UnaryOperator<String> change) {
    return withPictureId(change.apply(pictureId));
  }

  @Override
  public ItemPhoto retouched(Retouch other) {
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
  public ItemPhoto withPictureId(String pictureId) {
    return ItemPhotoBuilder.With.super.withPictureId(pictureId);
  }

  @Override
  public ItemPhoto withRetouching(Retouch retouching) {
    return ItemPhotoBuilder.With.super.withRetouching(retouching);
  }

  @Override
  public Optional<HoldsWords> words() {
    return Optional.empty();
  }

  @Override
  public Optional<HasOutline> outlined() {
    return Optional.empty();
  }

  @Override
  public Optional<HoldsPicture> pictured() {
    return Optional.of(this);
  }

  @Override
  public Optional<HoldsObjects> holder() {
    return Optional.empty();
  }

  @Override
  public boolean takesPicture() {
    return true;
  }

  @Override
  public <R> R accept(ItemVisitor<R> visitor) {
    return visitor.photo(this);
  }
}
