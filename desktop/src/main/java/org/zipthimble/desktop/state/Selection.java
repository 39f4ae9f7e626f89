package org.zipthimble.desktop.state;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleObjectProperty;
import org.zipthimble.core.form.Scene;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.shape.Nodes;

/** What is chosen on the face that is shown: objects, the group that is open, points of an outline. For the interface thread only. */
public final class Selection {
  private final Supplier<Face> face;
  private final ObjectProperty<Set<String>> ids = new SimpleObjectProperty<>(Set.of());
  private final ObjectProperty<Optional<String>> open = new SimpleObjectProperty<>(Optional.empty());
  private final ObjectProperty<Optional<String>> key = new SimpleObjectProperty<>(Optional.empty());
  private final ObjectProperty<Optional<String>> points = new SimpleObjectProperty<>(Optional.empty());
  private final ObjectProperty<Set<Nodes.At>> chosenPoints = new SimpleObjectProperty<>(Set.of());
  private final BooleanProperty keepProportion = new SimpleBooleanProperty();

  Selection(Supplier<Face> face) {
    this.face = face;
    ids.addListener((o, was, is) -> {
      keepProportion.set(is.size() > 1 || single().map(Selection::holdsProportion).orElse(false));
      key.set(key.get().filter(is::contains));
      points.set(points.get().filter(id -> is.equals(Set.of(id))));
    });
    points.addListener(o -> chosenPoints.set(Set.of()));
  }

  private static boolean holdsProportion(Item item) {
    return item.outlined().map(s -> s.outline().drawn()).orElse(item.words().isEmpty());
  }

  /** Nothing is chosen and no group is open. */
  void clear() {
    ids.set(Set.of());
    open.set(Optional.empty());
  }

  /** Lets go of what the face no longer has. */
  void prune() {
    Set<String> there = face.get().all().stream().map(Item::id).collect(Collectors.toSet());
    ids.set(ids.get().stream().filter(there::contains).collect(Collectors.toCollection(LinkedHashSet::new)));
    if (open.get().isPresent() && face.get().find(open.get().get()).isEmpty()) {
      open.set(Optional.empty());
    }
  }

  /** Opens a group: what it holds can be selected one by one. */
  void openGroup(String id) {
    ids.set(Set.of());
    open.set(Optional.of(id));
  }

  /** Closes the open group and selects it; the group around it is open then, if there is one. */
  void closeGroup() {
    Optional<String> was = open.get();
    was.ifPresent(id -> {
      open.set(face.get().holder(id).map(Item::id));
      ids.set(Set.of(id));
    });
  }

  Optional<Item> single() {
    return ids.get().size() == 1 ? face.get().find(ids.get().iterator().next()) : Optional.empty();
  }

  List<Item> beside() {
    return open.get().flatMap(face.get()::find).map(Item::members).orElse(face.get().items());
  }

  List<Item> selected() {
    return beside().stream().filter(i -> ids.get().contains(i.id())).toList();
  }

  Affine ground() {
    return Scene.of(face.get()).inside(open.get());
  }

  /** The ids of the selected objects. */
  ObjectProperty<Set<String>> idsProperty() {
    return ids;
  }

  /** The group that is open for editing, by its id. */
  ObjectProperty<Optional<String>> openProperty() {
    return open;
  }

  /** The selected object that the others are lined up to, by its id. */
  ObjectProperty<Optional<String>> keyProperty() {
    return key;
  }

  /** The shape whose points are being edited, by its id. */
  public ObjectProperty<Optional<String>> pointsProperty() {
    return points;
  }

  /** The points of it that are chosen. */
  public ObjectProperty<Set<Nodes.At>> chosenPointsProperty() {
    return chosenPoints;
  }

  /** Whether pulling and typing keep the proportion of the selected object. */
  public BooleanProperty keepProportionProperty() {
    return keepProportion;
  }
}
