package org.zipthimble.core.arrange;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.zipthimble.core.edit.Edit;
import org.zipthimble.core.form.Scene;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.wording.Wording;

/** An object's upright box on its face, in inches, by the object's id. */
public record PlacedBox(String id, Box box) {
  /** Where objects stand, in the order of the face; unknown ids are left out. */
  public static List<PlacedBox> of(Face face, Set<String> ids) {
    Scene scene = Scene.of(face);
    return face.all().stream().filter(i -> ids.contains(i.id())).map(i -> new PlacedBox(i.id(), scene.around(i))).toList();
  }

  /** Moves objects by distances in inches on the face, whatever group holds them; locked ones stay. */
  public static Edit shift(String faceId, String key, Map<String, Point> by) {
    return new Edit(Wording.text(key), job -> job.changed(faceId, face -> {
      Scene scene = Scene.of(face);
      return face.changed(by.keySet(), item -> {
        Point d = inGround(scene.under(item.id()), by.get(item.id()));
        return item.properties().locked() ? item : item.with(item.placement().moved(d.x(), d.y()));
      });
    }));
  }

  /** Moves all objects by one distance on the face, in inches. */
  public static Edit shift(String faceId, String key, Set<String> ids, double dx, double dy) {
    return shift(faceId, key, ids.stream().collect(Collectors.toMap(id -> id, id -> new Point(dx, dy))));
  }

  /** A distance on the face, as it is on a ground. */
  public static Point inGround(Affine ground, Point onFace) {
    if (ground.equals(Affine.IDENTITY)) {
      return onFace;
    }
    Point zero = ground.apply(new Point(0, 0));
    Point there = ground.inverse().apply(zero.plus(onFace.x(), onFace.y()));
    return there;
  }
}
