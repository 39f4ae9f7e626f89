package org.zipthimble.core.item;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.picture.Retouch;
import org.zipthimble.core.units.Size;

/**
 * Several objects held together; they stand in an inner field that is stretched over the group's box.
 *
 * @param effect what the group makes of them
 */
@RecordBuilder
public record ItemGroup(ItemProperties properties, Placement placement, Size inner, List<Item> members, LiveEffect effect)
    implements HoldsObjects, ItemGroupBuilder.With {
  /** Keeps a copy. */
  public ItemGroup {
    members = List.copyOf(members);
  }

  /** A group that only holds its members together. */
  public static ItemGroup of(ItemProperties properties, Placement placement, Size inner, List<Item> members) {
    return new ItemGroup(properties, placement, inner, members, LiveEffect.TOGETHER);
  }

  @Override
  public ItemGroup with(ItemProperties other) {
    return withProperties(other);
  }

  @Override
  public ItemGroup with(Placement other) {
    return withPlacement(other);
  }

  @Override
  public ItemGroup holding(List<Item> others) {
    return withMembers(others);
  }

  @Override
  public Set<Colour> colours() {
    Set<Colour> colours = new LinkedHashSet<>();
    look().ifPresent(look -> colours.addAll(look.colours()));
    colours.addAll(HoldsObjects.super.colours());
    return colours;
  }

  @Override
  public Item recoloured(UnaryOperator<Colour> map) {
    return new ItemGroup(properties.recoloured(map), placement, inner, members.stream().map(m -> m.recoloured(map)).toList(),
        effect.recoloured(map));
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
  public ItemGroup with(Look look) {
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
    return !pictureIds().isEmpty() || look().flatMap(Look::fill).isPresent() || effect.bent().isPresent() && members.stream()
        .anyMatch(Item::coversItsOutline);
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
  public ItemGroup withEffect(LiveEffect effect) {
    return ItemGroupBuilder.With.super.withEffect(effect);
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
    return Optional.empty();
  }

  @Override
  public Optional<HoldsObjects> holder() {
    return Optional.of(this);
  }

  @Override
  public boolean takesPicture() {
    return mount().isPresent();
  }

  @Override
  public <R> R accept(ItemVisitor<R> visitor) {
    return visitor.group(this);
  }
}
